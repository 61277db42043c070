package attune.app.transfer;

import java.time.LocalDateTime;
import java.util.List;

/** The manifest of a whole-data file. */
record Whole(String format, int version, LocalDateTime at, String schema, List<Part> files) {
  static final String FORMAT = "attune-data";
  static final int VERSION = 1;
  static final String MANIFEST = "manifest.json";
  static final String TABLES = "tables/";
  static final String JOBS = "jobs/";
  static final String SHELF = "shelf.csv";
  static final List<String> FOLDERS = List.of("photos/", "safety-sheets/");

  /**
   * A file in it.
   *
   * @param sha256 of its bytes, in hexadecimal
   */
  record Part(String name, long bytes, String sha256) {}
}
