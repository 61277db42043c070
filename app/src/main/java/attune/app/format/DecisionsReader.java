package attune.app.format;

import static attune.app.format.ShelfReader.orEmpty;

import attune.app.format.JobFile.NeedlesFile;
import attune.app.format.JobFile.TriedFile;
import attune.core.check.Coded;
import attune.core.check.Fault;
import attune.core.check.InvalidInputException;
import attune.core.match.ByHand;
import attune.core.match.Decisions;
import attune.core.match.Treatment;
import attune.core.match.Tried;
import attune.core.measure.Ratio;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Reads what was set by hand and what was tried on a job's panels. */
public final class DecisionsReader {
  private static final Phrases PHRASES = Phrases.of(DecisionsReader.class);

  private DecisionsReader() {}

  /**
   * What was decided and found in a job, against the shelf it is planned with; what names something
   * no longer there is passed over.
   */
  public static Decisions decisions(JobFile file, Shelf shelf) {
    Map<String, ByHand> byHand = new LinkedHashMap<>();
    Map<String, List<Tried>> tried = new LinkedHashMap<>();
    for (SurfaceFile surface : file.surfaces()) {
      if (surface.byHand() != null) {
        String reason = JobReader.or(surface.byHand().reason(), "");
        treatment(surface.byHand().needles(), shelf)
            .ifPresent(t -> byHand.put(surface.id(), new ByHand(t, reason)));
      }
      List<Tried> worked = new ArrayList<>();
      for (TriedFile each : orEmpty(surface.tried())) {
        treatment(each.needles(), shelf)
            .ifPresent(
                t -> worked.add(new Tried(t, Coded.parse(Tried.Result.class, each.result()))));
      }
      tried.put(surface.id(), worked);
    }
    return new Decisions(byHand, tried);
  }

  /**
   * As {@link #decisions}, for a file that stands alone.
   *
   * @throws InvalidInputException naming what is not on the shelf
   */
  public static Decisions decisionsOf(JobFile file, Shelf shelf) {
    List<Fault> faults = new ArrayList<>();
    for (int i = 0; i < file.surfaces().size(); i++) {
      SurfaceFile surface = file.surfaces().get(i);
      String pointer = "/surfaces/" + i;
      if (surface.byHand() != null) {
        onShelf(surface.byHand().needles(), shelf, pointer + "/byHand/needles", faults);
      }
      List<TriedFile> tried = orEmpty(surface.tried());
      for (int t = 0; t < tried.size(); t++) {
        onShelf(tried.get(t).needles(), shelf, pointer + "/tried/" + t + "/needles", faults);
      }
    }
    if (!faults.isEmpty()) {
      throw new InvalidInputException(faults);
    }
    return decisions(file, shelf);
  }

  static void onShelf(NeedlesFile n, Shelf shelf, String pointer, List<Fault> faults) {
    if (n.cleanerId() != null && shelf.findProduct(n.cleanerId()).isEmpty()) {
      faults.add(
          new Fault(
              pointer + "/cleanerId",
              "\"" + n.cleanerId() + "\"",
              PHRASES.say("a-product-of-the-jobs")));
    }
    if (JobReader.findTool(shelf, n.toolId()).isEmpty()) {
      faults.add(
          new Fault(
              pointer + "/toolId", "\"" + n.toolId() + "\"", PHRASES.say("a-tool-of-the-jobs")));
    }
  }

  /** Needles as a treatment; empty where the cleaner or the tool is not on the shelf. */
  public static Optional<Treatment> treatment(NeedlesFile n, Shelf shelf) {
    Optional<Product> cleaner = Optional.ofNullable(n.cleanerId()).flatMap(shelf::findProduct);
    if (n.cleanerId() != null && cleaner.isEmpty()) {
      return Optional.empty();
    }
    return JobReader.findTool(shelf, n.toolId())
        .map(
            tool ->
                new Treatment(
                    cleaner,
                    Ratio.parse(n.ratio()),
                    tool,
                    Coded.parse(Treatment.ApplyTo.class, n.applyTo()),
                    n.laidGPerM2(),
                    Coded.parse(Treatment.Warmth.class, n.warmth()),
                    n.dwellS()));
  }
}
