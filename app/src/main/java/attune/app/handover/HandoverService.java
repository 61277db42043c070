package attune.app.handover;

import attune.app.bench.BenchService;
import attune.app.bench.BenchViews.DoneReady;
import attune.app.bench.BenchViews.PaceView;
import attune.app.bench.RunRecord.RecordLine;
import attune.app.bench.RunRecord.UsedUp;
import attune.app.bench.StepWords;
import attune.app.care.CareService;
import attune.app.care.CareViews.CareLine;
import attune.app.format.JobFile;
import attune.app.format.JobReader;
import attune.app.format.PlanFile.CodeFile;
import attune.app.format.SurfaceFile;
import attune.app.handover.HandoverView.Advice;
import attune.app.handover.HandoverView.BeforeAfter;
import attune.app.handover.HandoverView.Correction;
import attune.app.handover.HandoverView.Half;
import attune.app.handover.HandoverView.NotDone;
import attune.app.handover.HandoverView.Ready;
import attune.app.handover.HandoverView.Treated;
import attune.app.handover.HandoverView.Used;
import attune.app.history.VisitNotes;
import attune.app.jobs.JobService;
import attune.app.jobs.JobState;
import attune.app.jobs.JobViews.JobDetail;
import attune.app.jobs.NamedPanels;
import attune.app.learning.LearningService;
import attune.app.photos.PhotoService;
import attune.app.photos.PhotoViews.Moment;
import attune.app.photos.PhotoViews.PhotoView;
import attune.app.shelf.Hazards;
import attune.app.shop.ShopService;
import attune.app.web.NotNowException;
import attune.core.bench.FrozenPlan;
import attune.core.bench.RunSoFar;
import attune.core.match.ReasonCode;
import attune.core.plan.Step;
import attune.core.run.TaskState.Phase;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.core.io.Resource;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes the hand-over from the survey, the plan the run was started on, and what was ticked. */
@Service
@Transactional
public class HandoverService {
  private static final Phrases PHRASES = Phrases.of(HandoverService.class);

  private static final Set<Phase> OPEN = Set.of(Phase.WAITING, Phase.RUNNING, Phase.SKIPPED);
  private final JobService jobs;
  private final BenchService bench;
  private final VisitNotes notes;
  private final LearningService learning;
  private final ShopService shop;
  private final PhotoService photos;
  private final Hazards hazards;
  private final CareService care;
  private final Clock clock;

  HandoverService(
      JobService jobs,
      BenchService bench,
      VisitNotes notes,
      LearningService learning,
      ShopService shop,
      PhotoService photos,
      Hazards hazards,
      CareService care,
      Clock clock) {
    this.clock = clock;
    this.care = care;
    this.jobs = jobs;
    this.bench = bench;
    this.notes = notes;
    this.learning = learning;
    this.shop = shop;
    this.photos = photos;
    this.hazards = hazards;
  }

  @Transactional(readOnly = true)
  public HandoverView view(UUID id) {
    JobDetail job = jobs.get(id);
    RunSoFar run =
        bench
            .soFar(id)
            .orElseThrow(() -> new NotNowException(PHRASES.say("there-is-nothing-to-hand")));
    Shelf products = bench.shelfOf(id);
    JobFile document = job.document();
    Map<String, String> labels = job.labels();
    NamedPanels names = NamedPanels.of(job);
    List<Treated> treated = Treatments.treated(document, run, labels, products);
    return new HandoverView(
        id,
        shop.settings().name(),
        Objects.requireNonNullElse(document.title(), ""),
        vehicle(document),
        JobReader.craft(document),
        job.state(),
        run.isThrough(),
        jobs.handedOverAt(id).map(LocalDateTime::toString).orElse(null),
        corrections(id),
        left(run, document),
        ready(id, job.state(), run),
        treated,
        Treatments.stories(treated, names),
        WhatStays.of(document, run, names),
        used(id, products),
        treated.isEmpty()
            ? List.of() // nothing was done that would have to be kept so
            : care.lines(id).stream().map(HandoverService::advice).toList(),
        run.plan().panels().stream()
            .flatMap(panel -> panel.cautions().stream())
            .filter(caution -> caution.code() == ReasonCode.GRIP_CHECK)
            .limit(1)
            .map(caution -> new CodeFile(caution.code().name(), PHRASES.say("feel-that-it-grips")))
            .toList(),
        pairs(id, labels),
        halves(id, labels));
  }

  /** What was put right after the paper was given, the latest last. */
  private List<Correction> corrections(UUID id) {
    Optional<LocalDateTime> since = jobs.handedOverAt(id);
    if (since.isEmpty()) {
      return List.of();
    }
    List<RecordLine> lines = bench.record(id).lines();
    Map<String, RecordLine> byId =
        lines.stream().collect(Collectors.toMap(RecordLine::id, Function.identity()));
    return lines.stream()
        .filter(line -> line.recordedAt().isAfter(since.get()))
        .map(
            line ->
                new Correction(
                    line.recordedAt(),
                    line.by(),
                    line.where().isEmpty()
                        ? line.title()
                        : Lists.headed(line.title(), line.where()),
                    Optional.ofNullable(line.corrects())
                        .map(byId::get)
                        .map(RecordLine::text)
                        .orElse(""),
                    line.text()))
        .toList();
  }

  /** Hands the vehicle over; what was left undone is part of the record. */
  public HandoverView close(UUID id) {
    HandoverView view = view(id);
    if (view.treated().isEmpty()) {
      throw new NotNowException(PHRASES.say("nothing-has-been-done-at"));
    }
    notes.note(id);
    learning.note(id);
    jobs.handOver(id, LocalDateTime.now(clock).truncatedTo(ChronoUnit.MILLIS));
    return view(id);
  }

  /** Where there are several, the first found and the last done. */
  private List<BeforeAfter> pairs(UUID id, Map<String, String> labels) {
    List<PhotoView> all = photos.of(id);
    List<BeforeAfter> pairs = new ArrayList<>();
    all.stream()
        .map(PhotoView::surfaceId)
        .distinct()
        .forEach(
            panel -> {
              Optional<PhotoView> found =
                  all.stream().filter(p -> is(p, panel, Moment.FOUND)).findFirst();
              Optional<PhotoView> done =
                  all.stream().filter(p -> is(p, panel, Moment.DONE)).reduce((a, b) -> b);
              if (found.isPresent() && done.isPresent()) {
                pairs.add(
                    new BeforeAfter(
                        name(found.get(), labels),
                        found.get().id(),
                        done.get().id(),
                        done.get().width(),
                        done.get().height()));
              }
            });
    return pairs;
  }

  private static boolean is(PhotoView photo, @Nullable String panel, Moment moment) {
    return photo.moment() == moment && Objects.equals(photo.surfaceId(), panel);
  }

  private static String name(PhotoView photo, Map<String, String> labels) {
    return photo.surfaceId() == null
        ? PHRASES.say("the-cabin")
        : labels.getOrDefault(photo.surfaceId(), photo.surfaceId());
  }

  private List<Half> halves(UUID id, Map<String, String> labels) {
    return photos.of(id).stream()
        .filter(p -> p.moment() == Moment.HALF_AND_HALF)
        .map(
            p ->
                new Half(
                    p.caption() == null
                        ? name(p, labels)
                        : Lists.headed(name(p, labels), p.caption()),
                    p.id(),
                    p.width(),
                    p.height()))
        .toList();
  }

  /** A photo the report shows; nothing else is given out with it. */
  @Transactional(readOnly = true)
  public Resource picture(UUID id, UUID photoId) {
    HandoverView view = view(id);
    boolean shown =
        view.pairs().stream().anyMatch(p -> p.found().equals(photoId) || p.done().equals(photoId))
            || view.halves().stream().anyMatch(h -> h.photo().equals(photoId));
    if (!shown) {
      throw new NoSuchElementException(PHRASES.say("there-is-no-such-photo"));
    }
    return photos.picture(id, photoId, false);
  }

  /** What is still open, one line a kind of work: how many panels, and in which zones. */
  private static List<NotDone> left(RunSoFar run, JobFile document) {
    Map<String, String> zones =
        document.surfaces().stream().collect(Collectors.toMap(SurfaceFile::id, SurfaceFile::zone));
    Map<String, Set<String>> open = new LinkedHashMap<>();
    run.hands()
        .filter(step -> step.step() != Step.HANDOVER && OPEN.contains(step.state().phase()))
        .forEach(
            step ->
                open.computeIfAbsent(StepWords.title(step), t -> new LinkedHashSet<>())
                    .addAll(step.surfaceIds()));
    List<NotDone> left = new ArrayList<>();
    open.forEach(
        (title, panels) ->
            left.add(
                new NotDone(
                    title,
                    panels.size(),
                    panels.stream()
                        .map(id -> zones.getOrDefault(id, id).replace('-', ' '))
                        .distinct()
                        .toList())));
    return left;
  }

  /** As planned until something is done, then as the bench goes, and at last by what was done. */
  private Ready ready(UUID id, JobState state, RunSoFar run) {
    if (!run.isWorked()) {
      FrozenPlan.Ready planned = run.plan().ready();
      return ready(planned.driveAt(), planned.sitAt(), planned.curedAt(), false);
    }
    if (state == JobState.HANDED_OVER) {
      DoneReady done = bench.leftBehind(id).orElseThrow().ready();
      return ready(done.driveAt(), done.sitAt(), done.curedAt(), true);
    }
    PaceView pace = bench.pace(id).orElseThrow();
    return ready(pace.driveAt(), pace.sitAt(), pace.curedAt(), true);
  }

  private static Ready ready(
      LocalDateTime driveAt, LocalDateTime sitAt, LocalDateTime curedAt, boolean fromBench) {
    return new Ready(driveAt.toString(), sitAt.toString(), curedAt.toString(), fromBench);
  }

  /** What went on, by the record, each bottle once whatever it was mixed to. */
  private List<Used> used(UUID id, Shelf products) {
    return bench.record(id).used().stream()
        .filter(used -> used.ml() > 0)
        .collect(Collectors.groupingBy(UsedUp::productId, LinkedHashMap::new, Collectors.toList()))
        .values()
        .stream()
        .map(
            one -> {
              Optional<Product> product = products.findProduct(one.get(0).productId());
              return new Used(
                  one.get(0).name(),
                  product.map(Product::maker).orElse(""),
                  Math.max(1, Math.round(one.stream().mapToDouble(UsedUp::ml).sum())),
                  one.stream().flatMap(used -> used.batches().stream()).distinct().toList(),
                  hazards.of(product.map(Product::hazards).orElse(List.of())).stream()
                      .map(Hazards.Hazard::statement)
                      .map(Lists::ended)
                      .toList());
            })
        .toList();
  }

  private static Advice advice(CareLine care) {
    return new Advice(care.what(), care.when(), care.labels());
  }

  private static String vehicle(JobFile document) {
    return document.vehicle() == null
        ? ""
        : Objects.requireNonNullElse(document.vehicle().label(), "");
  }
}
