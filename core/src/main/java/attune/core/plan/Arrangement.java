package attune.core.plan;

import attune.core.schedule.Worker;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;

/**
 * Who does the job, and which tasks have a start somebody said.
 *
 * @param crew one to four people; empty for as many as the setting says, in the shop's hours
 * @param pins start by task id, for tasks this plan still has
 */
public record Arrangement(List<Worker> crew, Map<String, LocalDateTime> pins) {
  public static final Arrangement NONE = new Arrangement(List.of(), Map.of());

  public Arrangement {
    crew = List.copyOf(crew);
    pins = Map.copyOf(pins);
  }
}
