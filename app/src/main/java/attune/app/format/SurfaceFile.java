package attune.app.format;

import attune.app.format.JobFile.ByHandFile;
import attune.app.format.JobFile.ConditionFile;
import attune.app.format.JobFile.HistoryFile;
import attune.app.format.JobFile.PieceFile;
import attune.app.format.JobFile.TriedFile;
import attune.app.format.JobFile.WishesFile;
import attune.core.material.Role;
import attune.core.material.Texture;
import attune.core.survey.Surface;
import jakarta.annotation.Nullable;
import java.util.List;
import java.util.function.Consumer;

/**
 * A panel as surveyed.
 *
 * @param pieces what it is made of where it was split or merged, or null for a whole panel
 * @param byHand what was set instead of the treatment chosen
 * @param tried what was worked already, and what the cloth said
 */
public record SurfaceFile(
    String id,
    String zone,
    String part,
    @Nullable String label,
    @Nullable String finish,
    @Nullable Boolean perforated,
    @Code(Texture.class) String texture,
    @Code(Surface.Tone.class) String tone,
    Double areaM2,
    @Nullable Double seamM,
    @Nullable Integer ageMonths,
    @Code(Role.class) String role,
    @Code(Surface.Feature.class) @Nullable List<String> features,
    @Code(Surface.Near.class) @Nullable List<String> near,
    ConditionFile condition,
    @Nullable WishesFile wishes,
    @Nullable Double surfaceTempC,
    @Nullable List<HistoryFile> history,
    @Nullable List<PieceFile> pieces,
    @Nullable ByHandFile byHand,
    @Nullable List<TriedFile> tried) {

  /** The same panel of another finish. */
  public SurfaceFile of(@Nullable String otherFinish) {
    return with(
        copy -> {
          copy.finish = otherFinish;
        });
  }

  /** The same panel in another state. */
  public SurfaceFile in(ConditionFile state) {
    return with(
        copy -> {
          copy.condition = state;
        });
  }

  /** The same panel, wished otherwise; null for as the job. */
  public SurfaceFile wishing(@Nullable WishesFile others) {
    return with(
        copy -> {
          copy.wishes = others;
        });
  }

  /** The same panel under another name, of another size, made of other pieces. */
  public SurfaceFile cut(
      String newId,
      @Nullable String newLabel,
      double area,
      @Nullable Double seam,
      @Nullable List<PieceFile> newPieces) {
    return with(
        copy -> {
          copy.id = newId;
          copy.label = newLabel;
          copy.areaM2 = area;
          copy.seamM = seam;
          copy.pieces = newPieces;
        });
  }

  /** The same panel with other decisions on it; null for none. */
  public SurfaceFile decided(@Nullable ByHandFile set, @Nullable List<TriedFile> worked) {
    return with(
        copy -> {
          copy.byHand = set;
          copy.tried = worked;
        });
  }

  /** The same panel with another history. */
  public SurfaceFile after(@Nullable List<HistoryFile> earlier) {
    return with(
        copy -> {
          copy.history = earlier;
        });
  }

  private SurfaceFile with(Consumer<Copy> changes) {
    Copy copy = new Copy(this);
    changes.accept(copy);
    return copy.made();
  }

  /** A panel's fields, to change some of. */
  private static final class Copy {
    private String id;
    private String zone;
    private String part;
    private @Nullable String label;
    private @Nullable String finish;
    private @Nullable Boolean perforated;
    private String texture;
    private String tone;
    private Double areaM2;
    private @Nullable Double seamM;
    private @Nullable Integer ageMonths;
    private String role;
    private @Nullable List<String> features;
    private @Nullable List<String> near;
    private ConditionFile condition;
    private @Nullable WishesFile wishes;
    private @Nullable Double surfaceTempC;
    private @Nullable List<HistoryFile> history;
    private @Nullable List<PieceFile> pieces;
    private @Nullable ByHandFile byHand;
    private @Nullable List<TriedFile> tried;

    Copy(SurfaceFile s) {
      id = s.id();
      zone = s.zone();
      part = s.part();
      label = s.label();
      finish = s.finish();
      perforated = s.perforated();
      texture = s.texture();
      tone = s.tone();
      areaM2 = s.areaM2();
      seamM = s.seamM();
      ageMonths = s.ageMonths();
      role = s.role();
      features = s.features();
      near = s.near();
      condition = s.condition();
      wishes = s.wishes();
      surfaceTempC = s.surfaceTempC();
      history = s.history();
      pieces = s.pieces();
      byHand = s.byHand();
      tried = s.tried();
    }

    SurfaceFile made() {
      return new SurfaceFile(
          id,
          zone,
          part,
          label,
          finish,
          perforated,
          texture,
          tone,
          areaM2,
          seamM,
          ageMonths,
          role,
          features,
          near,
          condition,
          wishes,
          surfaceTempC,
          history,
          pieces,
          byHand,
          tried);
    }
  }
}
