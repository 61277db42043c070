package attune.core.train;

import attune.core.check.Coded;
import attune.core.train.CoatWork.Area;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * What a coating laid by hand came to, against a master's run on the same areas.
 *
 * @param score 0 to 100; a run that leaves high spots never gets half, however fast
 * @param areas how each came out
 * @param says what follows, worst first, with its rule
 */
public record CoatMark(
    int score,
    Mark mark,
    List<Outcome> areas,
    double seconds,
    double referenceSeconds,
    List<String> says) {
  private static final Phrases PHRASES = Phrases.of(CoatMark.class);

  private static final double HARM_CAP = 45;
  private static final double TIME_SHARE = 0.15;
  private static final double SMEAR = 4;
  private static final double GOOD = 75;
  private static final double NEVER = -1;

  /** How an area came out. */
  public enum State implements Coded {
    BARE,
    EVEN,
    HIGH_SPOTS
  }

  /**
   * One area.
   *
   * @param laidS when its last coat was begun, -1 for never
   * @param levelledS when its levelling was over, -1 for never
   * @param smeared times it was wiped too early and laid anew
   */
  public record Outcome(String name, State state, double laidS, double levelledS, int smeared) {}

  public CoatMark {
    areas = List.copyOf(areas);
    says = List.copyOf(says);
  }

  public static CoatMark of(CoatWork work, List<Deed> run) {
    Course own = Course.of(work, run);
    Course best = Course.of(work, work.referenceRun());
    long even = own.count(State.EVEN);
    double time = own.now <= best.now ? 1 : best.now / own.now;
    int smeared = own.areas.stream().mapToInt(Outcome::smeared).sum();
    double score =
        100.0 * even / work.areas().size() * (1 - TIME_SHARE + TIME_SHARE * time) - SMEAR * smeared;
    boolean harmed = own.count(State.HIGH_SPOTS) > 0;
    score = Math.max(0, harmed ? Math.min(score, HARM_CAP) : score);
    Mark mark =
        harmed ? Mark.HARSH : even == work.areas().size() && score >= GOOD ? Mark.RIGHT : Mark.WEAK;
    return new CoatMark(
        (int) Math.round(score), mark, own.areas, own.now, best.now, says(work, own, best));
  }

  private static List<String> says(CoatWork work, Course own, Course best) {
    List<String> says = new ArrayList<>();
    List<String> cured = new ArrayList<>();
    List<String> smeared = new ArrayList<>();
    for (int i = 0; i < work.areas().size(); i++) {
      Area area = work.areas().get(i);
      Outcome out = own.areas.get(i);
      boolean spotted = out.state() == State.HIGH_SPOTS;
      if (spotted && out.levelledS() < 0) {
        cured.add(area.name());
      } else if (spotted) {
        says.add(
            PHRASES.say(
                "level-after-s-where-its",
                area.name(),
                Phrases.number("%.0f", out.levelledS() - out.laidS()),
                area.byS()));
      }
      if (out.smeared() > 0) {
        smeared.add(area.name());
      }
    }
    if (!cured.isEmpty()) {
      says.add(0, PHRASES.say("never-levelled-and-left-to", Lists.facts(cured)));
    }
    if (!smeared.isEmpty()) {
      says.add(
          PHRASES.say("wiped-before-s-a-coat", Lists.facts(smeared), work.areas().get(0).fromS()));
    }
    long bare = own.count(State.BARE);
    if (bare > 0) {
      says.add(PHRASES.say("of-areas-have-no-coat", bare, work.areas().size()));
    }
    if (own.now > best.now * 1.1) {
      says.add(
          PHRASES.say(
              "min-where-do-lay-the",
              Phrases.number("%.0f", own.now / 60),
              Phrases.number("%.0f", best.now / 60)));
    }
    return says.isEmpty() ? List.of(PHRASES.say("as-a-master-would")) : says;
  }

  /** A run replayed. */
  private static final class Course {
    private final CoatWork work;
    private final double[] laid;
    private final double[] levelled;
    private final int[] smeared;
    private List<Outcome> areas = List.of();
    private double now;

    private Course(CoatWork work) {
      this.work = work;
      int count = work.areas().size();
      laid = new double[count];
      levelled = new double[count];
      smeared = new int[count];
      Arrays.fill(laid, NEVER);
      Arrays.fill(levelled, NEVER);
    }

    static Course of(CoatWork work, List<Deed> run) {
      Course course = new Course(work);
      run.forEach(course::does);
      List<Outcome> areas = new ArrayList<>();
      for (int i = 0; i < work.areas().size(); i++) {
        areas.add(course.outcome(i));
      }
      course.areas = areas;
      return course;
    }

    private void does(Deed deed) {
      switch (deed.act()) {
        case WAIT -> now += deed.seconds();
        case APPLY -> deed.cells().forEach(this::apply);
        case LEVEL -> deed.cells().forEach(this::level);
        default -> throw new IllegalArgumentException(deed.act() + " is not done to a coat");
      }
    }

    /** On a bare area; what sits or is levelled is not laid over. */
    private void apply(int area) {
      if (laid[area] == NEVER) {
        laid[area] = now;
        now += work.areas().get(area).applyS();
      }
    }

    private void level(int i) {
      if (laid[i] == NEVER || levelled[i] != NEVER) {
        return;
      }
      Area area = work.areas().get(i);
      boolean early = now < laid[i] + area.fromS();
      now += area.levelS();
      if (early) {
        laid[i] = NEVER;
        smeared[i]++;
      } else {
        levelled[i] = now;
      }
    }

    private Outcome outcome(int i) {
      Area area = work.areas().get(i);
      boolean inTime = levelled[i] != NEVER && levelled[i] <= laid[i] + area.byS();
      State state = laid[i] == NEVER ? State.BARE : inTime ? State.EVEN : State.HIGH_SPOTS;
      return new Outcome(area.name(), state, laid[i], levelled[i], smeared[i]);
    }

    long count(State state) {
      return areas.stream().filter(a -> a.state() == state).count();
    }
  }
}
