package attune.core.plan;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What somebody is at without a change worth a line of its own: a block of the timetable. Rounds at
 * one place in one go are one, and so is one thing done round the cabin.
 *
 * @param id of its first round
 * @param zones in the order they are gone to
 * @param steps in the order they come, each once
 * @param handsS seconds with hands on
 */
public record Stretch(
    String id,
    List<String> zones,
    List<Step> steps,
    Optional<String> person,
    LocalDateTime start,
    LocalDateTime end,
    int handsS,
    List<Round> rounds) {
  private static final Duration APART = Duration.ofMinutes(10);
  private static final Duration LONGEST = Duration.ofMinutes(120);

  /** Finishing of one place is one line as long as it is no more than this. */
  private static final Duration BRIEF = Duration.ofMinutes(40);

  public Stretch {
    zones = List.copyOf(zones);
    steps = List.copyOf(steps);
    rounds = List.copyOf(rounds);
  }

  /** Seconds of it nobody has hands on: standing by, or a rest. */
  public int waitS() {
    return (int) Duration.between(start, end).toSeconds() - handsS;
  }

  /** The stretches of some rounds, in order of their start. */
  static List<Stretch> of(List<Round> rounds) {
    List<Stretch> made = new ArrayList<>();
    for (Round round : rounds) {
      int last = lastOf(made, round.person());
      if (last >= 0 && goesOn(made.get(last), round)) {
        made.set(last, made.get(last).with(round));
      } else {
        made.add(
            new Stretch(
                round.id(),
                List.of(round.zone()),
                List.of(round.step()),
                round.person(),
                round.start(),
                round.end(),
                round.handsS(),
                List.of(round)));
      }
    }
    return made;
  }

  private static int lastOf(List<Stretch> made, Optional<String> person) {
    for (int i = made.size() - 1; i >= 0; i--) {
      if (made.get(i).person().equals(person)) {
        return i;
      }
    }
    return -1;
  }

  private static boolean goesOn(Stretch stretch, Round round) {
    Round last = stretch.rounds().get(stretch.rounds().size() - 1);
    boolean apart = Duration.between(last.end(), round.start()).compareTo(APART) > 0;
    Totals.Part part = Totals.part(round.step());
    if (apart || part == Totals.Part.NOT_COUNTED || part != Totals.part(last.step())) {
      return false;
    }
    Duration whole = Duration.between(stretch.start(), round.end());
    boolean isLong = whole.compareTo(LONGEST) > 0;
    return switch (part) {
      case INSPECT -> true;
      case CLEAN -> round.block() == last.block() || isOnePlace(last, round) && !isLong;
      case FINISH ->
          round.step() == last.step()
              || round.step() == Step.LEVEL
              || isOnePlace(last, round) && whole.compareTo(BRIEF) <= 0;
      case NOT_COUNTED -> false;
    };
  }

  private static boolean isOnePlace(Round a, Round b) {
    return Walk.place(a.zone()).equals(Walk.place(b.zone()));
  }

  private Stretch with(Round round) {
    return new Stretch(
        id,
        joined(zones, round.zone()),
        joined(steps, round.step()),
        person,
        start,
        round.end().isAfter(end) ? round.end() : end,
        handsS + round.handsS(),
        joined(rounds, round));
  }

  private static <T> List<T> joined(List<T> list, T more) {
    if (list.contains(more)) {
      return list;
    }
    List<T> longer = new ArrayList<>(list);
    longer.add(more);
    return longer;
  }
}
