package attune.app.jobs;

import attune.app.format.SurfaceFile;
import attune.app.jobs.JobViews.JobDetail;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import attune.core.words.Words;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Names many panels as people do: a seat all of whose panels are meant is one thing, and so is one
 * of which a part or two is not.
 */
public final class NamedPanels {
  private static final Phrases PHRASES = Phrases.of(NamedPanels.class);

  private static final int A_FEW = 3;
  private static final int OF_MANY = 3;

  private final Map<String, String> labels;
  private final Map<String, SurfaceFile> surfaces = new LinkedHashMap<>();
  private final Map<String, List<SurfaceFile>> zones;

  private NamedPanels(List<SurfaceFile> surveyed, Map<String, String> labels) {
    this.labels = labels;
    surveyed.forEach(surface -> surfaces.put(surface.id(), surface));
    this.zones = surveyed.stream().collect(Collectors.groupingBy(SurfaceFile::zone));
  }

  public static NamedPanels of(JobDetail job) {
    return new NamedPanels(job.document().surfaces(), job.labels());
  }

  /** Names of some panels of the job, in their order; a zone stands where its first one does. */
  public List<String> of(Collection<String> panelIds) {
    Set<String> meant = new LinkedHashSet<>(panelIds);
    Set<String> said = new LinkedHashSet<>();
    List<String> names = new ArrayList<>();
    for (String id : meant) {
      if (!said.add(id)) {
        continue;
      }
      List<SurfaceFile> zone = zone(id);
      if (isSaidAsOne(zone, meant)) {
        zone.forEach(panel -> said.add(panel.id()));
        names.add(name(zone, meant));
      } else {
        names.add(labels.getOrDefault(id, id));
      }
    }
    return names;
  }

  private List<SurfaceFile> zone(String id) {
    SurfaceFile surface = surfaces.get(id);
    return surface == null ? List.of() : zones.getOrDefault(surface.zone(), List.of());
  }

  /** Three panels or more, and for each that is not meant three that are. */
  private static boolean isSaidAsOne(List<SurfaceFile> zone, Set<String> meant) {
    long here = zone.stream().filter(panel -> meant.contains(panel.id())).count();
    return here >= A_FEW && (zone.size() - here) * OF_MANY <= here;
  }

  private static String name(List<SurfaceFile> zone, Set<String> meant) {
    String whole = Words.capital(Words.of(zone.get(0).zone()));
    List<String> without =
        zone.stream()
            .filter(panel -> !meant.contains(panel.id()))
            .map(panel -> Words.of(panel.part()))
            .toList();
    return without.isEmpty() ? whole : PHRASES.say("all-but", whole, Lists.all(without));
  }
}
