package attune.app.handover;

import attune.app.bench.BenchService;
import attune.app.format.JobReader;
import attune.app.history.VisitNotes;
import attune.app.jobs.JobService;
import attune.app.paper.Letterhead;
import attune.app.people.VehicleService;
import attune.app.shop.ShopService;
import attune.app.web.NotNowException;
import attune.core.check.InvalidInputException;
import attune.core.survey.Craft;
import attune.core.words.Phrases;
import com.lowagie.text.PageSize;
import com.lowagie.text.Rectangle;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes a job's report as a file. */
@Service
class ReportPdfs {
  private static final Phrases PHRASES = Phrases.of(ReportPdfs.class);

  private static final Map<String, Rectangle> PAPERS =
      Map.of("a4", PageSize.A4, "letter", PageSize.LETTER);

  private final HandoverService handover;
  private final ShopService shop;
  private final JobService jobs;
  private final VehicleService vehicles;
  private final BenchService bench;
  private final VisitNotes notes;

  ReportPdfs(
      HandoverService handover,
      ShopService shop,
      JobService jobs,
      VehicleService vehicles,
      BenchService bench,
      VisitNotes notes) {
    this.handover = handover;
    this.shop = shop;
    this.jobs = jobs;
    this.vehicles = vehicles;
    this.bench = bench;
    this.notes = notes;
  }

  /**
   * The report.
   *
   * @throws InvalidInputException for a paper there is not
   */
  @Transactional(readOnly = true)
  public byte[] write(UUID jobId, String paper) {
    return new ReportPdf(
            handover.view(jobId),
            letterhead(jobId),
            photo -> {
              try {
                return handover.picture(jobId, photo).getContentAsByteArray();
              } catch (IOException e) {
                throw new UncheckedIOException(e);
              }
            })
        .bytes(size(paper));
  }

  /**
   * The sheet for an aircraft's logbook.
   *
   * @throws NotNowException for what is no aircraft
   */
  @Transactional(readOnly = true)
  public byte[] logbook(UUID jobId, String paper) {
    Rectangle size = size(paper);
    if (JobReader.craft(jobs.get(jobId).document()) != Craft.AIRCRAFT) {
      throw new NotNowException(PHRASES.say("a-sheet-for-the-logbook"));
    }
    return new LogbookPdf(
            handover.view(jobId),
            bench.record(jobId),
            notes.used(jobId),
            letterhead(jobId).withoutTerms())
        .bytes(size);
  }

  private Letterhead letterhead(UUID jobId) {
    return Letterhead.of(shop.settings(), vehicles.get(jobs.get(jobId).vehicleId()));
  }

  private static Rectangle size(String paper) {
    Rectangle size = PAPERS.get(paper);
    if (size == null) {
      throw new InvalidInputException("/paper", "\"" + paper + "\"", PHRASES.say("a4-or-letter"));
    }
    return size;
  }
}
