package attune.core.run;

import attune.core.check.Known;
import attune.core.run.Entry.Kind;
import attune.core.run.Outcome.Next;
import attune.core.run.TaskState.Phase;
import attune.core.words.Phrases;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A run as its entries leave it: a fold over what happened, in the order it happened, so that two
 * devices that know the same entries see the same run, whichever heard of them first.
 */
public final class Run {
  private static final Phrases PHRASES = Phrases.of(Run.class);

  private final List<RunTask> tasks;
  private final Map<String, RunTask> byId = new HashMap<>();
  private final Map<String, TaskState> states = new LinkedHashMap<>();
  private final Map<String, String> remarks = new HashMap<>();
  private final Map<String, List<Entry>> counted = new HashMap<>();
  private final Set<String> takenBack = new HashSet<>();
  private Optional<Entry> paused = Optional.empty();

  private Run(List<RunTask> tasks) {
    this.tasks = tasks;
    for (RunTask task : tasks) {
      byId.put(task.id(), task);
      states.put(task.id(), TaskState.first(task));
    }
  }

  /**
   * Folds a run.
   *
   * @param entries in any order; those of steps the run does not have are passed over
   * @param now until when waits have run
   * @param clock by which they run
   */
  public static Run of(
      List<RunTask> tasks, List<Entry> entries, LocalDateTime now, WaitClock clock) {
    List<Entry> standing = new ArrayList<>();
    Set<String> takenBack = new HashSet<>();
    Run run = new Run(tasks);
    for (Entry entry :
        entries.stream().sorted(Comparator.comparing(Entry::at)).toList()) { // stable: as they came
      if (entry.kind() == Kind.UNDONE) {
        List<Entry> gone = run.lastRound(entry.taskId());
        List<Entry> counted = run.counted.getOrDefault(entry.taskId(), List.of());
        List<Entry> behind =
            standing.stream()
                .filter(e -> e.taskId().equals(entry.taskId()) && e.kind().isOfRound())
                .filter(e -> gone.contains(e) || !counted.contains(e))
                .toList();
        behind.forEach(e -> takenBack.add(e.id()));
        standing.removeAll(behind);
        run = new Run(tasks);
        standing.forEach(run::add);
      } else {
        standing.add(entry);
        run.add(entry);
      }
    }
    run.waits(now, clock);
    run.takenBack.addAll(takenBack);
    return run;
  }

  /** What an undo goes back behind: one thing, the last. A clock that ran before it runs on. */
  private List<Entry> lastRound(String taskId) {
    List<Entry> here = counted.getOrDefault(taskId, List.of());
    return here.isEmpty() ? List.of() : List.of(here.get(here.size() - 1));
  }

  private void counts(Entry entry) {
    counted.computeIfAbsent(entry.taskId(), id -> new ArrayList<>()).add(entry);
  }

  private void add(Entry entry) {
    if (entry.kind() == Kind.PAUSED || entry.kind() == Kind.RESUMED) {
      paused = entry.kind() == Kind.PAUSED ? Optional.of(entry) : Optional.empty();
      return;
    }
    RunTask task = byId.get(entry.taskId());
    if (task == null || !task.hands()) {
      return;
    }
    TaskState state = Known.of(states, task.id());
    switch (entry.kind()) {
      case STARTED -> {
        if (state.phase() == Phase.WAITING) {
          counts(entry);
          states.put(task.id(), state.running(entry.at()));
        }
      }
      case DONE -> end(task, state, Phase.DONE, entry);
      case SKIPPED -> end(task, state, Phase.SKIPPED, entry);
      case SEEN -> seen(task, state, entry);
      default -> {}
    }
  }

  private void end(RunTask task, TaskState state, Phase how, Entry entry) {
    if (state.phase().isOver()) {
      twice(state, entry);
    } else {
      counts(entry);
      states.put(task.id(), state.over(how, entry));
    }
  }

  private void twice(TaskState state, Entry entry) {
    remarks.put(
        entry.id(),
        PHRASES.say(
            "before-both-are-kept-the",
            state.by().isEmpty()
                ? PHRASES.say("this-step-was-told")
                : PHRASES.say("told-this-step", state.by())));
  }

  /** What stops the work counts even where somebody else had ticked the step. */
  private void seen(RunTask task, TaskState state, Entry entry) {
    if (task.looked().isEmpty() || entry.seen().isEmpty()) {
      end(task, state, Phase.DONE, entry);
      return;
    }
    Outcome outcome =
        task.looked().get().after(entry.seen().get(), state.passes() + 1, isBelowTop(task));
    remarks.put(entry.id(), outcome.says());
    if (state.phase().isOver() && outcome.next() != Next.REFER) {
      twice(state, entry);
      return;
    }
    counts(entry);
    TaskState judged = state.judged(outcome);
    switch (outcome.next()) {
      case AGAIN, LIGHTER, HIDDEN_SPOT, WAIT -> states.put(task.id(), judged.again());
      case REFER -> {
        states.put(task.id(), judged.over(Phase.REFERRED, entry));
        task.covers().forEach(panel -> refer(panel, entry, outcome));
      }
      case NEXT_RUNG -> {
        boolean looksAgain = task.looked().get().look() == Look.SEAMS;
        states.put(task.id(), looksAgain ? judged.again() : judged.over(Phase.DONE, entry));
        task.covers().forEach(panel -> climb(panel, rung(task, panel), entry, outcome));
      }
      default -> states.put(task.id(), judged.over(Phase.DONE, entry));
    }
  }

  /** The rung a step is about: its own, or the highest that was come to. */
  private int rung(RunTask task, String panel) {
    return task.rung() > 0
        ? task.rung()
        : tasks.stream()
            .filter(t -> t.isOnlyAt(panel) && Known.of(states, t.id()).phase() != Phase.HELD)
            .mapToInt(RunTask::rung)
            .max()
            .orElse(0);
  }

  /** True where some panel the step speaks for has a rung above. */
  public boolean isBelowTop(RunTask task) {
    return task.rung() != RunTask.SPOT
        && task.covers().stream()
            .anyMatch(
                panel -> {
                  int rung = rung(task, panel);
                  return rung > 0
                      && tasks.stream().anyMatch(t -> t.isOnlyAt(panel) && t.rung() == rung + 1);
                });
  }

  private void refer(String panel, Entry entry, Outcome outcome) {
    for (RunTask task : tasks) {
      TaskState state = Known.of(states, task.id());
      if (task.isOnlyAt(panel) && !state.phase().isOver()) {
        states.put(task.id(), state.because(Phase.REFERRED, entry, outcome));
      }
    }
  }

  /** What is left of this rung is replaced by the next, where the panel has one. */
  private void climb(String panel, int rung, Entry entry, Outcome outcome) {
    boolean has = tasks.stream().anyMatch(t -> t.isOnlyAt(panel) && t.rung() == rung + 1);
    for (RunTask task : tasks) {
      TaskState state = Known.of(states, task.id());
      if (!has || !task.isOnlyAt(panel)) {
        continue;
      }
      if (task.rung() == rung && !state.phase().isOver()) {
        states.put(task.id(), state.because(Phase.REPLACED, entry, outcome));
      } else if (task.rung() == rung + 1 && state.phase() == Phase.HELD) {
        states.put(task.id(), state.again());
      }
    }
  }

  /** A wait runs from the moment what it follows is over. */
  private void waits(LocalDateTime now, WaitClock clock) {
    for (RunTask task : tasks) {
      TaskState state = Known.of(states, task.id());
      if (task.hands() || state.phase().isOver()) {
        continue;
      }
      List<TaskState> before =
          task.after().stream().filter(states::containsKey).map(states::get).toList();
      Optional<LocalDateTime> from =
          before.stream()
              .flatMap(earlier -> earlier.doneAt().stream())
              .max(Comparator.naturalOrder());
      if (from.isPresent() && before.stream().allMatch(earlier -> earlier.phase().isOver())) {
        LocalDateTime ends = clock.endOf(from.get(), task.seconds());
        states.put(
            task.id(),
            new TaskState(
                ends.isAfter(now) ? Phase.RUNNING : Phase.DONE,
                from,
                ends.isAfter(now) ? Optional.empty() : Optional.of(ends),
                "",
                0,
                Optional.empty()));
      }
    }
  }

  public List<RunTask> tasks() {
    return tasks;
  }

  public TaskState state(String taskId) {
    return Known.of(states, taskId);
  }

  /** What is to be said of an entry: what follows from it, or what stood against it. */
  public Optional<String> remark(String entryId) {
    return Optional.ofNullable(remarks.get(entryId));
  }

  /** True for what an undo went back behind. */
  public boolean isTakenBack(String entryId) {
    return takenBack.contains(entryId);
  }

  /** The entry that stopped the work for now. */
  public Optional<Entry> paused() {
    return paused;
  }

  /** Steps that need hands and are in the run, held ones apart. */
  public List<RunTask> hands() {
    return tasks.stream()
        .filter(task -> task.hands())
        .filter(task -> Known.of(states, task.id()).phase() != Phase.HELD)
        .filter(task -> Known.of(states, task.id()).phase() != Phase.REPLACED)
        .toList();
  }
}
