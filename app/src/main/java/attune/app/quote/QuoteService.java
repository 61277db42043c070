package attune.app.quote;

import attune.app.format.JobFile;
import attune.app.format.JobFile.ArrangementFile;
import attune.app.format.WireCodes;
import attune.app.jobs.JobService;
import attune.app.jobs.JobState;
import attune.app.jobs.JobViews.JobDetail;
import attune.app.planning.JobPlans;
import attune.app.quote.QuoteViews.GivenView;
import attune.app.quote.QuoteViews.LevelView;
import attune.app.quote.QuoteViews.LevelsView;
import attune.app.quote.QuoteViews.LineView;
import attune.app.quote.QuoteViews.PriceView;
import attune.app.quote.QuoteViews.QuoteView;
import attune.app.quote.QuoteViews.QuotesView;
import attune.app.quote.QuoteViews.StandardView;
import attune.app.reference.ReferenceData;
import attune.app.shop.ShopService;
import attune.app.shop.ShopSettings;
import attune.app.web.NotNowException;
import attune.core.check.Coded;
import attune.core.check.InvalidInputException;
import attune.core.plan.Plan;
import attune.core.quote.Quote;
import attune.core.quote.Quoting;
import attune.core.quote.Rates;
import attune.core.survey.Job;
import attune.core.survey.Setting;
import attune.core.survey.Wishes.Standard;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Prices a job and keeps what was quoted, agreed and done. */
@Service
@Transactional
class QuoteService {
  private static final Phrases PHRASES = Phrases.of(QuoteService.class);

  private final JobPlans plans;
  private final JobService jobs;
  private final ShopService shop;
  private final ReferenceData reference;
  private final QuoteRepository quotes;
  private final JsonMapper mapper;
  private final Clock clock;

  QuoteService(
      JobPlans plans,
      JobService jobs,
      ShopService shop,
      ReferenceData reference,
      QuoteRepository quotes,
      JsonMapper mapper,
      Clock clock) {
    this.plans = plans;
    this.jobs = jobs;
    this.shop = shop;
    this.reference = reference;
    this.quotes = quotes;
    this.mapper = mapper;
    this.clock = clock;
  }

  @Transactional(readOnly = true)
  QuotesView of(UUID id, List<String> declined) {
    QuoteView now = price(id, plans.plan(id), packages(declined), null);
    return new QuotesView(
        shop.settings().hourlyRate(),
        now,
        quotes.findByJobIdOrderByNumberDesc(id).stream().map(q -> given(id, q)).toList());
  }

  /**
   * Gives a quote; one given before and not agreed is replaced by it.
   *
   * @param level of the shop, null for none of them
   */
  QuotesView give(UUID id, List<String> declined, @Nullable String level) {
    if (shop.settings().hourlyRate() == null) {
      throw new NotNowException(PHRASES.say("say-first-what-an-hour"));
    }
    boolean sold = shop.settings().levels().stream().anyMatch(l -> l.name().equals(level));
    if (level != null && !sold) {
      throw new InvalidInputException(
          "/level", "\"" + level + "\"", PHRASES.say("a-level-of-the-shop"));
    }
    QuoteView now = price(id, plans.plan(id), packages(declined), level);
    List<QuoteEntity> before = quotes.findByJobIdOrderByNumberDesc(id);
    before.stream().filter(q -> q.state() == QuoteState.QUOTED).forEach(QuoteEntity::replace);
    int number = before.isEmpty() ? 1 : before.get(0).number() + 1;
    quotes.save(new QuoteEntity(id, number, mapper.writeValueAsString(now), now()));
    return of(id, declined);
  }

  /** The customer agrees to a quote, or the work of an agreed one is done. */
  QuotesView move(UUID id, int number, String step) {
    QuoteEntity quote = find(id, number);
    if (leads(step, QuoteState.AGREED) && quote.state() == QuoteState.QUOTED) {
      quote.agree(now());
      leave(id, declinedIn(read(quote)));
    } else if (leads(step, QuoteState.DONE) && quote.state() == QuoteState.AGREED) {
      quote.finish(now());
    } else {
      throw new NotNowException(
          PHRASES.say("quote-is-it-cannot-be", number, WireCodes.of(quote.state()), step));
    }
    return of(id, declinedIn(read(quote)));
  }

  /** What the customer does not want is not planned either, while nothing has begun. */
  private void leave(UUID id, List<String> declined) {
    JobDetail job = jobs.get(id);
    if (job.state() != JobState.SURVEY) {
      return;
    }
    JobFile document = job.document();
    ArrangementFile arranged =
        document.arrangement() == null ? ArrangementFile.NONE : document.arrangement();
    Set<String> leftOut =
        new TreeSet<>(arranged.leftOut() == null ? List.of() : arranged.leftOut());
    leftOut.addAll(declined);
    jobs.arrange(
        id,
        document.with(document.setting(), arranged.leaving(List.copyOf(leftOut))),
        PHRASES.say("as-the-customer-agreed"));
  }

  @Transactional(readOnly = true)
  GivenView given(UUID id, int number) {
    return given(id, find(id, number));
  }

  private QuoteEntity find(UUID id, int number) {
    return quotes.findByJobIdOrderByNumberDesc(id).stream()
        .filter(q -> q.number() == number)
        .findFirst()
        .orElseThrow(() -> new NoSuchElementException(PHRASES.say("no-quote", number)));
  }

  private GivenView given(UUID id, QuoteEntity q) {
    QuoteView then = read(q);
    QuoteView now = price(id, plans.plan(id), packages(declinedIn(then)), null);
    return new GivenView(
        q.number(),
        q.state(),
        then,
        q.quotedAt(),
        q.agreedAt(),
        q.doneAt(),
        now.netMinor() - then.netMinor());
  }

  private QuoteView read(QuoteEntity quote) {
    return mapper.readValue(quote.document(), QuoteView.class);
  }

  private static List<String> declinedIn(QuoteView quote) {
    return quote.lines().stream()
        .filter(line -> line.optional() && !line.taken() && !line.refers())
        .map(LineView::sold)
        .toList();
  }

  /** Tidy, thorough and exacting for the whole cabin. */
  @Transactional(readOnly = true)
  List<StandardView> sideBySide(UUID id) {
    return toEachStandard(id).stream()
        .map(
            to -> {
              QuoteView price = price(id, to.plan(), Set.of(), null);
              return new StandardView(
                  to.standard().code(),
                  to.current(),
                  (int) to.plan().timetable().work().toMinutes(),
                  to.plan().timetable().handsOffAt(),
                  to.plan().timetable().readyAt(),
                  price.netMinor(),
                  price.currency());
            })
        .toList();
  }

  /** The levels the shop sells, each to every standard. */
  @Transactional(readOnly = true)
  LevelsView levels(UUID id) {
    List<ToStandard> standards = toEachStandard(id);
    return new LevelsView(
        shop.settings().currency(),
        shop.settings().levels().stream()
            .map(
                level ->
                    new LevelView(
                        level.name(),
                        level.leavesOut(),
                        standards.stream().map(to -> price(id, to, level)).toList()))
            .toList());
  }

  private PriceView price(UUID id, ToStandard to, ShopSettings.Level level) {
    QuoteView price = price(id, to.plan(), packages(level.leavesOut()), null);
    return new PriceView(
        to.standard().code(),
        to.current(),
        price.lines().stream().filter(LineView::taken).mapToInt(LineView::minutes).sum(),
        price.grossMinor(),
        to.plan().timetable().readyAt());
  }

  private record ToStandard(Standard standard, boolean current, Plan plan) {}

  private record PlannedTo(Standard standard) {}

  private List<ToStandard> toEachStandard(UUID id) {
    Job job = plans.job(id);
    List<ToStandard> plansTo = new ArrayList<>();
    for (Standard standard : Standard.values()) {
      boolean current = job.surfaces().stream().allMatch(s -> s.wishes().standard() == standard);
      Job other =
          job.of(job.surfaces().stream().map(s -> s.wishing(s.wishes().to(standard))).toList());
      plansTo.add(
          new ToStandard(
              standard,
              current,
              current
                  ? plans.plan(id)
                  : plans.beside(
                      id,
                      new PlannedTo(standard),
                      () ->
                          reference
                              .planner()
                              .plan(other, plans.decisions(id, job), plans.arrangement(id)))));
    }
    return plansTo;
  }

  /** The whole cabin to one standard. */
  JobDetail hold(UUID id, String standard) {
    Coded.find(Standard.class, standard)
        .orElseThrow(
            () ->
                new InvalidInputException(
                    "/standard", "\"" + standard + "\"", PHRASES.say("tidy-thorough-or-exacting")));
    return jobs.arrange(id, jobs.document(id).to(standard), PHRASES.say("standard", standard));
  }

  private static boolean leads(String step, QuoteState to) {
    return step.equals(to.name().toLowerCase(Locale.ROOT));
  }

  private QuoteView price(UUID id, Plan plan, Set<Quote.Package> declined, @Nullable String level) {
    Quote quote =
        Quoting.of(
            plan, rates(id, plan.job()), declined, jobs.get(id).labels(), reference.figures());
    return new QuoteView(
        level,
        quote.lines().stream()
            .map(
                line ->
                    new LineView(
                        line.sold().code(),
                        line.says(),
                        line.optional(),
                        line.taken(),
                        (int) Math.round(line.minutes()),
                        line.workMinor(),
                        line.materialMinor(),
                        line.minor(),
                        line.priced()))
            .toList(),
        quote.currency(),
        quote.taxPercent(),
        quote.netMinor(),
        quote.taxMinor(),
        quote.grossMinor());
  }

  private Rates rates(UUID id, Job job) {
    ShopSettings s = shop.settings();
    return new Rates(
        minor(s, s.hourlyRate()),
        s.currency(),
        s.taxPercent() == null ? 0 : s.taxPercent(),
        Optional.ofNullable(s.selling())
            .filter(sold -> job.setting().place() == Setting.Place.MOBILE)
            .filter(sold -> sold.calledOut() != null || sold.perKm() != null)
            .map(
                sold ->
                    new Rates.Travel(
                        minor(s, sold.calledOut()),
                        minor(s, sold.perKm()),
                        Optional.ofNullable(jobs.document(id).setting().travelKm()))));
  }

  private static long minor(ShopSettings s, @Nullable Double amount) {
    int digits = Currency.getInstance(s.currency()).getDefaultFractionDigits();
    return amount == null ? 0 : Math.round(amount * Math.pow(10, digits));
  }

  private static Set<Quote.Package> packages(List<String> codes) {
    Set<Quote.Package> packages = new TreeSet<>();
    for (int i = 0; i < codes.size(); i++) {
      String code = codes.get(i);
      int at = i;
      packages.add(
          Coded.find(Quote.Package.class, code)
              .orElseThrow(
                  () ->
                      new InvalidInputException(
                          "/declined/" + at,
                          "\"" + code + "\"",
                          PHRASES.say("a-package-of-the-quote"))));
    }
    return packages;
  }

  private LocalDateTime now() {
    return LocalDateTime.now(clock).truncatedTo(ChronoUnit.SECONDS);
  }
}
