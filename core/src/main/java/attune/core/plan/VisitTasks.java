package attune.core.plan;

import attune.core.schedule.Activity;
import attune.core.schedule.Network;
import attune.core.schedule.Skill;
import attune.core.shelf.Shelf;
import attune.core.shelf.Span;
import attune.core.shelf.Tool;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** The activities of a visit as they are put together, each with why it is there. */
final class VisitTasks {
  /** Why an activity is there; a milestone has none. */
  record Note(
      Step step,
      List<String> surfaceIds,
      Optional<String> productId,
      Optional<String> toolId,
      int section,
      Optional<Span> wipe) {

    /** A step on some panels, with nothing more to say. */
    static Note of(Step step, List<String> surfaceIds) {
      return new Note(step, surfaceIds, Optional.empty(), Optional.empty(), 0, Optional.empty());
    }

    Note with(Optional<String> bottle) {
      return new Note(step, surfaceIds, bottle, toolId, section, wipe);
    }
  }

  private static final int GRID_S = 30;
  private static final int DAY_S = 86_400;

  private final Shelf shelf;
  private final boolean shared;
  private final Network.Builder network = new Network.Builder();
  private final Map<Integer, Note> notes = new LinkedHashMap<>();

  /**
   * @param shared true when several people work at once: what one does in a zone keeps others out
   */
  VisitTasks(Shelf shelf, boolean shared) {
    this.shelf = shelf;
    this.shared = shared;
  }

  Network.Builder network() {
    return network;
  }

  boolean isShared() {
    return shared;
  }

  Optional<Note> note(int place) {
    return Optional.ofNullable(notes.get(place));
  }

  /** Places of all that needs hands so far. */
  List<Integer> hands() {
    return notes.keySet().stream().filter(place -> network.needsHands(place)).toList();
  }

  /** Kit that is on the shelf more than once. */
  Map<String, Integer> kit() {
    return shelf.tools().stream()
        .collect(
            Collectors.toMap(
                tool -> "kit:" + tool.kind().code(),
                tool -> Math.max(1, tool.count().orElse(1)),
                Integer::sum));
  }

  int add(Activity activity, Note note) {
    int place = network.add(activity);
    notes.put(place, note);
    return place;
  }

  /** Hands-on work on some panels that keeps others out of nothing. */
  int work(Step step, String id, List<SurfacePlan> plans, double minutes) {
    return work(step, id, plans, minutes, List.of());
  }

  int work(Step step, String id, List<SurfacePlan> plans, double minutes, List<String> holds) {
    return add(
        Activity.work(id, roundUp(minutes * 60), holds),
        Note.of(step, plans.stream().map(p -> p.surface().id()).toList()));
  }

  int waiting(Step step, String id, String surfaceId, int seconds, boolean gates) {
    return add(Activity.waiting(id, roundUp(seconds), gates), Note.of(step, List.of(surfaceId)));
  }

  int milestone(String id, Collection<Integer> earlier) {
    int place = network.add(Activity.waiting(id, 0, false));
    earlier.forEach(e -> then(e, place));
    return place;
  }

  int then(int earlier, int later) {
    network.after(earlier, later, 0);
    return later;
  }

  /** The zones of some panels, where there are others to be kept out. */
  List<String> zones(List<SurfacePlan> plans) {
    return shared
        ? plans.stream().map(p -> "zone:" + p.surface().zone()).distinct().toList()
        : List.of();
  }

  /** Kit of which there is only so much; without any on the shelf nobody waits for it. */
  List<String> with(List<String> holds, Tool.Kind kind) {
    if (!shared || shelf.ofKind(kind).isEmpty()) {
      return holds;
    }
    List<String> both = new ArrayList<>(holds);
    both.add("kit:" + kind.code());
    return both;
  }

  static Activity skilled(FinishStep step, Activity activity) {
    return step.step() == Step.COAT ? activity.by(Skill.COATING) : activity;
  }

  static String numbered(String id, int number, int count) {
    return count > 1 ? id + "-" + number : id;
  }

  static Span wipe(double fromS, double byS) {
    int from = (int) Math.round(fromS);
    return new Span(from, Math.max(from, (int) Math.floor(Math.min(byS, DAY_S))));
  }

  static int roundUp(double seconds) {
    return (int) Math.max(GRID_S, Math.ceil(seconds / GRID_S) * GRID_S);
  }
}
