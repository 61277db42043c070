package attune.app.jobs;

import attune.app.format.JobFile.HistoryFile;
import attune.app.people.PeopleViews.Treatment;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** What was used on a vehicle, as the history of its panels. */
final class EarlierVisits {
  private EarlierVisits() {}

  static Map<String, List<HistoryFile>> byPanel(List<Treatment> treatments) {
    return treatments.stream()
        .collect(
            Collectors.groupingBy(
                Treatment::surfaceId,
                LinkedHashMap::new,
                Collectors.mapping(EarlierVisits::history, Collectors.toList())));
  }

  private static HistoryFile history(Treatment t) {
    return new HistoryFile(
        t.doneOn().toString(),
        t.productId(),
        t.ratio(),
        t.ph(),
        t.contactMin(),
        t.passes(),
        t.stiffness(),
        t.coated());
  }
}
