package attune.app.planning;

import attune.app.format.JobFile.NeedlesFile;
import attune.app.planning.MatchViews.Needles;
import attune.core.check.Coded;
import attune.core.check.InvalidInputException;
import attune.core.match.Treatment;
import attune.core.measure.Ratio;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import attune.core.shelf.Tool;
import attune.core.words.Phrases;
import java.util.Optional;
import java.util.function.Supplier;

/** Needles as they are sent, kept and meant. */
final class NeedleReader {
  private static final Phrases PHRASES = Phrases.of(NeedleReader.class);

  private NeedleReader() {}

  /**
   * The treatment that needles stand for.
   *
   * @throws InvalidInputException naming the needle that is not on the shelf or cannot be read
   */
  static Treatment treatment(Shelf shelf, Needles n) {
    Optional<Product> cleaner =
        Optional.ofNullable(n.cleanerId())
            .map(
                id ->
                    shelf
                        .findProduct(id)
                        .filter(Product::cleans)
                        .orElseThrow(
                            () ->
                                new InvalidInputException(
                                    "/cleanerId",
                                    "\"" + id + "\"",
                                    PHRASES.say("a-cleaner-on-the-shelf"))));
    Tool tool =
        shelf
            .findTool(n.toolId())
            .orElseThrow(
                () ->
                    new InvalidInputException(
                        "/toolId", "\"" + n.toolId() + "\"", PHRASES.say("a-tool-on-the-shelf")));
    return new Treatment(
        cleaner,
        at("/ratio", () -> Ratio.parse(n.ratio())),
        tool,
        at("/applyTo", () -> Coded.parse(Treatment.ApplyTo.class, n.applyTo())),
        n.laidGPerM2(),
        at("/warmth", () -> Coded.parse(Treatment.Warmth.class, n.warmth())),
        n.dwellS());
  }

  private static <T> T at(String pointer, Supplier<T> parse) {
    try {
      return parse.get();
    } catch (InvalidInputException e) {
      var fault = e.faults().get(0);
      throw new InvalidInputException(pointer, fault.found(), fault.allowed());
    }
  }

  static Needles needles(Treatment t) {
    return new Needles(
        t.cleaner().map(Product::id).orElse(null),
        t.ratio().code(),
        t.tool().id(),
        t.applyTo().code(),
        Math.round(t.laid() * 10) / 10.0,
        t.warmth().code(),
        t.dwellS());
  }

  static NeedlesFile file(Treatment t) {
    Needles n = needles(t);
    return new NeedlesFile(
        n.cleanerId(), n.ratio(), n.toolId(), n.applyTo(), n.laidGPerM2(), n.warmth(), n.dwellS());
  }

  static Needles needles(NeedlesFile f) {
    return new Needles(
        f.cleanerId(), f.ratio(), f.toolId(), f.applyTo(), f.laidGPerM2(), f.warmth(), f.dwellS());
  }
}
