package attune.core.train;

import attune.core.identify.Interview;
import attune.core.identify.Interview.Candidate;
import attune.core.identify.Interview.Standing;
import attune.core.identify.Question;
import attune.core.identify.Question.Answer;
import attune.core.material.Finish;
import attune.core.train.Exercise.Fact;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;

/** What finish it is, from questions answered on it; what they do not settle stays open. */
final class TellSetter implements Setter {
  private static final Phrases PHRASES = Phrases.of(TellSetter.class);

  private static final int OTHERS = 3;
  private static final int LEAST_ASKED = 3;
  private static final String OPEN = PHRASES.say("not-settled-leave-it-open");

  private final Classroom.Tables tables;

  TellSetter(Classroom.Tables tables) {
    this.tables = tables;
  }

  @Override
  public Optional<Exercise> set(Scene scene) {
    SplittableRandom random = scene.random(11);
    Finish finish = scene.place().finish();
    Map<String, String> answers = new LinkedHashMap<>();
    List<Fact> facts = new ArrayList<>();
    facts.add(new Fact(PHRASES.say("panel"), scene.surface().part()));
    Interview interview = tables.interview();
    Standing standing = interview.after(scene.surface().role(), answers);
    int most = LEAST_ASKED + random.nextInt(OTHERS + 1);
    while (standing.next().isPresent() && answers.size() < most) {
      Question question = standing.next().get();
      Answer answer = answered(question, finish, random);
      answers.put(question.code(), answer.code());
      facts.add(new Fact(question.text(), answer.label()));
      standing = interview.after(scene.surface().role(), answers);
    }
    if (standing.ranking().size() < 2) {
      return Optional.empty();
    }
    return Optional.of(
        new Exercise(
            scene.lesson().id(),
            Kind.TELL,
            scene.seed(),
            facts,
            List.of(),
            PHRASES.say("what-is-it"),
            Dealt.shuffled(choices(standing, answers), random)));
  }

  private static Answer answered(Question question, Finish finish, SplittableRandom random) {
    double at = random.nextDouble();
    for (Answer answer : question.answers()) {
      at -= answer.of(finish.code());
      if (at < 0) {
        return answer;
      }
    }
    return question.answers().get(question.answers().size() - 1);
  }

  private List<Choice> choices(Standing standing, Map<String, String> answers) {
    List<Choice> choices = new ArrayList<>();
    Candidate likeliest = standing.ranking().get(0);
    for (Candidate candidate : standing.ranking().stream().limit(OTHERS).toList()) {
      choices.add(
          new Choice(
              candidate.finish().name(),
              mark(candidate, likeliest, standing.sure()),
              List.of(
                  said(candidate),
                  standing.sure() && candidate == likeliest
                      ? candidate.finish().look()
                      : standing.settle()),
              cues(candidate.finish().code(), answers)));
    }
    choices.add(
        new Choice(
            OPEN,
            standing.sure() ? Mark.WEAK : Mark.RIGHT,
            List.of(standing.settle()),
            cues("open", answers)));
    return choices;
  }

  /** A guess at what is open is dangerous where it stands more than what it could be as well. */
  private static Mark mark(Candidate candidate, Candidate likeliest, boolean sure) {
    if (sure && candidate == likeliest) {
      return Mark.RIGHT;
    }
    double stands = candidate.finish().routinePh().high();
    boolean bolder =
        stands > likeliest.finish().routinePh().high()
            || candidate.finish().agitationMax() > likeliest.finish().agitationMax();
    return bolder ? Mark.DANGEROUS : Mark.HARSH;
  }

  private static String said(Candidate candidate) {
    return PHRASES.say(
        "likely", candidate.finish().name(), Phrases.number("%.0f", candidate.share() * 100));
  }

  private static List<String> cues(String finish, Map<String, String> answers) {
    List<String> cues = new ArrayList<>();
    cues.add(finish);
    answers.forEach((question, answer) -> cues.add(finish + " " + question + "=" + answer));
    List<String> given = answers.entrySet().stream().map(Object::toString).sorted().toList();
    cues.add(finish + " " + given); // the whole picture
    for (int i = 0; i < given.size(); i++) {
      for (int j = i + 1; j < given.size(); j++) {
        cues.add(finish + " " + given.get(i) + " " + given.get(j));
      }
    }
    return cues;
  }
}
