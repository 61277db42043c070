package attune.app.shop;

import attune.app.format.JobReader;
import attune.app.reference.DataReplaced;
import attune.app.reference.ReferenceData;
import attune.app.training.Learners;
import attune.core.check.Fault;
import attune.core.check.InvalidInputException;
import attune.core.plan.UsualHours;
import attune.core.schedule.Skill;
import attune.core.schedule.Week;
import attune.core.schedule.Worker;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationStartedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The shop's settings; those the rules use are put in place of the starting figures. */
@Service
@Transactional
public class ShopService {
  private static final Phrases PHRASES = Phrases.of(ShopService.class);

  private static final double DEIONISED_PH = 7.0;
  private static final int MINUTES = 60;

  private final ShopRepository shops;
  private final ReferenceData reference;
  private final JsonMapper mapper;
  private final Learners learners;
  private final Staff staff;
  private final String firstName;

  private record Read(String text, ShopSettings settings) {}

  private volatile @Nullable Read read;

  ShopService(
      ShopRepository shops,
      ReferenceData reference,
      JsonMapper mapper,
      Learners learners,
      Staff staff,
      @Value("${attune.shop:}") String firstName) {
    this.shops = shops;
    this.reference = reference;
    this.mapper = mapper;
    this.learners = learners;
    this.staff = staff;
    this.firstName = firstName;
  }

  @Transactional(readOnly = true)
  public ShopSettings settings() {
    return whole(
        stored()
            .map(e -> read(e.settings()).at(e.version()))
            .orElseGet(() -> ShopSettings.usual(firstName)));
  }

  /** True where somebody has set something: more than who signs in here. */
  @Transactional(readOnly = true)
  public boolean isSet() {
    ShopSettings usual = whole(ShopSettings.usual(firstName)).at(0);
    return stored()
        .map(e -> whole(read(e.settings())).at(0))
        .filter(s -> !s.staffed(usual.people()).equals(usual) || s.people().size() > 1)
        .isPresent();
  }

  private ShopSettings whole(ShopSettings settings) {
    return settings
        .resting(
            new ShopSettings.Breaks(
                reference.figures().whole("break.every"), reference.figures().whole("break.rest")))
        .sellingSomething();
  }

  /** Asked for by nearly every request, and seldom changed. */
  private ShopSettings read(String text) {
    Read last = read;
    if (last == null || !last.text().equals(text)) {
      last = new Read(text, mapper.readValue(text, ShopSettings.class));
      read = last;
    }
    return last.settings();
  }

  private Optional<ShopEntity> stored() {
    return shops.findById(ShopEntity.ONLY);
  }

  /**
   * Changes the settings, all at once.
   *
   * @throws InvalidInputException if it would close before it opens, or two were called alike
   */
  public ShopSettings change(ShopSettings wanted) {
    ShopSettings settings = wanted.staffed(staff.known(wanted.people()));
    if (!LocalTime.parse(settings.closes()).isAfter(LocalTime.parse(settings.opens()))) {
      throw new InvalidInputException(
          "/closes", settings.closes(), PHRASES.say("a-time-after-opening", settings.opens()));
    }
    for (int i = 0; i < settings.people().size(); i++) {
      hours(settings, i);
    }
    if (settings.selling() != null) {
      levels(settings.selling());
    }
    Optional<ShopEntity> stored = stored();
    if (stored.isPresent()
        && (settings.version() == null || settings.version() != stored.get().version())) {
      throw new ObjectOptimisticLockingFailureException(ShopEntity.class, ShopEntity.ONLY);
    }
    Map<String, String> schools =
        settings.houseRules() == null ? settings().houseRules() : settings.houseRules();
    check(schools);
    String text = mapper.writeValueAsString(settings.holding(schools));
    ShopEntity shop = stored.orElseGet(() -> new ShopEntity(text));
    shop.take(text);
    shops.saveAndFlush(shop);
    ShopSettings saved = settings();
    apply(saved);
    return saved;
  }

  /** Levels are known by their names. */
  private static void levels(ShopSettings.Selling selling) {
    Set<String> names = new HashSet<>();
    List<ShopSettings.Level> levels = selling.levels() == null ? List.of() : selling.levels();
    for (int i = 0; i < levels.size(); i++) {
      if (!names.add(levels.get(i).name().strip().toLowerCase(Locale.ROOT))) {
        throw new InvalidInputException(
            "/selling/levels/" + i + "/name",
            "\"" + levels.get(i).name() + "\"",
            PHRASES.say("a-name-of-its-own"));
      }
    }
  }

  private static void hours(ShopSettings settings, int i) {
    ShopSettings.Person p = settings.people().get(i);
    String comes = p.comes() == null ? settings.opens() : p.comes();
    String goes = p.goes() == null ? settings.closes() : p.goes();
    if (!LocalTime.parse(goes).isAfter(LocalTime.parse(comes))) {
      throw new InvalidInputException(
          "/people/" + i + "/goes", goes, PHRASES.say("a-time-after-coming", comes));
    }
    if (off(settings, p).size() == DayOfWeek.values().length) {
      throw new InvalidInputException(
          "/people/" + i + "/off",
          PHRASES.say("no-day-is-left"),
          PHRASES.say("one-day-at-least-beside"));
    }
  }

  /**
   * Changes the shop's schools and nothing else.
   *
   * @param schools those other than the defaults, by rule
   */
  public ShopSettings hold(Map<String, String> schools) {
    return change(settings().holding(schools));
  }

  /** Changes who the shop's people are and nothing else. */
  void staffed(UnaryOperator<List<ShopSettings.Person>> otherwise) {
    ShopSettings now = settings();
    List<ShopSettings.Person> others = otherwise.apply(now.people());
    if (!others.equals(now.people())) {
      change(now.staffed(others));
    }
  }

  private void check(@Nullable Map<String, String> schools) {
    if (schools == null) {
      return;
    }
    List<Fault> faults = new ArrayList<>();
    JobReader.houseRules(schools, reference.houseRules(), faults);
    if (!faults.isEmpty()) {
      throw new InvalidInputException(faults);
    }
  }

  /** Before anything is planned: the demo data among it. */
  @EventListener(ApplicationStartedEvent.class)
  @Order(Ordered.HIGHEST_PRECEDENCE)
  void start() {
    apply(settings());
  }

  @EventListener(DataReplaced.class)
  @Order(Ordered.HIGHEST_PRECEDENCE)
  void lookAgain() {
    apply(settings());
  }

  private void apply(ShopSettings s) {
    Map<String, Double> own = new HashMap<>();
    own.put("water.ph", s.deionised() ? DEIONISED_PH : s.tapPh());
    own.put("water.alkalinity", s.deionised() ? 0 : s.alkalinity());
    own.put("day.opens", minutes(s.opens()));
    own.put("day.closes", minutes(s.closes()));
    own.put("dose.stroke", s.triggerMl());
    if (s.breaks() != null) {
      own.put("break.every", (double) s.breaks().everyMin());
      own.put("break.rest", (double) s.breaks().min());
    }
    Set<DayOfWeek> closed = days(s.closed());
    for (DayOfWeek day : DayOfWeek.values()) {
      own.put(UsualHours.closedOn(day), closed.contains(day) ? 1.0 : 0.0);
    }
    reference.use(own, s.houseRules() == null ? Map.of() : s.houseRules());
  }

  /** The shop's people by name, with their hours and what they may do. */
  @Transactional(readOnly = true)
  public Map<String, Worker> workers() {
    ShopSettings s = settings();
    Map<String, Worker> workers = new LinkedHashMap<>();
    Map<String, Set<Skill>> learning =
        learners.keptFrom(s.people().stream().map(ShopSettings.Person::name).toList());
    for (ShopSettings.Person p : s.people()) {
      workers.put(
          p.name(),
          new Worker(
              p.name(),
              skills(p, learning.getOrDefault(p.name(), Set.of())),
              seconds(p.comes() == null ? s.opens() : p.comes()),
              seconds(p.goes() == null ? s.closes() : p.goes()),
              p.comes() == null,
              new Week(off(s, p), DayOfWeek.MONDAY)));
    }
    return workers;
  }

  /** What the shop's people are called now, by what they were called before. */
  @Transactional(readOnly = true)
  public Map<String, String> namesNow() {
    List<ShopSettings.Person> people = settings().people();
    Map<String, String> now = new HashMap<>();
    people.forEach(p -> p.earlierNames().forEach(before -> now.put(before, p.name())));
    people.forEach(p -> now.remove(p.name()));
    return now;
  }

  private static Set<Skill> skills(ShopSettings.Person person, Set<Skill> learning) {
    Set<Skill> skills = EnumSet.complementOf(copy(learning));
    if (!person.coats()) {
      skills.remove(Skill.COATING);
    }
    return skills;
  }

  private static EnumSet<Skill> copy(Set<Skill> some) {
    EnumSet<Skill> copy = EnumSet.noneOf(Skill.class);
    copy.addAll(some);
    return copy;
  }

  private static Set<DayOfWeek> off(ShopSettings s, ShopSettings.Person p) {
    Set<DayOfWeek> off = EnumSet.noneOf(DayOfWeek.class);
    off.addAll(days(s.closed()));
    off.addAll(days(p.off()));
    return off;
  }

  private static Set<DayOfWeek> days(@Nullable List<String> names) {
    return names == null
        ? Set.of()
        : names.stream()
            .map(name -> DayOfWeek.valueOf(name.toUpperCase(Locale.ROOT)))
            .collect(Collectors.toSet());
  }

  private static int seconds(String time) {
    return LocalTime.parse(time).toSecondOfDay();
  }

  private static double minutes(String time) {
    LocalTime t = LocalTime.parse(time);
    return t.getHour() * MINUTES + t.getMinute();
  }
}
