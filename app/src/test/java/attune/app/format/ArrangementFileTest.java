package attune.app.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import attune.core.check.InvalidInputException;
import attune.core.plan.Arrangement;
import attune.core.plan.Omission;
import attune.core.plan.PartOnOrder;
import attune.core.schedule.Skill;
import attune.core.schedule.Worker;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.json.JsonMapper;

/** Who does it, what was moved and what is left out, as a job file has it. */
class ArrangementFileTest {
  private static final Worker USUAL =
      new Worker("usual", Set.of(Skill.COATING), 8 * 3600, 19 * 3600);
  private static final Worker MIRA = new Worker("Mira Holt", Set.of(), 9 * 3600, 15 * 3600);

  private static JobFile file(String arrangement) {
    Schemas schemas = new Schemas();
    ShelfReader shelves = new ShelfReader(schemas, JsonMapper.shared());
    return new JobReader(schemas, shelves, JsonMapper.shared())
        .bind(
            ("{'format':'attune-job','version':1,'setting':{'start':'2026-05-04T08:00'},"
                    + arrangement
                    + "'surfaces':[{'id':'seat','zone':'rear','part':'cushion','finish':'leather/coated',"
                    + "'texture':'fine','tone':'dark','areaM2':0.4,'role':'seat',"
                    + "'condition':{'soil':'light','wear':'intact'}}]}")
                .replace('\'', '"'));
  }

  private static Arrangement read(String arrangement) {
    return JobReader.arrangement(
        file("'arrangement':" + arrangement + ","), Map.of("Mira Holt", MIRA), USUAL);
  }

  @Test
  void withoutOneNothingIsArranged() {
    assertThat(JobReader.arrangement(file(""), Map.of(), USUAL)).isEqualTo(Arrangement.NONE);
  }

  @Test
  void peopleOfTheShopBringTheirHoursOthersTheUsualOnes() {
    Arrangement a = read("{'crew':['Mira Holt','A guest']}");
    assertThat(a.crew().get(0)).isEqualTo(MIRA);
    assertThat(a.crew().get(1).id()).isEqualTo("A guest");
    assertThat(a.crew().get(1).skills()).isEqualTo(USUAL.skills());
  }

  @Test
  void pinsAndWhatIsLeftOutAreRead() {
    Arrangement a =
        read("{'pins':{'clean-seat':'2026-05-04T15:00'},'leftOut':['textiles','second-coat']}");
    assertThat(a.pins().get("clean-seat")).isEqualTo("2026-05-04T15:00");
    assertThat(a.leftOut()).containsExactlyInAnyOrder(Omission.TEXTILES, Omission.SECOND_COAT);
  }

  @Test
  void partsOnOrderAreRead() {
    Arrangement a =
        read(
            "{'parts':[{'name':'Shift boot','surfaceIds':['seat'],'arrives':'2026-05-06T10:00'}]}");
    assertThat(a.parts())
        .containsExactly(
            new PartOnOrder(
                "Shift boot", List.of("seat"), LocalDateTime.parse("2026-05-06T10:00")));
  }

  @ParameterizedTest(name = "{0}")
  @CsvSource(
      delimiter = '|',
      value = {
        "{'crew':[]}",
        "{'crew':['a','b','c','d','e']}",
        "{'pins':{'clean-seat':'noon'}}",
        "{'leftOut':['everything']}",
        "{'parts':[{'name':'Shift boot','surfaceIds':['seat']}]}",
        "{'parts':[{'name':'','surfaceIds':['seat'],'arrives':'2026-05-06T10:00'}]}",
        "{'robots':1}",
      })
  void whatIsNotAnArrangementIsRefused(String arrangement) {
    assertThatThrownBy(() -> read(arrangement))
        .isInstanceOf(InvalidInputException.class)
        .hasMessageContaining("/arrangement");
  }
}
