package attune.core.plan;

import attune.core.check.Coded;
import attune.core.survey.Job;
import java.time.LocalDateTime;

/**
 * A way to have the car ready sooner, and what it gives up.
 *
 * @param says what would be done, in words
 * @param loss 0 and up: what the customer or the shop gives up by it, for ranking only
 * @param start when the job would begin
 * @param people how many would work
 * @param arrangement with what is left out
 * @param plan what comes of it
 * @param kept true when the time promised is met
 */
public record Offer(
    Kind kind,
    String says,
    double loss,
    LocalDateTime start,
    int people,
    Arrangement arrangement,
    Job job,
    Plan plan,
    boolean kept) {

  /** Ways, in the order of least loss. */
  public enum Kind implements Coded {
    EARLIER_START,
    SECOND_PERSON,
    BARRIER_LATER,
    ONE_COAT,
    NO_TEXTILES,
    COATING_LATER,
    ALL_LEFT_OUT
  }
}
