package attune.app.handover;

import attune.app.bench.RunRecord;
import attune.app.bench.RunRecord.RecordLine;
import attune.app.bench.StepWords;
import attune.app.handover.HandoverView.NotCured;
import attune.app.handover.HandoverView.Used;
import attune.app.paper.Letterhead;
import attune.app.paper.Paper;
import attune.app.people.PeopleViews.Treatment;
import attune.core.check.Coded;
import attune.core.measure.Ratio;
import attune.core.plan.Step;
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
    Paper paper = new Paper(size, head, "Cabin cleaning: sheet for the logbook");
    paper.text(view.title() + ". " + when() + by());
    paper.part("What was applied, and where");
    applied(paper);
    paper.part("Products");
    for (Used product : view.used()) {
      paper.line(
          product.name() + (product.maker().isEmpty() ? "" : ", " + product.maker()),
          ", about "
              + product.ml()
              + " ml, batch "
              + (product.batches().isEmpty()
                  ? "not noted"
                  : String.join(" and ", product.batches()))
              + ". "
              + String.join(" ", product.hazards()));
    }
    paper.part("Found and left alone");
    if (view.notCured().isEmpty()) {
      paper.text("Nothing noted.");
    }
    for (NotCured not : view.notCured()) {
      paper.line(not.label() + ": ", not.text());
    }
    paper.spacedLine(
        "Cleaning of cabin trim only: nothing was opened, removed or repaired. This sheet certifies"
            + " nothing. Whether a product may be used in this cabin, and what of this is entered in"
            + " the logbook, is decided by the licensed engineer from the maker's and the"
            + " authority's lists; safety data sheets come with it.",
        Paper.NOTE,
        10);
    signatures(paper);
    return paper.close();
  }

  private String when() {
    LocalDateTime last =
        record.lines().stream()
            .map(RecordLine::at)
            .max(LocalDateTime::compareTo)
            .orElse(record.startedAt());
    return "Worked on " + day.format(last);
  }

  private String by() {
    List<String> people =
        record.lines().stream()
            .map(RecordLine::by)
            .filter(by -> by != null && !by.isBlank())
            .distinct()
            .sorted()
            .toList();
    return people.isEmpty() ? "." : " by " + String.join(", ", people) + ".";
  }

  private void applied(Paper paper) {
    if (used.isEmpty()) {
      paper.text("Nothing but dry work is ticked at the bench.");
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
    Paper.row(table, Paper.BOLD, false, false, "Work", "Product", "Mix", "Passes", "On");
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
                String.join(", ", panels)));
    table.setSpacingBefore(4);
    paper.add(table);
  }

  private static String work(Treatment t) {
    return Coded.find(Step.class, t.step()).map(StepWords::title).orElse(t.step());
  }

  private static String mixed(Treatment t) {
    String mix =
        t.ratio() == null || t.ratio().equals(Ratio.READY.code()) ? "as it comes" : t.ratio();
    return t.ph() == null ? mix : mix + ", pH %.1f".formatted(t.ph());
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
        "Cleaned by, date, signature",
        "Received by the licensed engineer: name, licence number, date, signature");
    paper.add(table);
  }
}
