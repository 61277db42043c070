package attune.core.words;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.concurrent.ConcurrentHashMap;

/**
 * The sentences of an area, which is a package: {@code attune.core.match} says what stands in
 * {@code /attune/words/core/match.properties}. A sentence is a code with arguments; which one it is
 * hangs on the code and never on its English.
 */
public final class Phrases {
  /** The system property for the language Attune speaks, which it is started with: {@value}. */
  public static final String LANGUAGE = "attune.language";

  /** What is spoken unless it is said. */
  public static final String ENGLISH = "en";

  /** The language of no country: English with every sentence marked, so that a test sees others. */
  public static final String MARKED = "en-XA";

  private static final String CATALOGUES = "attune/words/";
  private static final boolean IS_MARKED = language().equals(MARKED);
  private static final Map<String, Phrases> AREAS = new ConcurrentHashMap<>();

  private final String area;
  private final Map<String, Phrase> phrases = new HashMap<>();

  private Phrases(String area) {
    this.area = area;
    ResourceBundle messages =
        ResourceBundle.getBundle(CATALOGUES + area, Locale.ROOT, Phrases.class.getClassLoader());
    messages.keySet().forEach(code -> phrases.put(code, Phrase.of(messages.getString(code))));
  }

  /** The language spoken, as an IETF tag. */
  public static String language() {
    return System.getProperty(LANGUAGE, ENGLISH);
  }

  /** The sentences of a class's package. */
  public static Phrases of(Class<?> saying) {
    return AREAS.computeIfAbsent(
        saying.getPackageName().replaceFirst("^attune\\.", "").replace('.', '/'), Phrases::new);
  }

  /**
   * Says something.
   *
   * @param code of the area's catalogue
   * @param with what the message asks for, in its order
   * @throws IllegalStateException for a code the catalogue does not have
   */
  public String say(String code, Object... with) {
    Phrase phrase = phrases.get(code);
    if (phrase == null) {
      throw new IllegalStateException("no phrase " + code + " in " + area);
    }
    return marked(phrase.said(with));
  }

  /** What stands in another table than a catalogue, marked as its sentences are. */
  public static String marked(String said) {
    return IS_MARKED ? "«" + said + "»" : said;
  }

  /** A number as messages have it, by a {@link java.util.Formatter} pattern. */
  public static String number(String pattern, Object value) {
    return String.format(Locale.ROOT, pattern, value);
  }
}
