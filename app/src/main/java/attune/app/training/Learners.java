package attune.app.training;

import attune.app.author.MemberNamed;
import attune.app.reference.ReferenceData;
import attune.app.training.TrainingViews.LearnerView;
import attune.core.schedule.Skill;
import attune.core.train.Course;
import attune.core.train.Kind;
import attune.core.train.Lesson;
import attune.core.train.Mark;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What each person has answered and passed, and what that lets them do. */
@Service
public class Learners {
  private final ReferenceData reference;
  private final AnswerRepository answers;
  private final GateRepository gates;

  Learners(ReferenceData reference, AnswerRepository answers, GateRepository gates) {
    this.reference = reference;
    this.answers = answers;
    this.gates = gates;
  }

  /** What somebody has passed stays theirs under another name. */
  @EventListener
  @Transactional
  void named(MemberNamed member) {
    if (member.before() != null) {
      answers.rename(member.before(), member.name());
    }
  }

  @Transactional(readOnly = true)
  LearnerView learner(String person) {
    List<AnswerEntity> given = answers.findByPersonOrderByAnsweredAt(person.strip());
    Set<String> passed = passed(given);
    return new LearnerView(
        person.strip(),
        given.stream().map(AnswerEntity::view).toList(),
        List.copyOf(passed),
        Arrays.stream(Skill.values()).filter(w -> !isThrough(w, passed)).toList());
  }

  /**
   * What the gates keep people from: who has not passed the course a work asks for.
   *
   * @param of their names
   */
  @Transactional(readOnly = true)
  public Map<String, Set<Skill>> keptFrom(List<String> of) {
    Set<Skill> gated =
        gates.findAll().stream()
            .map(gate -> Skill.valueOf(gate.work()))
            .collect(Collectors.toCollection(() -> EnumSet.noneOf(Skill.class)));
    if (gated.isEmpty()) {
      return Map.of();
    }
    Map<String, List<AnswerEntity>> byPerson =
        answers.findByTestIdIsNotNullOrderByAnsweredAt().stream()
            .collect(Collectors.groupingBy(AnswerEntity::person));
    Map<String, Set<Skill>> kept = new LinkedHashMap<>();
    for (String name : of) {
      Set<String> passed = passed(byPerson.getOrDefault(name, List.of()));
      gated.stream()
          .filter(work -> !isThrough(work, passed))
          .forEach(work -> kept.computeIfAbsent(name, n -> EnumSet.noneOf(Skill.class)).add(work));
    }
    return kept;
  }

  private boolean isThrough(Skill work, Set<String> passed) {
    return gates
        .findById(work.name())
        .map(gate -> Course.valueOf(gate.course()))
        .map(
            course ->
                reference.lessons().stream()
                    .filter(l -> l.course() == course)
                    .allMatch(l -> passed.contains(l.id())))
        .orElse(true);
  }

  private Map<String, Kind> kinds() {
    return reference.lessons().stream().collect(Collectors.toMap(Lesson::id, Lesson::kind));
  }

  private Set<String> passed(List<AnswerEntity> given) {
    Map<UUID, List<AnswerEntity>> tests =
        given.stream()
            .filter(a -> a.testId() != null)
            .collect(
                Collectors.groupingBy(
                    AnswerEntity::testId, LinkedHashMap::new, Collectors.toList()));
    Set<String> passed = new TreeSet<>();
    tests.values().stream()
        .filter(this::isPassed)
        .forEach(test -> passed.add(test.get(0).lesson()));
    return passed;
  }

  private boolean isPassed(List<AnswerEntity> test) {
    Kind kind = kinds().getOrDefault(test.get(0).lesson(), Kind.TELL);
    boolean whole = test.size() == TrainingService.inTest(kind);
    int needed = kind.isByHand() ? TrainingService.PANELS : TrainingService.QUESTIONS - 1;
    long right = test.stream().filter(a -> a.mark() == Mark.RIGHT).count();
    boolean hurt = test.stream().anyMatch(a -> a.mark() == Mark.DANGEROUS);
    boolean alike = test.stream().map(AnswerEntity::lesson).distinct().count() == 1;
    return whole && alike && right >= needed && !hurt;
  }
}
