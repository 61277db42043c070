package attune.app.format;

/** The published schemas. */
public enum SchemaName {
  JOB("attune-job"),
  SHELF("attune-shelf"),
  PLAN("attune-plan"),
  READING("attune-reading"),
  LAYOUT("attune-layout"),
  FORECAST("attune-forecast");

  private final String file;

  SchemaName(String file) {
    this.file = file;
  }

  String resource() {
    return "/schema/" + file + ".schema.json";
  }

  String id() {
    return "urn:attune:" + file + ":1";
  }
}
