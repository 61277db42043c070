package attune.app.bench;

import attune.app.bench.BenchViews.EntryRequest;
import attune.app.shelf.ShelfService;
import attune.app.shelf.StockService;
import attune.app.web.NotNowException;
import attune.core.bench.Instead;
import attune.core.bench.RunStep;
import attune.core.check.Coded;
import attune.core.check.Fault;
import attune.core.check.InvalidInputException;
import attune.core.run.Entry;
import attune.core.run.Entry.Kind;
import attune.core.run.Look;
import attune.core.run.RunTask;
import attune.core.run.Seen;
import attune.core.shelf.Shelf;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;

/** Reads what a device tells, checks it against the run, and adds what only the shop knows. */
@Component
class EntryReader {
  private static final Phrases PHRASES = Phrases.of(EntryReader.class);

  private static final Duration AHEAD = Duration.ofMinutes(2);

  private final RoomAir rooms;
  private final Swaps swaps;
  private final StockService stock;
  private final ShelfService shelf;
  private final Clock clock;

  EntryReader(RoomAir rooms, Swaps swaps, StockService stock, ShelfService shelf, Clock clock) {
    this.shelf = shelf;
    this.rooms = rooms;
    this.swaps = swaps;
    this.stock = stock;
    this.clock = clock;
  }

  /**
   * @param before all that was told of the run until then, what came in with it too
   * @param heard when it came in; null for when it happened
   * @param pointer to it in what was sent
   * @throws InvalidInputException for a step the run does not have, or what cannot be seen there
   */
  Told read(
      WholeRun whole,
      List<Told> before,
      EntryRequest r,
      @Nullable LocalDateTime heard,
      String pointer) {
    Kind kind = coded(Kind.class, r.kind(), pointer + "/kind");
    Optional<Seen> seen =
        r.seen() == null
            ? Optional.empty()
            : Optional.of(coded(Seen.class, r.seen(), pointer + "/seen"));
    boolean ofRun = Set.of(Kind.PAUSED, Kind.RESUMED, Kind.AIR, Kind.NOTE).contains(kind);
    if (!r.taskId().isEmpty() || !ofRun) {
      RunTask task = task(whole, r, pointer);
      if (!task.hands() && !ofRun) {
        throw new NotNowException(PHRASES.say("a-wait-runs-by-itself"));
      }
      seen.ifPresent(s -> canBe(task, s, pointer));
      if (kind == Kind.SEEN && seen.isEmpty() && task.looked().isPresent()) {
        throw new InvalidInputException(
            pointer + "/seen",
            Fault.NOTHING,
            PHRASES.say("one-of", codes(task.looked().get().look())));
      }
    }
    EntryDetail detail = r.detail() == null ? EntryDetail.NONE : r.detail();
    if (kind == Kind.AIR) {
      if (detail.air() == null) {
        throw new InvalidInputException(
            pointer + "/detail/air", Fault.NOTHING, PHRASES.say("the-room-as-it-was"));
      }
      detail = detail.in(rooms.windows(whole.jobId(), detail.air(), pointer));
    }
    if (kind == Kind.SWAPPED) {
      detail = detail.saying(judged(whole, r, detail, pointer));
    }
    if (kind == Kind.DONE || kind == Kind.SEEN) {
      detail = product(whole, before, r).flatMap(stock::openBatch).map(detail::from).orElse(detail);
    }
    LocalDateTime at = happened(r.at(), whole.entity().startedAt());
    return new Told(
        new Entry(
            r.id().toString(),
            r.taskId(),
            kind,
            at.truncatedTo(ChronoUnit.MILLIS),
            r.by() == null ? "" : r.by().strip(),
            seen,
            r.reason() == null ? "" : r.reason().strip()),
        detail,
        heard == null ? at : heard);
  }

  private static RunTask task(WholeRun whole, EntryRequest r, String pointer) {
    return whole
        .step(r.taskId())
        .map(RunStep::task)
        .orElseThrow(
            () ->
                new InvalidInputException(
                    pointer + "/taskId",
                    "\"" + r.taskId() + "\"",
                    PHRASES.say("a-step-of-this-run")));
  }

  /** Neither before the run nor, on a clock that is fast, after now. */
  private LocalDateTime happened(LocalDateTime told, LocalDateTime startedAt) {
    LocalDateTime now = LocalDateTime.now(clock).truncatedTo(ChronoUnit.MILLIS);
    LocalDateTime at = told.isAfter(now.plus(AHEAD)) ? now : told;
    return at.isBefore(startedAt) ? startedAt : at;
  }

  /** The bottle in hand: what was taken instead, else the planned one. */
  private static Optional<String> product(WholeRun whole, List<Told> before, EntryRequest r) {
    return before.stream()
        .filter(told -> told.entry().taskId().equals(r.taskId()))
        .filter(told -> told.entry().kind() == Kind.SWAPPED)
        .flatMap(told -> told.detail().instead().stream())
        .reduce((earlier, later) -> later)
        .flatMap(Instead::productId)
        .or(() -> whole.step(r.taskId()).flatMap(step -> step.planned().productId()));
  }

  /** What is taken is named on papers: it stands on the run's shelf or on today's. */
  private void onShelf(WholeRun whole, EntryDetail.UsedInstead used, String pointer) {
    Shelf today = shelf.shelf();
    String product = used.productId();
    if (product != null
        && whole.shelf().findProduct(product).or(() -> today.findProduct(product)).isEmpty()) {
      throw new InvalidInputException(
          pointer + "/productId", "\"" + product + "\"", PHRASES.say("a-product-on-the-shelf"));
    }
    String tool = used.toolId();
    if (tool != null && whole.shelf().findTool(tool).or(() -> today.findTool(tool)).isEmpty()) {
      throw new InvalidInputException(
          pointer + "/toolId", "\"" + tool + "\"", PHRASES.say("a-tool-on-the-shelf"));
    }
  }

  private String judged(WholeRun whole, EntryRequest r, EntryDetail detail, String pointer) {
    EntryDetail.UsedInstead used = detail.used();
    if (used == null) {
      throw new InvalidInputException(
          pointer + "/detail/used", Fault.NOTHING, PHRASES.say("what-was-used-instead"));
    }
    onShelf(whole, used, pointer + "/detail/used");
    return whole
        .step(r.taskId())
        .filter(step -> step.rung().isPresent())
        .map(
            step ->
                swaps.says(whole.jobId(), step.task().surfaceIds().get(0), step.rung().get(), used))
        .orElse(PHRASES.say("noted-its-label-says-how"));
  }

  private static void canBe(RunTask task, Seen seen, String pointer) {
    Look look = task.looked().map(l -> l.look()).orElse(null);
    if (look == null || !look.canBe().contains(seen)) {
      throw new InvalidInputException(
          pointer + "/seen",
          "\"" + seen.code() + "\"",
          look == null
              ? PHRASES.say("nothing-this-step-is-only")
              : PHRASES.say("one-of", codes(look)));
    }
  }

  private static String codes(Look look) {
    return look.canBe().stream().map(Coded::code).collect(Lists.joining());
  }

  private static <E extends Enum<E> & Coded> E coded(Class<E> type, String code, String pointer) {
    return Coded.find(type, code)
        .orElseThrow(
            () ->
                new InvalidInputException(
                    pointer, "\"" + code + "\"", PHRASES.say("one-of", Coded.codes(type))));
  }
}
