package attune.app.calendar;

import static org.assertj.core.api.Assertions.assertThat;

import attune.app.support.Api;
import attune.app.support.Api.Answer;
import attune.app.support.RunningAttune;
import java.io.IOException;
import java.io.StringReader;
import java.util.List;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A job in the calendar of somebody else's program, held to RFC 5545 by a library. */
@ExtendWith(RunningAttune.class)
class CalendarApiTest {
  private static Calendar read(Answer answer) throws IOException, ParserException {
    assertThat(answer.status()).isEqualTo(200);
    assertThat(answer.type()).startsWith("text/calendar");
    return new CalendarBuilder().build(new StringReader(answer.text()));
  }

  private static List<String> summaries(Calendar calendar) {
    return calendar.<VEvent>getComponents(Component.VEVENT).stream()
        .map(event -> event.getSummary().getValue())
        .toList();
  }

  @Test
  void aJobHasItsVisitsWhenItMayBeUsedAndItsCare(Api api) throws Exception {
    String job = api.surveyedJob("Into the calendar");
    Calendar calendar = read(api.get("/api/v1/jobs/" + job + "/calendar.ics"));
    assertThat(calendar.validate().hasErrors()).isFalse();
    assertThat(summaries(calendar))
        .anyMatch(s -> s.endsWith("Into the calendar"))
        .anyMatch(s -> s.endsWith("may leave"))
        .anyMatch(s -> s.endsWith("may be sat in"))
        .anyMatch(s -> s.contains("Wipe with a cloth damp with water"));
    assertThat(calendar.toString()).contains("RRULE:FREQ=DAILY;INTERVAL=7");
  }

  @Test
  void whoLeavesDuringAWaitIsCalledBack(Api api) throws Exception {
    String job = api.surveyedJob("Back again");
    api.patch("/api/v1/jobs/" + job, "{\"wishes\":{\"protection\":\"barrier\"}}");
    Calendar calendar = read(api.get("/api/v1/jobs/" + job + "/calendar.ics"));
    assertThat(calendar.validate().hasErrors()).isFalse();
    assertThat(summaries(calendar)).anyMatch(s -> s.contains(": back to "));
  }

  @Test
  void theShopsFeedHoldsEveryJobAndEachEventOnce(Api api) throws Exception {
    api.surveyedJob("First in the feed");
    api.surveyedJob("Second in the feed");
    Calendar calendar = read(api.get("/api/v1/calendar.ics"));
    assertThat(calendar.validate().hasErrors()).isFalse();
    assertThat(summaries(calendar))
        .anyMatch(s -> s.endsWith("First in the feed"))
        .anyMatch(s -> s.endsWith("Second in the feed"));
    List<String> ids =
        calendar.<VEvent>getComponents(Component.VEVENT).stream()
            .map(event -> event.getUid().orElseThrow().getValue())
            .toList();
    assertThat(ids).doesNotHaveDuplicates();
  }

  @Test
  void anUnknownJobHasNone(Api api) {
    assertThat(api.get("/api/v1/jobs/00000000-0000-0000-0000-000000000000/calendar.ics").status())
        .isEqualTo(404);
  }
}
