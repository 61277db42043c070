package attune.app.format;

import static attune.app.format.ShelfReader.code;
import static attune.app.format.ShelfReader.codes;
import static attune.app.format.ShelfReader.orEmpty;

import attune.app.format.JobFile.ArrangementFile;
import attune.app.format.JobFile.SettingFile;
import attune.app.format.JobFile.ShelfChoiceFile;
import attune.app.format.JobFile.WishesFile;
import attune.core.check.Coded;
import attune.core.check.Fault;
import attune.core.check.InvalidInputException;
import attune.core.measure.Air;
import attune.core.measure.Celsius;
import attune.core.plan.Arrangement;
import attune.core.plan.Omission;
import attune.core.plan.PartOnOrder;
import attune.core.plan.UsualHours;
import attune.core.reference.Figures;
import attune.core.schedule.Worker;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import attune.core.shelf.Tool;
import attune.core.survey.Craft;
import attune.core.survey.HouseRules;
import attune.core.survey.Job;
import attune.core.survey.Setting;
import attune.core.survey.Surface;
import attune.core.survey.Wishes;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.time.DateTimeException;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Turns an attune-job file into the core's job, with every default of the format, refusing what the
 * schema alone cannot see.
 */
@Component
public class JobReader {
  private static final Phrases PHRASES = Phrases.of(JobReader.class);

  private final Schemas schemas;
  private final ShelfReader shelves;
  private final JsonMapper mapper;

  public JobReader(Schemas schemas, ShelfReader shelves, JsonMapper mapper) {
    this.schemas = schemas;
    this.shelves = shelves;
    this.mapper = mapper;
  }

  /**
   * Reads a job.
   *
   * @param json the file's text
   * @param shelf what a job without a list of its own may use, and what ids refer to
   * @param rules house rules in force where the job says nothing
   * @throws InvalidInputException with every fault found
   */
  public Job read(String json, Shelf shelf, HouseRules rules) {
    return read(bind(json), shelf, rules);
  }

  /**
   * A job's text as a document.
   *
   * @throws InvalidInputException with every fault of its form
   */
  public JobFile bind(String json) {
    return mapper.treeToValue(schemas.read(SchemaName.JOB, json), JobFile.class);
  }

  /** As {@link #read(String, Shelf, HouseRules)}, for a document already bound. */
  public Job read(JobFile file, Shelf shelf, HouseRules rules) {
    List<Fault> faults = new ArrayList<>();
    Optional<Setting> setting = setting(file.setting(), faults);
    coaters(file, faults);
    HouseRules chosen = houseRules(file.houseRules(), rules, faults);
    WishesFile house = new WishesFile(sheen(chosen), null, null, null);
    WishesFile wished = merged(file.wishes(), house);
    Wishes wishes = wishes(wished, house);
    Shelf usable = shelf(file.shelf(), shelf, faults);
    List<Surface> surfaces = new ArrayList<>();
    for (int i = 0; i < file.surfaces().size(); i++) {
      SurfaceReader.surface(file.surfaces().get(i), wished, "/surfaces/" + i, faults)
          .ifPresent(surfaces::add);
    }
    ShelfReader.unique(file.surfaces().stream().map(SurfaceFile::id).toList(), "/surfaces", faults);
    if (!faults.isEmpty()) {
      throw new InvalidInputException(faults);
    }
    String title = file.title() == null ? "" : file.title();
    boolean known = file.vehicle() != null && Boolean.TRUE.equals(file.vehicle().historyKnown());
    return new Job(
        title, setting.orElseThrow(), wishes, chosen, usable, craft(file), known, surfaces);
  }

  /** The house's sheen where the customer wishes none; a fault of the rules is told elsewhere. */
  private static @Nullable String sheen(HouseRules rules) {
    return Coded.find(Wishes.Sheen.class, rules.school("sheen")).map(Coded::code).orElse(null);
  }

  private static WishesFile merged(@Nullable WishesFile own, WishesFile house) {
    return own == null ? house : own.or(house);
  }

  /** What is worked on, by its layout. */
  public static Craft craft(JobFile file) {
    String layout = file.vehicle() == null ? null : file.vehicle().layout();
    return "light-aircraft".equals(layout)
        ? Craft.AIRCRAFT
        : "helm".equals(layout) ? Craft.BOAT : Craft.ROAD;
  }

  /**
   * How a visit is arranged.
   *
   * @param known people by name, with their hours and skills; others can do everything
   * @param usual hours of those
   */
  public static Arrangement arrangement(JobFile file, Map<String, Worker> known, Worker usual) {
    if (file.arrangement() == null) {
      return Arrangement.NONE;
    }
    ArrangementFile a = file.arrangement();
    List<Worker> crew =
        orEmpty(a.crew()).stream().map(name -> known.getOrDefault(name, usual.as(name))).toList();
    Map<String, LocalDateTime> pins = new LinkedHashMap<>();
    if (a.pins() != null) {
      a.pins().forEach((task, at) -> pins.put(task, LocalDateTime.parse(at)));
    }
    Set<Omission> leftOut =
        orEmpty(a.leftOut()).stream()
            .map(code -> Coded.parse(Omission.class, code))
            .collect(Collectors.toSet());
    List<PartOnOrder> parts =
        orEmpty(a.parts()).stream()
            .map(p -> new PartOnOrder(p.name(), p.surfaceIds(), LocalDateTime.parse(p.arrives())))
            .toList();
    return new Arrangement(crew, pins, leftOut, parts);
  }

  /** Somebody who may do everything in the hours of the tables. */
  public static Worker usual(Figures figures) {
    return UsualHours.worker("usual", figures);
  }

  private static Optional<Setting> setting(SettingFile f, List<Fault> faults) {
    Optional<LocalDateTime> start = time(f.start(), "/setting/start", faults);
    Optional<LocalDateTime> by = time(f.returnBy(), "/setting/returnBy", faults);
    if (start.isPresent() && by.filter(b -> b.isBefore(start.get())).isPresent()) {
      faults.add(
          new Fault(
              "/setting/returnBy",
              "\"" + f.returnBy() + "\"",
              PHRASES.say("a-time-after-start", f.start())));
    }
    return start.map(
        s ->
            new Setting(
                code(Setting.Place.class, f.place(), Setting.Place.STUDIO),
                new Air(
                    new Celsius(or(f.airTempC(), 20.0)),
                    or(f.relativeHumidity(), 0.5),
                    or(f.airSpeedMs(), 0.1)),
                code(Setting.Sun.class, f.sun(), Setting.Sun.NONE),
                Optional.ofNullable(f.surfaceTempC()).map(Celsius::new),
                or(f.people(), 1),
                s,
                by,
                code(Setting.Climate.class, f.climate(), Setting.Climate.TEMPERATE),
                Optional.ofNullable(f.breaks()).map(b -> new Setting.Breaks(b.everyMin(), b.min())),
                new Setting.Reception(
                    codes(Setting.FaultSeen.class, f.faults()),
                    code(Setting.ChildSeat.class, f.childSeat(), Setting.ChildSeat.NONE),
                    Set.copyOf(orEmpty(f.skills())))));
  }

  /** Who may coat has to be one of those who come. */
  private static void coaters(JobFile file, List<Fault> faults) {
    List<String> coaters = orEmpty(file.setting().skills());
    List<String> named =
        file.arrangement() == null ? List.of() : orEmpty(file.arrangement().crew());
    List<String> crew =
        named.isEmpty()
            ? IntStream.rangeClosed(1, or(file.setting().people(), 1))
                .mapToObj(Arrangement::numbered)
                .toList()
            : named;
    if (!coaters.isEmpty() && crew.stream().noneMatch(coaters::contains)) {
      faults.add(
          new Fault(
              "/setting/skills",
              Lists.facts(coaters),
              PHRASES.say("one-of-those-who-do", Lists.facts(crew))));
    }
  }

  static Optional<LocalDateTime> time(@Nullable String text, String pointer, List<Fault> faults) {
    if (text == null) {
      return Optional.empty();
    }
    try {
      return Optional.of(LocalDateTime.parse(text));
    } catch (DateTimeException e) {
      faults.add(new Fault(pointer, "\"" + text + "\"", PHRASES.say("a-local-time-yyyy-mm")));
      return Optional.empty();
    }
  }

  static Wishes wishes(@Nullable WishesFile own, WishesFile job) {
    WishesFile o = own == null ? WishesFile.NONE : own;
    WishesFile w = job == null ? o : o.or(job);
    return new Wishes(
        code(Wishes.Sheen.class, w.sheen(), Wishes.Sheen.MATT),
        code(Wishes.Standard.class, w.standard(), Wishes.Standard.THOROUGH),
        code(Wishes.Protection.class, w.protection(), Wishes.Protection.NONE),
        codes(Wishes.Avoid.class, w.avoid()));
  }

  /** The rules with a job's schools chosen; an unknown key or school is added to the faults. */
  public static HouseRules houseRules(
      @Nullable Map<String, String> chosen, HouseRules rules, List<Fault> faults) {
    if (chosen == null) {
      return rules;
    }
    chosen.forEach(
        (key, school) -> {
          String pointer = "/houseRules/" + key;
          Optional<HouseRules.HouseRule> rule = rules.find(key);
          if (rule.isEmpty()) {
            String keys = Lists.facts(rules.all().stream().map(HouseRules.HouseRule::key).toList());
            faults.add(
                new Fault(
                    pointer, PHRASES.say("an-unknown-house-rule"), PHRASES.say("one-of", keys)));
          } else if (!rule.get().schools().contains(school)) {
            faults.add(
                new Fault(
                    pointer,
                    "\"" + school + "\"",
                    PHRASES.say("one-of", Lists.facts(rule.get().schools()))));
          }
        });
    return rules.with(chosen);
  }

  private Shelf shelf(@Nullable ShelfChoiceFile choice, Shelf shelf, List<Fault> faults) {
    if (choice == null) {
      return shelf;
    }
    return new Shelf(
        choice.products() == null ? shelf.products() : products(choice.products(), shelf, faults),
        choice.tools() == null ? shelf.tools() : tools(choice.tools(), shelf, faults));
  }

  private List<Product> products(List<JsonNode> nodes, Shelf shelf, List<Fault> faults) {
    Map<String, Product> chosen = new LinkedHashMap<>();
    for (int i = 0; i < nodes.size(); i++) {
      String pointer = "/shelf/products/" + i;
      JsonNode node = nodes.get(i);
      Optional<Product> product =
          node.isString()
              ? onShelf(shelf.findProduct(node.asString()), node, pointer, faults)
              : shelves.product(node, pointer, faults);
      product.ifPresent(p -> once(chosen.put(p.id(), p), p.id(), pointer, faults));
    }
    return List.copyOf(chosen.values());
  }

  private List<Tool> tools(List<JsonNode> nodes, Shelf shelf, List<Fault> faults) {
    Map<String, Tool> chosen = new LinkedHashMap<>();
    for (int i = 0; i < nodes.size(); i++) {
      String pointer = "/shelf/tools/" + i;
      JsonNode node = nodes.get(i);
      Optional<Tool> tool =
          node.isString()
              ? onShelf(findTool(shelf, node.asString()), node, pointer, faults)
              : Optional.of(shelves.tool(node));
      tool.ifPresent(t -> once(chosen.put(t.id(), t), t.id(), pointer, faults));
    }
    return List.copyOf(chosen.values());
  }

  /** A plain hand and a plain cloth may be named even where the shelf has its own. */
  static Optional<Tool> findTool(Shelf shelf, String id) {
    return shelf
        .findTool(id)
        .or(
            () ->
                List.of(Tool.HAND, Tool.CLOTH).stream()
                    .filter(tool -> tool.id().equals(id))
                    .findFirst());
  }

  private static <T> Optional<T> onShelf(
      Optional<T> item, JsonNode node, String pointer, List<Fault> faults) {
    if (item.isEmpty()) {
      faults.add(new Fault(pointer, node.toString(), PHRASES.say("the-id-of-something-on")));
    }
    return item;
  }

  private static void once(Object before, String id, String pointer, List<Fault> faults) {
    if (before != null) {
      faults.add(new Fault(pointer, PHRASES.say("a-second-time", id), PHRASES.say("an-id-once")));
    }
  }

  static <T> T or(@Nullable T value, T whenAbsent) {
    return value == null ? whenAbsent : value;
  }
}
