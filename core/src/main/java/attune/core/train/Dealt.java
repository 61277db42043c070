package attune.core.train;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

/** Choices in no order that tells. */
final class Dealt {
  private Dealt() {}

  static <T> List<T> shuffled(List<T> of, SplittableRandom random) {
    List<T> left = new ArrayList<>(of);
    List<T> dealt = new ArrayList<>();
    while (!left.isEmpty()) {
      dealt.add(left.remove(random.nextInt(left.size())));
    }
    return dealt;
  }
}
