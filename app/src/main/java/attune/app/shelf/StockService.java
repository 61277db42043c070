package attune.app.shelf;

import attune.app.shelf.StockViews.BottleForm;
import attune.app.shelf.StockViews.BottleView;
import attune.app.shelf.StockViews.WeighForm;
import attune.core.check.Fault;
import attune.core.check.InvalidInputException;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The bottles of each product: what is left in them, by use and by weighing. */
@Service
@Transactional
public class StockService {
  private static final Phrases PHRASES = Phrases.of(StockService.class);

  private static final String USED = "USED";
  private static final String MIXED = "MIXED";

  private final BottleRepository bottles;
  private final MovementRepository movements;
  private final ShelfItemRepository items;
  private final ShelfService shelf;
  private final Clock clock;

  StockService(
      BottleRepository bottles,
      MovementRepository movements,
      ShelfItemRepository items,
      ShelfService shelf,
      Clock clock) {
    this.bottles = bottles;
    this.movements = movements;
    this.items = items;
    this.shelf = shelf;
    this.clock = clock;
  }

  @Transactional(readOnly = true)
  public List<BottleView> of(String productId) {
    return openFirst(productId).map(bottle -> bottle.view(today())).toList();
  }

  public BottleView add(String productId, BottleForm form) {
    if (items.findById(productId).filter(i -> i.kind().equals(ShelfItemEntity.PRODUCT)).isEmpty()) {
      throw new NoSuchElementException(PHRASES.say("there-is-no-such-product"));
    }
    if (form.leftMl() != null && form.leftMl() > form.sizeMl()) {
      throw new InvalidInputException(
          "/leftMl", String.valueOf(form.leftMl()), PHRASES.say("0-to-its-size", form.sizeMl()));
    }
    if (form.openedOn() != null
        && form.expiresOn() != null
        && form.expiresOn().isBefore(form.openedOn())) {
      throw new InvalidInputException(
          "/expiresOn", form.expiresOn().toString(), PHRASES.say("a-day-after-it-was"));
    }
    BottleEntity bottle = bottles.saveAndFlush(new BottleEntity(productId, form));
    shelf.renew();
    return bottle.view(today());
  }

  /** Notes what is left, as read off or weighed. */
  BottleView weigh(UUID id, WeighForm form) {
    BottleEntity bottle = bottle(id);
    double left = left(form);
    if (left > bottle.sizeMl() * 1.1) {
      throw new InvalidInputException(
          "/leftMl",
          PHRASES.say("ml", Math.round(left)),
          PHRASES.say("at-most-its-size-ml", bottle.sizeMl()));
    }
    double was = bottle.leftMl();
    bottle.correct(Math.min(left, bottle.sizeMl()));
    bottle.open(today());
    movements.save(new MovementEntity(id, was - bottle.leftMl(), "WEIGHED", null, now()));
    bottles.flush();
    shelf.renew();
    return bottle.view(today());
  }

  private static double left(WeighForm form) {
    if (form.leftMl() != null) {
      return form.leftMl();
    }
    if (form.grams() == null || form.emptyGrams() == null) {
      throw new InvalidInputException(
          "/leftMl", Fault.NOTHING, PHRASES.say("the-millilitres-left-or-grams"));
    }
    double grams = form.grams() - form.emptyGrams();
    if (grams < 0) {
      throw new InvalidInputException(
          "/grams",
          String.valueOf(form.grams()),
          PHRASES.say("at-least-the-bare-bottle", form.emptyGrams()));
    }
    return grams / (form.gramsPerMl() == null ? 1 : form.gramsPerMl());
  }

  BottleView throwAway(UUID id) {
    BottleEntity bottle = bottle(id);
    bottle.throwAway();
    movements.save(new MovementEntity(id, bottle.leftMl(), "THROWN", null, now()));
    bottles.flush();
    shelf.renew();
    return bottle.view(today());
  }

  /**
   * Takes out what a job used, open bottles first, oldest first; once for a job. What was drawn for
   * its mixes already is not drawn again.
   */
  public void draw(UUID jobId, Map<String, Double> used) {
    if (movements.existsByJobIdAndWhy(jobId, USED)) {
      return;
    }
    used.forEach(
        (product, ml) -> draw(jobId, product, Math.max(0, ml - mixedFor(jobId, product)), USED));
    bottles.flush();
    shelf.renew();
  }

  private double mixedFor(UUID jobId, String product) {
    List<UUID> ofProduct = bottles.findByProductId(product).stream().map(BottleEntity::id).toList();
    return movements.findByJobIdAndWhy(jobId, MIXED).stream()
        .filter(movement -> ofProduct.contains(movement.bottleId()))
        .mapToDouble(MovementEntity::ml)
        .sum();
  }

  /**
   * Takes out what went into a mix.
   *
   * @param jobId null for one mixed for no job
   */
  public void drawMix(@Nullable UUID jobId, String product, double ml) {
    draw(jobId, product, ml, MIXED);
    bottles.flush();
    shelf.renew();
  }

  private void draw(@Nullable UUID jobId, String product, double ml, String why) {
    double open = ml;
    List<BottleEntity> good =
        openFirst(product)
            .filter(bottle -> bottle.isUsable(today()) && bottle.leftMl() > 0)
            .toList();
    for (BottleEntity bottle : good) {
      double part = Math.min(open, bottle.leftMl());
      if (part > 0) {
        bottle.draw(part, today());
        movements.save(new MovementEntity(bottle.id(), part, why, jobId, now()));
        open -= part;
      }
    }
  }

  /** Batch of the bottle of a product that is in use, where it was noted. */
  @Transactional(readOnly = true)
  public Optional<String> openBatch(String productId) {
    return openFirst(productId)
        .filter(bottle -> bottle.isUsable(today()) && bottle.leftMl() > 0)
        .findFirst()
        .map(BottleEntity::batch);
  }

  /** Opened ones by age, then the sealed. */
  private Stream<BottleEntity> openFirst(String productId) {
    return bottles.findByProductId(productId).stream()
        .sorted(
            Comparator.comparing(
                    BottleEntity::openedOn, Comparator.nullsLast(Comparator.naturalOrder()))
                .thenComparing(BottleEntity::id));
  }

  private BottleEntity bottle(UUID id) {
    return bottles
        .findById(id)
        .orElseThrow(() -> new NoSuchElementException(PHRASES.say("there-is-no-such-bottle")));
  }

  private LocalDate today() {
    return LocalDate.now(clock);
  }

  private LocalDateTime now() {
    return LocalDateTime.now(clock).truncatedTo(ChronoUnit.MILLIS);
  }
}
