package attune.core.match;

import attune.core.match.Mixes.Mixed;
import attune.core.match.Search.Option;
import attune.core.reference.Figures;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Chooses the first rungs of a whole cabin together: each panel's within a stated loss of its own
 * gentlest, so that few bottles and few tools do the cabin. The price is so much for each bottle
 * and tool and the loss of every panel; it is found by depth-first branch and bound, exact for a
 * cabin, and past {@value #MOST_NODES} steps the best so far stands beside a proven lower bound.
 */
final class CabinChoice {
  private static final int MOST_NODES = 2_000;
  private static final double EPSILON = 1e-9;

  /**
   * Panels that are alike.
   *
   * @param allowed first rungs to choose from, none of which asks for more than the loss allows
   * @param gentlest the least harm among them
   */
  record Group(int panels, List<Option> allowed, Option gentlest) {}

  /**
   * What was chosen.
   *
   * @param first one for each group
   * @param lowerBound no choice could cost less than this
   */
  record Choice(List<Option> first, double cost, double lowerBound) {}

  /** One first rung of a group: its bottle and its tool by number, or -1, and what it costs. */
  private record Entry(Option option, int bottle, int tool, double loss) {}

  private final double bottlePrice;
  private final double toolPrice;
  private final double lossMost;

  /**
   * @param school of the house rule {@code few-bottles}
   */
  CabinChoice(Figures figures, String school) {
    bottlePrice = figures.get("cabin.bottle." + school);
    toolPrice = figures.get("cabin.tool." + school);
    lossMost = figures.get("cabin.loss-most." + school);
  }

  /** What a panel may be asked to stand, where this is the gentlest that is strong enough. */
  double mostHarm(Option gentlest) {
    return gentlest.harm() * (1 + lossMost);
  }

  Choice choose(List<Group> groups) {
    return new Solver(groups).solve();
  }

  private final class Solver {
    private final List<List<Entry>> entries = new ArrayList<>();
    private final List<BitSet> bottlesOf = new ArrayList<>();
    private final List<BitSet> toolsOf = new ArrayList<>();
    private final Integer[] order;
    private final int[] bottleUses;
    private final int[] toolUses;
    private final Entry[] picked;
    private Entry[] best = {};
    private double bestCost = Double.POSITIVE_INFINITY;
    private int nodes;

    Solver(List<Group> groups) {
      Map<String, Integer> bottles = new HashMap<>();
      Map<String, Integer> tools = new HashMap<>();
      for (Group group : groups) {
        List<Entry> own = entries(group, bottles, tools);
        entries.add(own);
        BitSet ownBottles = new BitSet();
        BitSet ownTools = new BitSet();
        for (Entry entry : own) {
          if (entry.bottle() >= 0) {
            ownBottles.set(entry.bottle());
          }
          ownTools.set(entry.tool());
        }
        if (own.stream().anyMatch(entry -> entry.bottle() < 0)) {
          ownBottles.clear(); // what may be done dry needs none
        }
        bottlesOf.add(ownBottles);
        toolsOf.add(ownTools);
      }
      order = new Integer[groups.size()];
      Arrays.setAll(order, i -> i);
      Arrays.sort(order, Comparator.comparingInt(i -> bottlesOf.get(i).cardinality()));
      bottleUses = new int[bottles.size()];
      toolUses = new int[tools.size()];
      picked = new Entry[groups.size()];
    }

    /** Of each bottle with each tool, only the gentlest; in the order they would be taken. */
    private List<Entry> entries(
        Group group, Map<String, Integer> bottles, Map<String, Integer> tools) {
      Map<Long, Entry> least = new HashMap<>();
      double gentlest = group.gentlest().harm();
      for (Option option : group.allowed()) {
        int bottle =
            option
                .mixed()
                .map(m -> bottles.computeIfAbsent(key(m), k -> bottles.size()))
                .orElse(-1);
        int tool = tools.computeIfAbsent(option.tool().id(), k -> tools.size());
        double loss =
            gentlest <= 0 ? 0 : group.panels() * Math.max(0, option.harm() / gentlest - 1);
        Entry entry = new Entry(option, bottle, tool, loss);
        least.merge(
            (long) bottle << 32 | tool,
            entry,
            (a, b) -> a.option() == group.gentlest() || a.loss() <= b.loss() ? a : b);
      }
      List<Entry> own = new ArrayList<>(least.values());
      own.sort(
          Comparator.comparingDouble(Entry::loss)
              .thenComparing(e -> e.option() != group.gentlest())
              .thenComparing(e -> e.option().mixed().map(CabinChoice::key).orElse(""))
              .thenComparing(e -> e.option().tool().id()));
      return own;
    }

    Choice solve() {
      double bound = bound(0, 0);
      startFrom(true);
      startFrom(false);
      if (bestCost > bound + EPSILON) {
        Arrays.fill(bottleUses, 0);
        Arrays.fill(toolUses, 0);
        search(0, 0);
      }
      boolean proven = nodes < MOST_NODES;
      return new Choice(
          Arrays.stream(best).map(Entry::option).toList(), bestCost, proven ? bestCost : bound);
    }

    /** Takes each group's cheapest beside what is taken already, then mends until nothing moves. */
    private void startFrom(boolean gentlestFirst) {
      Arrays.fill(bottleUses, 0);
      Arrays.fill(toolUses, 0);
      for (int group : order) {
        take(group, gentlestFirst ? entries.get(group).get(0) : cheapest(group));
      }
      boolean moved = true;
      while (moved) {
        moved = false;
        for (int group : order) {
          Entry now = picked[group];
          leave(now);
          double price = price(now);
          Entry next = cheapest(group);
          moved |= price(next) < price - EPSILON;
          take(group, price(next) < price - EPSILON ? next : now);
        }
      }
      double cost = cost();
      if (cost < bestCost - EPSILON) {
        best = picked.clone();
        bestCost = cost;
      }
    }

    private Entry cheapest(int group) {
      Entry least = entries.get(group).get(0);
      for (Entry entry : entries.get(group)) {
        if (price(entry) < price(least) - EPSILON) {
          least = entry;
        }
      }
      return least;
    }

    private double price(Entry entry) {
      boolean newBottle = entry.bottle() >= 0 && bottleUses[entry.bottle()] == 0;
      return entry.loss()
          + (newBottle ? bottlePrice : 0)
          + (toolUses[entry.tool()] == 0 ? toolPrice : 0);
    }

    private void take(int group, Entry entry) {
      picked[group] = entry;
      if (entry.bottle() >= 0) {
        bottleUses[entry.bottle()]++;
      }
      toolUses[entry.tool()]++;
    }

    private void leave(Entry entry) {
      if (entry.bottle() >= 0) {
        bottleUses[entry.bottle()]--;
      }
      toolUses[entry.tool()]--;
    }

    private double cost() {
      double cost = 0;
      for (Entry entry : picked) {
        cost += entry.loss();
      }
      return cost
          + bottlePrice * Arrays.stream(bottleUses).filter(n -> n > 0).count()
          + toolPrice * Arrays.stream(toolUses).filter(n -> n > 0).count();
    }

    private void search(int depth, double cost) {
      if (nodes >= MOST_NODES || cost + bound(depth, 0) >= bestCost - EPSILON) {
        return;
      }
      nodes++;
      if (depth == order.length) {
        best = picked.clone();
        bestCost = cost;
        return;
      }
      int group = order[depth];
      List<Entry> own = new ArrayList<>(entries.get(group));
      own.sort(Comparator.comparingDouble(this::price));
      for (Entry entry : own) {
        double price = price(entry);
        if (cost + price >= bestCost - EPSILON) {
          break;
        }
        take(group, entry);
        search(depth + 1, cost + price);
        leave(entry);
      }
    }

    /**
     * What the groups still to come cost at least: groups that share no bottle need one each, and
     * so with tools.
     */
    private double bound(int depth, double least) {
      BitSet bottlesSeen = new BitSet();
      BitSet toolsSeen = new BitSet();
      double bound = least;
      for (int i = depth; i < order.length; i++) {
        int group = order[i];
        bound += entries.get(group).get(0).loss();
        bound += needsNew(bottlesOf.get(group), bottleUses, bottlesSeen) ? bottlePrice : 0;
        bound += needsNew(toolsOf.get(group), toolUses, toolsSeen) ? toolPrice : 0;
      }
      return bound;
    }

    private boolean needsNew(BitSet own, int[] uses, BitSet seen) {
      if (own.isEmpty() || own.intersects(seen)) {
        return false;
      }
      for (int i = own.nextSetBit(0); i >= 0; i = own.nextSetBit(i + 1)) {
        if (uses[i] > 0) {
          return false;
        }
      }
      seen.or(own);
      return true;
    }
  }

  private static String key(Mixed mixed) {
    return mixed.product().id() + " " + mixed.ratio().code();
  }
}
