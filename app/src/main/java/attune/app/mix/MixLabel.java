package attune.app.mix;

import attune.app.shelf.Hazards;
import attune.core.check.InvalidInputException;
import attune.core.measure.Mix;
import attune.core.measure.PhInterval;
import attune.core.shelf.Product;
import attune.core.words.Lists;
import attune.core.words.Moments;
import attune.core.words.Phrases;
import com.google.zxing.BarcodeFormat;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.lowagie.text.Document;
import com.lowagie.text.DocumentException;
import com.lowagie.text.Font;
import com.lowagie.text.FontFactory;
import com.lowagie.text.PageSize;
import com.lowagie.text.Paragraph;
import com.lowagie.text.Rectangle;
import com.lowagie.text.pdf.ColumnText;
import com.lowagie.text.pdf.PdfContentByte;
import com.lowagie.text.pdf.PdfWriter;
import java.io.ByteArrayOutputStream;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** A bottle's label as PDF: one on label stock, or a sheet full of it. */
@Component
class MixLabel {
  private static final Phrases PHRASES = Phrases.of(MixLabel.class);

  /** What a bottle holds, and since when. */
  record Filled(
      Product product,
      Mix mix,
      Optional<PhInterval> ph,
      LocalDate mixedOn,
      LocalDate useBy,
      String address) {}

  /** A page, and how many labels of what size lie on it; lengths in mm. */
  private record Stock(Rectangle page, int columns, int rows, float widthMm, float heightMm) {}

  private static final float POINTS_PER_MM = 72 / 25.4f;
  private static final float FULL_WIDTH_MM = 100;
  private static final float FULL_HEIGHT_MM = 62;
  private static final float PAD = 4;
  private static final float QR = 22;
  private static final float SHRINK = 0.94f;
  private static final float SMALLEST = 0.3f;
  private static final Map<String, Stock> STOCKS =
      Map.of(
          "100x62", single(100, 62),
          "89x36", single(89, 36),
          "57x32", single(57, 32),
          "a4", new Stock(PageSize.A4, 2, 4, 99, 67),
          "letter", new Stock(PageSize.LETTER, 2, 5, 101.6f, 50.8f));

  private final Hazards hazards;

  MixLabel(Hazards hazards) {
    this.hazards = hazards;
  }

  private static Stock single(float widthMm, float heightMm) {
    return new Stock(
        new Rectangle(widthMm * POINTS_PER_MM, heightMm * POINTS_PER_MM), 1, 1, widthMm, heightMm);
  }

  /**
   * The label.
   *
   * @param size one of the sizes in mm, or a sheet
   * @throws InvalidInputException if there is no such stock
   */
  byte[] pdf(Filled filled, String size) {
    Stock stock = STOCKS.get(size);
    if (stock == null) {
      throw new InvalidInputException(
          "/size",
          "\"" + size + "\"",
          PHRASES.say("one-of", Lists.facts(STOCKS.keySet().stream().sorted().toList())));
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    Document document = new Document(stock.page(), 0, 0, 0, 0);
    PdfWriter writer = PdfWriter.getInstance(document, out);
    document.addTitle(filled.product().name() + " " + filled.mix().ratio().code());
    document.open();
    float width = stock.widthMm() * POINTS_PER_MM;
    float height = stock.heightMm() * POINTS_PER_MM;
    float left = (stock.page().getWidth() - stock.columns() * width) / 2;
    float bottom = (stock.page().getHeight() - stock.rows() * height) / 2;
    for (int row = 0; row < stock.rows(); row++) {
      for (int column = 0; column < stock.columns(); column++) {
        float x = left + column * width;
        float y = bottom + row * height;
        draw(writer.getDirectContent(), filled, new Rectangle(x, y, x + width, y + height));
      }
    }
    document.close();
    return out.toByteArray();
  }

  private void draw(PdfContentByte on, Filled filled, Rectangle box) {
    float unit = Math.min(box.getHeight() / FULL_HEIGHT_MM, box.getWidth() / FULL_WIDTH_MM);
    float pad = PAD * unit;
    float qr = QR * unit;
    float right = box.getRight() - pad - qr - pad;
    float scale = 1;
    while (write(on, filled, box, right, unit * scale, true) && scale > SMALLEST) {
      scale *= SHRINK;
    }
    write(on, filled, box, right, unit * scale, false);
    qr(on, filled.address(), right + pad, box.getTop() - pad - qr, qr);
    signs(on, filled, right + pad, box.getTop() - pad - qr, qr, box.getBottom() + pad);
  }

  /** Two by two under the code, as large as there is room. */
  private void signs(
      PdfContentByte on, Filled filled, float left, float top, float width, float bottom) {
    List<String> signs =
        hazards.of(filled.product().hazards()).stream()
            .map(Hazards.Hazard::pictogram)
            .distinct()
            .filter(Pictograms::has)
            .toList();
    int rows = (signs.size() + 1) / 2;
    int across = Math.min(2, signs.size());
    float side = rows == 0 ? 0 : Math.min(width / across, (top - bottom) / rows);
    for (int i = 0; i < signs.size(); i++) {
      float x = left + i % 2 * side;
      Pictograms.draw(on, signs.get(i), x, top - (i / 2 + 1) * side, side);
    }
  }

  /**
   * Writes the text, or only tries to.
   *
   * @return true where some of it did not fit
   */
  private boolean write(
      PdfContentByte on, Filled filled, Rectangle box, float right, float unit, boolean trying) {
    ColumnText text = new ColumnText(on);
    float pad = PAD * Math.min(box.getHeight() / FULL_HEIGHT_MM, box.getWidth() / FULL_WIDTH_MM);
    text.setSimpleColumn(box.getLeft() + pad, box.getBottom() + pad, right, box.getTop() - pad / 2);
    text.addElement(line(filled.product().name(), 6 * unit, Font.BOLD));
    text.addElement(line(filled.mix().ratio().code(), 11 * unit, Font.BOLD));
    text.addElement(line(filled.mix().ratio().words(), 4 * unit, Font.NORMAL));
    text.addElement(line(amounts(filled), 4.4f * unit, Font.NORMAL));
    text.addElement(
        line(
            PHRASES.say(
                "mixed-use-by", Moments.date(filled.mixedOn()), Moments.date(filled.useBy())),
            4.4f * unit,
            Font.BOLD));
    List<Hazards.Hazard> said = hazards.of(filled.product().hazards());
    Hazards.signal(said)
        .ifPresent(
            word ->
                text.addElement(
                    line(Phrases.marked(word).toUpperCase(Locale.ROOT), 4.6f * unit, Font.BOLD)));
    for (Hazards.Hazard hazard : said) {
      text.addElement(line(hazard.code() + " " + hazard.statement(), 3.8f * unit, Font.NORMAL));
    }
    text.addElement(line(PHRASES.say("keep-from-children-never-into"), 3.4f * unit, Font.NORMAL));
    try {
      return ColumnText.hasMoreText(text.go(trying));
    } catch (DocumentException e) {
      throw new IllegalStateException(e);
    }
  }

  private static String amounts(Filled filled) {
    String ph =
        filled
            .ph()
            .map(
                p ->
                    PHRASES.say(
                        "ph-to", Phrases.number("%.1f", p.low()), Phrases.number("%.1f", p.high())))
            .orElse(PHRASES.say("ph-not-known"));
    return PHRASES.say(
        "ml-product-ml-water",
        Phrases.number("%.0f", filled.mix().productMl()),
        Phrases.number("%.0f", filled.mix().waterMl()),
        ph);
  }

  private static Paragraph line(String text, float size, int style) {
    Paragraph line = new Paragraph(text, FontFactory.getFont(FontFactory.HELVETICA, size, style));
    line.setLeading(size * 1.12f);
    return line;
  }

  private static void qr(PdfContentByte on, String address, float x, float y, float side) {
    BitMatrix bits;
    try {
      bits = new QRCodeWriter().encode(address, BarcodeFormat.QR_CODE, 0, 0);
    } catch (WriterException e) {
      throw new IllegalStateException(e);
    }
    float cell = side / bits.getWidth();
    for (int row = 0; row < bits.getHeight(); row++) {
      for (int column = 0; column < bits.getWidth(); column++) {
        if (bits.get(column, row)) {
          on.rectangle(x + column * cell, y + side - (row + 1) * cell, cell, cell);
        }
      }
    }
    on.fill();
  }
}
