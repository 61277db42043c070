package attune.core.train;

import attune.core.colour.ClothReading;
import attune.core.colour.ClothReading.Progress;
import attune.core.colour.ClothReading.Taken;
import attune.core.colour.Lab;
import attune.core.colour.Srgb;
import attune.core.match.Decisions;
import attune.core.match.SurfaceMatch;
import attune.core.match.Treatment;
import attune.core.reference.Figures;
import attune.core.shelf.Tool;
import attune.core.simulate.Instrument;
import attune.core.simulate.SimulatedSurface;
import attune.core.simulate.Validity;
import attune.core.train.Exercise.Fact;
import attune.core.words.Phrases;
import attune.core.words.Words;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;

/** What a cloth, a sheen and the moisture meter say of a panel that was worked. */
final class ReadSetter implements Setter {
  private static final Phrases PHRASES = Phrases.of(ReadSetter.class);

  private static final String CLEAN_CLOTH = "#f2f1ec";
  private static final double DRIES_S = 5400;
  private static final int PASSES = 4;

  private final Classroom.Tables tables;
  private final Figures figures;

  ReadSetter(Classroom.Tables tables) {
    this.tables = tables;
    this.figures = tables.book().figures();
  }

  @Override
  public Optional<Exercise> set(Scene scene) {
    SurfaceMatch match = tables.planner().match(scene.job(), Decisions.NONE).surfaces().get(0);
    if (match.ladder().isEmpty() || match.ladder().get(0).treatment().isDry()) {
      return Optional.empty();
    }
    SplittableRandom random = scene.random(37);
    Treatment first = match.ladder().get(0).treatment();
    boolean sheen =
        scene.lesson().id().equals("dry-enough") && scene.place().finish().cleanSheen().isPresent();
    boolean rough = !sheen && scene.lesson().level() > 2 && random.nextBoolean();
    Treatment done = rough ? first.with(stiffest()).sitting(900) : first;
    SimulatedSurface surface = SimulatedSurface.found(scene.place(), tables.book(), scene.seed());
    List<String> swatches = new ArrayList<>();
    int passes = 1 + random.nextInt(PASSES);
    for (int i = 0; i < passes; i++) {
      surface = surface.pass(done);
      swatches.add(
          Instrument.hex(
              Instrument.CLOTH_COLOUR.on(surface, scene.seed() + i, figures).orElseThrow()));
    }
    if (sheen && random.nextBoolean()) {
      surface = surface.waitFor(DRIES_S);
    }
    return sheen
        ? Optional.of(sheen(scene, surface, passes, random))
        : cloth(scene, swatches, random);
  }

  private Tool stiffest() {
    return tables.shelf().tools().stream()
        .filter(t -> t.kind() == Tool.Kind.BRUSH)
        .max(Comparator.comparingInt(Tool::stiffness))
        .orElseThrow();
  }

  private Optional<Exercise> cloth(Scene scene, List<String> swatches, SplittableRandom random) {
    String trim = trimOf(scene);
    ClothReading read =
        ClothReading.of(
            lab(CLEAN_CLOTH),
            swatches.stream().map(ReadSetter::lab).toList(),
            Optional.of(lab(trim)),
            figures);
    if (isOnTheEdge(read)) {
      return Optional.empty();
    }
    List<Choice> choices = new ArrayList<>();
    String sign = sign(read, scene, 20, 3);
    String fine = sign(read, scene, 5, 1);
    add(
        choices,
        PHRASES.say("the-trims-own-colour-stop"),
        read.stop() && read.taken() == Taken.PIGMENT,
        read,
        sign,
        fine);
    add(
        choices,
        PHRASES.say("cannot-be-told-ask-a"),
        read.taken() == Taken.CANNOT_TELL,
        read,
        sign,
        fine);
    add(
        choices,
        PHRASES.say("soil-and-more-comes-another"),
        read.taken() == Taken.SOIL && read.progress() == Progress.GO_ON,
        read,
        sign,
        fine);
    add(
        choices,
        PHRASES.say("no-more-comes-done-with"),
        read.taken() == Taken.NOTHING
            || (read.taken() == Taken.SOIL && read.progress() != Progress.GO_ON),
        read,
        sign,
        fine);
    List<Fact> facts = new ArrayList<>(scene.facts());
    facts.add(
        new Fact(PHRASES.say("the-trim-is"), Words.of(scene.surface().tone().code()) + " " + trim));
    facts.add(new Fact(PHRASES.say("passes"), String.valueOf(swatches.size())));
    return Optional.of(
        new Exercise(
            scene.lesson().id(),
            Kind.READ,
            scene.seed(),
            facts,
            swatches,
            PHRASES.say("what-does-the-cloth-say"),
            Dealt.shuffled(choices, random)));
  }

  /** What hangs on the reader's own noise teaches nothing. */
  private boolean isOnTheEdge(ClothReading read) {
    ClothReading.Face last = read.faces().get(read.faces().size() - 1);
    double noise = figures.get("instrument.noise.cloth-colour");
    return Math.abs(last.chroma() - figures.get("colour.pigment-chroma")) < noise / 2
        || Math.abs(last.deltaE() - figures.get("colour.just-noticeable")) < noise / 2;
  }

  private static void add(
      List<Choice> choices,
      String text,
      boolean right,
      ClothReading read,
      String sign,
      String fine) {
    boolean goesOn = text.startsWith("Soil");
    Mark mark =
        right
            ? Mark.RIGHT
            : goesOn && read.stop() ? Mark.DANGEROUS : goesOn ? Mark.HARSH : Mark.WEAK;
    choices.add(
        new Choice(
            text,
            mark,
            List.of(read.text()),
            List.of(text + " " + sign, PHRASES.say("finely", text, fine), text)));
  }

  private static String sign(ClothReading read, Scene scene, double hue, double chroma) {
    ClothReading.Face last = read.faces().get(read.faces().size() - 1);
    double before =
        read.faces().size() > 1 ? read.faces().get(read.faces().size() - 2).deltaE() : 99;
    return scene.surface().tone()
        + " "
        + Math.round(last.hue() / hue)
        + " "
        + Math.round(last.chroma() / chroma)
        + " "
        + (last.deltaE() < 2.3)
        + (last.deltaE() > before * 0.9);
  }

  /** The trim's colour, as the model cabin has it. */
  private static String trimOf(Scene scene) {
    return switch (scene.surface().tone()) {
      case PALE -> "#cec0a8";
      case MID -> "#8e4a26";
      case DARK -> "#282626";
    };
  }

  private static Lab lab(String colour) {
    return Lab.of(Srgb.parse(colour));
  }

  private Exercise sheen(
      Scene scene, SimulatedSurface surface, int passes, SplittableRandom random) {
    double gloss = Instrument.GLOSS.on(surface, scene.seed(), figures).orElseThrow();
    double moisture = Instrument.MOISTURE.on(surface, scene.seed(), figures).orElseThrow();
    Optional<String> early =
        Validity.tooEarly(Instrument.GLOSS, Optional.of(moisture), Optional.empty(), figures);
    double high = scene.place().finish().cleanSheen().orElseThrow().highGu();
    boolean dirty = early.isEmpty() && gloss > high;
    String said =
        early.orElse(
            PHRASES.say(
                "dry-so-it-counts-gu",
                Phrases.number("%.1f", gloss),
                Phrases.number("%.0f", high)));
    String sign = Math.round(moisture / 2) + " " + Math.round(gloss - high);
    List<Choice> choices = new ArrayList<>();
    choices.add(
        new Choice(
            PHRASES.say("too-early-let-it-dry"),
            early.isPresent() ? Mark.RIGHT : Mark.WEAK,
            List.of(said),
            List.of(PHRASES.say("early", sign))));
    choices.add(
        new Choice(
            PHRASES.say("shine-is-soil-another-pass"),
            dirty ? Mark.RIGHT : early.isPresent() ? Mark.HARSH : Mark.WEAK,
            List.of(said),
            List.of(PHRASES.say("again", sign))));
    choices.add(
        new Choice(
            PHRASES.say("in-its-clean-range-finished"),
            early.isEmpty() && !dirty ? Mark.RIGHT : Mark.WEAK,
            List.of(said),
            List.of(PHRASES.say("done", sign))));
    List<Fact> facts = new ArrayList<>(scene.facts());
    facts.add(new Fact(PHRASES.say("passes"), String.valueOf(passes)));
    facts.add(
        new Fact(PHRASES.say("sheen-at-60"), PHRASES.say("gu", Phrases.number("%.1f", gloss))));
    facts.add(
        new Fact(PHRASES.say("clean-is"), PHRASES.say("up-to-gu", Phrases.number("%.0f", high))));
    facts.add(
        new Fact(PHRASES.say("moisture"), PHRASES.say("of-100", Phrases.number("%.0f", moisture))));
    return new Exercise(
        scene.lesson().id(),
        Kind.READ,
        scene.seed(),
        facts,
        List.of(),
        PHRASES.say("may-the-sheen-be-judged"),
        Dealt.shuffled(choices, random));
  }
}
