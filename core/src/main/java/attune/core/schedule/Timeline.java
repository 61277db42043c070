package attune.core.schedule;

import java.util.Arrays;

/** When one person, zone or piece of kit is taken: stretches that do not overlap, in order. */
final class Timeline {
  private int[] starts = new int[16];
  private int[] ends = new int[16];
  private int size;

  void clear() {
    size = 0;
  }

  /** The earliest start at or after a time with this many seconds free. */
  int earliest(int from, int seconds) {
    int i = firstEndingAfter(from);
    int start = from;
    while (i < size && starts[i] < start + seconds) {
      start = Math.max(start, ends[i]);
      i++;
    }
    return start;
  }

  void take(int start, int seconds) {
    if (seconds == 0) {
      return;
    }
    if (size == starts.length) {
      starts = Arrays.copyOf(starts, 2 * size);
      ends = Arrays.copyOf(ends, 2 * size);
    }
    int i = firstEndingAfter(start);
    System.arraycopy(starts, i, starts, i + 1, size - i);
    System.arraycopy(ends, i, ends, i + 1, size - i);
    starts[i] = start;
    ends[i] = start + seconds;
    size++;
  }

  void giveBack(int start, int seconds) {
    if (seconds == 0) {
      return;
    }
    int i = Arrays.binarySearch(starts, 0, size, start);
    System.arraycopy(starts, i + 1, starts, i, size - i - 1);
    System.arraycopy(ends, i + 1, ends, i, size - i - 1);
    size--;
  }

  private int firstEndingAfter(int time) {
    int low = 0;
    int high = size;
    while (low < high) {
      int middle = (low + high) >>> 1;
      if (ends[middle] > time) {
        high = middle;
      } else {
        low = middle + 1;
      }
    }
    return low;
  }
}
