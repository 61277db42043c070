package attune.core.train;

import attune.core.train.Deed.Act;
import java.util.ArrayList;
import java.util.List;

/**
 * A master's run: lay, let it sit, work each place as often as a pass asks, wipe with clean faces;
 * a damp cloth lays as it goes.
 */
final class ReferenceRun {
  private static final int FACES_A_SECTION = 8;

  private ReferenceRun() {}

  static List<Deed> of(HandWork work) {
    List<Deed> run = new ArrayList<>();
    ModelPanel panel = work.found();
    for (int pass = 0; pass < work.passes(); pass++) {
      if (pass > 0 && isCleanEnough(work, panel)) {
        break;
      }
      for (int section = 0; section < work.sections(); section++) {
        List<Deed> deeds = section(work, section);
        deeds.forEach(panel::does);
        run.addAll(deeds);
      }
    }
    return run;
  }

  private static boolean isCleanEnough(HandWork work, ModelPanel panel) {
    double left = 0;
    for (int cell = 0; cell < ModelPanel.CELLS; cell++) {
      left += panel.soilAt(cell) / ModelPanel.CELLS;
    }
    return left <= work.acceptable();
  }

  private static List<Deed> section(HandWork work, int section) {
    Means means = work.means().get(work.reference());
    List<Integer> cells = cells(section, work.sections());
    int some = Math.max(1, cells.size() * work.sections() / FACES_A_SECTION);
    List<Deed> deeds = new ArrayList<>();
    boolean atOnce = means.leastS() > 0 && means.dwellS() == 0;
    if (!atOnce) {
      deeds.add(Deed.on(Act.LAY, work.reference(), cells));
      deeds.add(Deed.waiting(means.dwellS()));
    }
    for (int from = 0; from < cells.size(); from += some) {
      List<Integer> hand = cells.subList(from, Math.min(cells.size(), from + some));
      deeds.add(Deed.on(Act.TURN, 0, List.of()));
      for (int stroke = 0; stroke < work.physics().strokes(); stroke++) {
        deeds.add(Deed.on(Act.WORK, work.reference(), hand));
      }
      deeds.add(Deed.on(Act.WIPE, 0, hand));
    }
    return deeds;
  }

  private static List<Integer> cells(int section, int of) {
    List<Integer> cells = new ArrayList<>();
    for (int row = 0; row < ModelPanel.ROWS; row++) {
      for (int column = 0; column < ModelPanel.COLUMNS; column++) {
        if (column * of / ModelPanel.COLUMNS == section) {
          cells.add(row * ModelPanel.COLUMNS + column);
        }
      }
    }
    return cells;
  }
}
