package attune.bench;

import attune.core.match.Decisions;
import attune.core.match.Reason;
import attune.core.match.Rung;
import attune.core.match.SurfaceMatch;
import attune.core.match.Treatment;
import attune.core.material.Finish;
import attune.core.plan.Planner;
import attune.core.shelf.Soil;
import attune.core.survey.Job;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * How the starting shelf answers cabins nobody chose: how many rungs a ladder has, by what
 * neighbouring rungs differ, and what is left without any.
 */
public final class Ladders {
  private static final int CABINS = 2000;
  private static final int PANELS = 8;
  private static final long SEED = 20260601;
  private static final String[] LEVELS = {"light", "moderate", "heavy", "caked"};
  private static final String[] SOILS = {
    "dust", "skin-oil", "make-up", "food-drink", "denim-dye", "silicone-film", "ink", "shoe-scuff"
  };

  private final Map<Integer, Integer> lengths = new TreeMap<>();
  private final Map<String, Integer> steps = new TreeMap<>();
  private final Map<String, Integer> bare = new TreeMap<>();
  private int answered;

  private Ladders() {}

  /**
   * @param args the document
   */
  public static void main(String[] args) throws IOException {
    Workshop workshop = new Workshop();
    Planner planner = workshop.reference.planner();
    List<Finish> finishes = workshop.reference.finishes().all();
    Random random = new Random(SEED);
    Ladders ladders = new Ladders();
    for (int i = 0; i < CABINS; i++) {
      Job job = workshop.read(cabin(random, finishes));
      planner.match(job, Decisions.NONE).surfaces().forEach(ladders::count);
    }
    String table = ladders.table();
    System.out.print(table);
    Kept.between(Path.of(args[0]), "ladders", table);
  }

  private void count(SurfaceMatch match) {
    answered++;
    List<Rung> ladder = match.ladder();
    lengths.merge(ladder.size(), 1, Integer::sum);
    if (ladder.isEmpty()) {
      String why = match.refer().map(Reason::code).map(Enum::name).orElse("to be bought");
      String soils =
          match.place().demand().soils().stream()
              .map(Soil::code)
              .sorted()
              .collect(Collectors.joining(" "));
      bare.merge(match.place().finish().code() + ", " + soils + ": " + why, 1, Integer::sum);
    }
    for (int i = 1; i < ladder.size(); i++) {
      steps.merge(
          differ(ladder.get(i - 1).treatment(), ladder.get(i).treatment()), 1, Integer::sum);
    }
  }

  private static String differ(Treatment a, Treatment b) {
    List<String> by = new ArrayList<>();
    if (!a.cleaner().equals(b.cleaner())) {
      by.add("bottle");
    } else if (!a.ratio().equals(b.ratio())) {
      by.add("ratio");
    }
    if (!a.tool().id().equals(b.tool().id())) {
      by.add("tool");
    }
    if (a.warmth() != b.warmth()) {
      by.add("warmth");
    }
    return by.isEmpty() ? "dwell alone" : String.join(" and ", by);
  }

  private String table() {
    int rungs = steps.values().stream().mapToInt(Integer::intValue).sum();
    return String.format(
            Locale.ROOT,
            "%d cabins, %d panels, seed %d.%n%n| rungs | panels |%n|---|---|%n",
            CABINS,
            answered,
            SEED)
        + lines(lengths, answered)
        + "\n| neighbouring rungs differ by | pairs |\n|---|---|\n"
        + lines(steps, rungs)
        + "\n| without a rung | panels |\n|---|---|\n"
        + lines(bare, answered);
  }

  private static <K> String lines(Map<K, Integer> counts, int of) {
    return counts.entrySet().stream()
        .map(
            e ->
                String.format(
                    Locale.ROOT, "| %s | %.2f %% |%n", e.getKey(), 100.0 * e.getValue() / of))
        .collect(Collectors.joining());
  }

  private static String cabin(Random random, List<Finish> finishes) {
    List<String> panels = new ArrayList<>();
    for (int i = 0; i < PANELS; i++) {
      panels.add(panel(i, random, finishes.get(random.nextInt(finishes.size()))));
    }
    return """
        {"format":"attune-job","version":1,"title":"A cabin","vehicle":{"layout":"blank"},
         "setting":{"start":"2026-05-04T08:00","airTempC":%d,"relativeHumidity":%.2f},
         "wishes":{"standard":"%s","protection":"%s"},
         "surfaces":[%s]}
        """
        .formatted(
            10 + random.nextInt(22),
            0.3 + random.nextInt(5) / 10.0,
            pick(random, "tidy", "thorough", "exacting"),
            pick(random, "none", "dressing", "barrier", "coating"),
            String.join(",", panels));
  }

  private static String panel(int i, Random random, Finish finish) {
    List<String> roles = finish.foundAs().stream().map(role -> role.code()).sorted().toList();
    return """
        {"id":"panel-%d","zone":"zone-%d","part":"part-%d","finish":"%s","areaM2":%.2f,
         "texture":"%s","tone":"%s","role":"%s","ageMonths":%d,"perforated":%b,
         "condition":{"soil":"%s","soils":["%s"],"wear":"%s"}}
        """
        .formatted(
            i,
            i / 3,
            i,
            finish.code(),
            0.05 + random.nextInt(90) / 100.0,
            pick(random, "smooth", "fine", "medium", "deep"),
            pick(random, "pale", "mid", "dark"),
            roles.get(random.nextInt(roles.size())),
            random.nextInt(260),
            finish.isHide() && random.nextInt(5) == 0,
            pick(random, LEVELS),
            pick(random, SOILS),
            random.nextInt(5) == 0 ? "worn" : "intact");
  }

  private static String pick(Random random, String... of) {
    return of[random.nextInt(of.length)];
  }
}
