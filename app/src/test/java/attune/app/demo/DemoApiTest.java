package attune.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.RunningAttune;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The demo shop has one of everything worth seeing, and some of it wrong on purpose. */
@ExtendWith(RunningAttune.class)
class DemoApiTest {
  private static List<JsonNode> list(JsonNode node) {
    return StreamSupport.stream(node.spliterator(), false).toList();
  }

  private static JsonNode product(Api api, String id) {
    return api.get("/api/v1/shelf/products/" + id).json();
  }

  @Test
  void everyDemoVehicleHasItsOwnerAndOneIsOfAFleet(Api api) {
    List<JsonNode> vehicles = list(api.get("/api/v1/vehicles?q=PA%20").json());
    assertThat(vehicles)
        .hasSizeGreaterThanOrEqualTo(3)
        .allSatisfy(v -> assertThat(v.has("customer")).isTrue());
    assertThat(api.get("/api/v1/vehicles?q=harbour").text()).contains("Tidewren");
    JsonNode oskar = api.get("/api/v1/customers?q=oskar").json().get(0);
    assertThat(api.get("/api/v1/customers/" + oskar.get("id").asString()).json().get("likelySame"))
        .as("a second record of the same telephone")
        .hasSize(1);
  }

  @Test
  void theShelfIsSpreadOverRolesNaturesAndQualities(Api api) {
    JsonNode shelf = api.get("/api/v1/shelf").json();
    Set<String> roles = new HashSet<>();
    Set<String> natures = new HashSet<>();
    list(shelf.get("products"))
        .forEach(
            p -> {
              list(p.get("roles")).forEach(role -> roles.add(role.asString()));
              natures.add(p.path("phNature").asString("none"));
            });
    assertThat(roles).hasSizeGreaterThanOrEqualTo(17);
    assertThat(natures)
        .contains(
            "neutral-surfactant", "buffered", "strong-alkali", "weak-alkali", "weak-acid", "none");
    Set<String> kinds = new HashSet<>();
    list(shelf.get("tools")).forEach(t -> kinds.add(t.get("kind").asString()));
    assertThat(kinds).hasSizeGreaterThanOrEqualTo(14);
  }

  @Test
  void someOfItIsShortSomeExpiredAndOneBottleHasNoLabel(Api api) {
    assertThat(product(api, "kelpbourne-sunshade").at("/bottles/0/expired").asBoolean()).isTrue();
    assertThat(api.get("/api/v1/shelf").text()).contains("\"onHandMl\":0");
    JsonNode jamb = product(api, "yard-jamb");
    assertThat(jamb.at("/record").has("ph")).isFalse();
    assertThat(jamb.at("/preview/ph/0/low").asDouble()).as("by pen").isBetween(8.0, 8.6);
  }

  @Test
  void everyHazardOnTheShelfHasItsWordsAndItsSign(Api api) {
    JsonNode hazards = api.get("/api/v1/shelf/hazards").json();
    Set<String> signs =
        Set.of(
            "flame",
            "flame-over-circle",
            "gas-bottle",
            "corrosion",
            "skull",
            "exclamation",
            "health",
            "environment",
            "none");
    assertThat(hazards.size()).isGreaterThanOrEqualTo(8);
    for (JsonNode ofProduct : hazards) {
      for (JsonNode hazard : ofProduct) {
        assertThat(hazard.get("statement").asString()).doesNotContain("See the safety data sheet");
        assertThat(signs).contains(hazard.get("pictogram").asString());
      }
    }
    assertThat(hazards.get("quillon-tar").toString()).contains("\"air\":true").contains("flame");
  }

  @Test
  void thereAreClashesOfEveryKindToWarnOf(Api api) {
    assertThat(api.get("/api/v1/shelf/never-mix").text())
        .contains("chlorine")
        .contains("chloramine")
        .contains("oxidiser")
        .contains("undo each other");
  }

  @Test
  void aHalfAndHalfIsThereToLookAt(Api api) {
    JsonNode day = api.get("/api/v1/day").json();
    String lumen =
        list(day).stream()
            .map(entry -> entry.get("job"))
            .filter(job -> job.get("vehicleLabel").asString().startsWith("Brindlewick Lumen"))
            .filter(job -> job.get("title").asString().startsWith("Denim"))
            .map(job -> job.get("id").asString())
            .findFirst()
            .orElseThrow();
    JsonNode photo = api.get("/api/v1/jobs/" + lumen + "/photos").json().get(0);
    assertThat(photo.get("moment").asString()).isEqualTo("half-and-half");
    assertThat(photo.get("line")).hasSize(4);
  }

  @Test
  void clothsAreInTheWashAndADyedOneIsKeptFromPaleTrim(Api api) {
    List<JsonNode> cloths = list(api.get("/api/v1/shelf/cloths").json());
    assertThat(cloths).hasSizeGreaterThanOrEqualTo(14);
    assertThat(cloths)
        .anySatisfy(c -> assertThat(c.get("toWash").asInt()).isPositive())
        .anySatisfy(c -> assertThat(c.get("colourfast").asBoolean()).isFalse());
  }
}
