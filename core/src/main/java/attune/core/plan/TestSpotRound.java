package attune.core.plan;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Test spots one behind the other as one round: the same thing everywhere, each bottle on each
 * finish, their waits shared.
 */
final class TestSpotRound {
  private final List<Round> rounds = new ArrayList<>();
  private final Map<String, String> partOf = new HashMap<>();

  /**
   * @param sorted rounds in order of their start
   */
  TestSpotRound(List<Round> sorted) {
    Map<Optional<String>, Integer> lastOf = new HashMap<>();
    for (Round round : sorted) {
      Integer last = lastOf.get(round.person());
      if (last != null && goOn(rounds.get(last), round)) {
        rounds.set(last, together(rounds.get(last), round));
        partOf.put(round.id(), rounds.get(last).id());
      } else {
        lastOf.put(round.person(), rounds.size());
        rounds.add(round);
      }
    }
  }

  List<Round> rounds() {
    return rounds;
  }

  /** The round a task of a draft is now in. */
  String now(String draftId) {
    return partOf.getOrDefault(draftId, draftId);
  }

  private static boolean goOn(Round round, Round next) {
    return round.step() == Step.TEST_SPOT
        && next.step() == Step.TEST_SPOT
        && !next.start().isAfter(round.end().plusMinutes(1));
  }

  private static Round together(Round a, Round b) {
    Set<String> panels = new LinkedHashSet<>(a.surfaceIds());
    panels.addAll(b.surfaceIds());
    LocalDateTime end = a.end().isAfter(b.end()) ? a.end() : b.end();
    return new Round(
        a.id(),
        a.zone(),
        a.step(),
        List.copyOf(panels),
        same(a.productId(), b.productId()),
        a.productId().equals(b.productId()) ? same(a.ratio(), b.ratio()) : Optional.empty(),
        same(a.toolId(), b.toolId()),
        a.person(),
        a.start(),
        end,
        a.handsS() + b.handsS(),
        a.waitS() + b.waitS(),
        a.block(),
        a.spots());
  }

  private static Optional<String> same(Optional<String> a, Optional<String> b) {
    return a.equals(b) ? a : Optional.empty();
  }
}
