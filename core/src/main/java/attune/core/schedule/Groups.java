package attune.core.schedule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Activities that have to be put on the clock together, because one must start within a stated time
 * of another, and which group comes before which.
 */
final class Groups {
  final int[] of;
  final int[][] members;
  final int[][] before;
  final int[][] behind;

  Groups(Network network) {
    int count = network.activities().size();
    int[] root = new int[count];
    Arrays.setAll(root, i -> i);
    for (Lag lag : network.lags()) {
      if (lag.most().isPresent()) {
        join(root, lag.from(), lag.to());
      }
    }
    of = new int[count];
    List<List<Integer>> lists = new ArrayList<>();
    int[] groupOfRoot = new int[count];
    Arrays.fill(groupOfRoot, -1);
    for (int i = 0; i < count; i++) {
      int top = find(root, i);
      if (groupOfRoot[top] < 0) {
        groupOfRoot[top] = lists.size();
        lists.add(new ArrayList<>());
      }
      of[i] = groupOfRoot[top];
      lists.get(of[i]).add(i);
    }
    members = lists.stream().map(Groups::ints).toArray(int[][]::new);
    List<List<Integer>> earlier = new ArrayList<>();
    List<List<Integer>> later = new ArrayList<>();
    for (int g = 0; g < members.length; g++) {
      earlier.add(new ArrayList<>());
      later.add(new ArrayList<>());
    }
    for (Lag lag : network.lags()) {
      int a = of[lag.from()];
      int b = of[lag.to()];
      if (a != b && !earlier.get(b).contains(a)) {
        earlier.get(b).add(a);
        later.get(a).add(b);
      }
    }
    before = earlier.stream().map(Groups::ints).toArray(int[][]::new);
    behind = later.stream().map(Groups::ints).toArray(int[][]::new);
  }

  /** Groups in the order of their first members, moved back where something must come before. */
  int[] natural() {
    int[] order = new int[members.length];
    boolean[] done = new boolean[members.length];
    for (int at = 0; at < order.length; at++) {
      int next = -1;
      for (int g = 0; g < members.length && next < 0; g++) {
        if (!done[g] && Arrays.stream(before[g]).allMatch(b -> done[b])) {
          next = g;
        }
      }
      if (next < 0) {
        throw new IllegalArgumentException(
            "lags: what must start within a time of each other waits for something between");
      }
      done[next] = true;
      order[at] = next;
    }
    return order;
  }

  private static int[] ints(List<Integer> list) {
    return list.stream().mapToInt(Integer::intValue).toArray();
  }

  private static int find(int[] root, int i) {
    int top = i;
    while (root[top] != top) {
      top = root[top];
    }
    return top;
  }

  private static void join(int[] root, int a, int b) {
    int low = Math.min(find(root, a), find(root, b));
    root[Math.max(find(root, a), find(root, b))] = low;
  }
}
