package attune.app.jobs;

/** How far a job is. */
public enum JobState {
  SURVEY,
  BENCH,
  HANDED_OVER
}
