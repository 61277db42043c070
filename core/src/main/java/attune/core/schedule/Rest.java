package attune.core.schedule;

/**
 * Somebody rests.
 *
 * @param worker place of the person in the crew
 * @param start seconds after midnight of the first day
 */
public record Rest(int worker, int start, int seconds) {}
