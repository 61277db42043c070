package attune.core.match;

import attune.core.material.Finish;
import attune.core.measure.PhInterval;
import attune.core.measure.Ratio;
import attune.core.shelf.Product;
import attune.core.shelf.ProductRole;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What a product's record means before it is used anywhere: the pH each dilution comes to, the
 * finishes its label leaves out, and where what it allows goes beyond what a finish stands.
 *
 * @param ph at the label's ratios, mildest first; empty where it is not known
 * @param excluded names of the finishes the label leaves out
 * @param notes sentences on what is missing or does not fit together
 */
public record LabelPreview(List<PhAt> ph, List<String> excluded, List<String> notes) {
  private static final Phrases PHRASES = Phrases.of(LabelPreview.class);

  /** The pH of a dilution. */
  public record PhAt(Ratio ratio, Optional<PhInterval> ph) {}

  /** Reads a record against the tables. */
  public static LabelPreview of(Product product, Rulebook book) {
    Set<Ratio> ratios = new LinkedHashSet<>();
    ratios.add(product.label().mildest());
    ratios.add(product.label().standard());
    ratios.add(product.label().strongest());
    List<PhAt> ph = ratios.stream().map(r -> new PhAt(r, book.ph().of(product.ph(), r))).toList();
    List<Finish> allowed = book.finishes().all().stream().filter(product::labelAllowsOn).toList();
    List<String> excluded =
        book.finishes().all().stream()
            .filter(finish -> !allowed.contains(finish))
            .map(Finish::name)
            .toList();
    List<String> notes = new ArrayList<>();
    if (product.cleans() && ph.stream().anyMatch(at -> at.ph().isEmpty())) {
      notes.add(PHRASES.say("the-ph-is-not-known"));
    }
    if (product.cleans() && product.strength().isEmpty()) {
      notes.add(PHRASES.say("the-strength-is-not-known"));
    }
    if (allowed.isEmpty()) {
      notes.add(PHRASES.say("the-label-leaves-out-every"));
    }
    if (product.cleans()) {
      ph.forEach(at -> beyond(at, allowed, notes));
    }
    boolean lies = product.roles().stream().anyMatch(role -> !role.cleans() && staysOn(role));
    if (lies && product.doseMlPerM2().isEmpty()) {
      notes.add(PHRASES.say("no-dose-how-much-goes"));
    }
    return new LabelPreview(ph, excluded, List.copyOf(notes));
  }

  private static boolean staysOn(ProductRole role) {
    return switch (role) {
      case CONDITIONER, PROTECTANT, DYE_BARRIER, COATING, NAP_PROTECTOR -> true;
      default -> false;
    };
  }

  /** A label may allow what a finish does not stand; the finish wins, and that is worth knowing. */
  private static void beyond(PhAt at, List<Finish> allowed, List<String> notes) {
    if (at.ph().isEmpty()) {
      return;
    }
    PhInterval ph = at.ph().get();
    List<String> over =
        allowed.stream()
            .filter(f -> ph.middle() > f.occasionalPh().orElse(f.routinePh()).high())
            .map(Finish::name)
            .toList();
    List<String> under =
        allowed.stream()
            .filter(f -> ph.middle() < f.occasionalPh().orElse(f.routinePh()).low())
            .map(Finish::name)
            .toList();
    if (!over.isEmpty()) {
      notes.add(PHRASES.say("above", at.ratio().code(), some(over), over.size()));
    }
    if (!under.isEmpty()) {
      notes.add(PHRASES.say("below", at.ratio().code(), some(under), under.size()));
    }
  }

  private static String some(List<String> names) {
    List<String> shown = new ArrayList<>(names.subList(0, Math.min(4, names.size())));
    if (names.size() > 4) {
      shown.add(PHRASES.say("and-more", names.size() - 4));
    }
    return Lists.all(shown);
  }
}
