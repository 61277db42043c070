package attune.core.match;

import static attune.core.match.Treatment.ApplyTo.CLOTH;
import static attune.core.match.Treatment.ApplyTo.SURFACE;
import static attune.core.match.Treatment.ApplyTo.TOOL;
import static attune.core.survey.Condition.Level.LIGHT;

import attune.core.AProduct;
import attune.core.ASurface;
import attune.core.ATool;
import attune.core.Given;
import attune.core.match.Reason.SetBy;
import attune.core.match.Treatment.ApplyTo;
import attune.core.match.Treatment.Warmth;
import attune.core.match.Verdict.Outcome;
import attune.core.material.Role;
import attune.core.measure.PhNature;
import attune.core.measure.Ratio;
import attune.core.shelf.Product;
import attune.core.shelf.Product.Trait;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Soil;
import attune.core.shelf.Tool;
import attune.core.survey.Condition.Wear;
import attune.core.survey.Surface.Feature;
import attune.core.survey.Surface.Near;
import attune.core.survey.Surface.Tone;
import java.time.LocalDate;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.params.provider.Arguments;

/** One treatment a row, what is said of it and by whose limit. */
final class VerdictCases {
  private VerdictCases() {}

  static Treatment with(Product cleaner) {
    return with(cleaner, ATool.SOFT_BRUSH, TOOL, 15, Warmth.NONE, 60);
  }

  static Treatment with(
      Product cleaner, Tool tool, ApplyTo to, double laid, Warmth warmth, int dwell) {
    Ratio ratio = cleaner.label().standard();
    return new Treatment(Optional.of(cleaner), ratio, tool, to, laid, warmth, dwell);
  }

  static Treatment tool(Tool tool) {
    return with(cleaner().build(), tool, TOOL, 15, Warmth.NONE, 60);
  }

  static AProduct cleaner() {
    return AProduct.cleaner("cleaner", 5);
  }

  static ASurface leather() {
    return ASurface.of("leather/coated").soiled(LIGHT);
  }

  private static Arguments ruled(
      ReasonCode code, Outcome outcome, SetBy by, ASurface surface, Treatment treatment) {
    return Arguments.of(code, outcome, by, surface.build(), treatment, Given.RULES);
  }

  private static Arguments house(
      String key, String school, ReasonCode code, ASurface surface, Treatment treatment) {
    return Arguments.of(
        code,
        Outcome.BARRED,
        SetBy.HOUSE_RULE,
        surface.build(),
        treatment,
        Given.house(key, school));
  }

  static Stream<Arguments> cases() {
    Product plain = cleaner().build();
    return Stream.of(
        ruled(
            ReasonCode.PH_ABOVE_LIMIT,
            Outcome.OVER,
            SetBy.FINISH,
            leather(),
            with(cleaner().ph(11, PhNature.BUFFERED).build())),
        ruled(
            ReasonCode.PH_ABOVE_ROUTINE,
            Outcome.CARE,
            SetBy.FINISH,
            leather(),
            with(cleaner().ph(9.4, PhNature.BUFFERED).build())),
        ruled(
            ReasonCode.PH_BELOW_LIMIT,
            Outcome.OVER,
            SetBy.FINISH,
            leather(),
            with(cleaner().ph(3.5, PhNature.WEAK_ACID).build())),
        ruled(
            ReasonCode.PH_ABOVE_LIMIT,
            Outcome.OVER,
            SetBy.MODIFIER,
            leather().wear(Wear.WORN),
            with(cleaner().ph(8.4, PhNature.BUFFERED).build())),
        ruled(
            ReasonCode.PH_UNKNOWN,
            Outcome.UNKNOWN,
            SetBy.SHELF,
            leather(),
            with(cleaner().phUnknown().build())),
        ruled(
            ReasonCode.WET_LIMIT,
            Outcome.OVER,
            SetBy.FINISH,
            leather(),
            with(plain, ATool.SOFT_BRUSH, SURFACE, 90, Warmth.NONE, 60)),
        ruled(
            ReasonCode.WET_LIMIT,
            Outcome.OVER,
            SetBy.MODIFIER,
            leather().perforated(),
            with(plain, ATool.SOFT_BRUSH, TOOL, 30, Warmth.NONE, 60)),
        ruled(
            ReasonCode.PERFORATED_NO_SPRAY,
            Outcome.BARRED,
            SetBy.MODIFIER,
            leather().perforated(),
            with(plain, ATool.SOFT_BRUSH, SURFACE, 15, Warmth.NONE, 60)),
        ruled(
            ReasonCode.ELECTRONICS,
            Outcome.BARRED,
            SetBy.MODIFIER,
            ASurface.of("plastic/textured").with(Feature.ELECTRONICS).soiled(LIGHT),
            with(plain, ATool.SOFT_BRUSH, SURFACE, 15, Warmth.NONE, 60)),
        ruled(
            ReasonCode.AIRBAG_SEAM,
            Outcome.BARRED,
            SetBy.MODIFIER,
            ASurface.of("plastic/textured").with(Feature.AIRBAG).soiled(LIGHT),
            with(plain, ATool.SOFT_BRUSH, SURFACE, 15, Warmth.NONE, 60)),
        ruled(
            ReasonCode.CONTACT_LIMIT,
            Outcome.OVER,
            SetBy.FINISH,
            ASurface.of("plastic/gloss").role(Role.TRIM).soiled(LIGHT),
            with(plain, ATool.SPONGE, CLOTH, 8, Warmth.NONE, 90)),
        ruled(
            ReasonCode.LABEL_DWELL,
            Outcome.OVER,
            SetBy.LABEL,
            leather(),
            with(plain, ATool.SOFT_BRUSH, TOOL, 15, Warmth.NONE, 10)),
        ruled(
            ReasonCode.TOO_STIFF,
            Outcome.OVER,
            SetBy.FINISH,
            ASurface.of("leather/aniline").soiled(LIGHT),
            tool(ATool.LEATHER_BRUSH)),
        ruled(
            ReasonCode.TOO_STIFF,
            Outcome.OVER,
            SetBy.MODIFIER,
            leather().wear(Wear.CRACKED),
            tool(ATool.SOFT_BRUSH)),
        ruled(
            ReasonCode.TOO_STIFF,
            Outcome.OVER,
            SetBy.MODIFIER,
            leather().ageYears(30),
            tool(ATool.brush("firm", 6, attune.core.material.Texture.DEEP, Tool.Kind.BRUSH))),
        ruled(
            ReasonCode.ABRASIVE,
            Outcome.BARRED,
            SetBy.FINISH,
            ASurface.of("plastic/soft-touch").role(Role.TRIM).soiled(LIGHT),
            tool(ATool.WHITE_BLOCK)),
        ruled(
            ReasonCode.ABRASIVE,
            Outcome.BARRED,
            SetBy.FINISH,
            leather().tone(Tone.DARK),
            tool(ATool.WHITE_BLOCK)),
        ruled(
            ReasonCode.ABRASIVE,
            Outcome.CARE,
            SetBy.FINISH,
            leather().tone(Tone.PALE),
            tool(ATool.WHITE_BLOCK)),
        ruled(
            ReasonCode.SOLVENT,
            Outcome.BARRED,
            SetBy.FINISH,
            ASurface.of("vinyl/coated-textile").soiled(LIGHT),
            with(cleaner().solvent(20).build())),
        ruled(
            ReasonCode.SOLVENT,
            Outcome.CARE,
            SetBy.FINISH,
            leather(),
            with(cleaner().solvent(20).build())),
        ruled(
            ReasonCode.STEAM_NOT_HERE,
            Outcome.BARRED,
            SetBy.FINISH,
            ASurface.of("leather/semi-aniline").soiled(LIGHT),
            with(plain, ATool.SOFT_BRUSH, TOOL, 15, Warmth.STEAM, 60)),
        ruled(
            ReasonCode.NEVER_MIX,
            Outcome.BARRED,
            SetBy.SAFETY,
            ASurface.of("textile/pile").role(Role.FLOOR).soiled(LIGHT),
            with(
                cleaner().traits(Trait.FLAMMABLE).build(),
                ATool.SOFT_BRUSH,
                TOOL,
                15,
                Warmth.STEAM,
                60)),
        ruled(
            ReasonCode.LABEL_EXCLUDES,
            Outcome.BARRED,
            SetBy.LABEL,
            leather(),
            with(cleaner().excludes("leather/*").build())),
        ruled(
            ReasonCode.LABEL_EXCLUDES,
            Outcome.BARRED,
            SetBy.LABEL,
            ASurface.of("unknown").soiled(LIGHT),
            with(cleaner().allows("leather/coated").build())),
        ruled(
            ReasonCode.NOT_FOR_FINISH,
            Outcome.BARRED,
            SetBy.SAFETY,
            leather(),
            with(AProduct.of("degreaser", ProductRole.DEGREASER).strength(8).build())),
        ruled(
            ReasonCode.NOT_FOR_FINISH,
            Outcome.BARRED,
            SetBy.FINISH,
            ASurface.of("screen/coated").role(Role.SCREEN).soiled(LIGHT),
            with(plain, Tool.CLOTH, CLOTH, 3, Warmth.NONE, 30)),
        ruled(
            ReasonCode.NOT_FOR_FINISH,
            Outcome.BARRED,
            SetBy.FINISH,
            leather(),
            with(AProduct.of("shampoo", ProductRole.TEXTILE_SHAMPOO).strength(5).build())),
        ruled(
            ReasonCode.NOT_FOR_THIS_SOIL,
            Outcome.OVER,
            SetBy.SOIL,
            leather(),
            with(
                AProduct.of("film-off", ProductRole.RESIDUE_REMOVER)
                    .strength(8)
                    .goodAt(Soil.INK)
                    .build())),
        ruled(
            ReasonCode.STRIPS_COATING,
            Outcome.OVER,
            SetBy.MODIFIER,
            leather().coatedBefore(),
            with(plain)),
        ruled(
            ReasonCode.STOCK_SHORT,
            Outcome.BARRED,
            SetBy.SHELF,
            leather(),
            with(cleaner().onHand(0).build())),
        ruled(
            ReasonCode.EXPIRED,
            Outcome.BARRED,
            SetBy.SHELF,
            leather(),
            with(cleaner().opened(LocalDate.of(2025, 1, 1), 180).build())),
        ruled(
            ReasonCode.STRENGTH_UNKNOWN,
            Outcome.UNKNOWN,
            SetBy.SHELF,
            leather(),
            with(AProduct.of("unlabelled", ProductRole.CLEANER).build())),
        ruled(
            ReasonCode.DYED_ON_PALE,
            Outcome.BARRED,
            SetBy.MODIFIER,
            leather().tone(Tone.PALE),
            tool(ATool.DYED_CLOTH)),
        ruled(
            ReasonCode.THROWS_DROPLETS,
            Outcome.BARRED,
            SetBy.MODIFIER,
            ASurface.of("textile/pile").beside(Near.WOOD_OPEN_PORE).soiled(LIGHT),
            tool(ATool.STIFF_BRUSH)),
        ruled(
            ReasonCode.THROWS_DROPLETS,
            Outcome.CARE,
            SetBy.MODIFIER,
            leather().beside(Near.SCREEN),
            tool(ATool.SOFT_BRUSH)),
        house(
            "household-detergent",
            "no",
            ReasonCode.HOUSEHOLD_PRODUCT,
            leather(),
            with(cleaner().traits(Trait.HOUSEHOLD).build())),
        house("melamine", "never", ReasonCode.HOUSE_RULE, pale(), tool(ATool.WHITE_BLOCK)),
        house(
            "steam",
            "no",
            ReasonCode.HOUSE_RULE,
            ASurface.of("textile/pile").role(Role.FLOOR).soiled(LIGHT),
            with(plain, ATool.SOFT_BRUSH, TOOL, 15, Warmth.STEAM, 60)),
        house(
            "one-bottle",
            "dedicated",
            ReasonCode.HOUSE_RULE,
            leather(),
            with(
                AProduct.of("one-for-all", ProductRole.MULTI_SURFACE_CLEANER)
                    .strength(5)
                    .build())));
  }

  static ASurface pale() {
    return leather().tone(Tone.PALE);
  }
}
