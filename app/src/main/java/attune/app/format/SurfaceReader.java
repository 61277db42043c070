package attune.app.format;

import static attune.app.format.ShelfReader.code;
import static attune.app.format.ShelfReader.codes;
import static attune.app.format.ShelfReader.orEmpty;

import attune.app.format.JobFile.ConditionFile;
import attune.app.format.JobFile.HistoryFile;
import attune.app.format.JobFile.StainFile;
import attune.app.format.JobFile.WishesFile;
import attune.core.check.Coded;
import attune.core.check.Fault;
import attune.core.material.Role;
import attune.core.material.Texture;
import attune.core.measure.Celsius;
import attune.core.measure.SquareMetres;
import attune.core.shelf.Soil;
import attune.core.survey.Condition;
import attune.core.survey.Stain;
import attune.core.survey.Surface;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/** Reads a surface of an attune-job: what it is, and what state it is in. */
final class SurfaceReader {
  private static final int USUAL_AGE_MONTHS = 48;

  private SurfaceReader() {}

  static Optional<Surface> surface(
      SurfaceFile f, WishesFile jobWishes, String pointer, List<Fault> faults) {
    int before = faults.size();
    List<Surface.Visit> history = new ArrayList<>();
    List<HistoryFile> visits = orEmpty(f.history());
    for (int i = 0; i < visits.size(); i++) {
      visit(visits.get(i), pointer + "/history/" + i, faults).ifPresent(history::add);
    }
    if (faults.size() > before) {
      return Optional.empty();
    }
    return Optional.of(
        new Surface(
            f.id(),
            f.zone(),
            f.part(),
            Objects.requireNonNull(f.finish()),
            Boolean.TRUE.equals(f.perforated()),
            code(Texture.class, f.texture(), Texture.FINE),
            Coded.parse(Surface.Tone.class, f.tone()),
            new SquareMetres(f.areaM2()),
            JobReader.or(f.seamM(), 0.0),
            JobReader.or(f.ageMonths(), USUAL_AGE_MONTHS),
            Coded.parse(Role.class, f.role()),
            codes(Surface.Feature.class, f.features()),
            codes(Surface.Near.class, f.near()),
            condition(f.condition()),
            JobReader.wishes(f.wishes(), jobWishes),
            Optional.ofNullable(f.surfaceTempC()).map(Celsius::new),
            history));
  }

  private static Condition condition(ConditionFile f) {
    return new Condition(
        Coded.parse(Condition.Level.class, Objects.requireNonNull(f.soil())),
        codes(Soil.class, f.soils()),
        Coded.parse(Condition.Wear.class, Objects.requireNonNull(f.wear())),
        code(Condition.Feel.class, f.feel(), Condition.Feel.SUPPLE),
        code(Condition.Nap.class, f.nap(), Condition.Nap.OPEN),
        code(Condition.Perforations.class, f.perforations(), Condition.Perforations.OPEN),
        codes(Condition.Damage.class, f.damage()),
        Optional.ofNullable(f.stainAgeDays()),
        Optional.ofNullable(f.sheenGu()),
        orEmpty(f.stains()).stream().map(SurfaceReader::stain).toList());
  }

  private static Stain stain(StainFile f) {
    return new Stain(
        Coded.parse(Stain.Kind.class, f.kind()),
        Coded.parse(Stain.Extent.class, f.extent()),
        Optional.ofNullable(f.cm2()),
        Optional.ofNullable(f.ageDays()));
  }

  private static Optional<Surface.Visit> visit(HistoryFile f, String pointer, List<Fault> faults) {
    if (f.ratio() != null) {
      ShelfReader.ratio(f.ratio(), pointer + "/ratio", faults);
    }
    return ShelfReader.date(f.date(), pointer + "/date", faults)
        .map(
            date ->
                new Surface.Visit(
                    date,
                    Optional.ofNullable(f.productId()),
                    Optional.ofNullable(f.ratio()),
                    Optional.ofNullable(f.ph()),
                    Optional.ofNullable(f.contactMin()),
                    Optional.ofNullable(f.passes()),
                    Optional.ofNullable(f.stiffness()),
                    Boolean.TRUE.equals(f.coated())));
  }
}
