package attune.app.shelf;

import attune.core.check.InvalidInputException;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.NoSuchElementException;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Safety data sheets: an address, or a PDF kept beside the database. */
@Service
@Transactional
class SafetySheets {
  private static final Phrases PHRASES = Phrases.of(SafetySheets.class);

  private static final String PDF_MARK = "%PDF-";
  private static final int LONGEST_NAME = 200;

  /** Where a sheet is; both parts may be missing. */
  record Sheet(Optional<String> link, Optional<String> fileName) {}

  private final SafetySheetRepository sheets;
  private final ShelfItemRepository items;
  private final Path directory;

  SafetySheets(
      SafetySheetRepository sheets,
      ShelfItemRepository items,
      @Value("${attune.data:./attune-data}") Path data) {
    this.sheets = sheets;
    this.items = items;
    this.directory = data.resolve("safety-sheets");
  }

  @Transactional(readOnly = true)
  public Sheet of(String productId) {
    return sheets
        .findById(productId)
        .map(s -> new Sheet(Optional.ofNullable(s.link()), Optional.ofNullable(s.fileName())))
        .orElse(new Sheet(Optional.empty(), Optional.empty()));
  }

  void link(String productId, @Nullable String address) {
    SafetySheetEntity sheet = sheet(productId);
    sheet.linkTo(address);
    sheets.saveAndFlush(sheet);
  }

  /**
   * Keeps a PDF.
   *
   * @throws InvalidInputException if it is not one
   */
  void file(String productId, String name, byte[] pdf) {
    String start =
        new String(pdf, 0, Math.min(PDF_MARK.length(), pdf.length), StandardCharsets.US_ASCII);
    if (!start.equals(PDF_MARK)) {
      throw new InvalidInputException(
          "/file", PHRASES.say("a-file-of-another-kind"), PHRASES.say("a-pdf"));
    }
    SafetySheetEntity sheet = sheet(productId);
    String shown = name == null || name.isBlank() ? "safety-sheet.pdf" : name;
    sheet.file(shown.substring(0, Math.min(LONGEST_NAME, shown.length())), pdf.length);
    sheets.saveAndFlush(sheet);
    try {
      Files.createDirectories(directory);
      Files.write(path(productId), pdf);
    } catch (IOException e) {
      throw new UncheckedIOException("cannot store the safety sheet", e);
    }
  }

  @Transactional(readOnly = true)
  public Resource read(String productId) {
    Resource file = new FileSystemResource(path(productId));
    if (of(productId).fileName().isEmpty() || !file.exists()) {
      throw new NoSuchElementException(PHRASES.say("there-is-no-safety-sheet"));
    }
    return file;
  }

  /** Ids are slugs, so that no path can be made of them. */
  private Path path(String productId) {
    return directory.resolve(productId + ".pdf");
  }

  private SafetySheetEntity sheet(String productId) {
    if (items.findById(productId).isEmpty()) {
      throw new NoSuchElementException(PHRASES.say("there-is-no-such-product"));
    }
    return sheets.findById(productId).orElseGet(() -> new SafetySheetEntity(productId));
  }
}
