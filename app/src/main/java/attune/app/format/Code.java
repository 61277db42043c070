package attune.app.format;

import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * Says which codes a text, or each of a list of texts, may be: the API's document lists them, and
 * the front end's compiler finds the one that has no word.
 */
@Documented
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.METHOD)
public @interface Code {
  /** A type that is {@link attune.core.check.Coded}, or whose names are the codes. */
  Class<? extends Enum<?>> value();
}
