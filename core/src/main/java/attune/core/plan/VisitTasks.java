package attune.core.plan;

import attune.core.schedule.Activity;
import attune.core.schedule.Network;
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

/** The rounds and waits of a visit as they are put together, and what comes after what. */
final class VisitTasks {
  /** Something awaited that no hand begins: a part on its way, a hot panel in the shade. */
  record Awaited(String id, Task.About about, List<String> surfaceIds, List<String> after) {}

  private static final int DAY_S = 86_400;

  private final Shelf shelf;
  private final boolean shared;
  private final NeededSkills skills;
  private final Network.Builder network = new Network.Builder();
  private final Map<Integer, List<RoundDraft>> rounds = new LinkedHashMap<>();
  private final Map<Integer, Awaited> awaited = new LinkedHashMap<>();

  /**
   * @param shared true when several people work at once: what one does in a zone keeps others out
   */
  VisitTasks(Shelf shelf, List<SurfacePlan> surfaces, boolean shared) {
    this.shelf = shelf;
    this.skills = new NeededSkills(surfaces);
    this.shared = shared;
  }

  Network.Builder network() {
    return network;
  }

  boolean isShared() {
    return shared;
  }

  /** Rounds by the place of their block in the network, in the order they were added. */
  Map<Integer, List<RoundDraft>> rounds() {
    return rounds;
  }

  Map<Integer, Awaited> awaited() {
    return awaited;
  }

  /** Kit that is on the shelf more than once. */
  Map<String, Integer> kit() {
    return shelf.tools().stream()
        .collect(
            Collectors.toMap(
                tool -> "kit:" + tool.kind().code(),
                tool -> tool.count().orElse(1),
                Integer::sum,
                LinkedHashMap::new));
  }

  int add(RoundDraft round, Tool.Kind... kit) {
    return add(List.of(round), kit);
  }

  /** Rounds worked in one go, with what holds the car up behind them. */
  int add(List<RoundDraft> block, Tool.Kind... kit) {
    RoundDraft first = block.get(0);
    RoundDraft last = block.get(block.size() - 1);
    Activity work = Activity.work(first.id, last.at + last.seconds, holds(first, kit));
    Activity placed = first.zone.equals(Round.CABIN) ? work : work.in(Walk.station(first.zone));
    int place = network.add(placed.by(skills.of(block)));
    rounds.put(place, block);
    block.stream()
        .flatMap(r -> r.waits.stream().filter(RoundDraft.Wait::gates).map(w -> r.at + w.until()))
        .max(Integer::compare)
        .ifPresent(
            until -> {
              int gate = network.add(Activity.waiting("held-" + first.id, 0, true));
              network.from(place, gate, until);
            });
    return place;
  }

  int await(Awaited what, int seconds) {
    int place = network.add(Activity.waiting(what.id(), seconds, true));
    awaited.put(place, what);
    return place;
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

  /** Its zones, where there are others to be kept out, and kit of which there is only so much. */
  private List<String> holds(RoundDraft round, Tool.Kind... kit) {
    if (!shared) {
      return List.of();
    }
    List<String> holds = new ArrayList<>();
    round.zones.forEach(zone -> holds.add("zone:" + zone));
    for (Tool.Kind kind : kit) {
      if (!shelf.ofKind(kind).isEmpty()) {
        holds.add("kit:" + kind.code());
      }
    }
    return holds;
  }

  static String numbered(String id, int number, int count) {
    return count > 1 ? id + "-" + number : id;
  }

  static Optional<Span> wipe(double fromS, double byS) {
    int from = (int) Math.round(fromS);
    return Optional.of(new Span(from, Math.max(from, (int) Math.floor(Math.min(byS, DAY_S)))));
  }
}
