package attune.app.order;

import attune.app.jobs.JobService;
import attune.app.jobs.JobViews.JobSummary;
import attune.app.jobs.Near;
import attune.app.planning.JobPlans;
import attune.app.shelf.ShelfService;
import attune.core.check.Known;
import attune.core.plan.Plan;
import attune.core.shelf.Product;
import attune.core.shelf.Product.Pack;
import attune.core.shelf.Shelf;
import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** What the jobs of the days to come will need of each product. */
@Service
public class NeedsService {
  private static final int LONGEST_DAYS = 60;

  /**
   * The need of one product.
   *
   * @param onHandMl left out where it is not counted
   * @param packs how many to order; 0 when there is enough, left out when that is not known
   */
  public record Need(
      String productId,
      String product,
      double neededMl,
      @Nullable Double onHandMl,
      @Nullable Integer packs,
      @Nullable Double packMl,
      @Nullable Long priceMinor,
      @Nullable String currency,
      List<String> jobs) {}

  private final JobService jobs;
  private final JobPlans plans;
  private final ShelfService shelf;
  private final Clock clock;

  NeedsService(JobService jobs, JobPlans plans, ShelfService shelf, Clock clock) {
    this.jobs = jobs;
    this.plans = plans;
    this.shelf = shelf;
    this.clock = clock;
  }

  /** By product, over some days from now, 1 to 60. */
  public List<Need> needs(int days) {
    LocalDateTime until =
        LocalDateTime.now(clock).plusDays(Math.max(1, Math.min(LONGEST_DAYS, days)));
    Map<String, Double> ml = new LinkedHashMap<>();
    Map<String, List<String>> by = new LinkedHashMap<>();
    List<JobSummary> ahead =
        jobs.open().stream()
            .filter(job -> job.surveyed() > 0 && job.startAt().isBefore(until))
            .filter(job -> Near.began(job.startAt(), clock))
            .toList();
    Map<UUID, Plan> planned = plans.plans(ahead.stream().map(JobSummary::id).toList());
    for (JobSummary job : ahead) {
      Plan plan = planned.get(job.id());
      if (plan == null) {
        continue; // not surveyed far enough to be planned
      }
      plan.mixes().forEach(m -> add(ml, by, m.productId(), m.mix().productMl(), job));
      plan.doses().forEach(d -> add(ml, by, d.productId(), d.ml(), job));
    }
    Shelf now = shelf.shelf();
    return ml.entrySet().stream()
        .flatMap(e -> now.findProduct(e.getKey()).stream())
        .map(product -> need(product, Known.of(ml, product.id()), Known.of(by, product.id())))
        .toList();
  }

  private static void add(
      Map<String, Double> ml,
      Map<String, List<String>> by,
      String product,
      double more,
      JobSummary job) {
    ml.merge(product, more, Double::sum);
    List<String> titles = by.computeIfAbsent(product, key -> new ArrayList<>());
    if (!titles.contains(job.title())) {
      titles.add(job.title());
    }
  }

  private static Need need(Product product, double ml, List<String> titles) {
    Optional<Double> left = product.onHandMl();
    Optional<Pack> pack = product.pack();
    Integer packs = null;
    if (left.isPresent()) {
      double shortMl = ml - left.get();
      packs =
          shortMl <= 0
              ? Integer.valueOf(0)
              : pack.map(p -> (int) Math.ceil(shortMl / p.ml())).orElse(null);
    }
    return new Need(
        product.id(),
        product.name(),
        Math.round(ml * 10) / 10.0,
        left.orElse(null),
        packs,
        pack.map(Pack::ml).orElse(null),
        pack.map(Pack::priceMinor).orElse(null),
        pack.map(Pack::currency).orElse(null),
        titles);
  }
}
