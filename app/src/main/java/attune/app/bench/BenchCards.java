package attune.app.bench;

import attune.app.bench.BenchViews.BenchRound;
import attune.app.bench.BenchViews.BenchTask;
import attune.app.bench.BenchViews.CautionView;
import attune.app.bench.BenchViews.SeenView;
import attune.core.bench.Cards;
import attune.core.bench.FrozenTask;
import attune.core.bench.RunStep;
import attune.core.bench.StepCautions;
import attune.core.bench.StepCautions.StepCaution;
import attune.core.bench.StepClock;
import attune.core.bench.StepSoFar;
import attune.core.bench.Ticks;
import attune.core.check.Known;
import attune.core.plan.Arrangement;
import attune.core.plan.Step;
import attune.core.run.Looked;
import attune.core.run.Outcome;
import attune.core.run.TaskState;
import attune.core.words.Lists;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Words a plan's tasks for the bench: what, where, with what, how wet, how long, what to look for.
 */
final class BenchCards {
  private final WholeRun whole;
  private final Places places;
  private final StepWords words;
  private final StepCautions cautions;
  private final Ticks ticks = new Ticks();

  BenchCards(WholeRun whole, Map<String, String> labels) {
    this.whole = whole;
    this.places = Places.of(labels, whole.document().surfaces());
    this.words = new StepWords(whole.document(), whole.plan(), whole.shelf(), places);
    this.cautions = new StepCautions(whole.plan().panels(), whole.shelf());
    whole.told().forEach(told -> ticks.told(told.entry(), told.detail().tickedCodes()));
  }

  /** The rounds of a plan, in the order of the walk; none of a plan made before there were any. */
  List<BenchRound> rounds() {
    RoundWords rounds = new RoundWords(whole.document(), whole.plan(), whole.shelf(), places);
    return whole.plan().rounds().stream()
        .filter(round -> round.step() != Step.BREAK)
        .map(rounds::round)
        .toList();
  }

  /** Every step with where it stands; what the next rung would replace is not shown. */
  List<BenchTask> tasks() {
    Map<String, String> cards = Cards.of(whole.steps());
    return whole.soFar().steps().stream()
        .map(step -> task(step, Known.of(cards, step.id())))
        .toList();
  }

  private BenchTask task(StepSoFar soFar, String card) {
    RunStep step = soFar.run();
    FrozenTask planned = step.planned();
    TaskState state = soFar.state();
    StepClock clock = whole.clock(step);
    Optional<Looked> looked = step.task().looked();
    List<String> lines =
        soFar
            .instead()
            .map(used -> words.instead(used, words.lines(step)))
            .orElseGet(() -> words.lines(step));
    boolean expects = looked.isPresent() && step.rung().isPresent();
    return new BenchTask(
        step.id(),
        planned.roundId().orElse(null),
        card,
        step.step().code(),
        StepWords.title(planned),
        step.task().surfaceIds(),
        step.task().covers(),
        places.where(planned),
        soFar.productId().orElse(null),
        planned.person().orElse(null),
        planned.person().filter(person -> !Arrangement.isNumbered(person)).orElse(null),
        step.task().hands(),
        Stream.concat(lines.stream(), RunWords.window(clock)).toList(),
        words.lookFor(step),
        cautions.of(step).stream().map(caution -> view(step, caution)).toList(),
        looked.map(l -> l.look().code()).orElse(null),
        looked.map(l -> answers(l, whole.run().isBelowTop(step.task()))).orElse(List.of()),
        step.task().rung(),
        state.passes(),
        expects ? step.rung().get().passesLow() : 0,
        expects ? looked.get().passesHigh() : 0,
        looked.map(Looked::passesHigh).orElse(0),
        state.says().map(o -> o.next().code()).orElse(null),
        state.says().map(Outcome::says).orElse(null),
        clock.from().orElse(null),
        clock.dwellS().orElse(null),
        clock.wipeByS().orElse(null),
        RunWords.late(clock),
        step.task().seconds(),
        state.phase(),
        state.startedAt().orElse(null),
        state.doneAt().orElse(null),
        state.by(),
        step.task().after());
  }

  private CautionView view(RunStep step, StepCaution caution) {
    String text =
        caution.where().isEmpty()
            ? caution.text()
            : Lists.headed(places.each(caution.where()), caution.text());
    return new CautionView(caution.code().name(), text, caution.tick(), ticks.has(step, caution));
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
}
