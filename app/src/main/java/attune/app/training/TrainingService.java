package attune.app.training;

import attune.app.reference.ReferenceData;
import attune.app.shelf.ShelfService;
import attune.app.training.TrainingViews.AnswerRequest;
import attune.app.training.TrainingViews.ChoiceView;
import attune.app.training.TrainingViews.CoatWorkView;
import attune.app.training.TrainingViews.ExerciseView;
import attune.app.training.TrainingViews.GateView;
import attune.app.training.TrainingViews.Gates;
import attune.app.training.TrainingViews.HandWorkView;
import attune.app.training.TrainingViews.LessonView;
import attune.app.training.TrainingViews.MarkedView;
import attune.app.training.TrainingViews.SchoolView;
import attune.app.training.TrainingViews.TrainingView;
import attune.app.web.NotNowException;
import attune.core.check.Fault;
import attune.core.check.InvalidInputException;
import attune.core.schedule.Skill;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import attune.core.train.Choice;
import attune.core.train.Classroom;
import attune.core.train.CoatMark;
import attune.core.train.CoatWork;
import attune.core.train.Course;
import attune.core.train.Deed;
import attune.core.train.Exercise;
import attune.core.train.HandMark;
import attune.core.train.HandWork;
import attune.core.train.Kind;
import attune.core.train.Lesson;
import attune.core.words.Phrases;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lessons, their marks, and what each person has passed. */
@Service
public class TrainingService {
  private static final Phrases PHRASES = Phrases.of(TrainingService.class);

  /** Questions in a test, of which one may be wrong; panels worked in one, none of them. */
  static final int QUESTIONS = 5;

  static final int PANELS = 2;
  private static final int FIRMEST_LEVEL = 5;

  private final ReferenceData reference;
  private final ShelfService shelf;
  private final AnswerRepository answers;
  private final GateRepository gates;
  private final Learners learners;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  TrainingService(
      ReferenceData reference,
      ShelfService shelf,
      AnswerRepository answers,
      GateRepository gates,
      Learners learners,
      ApplicationEventPublisher events,
      Clock clock) {
    this.reference = reference;
    this.shelf = shelf;
    this.answers = answers;
    this.gates = gates;
    this.learners = learners;
    this.events = events;
    this.clock = clock;
  }

  /** On the shop's own bottles; a shop that has nothing that cleans yet learns on usual ones. */
  private Classroom room() {
    Shelf own = shelf.shelf();
    boolean cleans = own.products().stream().filter(Product::cleans).count() > 2;
    return reference.classroom(cleans ? own : reference.startingShelf());
  }

  @Transactional(readOnly = true)
  public TrainingView view() {
    return new TrainingView(
        reference.lessons().stream().map(TrainingService::view).toList(), gateViews());
  }

  private static LessonView view(Lesson l) {
    return new LessonView(
        l.id(),
        l.course(),
        l.kind(),
        l.title(),
        l.aim(),
        l.level(),
        l.rule(),
        l.example(),
        inTest(l.kind()));
  }

  private List<GateView> gateViews() {
    return gates.findAll().stream()
        .map(g -> new GateView(Skill.valueOf(g.work()), Course.valueOf(g.course())))
        .sorted(Comparator.comparing(GateView::work))
        .toList();
  }

  @Transactional
  TrainingView keep(Gates wanted) {
    Map<Skill, Course> byWork = new LinkedHashMap<>();
    wanted.gates().forEach(g -> byWork.put(g.work(), g.course()));
    gates.deleteAllInBatch();
    byWork.forEach((work, course) -> gates.save(new GateEntity(work.name(), course.name())));
    events.publishEvent(new SkillsChanged());
    return view();
  }

  static int inTest(Kind kind) {
    return kind.isByHand() ? PANELS : QUESTIONS;
  }

  ExerciseView exercise(String lessonId, long seed, int level) {
    Lesson lesson = lesson(lessonId, level);
    if (lesson.kind().isByHand()) {
      throw new NoSuchElementException(PHRASES.say("this-lesson-is-worked-by"));
    }
    Exercise e = set(lesson, seed);
    return new ExerciseView(
        e.lesson(),
        e.seed(),
        lesson.level(),
        PanelWriter.facts(e.facts()),
        e.swatches(),
        e.ask(),
        e.choices().stream().map(c -> new ChoiceView(c.text(), c.mark(), c.why())).toList(),
        Fingerprint.of(e));
  }

  List<SchoolView> schools(String lessonId, long seed, int level) {
    Lesson lesson = lesson(lessonId, level);
    try {
      return room().otherSchools(lesson, seed).stream()
          .map(
              s ->
                  new SchoolView(
                      s.effect().key(),
                      s.question(),
                      s.effect().to(),
                      s.says().replace(';', ','),
                      s.effect().surfaces().get(0).before(),
                      s.effect().surfaces().get(0).after()))
          .toList();
    } catch (IllegalStateException nothing) {
      throw new NotNowException(PHRASES.say("nothing-to-set-this-lesson-with"));
    }
  }

  HandWorkView panel(String lessonId, long seed, int level) {
    Lesson lesson = lesson(lessonId, level);
    refuseUnless(Kind.WORK, lesson);
    return PanelWriter.view(work(lesson, seed));
  }

  CoatWorkView coat(String lessonId, long seed, int level) {
    Lesson lesson = lesson(lessonId, level);
    refuseUnless(Kind.COAT, lesson);
    return PanelWriter.view(coat(lesson, seed));
  }

  private static void refuseUnless(Kind kind, Lesson lesson) {
    if (lesson.kind() != kind) {
      throw new NoSuchElementException(PHRASES.say("this-lesson-is-not-worked"));
    }
  }

  MarkedView reference(String lessonId, long seed, int level) {
    Lesson lesson = lesson(lessonId, level);
    if (lesson.kind() == Kind.COAT) {
      return marked(coat(lesson, seed), List.of());
    }
    refuseUnless(Kind.WORK, lesson);
    return marked(work(lesson, seed), List.of());
  }

  private static MarkedView marked(HandWork work, List<Deed> deeds) {
    HandMark mark = HandMark.of(work, deeds);
    return new MarkedView(
        mark.mark(), mark.score(), mark.says(), PanelWriter.mark(mark, work), null, false);
  }

  private static MarkedView marked(CoatWork work, List<Deed> deeds) {
    CoatMark mark = CoatMark.of(work, deeds);
    return new MarkedView(
        mark.mark(), mark.score(), mark.says(), null, PanelWriter.mark(mark, work), false);
  }

  private Exercise set(Lesson lesson, long seed) {
    try {
      return room().exercise(lesson, seed);
    } catch (IllegalStateException nothing) {
      throw new NotNowException(PHRASES.say("nothing-to-set-this-lesson-with"));
    }
  }

  private HandWork work(Lesson lesson, long seed) {
    try {
      return room().handWork(lesson, seed);
    } catch (IllegalStateException nothing) {
      throw new NotNowException(PHRASES.say("nothing-to-clean-this-panel-with"));
    }
  }

  private CoatWork coat(Lesson lesson, long seed) {
    try {
      return room().coatWork(lesson, seed);
    } catch (IllegalStateException nothing) {
      throw new NotNowException(PHRASES.say("the-shelf-has-no-coating"));
    }
  }

  private Lesson lesson(String id, int level) {
    if (level < 1 || level > FIRMEST_LEVEL) {
      throw new InvalidInputException("/level", String.valueOf(level), "1 to 5");
    }
    return reference.lessons().stream()
        .filter(l -> l.id().equals(id))
        .findFirst()
        .map(l -> l.at(level))
        .orElseThrow(() -> new NoSuchElementException(PHRASES.say("there-is-no-such-lesson")));
  }

  /** Marks an answer and keeps it; the same id again is marked and not kept twice. */
  @Transactional
  MarkedView answer(AnswerRequest request) {
    Lesson lesson = lesson(request.lesson(), request.level());
    MarkedView marked =
        switch (lesson.kind()) {
          case WORK -> worked(lesson, request);
          case COAT -> coated(lesson, request);
          default -> chosen(lesson, request);
        };
    if (!answers.existsById(request.id())) {
      answers.save(
          new AnswerEntity(request, marked.mark(), marked.score(), LocalDateTime.now(clock)));
      if (request.testId() != null) {
        events.publishEvent(new SkillsChanged());
      }
    }
    boolean passed = learners.learner(request.person()).passed().contains(request.lesson());
    return new MarkedView(
        marked.mark(), marked.score(), marked.says(), marked.hand(), marked.coat(), passed);
  }

  private MarkedView chosen(Lesson lesson, AnswerRequest request) {
    Exercise exercise = set(lesson, request.seed());
    refuseAnother(request, Fingerprint.of(exercise));
    int most = exercise.choices().size() - 1;
    Integer choice = request.choice();
    if (choice == null || choice < 0 || choice > most) {
      throw new InvalidInputException("/choice", String.valueOf(choice), PHRASES.say("0-to", most));
    }
    Choice taken = exercise.choices().get(choice);
    return new MarkedView(
        taken.mark(), (int) Math.round(100 * taken.mark().worth()), taken.why(), null, null, false);
  }

  /** An answer to what the shelf or the rules no longer ask is none to what they ask now. */
  private static void refuseAnother(AnswerRequest request, String now) {
    if (request.fingerprint() != null && !request.fingerprint().equals(now)) {
      throw new InvalidInputException(
          "/fingerprint", PHRASES.say("an-exercise-from-before-the", request.fingerprint()), now);
    }
  }

  private static List<Deed> deeds(AnswerRequest request, boolean ofCoat) {
    if (request.deeds() == null) {
      throw new InvalidInputException(
          "/deeds", Fault.NOTHING, PHRASES.say("what-was-done-by-hand"));
    }
    for (int i = 0; i < request.deeds().size(); i++) {
      Deed.Act act = request.deeds().get(i).act();
      if (act != Deed.Act.WAIT && act.isOfCoat() != ofCoat) {
        throw new InvalidInputException(
            "/deeds/" + i + "/act", act.name(), PHRASES.say("what-this-lesson-is-worked"));
      }
    }
    return PanelWriter.read(request.deeds());
  }

  private MarkedView coated(Lesson lesson, AnswerRequest request) {
    CoatWork work = coat(lesson, request.seed());
    refuseAnother(request, Fingerprint.of(work));
    List<Deed> deeds = deeds(request, true);
    int most = work.areas().size() - 1;
    for (int i = 0; i < deeds.size(); i++) {
      if (deeds.get(i).cells().stream().anyMatch(area -> area > most)) {
        throw new InvalidInputException(
            "/deeds/" + i + "/cells",
            deeds.get(i).cells().toString(),
            PHRASES.say("areas-0-to", most));
      }
    }
    return marked(work, deeds);
  }

  private MarkedView worked(Lesson lesson, AnswerRequest request) {
    List<Deed> deeds = deeds(request, false);
    HandWork work = work(lesson, request.seed());
    refuseAnother(request, Fingerprint.of(work));
    int most = work.means().size() - 1;
    for (int i = 0; i < deeds.size(); i++) {
      if (deeds.get(i).means() > most) {
        throw new InvalidInputException(
            "/deeds/" + i + "/means",
            String.valueOf(deeds.get(i).means()),
            PHRASES.say("0-to", most));
      }
    }
    return marked(work, deeds);
  }
}
