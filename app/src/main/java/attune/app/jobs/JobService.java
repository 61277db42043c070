package attune.app.jobs;

import attune.app.format.JobFile;
import attune.app.format.SurfaceFile;
import attune.app.jobs.JobRepository.Numbered;
import attune.app.jobs.JobViews.JobChange;
import attune.app.jobs.JobViews.JobDetail;
import attune.app.jobs.JobViews.JobSummary;
import attune.app.jobs.JobViews.NewJob;
import attune.app.jobs.JobViews.NewVehicle;
import attune.app.people.CustomerService;
import attune.app.people.PeopleViews.CustomerForm;
import attune.app.people.PeopleViews.VehicleView;
import attune.app.people.VehicleService;
import attune.app.reference.ReferenceData;
import attune.app.web.NotNowException;
import attune.core.check.InvalidInputException;
import attune.core.plan.UsualHours;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.context.event.EventListener;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Jobs and their history. Every change is a new revision; undo and redo move between them. */
@Service
@Transactional
public class JobService {
  private static final Phrases PHRASES = Phrases.of(JobService.class);

  private static final int NO_PARENT = 0;

  private final JobRepository jobs;
  private final RevisionRepository revisions;
  private final PanelLabels labels;
  private final VehicleService vehicles;
  private final ReferenceData reference;
  private final JobDocuments documents;
  private final Clock clock;

  JobService(
      JobRepository jobs,
      RevisionRepository revisions,
      PanelLabels labels,
      VehicleService vehicles,
      ReferenceData reference,
      JobDocuments documents,
      Clock clock) {
    this.jobs = jobs;
    this.revisions = revisions;
    this.labels = labels;
    this.vehicles = vehicles;
    this.reference = reference;
    this.documents = documents;
    this.clock = clock;
  }

  @Transactional(readOnly = true)
  public List<JobSummary> list() {
    return jobs.findAllByOrderByStartAtAscTitleAsc().stream().map(JobService::summary).toList();
  }

  /** Jobs that are not handed over, by their start. */
  @Transactional(readOnly = true)
  public List<JobSummary> open() {
    return jobs.open().stream().map(JobService::summary).toList();
  }

  /** The same, and those handed over that began later than a time. */
  @Transactional(readOnly = true)
  public List<JobSummary> openOrSince(LocalDateTime since) {
    return jobs.openOrSince(since).stream().map(JobService::summary).toList();
  }

  /** Of the jobs that were handed over the latest, the latest first. */
  @Transactional(readOnly = true)
  public List<JobSummary> latestGone(int most) {
    return jobs.latestGone(Limit.of(most)).stream().map(JobService::summary).toList();
  }

  @Transactional(readOnly = true)
  public JobSummary summary(UUID id) {
    return summary(job(id));
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

  /** The same of some jobs, by job; one query for all. */
  @Transactional(readOnly = true)
  public Map<UUID, Integer> revisionNumbers(Collection<UUID> ids) {
    return jobs.revisionNumbers(ids).stream()
        .collect(Collectors.toMap(Numbered::getJob, Numbered::getNumber));
  }

  /** The draft documents of some jobs, by job; one query for all. */
  @Transactional(readOnly = true)
  public Map<UUID, JobFile> documents(Collection<UUID> ids) {
    return revisions.current(ids).stream()
        .collect(Collectors.toMap(RevisionEntity::jobId, r -> documents.read(r.document())));
  }

  public JobDetail create(NewJob request) {
    if ((request.vehicleId() == null) == (request.vehicle() == null)) {
      throw new InvalidInputException(
          "/vehicle",
          request.vehicle() == null
              ? PHRASES.say("neither-vehicleid-nor-vehicle")
              : PHRASES.say("both-of-them"),
          PHRASES.say("one-of-vehicleid-and-vehicle"));
    }
    VehicleView vehicle =
        request.vehicleId() == null
            ? vehicles.create(request.vehicle().form())
            : vehicles.get(request.vehicleId());
    return create(
        NewJobs.of(
            request.title().strip(),
            vehicle,
            owner(vehicle),
            UsualHours.nextOpen(now(), reference.figures())),
        vehicle.id(),
        PHRASES.say("new-job"));
  }

  private Optional<CustomerForm> owner(VehicleView vehicle) {
    return vehicles.customerOf(vehicle.id());
  }

  /** Stores a document as a new job on a vehicle of its own. */
  public JobDetail create(JobFile document, String what) {
    JobFile.VehicleFile v = document.vehicle();
    VehicleView vehicle =
        vehicles.create(
            new NewVehicle(
                    v == null || v.label() == null
                        ? Objects.requireNonNullElse(document.title(), "")
                        : v.label(),
                    v == null || v.layout() == null ? "blank" : v.layout(),
                    null,
                    v == null ? null : v.drive(),
                    v == null ? null : v.builtYear(),
                    v == null ? null : v.odometerKm())
                .form());
    return create(document, vehicle.id(), what);
  }

  /** Stores a document as a new job on a vehicle there is. */
  public JobDetail create(JobFile document, UUID vehicle, String what) {
    JobEntity job = new JobEntity(UUID.randomUUID(), vehicle, now());
    job.show(1, document);
    jobs.saveAndFlush(job);
    revisions.save(revision(job.id(), 1, NO_PARENT, what, document));
    return detail(job);
  }

  /** Jobs on a vehicle, latest first. */
  @Transactional(readOnly = true)
  public List<JobSummary> ofVehicle(UUID vehicle) {
    return jobs.findByVehicleIdOrderByStartAtDesc(vehicle).stream()
        .map(JobService::summary)
        .toList();
  }

  /** All visits of the vehicles that some jobs are on, those jobs among them: one query for all. */
  @Transactional(readOnly = true)
  public List<VehicleVisit> visitsOfSameVehicles(Collection<UUID> ids) {
    return jobs.visitsOfSameVehicles(ids);
  }

  /**
   * A panel as far as it is known, its gaps filled with what such panels usually are: what a
   * simulation starts from.
   *
   * @param surfaceId a panel, or null for any
   * @throws InvalidInputException if there is no such panel
   */
  @Transactional(readOnly = true)
  public SurfaceFile likely(UUID id, @Nullable String surfaceId) {
    JobFile document = document(job(id));
    return Panels.likely(document, labels.panels(document), surfaceId);
  }

  /** The vehicle a job is done on. */
  @Transactional(readOnly = true)
  public UUID vehicleOf(UUID id) {
    return job(id).vehicleId();
  }

  /** Jobs whose title or vehicle holds the words. */
  @Transactional(readOnly = true)
  public List<JobSummary> search(String words, int most) {
    return jobs.search(CustomerService.like(words), Limit.of(most)).stream()
        .map(JobService::summary)
        .toList();
  }

  @EventListener
  void vehiclesMerged(VehicleService.Merged merged) {
    jobs.moveVehicle(merged.gone(), merged.kept());
  }

  public JobDetail change(UUID id, JobChange change) {
    JobEntity job = open(id);
    JobFile before = document(job);
    JobFile after = JobChanges.changed(before, change);
    documents.check(after);
    return revise(job, after, PHRASES.say("job-details"));
  }

  /** Keeps when and by whom a job is done. */
  public JobDetail arrange(UUID id, JobFile after, String what) {
    return edit(
        id,
        before -> {
          if (!after.equals(before)) {
            documents.check(after);
          }
          return new Edit(after, what);
        });
  }

  /**
   * A change of a job's document.
   *
   * @param what was changed, in words, as for undo
   */
  record Edit(JobFile after, String what) {}

  /**
   * Changes a job's document: one revision more, none where nothing changed.
   *
   * @throws NotNowException once its run has begun
   */
  JobDetail edit(UUID id, Function<JobFile, Edit> change) {
    JobEntity job = open(id);
    JobFile before = document(job);
    Edit edit = change.apply(before);
    return edit.after().equals(before) ? detail(job) : revise(job, edit.after(), edit.what());
  }

  public JobDetail undo(UUID id) {
    JobEntity job = open(id);
    RevisionEntity now = revision(job);
    if (now.parent() == NO_PARENT) {
      throw new NotNowException(PHRASES.say("there-is-nothing-to-undo"));
    }
    return goTo(job, now.parent());
  }

  public JobDetail redo(UUID id) {
    JobEntity job = open(id);
    RevisionEntity next =
        revisions
            .findFirstByJobIdAndParentOrderByNumberDesc(id, job.currentRevision())
            .orElseThrow(() -> new NotNowException(PHRASES.say("there-is-nothing-to-do")));
    return goTo(job, next.number());
  }

  /** Moves a job on, as when its bench run starts or it is handed over. */
  public void moveTo(UUID id, JobState state) {
    job(id).moveTo(state);
  }

  /** Closes a job: its record stands from then on. */
  public void handOver(UUID id, LocalDateTime at) {
    job(id).handOver(at);
  }

  /** When a job was handed over; empty before it was, and where nobody noted it. */
  @Transactional(readOnly = true)
  public Optional<LocalDateTime> handedOverAt(UUID id) {
    return Optional.ofNullable(job(id).handedOverAt());
  }

  /** Names of a job's panels by id: the layout's where it has one. */
  public Map<String, String> labels(JobFile document) {
    return labels.labels(document);
  }

  private JobDetail revise(JobEntity job, JobFile changed, String what) {
    JobFile document = changed.with(withHistory(changed.surfaces(), job.vehicleId()));
    int number = revisions.lastNumber(job.id()) + 1;
    revisions.save(revision(job.id(), number, job.currentRevision(), what, document));
    job.show(number, document);
    jobs.flush();
    return detail(job);
  }

  /** Panels surveyed for the first time on this visit learn what was used on them before. */
  private List<SurfaceFile> withHistory(List<SurfaceFile> surfaces, UUID vehicle) {
    if (vehicle == null || surfaces.stream().allMatch(s -> s.history() != null)) {
      return surfaces;
    }
    Map<String, List<JobFile.HistoryFile>> earlier =
        EarlierVisits.byPanel(vehicles.treatments(vehicle));
    return surfaces.stream()
        .map(s -> s.history() == null ? s.after(earlier.get(s.id())) : s)
        .toList();
  }

  private JobDetail goTo(JobEntity job, int number) {
    RevisionEntity target = revisions.findByJobIdAndNumber(job.id(), number).orElseThrow();
    job.show(number, documents.read(target.document()));
    jobs.flush();
    return detail(job);
  }

  private RevisionEntity revision(
      UUID jobId, int number, int parent, String what, JobFile document) {
    String shown = what.length() > 200 ? what.substring(0, 200) : what;
    return new RevisionEntity(
        UUID.randomUUID(), jobId, number, parent, shown, now(), documents.text(document));
  }

  private JobDetail detail(JobEntity job) {
    RevisionEntity now = revision(job);
    JobFile document = documents.read(now.document());
    boolean frozen = job.state() != JobState.SURVEY;
    Optional<RevisionEntity> next =
        revisions.findFirstByJobIdAndParentOrderByNumberDesc(job.id(), now.number());
    return new JobDetail(
        job.id(),
        job.vehicleId(),
        job.state(),
        now.number(),
        frozen || now.parent() == NO_PARENT ? null : now.what(),
        frozen ? null : next.map(RevisionEntity::what).orElse(null),
        document,
        labels.labels(document));
  }

  private JobEntity job(UUID id) {
    return jobs.findById(id)
        .orElseThrow(() -> new NoSuchElementException(PHRASES.say("there-is-no-such-job")));
  }

  private JobEntity open(UUID id) {
    JobEntity job = job(id);
    if (job.state() != JobState.SURVEY) {
      throw new NotNowException(PHRASES.say("the-bench-run-has-started"));
    }
    return job;
  }

  private RevisionEntity revision(JobEntity job) {
    return revisions.findByJobIdAndNumber(job.id(), job.currentRevision()).orElseThrow();
  }

  private JobFile document(JobEntity job) {
    return documents.read(revision(job).document());
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
