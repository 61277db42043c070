package attune.app.format;

import attune.core.check.Coded;
import attune.core.match.ReasonCode;
import java.util.Locale;
import org.springframework.stereotype.Component;
import tools.jackson.databind.cfg.MapperConfig;
import tools.jackson.databind.introspect.AnnotatedClass;
import tools.jackson.databind.introspect.NopAnnotationIntrospector;
import tools.jackson.databind.module.SimpleModule;

/**
 * How a code is spelt wherever it leaves or comes in: in small letters with hyphens, as in the
 * tables. Reasons alone are in capitals, as the file formats have them. What an older Attune wrote
 * in capitals is read as well.
 */
@Component
public class WireCodes extends SimpleModule {
  private static final long serialVersionUID = 1;

  /** The code of a constant on the wire. */
  public static String of(Enum<?> constant) {
    if (constant instanceof ReasonCode) {
      return constant.name();
    }
    return constant instanceof Coded coded ? coded.code() : spelt(constant.name());
  }

  /** A constant's name as a code. */
  public static String spelt(String name) {
    return name.toLowerCase(Locale.ROOT).replace('_', '-');
  }

  @Override
  public void setupModule(SetupContext context) {
    super.setupModule(context);
    context.insertAnnotationIntrospector(new Spelling());
  }

  private static final class Spelling extends NopAnnotationIntrospector {
    private static final long serialVersionUID = 1;

    @Override
    public String[] findEnumValues(
        MapperConfig<?> config, AnnotatedClass type, Enum<?>[] constants, String[] names) {
      for (int i = 0; i < constants.length; i++) {
        names[i] = of(constants[i]);
      }
      return names;
    }

    @Override
    public void findEnumAliases(
        MapperConfig<?> config, AnnotatedClass type, Enum<?>[] constants, String[][] aliases) {
      for (int i = 0; i < constants.length; i++) {
        aliases[i] = new String[] {constants[i].name()};
      }
    }
  }
}
