package attune.core.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class ListsTest {
  @Test
  void whatIsSaidStandsBesideOneAnotherAndWhatIsNotIsLeftOut() {
    assertThat(Lists.facts("1:10", "", "warm", "two passes")).isEqualTo("1:10, warm, two passes");
    assertThat(Stream.of("seat", "", "door").collect(Lists.joining())).isEqualTo("seat, door");
    assertThat(Lists.facts()).isEmpty();
  }

  @Test
  void allAndOneOfSomeThingsAreJoinedAsASentenceHasThem() {
    assertThat(Lists.all(List.of("seat", "door", "dash"))).isEqualTo("seat, door and dash");
    assertThat(Lists.all(List.of("left door, pull", "right door, pull")))
        .isEqualTo("left door, pull; right door, pull");
    assertThat(Stream.of("seat, left", "door").collect(Lists.joiningApart()))
        .isEqualTo("seat, left; door");
    assertThat(Lists.apart(List.of())).isEmpty();
    assertThat(Lists.any(List.of("seat", "door", "dash"))).isEqualTo("seat, door or dash");
  }

  @Test
  void whatIsAboutNothingMoreIsItsHeadAlone() {
    assertThat(Lists.headed("Seat", "worn")).isEqualTo("Seat: worn");
    assertThat(Lists.headed("Seat", "")).isEqualTo("Seat");
    assertThat(Lists.noted("Front seat", 3)).isEqualTo("Front seat (3)");
  }

  @Test
  void sentencesStandAfterOneAnotherAndALineIsClosedLikeOne() {
    assertThat(Lists.sentences(Lists.ended("About 20 ml"), " ", "Irritates the eyes."))
        .isEqualTo("About 20 ml. Irritates the eyes.");
  }
}
