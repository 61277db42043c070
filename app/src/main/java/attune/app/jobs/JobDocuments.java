package attune.app.jobs;

import attune.app.format.JobFile;
import attune.app.format.JobReader;
import attune.app.format.SchemaName;
import attune.app.format.Schemas;
import attune.app.reference.ReferenceData;
import attune.core.check.Fault;
import attune.core.check.InvalidInputException;
import attune.core.words.Phrases;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Reads, writes and checks the documents of jobs. */
@Component
class JobDocuments {
  private static final Phrases PHRASES = Phrases.of(JobDocuments.class);

  private static final int KEPT = 200;

  private final Schemas schemas;
  private final ReferenceData reference;
  private final JsonMapper mapper;

  /** By their text: a document is read many times and never changes. */
  private final Cache<String, JobFile> documents = Caffeine.newBuilder().maximumSize(KEPT).build();

  JobDocuments(Schemas schemas, ReferenceData reference, JsonMapper mapper) {
    this.schemas = schemas;
    this.reference = reference;
    this.mapper = mapper;
  }

  String text(JobFile document) {
    return mapper.writeValueAsString(document);
  }

  /**
   * Holds a document to its schema, as far as it is answered.
   *
   * @throws InvalidInputException naming every fault
   */
  void check(JobFile document) {
    JobFile whole = document.with(document.surfaces().stream().map(Answered::filled).toList());
    ObjectNode tree = mapper.valueToTree(whole);
    List<Fault> faults = new ArrayList<>(schemas.faults(SchemaName.JOB, tree));
    faults.removeIf(f -> document.surfaces().isEmpty() && f.pointer().equals("/surfaces"));
    JobReader.houseRules(document.houseRules(), reference.houseRules(), faults);
    if (!faults.isEmpty()) {
      throw new InvalidInputException(faults);
    }
    times(document.setting());
  }

  private static void times(JobFile.SettingFile setting) {
    LocalDateTime start = time(setting.start(), "/setting/start");
    if (setting.returnBy() != null
        && time(setting.returnBy(), "/setting/returnBy").isBefore(start)) {
      throw new InvalidInputException(
          "/setting/returnBy",
          "\"" + setting.returnBy() + "\"",
          PHRASES.say("a-time-after-start", setting.start()));
    }
  }

  private static LocalDateTime time(String text, String pointer) {
    try {
      return LocalDateTime.parse(text);
    } catch (java.time.DateTimeException e) {
      throw new InvalidInputException(
          pointer, "\"" + text + "\"", PHRASES.say("a-local-time-yyyy-mm"));
    }
  }

  JobFile read(String json) {
    return documents.get(json, text -> mapper.readValue(text, JobFile.class));
  }
}
