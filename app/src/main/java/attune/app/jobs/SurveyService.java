package attune.app.jobs;

import attune.app.format.JobFile;
import attune.app.format.SurfaceFile;
import attune.app.jobs.JobService.Edit;
import attune.app.jobs.JobViews.CopyRequest;
import attune.app.jobs.JobViews.FindingRequest;
import attune.app.jobs.JobViews.JobDetail;
import attune.app.jobs.JobViews.NewPanel;
import attune.app.layouts.Layout;
import attune.app.web.NotNowException;
import attune.core.words.Phrases;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is found on a job's panels, and which panels it has. */
@Service
@Transactional
public class SurveyService {
  private static final Phrases PHRASES = Phrases.of(SurveyService.class);

  private final JobService jobs;
  private final JobDocuments documents;
  private final PanelLabels labels;
  private final Findings findings;

  SurveyService(JobService jobs, JobDocuments documents, PanelLabels labels, Findings findings) {
    this.jobs = jobs;
    this.documents = documents;
    this.labels = labels;
    this.findings = findings;
  }

  public JobDetail find(UUID id, FindingRequest request) {
    return jobs.edit(
        id,
        before -> {
          Map<String, Layout.Panel> panels = labels.panels(before);
          return new Edit(
              before.with(
                  findings.apply(
                      before.surfaces(), panels, request.surfaceIds(), request.finding())),
              what(request, panels));
        });
  }

  /**
   * Keeps what was decided or found on a panel.
   *
   * @param changed the panel after it
   * @param what the change in words, as for undo
   */
  public JobDetail decide(
      UUID id, String surfaceId, UnaryOperator<SurfaceFile> changed, UnaryOperator<String> what) {
    return jobs.edit(
        id,
        before -> {
          JobFile after =
              before.with(
                  before.surfaces().stream()
                      .map(s -> s.id().equals(surfaceId) ? changed.apply(s) : s)
                      .toList());
          if (!after.equals(before)) {
            documents.check(after);
          }
          return new Edit(after, what.apply(nameOf(surfaceId, before, labels.panels(before))));
        });
  }

  /** Copies findings from panel to panel. */
  public JobDetail copy(UUID id, CopyRequest request) {
    return jobs.edit(
        id,
        before ->
            new Edit(
                before.with(
                    findings.copy(before.surfaces(), labels.panels(before), request.pairs())),
                PHRASES.say("copy-to", panelsOf(request.pairs().size()))));
  }

  /** Adds a panel of one's own. */
  JobDetail add(UUID id, NewPanel panel) {
    return jobs.edit(
        id,
        before -> {
          JobFile after = before.with(Panels.add(before.surfaces(), panel));
          documents.check(after);
          return new Edit(after, PHRASES.say("new-panel", panel.label().strip()));
        });
  }

  /** Cuts a panel in two. */
  JobDetail split(UUID id, String surfaceId, Cut cut) {
    return jobs.edit(
        id,
        before -> {
          Map<String, Layout.Panel> panels = labels.panels(before);
          return new Edit(
              before.with(
                  Panels.split(before.surfaces(), panels, surfaceId, cut, labels.labels(before))),
              PHRASES.say("split", nameOf(surfaceId, before, panels)));
        });
  }

  /** Makes one panel of several of one finish and use. */
  JobDetail merge(UUID id, List<String> surfaceIds) {
    return jobs.edit(
        id,
        before ->
            new Edit(
                before.with(
                    Panels.merge(
                        before.surfaces(),
                        labels.panels(before),
                        surfaceIds,
                        labels.labels(before))),
                PHRASES.say("make-one-of", panelsOf(surfaceIds.size()))));
  }

  /** Takes panels this vehicle does not have off the sheet. */
  JobDetail remove(UUID id, List<String> surfaceIds) {
    return jobs.edit(
        id,
        before ->
            new Edit(
                Panels.remove(before, labels.panels(before), surfaceIds),
                PHRASES.say("remove", panelsOf(surfaceIds.size()))));
  }

  /** Puts every removed panel back on the sheet. */
  JobDetail restore(UUID id) {
    return jobs.edit(
        id,
        before -> {
          if (before.vehicle() == null || before.vehicle().without() == null) {
            throw new NotNowException(PHRASES.say("no-panel-has-been-removed"));
          }
          return new Edit(
              before.with(before.vehicle().lacking(List.of())),
              PHRASES.say("put-removed-panels-back"));
        });
  }

  private static String nameOf(String id, JobFile document, Map<String, Layout.Panel> panels) {
    return document.surfaces().stream()
        .filter(surface -> surface.id().equals(id))
        .findFirst()
        .map(surface -> PanelLabels.label(surface, panels.get(id)))
        .orElseGet(() -> panels.containsKey(id) ? panels.get(id).label() : id);
  }

  private static String panelsOf(int count) {
    return PHRASES.say("panels", count);
  }

  private static String what(FindingRequest request, Map<String, Layout.Panel> panels) {
    String first = request.surfaceIds().get(0);
    String where =
        request.surfaceIds().size() == 1
            ? Optional.ofNullable(panels.get(first)).map(Layout.Panel::label).orElse(first)
            : PHRASES.say("panels", request.surfaceIds().size());
    return Boolean.TRUE.equals(request.finding().cleared())
        ? PHRASES.say("clear", where)
        : PHRASES.say("findings-on", where);
  }
}
