package attune.core;

import attune.core.material.Texture;
import attune.core.shelf.Tool;
import attune.core.shelf.Tool.Droplets;
import attune.core.shelf.Tool.Kind;
import java.util.Optional;

/** Tools to write cases with. */
public final class ATool {
  public static final Tool SPONGE = brush("soft-sponge", 1, Texture.FINE, Kind.SPONGE);
  public static final Tool PAD = brush("non-scratch-pad", 2, Texture.FINE, Kind.PAD);
  public static final Tool SOFT_BRUSH = brush("soft-brush", 2, Texture.MEDIUM, Kind.BRUSH);
  public static final Tool LEATHER_BRUSH = brush("leather-brush", 4, Texture.DEEP, Kind.BRUSH);
  public static final Tool STIFF_BRUSH =
      tool("stiff-brush", Kind.BRUSH, 7, Texture.DEEP, Droplets.MUCH, false, false, 0.0);
  public static final Tool WHITE_BLOCK =
      tool("white-block", Kind.BLOCK, 3, Texture.FINE, Droplets.NONE, true, false, 0.0);
  public static final Tool DYED_CLOTH =
      tool("charcoal-cloth", Kind.CLOTH, 0, Texture.FINE, Droplets.NONE, false, true, 0.0);
  public static final Tool BARRIER_PAD = applicator("barrier-backed-pad", 0.5, true);
  public static final Tool FOAM_PAD = applicator("foam-pad", 6.5, false);

  private ATool() {}

  public static Tool brush(String id, int stiffness, Texture reach, Kind kind) {
    return tool(id, kind, stiffness, reach, Droplets.SOME, false, false, 0.0);
  }

  public static Tool applicator(String id, double keepsMl, boolean barrierBacked) {
    return new Tool(
        id,
        id,
        Kind.APPLICATOR,
        0,
        Texture.MEDIUM,
        Droplets.NONE,
        false,
        false,
        Optional.empty(),
        Optional.of(keepsMl),
        barrierBacked,
        Optional.empty());
  }

  public static Tool washed(Tool tool, int times) {
    return changed(tool, Optional.of(times), tool.contactCm2());
  }

  /** Such a tool that covers so much at a time. */
  public static Tool covering(Tool tool, double cm2) {
    return changed(tool, tool.timesWashed(), Optional.of(cm2));
  }

  private static Tool changed(Tool tool, Optional<Integer> washed, Optional<Double> cm2) {
    return new Tool(
        tool.id(),
        tool.name(),
        tool.kind(),
        tool.stiffness(),
        tool.reach(),
        tool.throwsDroplets(),
        tool.abrasive(),
        tool.dyed(),
        washed,
        tool.retainsMl(),
        tool.barrierBacked(),
        tool.count(),
        tool.suits(),
        cm2);
  }

  public static Tool of(Kind kind) {
    return tool(kind.code(), kind, 0, Texture.MEDIUM, Droplets.NONE, false, false, 0.0);
  }

  private static Tool tool(
      String id,
      Kind kind,
      int stiffness,
      Texture reach,
      Droplets droplets,
      boolean abrasive,
      boolean dyed,
      double keeps) {
    return new Tool(
        id,
        id,
        kind,
        stiffness,
        reach,
        droplets,
        abrasive,
        dyed,
        Optional.empty(),
        keeps > 0 ? Optional.of(keeps) : Optional.empty(),
        false,
        Optional.empty());
  }
}
