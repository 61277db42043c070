package attune.core.plan;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Rounds and their tasks in order of their start.
 *
 * @param rounds what people do, rests among it
 * @param driveAt when the vehicle can be driven
 * @param sitAt when every seat can be sat in
 * @param curedAt when everything is fully cured
 * @param conflicts what a start somebody said breaks
 * @param deciding ids of the rounds that decide when it is ready: later there is later ready
 * @param named false where nobody was said to come: people are numbered, and no one is booked
 */
public record Timetable(
    List<Round> rounds,
    List<Task> tasks,
    LocalDateTime driveAt,
    LocalDateTime sitAt,
    LocalDateTime curedAt,
    List<Conflict> conflicts,
    Set<String> deciding,
    boolean named) {
  private static final Duration BETWEEN_VISITS = Duration.ofHours(5);

  /** Why a start that somebody said cannot be. */
  public enum Clash {
    COMES_AFTER,
    TOO_LATE_AFTER,
    BEFORE_THE_JOB,
    OUTSIDE_HOURS,
    TAKEN
  }

  /**
   * One of them.
   *
   * @param other the task it clashes with, where there is one
   * @param from the earliest it could start, as far as the other goes
   */
  public record Conflict(
      String taskId, Clash clash, Optional<String> other, Optional<LocalDateTime> from) {}

  /** A stretch of work somebody has to be there for. */
  public record Visit(LocalDateTime from, LocalDateTime until) {}

  public Timetable {
    rounds = List.copyOf(rounds);
    tasks = List.copyOf(tasks);
    conflicts = List.copyOf(conflicts);
    deciding = Set.copyOf(deciding);
  }

  /** When it can be driven and sat in. */
  public LocalDateTime readyAt() {
    return driveAt.isAfter(sitAt) ? driveAt : sitAt;
  }

  /** When the last hands are off. */
  public LocalDateTime handsOffAt() {
    return rounds.stream().map(Round::end).max(LocalDateTime::compareTo).orElse(driveAt);
  }

  /** Hands-on time of everybody, receiving and handing over included, rests and waits not. */
  public Duration work() {
    return Duration.ofSeconds(rounds.stream().mapToLong(Round::handsS).sum());
  }

  /** Blocks of the timetable, in order of their start. */
  public List<Stretch> stretches() {
    return Stretch.of(rounds);
  }

  /** What is done in each round, by its id: its own step, and looks that go with it. */
  public Map<String, Set<Step>> stepsByRound() {
    Map<String, Set<Step>> steps = new HashMap<>();
    rounds.forEach(r -> steps.computeIfAbsent(r.id(), id -> new HashSet<>()).add(r.step()));
    tasks.forEach(t -> t.roundId().map(steps::get).ifPresent(ofRound -> ofRound.add(t.step())));
    return steps;
  }

  /** Rounds that are work on the car: neither a rest nor talk with the customer. */
  public List<Round> worked() {
    return rounds.stream()
        .filter(r -> r.step() != Step.BREAK)
        .filter(r -> r.step() != Step.RECEIVE && r.step() != Step.HANDOVER)
        .toList();
  }

  /** Work with no long wait in it, one after another: several where oil or a cure takes days. */
  public List<Visit> visits() {
    List<Visit> visits = new ArrayList<>();
    for (Round round : rounds) {
      int last = visits.size() - 1;
      boolean apart =
          last < 0
              || Duration.between(visits.get(last).until(), round.start()).compareTo(BETWEEN_VISITS)
                  > 0;
      if (apart) {
        visits.add(new Visit(round.start(), round.end()));
      } else if (round.end().isAfter(visits.get(last).until())) {
        visits.set(last, new Visit(visits.get(last).from(), round.end()));
      }
    }
    return visits;
  }
}
