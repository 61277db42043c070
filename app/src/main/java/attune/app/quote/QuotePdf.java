package attune.app.quote;

import attune.app.quote.QuoteViews.GivenView;
import attune.app.quote.QuoteViews.LineView;
import attune.app.quote.QuoteViews.QuoteView;
import com.lowagie.text.Document;
import com.lowagie.text.Element;
import com.lowagie.text.Font;
import com.lowagie.text.FontFactory;
import com.lowagie.text.PageSize;
import com.lowagie.text.Paragraph;
import com.lowagie.text.Phrase;
import com.lowagie.text.Rectangle;
import com.lowagie.text.pdf.PdfPCell;
import com.lowagie.text.pdf.PdfPTable;
import com.lowagie.text.pdf.PdfWriter;
import java.io.ByteArrayOutputStream;
import java.text.NumberFormat;
import java.time.format.DateTimeFormatter;
import java.util.Currency;
import java.util.List;
import java.util.Locale;

/** A quote on paper. */
final class QuotePdf {
  private static final Font HEAD = FontFactory.getFont(FontFactory.HELVETICA_BOLD, 17);
  private static final Font BOLD = FontFactory.getFont(FontFactory.HELVETICA_BOLD, 10.5f);
  private static final Font TEXT = FontFactory.getFont(FontFactory.HELVETICA, 10.5f);
  private static final Font NOTE = FontFactory.getFont(FontFactory.HELVETICA, 8.5f);
  private static final float MARGIN = 56;
  private static final float ROW = 5;

  private final String shop;
  private final String vehicle;
  private final String title;
  private final GivenView given;
  private final NumberFormat money;
  private final DateTimeFormatter day;

  QuotePdf(String shop, String vehicle, String title, GivenView given, Locale locale) {
    this.shop = shop;
    this.vehicle = vehicle;
    this.title = title;
    this.given = given;
    this.money = NumberFormat.getCurrencyInstance(locale);
    this.money.setCurrency(Currency.getInstance(given.quote().currency()));
    this.day = DateTimeFormatter.ofPattern("d MMMM yyyy", locale);
  }

  byte[] bytes() {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    Document page = new Document(PageSize.A4, MARGIN, MARGIN, MARGIN, MARGIN);
    PdfWriter.getInstance(page, out);
    page.addTitle("Quote " + given.number() + ", " + vehicle);
    page.open();
    page.add(new Paragraph(shop, BOLD));
    page.add(new Paragraph("Quote " + given.number(), HEAD));
    page.add(new Paragraph(vehicle + ": " + title, TEXT));
    page.add(new Paragraph(day.format(given.quotedAt()) + state(), TEXT));
    page.add(lines());
    referred(page);
    Paragraph note =
        new Paragraph(
            "A finish shows what it stands only when it is tested: if the test spot lifts colour the"
                + " work stops and you are asked. What is referred is not in this price.",
            NOTE);
    note.setSpacingBefore(14);
    page.add(note);
    page.close();
    return out.toByteArray();
  }

  private String state() {
    return given.agreedAt() == null ? "" : ", agreed " + day.format(given.agreedAt());
  }

  private PdfPTable lines() {
    QuoteView quote = given.quote();
    PdfPTable table = new PdfPTable(new float[] {6, 1.4f, 1.6f, 1.6f, 1.6f});
    table.setWidthPercentage(100);
    table.setSpacingBefore(16);
    table.setHeaderRows(1);
    row(table, BOLD, true, "", "Time", "Work", "Materials", "Sum");
    for (LineView line : quote.lines()) {
      if (line.taken()) {
        row(
            table,
            TEXT,
            false,
            line.says(),
            line.minutes() + " min",
            amount(line.workMinor()),
            line.priced() ? amount(line.materialMinor()) : "as used",
            amount(line.minor()));
      }
    }
    row(table, TEXT, true, "Net", "", "", "", amount(quote.netMinor()));
    row(
        table,
        TEXT,
        false,
        "Tax, " + percent(quote.taxPercent()),
        "",
        "",
        "",
        amount(quote.taxMinor()));
    row(table, BOLD, true, "To pay", "", "", "", amount(quote.grossMinor()));
    return table;
  }

  private void referred(Document page) {
    List<LineView> others =
        given.quote().lines().stream().filter(line -> line.sold().equals("referred")).toList();
    if (!others.isEmpty()) {
      Paragraph head = new Paragraph("Not cleaning: for a repairer or a licensed workshop", BOLD);
      head.setSpacingBefore(16);
      page.add(head);
      others.forEach(line -> page.add(new Paragraph(line.says(), TEXT)));
    }
  }

  private static void row(PdfPTable table, Font font, boolean ruled, String... cells) {
    for (int i = 0; i < cells.length; i++) {
      PdfPCell cell = new PdfPCell(new Phrase(cells[i], font));
      cell.setBorder(ruled ? Rectangle.TOP : Rectangle.NO_BORDER);
      cell.setPaddingTop(ROW);
      cell.setPaddingBottom(ROW);
      cell.setHorizontalAlignment(i == 0 ? Element.ALIGN_LEFT : Element.ALIGN_RIGHT);
      table.addCell(cell);
    }
  }

  private String amount(long minor) {
    int digits = Math.max(0, money.getCurrency().getDefaultFractionDigits());
    return money.format(minor / Math.pow(10, digits));
  }

  private static String percent(double percent) {
    return (percent == Math.rint(percent) ? "%.0f %%" : "%.1f %%").formatted(percent);
  }
}
