package attune.app.identify;

import attune.app.reference.ReferenceData;
import attune.core.check.Coded;
import attune.core.check.InvalidInputException;
import attune.core.check.Known;
import attune.core.identify.Interview.Candidate;
import attune.core.identify.Interview.Clue;
import attune.core.identify.Interview.Standing;
import attune.core.identify.Question;
import attune.core.material.Role;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/**
 * Tells finishes apart, stateless: all answers so far in, the standing and the next question out.
 */
@RestController
@RequestMapping("/api/v1/identify")
class IdentifyController {
  private static final Phrases PHRASES = Phrases.of(IdentifyController.class);

  /** What the surface is for, and answer by question so far. */
  record IdentifyRequest(
      @NotBlank(message = "{a-role-such-as-seat-or}") String role,
      @NotNull(message = "{answers-possibly-none}") @Size(max = 100, message = "{at-most-100}")
          Map<String, String> answers) {}

  /** A question to ask, with its answers. */
  record QuestionView(
      String code, String text, String how, boolean hiddenPlace, List<AnswerView> answers) {}

  /** An answer to choose. */
  record AnswerView(String code, String label) {}

  /** A question that was asked, with what was answered; no label where it could not be told. */
  record AskedView(String code, String text, @Nullable String label) {}

  /** A finish it could be, with the answers that say most, for and against. */
  record CandidateView(
      String finish, String name, double share, List<String> speaksFor, List<String> against) {}

  /** Where the interview stands. */
  record IdentifyView(
      List<CandidateView> ranking,
      List<AskedView> asked,
      @Nullable QuestionView next,
      boolean sure,
      String settle) {}

  /** An answer that moves the odds by less than this says nothing worth reading. */
  private static final double SPEAKS_BITS = 0.3;

  private final ReferenceData reference;

  IdentifyController(ReferenceData reference) {
    this.reference = reference;
  }

  @PostMapping
  IdentifyView identify(@Valid @RequestBody IdentifyRequest request) {
    Role role =
        Coded.find(Role.class, request.role())
            .orElseThrow(
                () ->
                    new InvalidInputException(
                        "/role",
                        "\"" + request.role() + "\"",
                        PHRASES.say("one-of", Coded.codes(Role.class))));
    Standing standing = reference.interview().after(role, request.answers());
    return new IdentifyView(
        standing.ranking().stream().map(this::candidate).toList(),
        reference.questions().all().stream()
            .filter(question -> request.answers().containsKey(question.code()))
            .map(question -> asked(question, Known.of(request.answers(), question.code())))
            .toList(),
        standing.next().map(IdentifyController::question).orElse(null),
        standing.sure(),
        standing.settle());
  }

  private static AskedView asked(Question question, String answer) {
    return new AskedView(
        question.code(),
        question.text(),
        question.answer(answer).map(Question.Answer::label).orElse(null));
  }

  private static QuestionView question(Question question) {
    return new QuestionView(
        question.code(),
        question.text(),
        question.how(),
        question.risk() == Question.Risk.HIDDEN_PLACE,
        question.answers().stream().map(a -> new AnswerView(a.code(), a.label())).toList());
  }

  private CandidateView candidate(Candidate candidate) {
    Comparator<Clue> loudest = Comparator.comparingDouble(clue -> -Math.abs(clue.bits()));
    return new CandidateView(
        candidate.finish().code(),
        candidate.finish().name(),
        Math.round(candidate.share() * 1000) / 1000.0,
        candidate.clues().stream()
            .filter(clue -> clue.bits() >= SPEAKS_BITS)
            .sorted(loudest)
            .map(this::label)
            .toList(),
        candidate.clues().stream()
            .filter(clue -> clue.bits() <= -SPEAKS_BITS)
            .sorted(loudest)
            .map(this::label)
            .toList());
  }

  private String label(Clue clue) {
    return reference
        .questions()
        .find(clue.question())
        .flatMap(question -> question.answer(clue.answer()))
        .map(Question.Answer::label)
        .orElseThrow();
  }
}
