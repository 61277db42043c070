package attune.core.plan;

import java.time.LocalDateTime;
import java.util.List;

/**
 * A part that has to come before it is fitted; the panels it is fitted to are not worked before
 * that.
 *
 * @param surfaceIds panels, those the job does not have passed over
 * @param arrives when it is in the shop
 */
public record PartOnOrder(String name, List<String> surfaceIds, LocalDateTime arrives) {
  public PartOnOrder {
    surfaceIds = List.copyOf(surfaceIds);
  }
}
