package attune.app.readings;

import attune.core.simulate.Instrument;
import attune.core.words.Phrases;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Sheen that was measured on a job, first and last of each panel. */
@Component
@Transactional(readOnly = true)
public class SheenOfJobs {
  private static final Phrases PHRASES = Phrases.of(SheenOfJobs.class);

  private final ReadingRepository readings;

  SheenOfJobs(ReadingRepository readings) {
    this.readings = readings;
  }

  /** In words, panel by panel; only what could be judged. */
  public List<String> of(UUID jobId, Map<String, String> labels) {
    Map<String, List<ReadingViews.ReadingView>> byPanel =
        readings.findByJobIdOrderByAtDesc(jobId).stream()
            .map(ReadingEntity::view)
            .filter(r -> r.instrument().equals(Instrument.GLOSS.code()) && r.notYet() == null)
            .filter(r -> r.value() != null && r.surfaceId() != null)
            .collect(
                Collectors.groupingBy(
                    ReadingViews.ReadingView::surfaceId, LinkedHashMap::new, Collectors.toList()));
    return byPanel.entrySet().stream()
        .map(
            e -> {
              Double last = e.getValue().get(0).value();
              Double first = e.getValue().get(e.getValue().size() - 1).value();
              String label = labels.getOrDefault(e.getKey(), e.getKey());
              return e.getValue().size() == 1
                  ? PHRASES.say("gu", label, String.valueOf(last))
                  : PHRASES.say("to-gu", label, String.valueOf(first), String.valueOf(last));
            })
        .toList();
  }
}
