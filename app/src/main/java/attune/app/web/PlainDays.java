package attune.app.web;

import attune.core.words.Phrases;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.function.Function;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.module.SimpleModule;

/**
 * Days and times of a shop's life: the years 1900 to 2100, in four digits. A stranger one would be
 * taken, and then nothing that has to show it could be read again.
 */
@Component
class PlainDays extends SimpleModule {
  private static final Phrases PHRASES = Phrases.of(PlainDays.class);

  private static final Pattern YEAR = Pattern.compile("(19\\d\\d|20\\d\\d|2100)-.*");

  PlainDays() {
    super("plain-days");
    addDeserializer(
        LocalDate.class,
        new Plain<>(LocalDate.class, LocalDate::parse, PHRASES.say("a-day-yyyy-mm-dd")));
    addDeserializer(
        LocalDateTime.class,
        new Plain<>(
            LocalDateTime.class, LocalDateTime::parse, PHRASES.say("a-local-time-yyyy-mm")));
  }

  private static final class Plain<T> extends StdDeserializer<T> {
    private final transient Function<String, T> parse;
    private final String allowed;

    Plain(Class<T> type, Function<String, T> parse, String allowed) {
      super(type);
      this.parse = parse;
      this.allowed = PHRASES.say("from-1900-to-2100", allowed);
    }

    @Override
    public T deserialize(JsonParser parser, DeserializationContext context) {
      String text = parser.getValueAsString("");
      try {
        if (YEAR.matcher(text).matches()) {
          return parse.apply(text);
        }
      } catch (DateTimeException e) {
        // said below, as for what has no year
      }
      throw context.weirdStringException(text, handledType(), allowed);
    }
  }
}
