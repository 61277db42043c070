package attune.app.handover;

import attune.app.format.PlanFile;
import attune.app.jobs.JobState;
import java.util.List;
import java.util.UUID;

/**
 * What the customer is told.
 *
 * @param shop the shop's name for the head of the page, empty when none is set
 * @param finished true once every hands-on task is ticked
 * @param notDone titles of tasks that were left out, when the vehicle is handed over with some
 */
public record HandoverView(
    UUID jobId,
    String shop,
    String title,
    String vehicleLabel,
    JobState state,
    boolean finished,
    List<String> notDone,
    Ready ready,
    List<Treated> treated,
    List<NotCured> notCured,
    List<Used> used,
    List<Advice> care,
    List<PlanFile.CodeFile> gripChecks) {

  /**
   * When it can be used; counted from the last tick at the bench, or as planned before there is
   * one.
   */
  public record Ready(String driveAt, String sitAt, String curedAt, boolean fromBench) {}

  /** A panel that was worked on. */
  public record Treated(String surfaceId, String label, String found, String did) {}

  /** What cleaning could not mend, and why. */
  public record NotCured(String label, String code, String text) {}

  /** A product used, with its hazard statements. */
  public record Used(String name, String maker, List<String> hazards) {}

  /** What keeps it good. */
  public record Advice(String what, String when, List<String> labels) {}
}
