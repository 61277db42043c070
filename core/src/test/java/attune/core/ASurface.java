package attune.core;

import attune.core.material.Role;
import attune.core.material.Texture;
import attune.core.measure.Celsius;
import attune.core.measure.SquareMetres;
import attune.core.shelf.Soil;
import attune.core.survey.Condition;
import attune.core.survey.Condition.Damage;
import attune.core.survey.Condition.Feel;
import attune.core.survey.Condition.Level;
import attune.core.survey.Condition.Nap;
import attune.core.survey.Condition.Perforations;
import attune.core.survey.Condition.Wear;
import attune.core.survey.Stain;
import attune.core.survey.Surface;
import attune.core.survey.Surface.Feature;
import attune.core.survey.Surface.Near;
import attune.core.survey.Surface.Tone;
import attune.core.survey.Wishes;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** A panel to write cases with: a clean, intact, middle-toned seat panel unless told otherwise. */
public final class ASurface {
  private final String finish;
  private String id = "panel";
  private String zone = "front-left-seat";
  private String part = "cushion";
  private boolean perforated;
  private Texture texture = Texture.FINE;
  private Tone tone = Tone.MID;
  private double area = 0.3;
  private double seam;
  private int ageMonths = 24;
  private Role role = Role.SEAT;
  private Set<Feature> features = Set.of();
  private Set<Near> near = Set.of();
  private Level level = Level.NONE;
  private Set<Soil> soils = Set.of();
  private Wear wear = Wear.INTACT;
  private Feel feel = Feel.SUPPLE;
  private Nap nap = Nap.OPEN;
  private Set<Damage> damage = Set.of();
  private Optional<Integer> stainAge = Optional.empty();
  private Wishes.Sheen sheen = Wishes.Sheen.MATT;
  private Wishes.Standard standard = Wishes.Standard.THOROUGH;
  private Wishes.Protection protection = Wishes.Protection.NONE;
  private Optional<Celsius> surfaceTemp = Optional.empty();
  private List<Surface.Visit> history = List.of();
  private List<Stain> stains = List.of();
  private Optional<Double> sheenGu = Optional.empty();
  private Set<Wishes.Avoid> avoid = Set.of();

  private ASurface(String finish) {
    this.finish = finish;
  }

  public static ASurface of(String finish) {
    return new ASurface(finish);
  }

  public ASurface id(String value) {
    id = value;
    return this;
  }

  public ASurface at(String zoneId, String partName) {
    zone = zoneId;
    part = partName;
    return this;
  }

  public ASurface role(Role value) {
    role = value;
    return this;
  }

  public ASurface perforated() {
    perforated = true;
    return this;
  }

  public ASurface grain(Texture value) {
    texture = value;
    return this;
  }

  public ASurface tone(Tone value) {
    tone = value;
    return this;
  }

  public ASurface area(double m2) {
    area = m2;
    return this;
  }

  public ASurface seam(double metres) {
    seam = metres;
    return this;
  }

  public ASurface ageYears(int years) {
    ageMonths = years * 12;
    return this;
  }

  public ASurface with(Feature... built) {
    features = Set.of(built);
    return this;
  }

  public ASurface beside(Near... things) {
    near = Set.of(things);
    return this;
  }

  public ASurface soiled(Level howMuch, Soil... ofWhat) {
    level = howMuch;
    soils = ofWhat.length == 0 ? Set.of(Soil.SKIN_OIL) : EnumSet.copyOf(List.of(ofWhat));
    return this;
  }

  public ASurface satDays(int days) {
    stainAge = Optional.of(days);
    return this;
  }

  public ASurface wear(Wear value) {
    wear = value;
    return this;
  }

  public ASurface feel(Feel value) {
    feel = value;
    return this;
  }

  public ASurface nap(Nap value) {
    nap = value;
    return this;
  }

  public ASurface damaged(Damage... what) {
    damage = Set.of(what);
    return this;
  }

  public ASurface wish(Wishes.Sheen value) {
    sheen = value;
    return this;
  }

  public ASurface standard(Wishes.Standard value) {
    standard = value;
    return this;
  }

  public ASurface protect(Wishes.Protection value) {
    protection = value;
    return this;
  }

  public ASurface at(double surfaceC) {
    surfaceTemp = Optional.of(new Celsius(surfaceC));
    return this;
  }

  public ASurface history(Surface.Visit... visits) {
    history = List.of(visits);
    return this;
  }

  /** Stains told one by one, with how far each goes. */
  public ASurface stained(Stain... told) {
    stains = List.of(told);
    return this;
  }

  /** As the gloss meter read it. */
  public ASurface shows(double gu) {
    sheenGu = Optional.of(gu);
    return this;
  }

  public ASurface avoids(Wishes.Avoid... what) {
    avoid = Set.of(what);
    return this;
  }

  public ASurface coatedBefore() {
    history =
        List.of(
            new Surface.Visit(
                LocalDate.of(2026, 1, 5),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                true));
    return this;
  }

  public Surface build() {
    return new Surface(
        id,
        zone,
        part,
        finish,
        perforated,
        texture,
        tone,
        new SquareMetres(area),
        seam,
        ageMonths,
        role,
        features,
        near,
        new Condition(
            level, soils, wear, feel, nap, Perforations.OPEN, damage, stainAge, sheenGu, stains),
        new Wishes(sheen, standard, protection, avoid),
        surfaceTemp,
        history);
  }
}
