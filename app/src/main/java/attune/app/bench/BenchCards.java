package attune.app.bench;

import attune.app.bench.BenchViews.BenchRound;
import attune.app.bench.BenchViews.BenchTask;
import attune.app.bench.BenchViews.SeenView;
import attune.app.bench.BenchViews.TaskState;
import attune.app.bench.EntryDetail.UsedInstead;
import attune.app.bench.EntryDetail.Window;
import attune.app.bench.RunSteps.Step;
import attune.app.format.JobFile;
import attune.app.format.PlanFile;
import attune.app.format.PlanFile.FinishStepFile;
import attune.app.format.PlanFile.PlannedSurfaceFile;
import attune.app.format.PlanFile.TaskFile;
import attune.core.check.Known;
import attune.core.run.Entry.Kind;
import attune.core.run.Looked;
import attune.core.run.Outcome;
import attune.core.run.Run;
import attune.core.run.TaskState.Phase;
import attune.core.shelf.Shelf;
import jakarta.annotation.Nullable;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Words a plan's tasks for the bench: what, where, with what, how wet, how long, what to look for.
 */
final class BenchCards {
  private static final int DAY_S = 86_400;

  /** What sits no longer than this is wiped as it is laid. */
  private static final int AT_ONCE_S = 5;

  private final StepWords words;
  private final StepCautions cautions;

  BenchCards(PlanFile plan, JobFile job, Shelf shelf, Map<String, String> labels, List<Told> told) {
    Map<String, PlannedSurfaceFile> surfaces =
        plan.surfaces().stream()
            .collect(Collectors.toMap(PlannedSurfaceFile::surfaceId, Function.identity()));
    Places places = Places.of(labels, job.surfaces());
    this.words =
        new StepWords(
            job, surfaces, plan.rounds() == null ? List.of() : plan.rounds(), shelf, places);
    this.cautions = new StepCautions(surfaces, shelf, places, told);
  }

  /** The rounds of a plan, in the order of the walk; none of a plan made before there were any. */
  List<BenchRound> rounds(PlanFile plan) {
    return plan.rounds() == null
        ? List.of()
        : plan.rounds().stream()
            .filter(round -> !round.step().equals(RunSteps.REST))
            .map(words::round)
            .toList();
  }

  /** Every step with where it stands; what the next rung would replace is not shown. */
  List<BenchTask> tasks(List<Step> steps, Run run, List<Told> told) {
    Map<String, Step> byId =
        steps.stream().collect(Collectors.toMap(step -> step.task().id(), Function.identity()));
    Map<String, UsedInstead> swapped = new HashMap<>();
    Map<String, Window> windows = new HashMap<>();
    Shown shown = new Shown(run, byId, Cards.of(steps), windows);
    for (Told entry : told) {
      if (entry.entry().kind() == Kind.SWAPPED && entry.detail().used() != null) {
        swapped.put(entry.entry().taskId(), entry.detail().used());
      }
      if (entry.detail().windows() != null) {
        windows.putAll(entry.detail().windows());
      }
    }
    return steps.stream()
        .filter(step -> run.state(step.task().id()).phase() != Phase.REPLACED)
        .map(step -> task(step, shown, swapped.get(step.task().id())))
        .toList();
  }

  /** What every step is shown in the light of. */
  private record Shown(
      Run run, Map<String, Step> byId, Map<String, String> card, Map<String, Window> windows) {}

  private BenchTask task(Step step, Shown shown, @Nullable UsedInstead instead) {
    Run run = shown.run();
    TaskFile task = step.file();
    attune.core.run.TaskState state = run.state(task.id());
    Clock clock = clock(step, run, shown.byId(), shown.windows());
    Optional<Looked> looked = step.task().looked();
    List<String> lines =
        instead == null ? words.lines(step) : words.instead(instead, words.lines(step));
    return new BenchTask(
        task.id(),
        task.roundId(),
        Known.of(shown.card(), task.id()),
        task.step(),
        StepWords.title(task),
        task.surfaceIds(),
        step.task().covers(),
        words.where(task),
        instead == null || instead.productId() == null ? task.productId() : instead.productId(),
        task.person(),
        step.task().hands(),
        Stream.concat(lines.stream(), clock.lines()).toList(),
        words.lookFor(step),
        cautions.of(step),
        looked.map(l -> l.look().code()).orElse(null),
        looked.map(l -> answers(l, run.isBelowTop(step.task()))).orElse(List.of()),
        step.task().rung(),
        state.passes(),
        looked.isPresent() && step.rung().isPresent() ? step.rung().get().passes().low() : 0,
        looked.isPresent() && step.rung().isPresent() ? looked.get().passesHigh() : 0,
        looked.map(Looked::passesHigh).orElse(0),
        state.says().map(o -> o.next().code()).orElse(null),
        state.says().map(Outcome::says).orElse(null),
        clock.from().orElse(null),
        clock.dwellS(),
        clock.wipeByS(),
        clock.late(),
        step.task().seconds(),
        TaskState.valueOf(state.phase().name()),
        state.startedAt().orElse(null),
        state.doneAt().orElse(null),
        state.by(),
        step.task().after());
  }

  private static List<SeenView> answers(Looked looked, boolean firmer) {
    return looked.look().canBe().stream()
        .map(
            seen -> {
              Outcome now = looked.after(seen, 1, firmer);
              Outcome last = looked.after(seen, looked.passesHigh(), firmer);
              Outcome top = looked.after(seen, looked.passesHigh(), false);
              boolean climbs =
                  now.next() == Outcome.Next.NEXT_RUNG || last.next() == Outcome.Next.NEXT_RUNG;
              return new SeenView(
                  seen.code(),
                  RunWords.label(looked.look(), seen),
                  now.next().code(),
                  now.says(),
                  last.next().code(),
                  last.says(),
                  climbs ? top.next().code() : null,
                  climbs ? top.says() : null);
            })
        .toList();
  }

  /**
   * A step's window.
   *
   * @param from since when it runs; empty until its own clock is started
   * @param note what other air makes of it
   */
  private record Clock(
      Optional<LocalDateTime> from,
      @Nullable Integer dwellS,
      @Nullable Integer wipeByS,
      @Nullable String late,
      @Nullable String note) {
    static final Clock NONE = new Clock(Optional.empty(), null, null, null, null);

    /** How long it sits, where it is laid and wiped in one step, and what the air makes of it. */
    Stream<String> lines() {
      String sits =
          from.isPresent() || dwellS == null || wipeByS == null || wipeByS >= DAY_S
              ? null
              : dwellS < AT_ONCE_S
                  ? "Wiped at once."
                  : "Sits "
                      + RunWords.lasting(dwellS)
                      + ", wiped within "
                      + RunWords.lasting(wipeByS)
                      + ".";
      return Stream.of(sits, note).filter(Objects::nonNull);
    }
  }

  /** As long as label and finish let it sit, and the hands of a pass on top: dry or not. */
  private static int allowed(Step step) {
    int passes = step.task().looked().map(Looked::passesHigh).orElse(1);
    return (int) Math.min(DAY_S, step.rung().get().dwellS().max() + step.task().seconds() / passes);
  }

  private Clock clock(Step step, Run run, Map<String, Step> byId, Map<String, Window> windows) {
    TaskFile task = step.file();
    if (task.step().equals("level")) {
      return levelling(step, run, byId);
    }
    if (step.rung().isEmpty() || task.wipeFrom() == null && task.spot() == null) {
      return Clock.NONE;
    }
    // as the treatment says: the plan's own times hold the turns of its neighbours too
    int dwell = (int) step.rung().get().dwellS().min();
    int allowed = allowed(step);
    int wipeBy = (int) Math.max(dwell, Math.min(allowed, step.rung().get().sections().workedS()));
    String note = null;
    Window window = windows.get(step.task().surfaceIds().get(0));
    if (window != null) {
      int now = (int) Math.max(dwell, Math.floor(Math.min(window.windowS(), allowed)));
      note = RunWords.air(wipeBy, now, window);
      wipeBy = now;
    }
    return new Clock(
        run.state(task.id()).startedAt(),
        dwell,
        wipeBy,
        "Do not scrub it dry. Mist a little of the same mix on, work, wipe at once, and take"
            + " half the area next.",
        note);
  }

  /** Runs since the area was laid; its first stroke was laid as long before as laying took. */
  private Clock levelling(Step step, Run run, Map<String, Step> byId) {
    Optional<Step> laid =
        step.file().after().stream()
            .map(byId::get)
            .filter(before -> before != null && RunSteps.LAYS.contains(before.file().step()))
            .findFirst();
    Optional<FinishStepFile> product = laid.flatMap(l -> words.finishStep(l.file()));
    if (product.isEmpty()) {
      return Clock.NONE;
    }
    Optional<LocalDateTime> from = run.state(laid.get().task().id()).doneAt();
    PlanFile.SpanFile flash = product.get().flashS();
    if (flash == null) {
      Integer absorb = product.get().absorbS();
      return absorb == null ? Clock.NONE : new Clock(from, absorb, null, null, null);
    }
    int laying = laid.get().task().seconds();
    int least = (int) Math.max(0, flash.min() - laying);
    return new Clock(
        from,
        least,
        (int) Math.max(least, flash.max() - laying),
        "No need to hurry. A small damp of fresh coating re-melts it; wipe at once. What has"
            + " cured on hide stays: note it as a high spot.",
        null);
  }
}
