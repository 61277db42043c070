package attune.app.people;

import jakarta.annotation.Nullable;

/** Text fields as they are stored: stripped, and nothing rather than empty. */
final class Texts {
  private Texts() {}

  static @Nullable String orNull(@Nullable String text) {
    return text == null || text.isBlank() ? null : text.strip();
  }

  /** Two notes as one; either may be missing. */
  static @Nullable String both(@Nullable String a, @Nullable String b) {
    if (a == null || a.equals(b)) {
      return b;
    }
    return b == null ? a : a + "\n" + b;
  }

  static <T> @Nullable T or(@Nullable T a, @Nullable T b) {
    return a == null ? b : a;
  }
}
