package attune.core.match;

import attune.core.check.Coded;
import attune.core.match.Reason.SetBy;
import attune.core.measure.PhInterval;
import attune.core.reference.Figures;
import attune.core.shelf.Product;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The tuning rack: each scale with its needle, what the soil needs and what the surface stands. The
 * need on a scale is where its needle would have to stand for the pass to act hard enough with all
 * other needles left as they are.
 */
public record Rack(List<Reading> readings) {
  private static final Phrases PHRASES = Phrases.of(Rack.class);

  /** A scale of the rack. */
  public enum Scale implements Coded {
    PH,
    WETNESS,
    AGITATION,
    CONTACT,
    WARMTH,
    ACTION
  }

  /** Where a needle stands. */
  public enum State implements Coded {
    IN_TUNE,
    CARE,
    UNDER,
    OVER,
    BARRED,
    UNKNOWN
  }

  /**
   * @param axisLow left end of the scale in {@code unit}
   * @param axisHigh right end
   * @param valueLow the needle; an interval where the value is not known to a point, empty where it
   *     is unknown
   * @param need the least that would be strong enough, all else equal; empty where no value on this
   *     scale would do
   * @param routineLow lower end of what it stands regularly
   * @param limitHigh upper end of what it stands at all
   * @param limitSetBy who set the upper limit
   */
  public record Reading(
      Scale scale,
      String unit,
      double axisLow,
      double axisHigh,
      Optional<Double> valueLow,
      Optional<Double> valueHigh,
      Optional<Double> need,
      double routineLow,
      double routineHigh,
      double limitLow,
      double limitHigh,
      SetBy limitSetBy,
      String limitWhy,
      State state) {}

  private static final Set<ReasonCode> PH_CODES =
      Set.of(
          ReasonCode.PH_ABOVE_LIMIT,
          ReasonCode.PH_ABOVE_ROUTINE,
          ReasonCode.PH_BELOW_LIMIT,
          ReasonCode.PH_UNKNOWN);
  private static final Set<ReasonCode> WET_CODES =
      Set.of(
          ReasonCode.WET_LIMIT,
          ReasonCode.PERFORATED_NO_SPRAY,
          ReasonCode.ELECTRONICS,
          ReasonCode.AIRBAG_SEAM);
  private static final Set<ReasonCode> TOOL_CODES =
      Set.of(
          ReasonCode.TOO_STIFF,
          ReasonCode.DYED_ON_PALE,
          ReasonCode.THROWS_DROPLETS,
          ReasonCode.ABRASIVE);
  private static final Set<ReasonCode> CONTACT_CODES =
      Set.of(ReasonCode.CONTACT_LIMIT, ReasonCode.LABEL_DWELL);
  private static final Set<ReasonCode> WARMTH_CODES =
      Set.of(ReasonCode.STEAM_NOT_HERE, ReasonCode.BLOOD, ReasonCode.NEVER_MIX);
  private static final Set<ReasonCode> ACTION_CODES =
      Set.of(ReasonCode.TOO_WEAK, ReasonCode.TOO_MANY_PASSES);

  public Rack {
    readings = List.copyOf(readings);
  }

  static Rack of(Place place, Verdict verdict, CleaningAction action, Figures figures) {
    List<Reading> readings = new ArrayList<>();
    Treatment t = verdict.treatment();
    double factor =
        verdict.action() <= 0 ? Double.POSITIVE_INFINITY : verdict.needed() / verdict.action();
    if (!t.isDry()) {
      readings.add(ph(verdict, place.limits()));
      readings.add(wetness(place.limits(), verdict, figures));
    }
    readings.add(
        reading(
            Scale.AGITATION,
            PHRASES.say("stiffness"),
            0,
            9,
            t.tool().stiffness(),
            stiffnessNeeded(place, t, factor, action),
            place.limits().agitationMax().value(),
            place.limits().agitationMax(),
            under(verdict, figures, state(verdict, TOOL_CODES))));
    if (!t.isDry()) {
      readings.add(contact(place.limits(), verdict, factor, action, figures));
      readings.add(warmth(place, verdict, factor, action, figures));
    }
    readings.add(
        reading(
            Scale.ACTION,
            PHRASES.say("a-pass"),
            0,
            Math.max(2, Math.ceil(Math.max(verdict.action(), verdict.needed()))),
            verdict.action(),
            Optional.of(verdict.needed()),
            Double.MAX_VALUE,
            new Limit<>(0, SetBy.SOIL, PHRASES.say("the-soil")),
            under(verdict, figures, state(verdict, ACTION_CODES))));
    return new Rack(readings);
  }

  private static Reading wetness(Limits limits, Verdict verdict, Figures figures) {
    Treatment t = verdict.treatment();
    return reading(
        Scale.WETNESS,
        "g/m²",
        0,
        axis(100, limits.wetMax().value()),
        t.laid(),
        Optional.empty(),
        wetLimit(t, limits, figures),
        limits.wetMax(),
        state(verdict, WET_CODES));
  }

  private static Reading contact(
      Limits limits, Verdict verdict, double factor, CleaningAction action, Figures figures) {
    Treatment t = verdict.treatment();
    double most = Math.min(limits.contactMaxS().value(), label(t));
    return reading(
        Scale.CONTACT,
        "s",
        0,
        axis(120, most),
        t.dwellS(),
        dwellNeeded(t, factor, action),
        most,
        label(t) < limits.contactMaxS().value()
            ? new Limit<>(most, SetBy.LABEL, PHRASES.say("the-label"))
            : limits.contactMaxS(),
        under(verdict, figures, state(verdict, CONTACT_CODES)));
  }

  private static Reading warmth(
      Place place, Verdict verdict, double factor, CleaningAction action, Figures figures) {
    Limits limits = place.limits();
    double warm = action.temperature(verdict.treatment().warmth(), place.temperature()).value();
    double hottest =
        limits.steamMaxC() > 0 ? limits.steamMaxC() : figures.get("window.surface-max");
    return reading(
        Scale.WARMTH,
        "°C",
        0,
        100,
        warm,
        warmthNeeded(warm, factor, figures),
        hottest,
        limits.steam(),
        under(verdict, figures, state(verdict, WARMTH_CODES)));
  }

  private static double axis(double usual, double limit) {
    return Math.max(usual, Math.ceil(limit * 1.25 / 10) * 10);
  }

  private static Reading reading(
      Scale scale,
      String unit,
      double axisLow,
      double axisHigh,
      double value,
      Optional<Double> need,
      double most,
      Limit<?> limit,
      State state) {
    double high = Math.min(axisHigh, most);
    return new Reading(
        scale,
        unit,
        axisLow,
        axisHigh,
        Optional.of(value),
        Optional.of(value),
        need.filter(n -> n <= axisHigh).map(n -> Math.max(axisLow, n)),
        axisLow,
        high,
        axisLow,
        high,
        limit.setBy(),
        limit.why(),
        state);
  }

  private static Reading ph(Verdict verdict, Limits limits) {
    Optional<PhInterval> ph = verdict.ph();
    return new Reading(
        Scale.PH,
        "pH",
        2,
        13,
        ph.map(PhInterval::low),
        ph.map(PhInterval::high),
        Optional.empty(),
        limits.phRoutineLow().value(),
        limits.phRoutineHigh().value(),
        limits.phOccasionalLow().value(),
        limits.phOccasionalHigh().value(),
        limits.phOccasionalHigh().setBy(),
        limits.phOccasionalHigh().why(),
        state(verdict, PH_CODES));
  }

  /**
   * Foam may be laid heavier, since most of its liquid is held up; the band shows what may be laid.
   */
  private static double wetLimit(Treatment t, Limits limits, Figures figures) {
    double wetsPerLaid = t.standsUp() ? figures.get("laid.foam-wets") : 1;
    return limits.wetMax().value() / wetsPerLaid;
  }

  private static double label(Treatment t) {
    return t.cleaner()
        .flatMap(Product::dwell)
        .map(span -> (double) span.max())
        .orElse(Double.MAX_VALUE);
  }

  private static Optional<Double> stiffnessNeeded(
      Place place, Treatment t, double factor, CleaningAction action) {
    double mech =
        action.mech(t.tool(), place.surface().texture())
            * factor
            / action.reach(t.tool(), place.surface().texture());
    double perStep = action.mech(1.0) - action.mech(0.0);
    return finite((mech - action.mech(0.0)) / perStep);
  }

  /** Solves d/(d+d50) for d; none when even an endless dwell falls short. */
  private static Optional<Double> dwellNeeded(Treatment t, double factor, CleaningAction action) {
    double acts = action.acts(t.dwellS(), t.applyTo());
    double share = action.time(acts) * factor;
    double half = acts <= 0 ? 0 : acts / action.time(acts) - acts;
    return share >= 1 || half <= 0 ? Optional.empty() : finite(half * share / (1 - share));
  }

  private static Optional<Double> warmthNeeded(double now, double factor, Figures figures) {
    return finite(now + figures.get("cleaning.doubling") * Math.log(factor) / Math.log(2));
  }

  private static Optional<Double> finite(double value) {
    return Double.isFinite(value) ? Optional.of(value) : Optional.empty();
  }

  private static State state(Verdict verdict, Set<ReasonCode> codes) {
    return verdict.reasons().stream()
        .filter(reason -> codes.contains(reason.code()))
        .map(Reason::effect)
        .max(Enum::compareTo)
        .map(Rack::state)
        .orElse(State.IN_TUNE);
  }

  /** Short of the need: care while more passes make up for it, under when they do not. */
  private static State under(Verdict verdict, Figures figures, State state) {
    if (state != State.IN_TUNE || verdict.action() >= verdict.needed()) {
      return state;
    }
    return verdict.passes() <= figures.whole("cleaning.passes-most") ? State.CARE : State.UNDER;
  }

  private static State state(Reason.Effect effect) {
    return switch (effect) {
      case NOTE -> State.IN_TUNE;
      case CAUTION -> State.CARE;
      case UNDER -> State.UNDER;
      case UNKNOWN -> State.UNKNOWN;
      case OVER -> State.OVER;
      case BARRED -> State.BARRED;
    };
  }
}
