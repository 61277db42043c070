package attune.core.plan;

import attune.core.check.Known;
import attune.core.material.FinishTable;
import attune.core.material.Role;
import attune.core.schedule.Skill;
import attune.core.survey.Surface;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What somebody must be allowed to do to work a round: not everybody is left alone with all of it.
 */
public final class NeededSkills {
  private static final Set<String> UNCOATED =
      Set.of("leather/aniline", "leather/semi-aniline", "leather/nubuck");

  private final Map<String, SurfacePlan> plans = new HashMap<>();

  NeededSkills(List<SurfacePlan> surfaces) {
    surfaces.forEach(plan -> plans.put(plan.surface().id(), plan));
  }

  /** Of a whole plan. */
  public static Set<Skill> of(Plan plan) {
    Set<Skill> needed = EnumSet.noneOf(Skill.class);
    for (SurfacePlan surface : plan.surfaces()) {
      boolean wet = surface.isWet() || !surface.finishSteps().isEmpty();
      needed.addAll(wet ? onPanel(surface) : Set.of());
      if (surface.finishSteps().stream().anyMatch(step -> step.step() == Step.COAT)) {
        needed.add(Skill.COATING);
      }
    }
    return needed;
  }

  /** Of rounds worked in one go; what is dry or a look anyone may do. */
  Set<Skill> of(List<RoundDraft> block) {
    Set<Skill> needed = EnumSet.noneOf(Skill.class);
    for (RoundDraft round : block) {
      if (isLeftToAnyone(round.step)) {
        continue;
      }
      if (round.pieces.stream().anyMatch(piece -> piece.step() == Step.COAT)) {
        needed.add(Skill.COATING);
      }
      round.surfaceIds.forEach(id -> needed.addAll(onPanel(Known.of(plans, id))));
    }
    return needed;
  }

  /** What is dry, hidden or talk. */
  public static boolean isLeftToAnyone(Step step) {
    return switch (step) {
      case RECEIVE, INSPECT, PRECAUTIONS, DRY_SOIL, TEST_SPOT, HANDOVER, BREAK -> true;
      default -> false;
    };
  }

  private static Set<Skill> onPanel(SurfacePlan plan) {
    Surface surface = plan.surface();
    return onPanel(surface.finish(), surface.role(), surface.part());
  }

  /**
   * What wet work on a panel needs.
   *
   * @param finish its code; a seat nobody identified is taken for bare hide
   */
  public static Set<Skill> onPanel(String finish, Role role, String part) {
    Set<Skill> needed = EnumSet.noneOf(Skill.class);
    if (role == Role.GRIP && Walk.isRim(part)) {
      needed.add(Skill.RIM);
    }
    boolean open = finish.equals(FinishTable.UNKNOWN) && role == Role.SEAT;
    if (open || UNCOATED.contains(finish)) {
      needed.add(Skill.ANILINE);
    }
    return needed;
  }
}
