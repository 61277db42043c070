package attune.app.handover;

import attune.app.bench.RunRecord;
import attune.app.bench.RunRecord.RecordLine;
import attune.app.bench.StepWords;
import attune.app.handover.HandoverView.Used;
import attune.app.paper.Letterhead;
import attune.app.paper.Paper;
import attune.app.people.PeopleViews.Treatment;
import attune.core.check.Coded;
import attune.core.measure.Ratio;
import attune.core.plan.Step;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import com.lowagie.text.Rectangle;
import com.lowagie.text.pdf.PdfPTable;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * For an aircraft's papers: what went on what, from which bottle, by whom, and two lines to sign.
 * It certifies nothing.
 */
final class LogbookPdf {
  private static final Phrases PHRASES = Phrases.of(LogbookPdf.class);

  private final HandoverView view;
  private final RunRecord record;
  private final List<Treatment> used;
  private final Letterhead head;
  private final DateTimeFormatter day;

  LogbookPdf(HandoverView view, RunRecord record, List<Treatment> used, Letterhead head) {
    this.view = view;
    this.record = record;
    this.used = used;
    this.head = head;
    this.day = DateTimeFormatter.ofPattern("d MMMM yyyy", head.locale());
  }

  byte[] bytes(Rectangle size) {
    Paper paper = new Paper(size, head, PHRASES.say("cabin-cleaning-sheet-for-the"));
    paper.text(Lists.sentences(Lists.ended(view.title()), Lists.ended(when())));
    paper.part(PHRASES.say("what-was-applied-and-where"));
    applied(paper);
    paper.part(PHRASES.say("products"));
    for (Used product : view.used()) {
      String batch =
          product.batches().isEmpty() ? PHRASES.say("not-noted") : Lists.all(product.batches());
      paper.headed(
          Lists.facts(product.name(), product.maker()),
          Lists.sentences(
              Lists.ended(PHRASES.say("about-ml-batch", product.ml(), batch)),
              Lists.sentences(product.hazards())));
    }
    paper.part(PHRASES.say("found-and-left-alone"));
    if (view.stays().isEmpty()) {
      paper.text(PHRASES.say("nothing-noted"));
    }
    view.stays().forEach(stays -> paper.headed(Lists.all(stays.panels()), stays.text()));
    paper.spacedLine(PHRASES.say("cleaning-of-cabin-trim-only"), Paper.NOTE, 10);
    signatures(paper);
    return paper.close();
  }

  private String when() {
    LocalDateTime last =
        record.lines().stream()
            .map(RecordLine::at)
            .max(LocalDateTime::compareTo)
            .orElse(record.startedAt());
    List<String> people =
        record.lines().stream()
            .map(RecordLine::by)
            .filter(by -> by != null && !by.isBlank())
            .distinct()
            .sorted()
            .toList();
    return people.isEmpty()
        ? PHRASES.say("worked-on", day.format(last))
        : PHRASES.say("worked-on-by", day.format(last), Lists.all(people));
  }

  private void applied(Paper paper) {
    if (used.isEmpty()) {
      paper.text(PHRASES.say("nothing-but-dry-work-is"));
      return;
    }
    Map<List<String>, List<String>> alike =
        used.stream()
            .collect(
                Collectors.groupingBy(
                    t -> List.of(work(t), t.product(), mixed(t), passes(t)),
                    LinkedHashMap::new,
                    Collectors.mapping(Treatment::panel, Collectors.toList())));
    PdfPTable table = Paper.table(1, 2.2f, 1.6f, 1, 4);
    table.setHeaderRows(1);
    Paper.row(
        table,
        Paper.BOLD,
        false,
        false,
        PHRASES.say("work"),
        PHRASES.say("product"),
        PHRASES.say("mix"),
        PHRASES.say("passes"),
        PHRASES.say("on"));
    alike.forEach(
        (how, panels) ->
            Paper.row(
                table,
                Paper.TEXT,
                true,
                false,
                how.get(0),
                how.get(1),
                how.get(2),
                how.get(3),
                Lists.all(panels)));
    table.setSpacingBefore(4);
    paper.add(table);
  }

  private static String work(Treatment t) {
    return Coded.find(Step.class, t.step()).map(StepWords::title).orElse(t.step());
  }

  private static String mixed(Treatment t) {
    String mix =
        t.ratio() == null || t.ratio().equals(Ratio.READY.code())
            ? PHRASES.say("as-it-comes")
            : t.ratio();
    return t.ph() == null ? mix : PHRASES.say("ph", mix, Phrases.number("%.1f", t.ph()));
  }

  private static String passes(Treatment t) {
    return t.passes() == null ? "" : t.passes().toString();
  }

  private static void signatures(Paper paper) {
    PdfPTable table = Paper.table(1, 1);
    table.setSpacingBefore(36);
    Paper.row(
        table,
        Paper.NOTE,
        true,
        false,
        PHRASES.say("cleaned-by-date-signature"),
        PHRASES.say("received-by-the-licensed"));
    paper.add(table);
  }
}
