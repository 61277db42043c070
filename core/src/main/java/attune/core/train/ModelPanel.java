package attune.core.train;

import java.util.Arrays;
import java.util.List;

/**
 * A panel of 24 by 16 cells that answers to the hand: soil comes off where it is worked, what is
 * left to dry leaves a ring, and what goes beyond the limits takes coat, nap and colour where it
 * did. The front end draws the same from the same figures; shared cases hold the two together.
 */
public final class ModelPanel {
  public static final int COLUMNS = 24;
  public static final int ROWS = 16;
  public static final int CELLS = COLUMNS * ROWS;

  private final List<Means> means;
  private final Physics physics;
  private final int dust;
  private final double[][] soil;
  private final double[] loose = new double[CELLS];
  private final double[] liquid = new double[CELLS];
  private final double[] sat = new double[CELLS];
  private final double[] worked = new double[CELLS];
  private final int[] laid = new int[CELLS];
  private final double[] coat = new double[CELLS];
  private final double[] nap = new double[CELLS];
  private final double[] colour = new double[CELLS];
  private final double[] tide = new double[CELLS];
  private double faceTaken;
  private double faceColour;
  private int faces = 1;
  private double seconds;

  /**
   * @param dust which family is dust, or -1
   * @param soil of each family, cell by cell
   */
  ModelPanel(
      List<Means> means,
      Physics physics,
      int dust,
      double[][] soil,
      double foundCoat,
      double foundNap) {
    this.means = List.copyOf(means);
    this.physics = physics;
    this.dust = dust;
    this.soil = new double[soil.length][];
    for (int f = 0; f < soil.length; f++) {
      this.soil[f] = soil[f].clone();
    }
    Arrays.fill(coat, foundCoat);
    Arrays.fill(nap, foundNap);
    Arrays.fill(laid, -1);
  }

  /** Does it; what lies on the rest of the panel dries meanwhile. */
  public void does(Deed deed) {
    for (int cell : deed.cells()) {
      touch(deed, cell);
    }
    if (deed.act() == Deed.Act.TURN) {
      faceTaken = 0;
      faceColour = 0;
      faces++;
    }
    pass(deed.seconds() + deed.cells().size() * physics.cellS());
  }

  private void touch(Deed deed, int cell) {
    switch (deed.act()) {
      case VACUUM -> vacuum(cell);
      case LAY -> lay(cell, deed.means(), 1);
      case DAMP -> lay(cell, deed.means(), physics.damp());
      case SOAK -> lay(cell, deed.means(), physics.soak());
      case BLOW -> blow(cell);
      case WORK -> work(cell, deed.means());
      case MIST -> liquid[cell] += laid[cell] < 0 ? 0 : physics.mist();
      case WIPE -> wipe(cell);
      case BLOT -> blot(cell);
      case WAIT, TURN, APPLY, LEVEL -> {}
    }
  }

  private void vacuum(int cell) {
    if (dust >= 0 && liquid[cell] == 0) {
      soil[dust][cell] *= physics.vacuumLeaves();
    }
  }

  /** Beyond what the surface stands it is harm. */
  private void lay(int cell, int with, double share) {
    double wet = means.get(with).wets() * share;
    double over = share > 1 ? Math.max(0, wet - physics.wetMost()) / physics.wetMost() : 0;
    if (over > 0) {
      wear(cell, over);
    }
    liquid[cell] = Math.max(liquid[cell], wet);
    laid[cell] = with;
    sat[cell] = 0;
    worked[cell] = 0;
  }

  /** Drives dust and water off; cleaner that lies there spatters. */
  private void blow(int cell) {
    if (dust >= 0 && liquid[cell] == 0) {
      soil[dust][cell] *= physics.blows();
    }
    if (laid[cell] >= 0) {
      tide[cell] = Math.min(1, tide[cell] + physics.spatter());
    }
    liquid[cell] *= physics.blows();
  }

  private void work(int cell, int with) {
    boolean cloth = means.get(with).leastS() > 0;
    if (cloth && laid[cell] < 0) {
      lay(cell, with, 1); // a damp cloth lays as it goes
    }
    if (laid[cell] < 0 || liquid[cell] <= 0) {
      return; // a dry tool moves nothing that sticks
    }
    Means lying = means.get(laid[cell]);
    Means hand = means.get(with);
    double sits = Math.max(sat[cell], lying.leastS());
    double time = sits / (sits + physics.dwellHalf());
    worked[cell]++;
    if (worked[cell] <= physics.strokes()) {
      for (int f = 0; f < soil.length; f++) {
        double a = lying.acts().get(f) * time / physics.stubborn();
        double off =
            Math.min(
                soil[f][cell] * (1 - Math.exp(-physics.rate() * a / physics.strokes())),
                physics.layer() * Math.sqrt(a) / physics.strokes());
        soil[f][cell] -= off;
        loose[cell] += off;
      }
    }
    if (cloth) {
      takes(cell, physics.grab());
    }
    double rubbed = worked[cell] > 2 * physics.strokes() ? physics.rubHarm() : 0;
    wear(cell, (Math.max(lying.harm(), hand.harm()) + rubbed) / physics.strokes());
  }

  private void wear(int cell, double harm) {
    if (harm > 0) {
      coat[cell] = Math.max(0, coat[cell] - physics.coatPerHarm() * harm);
      colour[cell] = Math.min(1, colour[cell] + harm * (1 - coat[cell]) * physics.pigmentPerHarm());
      nap[cell] = Math.max(0, nap[cell] - physics.napPerHarm() * harm);
    } else {
      nap[cell] = Math.min(1, nap[cell] + physics.napOpens() / physics.strokes());
    }
  }

  private void takes(int cell, double share) {
    double took = loose[cell] * share * Math.exp(-faceTaken / physics.faceHolds());
    loose[cell] -= took;
    faceTaken += took;
    faceColour += colour[cell] / CELLS;
  }

  private void wipe(int cell) {
    takes(cell, physics.grab());
    if (liquid[cell] > 0) {
      tide[cell] *= physics.tideWiped();
    }
    liquid[cell] = Math.min(liquid[cell], physics.afterWipe());
    laid[cell] = -1;
    sat[cell] = 0;
    worked[cell] = 0;
  }

  private void blot(int cell) {
    takes(cell, physics.blotTakes());
    liquid[cell] *= physics.blotLeaves();
  }

  private void pass(double s) {
    if (s <= 0) {
      return;
    }
    seconds += s;
    for (int cell = 0; cell < CELLS; cell++) {
      double wet = liquid[cell];
      liquid[cell] = Math.max(0, wet - physics.driesGPerS() * s);
      if (laid[cell] >= 0) {
        double over = over(sat[cell]);
        sat[cell] += s;
        double harm = over(sat[cell]) - over;
        if (harm > 0) {
          wear(cell, harm);
        }
      }
      if (wet > 0 && liquid[cell] == 0) {
        driedOut(cell);
      }
    }
  }

  private double over(double sits) {
    return Math.max(0, sits - physics.contactMaxS()) / physics.contactMaxS();
  }

  private void driedOut(int cell) {
    if (laid[cell] >= 0) {
      tide[cell] = Math.min(1, tide[cell] + physics.tide());
    }
    soil[0][cell] += loose[cell];
    loose[cell] = 0;
    laid[cell] = -1;
    sat[cell] = 0;
    worked[cell] = 0;
  }

  /** Soil of all families left in a cell, what lies loose on it included. */
  public double soilAt(int cell) {
    double sum = loose[cell];
    for (double[] family : soil) {
      sum += family[cell];
    }
    return sum;
  }

  /** Liquid on a cell, g/m². */
  public double liquidAt(int cell) {
    return liquid[cell];
  }

  /** Topcoat left on a cell, 0 to 1. */
  public double coatAt(int cell) {
    return coat[cell];
  }

  /** How far the nap of a cell stands open, 0 to 1. */
  public double napAt(int cell) {
    return nap[cell];
  }

  /** The trim's colour that came off a cell, 0 to 1. */
  public double colourAt(int cell) {
    return colour[cell];
  }

  /** A ring where it dried, 0 to 1. */
  public double tideAt(int cell) {
    return tide[cell];
  }

  /** Soil on the face in hand, in cells of one layer. */
  public double onFace() {
    return faceTaken;
  }

  /** The trim's colour on the face in hand. */
  public double colourOnFace() {
    return faceColour;
  }

  /** Faces of the cloth used so far. */
  public int faces() {
    return faces;
  }

  /** Since it was begun. */
  public double seconds() {
    return seconds;
  }
}
