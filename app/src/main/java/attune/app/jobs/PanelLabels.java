package attune.app.jobs;

import attune.app.format.JobFile;
import attune.app.format.SurfaceFile;
import attune.app.layouts.Layout;
import attune.app.layouts.Layout.Panel;
import attune.app.layouts.Layouts;
import jakarta.annotation.Nullable;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Names of panels: the job's own, the layout's where it has one. */
@Component
class PanelLabels {
  private final Layouts layouts;

  PanelLabels(Layouts layouts) {
    this.layouts = layouts;
  }

  /** Names of a job's panels by id: the layout's where it has one. */
  Map<String, String> labels(JobFile document) {
    Map<String, Layout.Panel> panels = panels(document);
    Map<String, String> labels = new LinkedHashMap<>();
    for (SurfaceFile surface : document.surfaces()) {
      Layout.Panel panel = panels.get(surface.id());
      labels.put(surface.id(), label(surface, panel));
    }
    return labels;
  }

  static String label(SurfaceFile surface, @Nullable Panel panel) {
    if (surface.label() != null) {
      return surface.label();
    }
    return panel == null ? surface.id().replace('-', ' ') : panel.label();
  }

  /** The layout's panels by id; none where a job has no layout. */
  Map<String, Layout.Panel> panels(JobFile document) {
    String layout = document.vehicle() == null ? null : document.vehicle().layout();
    return layout == null ? Map.of() : layouts.panels(layout);
  }
}
