package attune.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Queue;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.CountDownLatch;
import java.util.function.BooleanSupplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.ZipFile;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Power cuts in the middle of mixed writes: all that was acknowledged is there, once, nothing is
 * torn, and it starts each time. One of them in the suite, as many as wanted by {@code ./attune
 * crash-check}.
 */
class CrashTest {
  private static final int KILLS = Integer.getInteger("attune.kills", 1);
  private static final Pattern ID = Pattern.compile("\"id\":\"([0-9a-f-]{36})\"");
  private static final int WRITES_MOST = 60;

  @TempDir Path folder;
  private final Random random = new Random(20261129);

  /** What was acknowledged since the last cut. */
  private final Queue<String> jobs = new ConcurrentLinkedQueue<>();

  private final Queue<String> notes = new ConcurrentLinkedQueue<>();
  private final Queue<String> photos = new ConcurrentLinkedQueue<>();
  private final Queue<String> customers = new ConcurrentLinkedQueue<>();
  private final Queue<String> backups = new ConcurrentLinkedQueue<>();
  private final Queue<String> products = new ConcurrentLinkedQueue<>();
  private final Queue<String> refused = new ConcurrentLinkedQueue<>();
  private String run;

  @Test
  void whatWasAcknowledgedIsThereAfterEveryPowerCut() throws Exception {
    Path data = folder.resolve("data");
    int acknowledged = 0;
    Shop shop = AttuneJar.shop(data);
    try {
      for (int cut = 1; cut <= KILLS; cut++) {
        begin(shop);
        writeUntilKilled(shop);
        shop = AttuneJar.shop(data);
        nothingTorn(data);
        acknowledged += holds(shop, data);
      }
    } finally {
      shop.kill();
    }
    System.out.printf("%d power cuts, %d acknowledged writes, all there%n", KILLS, acknowledged);
    assertThat(acknowledged).isGreaterThanOrEqualTo(KILLS);
  }

  /** A job whose bench runs, to tick in. */
  private void begin(Shop shop) {
    run = id(shop.json("POST", "/api/v1/jobs", job("The run")));
    Shop.Answer found =
        shop.json(
            "POST",
            "/api/v1/jobs/" + run + "/findings",
            "{\"surfaceIds\":[\"wheel-rim\"],\"finding\":{\"finish\":\"leather/coated\","
                + "\"soil\":\"light\",\"soils\":[\"dust\"],\"wear\":\"intact\"}}");
    assertThat(found.status()).as(found.body()).isEqualTo(200);
    Shop.Answer begun = shop.json("POST", "/api/v1/jobs/" + run + "/bench", "");
    assertThat(begun.taken()).as(begun.body()).isTrue();
    List.of(jobs, notes, photos, customers, backups, products).forEach(Queue::clear);
  }

  private static String job(String title) {
    return "{\"title\":\"%s\",\"vehicle\":{\"label\":\"%s\",\"layout\":\"five-seat\"}}"
        .formatted(title, title);
  }

  private static String id(Shop.Answer answer) {
    Matcher id = ID.matcher(answer.body());
    assertThat(id.find()).as(answer.body()).isTrue();
    return id.group(1);
  }

  /** Six people write at once; it ends after some writes, wherever the others are. */
  private void writeUntilKilled(Shop shop) throws InterruptedException {
    CountDownLatch enough = new CountDownLatch(10 + random.nextInt(WRITES_MOST));
    List<BooleanSupplier> people =
        List.of(
            () -> job(shop),
            () -> note(shop),
            () -> photo(shop),
            () -> customer(shop),
            () -> backup(shop),
            () -> bringIn(shop));
    List<Thread> threads = new ArrayList<>();
    for (BooleanSupplier person : people) {
      Thread thread =
          new Thread(
              () -> {
                while (person.getAsBoolean()) {
                  enough.countDown();
                }
                enough.countDown();
              });
      thread.start();
      threads.add(thread);
    }
    enough.await();
    shop.kill();
    for (Thread thread : threads) {
      thread.join();
    }
  }

  private boolean job(Shop shop) {
    Shop.Answer answer = shop.json("POST", "/api/v1/jobs", job("Job " + UUID.randomUUID()));
    Matcher id = ID.matcher(answer.body());
    return told(answer, jobs, id.find() ? id.group(1) : "");
  }

  private boolean note(Shop shop) {
    String reason = "note " + UUID.randomUUID();
    return told(
        shop.json(
            "POST",
            "/api/v1/jobs/" + run + "/bench/entries",
            "{\"entries\":[{\"id\":\"%s\",\"taskId\":\"receive\",\"kind\":\"note\",\"at\":\"2026-06-09T08:16:00\",\"reason\":\"%s\"}]}"
                .formatted(UUID.randomUUID(), reason)),
        notes,
        reason);
  }

  private boolean photo(Shop shop) {
    Shop.Answer answer =
        shop.file("/api/v1/jobs/" + run + "/photos?moment=done", "seat.png", picture());
    Matcher id = ID.matcher(answer.body());
    return told(answer, photos, id.find() ? id.group(1) : "");
  }

  private boolean customer(Shop shop) {
    String name = "Customer " + UUID.randomUUID();
    return told(
        shop.json("POST", "/api/v1/customers", "{\"name\":\"" + name + "\",\"uses\":[]}"),
        customers,
        name);
  }

  private boolean backup(Shop shop) {
    Shop.Answer answer = shop.json("POST", "/api/v1/backups", "");
    Matcher name = Pattern.compile("\"name\":\"([^\"]+)\"").matcher(answer.body());
    return told(answer, backups, name.find() ? name.group(1) : "");
  }

  /** A shelf of two, so that one without the other would be seen. */
  private boolean bringIn(Shop shop) {
    String id = "brought-" + UUID.randomUUID();
    String product = "{\"id\":\"%s\",\"name\":\"Brought in\",\"roles\":[\"cleaner\"]}";
    String shelf =
        "{\"format\":\"attune-shelf\",\"version\":1,\"products\":[%s,%s],\"tools\":[]}"
            .formatted(product.formatted(id + "-a"), product.formatted(id + "-b"));
    return told(shop.text("/api/v1/shelf/import?dryRun=false", shelf), products, id);
  }

  /** Keeps what was acknowledged; false once nobody answers. */
  private boolean told(Shop.Answer answer, Queue<String> acknowledged, String what) {
    if (answer.taken()) {
      acknowledged.add(what);
    } else if (answer.status() > 0) {
      refused.add(answer.status() + " " + answer.body());
    }
    return answer.taken();
  }

  private static byte[] picture() {
    try {
      ByteArrayOutputStream png = new ByteArrayOutputStream();
      ImageIO.write(new BufferedImage(600, 400, BufferedImage.TYPE_INT_RGB), "png", png);
      return png.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** How much was acknowledged before the cut: all of it is there, once. */
  private int holds(Shop shop, Path data) throws IOException {
    assertThat(refused).as("refused while it ran").isEmpty();
    for (String job : jobs) {
      assertThat(shop.get("/api/v1/jobs/" + job).status()).as("job " + job).isEqualTo(200);
    }
    once(shop.get("/api/v1/jobs/" + run + "/bench/record"), notes);
    once(shop.get("/api/v1/jobs/" + run + "/photos"), photos);
    for (String photo : photos) {
      String path = "/api/v1/jobs/" + run + "/photos/" + photo + "/picture";
      assertThat(shop.get(path).status()).as(path).isEqualTo(200);
    }
    for (String customer : customers) {
      once(shop.get("/api/v1/customers?q=" + customer.replace(" ", "%20")), List.of(customer));
    }
    Shop.Answer shelf = shop.get("/api/v1/shelf/json");
    for (String brought : products) {
      once(shelf, List.of("\"" + brought + "-a\"", "\"" + brought + "-b\""));
    }
    once(shop.get("/api/v1/backups"), backups);
    for (String backup : backups) {
      Path file = data.resolve("backups").resolve(backup);
      try (ZipFile zip = new ZipFile(file.toFile())) {
        assertThat(zip.getEntry("manifest.json")).as(backup).isNotNull();
      }
      Files.delete(file); // looked at, and there are many
    }
    return Stream.of(jobs, notes, photos, customers, backups, products).mapToInt(Queue::size).sum();
  }

  private static void once(Shop.Answer answer, Collection<String> all) {
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    assertThat(all).allSatisfy(what -> assertThat(answer.body()).containsOnlyOnce(what));
  }

  private void nothingTorn(Path data) throws IOException {
    for (String part : List.of("", "photos", "backups")) {
      if (!Files.isDirectory(data.resolve(part))) {
        continue;
      }
      try (Stream<Path> files = Files.list(data.resolve(part))) {
        assertThat(files.map(file -> file.getFileName().toString()))
            .noneMatch(name -> name.endsWith(".part"));
      }
    }
  }
}
