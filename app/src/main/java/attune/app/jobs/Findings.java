package attune.app.jobs;

import attune.app.format.JobFile;
import attune.app.format.JobFile.ConditionFile;
import attune.app.format.SchemaName;
import attune.app.format.Schemas;
import attune.app.format.SurfaceFile;
import attune.app.jobs.JobViews.Finding;
import attune.app.jobs.JobViews.Pair;
import attune.app.layouts.Layout;
import attune.core.check.Fault;
import attune.core.check.InvalidInputException;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Lays a finding on panels: those not surveyed yet start from their layout's usual properties. */
@Component
class Findings {
  private static final Phrases PHRASES = Phrases.of(Findings.class);

  private final Schemas schemas;
  private final JsonMapper mapper;

  Findings(Schemas schemas, JsonMapper mapper) {
    this.schemas = schemas;
    this.mapper = mapper;
  }

  /**
   * The surfaces after the finding.
   *
   * @throws InvalidInputException if a panel is not in the layout or a value is not one of the
   *     format's
   */
  List<SurfaceFile> apply(
      List<SurfaceFile> surfaces,
      Map<String, Layout.Panel> panels,
      List<String> ids,
      Finding finding) {
    Map<String, SurfaceFile> found =
        surfaces.stream().collect(Collectors.toMap(SurfaceFile::id, Function.identity()));
    List<SurfaceFile> after = new ArrayList<>(surfaces);
    for (String id : Set.copyOf(ids)) {
      after.removeIf(surface -> surface.id().equals(id));
      SurfaceFile before =
          Optional.ofNullable(found.get(id))
              .or(() -> Optional.ofNullable(panels.get(id)).map(Findings::unasked))
              .orElseThrow(
                  () ->
                      new InvalidInputException(
                          "/surfaceIds", "\"" + id + "\"", PHRASES.say("a-panel-of-the-layout")));
      if (!Boolean.TRUE.equals(finding.cleared())) {
        SurfaceFile start = Boolean.TRUE.equals(finding.usual()) ? usual(before, panels) : before;
        SurfaceFile with = with(start, finding);
        check(with);
        after.add(with);
      } else if (before.pieces() != null) {
        after.add(before.of(null).in(ConditionFile.UNASKED)); // still a piece of the sheet
      }
    }
    return Panels.sorted(after, panels);
  }

  /** Gaps answered with what the layout says is usual there; what is known stays. */
  private static SurfaceFile usual(SurfaceFile s, Map<String, Layout.Panel> panels) {
    Layout.Panel panel = panels.get(s.pieces() == null ? s.id() : s.pieces().get(0).panel());
    if (panel == null) {
      return s;
    }
    ConditionFile c = s.condition();
    return s.of(or(s.finish(), panel.guess()))
        .in(c.filledWith(likely(panel, "soil"), likely(panel, "wear")));
  }

  private static @Nullable String likely(Layout.Panel panel, String field) {
    return panel.likely().stream()
        .filter(likely -> likely.field().equals(field))
        .map(Layout.Likely::value)
        .findFirst()
        .orElse(null);
  }

  static SurfaceFile unasked(Layout.Panel panel) {
    return new SurfaceFile(
        panel.id(),
        panel.zone(),
        panel.part(),
        null,
        null,
        null,
        panel.texture(),
        panel.tone(),
        panel.areaM2(),
        panel.seamM(),
        null,
        panel.role(),
        panel.features(),
        panel.near(),
        ConditionFile.UNASKED,
        null,
        null,
        null,
        null,
        null,
        null);
  }

  private static SurfaceFile with(SurfaceFile s, Finding f) {
    ConditionFile c = s.condition();
    return new SurfaceFile(
        s.id(),
        s.zone(),
        s.part(),
        or(f.label(), s.label()),
        or(f.finish(), s.finish()),
        or(f.perforated(), s.perforated()),
        Objects.requireNonNullElse(f.texture(), s.texture()),
        Objects.requireNonNullElse(f.tone(), s.tone()),
        Objects.requireNonNullElse(f.areaM2(), s.areaM2()),
        or(f.seamM(), s.seamM()),
        or(f.ageMonths(), s.ageMonths()),
        s.role(),
        or(f.features(), s.features()),
        or(f.near(), s.near()),
        new ConditionFile(
            or(f.soil(), c.soil()),
            or(f.soils(), c.soils()),
            or(f.wear(), c.wear()),
            or(f.feel(), c.feel()),
            or(f.nap(), c.nap()),
            or(f.perforations(), c.perforations()),
            or(f.damage(), c.damage()),
            or(f.stainAgeDays(), c.stainAgeDays()),
            or(f.sheenGu(), c.sheenGu()),
            or(f.stains(), c.stains())),
        s.wishes(),
        or(f.surfaceTempC(), s.surfaceTempC()),
        s.history(),
        s.pieces(),
        s.byHand(),
        s.tried());
  }

  /**
   * The surfaces after copying what was found from one panel to another; where a panel is, how
   * large it is and what is built in stay its own.
   *
   * @throws InvalidInputException if a source is not surveyed or a target is not in the layout
   */
  List<SurfaceFile> copy(
      List<SurfaceFile> surfaces, Map<String, Layout.Panel> panels, List<Pair> pairs) {
    Map<String, SurfaceFile> found =
        surfaces.stream().collect(Collectors.toMap(SurfaceFile::id, Function.identity()));
    Map<String, SurfaceFile> after = new LinkedHashMap<>(found);
    for (int i = 0; i < pairs.size(); i++) {
      Pair pair = pairs.get(i);
      SurfaceFile from = found.get(pair.from());
      if (from == null) {
        throw new InvalidInputException(
            "/pairs/" + i + "/from", "\"" + pair.from() + "\"", PHRASES.say("a-surveyed-panel"));
      }
      SurfaceFile to =
          Optional.ofNullable(found.get(pair.to()))
              .or(() -> Optional.ofNullable(panels.get(pair.to())).map(Findings::unasked))
              .orElse(null);
      if (to == null) {
        throw new InvalidInputException(
            "/pairs/" + i + "/to", "\"" + pair.to() + "\"", PHRASES.say("a-panel-of-the-layout"));
      }
      after.put(to.id(), like(to, from));
    }
    return Panels.sorted(List.copyOf(after.values()), panels);
  }

  private static SurfaceFile like(SurfaceFile to, SurfaceFile from) {
    return new SurfaceFile(
        to.id(),
        to.zone(),
        to.part(),
        to.label(),
        from.finish(),
        from.perforated(),
        from.texture(),
        from.tone(),
        to.areaM2(),
        to.seamM(),
        from.ageMonths(),
        to.role(),
        to.features(),
        to.near(),
        from.condition(),
        from.wishes(),
        to.surfaceTempC(),
        to.history(),
        to.pieces(),
        to.byHand(),
        to.tried());
  }

  private static <T> @Nullable T or(@Nullable T value, @Nullable T before) {
    return value == null ? before : value;
  }

  /**
   * A draft may lack an answer, yet no answer given may be wrong: it is checked as a whole with the
   * gaps filled.
   */
  private void check(SurfaceFile draft) {
    JobFile job =
        new JobFile(
            "attune-job",
            1,
            null,
            null,
            JobFile.SettingFile.at("2026-01-01T08:00"),
            null,
            null,
            null,
            null,
            List.of(Answered.filled(draft)));
    List<Fault> faults =
        schemas.faults(SchemaName.JOB, mapper.valueToTree(job)).stream()
            .map(
                f ->
                    new Fault(
                        f.pointer().replace("/surfaces/0", "/finding").replace("/condition", ""),
                        f.found(),
                        f.allowed()))
            .toList();
    if (!faults.isEmpty()) {
      throw new InvalidInputException(faults);
    }
  }
}
