package attune.core.words;

import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.text.MessagePattern.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * One ICU message. The planner says thousands of sentences while it compares treatments, so one
 * that only sets its arguments in is taken apart once; plurals and choices are left to the library.
 *
 * @param message whole, for the library; its arguments are numbered from 0
 * @param parts texts and, as {@link Integer}, numbers of arguments; empty where the library says it
 */
record Phrase(String message, List<Object> parts) {
  static Phrase of(String message) {
    MessagePattern pattern = new MessagePattern(message);
    List<Object> parts = new ArrayList<>();
    int from = 0;
    for (int i = 0; i < pattern.countParts(); i++) {
      Part part = pattern.getPart(i);
      switch (part.getType()) {
        case MSG_START -> from = part.getLimit();
        case ARG_START -> {
          if (part.getArgType() != MessagePattern.ArgType.NONE) {
            return new Phrase(message, List.of());
          }
          parts.add(message.substring(from, part.getIndex()));
          parts.add(pattern.getPart(i + 1).getValue());
        }
        case ARG_LIMIT -> from = part.getLimit();
        case SKIP_SYNTAX -> {
          parts.add(message.substring(from, part.getIndex()));
          from = part.getLimit();
        }
        case MSG_LIMIT -> parts.add(message.substring(from, part.getIndex()));
        default -> {}
      }
    }
    return new Phrase(message, List.copyOf(parts));
  }

  String said(Object... with) {
    if (parts.isEmpty()) {
      return new MessageFormat(message, Locale.UK).format(with);
    }
    StringBuilder said = new StringBuilder();
    for (Object part : parts) {
      said.append(part instanceof Integer number ? with[number] : part);
    }
    return said.toString();
  }
}
