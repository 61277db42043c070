package attune.core.bench;

/**
 * How long a panel stays workable in the air that was measured.
 *
 * @param windowS s
 * @param sections it is cut into
 * @param fits false where even a small piece dries before it is wiped
 */
public record Workable(double windowS, int sections, boolean fits) {}
