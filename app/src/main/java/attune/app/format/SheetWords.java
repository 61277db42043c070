package attune.app.format;

import attune.core.match.Reason;
import attune.core.match.ReasonCode;
import attune.core.match.Rung;
import attune.core.match.Treatment;
import attune.core.plan.ResiduePass;
import attune.core.plan.Round;
import attune.core.plan.SurfacePlan;
import attune.core.shelf.Product;
import attune.core.survey.Condition.Level;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import attune.core.words.Words;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** How the sheet says places, passes and amounts. */
final class SheetWords {
  private static final Phrases PHRASES = Phrases.of(SheetWords.class);

  private static final int NAMED = 4;

  /** What sits no longer than this is wiped as it is laid. */
  static final int AT_ONCE_S = 5;

  /** Zones a part is found in without their being named. */
  private static final Set<String> ALONE = Set.of(PHRASES.say("floor"), PHRASES.say("overhead"));

  static final int READABLE = 8;

  private SheetWords() {}

  /** Numbers as runs: 1 to 3, 5, 7 to 9. */
  static String runs(List<Integer> numbers) {
    List<String> runs = new ArrayList<>();
    int from = 0;
    for (int i = 0; i < numbers.size(); i++) {
      if (i + 1 == numbers.size() || numbers.get(i + 1) != numbers.get(i) + 1) {
        int first = numbers.get(from);
        runs.add(first == numbers.get(i) ? "" + first : PHRASES.say("to", first, numbers.get(i)));
        from = i + 1;
      }
    }
    return Lists.facts(runs);
  }

  static String length(int minutes) {
    return minutes < 60
        ? PHRASES.say("min", minutes)
        : "%d h %02d".formatted(minutes / 60, minutes % 60);
  }

  static boolean isWith(Rung rung, Round round) {
    return rung.treatment().cleaner().map(Product::id).equals(round.productId());
  }

  /** What a round does on a panel: its first rung, or the remover of a stain. */
  static Optional<Rung> worked(Round round, SurfacePlan panel) {
    return round.spots()
        ? panel.match().spots().stream()
            .flatMap(spot -> spot.rung().stream())
            .filter(rung -> isWith(rung, round))
            .findFirst()
        : panel.firstRung();
  }

  static String laid(Treatment t) {
    String where =
        switch (t.applyTo()) {
          case SURFACE -> PHRASES.say("on-the-surface");
          case TOOL -> PHRASES.say("on-the-tool");
          case CLOTH -> PHRASES.say("on-the-cloth");
        };
    if (t.isDry()) {
      return PHRASES.say("dry");
    }
    return Lists.facts(
        where,
        t.dwellS() > AT_ONCE_S ? PHRASES.say("sits-s", t.dwellS()) : PHRASES.say("wiped-at-once"));
  }

  static Optional<String> amount(Round round, List<SurfacePlan> panels) {
    double ml =
        panels.stream()
            .flatMap(p -> p.finishSteps().stream())
            .filter(s -> s.step() == round.step())
            .filter(s -> round.productId().filter(s.product().id()::equals).isPresent())
            .mapToDouble(s -> s.doseMl() / s.coats())
            .sum();
    return ml > 0 ? Optional.of(PHRASES.say("here", ml(ml))) : Optional.empty();
  }

  /** Which of a panel's stains a bottle meets. */
  static String stains(Round round, SurfacePlan panel) {
    return round.spots()
        ? Lists.all(
            panel.match().spots().stream()
                .filter(spot -> spot.rung().filter(rung -> isWith(rung, round)).isPresent())
                .map(spot -> spot.stain().kind().words())
                .distinct()
                .toList())
        : "";
  }

  /** Where they are, zone by zone, where they are too many to name. */
  static String zones(List<SurfacePlan> panels) {
    Map<String, Long> byZone = byZone(panels);
    return byZone.size() > READABLE
        ? PHRASES.say("the-cabin-panels", panels.size())
        : Lists.ended(counted(byZone));
  }

  /** Every one of them, by its name or counted in its zone. */
  static String allOf(List<SurfacePlan> panels) {
    return panels.size() > NAMED ? counted(byZone(panels)) : where(panels);
  }

  private static Map<String, Long> byZone(List<SurfacePlan> panels) {
    return panels.stream()
        .collect(
            Collectors.groupingBy(
                p -> words(p.surface().zone()), LinkedHashMap::new, Collectors.counting()));
  }

  private static String counted(Map<String, Long> byZone) {
    return Lists.facts(
        byZone.entrySet().stream().map(e -> Lists.noted(e.getKey(), e.getValue())).toList());
  }

  /** Parts of one name once, with how many there are. */
  static String named(List<String> parts) {
    Map<String, Long> once =
        parts.stream()
            .collect(Collectors.groupingBy(p -> p, LinkedHashMap::new, Collectors.counting()));
    return Lists.facts(
        once.entrySet().stream()
            .map(e -> e.getValue() == 1 ? e.getKey() : Lists.noted(e.getKey(), e.getValue()))
            .toList());
  }

  /** A part, with its zone where the round is not in one. */
  static String place(Round round, SurfacePlan panel) {
    return round.zone().equals(panel.surface().zone())
        ? words(panel.surface().part())
        : place(panel);
  }

  /** Which panels, or how many where they are more than one reads. */
  static String where(List<SurfacePlan> panels) {
    return panels.size() > NAMED
        ? PHRASES.say("panels", panels.size())
        : named(panels.stream().map(SheetWords::place).toList());
  }

  /** Soiled, for nobody else either, and nothing is planned that takes it off. */
  static boolean isLeftDirty(SurfacePlan panel) {
    return panel.match().ladder().isEmpty()
        && panel.match().refer().isEmpty()
        && panel.surface().condition().soil() != Level.NONE;
  }

  /** Zone and part, said once where the part says its zone already. */
  static String place(SurfacePlan panel) {
    String zone = words(panel.surface().zone());
    String part = words(panel.surface().part()).toLowerCase(Locale.ROOT);
    String last = zone.substring(zone.lastIndexOf(' ') + 1).toLowerCase(Locale.ROOT) + " ";
    if (part.startsWith(zone.toLowerCase(Locale.ROOT)) || ALONE.contains(zone)) {
      return words(panel.surface().part());
    }
    return zone + " " + (part.startsWith(last) ? part.substring(last.length()) : part);
  }

  static String wipes(SurfacePlan panel) {
    int passes = panel.residue().map(ResiduePass::passes).orElse(1);
    return passes > 1 ? PHRASES.say("passes-a-fresh-face-each", passes) : "";
  }

  static String passes(Rung rung) {
    int low = Math.max(1, rung.passesLow());
    int high = Math.max(low, rung.passesHigh());
    String passes = low == high ? PHRASES.say("passes", low) : PHRASES.say("to-passes", low, high);
    int sections = rung.verdict().sections().count();
    return Lists.facts(passes, sections > 1 ? PHRASES.say("in-sections", sections) : "");
  }

  /** Whoever lifts the blood itself reads it again. */
  static boolean isAgain(Reason caution, Round round) {
    return round.spots() && caution.code() == ReasonCode.BLOOD;
  }

  static String words(String code) {
    return Words.capital(code.replace('-', ' '));
  }

  static String ml(double ml) {
    return ml >= 10
        ? PHRASES.say("ml", Math.round(ml))
        : PHRASES.say("ml", Phrases.number("%.1f", ml));
  }
}
