package attune.core.words;

/** Codes as people read them. */
public final class Words {
  private Words() {}

  /** Of several words, as inside a sentence: "cushion centre". */
  public static String of(String code) {
    return Phrases.marked(code.replace('-', ' '));
  }

  /** Beginning a line: "Cushion centre". */
  public static String capital(String text) {
    return Character.toUpperCase(text.charAt(0)) + text.substring(1);
  }
}
