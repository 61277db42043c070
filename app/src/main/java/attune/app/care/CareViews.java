package attune.app.care;

import attune.app.format.Code;
import attune.core.plan.Plan.CareItem;
import attune.core.survey.Condition;
import attune.core.survey.Wishes;
import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/** What goes in and out of the care endpoints. */
public final class CareViews {
  private CareViews() {}

  /** Who did it. */
  public enum Where {
    HOME,
    SHOP
  }

  /**
   * Something done since.
   *
   * @param code of the care it was; null where it was noted before care had codes
   */
  public record DoneView(
      UUID id, @Nullable String code, String what, LocalDate doneOn, Where place, String note) {

    /** Whether it was a round of this. */
    boolean isOf(CareItem care) {
      return code == null ? what.equals(care.what()) : code.equals(care.code());
    }
  }

  /**
   * Something to be done.
   *
   * @param code by which it is noted
   * @param afterDays days after the visit, for a ladder
   * @param everyDays days between, for what is repeated; null for a ladder
   * @param when the same in words
   * @param usualDays days between for usual use, null where it is no other
   * @param next day it is due, null when a ladder is through
   */
  public record CareLine(
      String code,
      String what,
      List<String> labels,
      List<Integer> afterDays,
      @Nullable Integer everyDays,
      String when,
      @Nullable Integer usualDays,
      @Nullable LocalDate next,
      @Nullable String product) {}

  /**
   * What waiting costs.
   *
   * @param soil how soiled it would be
   * @param layers the same as an amount, to be drawn
   * @param minor price of the cleaning in the smallest coin, null where no hour is priced
   */
  public record WaitingView(
      int months,
      @Code(Condition.Level.class) String soil,
      double layers,
      int passes,
      long minutes,
      @Nullable Long minor) {}

  /** What a standard leaves on faces and in seams, and what a month adds, in layers of soil. */
  public record LeavesView(
      @Code(Wishes.Standard.class) String standard, double face, double seams, double monthly) {}

  /**
   * After-care of a job.
   *
   * @param visit when the work was done
   * @param reasons why intervals are others than usual, empty where they are not
   * @param deepCleanDays days to the next deep clean from what this visit found; null where there
   *     was none before
   * @param adapted that in words
   */
  public record CareView(
      LocalDate visit,
      LocalDate today,
      List<String> reasons,
      @Nullable Integer deepCleanDays,
      @Nullable String adapted,
      List<CareLine> lines,
      List<DoneView> done,
      List<WaitingView> waiting,
      List<LeavesView> leaves,
      String currency) {}

  /** Something that was done. */
  public record DoneRequest(
      @NotBlank(message = "{the-code-of-what-was-done}")
          @Size(max = 200, message = "{at-most-200-characters}")
          String code,
      @NotNull(message = "{a-day}") LocalDate doneOn,
      @NotNull(message = "{home-or-shop}") Where place,
      @Nullable @Size(max = 400, message = "{at-most-400-characters}") String note) {}
}
