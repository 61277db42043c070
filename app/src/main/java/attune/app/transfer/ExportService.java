package attune.app.transfer;

import attune.app.format.ShelfCsv;
import attune.app.jobs.JobService;
import attune.app.shelf.ShelfService;
import attune.app.transfer.Whole.Part;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.commons.codec.digest.DigestUtils;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.databind.SequenceWriter;
import tools.jackson.databind.json.JsonMapper;

/**
 * Writes everything into one zip of open formats: each job as attune-job, the shelf as CSV, photos
 * and safety sheets as they are, and the rows of every table as JSON, which is what an import
 * reads.
 */
@Service
class ExportService {
  private final Tables tables;
  private final JobService jobs;
  private final ShelfService shelf;
  private final ShelfCsv csv;
  private final Path data;
  private final JsonMapper mapper;
  private final Clock clock;

  ExportService(
      Tables tables,
      JobService jobs,
      ShelfService shelf,
      ShelfCsv csv,
      @Value("${attune.data:./attune-data}") Path data,
      JsonMapper mapper,
      Clock clock) {
    this.tables = tables;
    this.jobs = jobs;
    this.shelf = shelf;
    this.csv = csv;
    this.data = data;
    this.mapper = mapper;
    this.clock = clock;
  }

  /** Writes the file; the same data gives the same parts. */
  @Transactional(readOnly = true)
  public void write(OutputStream stream) throws IOException {
    List<Part> parts = new ArrayList<>();
    try (ZipOutputStream out = new ZipOutputStream(stream)) {
      for (String table : tables.names()) {
        parts.add(table(out, table));
      }
      for (var job : jobs.list()) {
        add(out, parts, Whole.JOBS + job.id() + ".json", json(jobs.document(job.id())));
      }
      byte[] rows = csv.write(mapper.valueToTree(shelf.file())).getBytes(StandardCharsets.UTF_8);
      add(out, parts, Whole.SHELF, rows);
      for (String folder : Whole.FOLDERS) {
        for (Path file : files(data.resolve(folder))) {
          add(out, parts, folder + file.getFileName(), Files.readAllBytes(file));
        }
      }
      LocalDateTime now = LocalDateTime.now(clock).truncatedTo(ChronoUnit.SECONDS);
      out.putNextEntry(new ZipEntry(Whole.MANIFEST));
      out.write(json(new Whole(Whole.FORMAT, Whole.VERSION, now, tables.schema(), parts)));
      out.closeEntry();
    }
  }

  /** Row by row: a shop of years has tables that no memory holds. */
  private Part table(ZipOutputStream out, String table) throws IOException {
    String name = Whole.TABLES + table + ".json";
    out.putNextEntry(new ZipEntry(name));
    Summed summed = new Summed(out);
    try (SequenceWriter rows =
        mapper
            .writerWithDefaultPrettyPrinter()
            .without(StreamWriteFeature.AUTO_CLOSE_TARGET)
            .writeValuesAsArray(summed)) {
      tables.rows(table, rows::write);
    }
    out.closeEntry();
    return new Part(name, summed.bytes(), summed.sha256());
  }

  private byte[] json(Object value) {
    return mapper.writerWithDefaultPrettyPrinter().writeValueAsBytes(value);
  }

  private static void add(ZipOutputStream out, List<Part> parts, String name, byte[] bytes)
      throws IOException {
    out.putNextEntry(new ZipEntry(name));
    out.write(bytes);
    out.closeEntry();
    parts.add(new Part(name, bytes.length, DigestUtils.sha256Hex(bytes)));
  }

  private static List<Path> files(Path folder) throws IOException {
    if (!Files.isDirectory(folder)) {
      return List.of();
    }
    try (Stream<Path> files = Files.list(folder)) {
      return files.filter(f -> !f.toString().endsWith(".part")).sorted().toList();
    }
  }
}
