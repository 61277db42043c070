package attune.core.plan;

import attune.core.material.Finish;
import attune.core.shelf.Product;
import attune.core.shelf.Tool;
import attune.core.words.Phrases;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * What was on one kind of trim is washed before it goes on another, or a second one is taken
 * (docs/trade, C7): carpet in a brush scours a seat. An applicator lays one product.
 */
public final class ToolChange {
  private static final Phrases PHRASES = Phrases.of(ToolChange.class);

  /** What keeps soil in it; a cloth is folded to a fresh face, and hands are washed anyway. */
  private static final Set<Tool.Kind> HOLDS_SOIL =
      EnumSet.of(Tool.Kind.BRUSH, Tool.Kind.SPONGE, Tool.Kind.PAD);

  /** Kinds of trim that may share a tool as it is. */
  enum Trim {
    HIDE(Phrases.of(ToolChange.class).say("hide-or-vinyl")),
    NAP("nap"),
    FABRIC("fabric"),
    CARPET("carpet"),
    BELTS("belts"),
    HARD(Phrases.of(ToolChange.class).say("hard-trim"));

    private final String words;

    Trim(String words) {
      this.words = words;
    }

    static Trim of(Finish finish) {
      if (finish.hasNap()) {
        return NAP;
      }
      return switch (finish.code()) {
        case "textile/pile", "rubber/seal-or-mat" -> CARPET;
        case "textile/webbing" -> BELTS;
        case "textile/flat", "textile/headliner" -> FABRIC;
        default ->
            finish.family().equals("leather") || finish.family().equals("vinyl") ? HIDE : HARD;
      };
    }
  }

  private ToolChange() {}

  /** What is done with the tool of a round before it begins; empty where it comes as it is. */
  public static Optional<String> before(Round round, Plan plan) {
    Optional<Tool> tool = round.toolId().flatMap(id -> plan.job().shelf().findTool(id));
    return tool.flatMap(
        t -> t.kind() == Tool.Kind.APPLICATOR ? fresh(t, round, plan) : washed(t, round, plan));
  }

  private static Optional<String> washed(Tool tool, Round round, Plan plan) {
    Optional<Trim> now = trim(round, plan);
    Optional<Trim> was =
        earlier(tool, round, plan).flatMap(r -> trim(r, plan).stream()).reduce((a, b) -> b);
    if (!HOLDS_SOIL.contains(tool.kind()) || was.isEmpty() || was.equals(now)) {
      return Optional.empty();
    }
    return Optional.of(
        tool.count().orElse(1) > 1
            ? PHRASES.say("another-the-one-before-was", name(tool), was.get().words)
            : PHRASES.say("wash-the-first-or-take", name(tool), was.get().words));
  }

  /** An applicator keeps what it laid: one for each product (C20). */
  private static Optional<String> fresh(Tool tool, Round round, Plan plan) {
    return earlier(tool, round, plan)
        .flatMap(r -> r.productId().stream())
        .filter(product -> !Optional.of(product).equals(round.productId()))
        .reduce((a, b) -> b)
        .flatMap(plan.job().shelf()::findProduct)
        .map(had -> PHRASES.say("a-clean-the-one-before", name(tool), had.name()));
  }

  /** What a tool is taken to in a visit, where it may not go from one to the next as it is. */
  public static List<String> kinds(Tool tool, Plan plan) {
    Stream<Round> rounds =
        plan.timetable().rounds().stream()
            .filter(round -> round.toolId().filter(tool.id()::equals).isPresent());
    if (tool.kind() == Tool.Kind.APPLICATOR) {
      return rounds
          .flatMap(round -> round.productId().stream())
          .distinct()
          .flatMap(id -> plan.job().shelf().findProduct(id).stream())
          .map(Product::name)
          .toList();
    }
    return rounds
        .filter(round -> HOLDS_SOIL.contains(tool.kind()))
        .flatMap(round -> trim(round, plan).stream())
        .distinct()
        .map(trim -> trim.words)
        .toList();
  }

  private static String name(Tool tool) {
    return tool.name().toLowerCase(Locale.ROOT);
  }

  private static Stream<Round> earlier(Tool tool, Round round, Plan plan) {
    List<Round> rounds = plan.timetable().rounds();
    return rounds.subList(0, Math.max(0, rounds.indexOf(round))).stream()
        .filter(before -> before.toolId().filter(tool.id()::equals).isPresent());
  }

  private static Optional<Trim> trim(Round round, Plan plan) {
    return plan.panels(round.surfaceIds()).stream()
        .findFirst()
        .map(panel -> Trim.of(panel.match().place().finish()));
  }
}
