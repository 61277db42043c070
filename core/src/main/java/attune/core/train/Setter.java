package attune.core.train;

import java.util.Optional;

/** Makes an exercise of a case. */
interface Setter {
  /** Empty where this case gives nothing to ask. */
  Optional<Exercise> set(Scene scene);
}
