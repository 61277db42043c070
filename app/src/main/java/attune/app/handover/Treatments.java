package attune.app.handover;

import attune.app.format.JobFile;
import attune.app.format.SurfaceFile;
import attune.app.handover.HandoverView.Story;
import attune.app.handover.HandoverView.Treated;
import attune.app.jobs.NamedPanels;
import attune.app.shelf.ProductName;
import attune.core.bench.FrozenFinish;
import attune.core.bench.FrozenPanel;
import attune.core.bench.RunSoFar;
import attune.core.bench.StepSoFar;
import attune.core.check.Coded;
import attune.core.check.Known;
import attune.core.plan.Step;
import attune.core.run.RunTask;
import attune.core.shelf.Shelf;
import attune.core.survey.Condition.Feel;
import attune.core.survey.Condition.Level;
import attune.core.survey.Condition.Nap;
import attune.core.survey.Condition.Wear;
import attune.core.survey.Stain;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What was found on each panel and what was done to it. */
final class Treatments {
  private static final Phrases PHRASES = Phrases.of(Treatments.class);

  private Treatments() {}

  static List<Treated> treated(
      JobFile document, RunSoFar run, Map<String, String> labels, Shelf products) {
    Map<String, SurfaceFile> surveyed =
        document.surfaces().stream()
            .collect(Collectors.toMap(SurfaceFile::id, Function.identity()));
    List<Treated> treated = new ArrayList<>();
    for (FrozenPanel panel : run.plan().panels()) {
      String id = panel.surfaceId();
      String did = did(panel, run, products);
      if (!did.isEmpty()) {
        treated.add(
            new Treated(id, labels.getOrDefault(id, id), found(Known.of(surveyed, id)), did));
      }
    }
    return treated;
  }

  static String found(SurfaceFile surface) {
    JobFile.ConditionFile c = surface.condition();
    String soils =
        c.soils() == null || c.soils().isEmpty()
            ? PHRASES.say("soil")
            : Lists.all(c.soils())
                .replace("food-drink", PHRASES.say("food-or-drink"))
                .replace('-', ' ');
    boolean clean = is(Level.NONE, c.soil());
    String soil =
        clean
            ? PHRASES.say("clean")
            : c.soil() == null ? soils : PHRASES.say("of", c.soil(), soils);
    String rest =
        Stream.of(
                stains(c),
                is(Wear.INTACT, c.wear()) ? null : c.wear(),
                c.feel() == null || is(Feel.SUPPLE, c.feel())
                    ? null
                    : PHRASES.say("feels", c.feel()),
                c.nap() == null || is(Nap.OPEN, c.nap()) ? null : PHRASES.say("nap", c.nap()),
                c.damage() == null || c.damage().isEmpty() ? null : Lists.all(c.damage()))
            .filter(Objects::nonNull)
            .filter(said -> !said.isEmpty())
            .collect(Lists.joining());
    return rest.isEmpty() ? soil : Lists.apart(List.of(soil, rest));
  }

  /** Panels with the same story together. */
  static List<Story> stories(List<Treated> treated, NamedPanels names) {
    Map<List<String>, List<String>> alike = new LinkedHashMap<>();
    treated.forEach(
        t ->
            alike
                .computeIfAbsent(List.of(t.found(), t.did()), story -> new ArrayList<>())
                .add(t.surfaceId()));
    return alike.entrySet().stream()
        .map(e -> new Story(names.of(e.getValue()), e.getKey().get(0), e.getKey().get(1)))
        .toList();
  }

  private static boolean is(Coded what, @Nullable String told) {
    return what.code().equals(told);
  }

  static String stains(JobFile.ConditionFile c) {
    return c.stains() == null || c.stains().isEmpty()
        ? ""
        : PHRASES.say(
            "stains-of",
            Lists.all(
                c.stains().stream()
                    .map(stain -> Coded.parse(Stain.Kind.class, stain.kind()).words())
                    .distinct()
                    .toList()));
  }

  /** What was done to a panel, with what was used there, whatever was planned. */
  static String did(FrozenPanel panel, RunSoFar run, Shelf products) {
    List<StepSoFar> done =
        run.hands(panel.surfaceId())
            .filter(step -> step.isDone() && step.surfaceIds().size() == 1)
            .toList();
    List<String> did = new ArrayList<>();
    int rung =
        done.stream()
            .filter(step -> step.step().cleans())
            .mapToInt(StepSoFar::rung)
            .max()
            .orElse(0);
    if (rung > 0) {
      List<StepSoFar> worked =
          done.stream().filter(s -> s.step().cleans() && s.rung() == rung).toList();
      String with = with(worked, products);
      did.add(with.isEmpty() ? PHRASES.say("dusted-dry") : PHRASES.say("cleaned-with", with));
    }
    String removers = with(done.stream().filter(s -> s.rung() == RunTask.SPOT).toList(), products);
    if (!removers.isEmpty()) {
      did.add(PHRASES.say("stain-worked-with", removers));
    }
    List<String> wiped = new ArrayList<>(wiped(done, products));
    for (FrozenFinish laid : panel.finish()) {
      if (laid.bonds()) {
        did.addAll(wiped); // right before what has to bond
        wiped.clear();
      }
      List<StepSoFar> here = done.stream().filter(s -> s.step() == laid.step()).toList();
      if (!here.isEmpty()) {
        did.add(PHRASES.say("with", past(laid.step()), with(here, products)));
      }
    }
    did.addAll(wiped);
    return Lists.facts(did);
  }

  /** What an old film was wiped off with; empty for a damp cloth, and where nothing was. */
  private static List<String> wiped(List<StepSoFar> done, Shelf products) {
    String with = with(done.stream().filter(s -> s.step() == Step.RESIDUE).toList(), products);
    return with.isEmpty() ? List.of() : List.of(PHRASES.say("wiped-over-with", with));
  }

  /** What was used in some steps, each bottle once; empty for dry work. */
  private static String with(List<StepSoFar> steps, Shelf products) {
    return Lists.all(
        steps.stream()
            .flatMap(step -> step.productId().stream())
            .distinct()
            .map(id -> ProductName.of(products, id))
            .toList());
  }

  static String past(Step step) {
    return switch (step) {
      case CONDITION -> PHRASES.say("conditioned");
      case BARRIER -> PHRASES.say("dye-barrier-laid");
      case COAT -> PHRASES.say("coated");
      case DRESS -> PHRASES.say("dressed");
      case REFINISH -> PHRASES.say("restored");
      default -> PHRASES.say("protected");
    };
  }
}
