package attune.core.plan;

import attune.core.match.SpotWork;
import attune.core.shelf.Product;
import attune.core.shelf.Span;
import attune.core.shelf.Tool;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A round before it is put on the clock: its tasks and what has to dry or cure behind it, in
 * seconds from its start.
 */
final class RoundDraft {
  /**
   * A task inside a round.
   *
   * @param wipe when it may and must be wiped
   * @param after ids of tasks it waits for
   * @param spot the stain it is about; empty for a whole panel
   */
  record Piece(
      String id,
      Step step,
      List<String> surfaceIds,
      int section,
      int from,
      int to,
      int handsS,
      Optional<Span> wipe,
      List<String> after,
      Optional<SpotWork> spot) {
    Piece(
        String id,
        Step step,
        List<String> surfaceIds,
        int section,
        int from,
        int to,
        int handsS,
        Optional<Span> wipe,
        List<String> after) {
      this(id, step, surfaceIds, section, from, to, handsS, wipe, after, Optional.empty());
    }
  }

  /** Why something waits. */
  enum Why {
    DRIES,
    NOT_SAT_IN,
    CURES
  }

  /**
   * A wait behind a round that needs nobody.
   *
   * @param from when it begins
   */
  record Wait(String id, Why why, SurfacePlan plan, int from, int seconds) {
    int until() {
      return from + seconds;
    }

    /** True when the car is not handed over before its end. */
    boolean gates() {
      return switch (why) {
        case DRIES -> plan.surface().role() == attune.core.material.Role.SEAT || isDriven();
        case NOT_SAT_IN -> true;
        case CURES -> false;
      };
    }

    boolean isDriven() {
      return plan.surface().isDriven();
    }
  }

  final String id;
  final String zone;
  final Step step;
  final List<String> surfaceIds;
  Optional<String> productId = Optional.empty();
  Optional<String> ratio = Optional.empty();
  Optional<String> toolId = Optional.empty();

  /** What its tasks are about, where that is a part on order. */
  Optional<Task.About> about = Optional.empty();

  final List<Piece> pieces = new ArrayList<>();
  final List<Wait> waits = new ArrayList<>();

  /** Places of rounds that all have to be over; the last of them is named at each first task. */
  final List<Integer> gates = new ArrayList<>();

  /** Zones nobody else is in meanwhile. */
  List<String> zones;

  /** Panels still to be looked at when its last is wiped. */
  List<String> unseen = List.of();

  /** Seconds from the start of its block, where several rounds are worked in one go. */
  int at;

  int seconds;
  int handsS;

  /** Seconds of its span in which looks of the rounds before it in its block are made. */
  int othersS;

  RoundDraft(String id, String zone, Step step, List<String> surfaceIds) {
    this.id = id;
    this.zone = zone;
    this.step = step;
    this.surfaceIds = List.copyOf(surfaceIds);
    this.zones = zone.equals(Round.CABIN) ? List.of() : List.of(zone);
  }

  /** On some panels of a zone, or round the cabin from one to the next. */
  static RoundDraft on(List<SurfacePlan> panels, String id, Step step) {
    List<String> zones = panels.stream().map(p -> p.surface().zone()).distinct().toList();
    List<String> ids = panels.stream().map(p -> p.surface().id()).toList();
    RoundDraft round =
        new RoundDraft(id, zones.size() == 1 ? zones.get(0) : Round.CABIN, step, ids);
    round.zones = zones;
    return round;
  }

  RoundDraft with(Optional<Product> product, Optional<String> parts, Optional<Tool> tool) {
    productId = product.map(Product::id);
    ratio = parts;
    toolId = tool.map(Tool::id);
    return this;
  }

  /** Hands-on seconds that belong to no task. */
  RoundDraft overhead(int more) {
    seconds += more;
    handsS += more;
    return this;
  }

  /** One task more, behind those before it. */
  RoundDraft then(String taskId, Step what, List<String> panels, int length, List<String> after) {
    pieces.add(
        new Piece(
            taskId, what, panels, 0, seconds, seconds + length, length, Optional.empty(), after));
    return overhead(length);
  }

  /** A round of a single task. */
  static RoundDraft single(
      String taskId, Step step, List<String> panels, double minutes, List<String> after) {
    return new RoundDraft("r-" + taskId, Round.CABIN, step, panels)
        .then(taskId, step, panels, WorkTimes.seconds(minutes), after);
  }
}
