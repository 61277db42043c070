package attune.app.web;

import attune.app.format.WireCodes;
import java.util.Arrays;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.convert.converter.Converter;
import org.springframework.core.convert.converter.ConverterFactory;
import org.springframework.format.FormatterRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** A code in an address is spelt as one in a body. */
@Configuration
class CodesInAddresses implements WebMvcConfigurer {
  @Override
  public void addFormatters(FormatterRegistry registry) {
    registry.addConverterFactory(new Reader());
  }

  @SuppressWarnings("rawtypes") // an enum of any kind
  private static final class Reader implements ConverterFactory<String, Enum> {
    @Override
    public <T extends Enum> Converter<String, T> getConverter(Class<T> type) {
      return text ->
          Arrays.stream(type.getEnumConstants())
              .filter(each -> WireCodes.of(each).equals(text) || each.name().equals(text))
              .findFirst()
              .orElseThrow(() -> new IllegalArgumentException(text));
    }
  }
}
