package attune.app.training;

import attune.app.training.TrainingViews.CoatAreaView;
import attune.app.training.TrainingViews.CoatMarkView;
import attune.app.training.TrainingViews.CoatOutcomeView;
import attune.app.training.TrainingViews.CoatWorkView;
import attune.app.training.TrainingViews.DeedFile;
import attune.app.training.TrainingViews.FactView;
import attune.app.training.TrainingViews.HandMarkView;
import attune.app.training.TrainingViews.HandWorkView;
import attune.app.training.TrainingViews.MeansView;
import attune.core.measure.PhInterval;
import attune.core.shelf.Soil;
import attune.core.survey.Surface;
import attune.core.train.CoatMark;
import attune.core.train.CoatWork;
import attune.core.train.Deed;
import attune.core.train.Exercise.Fact;
import attune.core.train.HandMark;
import attune.core.train.HandWork;
import attune.core.train.ModelPanel;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.List;

/** Model panels as the front end draws them. */
public final class PanelWriter {
  private static final Phrases PHRASES = Phrases.of(PanelWriter.class);

  private PanelWriter() {}

  /** The panel as found, with the figures that move it. */
  public static HandWorkView view(HandWork work) {
    Surface surface = work.scene().job().surfaces().get(0);
    return new HandWorkView(
        work.scene().lesson().id(),
        work.scene().seed(),
        work.scene().lesson().level(),
        ModelPanel.COLUMNS,
        ModelPanel.ROWS,
        facts(work.facts()),
        work.families().stream().map(Soil::code).toList(),
        work.families().indexOf(Soil.DUST),
        work.soil(),
        work.foundCoat(),
        work.foundNap(),
        work.scene().place().finish().hasNap(),
        surface.tone().code(),
        surface.seamM() > 0,
        surface.perforated(),
        work.sections(),
        work.means().stream()
            .map(
                m ->
                    new MeansView(
                        m.text(),
                        m.ph().map(PanelWriter::ph).orElse(null),
                        m.mark(),
                        m.why(),
                        m.wets(),
                        m.acts(),
                        m.leastS(),
                        m.harm(),
                        m.dwellS()))
            .toList(),
        work.physics(),
        Fingerprint.of(work));
  }

  private static String ph(PhInterval ph) {
    return PHRASES.say("to", Phrases.number("%.1f", ph.low()), Phrases.number("%.1f", ph.high()));
  }

  static List<FactView> facts(List<Fact> facts) {
    return facts.stream().map(f -> new FactView(f.what(), f.is())).toList();
  }

  static HandMarkView mark(HandMark mark, HandWork work) {
    return new HandMarkView(
        mark.left(),
        mark.missed(),
        mark.rings(),
        mark.harmed(),
        mark.seconds(),
        mark.referenceSeconds(),
        mark.faces(),
        work.referenceRun().stream()
            .map(d -> new DeedFile(d.act(), d.means(), d.cells(), d.seconds()))
            .toList());
  }

  static CoatWorkView view(CoatWork work) {
    return new CoatWorkView(
        work.scene().lesson().id(),
        work.scene().seed(),
        work.scene().lesson().level(),
        facts(work.facts()),
        work.areas().stream()
            .map(a -> new CoatAreaView(a.name(), a.applyS(), a.levelS(), a.fromS()))
            .toList(),
        Fingerprint.of(work));
  }

  static CoatMarkView mark(CoatMark mark, CoatWork work) {
    List<CoatMark.Outcome> best = CoatMark.of(work, work.referenceRun()).areas();
    List<CoatOutcomeView> areas = new ArrayList<>();
    for (int i = 0; i < best.size(); i++) {
      CoatMark.Outcome own = mark.areas().get(i);
      areas.add(
          new CoatOutcomeView(
              own.name(),
              own.state(),
              own.laidS(),
              own.levelledS(),
              own.smeared(),
              best.get(i).laidS(),
              best.get(i).levelledS(),
              work.areas().get(i).fromS(),
              work.areas().get(i).byS()));
    }
    return new CoatMarkView(mark.seconds(), mark.referenceSeconds(), areas);
  }

  static List<Deed> read(List<DeedFile> deeds) {
    return deeds.stream().map(d -> new Deed(d.act(), d.means(), d.cells(), d.seconds())).toList();
  }
}
