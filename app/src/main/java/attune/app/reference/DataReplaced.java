package attune.app.reference;

/** All data is another's now: whoever keeps something in mind has to look again. */
public record DataReplaced() {}
