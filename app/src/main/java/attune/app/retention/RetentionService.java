package attune.app.retention;

import attune.app.people.CustomerService;
import attune.app.retention.RetentionViews.ForgetRequest;
import attune.app.retention.RetentionViews.Gone;
import attune.app.retention.RetentionViews.RetentionView;
import attune.app.web.NotNowException;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Customers past the time the shop keeps them. Nobody is deleted unasked: the owner sees who it
 * would be, and presses.
 */
@Service
@Transactional
public class RetentionService {
  private static final Phrases PHRASES = Phrases.of(RetentionService.class);

  private static final Limit SHOWN = Limit.of(50);

  private final RetentionRepository retention;
  private final CustomerService customers;
  private final Clock clock;

  RetentionService(RetentionRepository retention, CustomerService customers, Clock clock) {
    this.retention = retention;
    this.customers = customers;
    this.clock = clock;
  }

  @Transactional(readOnly = true)
  RetentionView view() {
    Optional<LocalDateTime> before = before();
    return new RetentionView(
        years().orElse(null),
        before.map(retention::countNotSince).orElse(0L),
        before.map(time -> retention.notSince(time, SHOWN)).orElse(List.of()));
  }

  RetentionView keep(@Nullable Integer years) {
    RetentionEntity kept = retention.findById(RetentionEntity.ONLY).orElseGet(RetentionEntity::new);
    kept.keep(years);
    retention.saveAndFlush(kept);
    return view();
  }

  /** How many customers are past their time; none where the shop has not said. */
  @Transactional(readOnly = true)
  public long overdue() {
    return before().map(retention::countNotSince).orElse(0L);
  }

  /**
   * Deletes all who are past their time, as one is deleted; vehicles and their treatments stay.
   *
   * @throws NotNowException where it is not as many as was seen
   */
  Gone forget(ForgetRequest seen) {
    List<UUID> gone = before().map(retention::idsNotSince).orElse(List.of());
    if (gone.size() != seen.customers()) {
      throw new NotNowException(PHRASES.say("it-is-now-not-look", gone.size(), seen.customers()));
    }
    gone.forEach(customers::forget);
    return new Gone(gone.size());
  }

  private Optional<Integer> years() {
    return retention.findById(RetentionEntity.ONLY).flatMap(RetentionEntity::years);
  }

  private Optional<LocalDateTime> before() {
    return years().map(years -> LocalDateTime.now(clock).minusYears(years));
  }
}
