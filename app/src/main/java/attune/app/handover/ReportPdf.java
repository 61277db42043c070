package attune.app.handover;

import attune.app.handover.HandoverView.Advice;
import attune.app.handover.HandoverView.BeforeAfter;
import attune.app.handover.HandoverView.Correction;
import attune.app.handover.HandoverView.Half;
import attune.app.handover.HandoverView.NotDone;
import attune.app.handover.HandoverView.Ready;
import attune.app.handover.HandoverView.Story;
import attune.app.handover.HandoverView.Used;
import attune.app.paper.Letterhead;
import attune.app.paper.Paper;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import attune.core.words.Words;
import com.lowagie.text.Image;
import com.lowagie.text.Phrase;
import com.lowagie.text.Rectangle;
import com.lowagie.text.pdf.PdfPCell;
import com.lowagie.text.pdf.PdfPTable;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.UUID;
import java.util.function.Function;

/** The customer's report on paper, pictures with it. */
final class ReportPdf {
  /** Panels that are named; more are most of the cabin. */
  private static final int READABLE = 6;

  private static final Phrases PHRASES = Phrases.of(ReportPdf.class);

  private static final float PICTURE_HEIGHT = 150;
  private static final int MOST_PAIRS = 6;

  private final HandoverView view;
  private final Letterhead head;
  private final Function<UUID, byte[]> pictures;
  private final DateTimeFormatter when;

  ReportPdf(HandoverView view, Letterhead head, Function<UUID, byte[]> pictures) {
    this.view = view;
    this.head = head;
    this.pictures = pictures;
    this.when = DateTimeFormatter.ofPattern("EEE d MMM, HH:mm", head.locale());
  }

  byte[] bytes(Rectangle size) {
    Paper paper = new Paper(size, head, PHRASES.say("hand-over"));
    paper.text(view.title());
    paper.add(ready());
    view.gripChecks()
        .forEach(grip -> paper.spacedLine(PHRASES.say("grip", grip.text()), Paper.BOLD, 6));
    corrections(paper);
    paper.part(PHRASES.say("what-was-done"));
    done(paper);
    pictures(paper);
    paper.part(PHRASES.say("what-could-not-be-cured"));
    if (view.stays().isEmpty()) {
      paper.text(
          view.notDone().isEmpty()
              ? PHRASES.say("nothing-all-that-was-found")
              : PHRASES.say("nothing-among-what-was-worked"));
    }
    view.stays().forEach(stays -> paper.headed(Lists.all(stays.panels()), stays.text()));
    paper.part(PHRASES.say("keeping-it-so"));
    for (Advice advice : view.care()) {
      boolean named = !advice.labels().isEmpty() && advice.labels().size() <= READABLE;
      paper.headed(
          Words.capital(advice.when()),
          Lists.sentences(
              Lists.ended(advice.what()), named ? Lists.ended(Lists.all(advice.labels())) : ""));
    }
    paper.text(PHRASES.say("between-visits-a-cloth-damp"));
    paper.part(PHRASES.say("what-was-used"));
    for (Used used : view.used()) {
      String how =
          Lists.facts(
              PHRASES.say("about-ml", used.ml()),
              used.batches().isEmpty()
                  ? ""
                  : PHRASES.say("batch", used.batches().size(), Lists.all(used.batches())));
      paper.headed(
          Lists.facts(used.name(), used.maker()),
          Lists.sentences(Lists.ended(how), Lists.sentences(used.hazards())));
    }
    paper.spacedLine(PHRASES.say("safety-data-sheets-on-request"), Paper.NOTE, 8);
    return paper.close();
  }

  private PdfPTable ready() {
    Ready ready = view.ready();
    boolean cures =
        ready.curedAt().compareTo(ready.sitAt()) > 0
            && ready.curedAt().compareTo(ready.driveAt()) > 0;
    PdfPTable table = cures ? Paper.table(1, 1, 1) : Paper.table(1, 1);
    table.setSpacingBefore(10);
    cell(table, PHRASES.say("drive-from", view.craft().code()), ready.driveAt());
    cell(table, PHRASES.say("sit-from"), ready.sitAt());
    if (cures) {
      cell(table, PHRASES.say("fully-cured"), ready.curedAt());
    }
    return table;
  }

  private void cell(PdfPTable table, String label, String time) {
    PdfPCell cell = new PdfPCell();
    cell.addElement(new Phrase(label, Paper.NOTE));
    cell.addElement(new Phrase(when.format(LocalDateTime.parse(time)), Paper.PART));
    cell.setBorder(Rectangle.LEFT);
    cell.setBorderWidthLeft(2);
    cell.setPaddingLeft(8);
    table.addCell(cell);
  }

  private void corrections(Paper paper) {
    if (view.corrections().isEmpty()) {
      return;
    }
    paper.part(PHRASES.say("put-right-since-the-hand"));
    for (Correction c : view.corrections()) {
      String told = c.told().isEmpty() ? "" : PHRASES.say("told-then", c.told());
      paper.titled(Lists.facts(when.format(c.at()), c.what()), Lists.sentences(c.text(), told));
    }
  }

  /** Panels with the same story stand in one line. */
  private void done(Paper paper) {
    if (view.done().isEmpty()) {
      paper.text(PHRASES.say("nothing-is-ticked-at-the"));
    }
    for (Story story : view.done()) {
      paper.titled(Lists.all(story.panels()), PHRASES.say("found", story.found(), story.did()));
    }
    if (!view.notDone().isEmpty()) {
      paper.spacedLine(PHRASES.say("left-out-at-this-visit"), Paper.BOLD, 6);
      for (NotDone open : view.notDone()) {
        paper.headed(open.what(), open.words());
      }
    }
  }

  private void pictures(Paper paper) {
    if (view.pairs().isEmpty() && view.halves().isEmpty()) {
      return;
    }
    paper.part(PHRASES.say("before-and-after"));
    PdfPTable table = Paper.table(1, 1);
    table.setSpacingBefore(4);
    for (BeforeAfter pair : view.pairs().stream().limit(MOST_PAIRS).toList()) {
      picture(table, pair.found(), PHRASES.say("as-found", pair.label()));
      picture(table, pair.done(), PHRASES.say("done", pair.label()));
    }
    for (Half half : view.halves().stream().limit(MOST_PAIRS).toList()) {
      picture(table, half.photo(), half.label());
    }
    table.completeRow();
    paper.add(table);
  }

  private void picture(PdfPTable table, UUID photo, String caption) {
    try {
      Image image = Image.getInstance(pictures.apply(photo));
      image.scaleToFit(
          (table.getTotalWidth() > 0 ? table.getTotalWidth() : 480) / 2, PICTURE_HEIGHT);
      PdfPCell cell = new PdfPCell();
      cell.addElement(image);
      cell.addElement(new Phrase(caption, Paper.NOTE));
      cell.setBorder(Rectangle.NO_BORDER);
      cell.setPadding(4);
      table.addCell(cell);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
