package attune.app.jobs;

import attune.app.format.JobFile;
import attune.app.format.SurfaceFile;
import attune.core.material.FinishTable;
import java.util.List;

/** What of a draft is answered far enough to be planned: a panel whose soil and wear are known. */
public final class Answered {
  private Answered() {}

  /** True when soil and wear have been asked; a finish not known yet is planned as unknown. */
  public static boolean isPlannable(SurfaceFile surface) {
    return surface.condition().soil() != null && surface.condition().wear() != null;
  }

  /** The draft with only what can be planned. */
  public static JobFile plannable(JobFile draft) {
    List<SurfaceFile> surfaces =
        draft.surfaces().stream().filter(Answered::isPlannable).map(Answered::filled).toList();
    return draft.with(surfaces);
  }

  /** A surface with the gaps of a draft filled, so that it is a whole record of the format. */
  static SurfaceFile filled(SurfaceFile s) {
    SurfaceFile known = s.in(s.condition().filledWith("none", "intact"));
    return s.finish() == null ? known.of(FinishTable.UNKNOWN) : known;
  }
}
