package attune.app.handover;

import attune.app.format.JobFile;
import attune.app.format.SurfaceFile;
import attune.app.handover.HandoverView.Stays;
import attune.app.jobs.NamedPanels;
import attune.core.bench.FrozenPanel;
import attune.core.bench.RunSoFar;
import attune.core.check.Known;
import attune.core.match.ReasonCode;
import attune.core.run.Outcome;
import attune.core.run.Outcome.Next;
import attune.core.survey.Condition.Damage;
import attune.core.survey.Condition.Level;
import attune.core.survey.Condition.Wear;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/** What cleaning could not mend, and why. */
final class WhatStays {
  private static final Phrases PHRASES = Phrases.of(WhatStays.class);

  private static final Set<Next> ENDS_SHORT = Set.of(Next.LEAVE, Next.STAYS, Next.REFER);
  private static final Set<ReasonCode> NOTICED =
      Set.of(
          ReasonCode.SHADOW_MAY_STAY,
          ReasonCode.SHEEN_NOT_MET,
          ReasonCode.REMAINS,
          ReasonCode.NOT_ON_SHELF);

  private record Said(String code, String text) {}

  private WhatStays() {}

  /** Each thing once, with all panels it is said of. */
  static List<Stays> of(JobFile document, RunSoFar run, NamedPanels names) {
    Map<String, SurfaceFile> surveyed =
        document.surfaces().stream()
            .collect(Collectors.toMap(SurfaceFile::id, Function.identity()));
    Map<Said, List<String>> stays = new LinkedHashMap<>();
    for (FrozenPanel panel : run.plan().panels()) {
      String id = panel.surfaceId();
      on(panel, Known.of(surveyed, id), run)
          .forEach(said -> stays.computeIfAbsent(said, s -> new ArrayList<>()).add(id));
    }
    return stays.entrySet().stream()
        .map(e -> new Stays(names.of(e.getValue()), e.getKey().code(), e.getKey().text()))
        .toList();
  }

  private static Set<Said> on(FrozenPanel panel, SurfaceFile surface, RunSoFar run) {
    Set<Said> list = new LinkedHashSet<>();
    panel.refer().map(refer -> new Said(refer.code().name(), refer.text())).ifPresent(list::add);
    panel.cautions().stream()
        .filter(c -> NOTICED.contains(c.code()))
        .forEach(c -> list.add(new Said(c.code().name(), toTheCustomer(c))));
    run.steps().stream()
        .filter(step -> step.run().task().covers().contains(panel.surfaceId()))
        .flatMap(step -> step.state().says().stream())
        .map(Outcome::next)
        .filter(ENDS_SHORT::contains)
        .limit(1)
        .forEach(next -> list.add(atTheBench(next)));
    if (panel.refer().isEmpty()) { // which says what mends it
      untouched(panel, surface).ifPresent(list::add);
      worn(surface)
          .map(says -> new Said(ReasonCode.SUGGEST_REFINISH.name(), says))
          .ifPresent(list::add);
    }
    return list;
  }

  /** Soiled, and nothing was planned that takes it off. */
  private static Optional<Said> untouched(FrozenPanel panel, SurfaceFile surface) {
    if (!panel.ladder().isEmpty() || Level.NONE.code().equals(surface.condition().soil())) {
      return Optional.empty();
    }
    boolean strapped =
        "textile/webbing".equals(surface.finish())
            && panel.cautions().stream().anyMatch(said -> said.code() == ReasonCode.CHILD_SEAT);
    return Optional.of(
        strapped
            ? new Said(ReasonCode.CHILD_SEAT.name(), PHRASES.say("not-touched-as-the-child"))
            : new Said(ReasonCode.LEAVE_SOME.name(), PHRASES.say("not-cleaned-at-this-visit")));
  }

  /** A shelf is the shop's word. */
  private static String toTheCustomer(FrozenPanel.Caution caution) {
    return caution.code() == ReasonCode.NOT_ON_SHELF
        ? PHRASES.say("what-was-asked-for-is")
        : caution.text();
  }

  private static Said atTheBench(Next next) {
    return switch (next) {
      case REFER -> new Said(ReasonCode.REFER_REPAIR.name(), PHRASES.say("its-own-colour-or-coat"));
      case STAYS -> new Said("HIGH_SPOT", PHRASES.say("a-high-spot-of-the"));
      default -> new Said(ReasonCode.LEAVE_SOME.name(), PHRASES.say("some-of-what-was-found"));
    };
  }

  /** Clean is not new: what is rubbed off or bleached out was so when it came. */
  private static Optional<String> worn(SurfaceFile surface) {
    JobFile.ConditionFile condition = surface.condition();
    if (condition.wear() != null && !Wear.INTACT.code().equals(condition.wear())) {
      return Optional.of(PHRASES.say("worn-when-it-came"));
    }
    return condition.damage() != null && condition.damage().contains(Damage.FADED.code())
        ? Optional.of(PHRASES.say("faded-when-it-came"))
        : Optional.empty();
  }
}
