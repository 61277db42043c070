package attune.app.format;

import attune.core.match.Reason;
import attune.core.match.ReasonCode;
import attune.core.match.Rung;
import attune.core.match.SpotWork;
import attune.core.match.Treatment;
import attune.core.plan.CautionSteps;
import attune.core.plan.Plan;
import attune.core.plan.Plan.PlannedDose;
import attune.core.plan.Plan.PlannedMix;
import attune.core.plan.ResiduePass;
import attune.core.plan.Round;
import attune.core.plan.Step;
import attune.core.plan.SurfacePlan;
import attune.core.plan.Task;
import attune.core.plan.TechniqueTable;
import attune.core.plan.Totals;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** A visit as a page of plain text a person can work by, from the first line to the last. */
public final class PlanSheet {
  private static final int READABLE = 8;

  /** Zones a part is found in without their being named. */
  private static final Set<String> ALONE = Set.of("Floor", "Overhead");

  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEEE d MMMM yyyy", Locale.UK);
  private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");
  private static final DateTimeFormatter BOTH =
      DateTimeFormatter.ofPattern("EEE d MMM HH:mm", Locale.UK);

  private final Plan plan;

  /** What sits no longer than this is wiped as it is laid. */
  private static final int AT_ONCE_S = 5;

  private final TechniqueTable technique;
  private final Map<List<TechniqueTable.Line>, Integer> handsAt = new HashMap<>();
  private final Shelf shelf;
  private final StringBuilder page = new StringBuilder();
  private final Set<String> told = new LinkedHashSet<>();

  private PlanSheet(Plan plan, TechniqueTable technique) {
    this.plan = plan;
    this.technique = technique;
    this.shelf = plan.job().shelf();
  }

  /**
   * The page, ending in a line feed.
   *
   * @param vehicle what is worked on, in words; empty where it is not said
   */
  public static String of(Plan plan, String vehicle, TechniqueTable technique) {
    PlanSheet sheet = new PlanSheet(plan, technique);
    sheet.head(vehicle);
    sheet.toHand();
    sheet.rounds();
    sheet.stays();
    sheet.care();
    return sheet.page.toString();
  }

  private void line(String text) {
    page.append(text.stripTrailing()).append('\n');
  }

  private void title(String text) {
    line("");
    line(text.toUpperCase(Locale.ROOT));
  }

  private void head(String vehicle) {
    Totals t = plan.totals();
    line(plan.job().title());
    if (!vehicle.isBlank()) {
      line(vehicle);
    }
    line("");
    line(
        "Hands %s to %s, standing by %s, %d steps. Ready to drive %s, to sit in %s%s."
            .formatted(
                length(t.handsLow()),
                length(t.handsHigh()),
                length(t.waits()),
                plan.timetable().rounds().stream().filter(r -> r.step() != Step.BREAK).count(),
                at(plan.timetable().driveAt()),
                at(plan.timetable().sitAt()),
                plan.timetable().curedAt().isAfter(plan.timetable().readyAt())
                    ? ", cured " + at(plan.timetable().curedAt())
                    : ""));
    deciding().ifPresent(this::line);
    plan.warnings().forEach(warning -> line("! " + warning.text()));
  }

  /** Which steps have no room; empty where none has. */
  private Optional<String> deciding() {
    List<Round> worked =
        plan.timetable().rounds().stream().filter(round -> !round.isBreak()).toList();
    List<Integer> tight =
        IntStream.range(0, worked.size())
            .filter(i -> plan.timetable().deciding().contains(worked.get(i).id()))
            .mapToObj(i -> i + 1)
            .toList();
    return tight.isEmpty() || tight.size() >= worked.size() - 1 // all but the hand-over
        ? Optional.empty()
        : Optional.of(
            "Steps "
                + runs(tight)
                + " decide when it is ready: later there is later ready. The others have room.");
  }

  /** Numbers as runs: 1 to 3, 5, 7 to 9. */
  private static String runs(List<Integer> numbers) {
    List<String> runs = new ArrayList<>();
    int from = 0;
    for (int i = 0; i < numbers.size(); i++) {
      if (i + 1 == numbers.size() || numbers.get(i + 1) != numbers.get(i) + 1) {
        int first = numbers.get(from);
        runs.add(first == numbers.get(i) ? "" + first : first + " to " + numbers.get(i));
        from = i + 1;
      }
    }
    return String.join(", ", runs);
  }

  private String at(LocalDateTime time) {
    LocalDate day = plan.job().setting().start().toLocalDate();
    return time.toLocalDate().equals(day) ? CLOCK.format(time) : BOTH.format(time);
  }

  private static String length(int minutes) {
    return minutes < 60 ? minutes + " min" : "%d h %02d".formatted(minutes / 60, minutes % 60);
  }

  private void toHand() {
    title("To hand");
    for (PlannedMix mix : plan.mixes()) {
      String ph =
          mix.effectivePh()
              .map(p -> String.format(Locale.ROOT, ", pH %.1f to %.1f", p.low(), p.high()))
              .orElse(", pH unknown: measure it");
      line(
          mix.mix().ratio().isReady()
              ? "- %s, as it comes: %s%s".formatted(name(mix.productId()), ml(mix.neededMl()), ph)
              : "- %s %s: %s and %s of water%s"
                  .formatted(
                      name(mix.productId()),
                      mix.mix().ratio().code(),
                      ml(mix.mix().productMl()),
                      ml(mix.mix().waterMl()),
                      ph));
    }
    for (PlannedDose dose : plan.doses()) {
      line("- %s: %s in all".formatted(name(dose.productId()), ml(dose.ml())));
    }
    plan.cloths()
        .forEach(
            c ->
                line(
                    "- %d %s for %s%s"
                        .formatted(
                            c.count(),
                            c.count() == 1 ? "cloth" : "cloths",
                            c.use().code(),
                            c.colourfastOnly() ? ", white or washed out only" : "")));
    plan.purchases().forEach(p -> line("- Buy first: " + p.text()));
  }

  private void rounds() {
    LocalDate day = LocalDate.MIN;
    int number = 0;
    for (Round round : plan.timetable().rounds()) {
      if (!round.start().toLocalDate().equals(day)) {
        day = round.start().toLocalDate();
        title(DAY.format(day));
      }
      line("");
      if (round.isBreak()) {
        line(
            "      %s  Break, %s"
                .formatted(CLOCK.format(round.start()), length(round.waitS() / 60)));
        continue;
      }
      number++;
      round(number, round);
    }
  }

  private void round(int number, Round round) {
    List<SurfacePlan> panels = plan.panels(round.surfaceIds());
    String where = round.zone().equals(Round.CABIN) ? "" : words(round.zone()) + ": ";
    line(
        "%3d.  %s  %s%s, %s%s"
            .formatted(
                number,
                CLOCK.format(round.start()),
                where,
                round.spots() ? "stains" : words(round.step().code()).toLowerCase(Locale.ROOT),
                length(Math.max(1, Math.round(round.handsS() / 60f))),
                round.waitS() >= 60 ? " and " + length(round.waitS() / 60) + " standing by" : ""));
    means(round, panels).ifPresent(text -> under(text));
    if (round.step() == Step.TEST_SPOT) {
      tests(round).forEach(this::under);
    } else {
      panels(round, panels);
    }
    hands(number, technique.of(round, panels));
    cautions(round, panels).forEach(text -> under("! " + text));
  }

  /** What the hands do, in full the first time and by the number of that step after it. */
  private void hands(int number, List<TechniqueTable.Line> lines) {
    Integer before = lines.isEmpty() ? null : handsAt.putIfAbsent(lines, number);
    if (before == null) {
      lines.forEach(line -> under(line.text()));
    } else {
      under("Hands as in step " + before + ".");
    }
  }

  private void under(String text) {
    line("             " + text);
  }

  private Optional<String> means(Round round, List<SurfacePlan> panels) {
    if (round.productId().isEmpty() && round.toolId().isEmpty()) {
      return Optional.empty();
    }
    List<String> parts = new ArrayList<>();
    if (round.step() == Step.RESIDUE && round.productId().isEmpty()) {
      parts.add(Product.WATER.name());
    }
    round.productId().ifPresent(id -> parts.add(name(id)));
    round.ratio().map(r -> r.equals("ready") ? "as it comes" : r).ifPresent(parts::add);
    round.toolId().ifPresent(id -> parts.add(name(id)));
    if (Step.CLEAN == round.step() || Step.TEXTILE == round.step()) {
      panels.stream()
          .flatMap(panel -> worked(round, panel).stream())
          .map(Rung::treatment)
          .max(Comparator.comparing(Treatment::applyTo))
          .ifPresent(t -> parts.add(laid(t)));
    }
    amount(round, panels).ifPresent(parts::add);
    return Optional.of(String.join(", ", parts) + ".");
  }

  private static boolean isWith(Rung rung, Round round) {
    return rung.treatment().cleaner().map(Product::id).equals(round.productId());
  }

  /** What a round does on a panel: its first rung, or the remover of a stain. */
  private static Optional<Rung> worked(Round round, SurfacePlan panel) {
    return round.spots()
        ? panel.match().spots().stream()
            .flatMap(spot -> spot.rung().stream())
            .filter(rung -> isWith(rung, round))
            .findFirst()
        : panel.firstRung();
  }

  private static String laid(Treatment t) {
    String where =
        switch (t.applyTo()) {
          case SURFACE -> "on the surface";
          case TOOL -> "on the tool";
          case CLOTH -> "on the cloth";
        };
    if (t.isDry()) {
      return "dry";
    }
    return where + (t.dwellS() > AT_ONCE_S ? ", sits " + t.dwellS() + " s" : ", wiped at once");
  }

  private static Optional<String> amount(Round round, List<SurfacePlan> panels) {
    double ml =
        panels.stream()
            .flatMap(p -> p.finishSteps().stream())
            .filter(s -> s.step() == round.step())
            .filter(s -> round.productId().filter(s.product().id()::equals).isPresent())
            .mapToDouble(s -> s.doseMl() / s.coats())
            .sum();
    return ml > 0 ? Optional.of(ml(ml) + " here") : Optional.empty();
  }

  private void panels(Round round, List<SurfacePlan> panels) {
    if (panels.isEmpty()) {
      return;
    }
    if (round.zone().equals(Round.CABIN) && panels.size() > READABLE) {
      under(zones(panels));
      return;
    }
    Map<String, List<String>> byPasses = new LinkedHashMap<>();
    for (SurfacePlan panel : panels) {
      boolean cleans = round.step() == Step.CLEAN || round.step() == Step.TEXTILE;
      String passes =
          cleans
              ? worked(round, panel).map(PlanSheet::passes).orElse("")
              : round.step() == Step.RESIDUE ? wipes(panel) : "";
      byPasses
          .computeIfAbsent(passes, p -> new ArrayList<>())
          .add(place(round, panel) + stains(round, panel));
    }
    byPasses.forEach((passes, parts) -> under(named(parts) + passes + "."));
  }

  /** Which of a panel's stains a bottle meets. */
  private static String stains(Round round, SurfacePlan panel) {
    return round.spots()
        ? panel.match().spots().stream()
            .filter(spot -> spot.rung().filter(rung -> isWith(rung, round)).isPresent())
            .map(spot -> spot.stain().kind().words())
            .distinct()
            .collect(Collectors.joining(" and ", ", ", ""))
        : "";
  }

  /** Each bottle on each finish, and where. */
  private List<String> tests(Round round) {
    Map<String, List<String>> places = new LinkedHashMap<>();
    for (Task task : plan.timetable().tasks()) {
      if (task.roundId().filter(round.id()::equals).isPresent() && task.productId().isPresent()) {
        places
            .computeIfAbsent(name(task.productId().get()), p -> new ArrayList<>())
            .addAll(plan.panels(task.surfaceIds()).stream().map(PlanSheet::place).toList());
      }
    }
    return places.entrySet().stream()
        .map(e -> e.getKey() + ": " + String.join(", ", e.getValue()) + ".")
        .toList();
  }

  /** Where they are, zone by zone, where they are too many to name. */
  private static String zones(List<SurfacePlan> panels) {
    Map<String, Long> byZone =
        panels.stream()
            .collect(
                Collectors.groupingBy(
                    p -> words(p.surface().zone()), LinkedHashMap::new, Collectors.counting()));
    if (byZone.size() > READABLE) {
      return "The cabin, " + panels.size() + " panels.";
    }
    return byZone.entrySet().stream()
            .map(e -> e.getKey() + " (" + e.getValue() + ")")
            .collect(Collectors.joining(", "))
        + ".";
  }

  /** Parts of one name once, with how many there are. */
  private static String named(List<String> parts) {
    Map<String, Long> once =
        parts.stream()
            .collect(Collectors.groupingBy(p -> p, LinkedHashMap::new, Collectors.counting()));
    return once.entrySet().stream()
        .map(e -> e.getValue() == 1 ? e.getKey() : e.getKey() + " (" + e.getValue() + ")")
        .collect(Collectors.joining(", "));
  }

  /** A part, with its zone where the round is not in one. */
  private static String place(Round round, SurfacePlan panel) {
    return round.zone().equals(panel.surface().zone())
        ? words(panel.surface().part())
        : place(panel);
  }

  /** Zone and part, said once where the part says its zone already. */
  private static String place(SurfacePlan panel) {
    String zone = words(panel.surface().zone());
    String part = words(panel.surface().part()).toLowerCase(Locale.ROOT);
    String last = zone.substring(zone.lastIndexOf(' ') + 1).toLowerCase(Locale.ROOT) + " ";
    if (part.startsWith(zone.toLowerCase(Locale.ROOT)) || ALONE.contains(zone)) {
      return words(panel.surface().part());
    }
    return zone + " " + (part.startsWith(last) ? part.substring(last.length()) : part);
  }

  private static String wipes(SurfacePlan panel) {
    int passes = panel.residue().map(ResiduePass::passes).orElse(1);
    return passes > 1 ? ": " + passes + " passes, a fresh face each" : "";
  }

  private static String passes(Rung rung) {
    int low = Math.max(1, rung.passesLow());
    int high = Math.max(low, rung.passesHigh());
    String passes =
        low == high ? (low == 1 ? "1 pass" : low + " passes") : low + " to " + high + " passes";
    int sections = rung.verdict().sections().count();
    return ": " + passes + (sections > 1 ? ", in " + sections + " sections" : "");
  }

  /** Each told once in full, where it first matters. */
  private Set<String> cautions(Round round, List<SurfacePlan> panels) {
    Set<String> here = new LinkedHashSet<>();
    List<SurfacePlan> about = panels.isEmpty() ? plan.surfaces() : panels;
    Set<Step> steps = plan.timetable().stepsByRound().get(round.id());
    for (SurfacePlan panel : about) {
      for (Reason caution : panel.cautions()) {
        if (CautionSteps.isToldAt(caution, panel, round, steps)
            && told.add(caution.text() + round.step() + isAgain(caution, round))) {
          here.add(caution.text());
        }
      }
    }
    return here;
  }

  /** Whoever lifts the blood itself reads it again. */
  private static boolean isAgain(Reason caution, Round round) {
    return round.spots() && caution.code() == ReasonCode.BLOOD;
  }

  private void stays() {
    Map<String, List<String>> stays = new LinkedHashMap<>();
    for (SurfacePlan panel : plan.surfaces()) {
      panel
          .match()
          .refer()
          .ifPresent(
              r -> stays.computeIfAbsent(r.text(), t -> new ArrayList<>()).add(place(panel)));
    }
    for (SurfacePlan panel : plan.surfaces()) {
      for (SpotWork spot : panel.match().spots()) {
        spot.remains()
            .ifPresent(
                r -> stays.computeIfAbsent(r.text(), t -> new ArrayList<>()).add(place(panel)));
      }
    }
    if (!stays.isEmpty()) {
      title("What stays, and who sees to it");
      stays.forEach((text, where) -> line("- " + String.join(", ", where) + ": " + text));
    }
  }

  private void care() {
    title("After-care");
    plan.care()
        .forEach(
            c ->
                line(
                    "- %s%s"
                        .formatted(
                            c.what(),
                            c.everyDays()
                                .map(days -> ", every " + days + " days")
                                .orElseGet(
                                    () ->
                                        ", after "
                                            + c.dueInDays().stream()
                                                .map(String::valueOf)
                                                .collect(Collectors.joining(", "))
                                            + " days"))));
  }

  private String name(String id) {
    return shelf
        .findProduct(id)
        .map(p -> p.name())
        .or(
            () ->
                shelf.tools().stream()
                    .filter(t -> t.id().equals(id))
                    .map(t -> t.name())
                    .findFirst())
        .orElse(words(id));
  }

  private static String words(String code) {
    String spaced = code.replace('-', ' ');
    return Character.toUpperCase(spaced.charAt(0)) + spaced.substring(1);
  }

  private static String ml(double ml) {
    return ml >= 10 ? Math.round(ml) + " ml" : String.format(Locale.ROOT, "%.1f ml", ml);
  }
}
