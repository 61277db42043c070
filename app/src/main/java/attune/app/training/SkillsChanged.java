package attune.app.training;

/** What training opens, or whom, has changed. */
public record SkillsChanged() {}
