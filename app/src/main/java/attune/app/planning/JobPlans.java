package attune.app.planning;

import attune.app.format.DecisionsReader;
import attune.app.format.JobFile;
import attune.app.format.JobReader;
import attune.app.jobs.Answered;
import attune.app.jobs.JobService;
import attune.app.reference.ReferenceData;
import attune.app.shelf.ShelfService;
import attune.app.shop.ShopService;
import attune.app.training.SkillsChanged;
import attune.app.web.NotNowException;
import attune.core.match.Decisions;
import attune.core.plan.Arrangement;
import attune.core.plan.Plan;
import attune.core.schedule.Worker;
import attune.core.survey.Job;
import attune.core.words.Phrases;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.stereotype.Service;
import org.springframework.transaction.event.TransactionalEventListener;

/** Plans the shop's own jobs from their survey and the shop's shelf. */
@Service
public class JobPlans {
  private static final Phrases PHRASES = Phrases.of(JobPlans.class);

  private static final int MOST_KEPT = 64;
  private static final int MOST_BESIDE = 16;

  /** What a plan depends on: a revision never changes, nor does a version of the shelf. */
  private record Key(UUID job, int revision, int shelf, int rules) {}

  private record Beside(Key of, Record kind) {}

  private final JobService jobs;
  private final JobReader reader;
  private final ShelfService shelf;
  private final ReferenceData reference;
  private final ShopService shop;
  private final Cache<Key, Plan> recent = Caffeine.newBuilder().maximumSize(MOST_KEPT).build();
  private final Cache<Beside, Object> besides =
      Caffeine.newBuilder().maximumSize(MOST_BESIDE).build();

  JobPlans(
      JobService jobs,
      JobReader reader,
      ShelfService shelf,
      ReferenceData reference,
      ShopService shop) {
    this.jobs = jobs;
    this.reader = reader;
    this.shelf = shelf;
    this.reference = reference;
    this.shop = shop;
  }

  /** The plan of a job as surveyed so far. */
  public Plan plan(UUID id) {
    return plan(key(id));
  }

  /**
   * The plans of some jobs, by job; one query for all while their surveys stand. What cannot be
   * planned yet is left out.
   */
  public Map<UUID, Plan> plans(Collection<UUID> ids) {
    int version = shelf.version();
    int rules = reference.version();
    Map<UUID, Plan> plans = new HashMap<>();
    jobs.revisionNumbers(ids)
        .forEach(
            (id, revision) ->
                planned(new Key(id, revision, version, rules))
                    .ifPresent(plan -> plans.put(id, plan)));
    return plans;
  }

  private Optional<Plan> planned(Key key) {
    try {
      return Optional.of(plan(key));
    } catch (NotNowException notSurveyed) {
      return Optional.empty();
    }
  }

  private Plan plan(Key key) {
    return recent.get(
        key,
        k -> {
          Job job = job(k.job());
          return reference.planner().plan(job, decisions(k.job(), job), arrangement(k.job()));
        });
  }

  /**
   * What is planned beside the plan from the same survey, shelf and rules; kept while they stand.
   *
   * @param kind what it is, with all else it depends on; of its own type
   */
  @SuppressWarnings("unchecked") // a kind is asked for in one place, with one type
  public <T> T beside(UUID id, Record kind, Supplier<T> planned) {
    return (T) besides.get(new Beside(key(id), kind), k -> planned.get());
  }

  private Key key(UUID id) {
    return new Key(id, jobs.revisionNumber(id), shelf.version(), reference.version());
  }

  /** Who does a job, and what of it was moved or left out. */
  public Arrangement arrangement(UUID id) {
    return arrangement(document(id), shop.workers());
  }

  /** The same of some jobs, by job; one query for all. */
  public Map<UUID, Arrangement> arrangements(Collection<UUID> ids) {
    Map<String, Worker> workers = shop.workers();
    Map<UUID, Arrangement> found = new HashMap<>();
    Map<String, String> now = shop.namesNow();
    jobs.documents(ids)
        .forEach((id, document) -> found.put(id, arrangement(document.calling(now), workers)));
    return found;
  }

  /** As it stands, its people called as they are now. */
  private JobFile document(UUID id) {
    return jobs.document(id).calling(shop.namesNow());
  }

  /** Who has passed a test, or may not any more, is planned for anew. */
  @TransactionalEventListener
  void lookAgain(SkillsChanged changed) {
    recent.invalidateAll();
    besides.invalidateAll();
  }

  private Arrangement arrangement(JobFile document, Map<String, Worker> workers) {
    return JobReader.arrangement(document, workers, JobReader.usual(reference.figures()));
  }

  /** What was set by hand and tried on a job's panels. */
  public Decisions decisions(UUID id, Job job) {
    return DecisionsReader.decisions(jobs.document(id), job.shelf());
  }

  /**
   * The job as the core sees it.
   *
   * @throws NotNowException while no panel has been surveyed
   */
  public Job job(UUID id) {
    JobFile plannable = Answered.plannable(document(id));
    if (plannable.surfaces().isEmpty()) {
      throw new NotNowException(PHRASES.say("nothing-is-surveyed-yet-give"));
    }
    return reader.read(plannable, shelf.shelf(), reference.houseRules());
  }
}
