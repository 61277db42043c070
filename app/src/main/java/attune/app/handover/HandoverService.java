package attune.app.handover;

import attune.app.bench.BenchService;
import attune.app.bench.BenchViews.BenchTask;
import attune.app.bench.BenchViews.BenchView;
import attune.app.bench.BenchViews.DoneReady;
import attune.app.bench.BenchViews.TaskState;
import attune.app.bench.RunRecord.RecordLine;
import attune.app.bench.RunRecord.UsedUp;
import attune.app.care.CareService;
import attune.app.care.CareViews.CareLine;
import attune.app.format.JobFile;
import attune.app.format.PlanFile;
import attune.app.format.PlanFile.CodeFile;
import attune.app.format.PlanFile.PlannedSurfaceFile;
import attune.app.format.SurfaceFile;
import attune.app.handover.HandoverView.Advice;
import attune.app.handover.HandoverView.BeforeAfter;
import attune.app.handover.HandoverView.Correction;
import attune.app.handover.HandoverView.Half;
import attune.app.handover.HandoverView.NotCured;
import attune.app.handover.HandoverView.NotDone;
import attune.app.handover.HandoverView.Ready;
import attune.app.handover.HandoverView.Treated;
import attune.app.handover.HandoverView.Used;
import attune.app.history.VisitNotes;
import attune.app.jobs.JobService;
import attune.app.jobs.JobState;
import attune.app.jobs.JobViews.JobDetail;
import attune.app.learning.LearningService;
import attune.app.photos.PhotoService;
import attune.app.photos.PhotoViews.Moment;
import attune.app.photos.PhotoViews.PhotoView;
import attune.app.shelf.Hazards;
import attune.app.shop.ShopService;
import attune.app.web.NotNowException;
import attune.core.shelf.Product;
import attune.core.shelf.Shelf;
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
  private static final Set<TaskState> OPEN =
      Set.of(TaskState.WAITING, TaskState.RUNNING, TaskState.SKIPPED);
  private static final Set<String> ENDS_SHORT = Set.of("leave", "stays", "refer");
  private static final Set<String> NOTICED =
      Set.of("SHADOW_MAY_STAY", "SHEEN_NOT_MET", "REMAINS", "NOT_ON_SHELF");

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
    PlanFile plan =
        bench
            .plan(id)
            .orElseThrow(
                () ->
                    new NotNowException(
                        "There is nothing to hand over: the bench run has not started."));
    BenchView run = bench.view(id);
    Shelf products = bench.shelfOf(id);
    JobFile document = job.document();
    Map<String, String> labels = job.labels();
    List<Treated> treated = Treatments.treated(document, plan, run, labels, products);
    return new HandoverView(
        id,
        shop.settings().name(),
        Objects.requireNonNullElse(document.title(), ""),
        vehicle(document),
        job.state(),
        run.tasksDone() >= run.tasksTotal(),
        jobs.handedOverAt(id).map(LocalDateTime::toString).orElse(null),
        corrections(id),
        left(run, document),
        ready(id, job.state(), plan, run),
        treated,
        notCured(plan, run, labels),
        used(id, products),
        treated.isEmpty()
            ? List.of() // nothing was done that would have to be kept so
            : care.lines(id).stream().map(HandoverService::advice).toList(),
        plan.surfaces().stream()
            .flatMap(s -> s.cautions().stream())
            .filter(caution -> caution.code().equals("GRIP_CHECK"))
            .limit(1)
            .map(caution -> new CodeFile(caution.code(), caution.text()))
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
                    line.where().isEmpty() ? line.title() : line.title() + ", " + line.where(),
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
      throw new NotNowException("Nothing has been done at the bench yet.");
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
        ? "The cabin"
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
                        : name(p, labels) + ": " + p.caption().toLowerCase(java.util.Locale.ROOT),
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
      throw new NoSuchElementException("There is no such photo in this report.");
    }
    return photos.picture(id, photoId, false);
  }

  /** What is still open, one line a kind of work: how many panels, and in which zones. */
  private static List<NotDone> left(BenchView run, JobFile document) {
    Map<String, String> zones =
        document.surfaces().stream().collect(Collectors.toMap(SurfaceFile::id, SurfaceFile::zone));
    Map<String, Set<String>> open = new LinkedHashMap<>();
    for (BenchTask task : run.tasks()) {
      boolean counts = task.needsHands() && !task.step().equals("handover");
      if (counts && OPEN.contains(task.state())) {
        open.computeIfAbsent(task.title(), t -> new LinkedHashSet<>()).addAll(task.surfaceIds());
      }
    }
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
  private Ready ready(UUID id, JobState state, PlanFile plan, BenchView run) {
    if (run.tasksDone() == 0) {
      return new Ready(plan.ready().driveAt(), plan.ready().sitAt(), plan.ready().curedAt(), false);
    }
    if (state == JobState.HANDED_OVER) {
      DoneReady done = bench.leftBehind(id).orElseThrow().ready();
      return new Ready(
          done.driveAt().toString(), done.sitAt().toString(), done.curedAt().toString(), true);
    }
    return new Ready(
        run.pace().driveAt().toString(),
        run.pace().sitAt().toString(),
        run.pace().curedAt().toString(),
        true);
  }

  private static List<NotCured> notCured(PlanFile plan, BenchView run, Map<String, String> labels) {
    List<NotCured> list = new ArrayList<>();
    for (PlannedSurfaceFile surface : plan.surfaces()) {
      String label = labels.getOrDefault(surface.surfaceId(), surface.surfaceId());
      if (surface.refer() != null) {
        list.add(new NotCured(label, surface.refer().code(), surface.refer().text()));
      }
      surface.cautions().stream()
          .filter(c -> NOTICED.contains(c.code()))
          .forEach(c -> list.add(new NotCured(label, c.code(), c.text())));
      run.tasks().stream()
          .filter(task -> task.outcome() != null && ENDS_SHORT.contains(task.outcome()))
          .filter(task -> task.covers().contains(surface.surfaceId()))
          .limit(1)
          .forEach(task -> list.add(atTheBench(label, task)));
    }
    return list;
  }

  private static NotCured atTheBench(String label, BenchTask task) {
    return switch (task.outcome()) {
      case "refer" ->
          new NotCured(
              label,
              "REFER_REPAIR",
              "Its own colour or coat began to come off, so the work was stopped; a repairer"
                  + " re-colours it.");
      case "stays" ->
          new NotCured(label, "HIGH_SPOT", "A high spot of the coating has cured and stays.");
      default ->
          new NotCured(
              label,
              "LEAVE_SOME",
              "Some of what was found stays: nothing that may be used here takes more of it off.");
    };
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
