package attune.core.schedule;

/** What not everyone may do. */
public enum Skill {
  /** Laying a coating inside its flash window. */
  COATING,
  /** Wet work on what the driver steers by. */
  RIM,
  /** Wet work on hide without a full coat. */
  ANILINE
}
