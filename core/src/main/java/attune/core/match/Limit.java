package attune.core.match;

import attune.core.match.Reason.SetBy;

/** The strictest value on one scale, who set it, and why in a few words. */
public record Limit<T>(T value, SetBy setBy, String why) {}
