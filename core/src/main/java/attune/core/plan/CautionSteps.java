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
import static attune.core.plan.Step.TEXTILE;

import attune.core.check.Known;
import attune.core.match.Reason;
import attune.core.match.ReasonCode;
import attune.core.words.Phrases;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;

/**
 * At which steps a caution is told, so that none lives on the match alone. A code that is forgotten
 * here is named by whatever asks first, in every test.
 */
public final class CautionSteps {
  private static final Phrases PHRASES = Phrases.of(CautionSteps.class);

  private static final Set<Step> WET = Set.of(CLEAN, TEXTILE);
  private static final Set<Step> LAYS = Set.of(CONDITION, PROTECT, BARRIER, COAT, DRESS, REFINISH);
  private static final Set<Step> NONE = Set.of();

  /** Said of the coating alone. */
  static final Reason COATING_FUMES =
      Reason.of(
          ReasonCode.VENTILATE,
          Reason.Effect.CAUTION,
          Reason.SetBy.SAFETY,
          PHRASES.say("coating-wipe-it-on-never"));

  /** Told by their own steps even where only a stain asks for them. */
  private static final Set<ReasonCode> ALWAYS =
      Set.of(ReasonCode.GLOVES, ReasonCode.TEST_SPOT, ReasonCode.REMAINS);

  private static final Map<ReasonCode, Set<Step>> TOLD = new EnumMap<>(ReasonCode.class);

  static {
    beforeWork();
    atWork();
    rulingOutAlone();
    allAreTold();
  }

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
    return Known.of(TOLD, code);
  }

  /** With the customer there, and before anything wet. */
  private static void beforeWork() {
    told(
        EnumSet.of(INSPECT, HANDOVER),
        ReasonCode.IDENTIFY_FIRST,
        ReasonCode.CREAK,
        ReasonCode.REFER_REPAIR,
        ReasonCode.SCUFF_STAYS);
    told(
        EnumSet.of(RECEIVE),
        ReasonCode.HISTORY_UNKNOWN,
        ReasonCode.RETURN_TIME_MISSED,
        ReasonCode.BUY);
    told(
        EnumSet.of(RECEIVE, INSPECT, HANDOVER),
        ReasonCode.NO_CLEAN_NO_FINISH,
        ReasonCode.RECENTLY_DONE,
        ReasonCode.TWO_IN_ONE,
        ReasonCode.REFER_LICENSED);
    told(
        EnumSet.of(RECEIVE, HANDOVER),
        ReasonCode.NOT_ON_SHELF,
        ReasonCode.SUGGEST_BARRIER,
        ReasonCode.SUGGEST_REFINISH,
        ReasonCode.SUGGEST_NEUTRALISER,
        ReasonCode.SUGGEST_MATS,
        ReasonCode.SCENT);
    told(EnumSet.of(INSPECT, PRECAUTIONS), ReasonCode.MOULD_STOP);
    told(EnumSet.of(INSPECT, DRY_SOIL), ReasonCode.ODOUR_SOURCE);
    told(EnumSet.of(PRECAUTIONS), ReasonCode.GLOVES, ReasonCode.MASK_NEAR);
    told(EnumSet.of(DRY_SOIL), ReasonCode.VACUUM_FIRST);
    told(EnumSet.of(DRY_SOIL, SHAVE), ReasonCode.SHAVE_FIRST);
    told(EnumSet.of(RECEIVE, PRECAUTIONS, HANDOVER), ReasonCode.FAULT_LAMP, ReasonCode.CHILD_SEAT);
    told(EnumSet.of(HANDOVER), ReasonCode.NO_SIT_UNTIL, ReasonCode.NO_DRIVE_UNTIL);
  }

  /** At what is worked, looked at and laid. */
  private static void atWork() {
    told(EnumSet.of(INSPECT, PRECAUTIONS, DRY_SOIL, CLEAN, TEXTILE), ReasonCode.BLOOD);
    told(EnumSet.of(PRECAUTIONS, CLEAN), ReasonCode.IGNITION_OFF);
    told(
        EnumSet.of(PRECAUTIONS, CLEAN, TEXTILE, CONDITION, PROTECT, BARRIER, COAT, DRESS),
        ReasonCode.ELECTRONICS,
        ReasonCode.AIRBAG_SEAM);
    told(EnumSet.of(INSPECT, TEXTILE, HANDOVER), ReasonCode.BELT_CHECK);
    told(EnumSet.of(Step.TEST_SPOT), ReasonCode.TEST_SPOT);
    told(EnumSet.of(RECEIVE, Step.TEST_SPOT), ReasonCode.TEST_SPOT_CONSENT);
    told(EnumSet.of(Step.TEST_SPOT, CLEAN, TEXTILE, RESIDUE), ReasonCode.COLOUR_LIFT_RISK);
    told(EnumSet.of(RECEIVE, Step.TEST_SPOT, CHECK, HANDOVER), ReasonCode.SHADOW_MAY_STAY);
    told(EnumSet.of(RECEIVE, CLEAN, TEXTILE, HANDOVER), ReasonCode.LEAVE_SOME);
    told(EnumSet.of(CLEAN, TEXTILE, HANDOVER), ReasonCode.TOO_MANY_PASSES, ReasonCode.TOO_WEAK);
    told(EnumSet.of(PRECAUTIONS, CLEAN, TEXTILE, COAT), ReasonCode.SURFACE_TOO_HOT);
    told(EnumSet.of(CLEAN, TEXTILE, COAT), ReasonCode.WINDOW_TOO_SHORT);
    told(
        WET,
        ReasonCode.PH_ABOVE_ROUTINE,
        ReasonCode.PH_UNKNOWN,
        ReasonCode.EXPOSURE_SPENT,
        ReasonCode.ABRASIVE,
        ReasonCode.RINSE,
        ReasonCode.DRY_BETWEEN,
        ReasonCode.BLOT_NOT_RUB,
        ReasonCode.WIPE_BEFORE_BLOW,
        ReasonCode.THROWS_DROPLETS,
        ReasonCode.HOUSEHOLD_PRODUCT,
        ReasonCode.SET_BY_HAND,
        ReasonCode.HAND_REFUSED,
        ReasonCode.STRENGTH_UNKNOWN,
        ReasonCode.SCALD);
    told(
        EnumSet.of(CLEAN, TEXTILE, RESIDUE, CONDITION, PROTECT, BARRIER, COAT, DRESS, REFINISH),
        ReasonCode.NEVER_MIX,
        ReasonCode.VENTILATE,
        ReasonCode.FLAMMABLE);
    told(EnumSet.of(CLEAN, TEXTILE, RESIDUE), ReasonCode.SOLVENT);
    told(
        EnumSet.of(CHECK),
        ReasonCode.SEAM_CHECK,
        ReasonCode.TOO_EARLY_TO_JUDGE,
        ReasonCode.LIGHT_FAILS);
    told(LAYS, ReasonCode.WILL_NOT_DRY, ReasonCode.DRY_FIRST);
    told(
        EnumSet.of(RECEIVE, CONDITION, PROTECT, BARRIER, COAT, DRESS, REFINISH, HANDOVER),
        ReasonCode.UNSAID);
    told(EnumSet.of(PROTECT, BARRIER, COAT), ReasonCode.WAIT_FIRST);
    told(EnumSet.of(CLEAN, CHECK), ReasonCode.HOLES);
    told(EnumSet.of(CONDITION), ReasonCode.WARM_FIRST);
    told(EnumSet.of(CONDITION, REFINISH), ReasonCode.OILY_CLOTH, ReasonCode.SELF_HEAT);
    told(EnumSet.of(RECEIVE, CHECK, HANDOVER), ReasonCode.REMAINS);
    told(EnumSet.of(COAT), ReasonCode.DRINKS_COATING, ReasonCode.GRAIN_TOO_DEEP);
    told(EnumSet.of(CLEAN, COAT, HANDOVER), ReasonCode.RECOAT);
    told(EnumSet.of(CONDITION, PROTECT, DRESS, LEVEL), ReasonCode.SHEEN_NOT_MET);
    told(EnumSet.of(LEVEL, HANDOVER), ReasonCode.SLIP_ON_CONTROL, ReasonCode.GRIP_CHECK);
  }

  private static void rulingOutAlone() {
    told(
        NONE,
        ReasonCode.PH_ABOVE_LIMIT,
        ReasonCode.PH_BELOW_LIMIT,
        ReasonCode.WET_LIMIT,
        ReasonCode.PERFORATED_NO_SPRAY,
        ReasonCode.CONTACT_LIMIT,
        ReasonCode.TOO_STIFF,
        ReasonCode.STEAM_NOT_HERE,
        ReasonCode.LABEL_EXCLUDES,
        ReasonCode.LABEL_DILUTION,
        ReasonCode.LABEL_DWELL,
        ReasonCode.FILM_BLOCKS_COATING,
        ReasonCode.STRIPS_COATING,
        ReasonCode.NOT_FOR_FINISH,
        ReasonCode.NOT_FOR_THIS_SOIL,
        ReasonCode.NOT_WANTED,
        ReasonCode.HOUSE_RULE,
        ReasonCode.STOCK_SHORT,
        ReasonCode.EXPIRED,
        ReasonCode.DYED_ON_PALE,
        ReasonCode.DOMINATED,
        ReasonCode.BARRED_HERE,
        ReasonCode.SLIPPERY_SEAT,
        ReasonCode.SPOT_ONLY);
  }

  private static void told(Set<Step> steps, ReasonCode... codes) {
    for (ReasonCode code : codes) {
      if (TOLD.put(code, Set.copyOf(steps)) != null) {
        throw new IllegalStateException(code + " is told twice");
      }
    }
  }

  /** Nobody forgets one: the first who asks for any is told. */
  private static void allAreTold() {
    Set<ReasonCode> forgotten = EnumSet.allOf(ReasonCode.class);
    forgotten.removeAll(TOLD.keySet());
    if (!forgotten.isEmpty()) {
      throw new IllegalStateException("no steps are said for " + forgotten);
    }
  }
}
