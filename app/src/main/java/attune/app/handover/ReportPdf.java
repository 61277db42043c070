package attune.app.handover;

import attune.app.handover.HandoverView.Advice;
import attune.app.handover.HandoverView.BeforeAfter;
import attune.app.handover.HandoverView.Half;
import attune.app.handover.HandoverView.NotCured;
import attune.app.handover.HandoverView.NotDone;
import attune.app.handover.HandoverView.Treated;
import attune.app.handover.HandoverView.Used;
import com.lowagie.text.Document;
import com.lowagie.text.Font;
import com.lowagie.text.FontFactory;
import com.lowagie.text.Image;
import com.lowagie.text.Paragraph;
import com.lowagie.text.Phrase;
import com.lowagie.text.Rectangle;
import com.lowagie.text.pdf.PdfPCell;
import com.lowagie.text.pdf.PdfPTable;
import com.lowagie.text.pdf.PdfWriter;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;

/** The customer's report on paper, pictures with it. */
final class ReportPdf {
  private static final Font HEAD = FontFactory.getFont(FontFactory.HELVETICA_BOLD, 17);
  private static final Font PART = FontFactory.getFont(FontFactory.HELVETICA_BOLD, 12);
  private static final Font BOLD = FontFactory.getFont(FontFactory.HELVETICA_BOLD, 9.5f);
  private static final Font TEXT = FontFactory.getFont(FontFactory.HELVETICA, 9.5f);
  private static final Font NOTE = FontFactory.getFont(FontFactory.HELVETICA, 8.5f);
  private static final float MARGIN = 50;
  private static final float PICTURE_HEIGHT = 150;
  private static final int MOST_PAIRS = 6;

  private final HandoverView view;
  private final Function<UUID, byte[]> pictures;
  private final DateTimeFormatter when;

  ReportPdf(HandoverView view, Function<UUID, byte[]> pictures, Locale locale) {
    this.view = view;
    this.pictures = pictures;
    this.when = DateTimeFormatter.ofPattern("EEE d MMM, HH:mm", locale);
  }

  byte[] bytes(Rectangle paper) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    Document page = new Document(paper, MARGIN, MARGIN, MARGIN, MARGIN);
    PdfWriter.getInstance(page, out);
    page.addTitle(view.vehicleLabel() + ": " + view.title());
    page.open();
    page.add(new Paragraph(view.shop(), BOLD));
    page.add(new Paragraph(view.vehicleLabel(), HEAD));
    page.add(new Paragraph(view.title(), TEXT));
    page.add(ready());
    view.gripChecks().forEach(grip -> page.add(spaced("Grip. " + grip.text(), BOLD, 6)));
    part(page, "What was done");
    done(page);
    pictures(page);
    part(page, "What could not be cured");
    if (view.notCured().isEmpty()) {
      page.add(
          new Paragraph(
              view.notDone().isEmpty()
                  ? "Nothing: all that was found could be treated."
                  : "Nothing among what was worked on.",
              TEXT));
    }
    for (NotCured not : view.notCured()) {
      page.add(line(not.label() + ": ", not.text()));
    }
    part(page, "Keeping it so");
    for (Advice advice : view.care()) {
      page.add(line(capital(advice.when()) + ": ", advice.what() + "."));
    }
    page.add(
        new Paragraph(
            "Between visits a cloth damp with water is enough. Nothing slippery on the wheel, pedals"
                + " or levers.",
            TEXT));
    part(page, "What was used");
    for (Used used : view.used()) {
      String batch =
          used.batches().isEmpty() ? "" : ", batch " + String.join(" and ", used.batches());
      String safety = String.join(" ", used.hazards());
      page.add(
          line(
              used.name() + (used.maker().isEmpty() ? "" : ", " + used.maker()),
              ", about " + used.ml() + " ml" + batch + ". " + safety));
    }
    page.add(
        spaced(
            "Safety data sheets on request. A warning lamp, a frayed belt or a fault in a seat is for"
                + " a licensed workshop.",
            NOTE,
            8));
    page.close();
    return out.toByteArray();
  }

  private PdfPTable ready() {
    PdfPTable table = new PdfPTable(3);
    table.setWidthPercentage(100);
    table.setSpacingBefore(10);
    cell(table, "Drive from", view.ready().driveAt());
    cell(table, "Sit from", view.ready().sitAt());
    cell(table, "Fully cured", view.ready().curedAt());
    return table;
  }

  private void cell(PdfPTable table, String label, String time) {
    PdfPCell cell = new PdfPCell();
    cell.addElement(new Phrase(label, NOTE));
    cell.addElement(new Phrase(when.format(LocalDateTime.parse(time)), PART));
    cell.setBorder(Rectangle.LEFT);
    cell.setBorderWidthLeft(2);
    cell.setPaddingLeft(8);
    table.addCell(cell);
  }

  /** Panels with the same story stand in one line. */
  private void done(Document page) {
    Map<String, List<Treated>> alike =
        view.treated().stream()
            .collect(
                Collectors.groupingBy(
                    t -> "Found " + t.found() + "; " + t.did() + ".",
                    LinkedHashMap::new,
                    Collectors.toList()));
    if (alike.isEmpty()) {
      page.add(new Paragraph("Nothing is ticked at the bench yet.", TEXT));
    }
    alike.forEach(
        (story, panels) ->
            page.add(
                line(
                    panels.stream().map(Treated::label).collect(Collectors.joining(", ")) + ". ",
                    story)));
    if (!view.notDone().isEmpty()) {
      page.add(spaced("Left out at this visit", BOLD, 6));
      for (NotDone open : view.notDone()) {
        page.add(line(open.what(), open.words()));
      }
    }
  }

  private void pictures(Document page) {
    if (view.pairs().isEmpty() && view.halves().isEmpty()) {
      return;
    }
    part(page, "Before and after");
    PdfPTable table = new PdfPTable(2);
    table.setWidthPercentage(100);
    table.setSpacingBefore(4);
    for (BeforeAfter pair : view.pairs().stream().limit(MOST_PAIRS).toList()) {
      picture(table, pair.found(), pair.label() + ", as found");
      picture(table, pair.done(), pair.label() + ", done");
    }
    for (Half half : view.halves().stream().limit(MOST_PAIRS).toList()) {
      picture(table, half.photo(), half.label());
    }
    table.completeRow();
    page.add(table);
  }

  private void picture(PdfPTable table, UUID photo, String caption) {
    try {
      Image image = Image.getInstance(pictures.apply(photo));
      image.scaleToFit(
          (table.getTotalWidth() > 0 ? table.getTotalWidth() : 480) / 2, PICTURE_HEIGHT);
      PdfPCell cell = new PdfPCell();
      cell.addElement(image);
      cell.addElement(new Phrase(caption, NOTE));
      cell.setBorder(Rectangle.NO_BORDER);
      cell.setPadding(4);
      table.addCell(cell);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static void part(Document page, String title) {
    page.add(spaced(title, PART, 12));
  }

  private static Paragraph spaced(String text, Font font, float before) {
    Paragraph paragraph = new Paragraph(text, font);
    paragraph.setSpacingBefore(before);
    return paragraph;
  }

  private static Paragraph line(String bold, String text) {
    Paragraph paragraph = new Paragraph(bold, BOLD);
    paragraph.add(new Phrase(text, TEXT));
    paragraph.setSpacingBefore(2);
    return paragraph;
  }

  private static String capital(String text) {
    return Character.toUpperCase(text.charAt(0)) + text.substring(1);
  }
}
