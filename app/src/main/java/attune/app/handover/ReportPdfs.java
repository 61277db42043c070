package attune.app.handover;

import attune.app.shop.ShopService;
import attune.core.check.InvalidInputException;
import com.lowagie.text.PageSize;
import com.lowagie.text.Rectangle;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes a job's report as a file. */
@Service
class ReportPdfs {
  private static final Map<String, Rectangle> PAPERS =
      Map.of("a4", PageSize.A4, "letter", PageSize.LETTER);

  private final HandoverService handover;
  private final ShopService shop;

  ReportPdfs(HandoverService handover, ShopService shop) {
    this.handover = handover;
    this.shop = shop;
  }

  /**
   * The report.
   *
   * @throws InvalidInputException for a paper there is not
   */
  @Transactional(readOnly = true)
  public byte[] write(UUID jobId, String paper) {
    Rectangle size = PAPERS.get(paper);
    if (size == null) {
      throw new InvalidInputException("/paper", "\"" + paper + "\"", "a4 or letter");
    }
    return new ReportPdf(
            handover.view(jobId),
            photo -> {
              try {
                return handover.picture(jobId, photo).getContentAsByteArray();
              } catch (IOException e) {
                throw new UncheckedIOException(e);
              }
            },
            Locale.forLanguageTag(shop.settings().locale()))
        .bytes(size);
  }
}
