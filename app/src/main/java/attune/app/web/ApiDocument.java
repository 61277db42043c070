package attune.app.web;

import attune.app.format.Code;
import attune.app.format.WireCodes;
import attune.core.match.ReasonCode;
import attune.core.train.Physics;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import jakarta.annotation.Nullable;
import java.io.IOException;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.util.ClassUtils;

/**
 * The OpenAPI document, made exact for the front end's types: a field of a record is required
 * unless it says {@link Nullable}, and what is not known is left out, never null.
 */
@Configuration
class ApiDocument {
  private static final String ROOT = "attune/app/";
  private static final List<Object> REASONS =
      Arrays.stream(ReasonCode.values()).<Object>map(WireCodes::of).toList();

  @Bean
  OpenAPI api() {
    return new OpenAPI().info(new Info().title("Attune").version(OlderPagesFilter.MEANING));
  }

  @Bean
  OpenApiCustomizer exact() {
    return api -> {
      Map<String, Class<?>> records = records();
      api.getComponents()
          .getSchemas()
          .forEach(
              (name, schema) -> {
                if (records.containsKey(name)) {
                  tighten(schema, records.get(name));
                }
                spellAll(schema);
              });
      api.getPaths().values().stream()
          .flatMap(path -> path.readOperations().stream())
          .filter(operation -> operation.getParameters() != null)
          .flatMap(operation -> operation.getParameters().stream())
          .forEach(parameter -> spell(parameter.getSchema()));
    };
  }

  private static void tighten(Schema<?> schema, Class<?> type) {
    TreeSet<String> required = new TreeSet<>();
    for (RecordComponent component : type.getRecordComponents()) {
      String name = name(component);
      Schema<?> property = schema.getProperties().get(name);
      if (property != null && property.getTypes() != null) {
        Set<String> types = new TreeSet<>(property.getTypes());
        types.remove("null");
        property.setTypes(types);
      }
      Code code = component.getAccessor().getAnnotation(Code.class);
      if (property != null && code != null) {
        list(property.getItems() == null ? property : property.getItems(), code.value());
      }
      if (!component.getAccessor().isAnnotationPresent(Nullable.class)) {
        required.add(name);
      }
    }
    schema.setRequired(required.isEmpty() ? null : List.copyOf(required));
  }

  @SuppressWarnings("unchecked") // a text's codes are texts
  private static void list(Schema<?> text, Class<? extends Enum<?>> codes) {
    ((Schema<Object>) text)
        .setEnum(Arrays.stream(codes.getEnumConstants()).<Object>map(WireCodes::of).toList());
  }

  private static void spellAll(Schema<?> schema) {
    if (schema.getProperties() != null) {
      schema.getProperties().values().forEach(ApiDocument::spell);
    }
  }

  /** A constant's codes as they go over the wire; those of reasons stay as they are. */
  @SuppressWarnings("unchecked") // an enum's codes are texts
  private static void spell(Schema<?> property) {
    Schema<Object> text =
        (Schema<Object>) (property.getItems() == null ? property : property.getItems());
    if (text.getEnum() != null && !text.getEnum().equals(REASONS)) {
      text.setEnum(
          text.getEnum().stream().<Object>map(code -> WireCodes.spelt(code.toString())).toList());
    }
  }

  private static String name(RecordComponent component) {
    var named =
        component.getAccessor().getAnnotation(com.fasterxml.jackson.annotation.JsonProperty.class);
    return named == null ? component.getName() : named.value();
  }

  private static Map<String, Class<?>> records() {
    Map<String, Class<?>> records = new HashMap<>();
    try {
      Resource[] classes =
          new PathMatchingResourcePatternResolver()
              .getResources("classpath*:" + ROOT + "**/*.class");
      for (Resource file : classes) {
        String path = file.getURL().getPath();
        String name = path.substring(path.lastIndexOf(ROOT), path.length() - ".class".length());
        Class<?> type =
            ClassUtils.resolveClassName(name.replace('/', '.'), ApiDocument.class.getClassLoader());
        if (type.isRecord()) {
          records.put(type.getSimpleName(), type);
        }
      }
      records.put(Physics.class.getSimpleName(), Physics.class); // core's, as it is
      return records;
    } catch (IOException e) {
      throw new IllegalStateException("cannot list the API's records", e);
    }
  }
}
