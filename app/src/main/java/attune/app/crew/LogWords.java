package attune.app.crew;

import attune.app.jobs.JobService;
import attune.core.words.Lists;
import jakarta.annotation.Nullable;
import java.util.NoSuchElementException;
import java.util.Objects;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;

/** Says what a line of the log is about: a car or somebody who works here, never a customer. */
@Component
class LogWords {
  private static final Pattern ABOUT =
      Pattern.compile("/(jobs|members)/([0-9a-fA-F]{8}(?:-[0-9a-fA-F]{4}){3}-[0-9a-fA-F]{12})");

  private final JobService jobs;
  private final CrewService crew;

  LogWords(JobService jobs, CrewService crew) {
    this.jobs = jobs;
    this.crew = crew;
  }

  /** Of an operation, by its path; empty where the kind of the line says it all. */
  @Nullable
  String about(String uri) {
    Matcher found = ABOUT.matcher(uri);
    if (!found.find()) {
      return "";
    }
    UUID id = UUID.fromString(found.group(2));
    return found.group(1).equals("jobs")
        ? job(id)
        : crew.who(id).map(who -> Lists.facts(who.name(), who.role().word())).orElse("");
  }

  private @Nullable String job(UUID id) {
    try {
      var document = jobs.document(id);
      return document.vehicle() == null || document.vehicle().label() == null
          ? document.title()
          : Lists.headed(
              document.vehicle().label(), Objects.requireNonNullElse(document.title(), ""));
    } catch (NoSuchElementException e) {
      return "";
    }
  }
}
