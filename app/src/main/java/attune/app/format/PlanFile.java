package attune.app.format;

import attune.core.match.Reason;
import attune.core.match.ReasonCode;
import attune.core.match.RuledOut;
import attune.core.match.Treatment;
import attune.core.plan.ClothUse;
import attune.core.plan.Step;
import attune.core.plan.Task;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Soil;
import attune.core.survey.Stain;
import com.fasterxml.jackson.annotation.JsonInclude;
import jakarta.annotation.Nullable;
import java.util.List;

/** The attune-plan file as written; what is not known is left out. */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record PlanFile(
    String format,
    int version,
    String title,
    List<PlannedSurfaceFile> surfaces,
    List<MixFile> mixes,
    List<DoseFile> doses,
    List<ClothFile> cloths,
    List<PurchaseFile> purchases,
    List<TaskFile> timeline,
    @Nullable List<RoundFile> rounds,
    @Nullable TotalsFile totals,
    ReadyFile ready,
    List<CareFile> care,
    List<HouseRuleFile> houseRules,
    List<CodeFile> warnings,
    @Nullable List<RemainsFile> remains) {

  /** Everything about one surface. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record PlannedSurfaceFile(
      String surfaceId,
      List<RungFile> ladder,
      List<FinishStepFile> finishSteps,
      @Nullable ResidueFile residue,
      @Nullable DryFile dry,
      @Nullable CodeFile end,
      @Nullable RungFile milder,
      @Nullable CodeFile refer,
      List<CautionFile> cautions,
      RangeFile minutes,
      List<RuledOutFile> ruledOut,
      @Nullable ExposureFile exposure,
      @Nullable Double loss,
      boolean byHand) {

    /** What goes on at this visit, without what still holds from an earlier one. */
    public List<FinishStepFile> laid() {
      return finishSteps.stream().filter(step -> !step.leftAlone()).toList();
    }
  }

  /**
   * What it is wiped off with before something bonds, or where it shines.
   *
   * @param productId left out for a damp cloth
   * @param ml of it as it is mixed, over all passes
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record ResidueFile(@Nullable String productId, String ratio, int passes, double ml) {}

  /**
   * A caution, and where it is told.
   *
   * @param roundIds left out where a plan was made before rounds
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record CautionFile(
      @Code(ReasonCode.class) String code, String text, @Nullable List<String> roundIds) {}

  /**
   * Alkali and acid beyond the routine window over the year, µmol·min/l.
   *
   * @param before spent in the year up to the job
   * @param plan what the first rung adds
   * @param beforePercent of the year's allowance
   * @param afterPercent of it, after this plan
   * @param brushedPercent share of a year's brushing beyond what it stands every time, after this
   *     plan; null where there is none
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record ExposureFile(
      double before,
      double plan,
      double allowance,
      int beforePercent,
      int afterPercent,
      int unknownVisits,
      @Nullable Integer brushedPercent) {}

  /** One rung of a ladder. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record RungFile(
      @Nullable String cleanerId,
      String ratio,
      @Nullable PhFile effectivePh,
      String toolId,
      @Code(Treatment.ApplyTo.class) String applyTo,
      double laidGPerM2,
      @Code(Treatment.Warmth.class) String warmth,
      SpanFile dwellS,
      SectionsFile sections,
      RangeFile passes,
      String endPoint,
      String leadsOn,
      String stop,
      boolean testSpot,
      @Nullable SpotFile spot) {}

  /**
   * A stain that is met by itself.
   *
   * @param ml remover over all passes
   * @param stain its kind; null in plans from before it was written
   */
  public record SpotFile(double cm2, double ml, @Code(Stain.Kind.class) @Nullable String stain) {}

  /** What is likely to stay of a soil. */
  public record RemainsFile(String surfaceId, String soil, String text) {}

  /** An interval of pH. */
  public record PhFile(double low, double high) {}

  /** Seconds from and to. */
  public record SpanFile(long min, long max) {}

  /** Whole numbers from and to. */
  public record RangeFile(int low, int high) {}

  /**
   * How a surface is cut into sections.
   *
   * @param windowS as it stands
   * @param cooledS once it has cooled; left out where it may be begun as it stands
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record SectionsFile(
      int count, double areaM2, long windowS, @Nullable Long cooledS, boolean startAllowed) {

    /** The window it is worked in: what is too hot now has cooled by then. */
    public long workedS() {
      return cooledS == null ? windowS : cooledS;
    }
  }

  /** One finishing product on one surface. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record FinishStepFile(
      @Code(ProductRole.class) String role,
      @Code(Step.class) String step,
      @Nullable String productId,
      @Nullable String applicatorId,
      double doseMl,
      int coats,
      int waitS,
      @Nullable SpanFile flashS,
      @Nullable Integer absorbS,
      @Nullable String levelTo,
      int cureS,
      int sitAfterS,
      @Nullable HeldFile history) {

    /** Still holds from an earlier visit: nothing is laid. */
    public boolean leftAlone() {
      return history != null;
    }
  }

  /** When a finish that still holds was laid, and when it is due again. */
  public record HeldFile(String last, String next) {}

  /** How long it dries and what says so. */
  public record DryFile(int estimateS, String how, String confirmWith) {}

  /** A code and its sentence. */
  public record CodeFile(String code, String text) {}

  /** What was left out. */
  public record RuledOutFile(
      String itemId, @Code(RuledOut.Kind.class) String kind, List<ReasonFile> reasons) {}

  /** One reason. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record ReasonFile(
      @Code(ReasonCode.class) String code,
      String text,
      @Nullable Double measured,
      @Nullable Double limit,
      @Nullable String unit,
      @Code(Reason.SetBy.class) String setBy) {}

  /** A bottle to fill. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record MixFile(
      String productId,
      String ratio,
      String words,
      double bottleMl,
      double productMl,
      double waterMl,
      double neededMl,
      @Nullable PhFile effectivePh,
      List<String> surfaceIds) {}

  /**
   * A finishing product's whole amount.
   *
   * @param keptMl of it, what the applicator keeps
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record DoseFile(
      String productId,
      double ml,
      double keptMl,
      int drops,
      int strokes,
      int peas,
      @Nullable Double share,
      @Nullable Integer coatsPossible,
      List<String> surfaceIds) {}

  /** Cloths for a use. */
  public record ClothFile(
      @Code(ClothUse.class) String use, int count, boolean colourfastOnly, int thrown) {}

  /** Something to buy. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record PurchaseFile(
      @Code(ProductRole.class) String role,
      @Nullable String itemId,
      @Nullable Double ml,
      @Code(ReasonCode.class) String code,
      String text,
      @Nullable NeedsFile needs) {}

  /** What has to be bought: a product able to do this. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record NeedsFile(
      double phLow, double phHigh, @Code(Soil.class) @Nullable String goodAt, String finish) {}

  /**
   * A task of the timetable.
   *
   * @param about what a wait is for, or a fitting; null for all others, and in plans from before it
   *     was written
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record TaskFile(
      String id,
      @Code(Step.class) String step,
      @Code(Task.About.Kind.class) @Nullable String about,
      List<String> surfaceIds,
      @Nullable String productId,
      @Nullable String toolId,
      @Nullable String person,
      @Nullable Integer section,
      String start,
      String end,
      @Nullable Double handsMin,
      @Nullable String roundId,
      @Nullable String wipeFrom,
      @Nullable String wipeBy,
      List<String> after,
      @Nullable SpotFile spot) {}

  /**
   * A round: one zone, one bottle and ratio, one tool, one person.
   *
   * @param surfaceIds in working order
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record RoundFile(
      String id,
      String zone,
      @Code(Step.class) String step,
      List<String> surfaceIds,
      @Nullable String productId,
      @Nullable String ratio,
      @Nullable String toolId,
      @Nullable String person,
      String start,
      String end,
      double handsMin,
      double waitMin,
      List<CodeFile> technique) {}

  /** What a visit comes to, minutes; receiving and handing over left out. */
  public record TotalsFile(
      RangeFile handsMin,
      int waitMin,
      int visitMin,
      int cleanMin,
      int finishMin,
      int inspectMin,
      int rounds) {}

  /** When the vehicle can be used. */
  public record ReadyFile(String driveAt, String sitAt, String curedAt) {}

  /**
   * After-care.
   *
   * @param code by which it is known again; null in plans from before it was written
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record CareFile(
      @Nullable String code,
      List<String> surfaceIds,
      String what,
      @Nullable List<Integer> dueInDays,
      @Nullable Integer everyDays,
      @Nullable String productId,
      @Nullable String follows) {}

  /** A house rule in force. */
  public record HouseRuleFile(String key, String school, boolean changed) {}
}
