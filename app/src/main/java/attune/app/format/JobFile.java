package attune.app.format;

import attune.core.match.Treatment;
import attune.core.match.Tried;
import attune.core.plan.Omission;
import attune.core.shelf.Soil;
import attune.core.survey.Condition;
import attune.core.survey.Setting;
import attune.core.survey.Stain;
import attune.core.survey.Wishes;
import io.swagger.v3.oas.annotations.media.ArraySchema;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.annotation.Nullable;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/** The attune-job file as written; a field left out is null. */
public record JobFile(
    String format,
    int version,
    @Nullable String title,
    @Nullable VehicleFile vehicle,
    SettingFile setting,
    @Nullable WishesFile wishes,
    @Nullable Map<String, String> houseRules,
    @Nullable ShelfChoiceFile shelf,
    @Nullable ArrangementFile arrangement,
    List<SurfaceFile> surfaces) {

  /** The same job under another title. */
  public JobFile titled(String other) {
    return new JobFile(
        format, version, other, vehicle, setting, wishes, houseRules, shelf, arrangement, surfaces);
  }

  /** The same job with other surfaces. */
  public JobFile with(List<SurfaceFile> others) {
    return new JobFile(
        format, version, title, vehicle, setting, wishes, houseRules, shelf, arrangement, others);
  }

  /** The same job on another vehicle. */
  public JobFile with(VehicleFile other) {
    return new JobFile(
        format, version, title, other, setting, wishes, houseRules, shelf, arrangement, surfaces);
  }

  /** The same job in another setting, arranged otherwise. */
  public JobFile with(SettingFile other, @Nullable ArrangementFile arranged) {
    return new JobFile(
        format, version, title, vehicle, other, wishes, houseRules, shelf, arranged, surfaces);
  }

  /**
   * The same job with people called as they are now.
   *
   * @param now by what they were called before
   */
  public JobFile calling(Map<String, String> now) {
    SettingFile s = setting;
    return with(
        s.skills() == null ? s : s.coatedBy(called(s.skills(), now)),
        arrangement == null || arrangement.crew() == null
            ? arrangement
            : arrangement.of(called(arrangement.crew(), now)));
  }

  private static List<String> called(List<String> names, Map<String, String> now) {
    return names.stream().map(name -> now.getOrDefault(name, name)).toList();
  }

  /** The same job to one standard, whatever single panels were to have. */
  public JobFile to(String standard) {
    WishesFile w = wishes == null ? WishesFile.NONE : wishes;
    return new JobFile(
        format,
        version,
        title,
        vehicle,
        setting,
        w.to(standard),
        houseRules,
        shelf,
        arrangement,
        surfaces.stream()
            .map(s -> s.wishes() == null ? s : s.wishing(s.wishes().to(null)))
            .toList());
  }

  /**
   * How the visit is arranged; what is left out is as the timetable would have it.
   *
   * @param crew names of those who do it
   * @param pins start by task
   * @param leftOut of second-coat, textiles, barrier, coating, shield-young-hide, care-older-hide,
   *     dressing
   * @param parts on order
   */
  public record ArrangementFile(
      @Nullable List<String> crew,
      @Nullable Map<String, String> pins,
      @Code(Omission.class) @Nullable List<String> leftOut,
      @Nullable List<PartFile> parts) {
    public static final ArrangementFile NONE = new ArrangementFile(null, null, null, null);

    /** The same with tasks where somebody said; null or none for the visit's own order. */
    public ArrangementFile pinning(@Nullable Map<String, String> others) {
      return new ArrangementFile(crew, orNull(others), leftOut, parts);
    }

    /** The same by others, in the visit's own order. */
    public ArrangementFile by(@Nullable List<String> others) {
      return new ArrangementFile(
          others == null || others.isEmpty() ? null : others, null, leftOut, parts);
    }

    /** The same under other names. */
    ArrangementFile of(List<String> names) {
      return new ArrangementFile(names, pins, leftOut, parts);
    }

    /** The same with something left out. */
    public ArrangementFile leaving(@Nullable List<String> omissions) {
      return new ArrangementFile(
          crew, pins, omissions == null || omissions.isEmpty() ? null : omissions, parts);
    }

    /** The same waiting for parts. */
    public ArrangementFile awaiting(List<PartFile> others) {
      return new ArrangementFile(crew, pins, leftOut, others.isEmpty() ? null : others);
    }

    private static @Nullable Map<String, String> orNull(@Nullable Map<String, String> map) {
      return map == null || map.isEmpty() ? null : map;
    }
  }

  /**
   * A part on order.
   *
   * @param arrives local time
   */
  public record PartFile(String name, List<String> surfaceIds, String arrives) {}

  /**
   * The vehicle.
   *
   * @param historyKnown true when what was used on it before is known, even if that is nothing
   * @param without panels of the layout it does not have
   */
  public record VehicleFile(
      @Nullable String label,
      @Nullable String layout,
      @Nullable String drive,
      @Nullable Integer builtYear,
      @Nullable Integer odometerKm,
      @Nullable Boolean historyKnown,
      @Nullable List<String> without) {
    public static final VehicleFile NONE =
        new VehicleFile(null, null, null, null, null, null, null);

    /** The same vehicle lacking other panels; an empty list lacks none. */
    public VehicleFile lacking(List<String> panels) {
      return new VehicleFile(
          label,
          layout,
          drive,
          builtYear,
          odometerKm,
          historyKnown,
          panels.isEmpty() ? null : List.copyOf(panels));
    }
  }

  /** Where, when and in what air. */
  public record SettingFile(
      @Code(Setting.Place.class) @Nullable String place,
      @Nullable Double airTempC,
      @Nullable Double relativeHumidity,
      @Nullable Double airSpeedMs,
      @Code(Setting.Sun.class) @Nullable String sun,
      @Nullable Double surfaceTempC,
      @Nullable Integer people,
      String start,
      @Nullable String returnBy,
      @Code(Setting.Climate.class) @Nullable String climate,
      @Code(Setting.FaultSeen.class) @Nullable List<String> faults,
      @Code(Setting.ChildSeat.class) @Nullable String childSeat,
      @Nullable BreaksFile breaks,
      @Nullable List<String> skills,
      @Nullable Double travelKm) {

    /** Nothing said but when. */
    public static SettingFile at(@Nullable String begins) {
      return inAir(null, null, null, begins);
    }

    /** Nothing said but the air, and when. */
    @SuppressWarnings("NullAway") // in a change what is null stays; in a file the start is required
    public static SettingFile inAir(
        @Nullable Double tempC,
        @Nullable Double humidity,
        @Nullable Double speedMs,
        @Nullable String begins) {
      return new SettingFile(
          null, tempC, humidity, speedMs, null, null, null, begins, null, null, null, null, null,
          null, null);
    }

    /** The same between two other local times; no time to be back by for null. */
    public SettingFile between(String begins, @Nullable String back) {
      return with(people, begins, back, skills);
    }

    /** The same where others may coat. */
    SettingFile coatedBy(List<String> names) {
      return with(people, start, returnBy, names);
    }

    /** The same with so many people. */
    public SettingFile by(int count) {
      return with(count, start, returnBy, skills);
    }

    private SettingFile with(
        @Nullable Integer count,
        String begins,
        @Nullable String back,
        @Nullable List<String> coaters) {
      return new SettingFile(
          place,
          airTempC,
          relativeHumidity,
          airSpeedMs,
          sun,
          surfaceTempC,
          count,
          begins,
          back,
          climate,
          faults,
          childSeat,
          breaks,
          coaters,
          travelKm);
    }

    /** The same begun at another local time. */
    public SettingFile startingAt(String time) {
      return between(time, returnBy);
    }
  }

  /** Hands-on minutes between two rests at most, and how long a rest is. */
  public record BreaksFile(Integer everyMin, Integer min) {}

  /**
   * What the customer wants.
   *
   * @param avoid of scent, solvent, aerosol
   */
  public record WishesFile(
      @Code(Wishes.Sheen.class) @Nullable String sheen,
      @Code(Wishes.Standard.class) @Nullable String standard,
      @Code(Wishes.Protection.class) @Nullable String protection,
      @Code(Wishes.Avoid.class) @Nullable List<String> avoid) {
    public static final WishesFile NONE = new WishesFile(null, null, null, null);

    /** The same to another standard; null for none of its own. */
    public WishesFile to(@Nullable String other) {
      return new WishesFile(sheen, other, protection, avoid);
    }

    /** What is said here, and what is said there where nothing is. */
    WishesFile or(WishesFile other) {
      return new WishesFile(
          sheen == null ? other.sheen : sheen,
          standard == null ? other.standard : standard,
          protection == null ? other.protection : protection,
          avoid == null ? other.avoid : avoid);
    }
  }

  /** Ids of the shelf, or whole records. */
  public record ShelfChoiceFile(
      @Nullable @ArraySchema(schema = @Schema(implementation = Object.class))
          List<JsonNode> products,
      @Nullable @ArraySchema(schema = @Schema(implementation = Object.class))
          List<JsonNode> tools) {}

  /**
   * A part of a layout's panel, as shares of the box around it.
   *
   * @param x from its left, 0 to 1
   * @param y from its top, 0 to 1
   * @param w width, above 0
   * @param h height, above 0
   */
  public record PieceFile(String panel, double x, double y, double w, double h) {}

  /** The state it was found in. */
  public record ConditionFile(
      @Code(Condition.Level.class) @Nullable String soil,
      @Code(Soil.class) @Nullable List<String> soils,
      @Code(Condition.Wear.class) @Nullable String wear,
      @Code(Condition.Feel.class) @Nullable String feel,
      @Code(Condition.Nap.class) @Nullable String nap,
      @Code(Condition.Perforations.class) @Nullable String perforations,
      @Code(Condition.Damage.class) @Nullable List<String> damage,
      @Nullable Integer stainAgeDays,
      @Nullable Double sheenGu,
      @Nullable List<StainFile> stains) {
    /** Nothing asked yet. */
    public static final ConditionFile UNASKED =
        new ConditionFile(null, null, null, null, null, null, null, null, null, null);

    /** The same, with soil and wear where they were not told. */
    public ConditionFile filledWith(@Nullable String usualSoil, @Nullable String usualWear) {
      return new ConditionFile(
          soil == null ? usualSoil : soil,
          soils,
          wear == null ? usualWear : wear,
          feel,
          nap,
          perforations,
          damage,
          stainAgeDays,
          sheenGu,
          stains);
    }
  }

  /**
   * A stain and how far it goes.
   *
   * @param extent spot, streak or panel
   */
  public record StainFile(
      @Code(Stain.Kind.class) String kind,
      @Code(Stain.Extent.class) String extent,
      @Nullable Double cm2,
      @Nullable Integer ageDays) {}

  /** A treatment needle by needle; no cleaner is dry work. */
  public record NeedlesFile(
      @Nullable String cleanerId,
      String ratio,
      String toolId,
      @Code(Treatment.ApplyTo.class) String applyTo,
      Double laidGPerM2,
      @Code(Treatment.Warmth.class) String warmth,
      Integer dwellS) {}

  /** What was set instead of the treatment chosen, and why a caution was overridden. */
  public record ByHandFile(NeedlesFile needles, @Nullable String reason) {}

  /** What was worked, and what the cloth said: clean, soil-stays, colour or dulled. */
  public record TriedFile(NeedlesFile needles, @Code(Tried.Result.class) String result) {}

  /** An earlier treatment. */
  public record HistoryFile(
      String date,
      @Nullable String productId,
      @Nullable String ratio,
      @Nullable Double ph,
      @Nullable Double contactMin,
      @Nullable Integer passes,
      @Nullable Integer stiffness,
      @Nullable Boolean coated) {}
}
