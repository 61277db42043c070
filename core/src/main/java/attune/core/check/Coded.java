package attune.core.check;

import attune.core.words.Lists;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/**
 * An enum constant with a stable code for files, the API and the tables: {@code SKIN_OIL} is {@code
 * skin-oil}.
 */
public interface Coded {
  String name();

  /** The code, lower case with hyphens. */
  default String code() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /** The constant with this code, or empty. */
  static <E extends Enum<E> & Coded> Optional<E> find(Class<E> type, String code) {
    return Arrays.stream(type.getEnumConstants()).filter(e -> e.code().equals(code)).findFirst();
  }

  /**
   * The constant with this code.
   *
   * @throws InvalidInputException naming the codes there are
   */
  static <E extends Enum<E> & Coded> E parse(Class<E> type, String code) {
    return find(type, code)
        .orElseThrow(() -> new InvalidInputException("", "\"" + code + "\"", codes(type)));
  }

  /** All codes of a type, joined for an error message. */
  static <E extends Enum<E> & Coded> String codes(Class<E> type) {
    return Arrays.stream(type.getEnumConstants()).map(Coded::code).collect(Lists.joining());
  }
}
