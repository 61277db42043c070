package attune.app.handover;

import attune.app.format.PlanFile;
import attune.app.jobs.JobState;
import attune.core.survey.Craft;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;

/**
 * What the customer is told.
 *
 * @param shop the shop's name for the head of the page, empty when none is set
 * @param finished true once every hands-on task is ticked
 * @param handedOverAt when; null before, and where nobody noted it
 * @param corrections what was put right in the record since
 * @param notDone work that is open, or was left out when the vehicle was handed over without it
 */
public record HandoverView(
    UUID jobId,
    String shop,
    String title,
    String vehicleLabel,
    Craft craft,
    JobState state,
    boolean finished,
    @Nullable String handedOverAt,
    List<Correction> corrections,
    List<NotDone> notDone,
    Ready ready,
    List<Treated> treated,
    List<Story> done,
    List<Stays> stays,
    List<Used> used,
    List<Advice> care,
    List<PlanFile.CodeFile> gripChecks,
    List<BeforeAfter> pairs,
    List<Half> halves) {
  private static final Phrases PHRASES = Phrases.of(HandoverView.class);

  /**
   * When it can be used; counted from the last tick at the bench, or as planned before there is
   * one.
   */
  public record Ready(String driveAt, String sitAt, String curedAt, boolean fromBench) {}

  /**
   * An entry that was put right after the hand-over.
   *
   * @param what step and panel, or the run
   * @param told as the record still has it, or empty
   */
  public record Correction(LocalDateTime at, String by, String what, String told, String text) {}

  /** Photos of a panel as it was found and when it was done. */
  public record BeforeAfter(String label, UUID found, UUID done, int width, int height) {}

  /** A photo with a line: one side cleaned, the other not yet. */
  public record Half(String label, UUID photo, int width, int height) {}

  /** A panel that was worked on. */
  public record Treated(String surfaceId, String label, String found, String did) {}

  /** The same, panels with the same story together: their names, a whole seat by its own. */
  public record Story(List<String> panels, String found, String did) {}

  /** What cleaning could not mend, and why, with all panels it is said of. */
  public record Stays(List<String> panels, String code, String text) {}

  /**
   * Work that was not done.
   *
   * @param what kind of work
   * @param zones where, in words
   */
  public record NotDone(String what, int panels, List<String> zones) {
    /** Where, and of how many panels. */
    String words() {
      if (panels == 0) {
        return "";
      }
      return PHRASES.say("panels-in", panels, Lists.facts(zones));
    }
  }

  /**
   * A product used, with its hazard statements in words.
   *
   * @param ml that went on, about
   * @param batches of its bottles, where noted
   */
  public record Used(
      String name, String maker, long ml, List<String> batches, List<String> hazards) {}

  /** What keeps it good. */
  public record Advice(String what, String when, List<String> labels) {}
}
