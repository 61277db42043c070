package attune.app.jobs;

import attune.app.format.JobFile;
import attune.app.format.JobFile.ConditionFile;
import attune.app.format.JobFile.PieceFile;
import attune.app.format.SurfaceFile;
import attune.app.jobs.JobViews.NewPanel;
import attune.app.layouts.Layout;
import attune.app.layouts.Layout.Panel;
import attune.core.check.Coded;
import attune.core.check.InvalidInputException;
import attune.core.material.FinishTable;
import attune.core.survey.Condition.Level;
import attune.core.survey.Condition.Wear;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What panels the sheet of a job has: own ones added, others split, merged or removed. */
final class Panels {
  private static final Phrases PHRASES = Phrases.of(Panels.class);

  /** Zone and part of a panel of one's own. */
  private static final String OWN = "own";

  /** Below this no one works a piece by itself, m². */
  private static final double LEAST_M2 = 0.001;

  private static final double EDGE = 1e-6;

  /** Stands in where any panel will do. */
  private static final SurfaceFile SOME_SEAT =
      new SurfaceFile(
          "some-seat",
          OWN,
          OWN,
          null,
          null,
          null,
          "fine",
          "mid",
          0.2,
          null,
          null,
          "seat",
          null,
          null,
          ConditionFile.UNASKED,
          null,
          null,
          null,
          null,
          null,
          null);

  private Panels() {}

  /** In the order of the layout, whatever the order of asking; panels of one's own come last. */
  static List<SurfaceFile> sorted(List<SurfaceFile> surfaces, Map<String, Layout.Panel> panels) {
    List<String> order = List.copyOf(panels.keySet());
    return surfaces.stream()
        .sorted(
            Comparator.comparingInt((SurfaceFile s) -> place(s, order))
                .thenComparing(SurfaceFile::id))
        .toList();
  }

  private static int place(SurfaceFile s, List<String> order) {
    int at = order.indexOf(s.pieces() == null ? s.id() : s.pieces().get(0).panel());
    return at < 0 ? Integer.MAX_VALUE : at;
  }

  /** The surfaces with a panel of one's own, its id made from its name. */
  static List<SurfaceFile> add(List<SurfaceFile> surfaces, NewPanel panel) {
    String slug = panel.label().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
    String base = ("own-" + slug).replaceAll("-+$", "");
    List<SurfaceFile> after = new ArrayList<>(surfaces);
    after.add(
        new SurfaceFile(
            free(base, surfaces),
            OWN,
            OWN,
            panel.label().strip(),
            null,
            null,
            "fine",
            "mid",
            panel.areaM2(),
            panel.seamM(),
            null,
            panel.role(),
            null,
            null,
            ConditionFile.UNASKED,
            null,
            null,
            null,
            null,
            null,
            null));
    return after;
  }

  private static String free(String base, List<SurfaceFile> surfaces) {
    Set<String> taken = surfaces.stream().map(SurfaceFile::id).collect(Collectors.toSet());
    String id = base;
    for (int n = 2; taken.contains(id); n++) {
      id = base + "-" + n;
    }
    return id;
  }

  /**
   * The surfaces with one cut in two halves, each with its findings.
   *
   * @throws InvalidInputException if there is no such panel, or its halves would be too small
   */
  static List<SurfaceFile> split(
      List<SurfaceFile> surfaces,
      Map<String, Layout.Panel> panels,
      String id,
      Cut cut,
      Map<String, String> labels) {
    SurfaceFile whole = find(surfaces, panels, id);
    double half = whole.areaM2() / 2;
    if (half < LEAST_M2) {
      throw new InvalidInputException(
          "/surfaceId",
          PHRASES.say("a-panel-of-m", whole.areaM2()),
          PHRASES.say("one-of-m", 2 * LEAST_M2));
    }
    List<PieceFile> pieces = pieces(whole, panels);
    String name =
        labels.getOrDefault(id, panels.containsKey(id) ? panels.get(id).label() : whole.label());
    List<SurfaceFile> after = new ArrayList<>(surfaces);
    after.removeIf(surface -> surface.id().equals(id));
    for (int i = 0; i < 2; i++) {
      String word = cut.halves().get(i);
      int which = i;
      List<PieceFile> parts = pieces.stream().map(piece -> halfOf(piece, cut, which)).toList();
      after.add(
          whole.cut(
              free(id + "-" + word, after),
              Lists.facts(Objects.requireNonNullElse(name, ""), cut.words().get(i)),
              half,
              whole.seamM() == null ? null : whole.seamM() / 2,
              parts.isEmpty() ? null : parts));
    }
    return sorted(after, panels);
  }

  private static PieceFile halfOf(PieceFile p, Cut cut, int which) {
    return cut == Cut.ACROSS
        ? new PieceFile(p.panel(), p.x() + which * p.w() / 2, p.y(), p.w() / 2, p.h())
        : new PieceFile(p.panel(), p.x(), p.y() + which * p.h() / 2, p.w(), p.h() / 2);
  }

  /** A panel of one's own is not drawn on the layout and has no pieces. */
  private static List<PieceFile> pieces(SurfaceFile s, Map<String, Layout.Panel> panels) {
    if (s.pieces() != null) {
      return s.pieces();
    }
    return panels.containsKey(s.id()) ? List.of(new PieceFile(s.id(), 0, 0, 1, 1)) : List.of();
  }

  /**
   * The surfaces with one made of several: areas and seams add up, the worst of each finding
   * stands. Halves that make a whole layout panel again become it.
   *
   * @throws InvalidInputException if fewer than two, or not of one finish and role
   */
  static List<SurfaceFile> merge(
      List<SurfaceFile> surfaces,
      Map<String, Layout.Panel> panels,
      List<String> ids,
      Map<String, String> labels) {
    List<SurfaceFile> parts =
        new LinkedHashSet<>(ids).stream().map(id -> find(surfaces, panels, id)).toList();
    if (parts.size() < 2) {
      throw new InvalidInputException(
          "/surfaceIds", PHRASES.say("panel", ids.size()), PHRASES.say("two-or-more-panels"));
    }
    same(parts, SurfaceFile::finish, "finish");
    same(parts, SurfaceFile::role, "role");
    List<PieceFile> pieces =
        joined(parts.stream().flatMap(part -> pieces(part, panels).stream()).toList());
    SurfaceFile first = parts.get(0);
    double area = parts.stream().mapToDouble(SurfaceFile::areaM2).sum();
    double seam = parts.stream().mapToDouble(s -> s.seamM() == null ? 0 : s.seamM()).sum();
    List<SurfaceFile> after = new ArrayList<>(surfaces);
    after.removeIf(surface -> ids.contains(surface.id()));
    boolean wholePanel = pieces.size() == 1 && pieces.get(0).w() == 1 && pieces.get(0).h() == 1;
    SurfaceFile merged =
        wholePanel
            ? first.cut(pieces.get(0).panel(), null, area, seam, null)
            : first.cut(
                first.id(),
                PHRASES.say("and-more", name(first, panels, labels), parts.size() - 1),
                area,
                seam,
                pieces.isEmpty() ? null : pieces);
    after.add(merged.in(worst(parts.stream().map(SurfaceFile::condition).toList())));
    return sorted(after, panels);
  }

  private static String name(
      SurfaceFile s, Map<String, Layout.Panel> panels, Map<String, String> labels) {
    String layout = panels.containsKey(s.id()) ? panels.get(s.id()).label() : s.id();
    return labels.getOrDefault(s.id(), layout);
  }

  private static void same(
      List<SurfaceFile> parts, Function<SurfaceFile, String> field, String what) {
    Set<String> values =
        parts.stream().map(field).filter(Objects::nonNull).collect(Collectors.toSet());
    if (values.size() > 1) {
      throw new InvalidInputException(
          "/surfaceIds",
          what + " " + Lists.facts(new java.util.TreeSet<>(values)),
          PHRASES.say("panels-of-one", what));
    }
  }

  /** Pieces of one panel that share a whole edge become one. */
  private static List<PieceFile> joined(List<PieceFile> pieces) {
    List<PieceFile> left = new ArrayList<>(pieces);
    for (int i = 0; i < left.size(); i++) {
      for (int j = 0; j < left.size(); j++) {
        Optional<PieceFile> one = i == j ? Optional.empty() : join(left.get(i), left.get(j));
        if (one.isPresent()) {
          left.set(Math.min(i, j), one.get());
          left.remove(Math.max(i, j));
          return joined(left);
        }
      }
    }
    return left;
  }

  private static Optional<PieceFile> join(PieceFile a, PieceFile b) {
    if (!a.panel().equals(b.panel())) {
      return Optional.empty();
    }
    if (near(a.y(), b.y()) && near(a.h(), b.h()) && near(a.x() + a.w(), b.x())) {
      return Optional.of(new PieceFile(a.panel(), a.x(), a.y(), a.w() + b.w(), a.h()));
    }
    if (near(a.x(), b.x()) && near(a.w(), b.w()) && near(a.y() + a.h(), b.y())) {
      return Optional.of(new PieceFile(a.panel(), a.x(), a.y(), a.w(), a.h() + b.h()));
    }
    return Optional.empty();
  }

  private static boolean near(double a, double b) {
    return Math.abs(a - b) < EDGE;
  }

  private static ConditionFile worst(List<ConditionFile> all) {
    ConditionFile first = all.get(0);
    return new ConditionFile(
        worst(Level.class, all, ConditionFile::soil),
        union(all, ConditionFile::soils),
        worst(Wear.class, all, ConditionFile::wear),
        first.feel(),
        first.nap(),
        first.perforations(),
        union(all, ConditionFile::damage),
        all.stream()
            .map(ConditionFile::stainAgeDays)
            .filter(Objects::nonNull)
            .max(Comparator.naturalOrder())
            .orElse(null),
        first.sheenGu(),
        union(all, ConditionFile::stains));
  }

  private static <E extends Enum<E> & Coded> @Nullable String worst(
      Class<E> type, List<ConditionFile> all, Function<ConditionFile, String> field) {
    return all.stream()
        .map(field)
        .filter(Objects::nonNull)
        .map(code -> Coded.parse(type, code))
        .max(Comparator.naturalOrder())
        .map(Coded::code)
        .orElse(null);
  }

  private static <T> @Nullable List<T> union(
      List<ConditionFile> all, Function<ConditionFile, List<T>> field) {
    List<T> codes =
        all.stream()
            .map(field)
            .flatMap(list -> list == null ? Stream.empty() : list.stream())
            .distinct()
            .toList();
    return codes.isEmpty() ? null : codes;
  }

  /**
   * The job without some panels: the layout's are noted as not there, one's own are gone.
   *
   * @throws InvalidInputException if there is no such panel
   */
  static JobFile remove(JobFile job, Map<String, Layout.Panel> panels, List<String> ids) {
    Set<String> gone = new LinkedHashSet<>(without(job));
    Set<String> removed = new HashSet<>(ids);
    for (String id : ids) {
      pieces(find(job.surfaces(), panels, id), panels).forEach(piece -> gone.add(piece.panel()));
    }
    List<SurfaceFile> left =
        job.surfaces().stream()
            .filter(s -> !removed.contains(s.id()))
            .filter(s -> pieces(s, panels).stream().noneMatch(p -> gone.contains(p.panel())))
            .toList();
    JobFile rest = job.with(left);
    return job.vehicle() == null ? rest : rest.with(job.vehicle().lacking(List.copyOf(gone)));
  }

  /** A panel with its gaps filled by the layout's guesses; any panel for null. */
  static SurfaceFile likely(JobFile job, Map<String, Layout.Panel> panels, @Nullable String id) {
    SurfaceFile known =
        id == null
            ? job.surfaces().stream().findFirst().orElse(SOME_SEAT)
            : find(job.surfaces(), panels, id);
    Layout.Panel panel =
        panels.get(known.pieces() == null ? known.id() : known.pieces().get(0).panel());
    boolean told = known.finish() != null && !known.finish().equals(FinishTable.UNKNOWN);
    String finish = told ? known.finish() : panel == null ? "leather/coated" : panel.guess();
    return known.of(finish).in(known.condition().filledWith(soil(panel), "intact"));
  }

  private static @Nullable String soil(@Nullable Panel panel) {
    return panel == null
        ? "moderate"
        : panel.likely().stream()
            .filter(likely -> likely.isOf(Layout.Likely.Field.SOIL))
            .map(Layout.Likely::value)
            .findFirst()
            .orElse("moderate");
  }

  private static SurfaceFile find(
      List<SurfaceFile> surfaces, Map<String, Layout.Panel> panels, String id) {
    return surfaces.stream()
        .filter(surface -> surface.id().equals(id))
        .findFirst()
        .or(() -> Optional.ofNullable(panels.get(id)).map(Findings::unasked))
        .orElseThrow(
            () ->
                new InvalidInputException(
                    "/surfaceIds", "\"" + id + "\"", PHRASES.say("a-panel-of-the-layout")));
  }

  private static List<String> without(JobFile job) {
    return job.vehicle() == null || job.vehicle().without() == null
        ? List.of()
        : job.vehicle().without();
  }
}
