package attune.app.transfer;

/** All data is another's now: whoever keeps something in mind has to look again. */
public record DataReplaced() {}
