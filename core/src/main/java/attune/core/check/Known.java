package attune.core.check;

import java.util.Map;

/** What a map is known to hold, because everything that is asked of it was put there. */
public final class Known {
  private Known() {}

  /**
   * What a map holds for a key.
   *
   * @throws IllegalStateException naming the key where it holds nothing: a fault of the program
   */
  public static <K, V> V of(Map<? extends K, ? extends V> map, K key) {
    V value = map.get(key);
    if (value == null) {
      throw new IllegalStateException("nothing is kept for " + key);
    }
    return value;
  }
}
