package attune.core.schedule;

/** What not everyone may do. */
public enum Skill {
  COATING
}
