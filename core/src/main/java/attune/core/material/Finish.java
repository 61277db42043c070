package attune.core.material;

import attune.core.check.Coded;
import attune.core.reference.Table;
import attune.core.words.Phrases;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A finish and what it stands; a row of the finish table. pH is that of the liquid as it touches
 * the surface.
 *
 * @param code stable code, {@code family/kind}
 * @param routinePh window for regular work
 * @param occasionalPh wider window for short, rinsed work, or empty for none
 * @param wetMax most liquid laid per pass, g/m²
 * @param wetOn where liquid may be put
 * @param contactMaxMin most minutes before it must be off
 * @param agitationMax stiffest tool at normal hand pressure, 0 to 10
 * @param agitationHow how it may be worked
 * @param agitationMattedMax stiffest tool on damp, matted patches, where the finish has a nap
 * @param steamMaxC hottest surface under steam, or empty where steam never goes
 * @param cleanSheen range of a clean surface in GU at 60°, or empty where sheen says nothing
 * @param alkaliAllowance yearly allowance in µmol·min/l
 * @param foundAs roles on which an unidentified surface could be this finish
 * @param look what it looks and feels like, in a line
 * @param source where the row comes from
 */
public record Finish(
    String code,
    String name,
    PhWindow routinePh,
    Optional<PhWindow> occasionalPh,
    double wetMax,
    WetOn wetOn,
    double contactMaxMin,
    int agitationMax,
    AgitationHow agitationHow,
    Optional<Integer> agitationMattedMax,
    AbrasiveRule abrasive,
    SteamRule steam,
    Optional<Double> steamMaxC,
    SolventRule solvent,
    Optional<Sheen> cleanSheen,
    double alkaliAllowance,
    Set<Role> foundAs,
    String look,
    String source) {

  /** Where liquid may be put, from the freest to the strictest. */
  public enum WetOn implements Coded {
    SURFACE,
    TOOL,
    CLOTH
  }

  /** How the surface may be worked. */
  public enum AgitationHow implements Coded {
    ANY,
    DRY,
    BLOT
  }

  /** Whether an abrasive may touch it, from the freest to the strictest. */
  public enum AbrasiveRule implements Coded {
    SPOT,
    SPOT_PALE,
    NO
  }

  /** How much steam it stands, from the freest to the strictest. */
  public enum SteamRule implements Coded {
    YES,
    LIGHT,
    BRIEF,
    NO
  }

  /** Whether solvent may touch it, from the freest to the strictest. */
  public enum SolventRule implements Coded {
    SPOT,
    SPOT_TESTED,
    MAKER,
    NO
  }

  /** A sheen range in gloss units at 60°. */
  public record Sheen(double lowGu, double highGu) {}

  public Finish {
    foundAs = Set.copyOf(foundAs);
  }

  /** The part before the slash: {@code leather}, {@code vinyl}, {@code plastic} and so on. */
  public String family() {
    return code.substring(0, code.indexOf('/'));
  }

  private boolean isOf(String family) {
    return code.startsWith(family) && code.charAt(family.length()) == '/';
  }

  public boolean isHide() {
    return isOf("leather");
  }

  /** Hide or vinyl: the finishes whose coat can be worn through. */
  public boolean isCoatedTrim() {
    return isHide() || isVinyl();
  }

  public boolean isVinyl() {
    return isOf("vinyl");
  }

  public boolean isPlastic() {
    return isOf("plastic");
  }

  public boolean isTextile() {
    return isOf("textile");
  }

  /** Has no grain that a tool could fall short of, whatever a survey says. */
  public boolean isSmooth() {
    return hasNap()
        || switch (code) {
          case "screen/coated",
              "screen/clear-lens",
              "plastic/gloss",
              "metal/bright",
              "wood/lacquered",
              "paint/jamb",
              "textile/webbing",
              "textile/headliner" ->
              true;
          default -> false;
        };
  }

  /** Microsuede or nubuck: a nap that is brushed, blotted and never rubbed. */
  public boolean hasNap() {
    return isOf("microsuede") || code.equals("leather/nubuck");
  }

  /** True when a label's entry names this finish: its code, {@code family/*}, or {@code *}. */
  public boolean isNamedBy(String entry) {
    return entry.equals("*")
        || entry.equals(code)
        || (entry.endsWith("/*") && code.startsWith(entry.substring(0, entry.length() - 1)));
  }

  /** Reads one row of the table. */
  static Finish parse(Table.Row row) {
    return new Finish(
        row.text("code"),
        Phrases.marked(row.text("name")),
        new PhWindow(row.number("routine_ph_low"), row.number("routine_ph_high")),
        row.optional("occasional_ph_low").isBlank()
            ? Optional.empty()
            : Optional.of(
                new PhWindow(row.number("occasional_ph_low"), row.number("occasional_ph_high"))),
        row.number("wet_max_g_m2"),
        Coded.parse(WetOn.class, row.text("wet_on")),
        row.number("contact_max_min"),
        (int) row.number("agitation_max"),
        Coded.parse(AgitationHow.class, row.text("agitation_how")),
        row.optional("agitation_matted_max").isBlank()
            ? Optional.empty()
            : Optional.of((int) row.number("agitation_matted_max")),
        Coded.parse(AbrasiveRule.class, row.text("abrasive")),
        Coded.parse(SteamRule.class, row.text("steam")),
        row.optional("steam_max_c").isBlank()
            ? Optional.empty()
            : Optional.of(row.number("steam_max_c")),
        Coded.parse(SolventRule.class, row.text("solvent")),
        row.optional("sheen_low_gu").isBlank()
            ? Optional.empty()
            : Optional.of(new Sheen(row.number("sheen_low_gu"), row.number("sheen_high_gu"))),
        row.number("alkali_allowance_umol_min_l"),
        row.list("found_as").stream()
            .map(code -> Coded.parse(Role.class, code))
            .collect(Collectors.toSet()),
        Phrases.marked(row.text("look")),
        row.text("source"));
  }
}
