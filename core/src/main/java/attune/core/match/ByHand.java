package attune.core.match;

/**
 * A treatment the specialist set instead of the one chosen.
 *
 * @param reason why a caution was overridden; empty where there was none
 */
public record ByHand(Treatment treatment, String reason) {}
