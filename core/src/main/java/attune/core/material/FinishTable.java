package attune.core.material;

import attune.core.reference.Table;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** All finishes by code, in the order of the table. */
public final class FinishTable {
  private static final Phrases PHRASES = Phrases.of(FinishTable.class);

  /** The code of a surface that has not been identified. */
  public static final String UNKNOWN = "unknown";

  private final Map<String, Finish> byCode = new LinkedHashMap<>();

  private FinishTable(List<Finish> rows) {
    for (Finish row : rows) {
      if (byCode.put(row.code(), row) != null) {
        throw new IllegalStateException("repeated finish " + row.code());
      }
    }
  }

  /**
   * Reads the table.
   *
   * @throws IllegalStateException naming file and line of the first bad row, or if no finish could
   *     stand for an unknown one
   */
  public static FinishTable read(String file, List<String> lines) {
    FinishTable table = new FinishTable(Table.read(file, lines, Finish::parse));
    for (Role role : Role.values()) {
      table.strictestFor(role);
    }
    return table;
  }

  public Optional<Finish> find(String code) {
    return Optional.ofNullable(byCode.get(code));
  }

  /**
   * The finish with this code.
   *
   * @throws IllegalStateException if there is none
   */
  public Finish get(String code) {
    return find(code).orElseThrow(() -> new IllegalStateException("no finish " + code));
  }

  public List<Finish> all() {
    return List.copyOf(byCode.values());
  }

  /**
   * What an unidentified surface of this role is treated as: the strictest of all it could be, on
   * every scale.
   */
  public Finish strictestFor(Role role) {
    List<Finish> possible =
        byCode.values().stream().filter(finish -> finish.foundAs().contains(role)).toList();
    if (possible.isEmpty()) {
      throw new IllegalStateException("no finish is found as " + role.code());
    }
    Finish strictest = possible.get(0);
    for (Finish next : possible.subList(1, possible.size())) {
      strictest = stricter(strictest, next);
    }
    return named(strictest, PHRASES.say("what-is-not-identified-yet"));
  }

  /** The stricter of two finishes on every scale at once. */
  public static Finish stricter(Finish a, Finish b) {
    PhWindow routine = narrower(a.routinePh(), b.routinePh());
    return new Finish(
        a.code(),
        a.name(),
        routine,
        bothOccasional(a, b).filter(window -> !window.equals(routine)),
        Math.min(a.wetMax(), b.wetMax()),
        later(a.wetOn(), b.wetOn()),
        Math.min(a.contactMaxMin(), b.contactMaxMin()),
        Math.min(a.agitationMax(), b.agitationMax()),
        a.agitationHow() == Finish.AgitationHow.ANY ? b.agitationHow() : a.agitationHow(),
        a.agitationMattedMax().flatMap(max -> b.agitationMattedMax().map(m -> Math.min(m, max))),
        later(a.abrasive(), b.abrasive()),
        later(a.steam(), b.steam()),
        a.steamMaxC().flatMap(max -> b.steamMaxC().map(m -> Math.min(m, max))),
        later(a.solvent(), b.solvent()),
        a.cleanSheen(),
        Math.min(a.alkaliAllowance(), b.alkaliAllowance()),
        a.foundAs(),
        a.look(),
        a.source());
  }

  private static Optional<PhWindow> bothOccasional(Finish a, Finish b) {
    List<PhWindow> windows = new ArrayList<>();
    a.occasionalPh().ifPresent(windows::add);
    b.occasionalPh().ifPresent(windows::add);
    return windows.size() < 2
        ? Optional.empty()
        : Optional.of(narrower(windows.get(0), windows.get(1)));
  }

  private static PhWindow narrower(PhWindow a, PhWindow b) {
    double low = Math.max(a.low(), b.low());
    return new PhWindow(low, Math.max(low, Math.min(a.high(), b.high())));
  }

  private static <E extends Enum<E>> E later(E a, E b) {
    return a.compareTo(b) >= 0 ? a : b;
  }

  private static Finish named(Finish f, String name) {
    return new Finish(
        UNKNOWN + "/" + UNKNOWN,
        name,
        f.routinePh(),
        f.occasionalPh(),
        f.wetMax(),
        f.wetOn(),
        f.contactMaxMin(),
        f.agitationMax(),
        f.agitationHow(),
        f.agitationMattedMax(),
        f.abrasive(),
        f.steam(),
        f.steamMaxC(),
        f.solvent(),
        Optional.empty(),
        f.alkaliAllowance(),
        f.foundAs(),
        PHRASES.say("not-told-apart-yet"),
        f.source());
  }
}
