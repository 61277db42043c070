package attune.app.jobs;

import attune.app.format.JobFile;
import attune.app.format.JobReader;
import attune.app.format.SchemaName;
import attune.app.format.Schemas;
import attune.app.jobs.JobViews.CopyRequest;
import attune.app.jobs.JobViews.FindingRequest;
import attune.app.jobs.JobViews.JobChange;
import attune.app.jobs.JobViews.JobDetail;
import attune.app.jobs.JobViews.JobSummary;
import attune.app.jobs.JobViews.NewJob;
import attune.app.jobs.JobViews.NewPanel;
import attune.app.layouts.Layout;
import attune.app.layouts.Layouts;
import attune.app.reference.ReferenceData;
import attune.app.web.NotNowException;
import attune.core.check.Fault;
import attune.core.check.InvalidInputException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Jobs and their history. Every change is a new revision; undo and redo move between them. */
@Service
@Transactional
public class JobService {
  private static final DateTimeFormatter MINUTE = DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH:mm");
  private static final int NO_PARENT = 0;

  private final JobRepository jobs;
  private final RevisionRepository revisions;
  private final Findings findings;
  private final Layouts layouts;
  private final Schemas schemas;
  private final ReferenceData reference;
  private final JsonMapper mapper;
  private final Clock clock;

  JobService(
      JobRepository jobs,
      RevisionRepository revisions,
      Findings findings,
      Layouts layouts,
      Schemas schemas,
      ReferenceData reference,
      JsonMapper mapper,
      Clock clock) {
    this.jobs = jobs;
    this.revisions = revisions;
    this.findings = findings;
    this.layouts = layouts;
    this.schemas = schemas;
    this.reference = reference;
    this.mapper = mapper;
    this.clock = clock;
  }

  @Transactional(readOnly = true)
  public List<JobSummary> list() {
    return jobs.findAllByOrderByStartAtAscTitleAsc().stream().map(JobService::summary).toList();
  }

  @Transactional(readOnly = true)
  public JobDetail get(UUID id) {
    return detail(job(id));
  }

  /** The draft document of a job. */
  @Transactional(readOnly = true)
  public JobFile document(UUID id) {
    return document(job(id));
  }

  /** Number of the revision a job stands at; a number's document never changes. */
  @Transactional(readOnly = true)
  public int revisionNumber(UUID id) {
    return job(id).currentRevision();
  }

  public JobDetail create(NewJob request) {
    layouts.get(request.layout());
    String start = now().truncatedTo(ChronoUnit.MINUTES).format(MINUTE);
    return create(
        new JobFile(
            "attune-job",
            1,
            request.title().strip(),
            new JobFile.VehicleFile(
                request.vehicleLabel().strip(),
                request.layout(),
                request.drive(),
                request.builtYear(),
                request.odometerKm()),
            new JobFile.SettingFile(
                "studio", 20.0, 0.5, 0.1, "none", null, 1, start, null, "temperate"),
            new JobFile.WishesFile("matt", "thorough", "none"),
            null,
            null,
            List.of()),
        "New job");
  }

  /** Stores a document as a new job. */
  public JobDetail create(JobFile document, String what) {
    JobEntity job = new JobEntity(UUID.randomUUID(), now());
    show(job, 1, document);
    jobs.saveAndFlush(job);
    revisions.save(revision(job.id(), 1, NO_PARENT, what, document));
    return detail(job);
  }

  public JobDetail change(UUID id, JobChange change) {
    JobEntity job = open(id);
    JobFile before = document(job);
    JobFile after = JobChanges.changed(before, change);
    check(after);
    return revise(job, after, "Job details");
  }

  public JobDetail find(UUID id, FindingRequest request) {
    JobEntity job = open(id);
    JobFile before = document(job);
    Map<String, Layout.Panel> panels = panels(before);
    List<JobFile.SurfaceFile> surfaces =
        findings.apply(before.surfaces(), panels, request.surfaceIds(), request.finding());
    JobFile after = JobChanges.withSurfaces(before, surfaces);
    return after.equals(before) ? detail(job) : revise(job, after, what(request, panels));
  }

  /** Copies findings from panel to panel. */
  public JobDetail copy(UUID id, CopyRequest request) {
    JobEntity job = open(id);
    JobFile before = document(job);
    List<JobFile.SurfaceFile> surfaces =
        findings.copy(before.surfaces(), panels(before), request.pairs());
    JobFile after = JobChanges.withSurfaces(before, surfaces);
    return after.equals(before)
        ? detail(job)
        : revise(job, after, "Copy to " + panelsOf(request.pairs().size()));
  }

  /** Adds a panel of one's own. */
  public JobDetail add(UUID id, NewPanel panel) {
    JobEntity job = open(id);
    JobFile before = document(job);
    JobFile after = JobChanges.withSurfaces(before, findings.add(before.surfaces(), panel));
    check(after);
    return revise(job, after, "New panel " + panel.label().strip());
  }

  private static String panelsOf(int count) {
    return count == 1 ? "1 panel" : count + " panels";
  }

  public JobDetail undo(UUID id) {
    JobEntity job = open(id);
    RevisionEntity now = revision(job);
    if (now.parent() == NO_PARENT) {
      throw new NotNowException("There is nothing to undo.");
    }
    return goTo(job, now.parent());
  }

  public JobDetail redo(UUID id) {
    JobEntity job = open(id);
    RevisionEntity next =
        revisions
            .findFirstByJobIdAndParentOrderByNumberDesc(id, job.currentRevision())
            .orElseThrow(() -> new NotNowException("There is nothing to do again."));
    return goTo(job, next.number());
  }

  /** Moves a job on, as when its bench run starts or it is handed over. */
  public void moveTo(UUID id, JobState state) {
    job(id).moveTo(state);
  }

  /** Names of a job's panels by id: the layout's where it has one. */
  @Transactional(readOnly = true)
  public Map<String, String> labels(JobFile document) {
    Map<String, Layout.Panel> panels = panels(document);
    Map<String, String> labels = new LinkedHashMap<>();
    for (JobFile.SurfaceFile surface : document.surfaces()) {
      Layout.Panel panel = panels.get(surface.id());
      labels.put(surface.id(), label(surface, panel));
    }
    return labels;
  }

  private static String label(JobFile.SurfaceFile surface, Layout.Panel panel) {
    if (surface.label() != null) {
      return surface.label();
    }
    return panel == null ? surface.id().replace('-', ' ') : panel.label();
  }

  private Map<String, Layout.Panel> panels(JobFile document) {
    String layout = document.vehicle() == null ? null : document.vehicle().layout();
    return layout == null ? Map.of() : layouts.panels(layout);
  }

  private JobDetail revise(JobEntity job, JobFile document, String what) {
    int number = revisions.lastNumber(job.id()) + 1;
    revisions.save(revision(job.id(), number, job.currentRevision(), what, document));
    show(job, number, document);
    jobs.flush();
    return detail(job);
  }

  private JobDetail goTo(JobEntity job, int number) {
    RevisionEntity target = revisions.findByJobIdAndNumber(job.id(), number).orElseThrow();
    show(job, number, read(target.document()));
    jobs.flush();
    return detail(job);
  }

  private RevisionEntity revision(
      UUID jobId, int number, int parent, String what, JobFile document) {
    String shown = what.length() > 200 ? what.substring(0, 200) : what;
    return new RevisionEntity(
        UUID.randomUUID(),
        jobId,
        number,
        parent,
        shown,
        now(),
        mapper.writeValueAsString(document));
  }

  private static void show(JobEntity job, int number, JobFile d) {
    JobFile.VehicleFile vehicle =
        d.vehicle() == null ? new JobFile.VehicleFile("", "blank", null, null, null) : d.vehicle();
    job.show(
        number,
        d.title() == null ? "" : d.title(),
        vehicle.label() == null ? "" : vehicle.label(),
        vehicle.layout() == null ? "blank" : vehicle.layout(),
        LocalDateTime.parse(d.setting().start()),
        d.setting().returnBy() == null ? null : LocalDateTime.parse(d.setting().returnBy()),
        (int) d.surfaces().stream().filter(Answered::isPlannable).count());
  }

  private JobDetail detail(JobEntity job) {
    RevisionEntity now = revision(job);
    JobFile document = read(now.document());
    boolean frozen = job.state() != JobState.SURVEY;
    Optional<RevisionEntity> next =
        revisions.findFirstByJobIdAndParentOrderByNumberDesc(job.id(), now.number());
    return new JobDetail(
        job.id(),
        job.state(),
        now.number(),
        frozen || now.parent() == NO_PARENT ? null : now.what(),
        frozen ? null : next.map(RevisionEntity::what).orElse(null),
        document,
        labels(document));
  }

  private void check(JobFile document) {
    JobFile whole =
        JobChanges.withSurfaces(
            document, document.surfaces().stream().map(Answered::filled).toList());
    ObjectNode tree = mapper.valueToTree(whole);
    List<Fault> faults = new ArrayList<>(schemas.faults(SchemaName.JOB, tree));
    faults.removeIf(f -> document.surfaces().isEmpty() && f.pointer().equals("/surfaces"));
    JobReader.houseRules(document.houseRules(), reference.houseRules(), faults);
    if (!faults.isEmpty()) {
      throw new InvalidInputException(faults);
    }
    times(document.setting());
  }

  private static void times(JobFile.SettingFile setting) {
    LocalDateTime start = time(setting.start(), "/setting/start");
    if (setting.returnBy() != null
        && time(setting.returnBy(), "/setting/returnBy").isBefore(start)) {
      throw new InvalidInputException(
          "/setting/returnBy",
          "\"" + setting.returnBy() + "\"",
          "a time after start, " + setting.start());
    }
  }

  private static LocalDateTime time(String text, String pointer) {
    try {
      return LocalDateTime.parse(text);
    } catch (java.time.DateTimeException e) {
      throw new InvalidInputException(
          pointer, "\"" + text + "\"", "a local time, YYYY-MM-DDTHH:MM");
    }
  }

  private String what(FindingRequest request, Map<String, Layout.Panel> panels) {
    String first = request.surfaceIds().get(0);
    String where =
        request.surfaceIds().size() == 1
            ? Optional.ofNullable(panels.get(first)).map(Layout.Panel::label).orElse(first)
            : request.surfaceIds().size() + " panels";
    return (Boolean.TRUE.equals(request.finding().cleared()) ? "Clear " : "Findings on ") + where;
  }

  private JobEntity job(UUID id) {
    return jobs.findById(id).orElseThrow(() -> new NoSuchElementException("There is no such job."));
  }

  private JobEntity open(UUID id) {
    JobEntity job = job(id);
    if (job.state() != JobState.SURVEY) {
      throw new NotNowException("The bench run has started; the survey it was made from stands.");
    }
    return job;
  }

  private RevisionEntity revision(JobEntity job) {
    return revisions.findByJobIdAndNumber(job.id(), job.currentRevision()).orElseThrow();
  }

  private JobFile document(JobEntity job) {
    return read(revision(job).document());
  }

  private JobFile read(String json) {
    return mapper.readValue(json, JobFile.class);
  }

  private LocalDateTime now() {
    return LocalDateTime.now(clock).truncatedTo(ChronoUnit.MILLIS);
  }

  private static JobSummary summary(JobEntity job) {
    return new JobSummary(
        job.id(),
        job.title(),
        job.vehicleLabel(),
        job.layout(),
        job.state(),
        job.surveyed(),
        job.startAt(),
        job.returnBy());
  }
}
