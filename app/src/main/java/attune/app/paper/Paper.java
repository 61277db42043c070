package attune.app.paper;

import attune.core.words.Lists;
import attune.core.words.Phrases;
import com.lowagie.text.Document;
import com.lowagie.text.Element;
import com.lowagie.text.Font;
import com.lowagie.text.FontFactory;
import com.lowagie.text.Paragraph;
import com.lowagie.text.Phrase;
import com.lowagie.text.Rectangle;
import com.lowagie.text.pdf.ColumnText;
import com.lowagie.text.pdf.PdfContentByte;
import com.lowagie.text.pdf.PdfPCell;
import com.lowagie.text.pdf.PdfPTable;
import com.lowagie.text.pdf.PdfPageEventHelper;
import com.lowagie.text.pdf.PdfTemplate;
import com.lowagie.text.pdf.PdfWriter;
import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.List;

/** A paper as it is written, from its letterhead to the number of its last page. */
public final class Paper {
  private static final Phrases PHRASES = Phrases.of(Paper.class);

  public static final Font HEAD = FontFactory.getFont(FontFactory.HELVETICA_BOLD, 17);
  public static final Font PART = FontFactory.getFont(FontFactory.HELVETICA_BOLD, 12);
  public static final Font BOLD = FontFactory.getFont(FontFactory.HELVETICA_BOLD, 9.5f);
  public static final Font TEXT = FontFactory.getFont(FontFactory.HELVETICA, 9.5f);
  public static final Font NOTE = FontFactory.getFont(FontFactory.HELVETICA, 8.5f);
  private static final float MARGIN = 50;
  private static final float FOOT = 28;
  private static final float ROW = 4;

  private final ByteArrayOutputStream out = new ByteArrayOutputStream();
  private final Document page;
  private final Letterhead head;

  /**
   * Opens a paper under its letterhead.
   *
   * @param title what it is, such as Quote 3
   */
  public Paper(Rectangle size, Letterhead head, String title) {
    this.head = head;
    page = new Document(size, MARGIN, MARGIN, MARGIN, MARGIN + FOOT / 2);
    PdfWriter writer = PdfWriter.getInstance(page, out);
    writer.setPageEvent(new Foot(head.shop().isEmpty() ? title : Lists.facts(head.shop(), title)));
    page.addTitle(head.vehicle().isEmpty() ? title : Lists.headed(head.vehicle(), title));
    page.open();
    letterhead(title);
  }

  private void letterhead(String title) {
    PdfPTable top = table(1.6f, 1);
    PdfPCell shop = bare();
    shop.addElement(new Phrase(head.shop(), PART));
    head.sender().forEach(line -> shop.addElement(new Phrase(line, NOTE)));
    top.addCell(shop);
    PdfPCell receiver = bare();
    head.receiver().forEach(line -> receiver.addElement(new Phrase(line, NOTE)));
    top.addCell(receiver);
    page.add(top);
    add(spaced(title, HEAD, 10));
    if (!head.vehicle().isEmpty()) {
      add(new Paragraph(head.vehicle(), BOLD));
    }
  }

  public void add(Element element) {
    page.add(element);
  }

  public void text(String text) {
    add(new Paragraph(text, TEXT));
  }

  /** Heading of a part. */
  public void part(String title) {
    add(spaced(title, PART, 12));
  }

  /** A line that begins with what it is about, and says something of it, if anything. */
  public void headed(String about, String text) {
    line(text.isEmpty() ? about : PHRASES.say("headed", about), text);
  }

  /** A line that begins with a title, as if it were a sentence of its own. */
  public void titled(String title, String text) {
    line(Lists.ended(title), text);
  }

  private void line(String bold, String text) {
    Paragraph paragraph = new Paragraph(bold + " ", BOLD);
    paragraph.add(new Phrase(text, TEXT));
    paragraph.setSpacingBefore(2);
    add(paragraph);
  }

  public void spacedLine(String text, Font font, float before) {
    add(spaced(text, font, before));
  }

  private static Paragraph spaced(String text, Font font, float before) {
    Paragraph paragraph = new Paragraph(text, font);
    paragraph.setSpacingBefore(before);
    return paragraph;
  }

  /** A table over the whole width, columns in these shares. */
  public static PdfPTable table(float... shares) {
    PdfPTable table = new PdfPTable(shares);
    table.setWidthPercentage(100);
    return table;
  }

  /** A row; numbers stand to the right where they are {@code amounts}. */
  public static void row(
      PdfPTable table, Font font, boolean ruled, boolean amounts, String... cells) {
    for (int i = 0; i < cells.length; i++) {
      PdfPCell cell = new PdfPCell(new Phrase(cells[i], font));
      cell.setBorder(ruled ? Rectangle.TOP : Rectangle.NO_BORDER);
      cell.setPaddingTop(ROW);
      cell.setPaddingBottom(ROW);
      cell.setHorizontalAlignment(i > 0 && amounts ? Element.ALIGN_RIGHT : Element.ALIGN_LEFT);
      table.addCell(cell);
    }
  }

  private static PdfPCell bare() {
    PdfPCell cell = new PdfPCell();
    cell.setBorder(Rectangle.NO_BORDER);
    cell.setPadding(0);
    return cell;
  }

  /** Closes it under the shop's terms. */
  public byte[] close() {
    head.terms().ifPresent(terms -> add(spaced(terms, NOTE, 12)));
    page.close();
    return out.toByteArray();
  }

  /** What it is and which page of how many, at the foot of each. */
  private static final class Foot extends PdfPageEventHelper {
    private static final float SIZE = 8;
    private static final float WIDEST = 120;
    private final String what;
    private final List<PdfTemplate> pages = new ArrayList<>();

    Foot(String what) {
      this.what = what;
    }

    @Override
    public void onEndPage(PdfWriter writer, Document document) {
      PdfContentByte canvas = writer.getDirectContent();
      ColumnText.showTextAligned(
          canvas, Element.ALIGN_LEFT, new Phrase(what, NOTE), document.left(), FOOT, 0);
      PdfTemplate page = canvas.createTemplate(WIDEST, SIZE + 2);
      canvas.addTemplate(page, document.right() - WIDEST, FOOT);
      pages.add(page);
    }

    @Override
    public void onCloseDocument(PdfWriter writer, Document document) {
      for (int i = 0; i < pages.size(); i++) {
        ColumnText.showTextAligned(
            pages.get(i),
            Element.ALIGN_RIGHT,
            new Phrase(PHRASES.say("page-of", i + 1, pages.size()), NOTE),
            WIDEST,
            0,
            0);
      }
    }
  }
}
