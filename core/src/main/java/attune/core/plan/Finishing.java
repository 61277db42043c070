package attune.core.plan;

import attune.core.material.Finish;
import attune.core.material.Role;
import attune.core.reference.Figures;
import attune.core.shelf.ProductRole;
import attune.core.survey.Condition.Damage;
import attune.core.survey.Condition.Feel;
import attune.core.survey.HouseRules;
import attune.core.survey.Surface;
import attune.core.survey.Surface.Feature;
import attune.core.survey.Wishes.Protection;
import java.util.ArrayList;
import java.util.List;

/**
 * What a surface is to be finished with, in order, before any product is picked: what the finish
 * needs, and on top of it as much protection as is wanted. Nothing goes on what a driver holds or
 * treads on, or on what needs nothing.
 */
public final class Finishing {
  /** A finishing step asked for: the role of the product and the step it is. */
  public record Wanted(ProductRole role, Step step) {}

  private Finishing() {}

  /** True when a coating follows on this surface, which decides what may be left by the cleaner. */
  public static boolean coats(Surface surface, Finish finish) {
    return surface.wishes().protection() == Protection.COATING
        && finish.isCoatedTrim()
        && !finish.hasNap()
        && isSeatOrArmrest(surface);
  }

  /** The steps asked for, in order; empty for surfaces that need nothing. */
  public static List<Wanted> wanted(
      Surface surface, Finish finish, HouseRules rules, Figures figures) {
    if (surface.role().isControlled()
        || surface.role() == Role.SCREEN
        || surface.role() == Role.FLOOR) {
      return List.of();
    }
    List<Wanted> wanted = new ArrayList<>();
    if (finish.isPlastic()) {
      plastic(surface, finish, wanted);
    } else if (finish.hasNap()) {
      if (surface.wishes().protection().atLeast(Protection.BARRIER)) {
        wanted.add(new Wanted(ProductRole.NAP_PROTECTOR, Step.PROTECT));
      }
    } else if (finish.isCoatedTrim()) {
      if (finish.isHide() && conditions(surface, finish, rules, figures)) {
        wanted.add(new Wanted(ProductRole.CONDITIONER, Step.CONDITION));
      }
      shield(surface, finish, wanted);
    }
    return List.copyOf(wanted);
  }

  private static void plastic(Surface surface, Finish finish, List<Wanted> wanted) {
    boolean grained =
        finish.code().equals("plastic/textured") || finish.code().equals("plastic/exterior-trim");
    if (!grained) {
      return;
    }
    if (surface.condition().damage().contains(Damage.FADED)) {
      wanted.add(new Wanted(ProductRole.PLASTIC_RESTORER, Step.REFINISH));
    } else if (surface.wishes().protection().atLeast(Protection.DRESSING)
        && !surface.has(Feature.AIRBAG)) {
      wanted.add(new Wanted(ProductRole.PROTECTANT, Step.DRESS));
    }
  }

  /**
   * Dry hide is conditioned whatever is wished; older hide has its suppleness back first where a
   * shield follows.
   */
  private static boolean conditions(
      Surface surface, Finish finish, HouseRules rules, Figures figures) {
    boolean dry = surface.condition().feel() != Feel.SUPPLE;
    boolean coated = finish.code().startsWith("leather/coated");
    boolean older = surface.ageMonths() > figures.get("hide.young");
    boolean shielded = surface.wishes().protection().atLeast(Protection.DRESSING);
    return switch (rules.school("condition-coated")) {
      case "feed" -> true;
      case "protect-only" -> !coated && dry;
      default -> dry || (older && shielded);
    };
  }

  private static void shield(Surface surface, Finish finish, List<Wanted> wanted) {
    Protection protection = surface.wishes().protection();
    if (coats(surface, finish)) {
      wanted.add(new Wanted(ProductRole.COATING, Step.COAT));
    } else if (protection.atLeast(Protection.BARRIER) && isSeatOrArmrest(surface)) {
      wanted.add(new Wanted(ProductRole.DYE_BARRIER, Step.BARRIER));
    } else if (protection.atLeast(Protection.DRESSING)
        && !(surface.has(Feature.AIRBAG) && surface.role() != Role.SEAT)) {
      wanted.add(new Wanted(ProductRole.PROTECTANT, Step.PROTECT));
    }
  }

  private static boolean isSeatOrArmrest(Surface surface) {
    return surface.role() == Role.SEAT || surface.part().contains("armrest");
  }
}
