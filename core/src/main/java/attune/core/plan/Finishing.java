package attune.core.plan;

import attune.core.material.Finish;
import attune.core.material.Role;
import attune.core.reference.Figures;
import attune.core.shelf.ProductRole;
import attune.core.survey.Condition.Damage;
import attune.core.survey.Condition.Feel;
import attune.core.survey.Condition.Wear;
import attune.core.survey.HouseRules;
import attune.core.survey.Surface;
import attune.core.survey.Surface.Feature;
import attune.core.survey.Wishes.Protection;
import java.util.ArrayList;
import java.util.List;

/**
 * What a surface is to be finished with, in order, before any product is picked: what the finish
 * needs, and on top of it as much protection as is wanted. Nothing goes on what a driver treads on,
 * nothing on a rim unless the house lets it, nothing on what needs nothing.
 */
public final class Finishing {
  /**
   * A finishing step asked for: the role of the product and the step it is.
   *
   * @param optional true where nothing is bought for it when the shelf has nothing that may go on
   */
  public record Wanted(ProductRole role, Step step, boolean optional) {
    Wanted(ProductRole role, Step step) {
      this(role, step, false);
    }
  }

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
    if (surface.isGrip()) {
      return grip(surface, finish, rules);
    }
    if (surface.role().isControlled()
        || surface.role() == Role.SCREEN
        || surface.isMesh()
        || surface.role() == Role.FLOOR) {
      return List.of();
    }
    List<Wanted> wanted = new ArrayList<>();
    if (finish.isPlastic()) {
      plastic(surface, finish, wanted);
    } else if (finish.hasNap() || isWovenSeat(surface, finish)) {
      if (surface.wishes().protection().atLeast(Protection.BARRIER)) {
        wanted.add(new Wanted(ProductRole.NAP_PROTECTOR, Step.PROTECT));
      }
    } else if (finish.isCoatedTrim()) {
      if (soaks(surface, finish, rules)) {
        wanted.add(new Wanted(ProductRole.RESTORING_OIL, Step.CONDITION));
      } else if (takesConditioner(finish, rules) && conditions(surface, finish, rules, figures)) {
        wanted.add(new Wanted(ProductRole.CONDITIONER, Step.CONDITION));
      }
      shield(surface, finish, wanted);
    }
    return List.copyOf(wanted);
  }

  /** On what a driver holds only where the house lets it: dry hide conditioned, else a shield. */
  private static List<Wanted> grip(Surface surface, Finish finish, HouseRules rules) {
    boolean wished = surface.wishes().protection().atLeast(Protection.DRESSING);
    if (rules.is("wheel-conditioning", "never") || !finish.isCoatedTrim() || finish.hasNap()) {
      return List.of();
    }
    if (finish.isHide() && surface.condition().feel() != Feel.SUPPLE) {
      return List.of(new Wanted(ProductRole.CONDITIONER, Step.CONDITION, true));
    }
    return wished ? List.of(new Wanted(ProductRole.PROTECTANT, Step.PROTECT, true)) : List.of();
  }

  /** Oils do nothing in plastic, unless the house holds vinyl to be leather. */
  static boolean takesConditioner(Finish finish, HouseRules rules) {
    return finish.isHide() || (finish.isVinyl() && rules.is("vinyl-as-leather", "same"));
  }

  /**
   * Oil under film for days: only where the house allows it, on real, lightly finished, hard hide.
   */
  private static boolean soaks(Surface surface, Finish finish, HouseRules rules) {
    boolean light =
        finish.code().equals("leather/aniline") || finish.code().equals("leather/semi-aniline");
    Wear wear = surface.condition().wear();
    return light
        && surface.condition().feel() == Feel.STIFF
        && wear != Wear.CRACKED
        && wear != Wear.TORN
        && rules.is("oil-under-film", "allow-on-light-finish");
  }

  private static void plastic(Surface surface, Finish finish, List<Wanted> wanted) {
    boolean grained =
        finish.code().equals("plastic/textured") || finish.code().equals("plastic/exterior-trim");
    if (!grained) {
      return;
    }
    if (surface.condition().damage().contains(Damage.FADED)) {
      wanted.add(new Wanted(ProductRole.PLASTIC_RESTORER, Step.REFINISH));
    } else if ((surface.wishes().protection().atLeast(Protection.DRESSING) || creaks(surface))
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
    } else if ((protection.atLeast(Protection.DRESSING) || creaks(surface))
        && !(surface.has(Feature.AIRBAG) && surface.role() != Role.SEAT)) {
      wanted.add(new Wanted(ProductRole.PROTECTANT, Step.PROTECT));
    }
  }

  /** A protector where panels rub stops the noise, whatever else is wished. */
  private static boolean creaks(Surface surface) {
    return surface.condition().damage().contains(Damage.CREAKS);
  }

  /** Cloth that is sat on: what is spilt there soaks in. */
  private static boolean isWovenSeat(Surface surface, Finish finish) {
    return finish.isTextile() && isSeatOrArmrest(surface);
  }

  static boolean isSeatOrArmrest(Surface surface) {
    return surface.role() == Role.SEAT || surface.part().contains("armrest");
  }
}
