package attune.core.words;

import com.ibm.icu.text.ListFormatter;
import com.ibm.icu.text.ListFormatter.Type;
import com.ibm.icu.text.ListFormatter.Width;
import java.util.Arrays;
import java.util.Collection;
import java.util.Locale;
import java.util.stream.Collector;
import java.util.stream.Collectors;

/** Several things in one sentence, as the language puts them beside one another. */
public final class Lists {
  private static final Phrases PHRASES = Phrases.of(Lists.class);
  private static final ListFormatter FACTS = of(Type.UNITS);
  private static final ListFormatter ALL = of(Type.AND);
  private static final ListFormatter ANY = of(Type.OR);

  private Lists() {}

  /** What is said one after the other, those that are not empty: "1:10, warm, two passes". */
  public static String facts(String... facts) {
    return facts(Arrays.asList(facts));
  }

  /** The same. */
  public static String facts(Collection<String> facts) {
    return FACTS.format(facts.stream().filter(fact -> !fact.isEmpty()).toList());
  }

  /** All of them: "seat, door and dash"; apart by semicolons where one has a comma itself. */
  public static String all(Collection<String> things) {
    return things.stream().anyMatch(thing -> thing.contains(","))
        ? apart(things)
        : ALL.format(things);
  }

  /** One of them: "seat, door or dash". */
  public static String any(Collection<String> things) {
    return ANY.format(things);
  }

  /** All of them, apart by more than a comma: "seat, left; door, front". */
  public static String apart(Collection<String> things) {
    return things.stream().reduce((one, next) -> PHRASES.say("apart", one, next)).orElse("");
  }

  /** Gathers what has commas itself. */
  public static Collector<String, ?, String> joiningApart() {
    return Collectors.collectingAndThen(Collectors.toList(), Lists::apart);
  }

  /** Gathers what is said one after the other. */
  public static Collector<String, ?, String> joining() {
    return Collectors.collectingAndThen(Collectors.toList(), Lists::facts);
  }

  /** Whole sentences after one another, those that are not empty. */
  public static String sentences(String... sentences) {
    return Arrays.stream(sentences)
        .filter(said -> !said.isBlank())
        .collect(Collectors.joining(" "));
  }

  /** The same. */
  public static String sentences(Collection<String> sentences) {
    return sentences(sentences.toArray(String[]::new));
  }

  /** What it is about and what is said of it, if anything is: "Seat: worn". */
  public static String headed(String about, String says) {
    return says.isEmpty() ? about : PHRASES.say("headed", about, says);
  }

  /** What it is, with a word about it: "Seat (worn)". */
  public static String noted(String what, Object word) {
    return PHRASES.say("noted", what, word);
  }

  /** A line that is not a whole sentence, closed like one. */
  public static String ended(String line) {
    return PHRASES.say("ended", line);
  }

  private static ListFormatter of(Type type) {
    return ListFormatter.getInstance(Locale.UK, type, Width.WIDE);
  }
}
