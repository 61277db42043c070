package attune.bench;

import attune.core.measure.DilutedPh;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import attune.core.shelf.Tool;
import attune.core.survey.Job;
import attune.core.survey.Surface;
import attune.core.survey.Surface.Tone;
import attune.core.survey.Wishes;
import attune.core.survey.Wishes.Standard;
import java.util.ArrayList;
import java.util.List;

/** Cabins and shelves of a size asked for, made from the demo estate and the starting shelf. */
final class Cabins {
  private Cabins() {}

  /** The estate's panels over again, each round with another standard and tone: few are alike. */
  static Job of(Job estate, int surfaces, Shelf shelf) {
    List<Surface> panels = new ArrayList<>();
    for (int i = 0; i < surfaces; i++) {
      Surface s = estate.surfaces().get(i % estate.surfaces().size());
      int round = i / estate.surfaces().size();
      Wishes wishes =
          new Wishes(
              s.wishes().sheen(),
              Standard.values()[(s.wishes().standard().ordinal() + round) % 3],
              s.wishes().protection());
      Tone tone = Tone.values()[(s.tone().ordinal() + round / 3) % 3];
      panels.add(
          new Surface(
              s.id() + "-" + i,
              s.zone(),
              s.part(),
              s.finish(),
              s.perforated(),
              s.texture(),
              tone,
              s.area(),
              s.seamM(),
              s.ageMonths(),
              s.role(),
              s.features(),
              s.near(),
              s.condition(),
              wishes,
              s.surfaceTemp(),
              s.history()));
    }
    return new Job(
        estate.title(),
        estate.setting(),
        estate.wishes(),
        estate.houseRules(),
        shelf,
        estate.craft(),
        estate.historyKnown(),
        panels);
  }

  /** The shelf over again, each round a little stronger and at another pH. */
  static Shelf shelf(Shelf starting, int products, int tools) {
    List<Product> bottles = new ArrayList<>();
    for (int i = 0; i < products; i++) {
      int round = i / starting.products().size();
      bottles.add(like(starting.products().get(i % starting.products().size()), round));
    }
    List<Tool> kit = new ArrayList<>();
    for (int i = 0; i < tools; i++) {
      Tool t = starting.tools().get(i % starting.tools().size());
      int round = i / starting.tools().size();
      kit.add(
          new Tool(
              t.id() + (round == 0 ? "" : "-" + round),
              t.name(),
              t.kind(),
              t.stiffness(),
              t.reach(),
              t.throwsDroplets(),
              t.abrasive(),
              t.dyed(),
              t.timesWashed(),
              t.retainsMl(),
              t.barrierBacked(),
              t.count()));
    }
    return new Shelf(bottles, kit);
  }

  private static Product like(Product p, int round) {
    DilutedPh.Known ph =
        new DilutedPh.Known(
            p.ph().supplied().map(v -> Math.min(13, v + 0.01 * round)),
            p.ph().nature(),
            p.ph().measured());
    return new Product(
        p.id() + (round == 0 ? "" : "-" + round),
        p.name(),
        p.maker(),
        p.roles(),
        p.form(),
        p.label(),
        ph,
        p.strength().map(v -> Math.min(10, v + 0.02 * round)),
        p.goodAt(),
        p.solventPercent(),
        p.traits(),
        p.labelAllows(),
        p.labelExcludes(),
        p.dwell(),
        p.leavesFilm(),
        p.slip(),
        p.sheenChangeGu(),
        p.doseMlPerM2(),
        p.waits(),
        p.coatsMax(),
        p.lifeDays(),
        p.pack(),
        p.onHandMl(),
        p.openedOn(),
        p.shelfLifeOpenDays(),
        p.hazards());
  }
}
