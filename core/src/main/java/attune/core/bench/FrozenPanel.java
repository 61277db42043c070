package attune.core.bench;

import attune.core.match.ReasonCode;
import attune.core.plan.Step;
import java.util.List;
import java.util.Optional;

/**
 * What was planned for one panel.
 *
 * @param ladder rungs from mild to firm; what meets a stain stands behind them
 * @param finish products laid on, in their order; what still holds from an earlier visit is not
 *     among them
 * @param residue what is wiped over it before something bonds, or where it shines; empty too in
 *     plans from before it was written
 * @param dry empty where nothing is wetted
 * @param refer who else it is for, where it is not the shop's work
 * @param exposure empty where nothing was spent and nothing is
 */
public record FrozenPanel(
    String surfaceId,
    List<FrozenRung> ladder,
    List<FrozenFinish> finish,
    Optional<FrozenResidue> residue,
    Optional<Dry> dry,
    Optional<Said> refer,
    List<Caution> cautions,
    Optional<Exposure> exposure) {

  /** How it dries, in words, and the instrument that says so. */
  public record Dry(String how, String confirmWith) {}

  /** A reason in the plan's words. */
  public record Said(ReasonCode code, String text) {}

  /**
   * A caution.
   *
   * @param roundIds where it is told; empty for a plan made before rounds, which tells it wherever
   *     its code says
   */
  public record Caution(ReasonCode code, String text, Optional<List<String>> roundIds) {}

  /**
   * Alkali and acid beyond the routine window over a year, µmol·min/l.
   *
   * @param before spent in the year up to the job
   * @param plan what the first rung adds
   */
  public record Exposure(double before, double plan, double allowance) {}

  public FrozenPanel {
    ladder = List.copyOf(ladder);
    finish = List.copyOf(finish);
    cautions = List.copyOf(cautions);
  }

  /** What climbs; what meets a stain stands by itself. */
  public List<FrozenRung> rungs() {
    return ladder.stream().filter(rung -> rung.spot().isEmpty()).toList();
  }

  /** What is laid on in a step. */
  public Optional<FrozenFinish> laidIn(Step step) {
    return finish.stream().filter(laid -> laid.step() == step).findFirst();
  }

  /** Its last and firmest. */
  public boolean isLast(FrozenRung rung) {
    return !ladder.isEmpty() && ladder.get(ladder.size() - 1).equals(rung);
  }
}
