package attune.app.shop;

import java.util.Map;
import java.util.UUID;

/** Those who sign in, as far as the shop's people need to know them. */
public interface Members {
  /** Who works here, by name. */
  Map<String, UUID> byName();
}
