package attune.core.match;

import attune.core.match.CabinChoice.Choice;
import attune.core.match.CabinChoice.Group;
import attune.core.match.Place.Leniency;
import attune.core.match.Search.Option;
import attune.core.match.Treatment.Warmth;
import attune.core.measure.Celsius;
import attune.core.measure.Ratio;
import attune.core.measure.SquareMetres;
import attune.core.reference.Figures;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import attune.core.shelf.Tool;
import attune.core.survey.Condition.Damage;
import attune.core.survey.Surface;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Matches the surfaces of a cabin against a shelf: the ladder, what is referred, the cautions, and
 * why everything else was left out. Panels that are alike are searched once.
 */
public final class Matcher {
  private final Rulebook book;
  private final Judge judge;
  private final Ladder ladder;
  private final WhatIf whatIf;

  public Matcher(Rulebook book) {
    this.book = book;
    this.judge = new Judge(book);
    this.ladder = new Ladder(book);
    this.whatIf = new WhatIf(book, judge, ladder);
  }

  /** One surface by itself, at its gentlest, with nothing decided by hand. */
  public SurfaceMatch match(Place place, Shelf shelf) {
    return cabin(List.of(place), shelf, "gentlest", Decisions.NONE).surfaces().get(0);
  }

  /**
   * All surfaces of a cabin together.
   *
   * @param school of the house rule {@code few-bottles}
   */
  public CabinMatch cabin(List<Place> places, Shelf shelf, String school, Decisions decisions) {
    Mixes mixes = Mixes.of(shelf, book, judge.action());
    Map<Kind, Like> likes = new LinkedHashMap<>();
    List<Like> like = new ArrayList<>();
    for (Place place : places) {
      Kind kind = Kind.of(place, decisions, book.figures());
      Like of = likes.computeIfAbsent(kind, k -> new Like(k, mixes));
      of.panels++;
      like.add(of);
    }
    CabinChoice choice = new CabinChoice(book.figures(), school);
    Choice chosen = chooseFirst(List.copyOf(likes.values()), choice);
    List<SurfaceMatch> matches = new ArrayList<>();
    for (int i = 0; i < places.size(); i++) {
      matches.add(like.get(i).on(places.get(i)));
    }
    return new CabinMatch(matches, chosen.cost(), chosen.lowerBound());
  }

  /** Works panels as their neighbours are worked, one shelf at a time. */
  public final class Neighbours {
    private final Mixes mixes;

    private Neighbours(Shelf shelf) {
      mixes = Mixes.of(shelf, book, judge.action());
    }

    /** The match of a panel whose first rung is a neighbour's treatment. */
    public SurfaceMatch match(Place place, Treatment neighbours) {
      Like like =
          new Like(Kind.of(place, Decisions.NONE, book.figures()), mixes, Optional.of(neighbours));
      like.climb();
      return like.on(place);
    }
  }

  /** For panels that share what their neighbours are worked with. */
  public Neighbours neighbours(Shelf shelf) {
    return new Neighbours(shelf);
  }

  private static Choice chooseFirst(List<Like> likes, CabinChoice choice) {
    List<Like> open = new ArrayList<>();
    List<Group> groups = new ArrayList<>();
    for (Like like : likes) {
      Optional<Group> group = like.group(choice);
      if (group.isPresent()) {
        open.add(like);
        groups.add(group.get());
      }
    }
    Choice chosen = choice.choose(groups);
    for (int i = 0; i < open.size(); i++) {
      open.get(i).first = Optional.of(chosen.first().get(i));
    }
    likes.forEach(Like::climb);
    return chosen;
  }

  /**
   * What two panels must share to be answered alike: everything but where and the odd bit of its
   * size.
   */
  private record Kind(Place place, Optional<ByHand> byHand, List<Tried> tried) {
    /** No larger than it matters: in hands up to a dozen of them, then by the square metre. */
    private static SquareMetres size(SquareMetres area, Figures figures) {
      double dozen = figures.get("section.least") * figures.get("section.most");
      double small = figures.get("tool.small-most");
      if (area.value() <= small) {
        return new SquareMetres(small);
      }
      return new SquareMetres(Math.max(dozen, area.value() <= dozen ? 0 : Math.ceil(area.value())));
    }

    static Kind of(Place p, Decisions decisions, Figures figures) {
      Surface s = p.surface();
      Surface bare =
          new Surface(
              "",
              "",
              "",
              s.finish(),
              s.perforated(),
              s.texture(),
              s.tone(),
              size(s.area(), figures),
              0,
              s.ageMonths(),
              s.role(),
              s.features(),
              s.near(),
              s.condition(),
              s.wishes(),
              Optional.empty(),
              s.history());
      Place place =
          new Place(
              bare,
              p.limits(),
              p.demand(),
              p.air(),
              p.temperature(),
              p.found(),
              p.rules(),
              p.date(),
              p.craft(),
              p.coatingPlanned(),
              p.ledger(),
              p.leniency(),
              p.reception(),
              p.spot());
      return new Kind(place, decisions.byHand(s.id()), decisions.tried(s.id()));
    }

    /** Nothing is worked: it is clean, or not a matter of cleaning. */
    boolean isLeftAlone() {
      return place.demand().isNone() || stops();
    }

    /** Not a matter of cleaning, or not before somebody else has seen it. */
    boolean stops() {
      var condition = place.surface().condition();
      return condition.isHazard()
          || Faults.noWetWork(place).isPresent()
          || condition.damage().contains(Damage.GUMMY)
          || tried.stream().anyMatch(t -> t.result().stops());
    }
  }

  /** Panels that are alike, and their answer. */
  private final class Like {
    private final Kind kind;
    private final Mixes mixes;
    private final boolean shared;
    private final Search search;
    private final Optional<Option> gentlest;
    private final Optional<Double> needs;
    private final Optional<Verdict> hand;
    private int panels;
    private Optional<Option> first = Optional.empty();
    private List<Treatment> treatments = List.of();
    private Optional<List<RuledOut>> ruledOut = Optional.empty();

    Like(Kind kind, Mixes mixes) {
      this(kind, mixes, Optional.empty());
    }

    /**
     * @param neighbours what its neighbours are worked with, where it is worked alike
     */
    Like(Kind kind, Mixes mixes, Optional<Treatment> neighbours) {
      this.shared = neighbours.isPresent();
      this.kind = kind;
      this.mixes = mixes;
      search = new Search(kind.place(), mixes, judge, book);
      needs = kind.isLeftAlone() ? Optional.empty() : ladder.firstNeeds(search, kind.tried());
      gentlest = needs.flatMap(n -> ladder.first(search, n, !kind.tried().isEmpty()));
      hand =
          kind.byHand()
              .map(ByHand::treatment)
              .or(() -> neighbours)
              .filter(set -> !kind.isLeftAlone())
              .map(set -> judge.judge(search.place(), set))
              .filter(Verdict::isAllowed);
    }

    /** What the cabin may choose from here; empty where there is no choice. */
    Optional<Group> group(CabinChoice choice) {
      if (gentlest.isEmpty() || hand.isPresent()) {
        return Optional.empty();
      }
      double most = choice.mostHarm(gentlest.get());
      boolean dry = gentlest.get().mixed().isEmpty();
      List<Option> allowed =
          search.strong().stream()
              .filter(o -> o.action() >= Math.min(needs.get(), gentlest.get().action()))
              .filter(o -> o.harm() <= most)
              .filter(o -> o.mixed().isEmpty() == dry)
              .filter(o -> isNoFirmer(o, gentlest.get()))
              .toList();
      return Optional.of(new Group(panels, allowed, gentlest.get()));
    }

    /** Fewer bottles never buy a stiffer tool, a stronger mix or a higher class of pH. */
    private boolean isNoFirmer(Option option, Option gentle) {
      return option.tool().stiffness() <= gentle.tool().stiffness()
          && !isStrongerMix(option, gentle)
          && isBeyondRoutine(option).compareTo(isBeyondRoutine(gentle)) <= 0;
    }

    /** Of the same bottle no stronger than there; of another no stronger than its label's own. */
    private static boolean isStrongerMix(Option option, Option gentle) {
      if (option.mixed().isEmpty()) {
        return false;
      }
      Mixes.Mixed mixed = option.mixed().get();
      Ratio most =
          gentle
              .mixed()
              .filter(m -> m.product().equals(mixed.product()))
              .map(Mixes.Mixed::ratio)
              .orElse(mixed.product().label().standard());
      return most.thinnerThan(mixed.ratio());
    }

    private Boolean isBeyondRoutine(Option option) {
      return option
          .mixed()
          .flatMap(Mixes.Mixed::ph)
          .filter(kind.place().limits()::isBeyondRoutine)
          .isPresent();
    }

    void climb() {
      List<Treatment> rungs = new ArrayList<>();
      Option from = null;
      if (hand.isPresent()) {
        Verdict set = hand.get();
        rungs.add(set.treatment());
        from = search.option(set);
      } else if (first.isPresent()) {
        from = first.get();
        rungs.add(search.treatment(from));
      }
      if (from != null) {
        ladder.firmerThan(search, from).forEach(o -> rungs.add(search.treatment(o)));
      }
      treatments = rungs;
    }

    SurfaceMatch on(Place surfacePlace) {
      Place place = surfacePlace.asLenientAs(search.place());
      List<Rung> rungs =
          ladder.rungs(
              place, treatments.stream().map(treatment -> judge.judge(place, treatment)).toList());
      if (ruledOut.isEmpty()) {
        ruledOut =
            Optional.of(
                place.demand().isNone()
                    ? List.of()
                    : new WhyNot(judge, book.needs(), search).of(rungs, mixes.shelf()));
      }
      Optional<Rung> milder =
          rungs.isEmpty() || !place.lets(Leniency.OVERSPENDS)
              ? Optional.empty()
              : search
                  .strongestWithinAllowance()
                  .map(o -> judge.judge(place, search.treatment(o)))
                  .map(v -> ladder.rungs(place, List.of(v)).get(0));
      double loss =
          hand.isEmpty() && first.isPresent() && gentlest.get().harm() > 0
              ? Math.max(0, first.get().harm() / gentlest.get().harm() - 1)
              : 0;
      return new SurfaceMatch(
          place,
          rungs,
          rungs.stream().reduce((a, b) -> b).map(last -> Endings.end(place, last.verdict())),
          milder,
          Endings.refer(place, rungs, kind.tried()),
          Cautions.of(place, rungs, handSaid(place), spends(), book.figures()),
          ruledOut.get(),
          rungs.isEmpty() ? 0 : judge.dose(place, rungs.get(0).verdict()),
          loss,
          kind.byHand().isPresent() && hand.isPresent(),
          shared,
          spots(place, rungs));
    }

    /** Stains are met where the panel around them is clean, or is cleaned first. */
    private List<SpotWork> spots(Place place, List<Rung> rungs) {
      boolean cleaned = place.demand().isNone() || !rungs.isEmpty();
      return cleaned && !kind.stops() ? new Spots(book, judge, mixes).of(place) : List.of();
    }

    private List<Reason> handSaid(Place place) {
      if (kind.byHand().isEmpty()) {
        return List.of();
      }
      Treatment set = kind.byHand().get().treatment();
      return List.of(
          hand.isPresent()
              ? Endings.byHand(kind.byHand().get())
              : Endings.handRefused(judge.judge(place, set)));
    }

    private boolean spends() {
      return !search.spending().isEmpty();
    }
  }

  /** What is left of the soil after each pass of a treatment. */
  public SoilLeft soilLeft(Place place, Verdict verdict) {
    return SoilLeft.of(place, verdict, book.needs(), book.figures());
  }

  /** Why a cleaner is not what is done, and what would have to change. */
  public Why why(Place place, Product product, Shelf shelf) {
    return whatIf.product(place, product, shelf);
  }

  /** Why a tool is not what is done, and what would have to change. */
  public Why why(Place place, Tool tool, Shelf shelf) {
    return whatIf.tool(place, tool, shelf);
  }

  /** What stands against a set of needles, and the single changes that would bring it into tune. */
  public Why why(Place place, Treatment treatment, Shelf shelf) {
    return whatIf.needles(place, treatment, shelf);
  }

  /** Ratios of a product worth trying, from strongest to mildest. */
  public static List<Ratio> ratios(Product product) {
    return Mixes.ratios(product);
  }

  /** Judges one treatment, as when a needle is moved. */
  public Verdict judge(Place place, Treatment treatment) {
    return judge.judge(place, treatment);
  }

  /** Surface temperature during a pass with this warmth as help. */
  public Celsius temperature(Place place, Warmth warmth) {
    return judge.action().temperature(warmth, place.temperature());
  }

  /** The rack's needles and bands for a verdict. */
  public Rack rack(Place place, Verdict verdict) {
    return Rack.of(place, verdict, judge.action(), book.figures());
  }
}
