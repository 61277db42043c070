package attune.app.training;

import attune.app.training.TrainingViews.AnswerRequest;
import attune.app.training.TrainingViews.CoatWorkView;
import attune.app.training.TrainingViews.ExerciseView;
import attune.app.training.TrainingViews.Gates;
import attune.app.training.TrainingViews.HandWorkView;
import attune.app.training.TrainingViews.LearnerView;
import attune.app.training.TrainingViews.MarkedView;
import attune.app.training.TrainingViews.SchoolView;
import attune.app.training.TrainingViews.TrainingView;
import jakarta.validation.Valid;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The training floor over HTTP. */
@RestController
@RequestMapping("/api/v1/training")
class TrainingController {
  private final TrainingService training;
  private final Learners learners;

  TrainingController(TrainingService training, Learners learners) {
    this.training = training;
    this.learners = learners;
  }

  @GetMapping
  TrainingView training() {
    return training.view();
  }

  @PutMapping("/gates")
  TrainingView gates(@Valid @RequestBody Gates gates) {
    return training.keep(gates);
  }

  @GetMapping("/learners/{person}")
  LearnerView learner(@PathVariable String person) {
    return learners.learner(person);
  }

  @GetMapping("/lessons/{lesson}/exercise")
  ExerciseView exercise(
      @PathVariable String lesson, @RequestParam long seed, @RequestParam int level) {
    return training.exercise(lesson, seed, level);
  }

  @GetMapping("/lessons/{lesson}/panel")
  HandWorkView panel(
      @PathVariable String lesson, @RequestParam long seed, @RequestParam int level) {
    return training.panel(lesson, seed, level);
  }

  @GetMapping("/lessons/{lesson}/coat")
  CoatWorkView coat(@PathVariable String lesson, @RequestParam long seed, @RequestParam int level) {
    return training.coat(lesson, seed, level);
  }

  /** What other schools would do with the case of an exercise. */
  @GetMapping("/lessons/{lesson}/schools")
  List<SchoolView> schools(
      @PathVariable String lesson, @RequestParam long seed, @RequestParam int level) {
    return training.schools(lesson, seed, level);
  }

  /** A master's run of a panel, as the mark of having done nothing; kept nowhere. */
  @GetMapping("/lessons/{lesson}/reference")
  MarkedView reference(
      @PathVariable String lesson, @RequestParam long seed, @RequestParam int level) {
    return training.reference(lesson, seed, level);
  }

  @PostMapping("/answers")
  MarkedView answer(@Valid @RequestBody AnswerRequest request) {
    return training.answer(request);
  }
}
