package attune.app.search;

import attune.app.crew.Present;
import attune.app.crew.Right;
import attune.app.format.ShelfFile.ProductFile;
import attune.app.format.ShelfFile.ToolFile;
import attune.app.jobs.JobService;
import attune.app.people.CustomerService;
import attune.app.people.VehicleService;
import attune.app.shelf.ShelfService;
import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Search across customers, vehicles, jobs, products and tools. */
@RestController
@RequestMapping("/api/v1/search")
class SearchController {
  private static final int MOST = 8;

  /** What was found. */
  enum Kind {
    CUSTOMER,
    VEHICLE,
    JOB,
    PRODUCT,
    TOOL
  }

  /** Something found and where it is seen. */
  record Hit(Kind kind, String id, String title, @Nullable String detail) {}

  private final CustomerService customers;
  private final VehicleService vehicles;
  private final JobService jobs;
  private final ShelfService shelf;
  private final Present present;

  SearchController(
      CustomerService customers,
      VehicleService vehicles,
      JobService jobs,
      ShelfService shelf,
      Present present) {
    this.customers = customers;
    this.vehicles = vehicles;
    this.jobs = jobs;
    this.shelf = shelf;
    this.present = present;
  }

  @GetMapping
  List<Hit> search(@RequestParam String q) {
    String words = q.strip();
    if (words.isEmpty() || words.length() > 100) {
      return List.of();
    }
    String low = words.toLowerCase(Locale.ROOT);
    List<Hit> hits = new ArrayList<>();
    if (present.who().filter(who -> who.may(Right.CUSTOMERS)).isPresent()) {
      people(words, hits);
    }
    jobs.search(words, MOST).stream()
        .map(j -> new Hit(Kind.JOB, j.id().toString(), j.title(), j.vehicleLabel()))
        .forEach(hits::add);
    shelf.file().products().stream()
        .filter(p -> has(low, p.name(), p.maker(), p.id()))
        .limit(MOST)
        .map(SearchController::hit)
        .forEach(hits::add);
    shelf.file().tools().stream()
        .filter(t -> has(low, t.name(), t.kind(), t.id()))
        .limit(MOST)
        .map(SearchController::hit)
        .forEach(hits::add);
    return hits;
  }

  private void people(String words, List<Hit> hits) {
    customers.search(words).stream()
        .limit(MOST)
        .map(c -> new Hit(Kind.CUSTOMER, c.id().toString(), c.name(), c.phone()))
        .forEach(hits::add);
    vehicles.search(words).stream()
        .limit(MOST)
        .map(
            v ->
                new Hit(
                    Kind.VEHICLE,
                    v.id().toString(),
                    v.label(),
                    v.customer() == null ? v.plate() : v.customer()))
        .forEach(hits::add);
  }

  private static Hit hit(ProductFile p) {
    return new Hit(Kind.PRODUCT, p.id(), p.name(), p.maker());
  }

  private static Hit hit(ToolFile t) {
    return new Hit(Kind.TOOL, t.id(), t.name(), t.kind().replace('-', ' '));
  }

  private static boolean has(String words, @Nullable String... fields) {
    return Stream.of(fields)
        .anyMatch(field -> field != null && field.toLowerCase(Locale.ROOT).contains(words));
  }
}
