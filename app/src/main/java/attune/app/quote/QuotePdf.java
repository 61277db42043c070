package attune.app.quote;

import attune.app.paper.Letterhead;
import attune.app.paper.Paper;
import attune.app.quote.QuoteViews.GivenView;
import attune.app.quote.QuoteViews.LineView;
import attune.app.quote.QuoteViews.QuoteView;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import com.lowagie.text.PageSize;
import com.lowagie.text.pdf.PdfPTable;
import java.text.NumberFormat;
import java.time.format.DateTimeFormatter;
import java.util.Currency;
import java.util.List;

/** A quote on paper. */
final class QuotePdf {
  private static final Phrases PHRASES = Phrases.of(QuotePdf.class);

  private final Letterhead head;
  private final String title;
  private final GivenView given;
  private final int goodForDays;
  private final NumberFormat money;
  private final DateTimeFormatter day;

  /**
   * @param goodForDays days it may be agreed to, 1 or more
   */
  QuotePdf(Letterhead head, String title, GivenView given, int goodForDays) {
    this.head = head;
    this.title = title;
    this.given = given;
    this.goodForDays = goodForDays;
    this.money = NumberFormat.getCurrencyInstance(head.locale());
    this.money.setCurrency(Currency.getInstance(given.quote().currency()));
    this.day = DateTimeFormatter.ofPattern("d MMMM yyyy", head.locale());
  }

  byte[] bytes() {
    Paper paper = new Paper(PageSize.A4, head, PHRASES.say("quote", given.number()));
    paper.text(given.quote().level() == null ? title : Lists.headed(title, given.quote().level()));
    paper.text(state());
    PdfPTable lines = lines();
    lines.setSpacingBefore(16);
    paper.add(lines);
    referred(paper);
    paper.spacedLine(PHRASES.say("a-finish-shows-what-it"), Paper.NOTE, 14);
    return paper.close();
  }

  private String state() {
    return given.agreedAt() == null
        ? PHRASES.say(
            "good-until",
            day.format(given.quotedAt()),
            day.format(given.quotedAt().plusDays(goodForDays)))
        : PHRASES.say("agreed", day.format(given.quotedAt()), day.format(given.agreedAt()));
  }

  private PdfPTable lines() {
    QuoteView quote = given.quote();
    PdfPTable table = Paper.table(6, 1.4f, 1.6f, 1.6f, 1.6f);
    table.setHeaderRows(1);
    Paper.row(
        table,
        Paper.BOLD,
        true,
        true,
        "",
        PHRASES.say("time"),
        PHRASES.say("work"),
        PHRASES.say("materials"),
        PHRASES.say("sum"));
    for (LineView line : quote.lines()) {
      if (line.taken()) {
        Paper.row(
            table,
            Paper.TEXT,
            false,
            true,
            line.says(),
            PHRASES.say("min", line.minutes()),
            amount(line.workMinor()),
            line.priced() ? amount(line.materialMinor()) : PHRASES.say("as-used"),
            amount(line.minor()));
      }
    }
    Paper.row(
        table, Paper.TEXT, true, true, PHRASES.say("net"), "", "", "", amount(quote.netMinor()));
    Paper.row(
        table,
        Paper.TEXT,
        false,
        true,
        PHRASES.say("tax", percent(quote.taxPercent())),
        "",
        "",
        "",
        amount(quote.taxMinor()));
    Paper.row(
        table,
        Paper.BOLD,
        true,
        true,
        PHRASES.say("to-pay"),
        "",
        "",
        "",
        amount(quote.grossMinor()));
    return table;
  }

  private void referred(Paper paper) {
    List<LineView> others = given.quote().lines().stream().filter(line -> line.refers()).toList();
    if (!others.isEmpty()) {
      paper.part(PHRASES.say("not-cleaning-for-a-repairer"));
      others.forEach(line -> paper.text(line.says()));
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
