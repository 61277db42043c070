package attune.core.train;

import attune.core.words.Lists;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.List;

/**
 * What a run by hand came to, against the reference run on the same panel.
 *
 * @param score 0 to 100; a run that harms never gets half, however fast
 * @param mark dangerous where the trim lost its colour or much of its coat
 * @param left soil left as a share of what there was
 * @param missed cells that kept half of their soil or more
 * @param rings cells where cleaner dried
 * @param harmed cells that lost coat, nap or colour
 * @param says what follows, worst first, with its rule
 */
public record HandMark(
    int score,
    Mark mark,
    double left,
    int missed,
    int rings,
    int harmed,
    double seconds,
    double referenceSeconds,
    int faces,
    List<String> says) {
  private static final Phrases PHRASES = Phrases.of(HandMark.class);

  private static final double RING = 0.1;
  private static final double FELT = 0.002;
  private static final double RUINED = 0.02;
  private static final double HARM_CAP = 45;
  private static final double RUIN_CAP = 15;
  private static final double HARSH_CAP = 70;
  private static final double CLEAN_SHARE = 0.6;
  private static final double EVEN_SHARE = 0.25;
  private static final double TIME_SHARE = 0.15;
  private static final double GOOD = 75;

  public HandMark {
    says = List.copyOf(says);
  }

  /** Of two panels of the same exercise. */
  public static HandMark of(HandWork work, List<Deed> run) {
    Count own = Count.of(work, work.after(run));
    Count best = Count.of(work, work.after(work.referenceRun()));
    double clean = own.off >= best.off ? 1 : Math.max(0, own.off / best.off);
    double even = 1 - Math.min(1, 4.0 * Math.max(0, own.rings - best.rings) / ModelPanel.CELLS);
    double time = own.seconds <= best.seconds ? 1 : best.seconds / own.seconds;
    double score = 100 * clean * (CLEAN_SHARE + EVEN_SHARE * even + TIME_SHARE * time);
    double harm = Math.max(0, own.harm - best.harm);
    Mark taken = worst(laid(work, run));
    boolean ruined = harm > RUINED || taken == Mark.DANGEROUS;
    if (ruined || harm > FELT) {
      score = Math.min(score, ruined ? RUIN_CAP : HARM_CAP);
    } else if (taken == Mark.HARSH) {
      score = Math.min(score, HARSH_CAP);
    }
    Mark mark =
        ruined ? Mark.DANGEROUS : harm > FELT ? Mark.HARSH : score >= GOOD ? Mark.RIGHT : Mark.WEAK;
    return new HandMark(
        (int) Math.round(score),
        mark,
        own.left / Math.max(own.found, 1e-9),
        own.missed,
        own.rings,
        own.harmed,
        own.seconds,
        best.seconds,
        own.faces,
        says(work, run, own, best));
  }

  private static List<Means> laid(HandWork work, List<Deed> run) {
    return run.stream()
        .filter(d -> d.act().lays() && !d.cells().isEmpty())
        .map(d -> work.means().get(d.means()))
        .distinct()
        .toList();
  }

  private static Mark worst(List<Means> used) {
    return used.stream().map(Means::mark).max(Enum::compareTo).orElse(Mark.RIGHT);
  }

  private static List<String> says(HandWork work, List<Deed> run, Count own, Count best) {
    List<String> says = new ArrayList<>();
    List<Means> used = laid(work, run);
    used.stream()
        .filter(m -> m.mark() != Mark.RIGHT)
        .forEach(m -> says.add(Lists.headed(m.text(), Lists.sentences(m.why()))));
    if (used.isEmpty()) {
      says.add(PHRASES.say("nothing-was-laid-dry-rubbing"));
    }
    if (own.harmed > best.harmed) {
      says.add(PHRASES.say("of-places-lost-coat-nap", own.harmed, ModelPanel.CELLS));
    }
    if (own.rings > best.rings) {
      says.add(PHRASES.say("on-places-cleaner-dried-before", own.rings));
    }
    if (own.missed > best.missed) {
      says.add(PHRASES.say("places-kept-half-of-their", own.missed));
    }
    if (own.left > best.left * 1.5 && own.left > work.acceptable() * 1.5) {
      says.add(
          PHRASES.say(
              "of-the-soil-is-left",
              Phrases.number("%.0f", 100 * own.left / own.found),
              Phrases.number("%.0f", 100 * best.left / best.found)));
    }
    if (own.seconds > best.seconds * 1.5) {
      says.add(
          PHRASES.say(
              "min-the-reference-takes-time",
              Phrases.number("%.0f", own.seconds / 60),
              Phrases.number("%.0f", best.seconds / 60)));
    }
    if (says.isEmpty()) {
      says.add(PHRASES.say("as-a-master-would"));
    }
    return says;
  }

  /** A panel counted; soil and harm are means over its cells. */
  private record Count(
      double found,
      double left,
      double off,
      double harm,
      int missed,
      int rings,
      int harmed,
      double seconds,
      int faces) {
    static Count of(HandWork work, ModelPanel panel) {
      ModelPanel before = work.found();
      double found = 0;
      double left = 0;
      double harm = 0;
      int missed = 0;
      int rings = 0;
      int harmed = 0;
      for (int cell = 0; cell < ModelPanel.CELLS; cell++) {
        double had = before.soilAt(cell);
        double has = panel.soilAt(cell);
        double lost =
            before.coatAt(cell)
                - panel.coatAt(cell)
                + Math.max(0, before.napAt(cell) - panel.napAt(cell))
                + panel.colourAt(cell);
        found += had / ModelPanel.CELLS;
        left += has / ModelPanel.CELLS;
        harm += lost / ModelPanel.CELLS;
        missed += has > had / 2 ? 1 : 0;
        rings += panel.tideAt(cell) > RING ? 1 : 0;
        harmed += lost > FELT ? 1 : 0;
      }
      return new Count(
          found,
          left,
          Math.max(0, found - left),
          harm,
          missed,
          rings,
          harmed,
          panel.seconds(),
          panel.faces());
    }
  }
}
