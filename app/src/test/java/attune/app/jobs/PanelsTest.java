package attune.app.jobs;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import attune.app.format.JobFile.ConditionFile;
import attune.app.format.JobFile.PieceFile;
import attune.app.format.SurfaceFile;
import attune.app.jobs.JobViews.NewPanel;
import attune.app.layouts.Layout;
import attune.core.check.InvalidInputException;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Cutting and joining panels loses no leather, however it is done. */
class PanelsTest {
  private static final Map<String, Layout.Panel> LAYOUT =
      Map.of("seat", panel("seat", 0.6, 2.0), "back", panel("back", 0.4, 1.0));

  private static Layout.Panel panel(String id, double area, double seam) {
    return new Layout.Panel(
        id,
        "front",
        id,
        "The " + id,
        "M0 0H10V10H0Z",
        List.of(5.0, 5.0),
        area,
        seam,
        "seat",
        "fine",
        "leather/coated",
        "mid",
        List.of(),
        List.of(),
        "left",
        null,
        null,
        false,
        false,
        List.of());
  }

  private static double area(List<SurfaceFile> surfaces) {
    return surfaces.stream().mapToDouble(SurfaceFile::areaM2).sum();
  }

  private static double seams(List<SurfaceFile> surfaces) {
    return surfaces.stream().mapToDouble(SurfaceFile::seamM).sum();
  }

  private static double share(List<SurfaceFile> surfaces) {
    return surfaces.stream()
        .flatMap(s -> s.pieces().stream())
        .mapToDouble(piece -> piece.w() * piece.h())
        .sum();
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 5, 8, 13, 21, 34})
  void anySequenceOfCutsCoversThePanelExactlyAndJoinsBackToIt(long seed) {
    Random random = new Random(seed);
    List<SurfaceFile> pieces = Panels.split(List.of(), LAYOUT, "seat", Cut.ACROSS, Map.of());
    for (int cut = 0; cut < 5; cut++) {
      String id = pieces.get(random.nextInt(pieces.size())).id();
      pieces =
          Panels.split(pieces, LAYOUT, id, random.nextBoolean() ? Cut.ACROSS : Cut.DOWN, Map.of());
    }
    assertThat(pieces).hasSize(7).extracting(SurfaceFile::id).doesNotHaveDuplicates();
    assertThat(area(pieces)).isCloseTo(0.6, within(1e-9));
    assertThat(seams(pieces)).isCloseTo(2.0, within(1e-9));
    assertThat(share(pieces)).isCloseTo(1, within(1e-9));
    assertThat(pieces)
        .flatExtracting(SurfaceFile::pieces)
        .allSatisfy(
            p -> {
              assertThat(p.x() + p.w()).isLessThanOrEqualTo(1 + 1e-9);
              assertThat(p.y() + p.h()).isLessThanOrEqualTo(1 + 1e-9);
            });
    List<SurfaceFile> whole =
        Panels.merge(pieces, LAYOUT, pieces.stream().map(SurfaceFile::id).toList(), Map.of());
    assertThat(whole).hasSize(1);
    assertThat(whole.get(0).areaM2()).isCloseTo(0.6, within(1e-9));
  }

  @Test
  void twoPanelsMadeOneKeepBothShapes() {
    List<SurfaceFile> one = Panels.merge(List.of(), LAYOUT, List.of("seat", "back"), Map.of());
    assertThat(one).hasSize(1);
    assertThat(one.get(0).label()).isEqualTo("The seat and 1 more");
    assertThat(one.get(0).pieces())
        .containsExactly(new PieceFile("seat", 0, 0, 1, 1), new PieceFile("back", 0, 0, 1, 1));
    assertThat(one.get(0).areaM2()).isCloseTo(1.0, within(1e-9));
  }

  @Test
  void aPanelOfOnesOwnIsHalvedWithoutPieces() {
    List<SurfaceFile> own = Panels.add(List.of(), new NewPanel("Parcel shelf", "trim", 0.4, null));
    List<SurfaceFile> halves = Panels.split(own, LAYOUT, "own-parcel-shelf", Cut.DOWN, Map.of());
    assertThat(halves)
        .extracting(SurfaceFile::id)
        .containsExactlyInAnyOrder("own-parcel-shelf-front", "own-parcel-shelf-rear");
    assertThat(halves).allSatisfy(half -> assertThat(half.pieces()).isNull());
    assertThat(halves).allSatisfy(half -> assertThat(half.seamM()).isNull());
  }

  @Test
  void twoOwnPanelsOfOneNameGetIdsOfTheirOwn() {
    NewPanel shelf = new NewPanel("Shelf!", "trim", 0.4, 1.0);
    List<SurfaceFile> two = Panels.add(Panels.add(List.of(), shelf), shelf);
    assertThat(two).extracting(SurfaceFile::id).containsExactly("own-shelf", "own-shelf-2");
  }

  @Test
  void theWorstOfAllFindingsStands() {
    List<SurfaceFile> halves = Panels.split(List.of(), LAYOUT, "seat", Cut.ACROSS, Map.of());
    SurfaceFile left =
        halves.get(0).in(condition("light", List.of("dust"), "worn", List.of("faded"), 3));
    SurfaceFile right = halves.get(1).in(condition("caked", List.of("ink"), "intact", null, 40));
    ConditionFile worst =
        Panels.merge(List.of(left, right), LAYOUT, List.of(left.id(), right.id()), Map.of())
            .get(0)
            .condition();
    assertThat(worst.soil()).isEqualTo("caked");
    assertThat(worst.wear()).isEqualTo("worn");
    assertThat(worst.soils()).containsExactlyInAnyOrder("dust", "ink");
    assertThat(worst.damage()).containsExactly("faded");
    assertThat(worst.stainAgeDays()).isEqualTo(40);
  }

  private static ConditionFile condition(
      String soil, List<String> soils, String wear, List<String> damage, int days) {
    return new ConditionFile(soil, soils, wear, null, null, null, damage, days, null, null);
  }

  @Test
  void whatIsNotThereCannotBeCutOrJoined() {
    assertThatThrownBy(() -> Panels.split(List.of(), LAYOUT, "roof", Cut.DOWN, Map.of()))
        .isInstanceOf(InvalidInputException.class)
        .hasMessageContaining("a panel of the layout");
    assertThatThrownBy(() -> Panels.merge(List.of(), LAYOUT, List.of("seat", "seat"), Map.of()))
        .isInstanceOf(InvalidInputException.class)
        .hasMessageContaining("two or more");
  }

  @Test
  void aSimulationFillsGapsWithTheLayoutsGuessAndKeepsWhatIsKnown() {
    var job =
        new attune.app.format.JobFile(
            "attune-job", 1, "x", null, null, null, null, null, null, List.of());
    SurfaceFile guessed = Panels.likely(job, LAYOUT, "seat");
    assertThat(guessed.finish()).isEqualTo("leather/coated");
    assertThat(guessed.condition().soil()).isEqualTo("moderate");
    SurfaceFile known =
        Panels.likely(
            job.with(
                List.of(
                    Findings.unasked(LAYOUT.get("seat"))
                        .of("leather/aniline")
                        .in(condition("none", null, null, null, 0)))),
            LAYOUT,
            "seat");
    assertThat(known.finish()).isEqualTo("leather/aniline");
    assertThat(known.condition().soil()).isEqualTo("none");
    assertThat(known.condition().wear()).isEqualTo("intact");
    assertThat(Panels.likely(job, LAYOUT, null).role()).isEqualTo("seat");
  }
}
