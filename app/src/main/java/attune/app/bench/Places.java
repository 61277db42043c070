package attune.app.bench;

import attune.app.format.JobFile;
import attune.app.format.SurfaceFile;
import attune.app.jobs.JobService;
import attune.core.bench.FrozenTask;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import attune.core.words.Words;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * Where something is done: up to three panels by name, more by their zones.
 *
 * @param labels of panels, by id
 * @param zones of panels, by id
 */
record Places(Map<String, String> labels, Map<String, String> zones) {
  private static final Phrases PHRASES = Phrases.of(Places.class);

  private static final int BY_NAME = 3;
  private static final String CABIN = PHRASES.say("the-cabin");
  private static final int READABLE = 8;

  static Places of(Map<String, String> labels, List<SurfaceFile> surfaces) {
    return new Places(
        labels,
        surfaces.stream()
            .filter(s -> s.zone() != null)
            .collect(Collectors.toMap(SurfaceFile::id, SurfaceFile::zone)));
  }

  static Places of(JobService jobs, JobFile document) {
    return of(jobs.labels(document), document.surfaces());
  }

  String label(String panel) {
    return labels.getOrDefault(panel, panel);
  }

  /** All of them by name, as far as that can be read. */
  String each(List<String> panels) {
    return panels.size() <= READABLE
        ? panels.stream().map(this::label).collect(Lists.joiningApart())
        : of(panels);
  }

  String of(List<String> panels) {
    if (panels.size() <= BY_NAME) {
      return panels.stream().map(this::label).collect(Lists.joiningApart());
    }
    String in = in(panels);
    return in.equals(CABIN)
        ? PHRASES.say("panels", panels.size())
        : PHRASES.say("panels-in", in, panels.size());
  }

  /** Where a task is done, and at which section of its panel. */
  String where(FrozenTask task) {
    String panels = of(task.surfaceIds());
    return task.section() == 0 ? panels : PHRASES.say("section", panels, task.section());
  }

  /** Where they are, uncounted: their zones, or the cabin where those are many. */
  String in(List<String> panels) {
    List<String> in =
        panels.stream().map(id -> zones.getOrDefault(id, label(id))).distinct().toList();
    return in.size() <= BY_NAME
        ? in.stream().map(Places::words).collect(Lists.joiningApart())
        : CABIN;
  }

  static String words(String code) {
    return Words.capital(code.replace('-', ' '));
  }
}
