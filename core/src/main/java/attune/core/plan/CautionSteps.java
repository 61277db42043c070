package attune.core.plan;

import static attune.core.plan.Step.BARRIER;
import static attune.core.plan.Step.CHECK;
import static attune.core.plan.Step.CLEAN;
import static attune.core.plan.Step.COAT;
import static attune.core.plan.Step.CONDITION;
import static attune.core.plan.Step.DRESS;
import static attune.core.plan.Step.DRY_SOIL;
import static attune.core.plan.Step.HANDOVER;
import static attune.core.plan.Step.INSPECT;
import static attune.core.plan.Step.LEVEL;
import static attune.core.plan.Step.PRECAUTIONS;
import static attune.core.plan.Step.PROTECT;
import static attune.core.plan.Step.RECEIVE;
import static attune.core.plan.Step.REFINISH;
import static attune.core.plan.Step.RESIDUE;
import static attune.core.plan.Step.SHAVE;
import static attune.core.plan.Step.TEST_SPOT;
import static attune.core.plan.Step.TEXTILE;

import attune.core.match.Reason;
import attune.core.match.ReasonCode;
import java.util.Collections;
import java.util.Set;

/**
 * At which steps a caution is told, so that none lives on the match alone. The compiler names a
 * code that is forgotten here.
 */
public final class CautionSteps {
  private static final Set<Step> WET = Set.of(CLEAN, TEXTILE);
  private static final Set<Step> LAYS = Set.of(CONDITION, PROTECT, BARRIER, COAT, DRESS, REFINISH);
  private static final Set<Step> NONE = Set.of();

  /** Said of the coating alone. */
  static final Reason COATING_FUMES =
      Reason.of(
          ReasonCode.VENTILATE,
          Reason.Effect.CAUTION,
          Reason.SetBy.SAFETY,
          "Coating: wipe it on, never mist it; doors open.");

  /** Told by their own steps even where only a stain asks for them. */
  private static final Set<ReasonCode> ALWAYS =
      Set.of(ReasonCode.GLOVES, ReasonCode.TEST_SPOT, ReasonCode.REMAINS);

  private CautionSteps() {}

  /**
   * Whether a panel's caution is told at a round of it: what is said of a remover stands where that
   * meets its stain, and not at every other bottle.
   *
   * @param steps of the round, its looks among them
   */
  public static boolean isToldAt(Reason caution, SurfacePlan plan, Round round, Set<Step> steps) {
    if (caution.equals(COATING_FUMES)) {
      return steps.contains(COAT);
    }
    boolean ofSpot =
        plan.match().saidOfSpots().contains(caution)
            && !plan.match().cautions().contains(caution)
            && !ALWAYS.contains(caution.code());
    return ofSpot
        ? round.spots() && plan.match().saidOfSpots(round.productId()).contains(caution)
        : !Collections.disjoint(of(caution.code()), steps);
  }

  /** Steps where it stands; empty for what only ever rules something out. */
  public static Set<Step> of(ReasonCode code) {
    return switch (code) {
      case IDENTIFY_FIRST, CREAK, REFER_REPAIR, SCUFF_STAYS -> Set.of(INSPECT, HANDOVER);
      case HISTORY_UNKNOWN, RETURN_TIME_MISSED, BUY -> Set.of(RECEIVE);
      case NO_CLEAN_NO_FINISH, RECENTLY_DONE, TWO_IN_ONE -> Set.of(RECEIVE, INSPECT, HANDOVER);
      case NOT_ON_SHELF -> Set.of(RECEIVE, HANDOVER);
      case MOULD_STOP -> Set.of(INSPECT, PRECAUTIONS);
      case BLOOD -> Set.of(INSPECT, PRECAUTIONS, DRY_SOIL, CLEAN, TEXTILE);
      case REFER_LICENSED -> Set.of(RECEIVE, INSPECT, HANDOVER);
      case ODOUR_SOURCE -> Set.of(INSPECT, DRY_SOIL);
      case GLOVES, MASK_NEAR -> Set.of(PRECAUTIONS);
      case IGNITION_OFF -> Set.of(PRECAUTIONS, CLEAN);
      case ELECTRONICS, AIRBAG_SEAM ->
          Set.of(PRECAUTIONS, CLEAN, TEXTILE, CONDITION, PROTECT, BARRIER, COAT, DRESS);
      case VACUUM_FIRST -> Set.of(DRY_SOIL);
      case SHAVE_FIRST -> Set.of(DRY_SOIL, SHAVE);
      case BELT_CHECK -> Set.of(INSPECT, TEXTILE, HANDOVER);
      case TEST_SPOT -> Set.of(Step.TEST_SPOT);
      case COLOUR_LIFT_RISK -> Set.of(Step.TEST_SPOT, CLEAN, TEXTILE, RESIDUE);
      case SHADOW_MAY_STAY -> Set.of(RECEIVE, Step.TEST_SPOT, CHECK, HANDOVER);
      case LEAVE_SOME -> Set.of(RECEIVE, CLEAN, TEXTILE, HANDOVER);
      case TOO_MANY_PASSES, TOO_WEAK -> Set.of(CLEAN, TEXTILE, HANDOVER);
      case SURFACE_TOO_HOT -> Set.of(PRECAUTIONS, CLEAN, TEXTILE, COAT);
      case WINDOW_TOO_SHORT -> Set.of(CLEAN, TEXTILE, COAT);
      case PH_ABOVE_ROUTINE,
          PH_UNKNOWN,
          EXPOSURE_SPENT,
          ABRASIVE,
          RINSE,
          DRY_BETWEEN,
          BLOT_NOT_RUB,
          WIPE_BEFORE_BLOW,
          THROWS_DROPLETS,
          HOUSEHOLD_PRODUCT,
          SET_BY_HAND,
          HAND_REFUSED,
          STRENGTH_UNKNOWN ->
          WET;
      case NEVER_MIX ->
          Set.of(CLEAN, TEXTILE, RESIDUE, CONDITION, PROTECT, BARRIER, COAT, DRESS, REFINISH);
      case SOLVENT -> Set.of(CLEAN, TEXTILE, RESIDUE);
      case VENTILATE, FLAMMABLE ->
          Set.of(CLEAN, TEXTILE, RESIDUE, CONDITION, PROTECT, BARRIER, COAT, DRESS, REFINISH);
      case SEAM_CHECK, TOO_EARLY_TO_JUDGE, LIGHT_FAILS -> Set.of(CHECK);
      case WILL_NOT_DRY, DRY_FIRST -> LAYS;
      case UNSAID -> Set.of(RECEIVE, CONDITION, PROTECT, BARRIER, COAT, DRESS, REFINISH, HANDOVER);
      case WAIT_FIRST -> Set.of(PROTECT, BARRIER, COAT);
      case HOLES -> Set.of(CLEAN, CHECK);
      case SUGGEST_BARRIER, SUGGEST_REFINISH, SUGGEST_NEUTRALISER, SUGGEST_MATS ->
          Set.of(RECEIVE, HANDOVER);
      case WARM_FIRST -> Set.of(CONDITION);
      case OILY_CLOTH, SELF_HEAT -> Set.of(CONDITION, REFINISH);
      case SCALD -> WET;
      case SCENT -> Set.of(RECEIVE, HANDOVER);
      case FAULT_LAMP -> Set.of(RECEIVE, PRECAUTIONS, HANDOVER);
      case CHILD_SEAT -> Set.of(RECEIVE, PRECAUTIONS, HANDOVER);
      case REMAINS -> Set.of(RECEIVE, CHECK, HANDOVER);
      case DRINKS_COATING, GRAIN_TOO_DEEP -> Set.of(COAT);
      case RECOAT -> Set.of(CLEAN, COAT, HANDOVER);
      case SHEEN_NOT_MET -> Set.of(CONDITION, PROTECT, DRESS, LEVEL);
      case SLIP_ON_CONTROL, GRIP_CHECK -> Set.of(LEVEL, HANDOVER);
      case NO_SIT_UNTIL, NO_DRIVE_UNTIL -> Set.of(HANDOVER);
      case PH_ABOVE_LIMIT,
          PH_BELOW_LIMIT,
          WET_LIMIT,
          PERFORATED_NO_SPRAY,
          CONTACT_LIMIT,
          TOO_STIFF,
          STEAM_NOT_HERE,
          LABEL_EXCLUDES,
          LABEL_DILUTION,
          LABEL_DWELL,
          FILM_BLOCKS_COATING,
          STRIPS_COATING,
          NOT_FOR_FINISH,
          NOT_FOR_THIS_SOIL,
          NOT_WANTED,
          HOUSE_RULE,
          STOCK_SHORT,
          EXPIRED,
          DYED_ON_PALE,
          DOMINATED,
          BARRED_HERE,
          SLIPPERY_SEAT,
          SPOT_ONLY ->
          NONE;
    };
  }
}
