package attune.core.plan;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/**
 * A rest as a timetable has it: a round and a task of their own.
 *
 * @param number of the visit's rests, from 1
 */
record RestRound(int number, String person, LocalDateTime start, int seconds) {
  private String id() {
    return "break-" + number;
  }

  Round round() {
    return new Round(
        "r-" + id(),
        Round.REST,
        Step.BREAK,
        List.of(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.of(person),
        start,
        start.plusSeconds(seconds),
        0,
        seconds,
        -number,
        false);
  }

  Task task() {
    return new Task(
        id(),
        Step.BREAK,
        Optional.empty(),
        List.of(),
        Optional.empty(),
        Optional.empty(),
        Optional.of(person),
        0,
        start,
        start.plusSeconds(seconds),
        0,
        Optional.of("r-" + id()),
        Optional.empty(),
        Optional.empty(),
        false,
        List.of(),
        Optional.empty());
  }
}
