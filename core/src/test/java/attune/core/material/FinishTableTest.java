package attune.core.material;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import attune.core.Given;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FinishTableTest {
  @Test
  void everyFinishOfTheTradeIsThere() {
    assertThat(Given.FINISHES.all())
        .hasSize(23)
        .extracting(Finish::code)
        .contains("leather/nubuck", "textile/webbing", "paint/jamb", "screen/clear-lens");
    assertThat(Given.FINISHES.all()).allSatisfy(f -> assertThat(f.source()).isNotBlank());
  }

  @ParameterizedTest(name = "{0}: pH {1} to {2}, {3} g/m², stiffness {4}")
  @CsvSource({
    "leather/coated, 5.0, 8.5, 60, 6",
    "leather/aniline, 4.5, 7.0, 25, 3",
    "vinyl/coated-textile, 5.0, 9.5, 80, 6",
    "microsuede/synthetic, 6.0, 8.5, 40, 4",
    "plastic/soft-touch, 6.0, 8.0, 30, 2",
    "screen/coated, 6.0, 8.0, 5, 0",
    "wood/open-pore, 6.0, 8.0, 3, 1",
    "textile/pile, 6.0, 10.0, 300, 8",
  })
  void limitsAreTheTablesOwn(String code, double low, double high, double wet, int stiffness) {
    Finish finish = Given.FINISHES.get(code);
    assertThat(finish.routinePh()).isEqualTo(new PhWindow(low, high));
    assertThat(finish.wetMax()).isEqualTo(wet);
    assertThat(finish.agitationMax()).isEqualTo(stiffness);
  }

  @Test
  void theOccasionalWindowHoldsTheRoutineOne() {
    for (Finish finish : Given.FINISHES.all()) {
      finish
          .occasionalPh()
          .ifPresent(
              wide -> {
                assertThat(wide.low())
                    .as(finish.code())
                    .isLessThanOrEqualTo(finish.routinePh().low());
                assertThat(wide.high())
                    .as(finish.code())
                    .isGreaterThanOrEqualTo(finish.routinePh().high());
              });
    }
  }

  @Test
  void anUnidentifiedSeatIsTheMostDelicateItCouldBeOnEveryScale() {
    Finish strictest = Given.FINISHES.strictestFor(Role.SEAT);
    for (Finish possible : Given.FINISHES.all()) {
      if (possible.foundAs().contains(Role.SEAT)) {
        assertThat(strictest.routinePh().high()).isLessThanOrEqualTo(possible.routinePh().high());
        assertThat(strictest.wetMax()).isLessThanOrEqualTo(possible.wetMax());
        assertThat(strictest.agitationMax()).isLessThanOrEqualTo(possible.agitationMax());
        assertThat(strictest.contactMaxMin()).isLessThanOrEqualTo(possible.contactMaxMin());
        assertThat(strictest.solvent()).isGreaterThanOrEqualTo(possible.solvent());
        assertThat(strictest.wetOn()).isGreaterThanOrEqualTo(possible.wetOn());
      }
    }
    assertThat(strictest.name()).isEqualTo("what is not identified yet");
  }

  @Test
  void strictnessDoesNotDependOnTheOrder() {
    List<Finish> all = Given.FINISHES.all();
    for (Finish a : all) {
      for (Finish b : all) {
        Finish one = FinishTable.stricter(a, b);
        Finish other = FinishTable.stricter(b, a);
        assertThat(one.routinePh().high()).isEqualTo(other.routinePh().high());
        assertThat(one.agitationMax()).isEqualTo(other.agitationMax());
        assertThat(one.steam()).isEqualTo(other.steam());
        assertThat(one.abrasive()).isEqualTo(other.abrasive());
      }
    }
  }

  @Test
  void aBadRowIsNamedByFileAndLine() {
    List<String> broken = new ArrayList<>(Given.lines("finishes.csv"));
    broken.set(3, broken.get(3).replaceFirst(",40,", ",forty,"));
    assertThatThrownBy(() -> FinishTable.read("finishes.csv", broken))
        .isInstanceOf(IllegalStateException.class)
        .hasMessageContaining("finishes.csv line 4");
  }

  @Test
  void aRepeatedFinishIsRefused() {
    List<String> twice = new ArrayList<>(Given.lines("finishes.csv"));
    twice.add(twice.get(1));
    assertThatThrownBy(() -> FinishTable.read("finishes.csv", twice))
        .hasMessageContaining("repeated finish leather/coated");
  }
}
