package attune.app.damage;

import attune.app.format.JobFile.ConditionFile;
import attune.app.format.SurfaceFile;
import attune.app.jobs.JobService;
import attune.app.jobs.JobViews.JobDetail;
import attune.app.jobs.JobViews.JobSummary;
import attune.app.people.CustomerService.Forgotten;
import attune.app.web.NotNowException;
import attune.core.check.Known;
import attune.core.survey.Condition.Wear;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The damage a survey found, and who acknowledged it. */
@Service
@Transactional
class DamageService {
  private static final Phrases PHRASES = Phrases.of(DamageService.class);

  /** One panel's damage in words. */
  record DamageItem(String surfaceId, String panel, List<String> what) {}

  /**
   * Damage already there.
   *
   * @param acknowledgedBy who saw the list, or null
   * @param stillSame false when something was found since
   */
  record DamageView(
      List<DamageItem> items,
      @Nullable String acknowledgedBy,
      @Nullable LocalDateTime acknowledgedAt,
      boolean stillSame) {}

  private final AcknowledgementRepository acknowledgements;
  private final JobService jobs;
  private final JsonMapper mapper;
  private final Clock clock;

  DamageService(
      AcknowledgementRepository acknowledgements, JobService jobs, JsonMapper mapper, Clock clock) {
    this.acknowledgements = acknowledgements;
    this.jobs = jobs;
    this.mapper = mapper;
    this.clock = clock;
  }

  @Transactional(readOnly = true)
  public DamageView of(UUID jobId) {
    List<DamageItem> items = items(jobId);
    Optional<AcknowledgementEntity> last = acknowledgements.findFirstByJobIdOrderByAtDesc(jobId);
    return new DamageView(
        items,
        last.map(AcknowledgementEntity::name).orElse(null),
        last.map(AcknowledgementEntity::at).orElse(null),
        last.filter(a -> a.items().equals(mapper.writeValueAsString(items))).isPresent());
  }

  /** Notes that the customer saw the list as it stands. */
  public DamageView acknowledge(UUID jobId, String name) {
    List<DamageItem> items = items(jobId);
    if (items.isEmpty()) {
      throw new NotNowException(PHRASES.say("the-survey-has-found-no"));
    }
    LocalDateTime now = LocalDateTime.now(clock).truncatedTo(ChronoUnit.MILLIS);
    acknowledgements.saveAndFlush(
        new AcknowledgementEntity(jobId, name.strip(), mapper.writeValueAsString(items), now));
    return of(jobId);
  }

  private List<DamageItem> items(UUID jobId) {
    JobDetail job = jobs.get(jobId);
    return job.document().surfaces().stream()
        .map(s -> new DamageItem(s.id(), Known.of(job.labels(), s.id()), words(s)))
        .filter(item -> !item.what().isEmpty())
        .toList();
  }

  private static List<String> words(SurfaceFile surface) {
    ConditionFile c = surface.condition();
    List<String> words = new ArrayList<>();
    if (c.wear() != null && !c.wear().equals(Wear.INTACT.code())) {
      words.add(c.wear());
    }
    if (c.damage() != null) {
      words.addAll(c.damage());
    }
    return words;
  }

  @EventListener
  void forget(Forgotten forgotten) {
    List<UUID> theirJobs =
        forgotten.vehicles().stream()
            .flatMap(vehicle -> jobs.ofVehicle(vehicle).stream())
            .map(JobSummary::id)
            .toList();
    acknowledgements.findByJobIdIn(theirJobs).forEach(AcknowledgementEntity::forgetName);
  }
}
