package attune.app.format;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.reference.ReferenceData;
import attune.core.match.Decisions;
import attune.core.match.Judge;
import attune.core.match.Limits;
import attune.core.match.Place.Leniency;
import attune.core.match.Rung;
import attune.core.match.SurfaceMatch;
import attune.core.match.Treatment;
import attune.core.match.Verdict;
import attune.core.material.Finish;
import attune.core.plan.Planner;
import attune.core.shelf.Product;
import attune.core.shelf.Tool;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What must hold of every cabin anyone could bring: random panels with the starting shelf, as many
 * as {@code attune.cabins} says.
 */
class CabinPropertiesTest {
  private static final int CABINS = Integer.getInteger("attune.cabins", 150);
  private static final JsonMapper MAPPER = JsonMapper.shared();
  private static final Schemas SCHEMAS = new Schemas();
  private static final ShelfReader SHELVES = new ShelfReader(SCHEMAS, MAPPER);
  private static final ReferenceData REFERENCE = new ReferenceData(SHELVES);
  private static final JobReader JOBS = new JobReader(SCHEMAS, SHELVES, MAPPER);
  private static final ObjectNode SHELF =
      ((ObjectNode)
              MAPPER.readTree(
                  CabinPropertiesTest.class.getResourceAsStream("/reference/starting-shelf.json")))
          .retain("products", "tools");
  private static final Planner PLANNER = REFERENCE.planner();
  private static final Judge JUDGE = new Judge(REFERENCE.rulebook());

  /** Finishes of one kind, each more delicate than the one before. */
  private static final List<List<String>> MORE_DELICATE =
      List.of(
          List.of("leather/coated", "leather/semi-aniline", "leather/aniline"),
          List.of("plastic/textured", "plastic/soft-touch"),
          List.of("textile/flat", "textile/headliner"));

  @Test
  void nothingOnALadderIsUnsafe() {
    each(
        panel -> {
          SurfaceMatch match = match(panel);
          Limits limits = match.place().limits();
          for (Rung rung : match.ladder()) {
            Treatment treatment = rung.treatment();
            assertThat(rung.verdict().isAllowed()).as("%s: %s", panel, treatment).isTrue();
            assertThat(treatment.tool().stiffness())
                .as("%s: %s", panel, treatment)
                .isLessThanOrEqualTo(limits.agitationMax().value());
            assertThat(treatment.wets(REFERENCE.rulebook().figures()))
                .as("%s: %s", panel, treatment)
                .isLessThanOrEqualTo(limits.wetMax().value() + 1e-9);
            assertThat((double) treatment.dwellS())
                .as("%s: %s", panel, treatment)
                .isLessThanOrEqualTo(limits.contactMaxS().value());
            rung.verdict()
                .ph()
                .ifPresent(
                    ph -> {
                      assertThat(ph.high())
                          .as("%s: %s", panel, treatment)
                          .isLessThanOrEqualTo(limits.phOccasionalHigh().value() + 1e-9);
                      assertThat(ph.low())
                          .as("%s: %s", panel, treatment)
                          .isGreaterThanOrEqualTo(limits.phOccasionalLow().value() - 1e-9);
                    });
          }
        });
  }

  @Test
  void aMoreDelicateFinishIsMetWithNothingTheSturdierWouldRefuse() {
    each(
        panel ->
            MORE_DELICATE.stream()
                .filter(line -> line.contains(panel.get("finish").asString()))
                .forEach(
                    line -> {
                      int at = line.indexOf(panel.get("finish").asString());
                      for (String finer : line.subList(at + 1, line.size())) {
                        standsAllOf(panel, with(panel, p -> p.put("finish", finer)));
                      }
                    }));
  }

  @Test
  void anOlderHideIsMetWithNothingTheYoungerWouldRefuse() {
    each(
        panel ->
            standsAllOf(
                panel, with(panel, p -> p.put("ageMonths", p.get("ageMonths").asInt() + 200))));
  }

  @Test
  void wornTrimIsMetWithNothingTheIntactWouldRefuse() {
    each(
        panel -> {
          for (String wear : List.of("worn", "cracked")) {
            standsAllOf(
                with(panel, p -> ((ObjectNode) p.get("condition")).put("wear", "intact")),
                with(panel, p -> ((ObjectNode) p.get("condition")).put("wear", wear)));
          }
        });
  }

  @Test
  void aStricterLabelOpensNothing() {
    each(
        panel -> {
          SurfaceMatch free = match(panel);
          for (String cleaner : bottles(free)) {
            ArrayNode excludes = MAPPER.createArrayNode().add(panel.get("finish"));
            SurfaceMatch strict =
                match(panel, shelf -> product(shelf, cleaner).set("labelExcludes", excludes));
            assertThat(bottles(strict)).as("%s", panel).doesNotContain(cleaner);
            standsAllOf(free, strict);
          }
        });
  }

  @Test
  void aRicherShelfNeverLeadsWithSomethingHarsher() {
    Random random = new Random(7);
    each(
        panel -> {
          SurfaceMatch rich = match(panel);
          SurfaceMatch poor =
              match(
                  panel,
                  shelf -> {
                    halve(shelf.withArray("products"), random);
                    halve(shelf.withArray("tools"), random);
                  });
          Optional<Verdict> withLess = first(poor).map(Rung::verdict);
          double asked = first(rich).map(rung -> rung.verdict().needed()).orElse(0.0);
          if (withLess.filter(v -> v.isOffered() && v.action() >= asked).isPresent()) {
            assertThat(first(rich).get().verdict().harm())
                .as(
                    "%s: %s, but %s",
                    panel, first(rich).get().treatment().key(), withLess.get().treatment().key())
                .isLessThanOrEqualTo(withLess.get().harm() + 1e-9);
          }
        });
  }

  @Test
  void exactingNeverLeavesMoreThanTidy() {
    each(
        panel -> {
          double before = Double.POSITIVE_INFINITY;
          for (String standard : List.of("tidy", "thorough", "exacting")) {
            ObjectNode job = job(panel);
            job.withObject("wishes").put("standard", standard);
            SurfaceMatch match = answer(job);
            double left = left(match);
            assertThat(left)
                .as("%s, %s: %s", panel, standard, match.ladder())
                .isLessThanOrEqualTo(Math.max(before, match.place().demand().acceptable()) + 1e-9);
            before = left;
          }
        });
  }

  /** Layers of soil expected to stay after the first rung. */
  private static double left(SurfaceMatch match) {
    double soil = match.place().demand().amount();
    return first(match)
        .map(Rung::verdict)
        .map(v -> REFERENCE.rulebook().needs().leftAfter(soil, v.action(), v.passes()))
        .orElse(soil);
  }

  private static List<String> bottles(SurfaceMatch match) {
    return match.ladder().stream()
        .flatMap(rung -> rung.treatment().cleaner().stream())
        .map(Product::id)
        .distinct()
        .toList();
  }

  /** Whatever is done to the delicate one may also be done to the sturdy one. */
  private static void standsAllOf(ObjectNode sturdy, ObjectNode delicate) {
    standsAllOf(match(sturdy), match(delicate));
  }

  private static void standsAllOf(SurfaceMatch sturdy, SurfaceMatch delicate) {
    for (Rung rung : delicate.ladder()) {
      if (delicate.place().lets(Leniency.OVERSPENDS) || delicate.place().lets(Leniency.WAITS)) {
        continue;
      }
      Verdict there = JUDGE.judge(sturdy.place().asLenientAs(delicate.place()), rung.treatment());
      boolean kept = rung.treatment().tool().kind() == Tool.Kind.HAND;
      assertThat(kept || there.isAllowed())
          .as("%s gets %s: %s", delicate.place().surface(), rung.treatment().key(), there.reasons())
          .isTrue();
    }
  }

  private static Optional<Rung> first(SurfaceMatch match) {
    return match.ladder().stream().findFirst();
  }

  private static void each(Consumer<ObjectNode> holds) {
    Random random = new Random(20260601);
    List<Finish> finishes = REFERENCE.finishes().all();
    IntStream.range(0, CABINS)
        .mapToObj(i -> panel(random, finishes.get(random.nextInt(finishes.size()))))
        .forEach(holds);
  }

  private static ObjectNode panel(Random random, Finish finish) {
    List<String> roles = finish.foundAs().stream().map(role -> role.code()).sorted().toList();
    ObjectNode panel = MAPPER.createObjectNode();
    panel.put("id", "panel").put("zone", "zone").put("part", "part");
    panel.put("finish", finish.code()).put("areaM2", 0.05 + random.nextInt(90) / 100.0);
    panel.put("texture", pick(random, "smooth", "fine", "medium", "deep"));
    panel.put("tone", pick(random, "pale", "mid", "dark"));
    panel.put("role", roles.get(random.nextInt(roles.size())));
    panel.put("ageMonths", random.nextInt(260));
    panel.put("perforated", finish.isHide() && random.nextInt(5) == 0);
    ObjectNode condition = panel.putObject("condition");
    condition.put("soil", pick(random, "light", "moderate", "heavy", "caked"));
    condition
        .putArray("soils")
        .add(
            pick(
                random,
                "dust",
                "skin-oil",
                "make-up",
                "food-drink",
                "denim-dye",
                "ink",
                "shoe-scuff"));
    condition.put("wear", random.nextInt(5) == 0 ? "worn" : "intact");
    return panel;
  }

  private static String pick(Random random, String... of) {
    return of[random.nextInt(of.length)];
  }

  private static ObjectNode with(ObjectNode panel, Consumer<ObjectNode> change) {
    ObjectNode changed = panel.deepCopy();
    change.accept(changed);
    return changed;
  }

  private static SurfaceMatch match(ObjectNode panel) {
    return answer(job(panel));
  }

  private static SurfaceMatch match(ObjectNode panel, Consumer<ObjectNode> change) {
    ObjectNode shelf = SHELF.deepCopy();
    change.accept(shelf);
    ObjectNode job = job(panel);
    job.set("shelf", shelf);
    return answer(job);
  }

  private static SurfaceMatch answer(ObjectNode job) {
    return PLANNER
        .match(
            JOBS.read(job.toString(), REFERENCE.startingShelf(), REFERENCE.houseRules()),
            Decisions.NONE)
        .surfaces()
        .get(0);
  }

  private static ObjectNode job(ObjectNode panel) {
    ObjectNode job = MAPPER.createObjectNode();
    job.put("format", "attune-job").put("version", 1).put("title", "A cabin");
    job.putObject("vehicle").put("layout", "blank");
    job.putObject("setting").put("start", "2026-05-04T08:00");
    job.putObject("wishes");
    job.putArray("surfaces").add(panel);
    return job;
  }

  private static ObjectNode product(ObjectNode shelf, String id) {
    return shelf
        .get("products")
        .valueStream()
        .filter(product -> product.get("id").asString().equals(id))
        .map(ObjectNode.class::cast)
        .findFirst()
        .orElseThrow();
  }

  private static void halve(ArrayNode records, Random random) {
    for (int i = records.size() - 1; i >= 0; i--) {
      if (random.nextBoolean()) {
        records.remove(i);
      }
    }
  }
}
