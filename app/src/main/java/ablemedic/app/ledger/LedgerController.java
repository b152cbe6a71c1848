package ablemedic.app.ledger;

import ablemedic.app.http.Refusal;
import ablemedic.app.ledger.LedgerStore.LedgerEntry;
import ablemedic.handbook.Handbook;
import de.siegmar.fastcsv.writer.CsvWriter;
import de.siegmar.fastcsv.writer.QuoteStrategies;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The ledger over HTTP. */
@RestController
class LedgerController {
  private final LedgerStore ledger;

  LedgerController(LedgerStore ledger) {
    this.ledger = ledger;
  }

  record Ledger(List<LedgerEntry> entries, double minutes, List<Returning> returning) {}

  /** A sort of cause that came more than once. */
  record Returning(String kind, String title, int times) {}

  @GetMapping("/api/ledger")
  Ledger ledger(
      @RequestParam(defaultValue = "") String q,
      @RequestParam(defaultValue = "") String craft,
      @RequestParam(defaultValue = "") String cause,
      @RequestParam(defaultValue = "") String from,
      @RequestParam(defaultValue = "") String to) {
    List<LedgerEntry> entries = ledger.search(q.strip(), craft, cause, day("from", from, "T00:00:00Z"),
        day("to", to, "T23:59:59.999Z"));
    return new Ledger(entries, entries.stream().mapToDouble(LedgerEntry::minutes).sum(), returning(entries));
  }

  private static String day(String where, String day, String time) {
    if (day.isEmpty()) {
      return "";
    }
    try {
      return LocalDate.parse(day) + time;
    } catch (DateTimeException e) {
      throw Refusal.wrong(where, "“" + day + "” is no day; write it as 2026-03-31.");
    }
  }

  private static List<Returning> returning(List<LedgerEntry> entries) {
    Map<String, Integer> counts = new LinkedHashMap<>();
    for (LedgerEntry entry : entries) {
      for (String kind : entry.kinds().split(" ")) {
        if (!kind.isEmpty()) {
          counts.merge(kind, 1, Integer::sum);
        }
      }
    }
    return counts.entrySet().stream()
        .filter(e -> e.getValue() > 1)
        .sorted(Map.Entry.<String, Integer>comparingByValue().reversed())
        .map(e -> new Returning(e.getKey(),
            Handbook.shipped().page(e.getKey()).map(Handbook.Page::title).orElse(e.getKey()), e.getValue()))
        .toList();
  }

  @GetMapping(value = "/api/ledger.csv", produces = "text/csv")
  ResponseEntity<String> csv() {
    StringWriter text = new StringWriter();
    try (CsvWriter csv = CsvWriter.builder().quoteStrategy(QuoteStrategies.ALWAYS).build(text)) {
      write(csv);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"ledger.csv\"")
        .body(text.toString());
  }

  private void write(CsvWriter csv) {
    csv.writeRecord("closed_at", "craft", "work_up", "complaint", "ended", "reason", "causes", "fixes", "changes",
        "proof", "minutes");
    for (LedgerEntry e : ledger.search("", "", "", "", "")) {
      csv.writeRecord(e.closedAt().toString(), safe(e.mark()), String.valueOf(e.workUpId()), safe(e.complaint()),
          safe(e.ended()), safe(e.reason()), safe(e.causes()), safe(e.fixes()), safe(e.changes()), safe(e.proof()),
          String.format(Locale.ROOT, "%.0f", e.minutes()));
    }
  }

  /** A text that a spreadsheet will not take for a formula. */
  static String safe(String text) {
    return !text.isEmpty() && "=+-@\t\r".indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
  }
}
