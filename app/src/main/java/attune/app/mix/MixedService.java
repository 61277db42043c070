package attune.app.mix;

import attune.app.jobs.JobService;
import attune.app.jobs.JobViews.JobSummary;
import attune.app.planning.JobPlans;
import attune.app.reference.ReferenceData;
import attune.app.shelf.ShelfService;
import attune.app.shelf.StockService;
import attune.core.check.InvalidInputException;
import attune.core.check.Known;
import attune.core.measure.Mix;
import attune.core.measure.Ratio;
import attune.core.measure.Vessels;
import attune.core.plan.Plan.PlannedMix;
import attune.core.shelf.Product;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a day's jobs need mixed, and the bottles that were. */
@Service
@Transactional
class MixedService {
  private static final Phrases PHRASES = Phrases.of(MixedService.class);

  /**
   * A bottle that was mixed.
   *
   * @param old true past its use-by day: pour it away
   */
  record MixedView(
      UUID id,
      String productId,
      String name,
      String ratio,
      double bottleMl,
      LocalDateTime mixedAt,
      LocalDate useBy,
      boolean old) {}

  /** A bottle to mix. */
  record MixedRequest(String productId, String ratio, double bottleMl, @Nullable UUID jobId) {}

  /**
   * A cleaner at one ratio for all the jobs of a day.
   *
   * @param atHandMl mixed already and still good
   * @param bottleMl to mix now, 0 where what is at hand is enough
   */
  record DayMixView(
      String productId,
      String name,
      String ratio,
      String words,
      double neededMl,
      double atHandMl,
      double bottleMl,
      double productMl,
      double waterMl,
      List<String> jobs) {}

  private final MixedBottleRepository mixed;
  private final StockService stock;
  private final ShelfService shelf;
  private final JobService jobs;
  private final JobPlans plans;
  private final ReferenceData reference;
  private final Clock clock;

  MixedService(
      MixedBottleRepository mixed,
      StockService stock,
      ShelfService shelf,
      JobService jobs,
      JobPlans plans,
      ReferenceData reference,
      Clock clock) {
    this.mixed = mixed;
    this.stock = stock;
    this.shelf = shelf;
    this.jobs = jobs;
    this.plans = plans;
    this.reference = reference;
    this.clock = clock;
  }

  /**
   * Notes a bottle as mixed and draws its product from stock.
   *
   * @throws InvalidInputException for what is not on the shelf, or a ratio its label does not allow
   */
  MixedView mix(MixedRequest request) {
    Product product =
        shelf
            .shelf()
            .findProduct(request.productId() == null ? "" : request.productId())
            .orElseThrow(
                () ->
                    new InvalidInputException(
                        "/productId",
                        "\"" + request.productId() + "\"",
                        PHRASES.say("a-product-on-the-shelf")));
    Ratio ratio = Mixing.ratio("/ratio", request.ratio());
    if (!product.label().allows(ratio)) {
      throw new InvalidInputException(
          "/ratio",
          "\"" + request.ratio() + "\"",
          PHRASES.say("a-ratio-of-the-label", product.name()));
    }
    Mix mix = Mix.ofBottle(ratio, request.bottleMl());
    if (request.jobId() != null) {
      jobs.get(request.jobId());
    }
    stock.drawMix(request.jobId(), product.id(), mix.productMl());
    LocalDate today = LocalDate.now(clock);
    return view(
        mixed.saveAndFlush(
            new MixedBottleEntity(
                product.id(),
                mix,
                request.jobId(),
                LocalDateTime.now(clock).truncatedTo(ChronoUnit.SECONDS),
                Mix.useBy(today, reference.figures()))));
  }

  @Transactional(readOnly = true)
  List<MixedView> atHand() {
    return mixed.findByPouredFalseOrderByMixedAtDesc().stream().map(this::view).toList();
  }

  /** Poured away or used up. */
  void pour(UUID id) {
    mixed
        .findById(id)
        .orElseThrow(() -> new NoSuchElementException(PHRASES.say("there-is-no-such-bottle")))
        .pour();
  }

  private MixedView view(MixedBottleEntity b) {
    return new MixedView(
        b.id(),
        b.productId(),
        shelf.shelf().findProduct(b.productId()).map(Product::name).orElse(b.productId()),
        b.ratio(),
        b.bottleMl(),
        b.mixedAt(),
        b.useBy(),
        b.useBy().isBefore(LocalDate.now(clock)));
  }

  /** One bottle of each cleaner and ratio for all jobs that begin on a day. */
  @Transactional(readOnly = true)
  List<DayMixView> ofDay(LocalDate day) {
    Map<String, Double> needed = new LinkedHashMap<>();
    Map<String, PlannedMix> first = new LinkedHashMap<>();
    Map<String, List<String>> who = new LinkedHashMap<>();
    for (JobSummary job : jobs.open()) {
      boolean due = job.startAt().toLocalDate().equals(day) && job.surveyed() > 0;
      if (due) {
        for (PlannedMix mix : plans.plan(job.id()).mixes()) {
          if (!mix.mix().ratio().isReady()) {
            String key = mix.productId() + " " + mix.mix().ratio().code();
            needed.merge(key, mix.neededMl(), Double::sum);
            first.putIfAbsent(key, mix);
            who.computeIfAbsent(key, k -> new ArrayList<>()).add(job.vehicleLabel());
          }
        }
      }
    }
    List<MixedView> atHand = atHand().stream().filter(b -> !b.old()).toList();
    List<DayMixView> views = new ArrayList<>();
    first.forEach(
        (key, mix) -> views.add(view(mix, Known.of(needed, key), Known.of(who, key), atHand)));
    return views;
  }

  private DayMixView view(
      PlannedMix planned, double needed, List<String> who, List<MixedView> atHand) {
    Ratio ratio = planned.mix().ratio();
    double there =
        atHand.stream()
            .filter(b -> b.productId().equals(planned.productId()))
            .filter(b -> b.ratio().equals(ratio.code()))
            .mapToDouble(MixedView::bottleMl)
            .sum();
    double bottle =
        there >= needed ? 0 : Vessels.holding(needed - there, ratio, reference.figures());
    Mix mix = bottle == 0 ? null : Mix.ofBottle(ratio, bottle);
    return new DayMixView(
        planned.productId(),
        shelf.shelf().findProduct(planned.productId()).map(Product::name).orElse(""),
        ratio.code(),
        ratio.words(),
        needed,
        there,
        bottle,
        mix == null ? 0 : mix.productMl(),
        mix == null ? 0 : mix.waterMl(),
        who);
  }
}
