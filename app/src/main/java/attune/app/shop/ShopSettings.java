package attune.app.shop;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/**
 * What is the same for all of a shop's jobs.
 *
 * @param tapPh pH of the tap water
 * @param alkalinity of the tap water, mmol/l
 * @param deionised true when mixes are made with de-ionised water instead
 * @param locale language tag that dates are written in
 * @param opens and {@code closes}, hours of the day, HH:MM
 * @param closed days of the week it is closed, none where left out
 * @param triggerMl what one stroke of the shop's triggers gives
 * @param breaks rests of the people at work, the usual ones where left out
 * @param papers what stands on a paper beside the name
 * @param selling what is sold together, and what coming to a car costs; the usual where left out
 * @param houseRules schools other than the defaults, by rule; left out, those kept stay
 */
public record ShopSettings(
    @NotNull(message = "{a-name-possibly-empty}")
        @Size(max = 120, message = "{at-most-120-characters}")
        String name,
    @DecimalMin(value = "5", message = "{5-to-10}") @DecimalMax(value = "10", message = "{5-to-10}")
        double tapPh,
    @DecimalMin(value = "0", message = "{0-to-10-mmol-l}")
        @DecimalMax(value = "10", message = "{0-to-10-mmol-l}")
        double alkalinity,
    boolean deionised,
    @NotNull(message = "{metric-or-us}") @Pattern(regexp = "metric|us", message = "{metric-or-us}")
        String units,
    @NotNull(message = "{a-currency}")
        @Pattern(regexp = "[A-Z]{3}", message = "{three-capital-letters-such-as-eur}")
        String currency,
    @NotNull(message = "{a-language}")
        @Pattern(
            regexp = "en-GB|en-US|de-DE|fr-FR|es-ES|it-IT|nl-NL|sv-SE",
            message = "{one-of-en-gb-en-us}")
        String locale,
    @NotNull(message = "{a-time-hh-mm}") @Pattern(regexp = TIME, message = "{a-time-hh-mm}")
        String opens,
    @NotNull(message = "{a-time-hh-mm}") @Pattern(regexp = TIME, message = "{a-time-hh-mm}")
        String closes,
    @Nullable @Size(max = 6, message = "{at-most-six-days}")
        List<@Pattern(regexp = DAY, message = "{monday-to-sunday}") String> closed,
    @DecimalMin(value = "0.2", message = "{0-2-to-5-ml}")
        @DecimalMax(value = "5", message = "{0-2-to-5-ml}")
        double triggerMl,
    @NotEmpty(message = "{at-least-one-person}") @Size(max = 40, message = "{at-most-40-people}")
        List<@Valid @NotNull(message = "{a-person}") Person> people,
    @Nullable
        @DecimalMin(value = "0", message = "{0-to-10-000}")
        @DecimalMax(value = "10000", message = "{0-to-10-000}")
        Double hourlyRate,
    @Nullable
        @DecimalMin(value = "0", message = "{0-to-50}")
        @DecimalMax(value = "50", message = "{0-to-50}")
        Double taxPercent,
    @Nullable Map<String, String> houseRules,
    @Nullable @Valid Papers papers,
    @Nullable @Valid Breaks breaks,
    @Nullable @Valid Selling selling,
    @Nullable Integer version) {
  private static final String DAY = "monday|tuesday|wednesday|thursday|friday|saturday|sunday";
  private static final String TIME = "([01][0-9]|2[0-3]):[0-5][0-9]";

  /**
   * Somebody who works there.
   *
   * @param coats whether they may lay a coating
   * @param comes when, where that is not with the shop's opening
   * @param goes when, where that is not with its closing
   * @param off days of the week they do not work, besides those the shop is closed
   * @param member who it is of those who sign in, whose name it has; none for others
   * @param formerly what they were called before
   */
  public record Person(
      @NotBlank(message = "{a-name}") @Size(max = 80, message = "{at-most-80-characters}")
          String name,
      boolean coats,
      @Nullable @Pattern(regexp = TIME, message = "{a-time-hh-mm}") String comes,
      @Nullable @Pattern(regexp = TIME, message = "{a-time-hh-mm}") String goes,
      @Nullable @Size(max = 6, message = "{at-most-six-days}")
          List<@Pattern(regexp = DAY, message = "{monday-to-sunday}") String> off,
      @Nullable UUID member,
      @Nullable @Size(max = 20, message = "{at-most-20-names}")
          List<
                  @NotBlank(message = "{a-name}")
                  @Size(max = 80, message = "{at-most-80-characters}") String>
              formerly) {
    public Person(String name, boolean coats, @Nullable String comes, @Nullable String goes) {
      this(name, coats, comes, goes, null, null, null);
    }

    /** The same person signing in as one of the members, or not at all. */
    Person signingIn(@Nullable UUID as) {
      return new Person(name, coats, comes, goes, off, as, formerly);
    }

    /** The same person under another name. */
    Person called(String other) {
      if (other.equals(name)) {
        return this;
      }
      Set<String> before = new LinkedHashSet<>(earlierNames());
      before.add(name);
      before.remove(other);
      return new Person(other, coats, comes, goes, off, member, List.copyOf(before));
    }

    List<String> earlierNames() {
      return formerly == null ? List.of() : formerly;
    }
  }

  /**
   * What stands on every paper the shop sends.
   *
   * @param contact telephone, address on the net
   * @param terms the shop's own line at the foot
   * @param quoteDays days a quote is good for, 30 where left out
   */
  public record Papers(
      @Nullable @Size(max = 300, message = "{at-most-300-characters}") String address,
      @Nullable @Size(max = 200, message = "{at-most-200-characters}") String contact,
      @Nullable @Size(max = 800, message = "{at-most-800-characters}") String terms,
      @Nullable
          @Min(value = 1, message = "{1-to-365-days}")
          @Max(value = 365, message = "{1-to-365-days}")
          Integer quoteDays) {}

  /**
   * Rests, as a job may set its own.
   *
   * @param everyMin hands-on minutes between two at most
   * @param min how long one is
   */
  public record Breaks(
      @Min(value = 30, message = "{30-to-240-minutes}")
          @Max(value = 240, message = "{30-to-240-minutes}")
          int everyMin,
      @Min(value = 5, message = "{5-to-60-minutes}") @Max(value = 60, message = "{5-to-60-minutes}")
          int min) {}

  /**
   * What is sold.
   *
   * @param calledOut for coming to a car, each day, before tax
   * @param perKm a kilometre there and back, before tax
   * @param levels the first the least
   */
  public record Selling(
      @Nullable
          @DecimalMin(value = "0", message = "{0-to-10-000}")
          @DecimalMax(value = "10000", message = "{0-to-10-000}")
          Double calledOut,
      @Nullable
          @DecimalMin(value = "0", message = "{0-to-100}")
          @DecimalMax(value = "100", message = "{0-to-100}")
          Double perKm,
      @Nullable @Size(min = 1, max = 6, message = "{one-to-six-levels}")
          List<@Valid @NotNull(message = "{a-level}") Level> levels) {
    static final Selling USUAL =
        new Selling(
            null,
            null,
            List.of(
                new Level(
                    "Refresh",
                    List.of("shield-young-hide", "care-older-hide", "coating", "dressing")),
                new Level("Deep", List.of("shield-young-hide", "coating")),
                new Level("Deep and protect", List.of())));
  }

  /**
   * A level customers choose from.
   *
   * @param leavesOut packages that are not in it
   */
  public record Level(
      @NotBlank(message = "{a-name}") @Size(max = 40, message = "{at-most-40-characters}")
          String name,
      @NotNull(message = "{packages-maybe-none}")
          @Size(max = 5, message = "{at-most-five-packages}")
          List<
                  @NotNull(message = "{a-package}")
                  @Pattern(
                      regexp = "textiles|shield-young-hide|care-older-hide|coating|dressing",
                      message = "{one-of-the-packages}")
                  String>
              leavesOut) {}

  /** A shop that has set nothing yet. */
  static ShopSettings usual(String name) {
    return new ShopSettings(
        name,
        7.4,
        2.5,
        false,
        "metric",
        "EUR",
        "en-GB",
        "08:00",
        "19:00",
        null,
        1.0,
        List.of(new Person("Specialist", true, null, null)),
        null,
        null,
        Map.of(),
        null,
        null,
        null,
        null);
  }

  /** What is sold together, the least first. */
  public List<Level> levels() {
    return selling == null || selling.levels() == null ? List.of() : selling.levels();
  }

  ShopSettings at(int newVersion) {
    return with(people, hourlyRate, taxPercent, houseRules, papers, breaks, selling, newVersion);
  }

  /** The same shop holding to other schools. */
  ShopSettings holding(@Nullable Map<String, String> schools) {
    return with(people, hourlyRate, taxPercent, schools, papers, breaks, selling, version);
  }

  /** The same shop with this on its papers. */
  public ShopSettings sending(Papers letterhead) {
    return with(people, hourlyRate, taxPercent, houseRules, letterhead, breaks, selling, version);
  }

  /** The same shop with these rests, where it has set none. */
  ShopSettings resting(Breaks usual) {
    return breaks != null
        ? this
        : with(people, hourlyRate, taxPercent, houseRules, papers, usual, selling, version);
  }

  /** The same shop selling so. */
  public ShopSettings selling(Selling sold) {
    return with(people, hourlyRate, taxPercent, houseRules, papers, breaks, sold, version);
  }

  /** The same shop with the usual levels, where it has named none. */
  ShopSettings sellingSomething() {
    if (selling == null) {
      return selling(Selling.USUAL);
    }
    return selling.levels() != null
        ? this
        : selling(new Selling(selling.calledOut(), selling.perKm(), Selling.USUAL.levels()));
  }

  /** The same shop with other people. */
  ShopSettings staffed(List<Person> others) {
    return staffed(others, hourlyRate, taxPercent);
  }

  /** The same shop with other people, at other prices. */
  public ShopSettings staffed(List<Person> others, @Nullable Double rate, @Nullable Double tax) {
    return with(others, rate, tax, houseRules, papers, breaks, selling, version);
  }

  private ShopSettings with(
      List<Person> others,
      @Nullable Double rate,
      @Nullable Double tax,
      @Nullable Map<String, String> schools,
      @Nullable Papers letterhead,
      @Nullable Breaks rests,
      @Nullable Selling sold,
      @Nullable Integer newVersion) {
    return new ShopSettings(
        name,
        tapPh,
        alkalinity,
        deionised,
        units,
        currency,
        locale,
        opens,
        closes,
        closed,
        triggerMl,
        others,
        rate,
        tax,
        schools,
        letterhead,
        rests,
        sold,
        newVersion);
  }
}
