package attune.app.people;

/** Text fields as they are stored: stripped, and nothing rather than empty. */
final class Texts {
  private Texts() {}

  static String orNull(String text) {
    return text == null || text.isBlank() ? null : text.strip();
  }

  /** Two notes as one; either may be missing. */
  static String both(String a, String b) {
    if (a == null || a.equals(b)) {
      return b;
    }
    return b == null ? a : a + "\n" + b;
  }

  static <T> T or(T a, T b) {
    return a == null ? b : a;
  }
}
