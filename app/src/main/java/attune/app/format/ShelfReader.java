package attune.app.format;

import attune.app.format.ShelfFile.PackFile;
import attune.app.format.ShelfFile.ProductFile;
import attune.app.format.ShelfFile.SecondsFile;
import attune.app.format.ShelfFile.ToolFile;
import attune.core.check.Coded;
import attune.core.check.Fault;
import attune.core.check.InvalidInputException;
import attune.core.material.Texture;
import attune.core.measure.DilutedPh;
import attune.core.measure.PhNature;
import attune.core.measure.Ratio;
import attune.core.shelf.Product;
import attune.core.shelf.Product.Film;
import attune.core.shelf.Product.Form;
import attune.core.shelf.Product.LabelRatios;
import attune.core.shelf.Product.Pack;
import attune.core.shelf.Product.Trait;
import attune.core.shelf.Product.Waits;
import attune.core.shelf.ProductRole;
import attune.core.shelf.Shelf;
import attune.core.shelf.Slip;
import attune.core.shelf.Soil;
import attune.core.shelf.Span;
import attune.core.shelf.Tool;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Turns attune-shelf records into the core's products and tools, refusing what the schema alone
 * cannot see.
 */
@Component
public class ShelfReader {
  private static final Phrases PHRASES = Phrases.of(ShelfReader.class);

  private final Schemas schemas;
  private final JsonMapper mapper;

  public ShelfReader(Schemas schemas, JsonMapper mapper) {
    this.schemas = schemas;
    this.mapper = mapper;
  }

  /**
   * Reads a whole shelf file.
   *
   * @throws InvalidInputException with every fault found
   */
  public Shelf read(String json) {
    ShelfFile file = mapper.treeToValue(schemas.read(SchemaName.SHELF, json), ShelfFile.class);
    List<Fault> faults = new ArrayList<>();
    List<Product> products = new ArrayList<>();
    List<Tool> tools = new ArrayList<>();
    List<ProductFile> productFiles = orEmpty(file.products());
    for (int i = 0; i < productFiles.size(); i++) {
      product(productFiles.get(i), "/products/" + i, faults).ifPresent(products::add);
    }
    List<ToolFile> toolFiles = orEmpty(file.tools());
    for (int i = 0; i < toolFiles.size(); i++) {
      tools.add(tool(toolFiles.get(i)));
    }
    unique(products.stream().map(Product::id).toList(), "/products", faults);
    unique(tools.stream().map(Tool::id).toList(), "/tools", faults);
    if (!faults.isEmpty()) {
      throw new InvalidInputException(faults);
    }
    return new Shelf(products, tools);
  }

  /** Reads one product record; a fault is added and empty returned when it makes no sense. */
  Optional<Product> product(JsonNode node, String pointer, List<Fault> faults) {
    return product(mapper.treeToValue(node, ProductFile.class), pointer, faults);
  }

  /** Reads one tool record. */
  Tool tool(JsonNode node) {
    return tool(mapper.treeToValue(node, ToolFile.class));
  }

  static void unique(List<String> ids, String pointer, List<Fault> faults) {
    Set<String> seen = new HashSet<>();
    for (int i = 0; i < ids.size(); i++) {
      if (!seen.add(ids.get(i))) {
        faults.add(
            new Fault(
                pointer + "/" + i + "/id",
                PHRASES.say("a-second-time", ids.get(i)),
                PHRASES.say("an-id-once")));
      }
    }
  }

  private Optional<Product> product(ProductFile f, String pointer, List<Fault> faults) {
    int before = faults.size();
    Optional<LabelRatios> label = label(f, pointer, faults);
    List<DilutedPh.Measured> measured = new ArrayList<>();
    List<ShelfFile.PhMeasuredFile> pens = orEmpty(f.phMeasured());
    for (int i = 0; i < pens.size(); i++) {
      var m = pens.get(i);
      ratio(m.ratio(), pointer + "/phMeasured/" + i + "/ratio", faults)
          .ifPresent(r -> measured.add(new DilutedPh.Measured(r, m.ph())));
    }
    Optional<Span> dwell = span(f.dwellS(), pointer + "/dwellS", faults);
    Optional<Span> flash = span(f.flashS(), pointer + "/flashS", faults);
    Optional<LocalDate> opened = date(f.openedOn(), pointer + "/openedOn", faults);
    if (faults.size() > before) {
      return Optional.empty();
    }
    return Optional.of(
        new Product(
            f.id(),
            f.name(),
            f.maker() == null ? "" : f.maker(),
            codes(ProductRole.class, f.roles()),
            code(Form.class, f.form(), Form.LIQUID),
            label.orElse(LabelRatios.READY),
            new DilutedPh.Known(
                Optional.ofNullable(f.ph()),
                Optional.ofNullable(f.phNature()).map(n -> Coded.parse(PhNature.class, n)),
                measured),
            Optional.ofNullable(f.strength()),
            codes(Soil.class, f.goodAt()),
            Unsaid.solventPercent(f),
            traits(f),
            orEmpty(f.labelAllows()),
            orEmpty(f.labelExcludes()),
            dwell,
            code(Film.class, f.leavesFilm(), Unsaid.film(f)),
            code(Slip.class, f.slip(), Unsaid.slip(f)),
            Optional.ofNullable(f.sheenChangeGu()),
            Optional.ofNullable(f.doseMlPerM2()),
            new Waits(
                flash,
                Optional.ofNullable(f.absorbS()),
                Optional.ofNullable(f.waitBeforeNextS()),
                Optional.ofNullable(f.sitAfterS()),
                Optional.ofNullable(f.fullCureS())),
            f.coatsMax() == null ? 1 : f.coatsMax(),
            Optional.ofNullable(f.lifeDays()),
            Optional.ofNullable(f.pack()).map(ShelfReader::pack),
            Optional.ofNullable(f.onHandMl()),
            opened,
            Optional.ofNullable(f.shelfLifeOpenDays()),
            orEmpty(f.hazards())));
  }

  private static Pack pack(PackFile f) {
    return new Pack(f.ml(), f.priceMinor(), f.currency());
  }

  private static Optional<LabelRatios> label(ProductFile f, String pointer, List<Fault> faults) {
    boolean concentrate = "concentrate".equals(f.supply());
    if (f.labelRatios() == null) {
      if (concentrate) {
        faults.add(
            new Fault(
                pointer + "/labelRatios",
                Fault.NOTHING,
                PHRASES.say("the-labels-ratios-since-it")));
      }
      return Optional.empty();
    }
    if (!concentrate) {
      faults.add(
          new Fault(pointer + "/labelRatios", "ratios", PHRASES.say("none-since-it-is-supplied")));
      return Optional.empty();
    }
    String at = pointer + "/labelRatios/";
    Optional<Ratio> standard = ratio(f.labelRatios().standard(), at + "default", faults);
    Optional<Ratio> mildest =
        optionalRatio(f.labelRatios().mildest(), standard, at + "mildest", faults);
    Optional<Ratio> strongest =
        optionalRatio(f.labelRatios().strongest(), standard, at + "strongest", faults);
    if (standard.isEmpty() || mildest.isEmpty() || strongest.isEmpty()) {
      return Optional.empty();
    }
    LabelRatios label = new LabelRatios(mildest.get(), standard.get(), strongest.get());
    if (!label.allows(label.standard())) {
      faults.add(
          new Fault(
              at + "default",
              "\"" + f.labelRatios().standard() + "\"",
              PHRASES.say(
                  "a-ratio-from-strongest-to", label.strongest().code(), label.mildest().code())));
      return Optional.empty();
    }
    return Optional.of(label);
  }

  private static Optional<Ratio> optionalRatio(
      @Nullable String text, Optional<Ratio> whenAbsent, String pointer, List<Fault> faults) {
    return text == null ? whenAbsent : ratio(text, pointer, faults);
  }

  static Optional<Ratio> ratio(@Nullable String text, String pointer, List<Fault> faults) {
    try {
      return Optional.of(Ratio.parse(String.valueOf(text)));
    } catch (InvalidInputException e) {
      e.faults()
          .forEach(fault -> faults.add(new Fault(pointer, "\"" + text + "\"", fault.allowed())));
      return Optional.empty();
    }
  }

  private static Optional<Span> span(@Nullable SecondsFile f, String pointer, List<Fault> faults) {
    if (f == null) {
      return Optional.empty();
    }
    if (f.max() < f.min()) {
      faults.add(
          new Fault(
              pointer + "/max", String.valueOf(f.max()), PHRASES.say("at-least-min", f.min())));
      return Optional.empty();
    }
    return Optional.of(new Span(f.min(), f.max()));
  }

  static Optional<LocalDate> date(@Nullable String text, String pointer, List<Fault> faults) {
    if (text == null) {
      return Optional.empty();
    }
    try {
      return Optional.of(LocalDate.parse(text));
    } catch (DateTimeException e) {
      faults.add(new Fault(pointer, "\"" + text + "\"", PHRASES.say("a-day-of-the-calendar")));
      return Optional.empty();
    }
  }

  private static Set<Trait> traits(ProductFile f) {
    EnumSet<Trait> traits = EnumSet.noneOf(Trait.class);
    add(traits, Trait.ABRASIVE, f.abrasive());
    add(traits, Trait.BLEACH, f.bleach());
    add(traits, Trait.AMMONIA, f.ammonia());
    add(traits, Trait.ACID, f.acid());
    add(traits, Trait.PEROXIDE, f.peroxide());
    add(traits, Trait.NEEDS_RINSE, f.needsRinse());
    add(traits, Trait.COATING_SAFE, f.coatingSafe());
    add(traits, Trait.UV, f.uv());
    add(traits, Trait.DYE_BARRIER, f.dyeBarrier());
    add(traits, Trait.HOUSEHOLD, f.household());
    add(traits, Trait.QUATS, f.quats());
    add(traits, Trait.ANIONIC, f.anionic());
    add(traits, Trait.FLAMMABLE, f.flammable());
    add(traits, Trait.SCENTED, f.scented());
    add(traits, Trait.SCENT_UNSAID, f.scented() == null);
    add(traits, Trait.AEROSOL, Unsaid.aerosol(f));
    add(traits, Trait.SLIP_UNSAID, f.slip() == null && Unsaid.slip(f) != Slip.NONE);
    add(traits, Trait.FILM_UNSAID, f.leavesFilm() == null && Unsaid.film(f) != Film.NONE);
    add(traits, Trait.SOLVENT_UNSAID, f.solventPercent() == null && Unsaid.solventPercent(f) > 0);
    return traits;
  }

  private static void add(Set<Trait> traits, Trait trait, @Nullable Boolean holds) {
    if (Boolean.TRUE.equals(holds)) {
      traits.add(trait);
    }
  }

  private static Tool tool(ToolFile f) {
    return new Tool(
        f.id(),
        f.name(),
        Coded.parse(Tool.Kind.class, f.kind()),
        Unsaid.stiffness(f),
        code(Texture.class, f.reach(), Texture.FINE),
        code(Tool.Droplets.class, f.throwsDroplets(), Tool.Droplets.NONE),
        Unsaid.abrasive(f),
        Unsaid.dyed(f),
        Optional.ofNullable(f.timesWashed()),
        Optional.ofNullable(f.retainsMl()),
        Boolean.TRUE.equals(f.barrierBacked()),
        Optional.ofNullable(f.count()),
        codes(Tool.Suits.class, f.suits()),
        Optional.ofNullable(f.contactCm2()));
  }

  static <E extends Enum<E> & Coded> E code(Class<E> type, @Nullable String code, E whenAbsent) {
    return code == null ? whenAbsent : Coded.parse(type, code);
  }

  static <E extends Enum<E> & Coded> Set<E> codes(Class<E> type, @Nullable List<String> codes) {
    return orEmpty(codes).stream().map(code -> Coded.parse(type, code)).collect(Collectors.toSet());
  }

  static <T> List<T> orEmpty(@Nullable List<T> list) {
    return list == null ? List.of() : list;
  }
}
