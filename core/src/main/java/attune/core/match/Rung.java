package attune.core.match;

/**
 * One step of a ladder.
 *
 * @param passesLow passes if the soil comes off easily
 * @param passesHigh passes if it does not
 * @param endPoint what to see when it is done
 * @param leadsOn what to see when the next rung is due
 * @param stop what ends the work at once
 */
public record Rung(
    Verdict verdict, int passesLow, int passesHigh, String endPoint, String leadsOn, String stop) {
  public Treatment treatment() {
    return verdict.treatment();
  }
}
