package attune.app.transfer;

import attune.app.transfer.ImportService.Imported;
import java.io.IOException;
import java.io.InputStream;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** All data out and in, over HTTP. */
@RestController
@RequestMapping("/api/v1")
class TransferController {
  private final ExportService exports;
  private final ImportService imports;

  TransferController(ExportService exports, ImportService imports) {
    this.exports = exports;
    this.imports = imports;
  }

  @GetMapping(path = "/export.zip", produces = "application/zip")
  ResponseEntity<StreamingResponseBody> export() {
    return ResponseEntity.ok()
        .contentType(MediaType.valueOf("application/zip"))
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"attune-data.zip\"")
        .body(exports::write);
  }

  @PostMapping(path = "/import", consumes = "application/zip")
  Imported bring(InputStream zip, @RequestParam(defaultValue = "false") boolean replace)
      throws IOException {
    return imports.bring(zip, replace);
  }
}
