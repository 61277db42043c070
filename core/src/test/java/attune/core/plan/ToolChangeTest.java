package attune.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import attune.core.AProduct;
import attune.core.ASurface;
import attune.core.ATool;
import attune.core.Given;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Shelf;
import attune.core.survey.Condition.Level;
import attune.core.survey.Surface;
import attune.core.survey.Wishes;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What was on one kind of trim, or has one product in it, does not go on the next as it is. */
class ToolChangeTest {
  @Test
  void c7WhatWasOnOneKindOfTrimIsWashedBeforeItGoesOnAnother() {
    Surface cloth =
        ASurface.of("textile/flat")
            .id("cloth")
            .at("front-left-seat", "back")
            .area(0.4)
            .soiled(Level.HEAVY)
            .build();
    Surface hide =
        ASurface.of("leather/coated")
            .id("hide")
            .at("rear-bench", "cushion")
            .area(0.4)
            .soiled(Level.HEAVY)
            .build();
    Shelf one = Given.shelf(AProduct.cleaner("mild", 5).build(), ATool.LEATHER_BRUSH);
    List<String> said = changes(Given.plan(one, cloth, hide));
    assertThat(said)
        .containsExactly("Wash the leather-brush first, or take a second one: it was on fabric.");
    assertThat(
            changes(
                Given.plan(
                    one,
                    hide,
                    ASurface.of("vinyl/coated-textile")
                        .id("side")
                        .at("rear-bench", "side")
                        .soiled(Level.HEAVY)
                        .build())))
        .as("hide and vinyl are washed with the same things")
        .isEmpty();
  }

  @Test
  void c20AnApplicatorLaysOneProduct() {
    Shelf shop =
        Given.shelf(
            AProduct.cleaner("mild", 5).build(),
            AProduct.of("balm", ProductRole.CONDITIONER).dose(10).absorbs(600, 3600).build(),
            AProduct.of("guard", ProductRole.PROTECTANT).dose(8).absorbs(60, 60).build(),
            ATool.SPONGE,
            ATool.BARRIER_PAD);
    Surface old =
        ASurface.of("leather/coated")
            .ageYears(6)
            .soiled(Level.LIGHT)
            .protect(Wishes.Protection.DRESSING)
            .build();
    assertThat(changes(Given.plan(shop, old)))
        .containsExactly("A clean barrier-backed-pad: the one before has balm in it.");
  }

  private static List<String> changes(Plan plan) {
    return plan.timetable().rounds().stream()
        .flatMap(round -> ToolChange.before(round, plan).stream())
        .toList();
  }
}
