package ablemedic.app.repairs;

import ablemedic.Families;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.http.Refusal;
import ablemedic.app.http.SafeCsv;
import ablemedic.app.http.Zones;
import ablemedic.app.repairs.RepairLogEntry.Repaired;
import ablemedic.app.repairs.RepairLogStore.Search;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.handbook.Handbook;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The repair log over HTTP. */
@RestController
class RepairLogController {
    private static final Words REFUSALS =
            Catalogue.beside(RepairLogController.class, "refusals").of("repair-log-controller");
    /** Entries of a page. */
    private static final int PAGE = 50;

    private final RepairLogStore repairLog;
    private final CraftStore crafts;

    RepairLogController(RepairLogStore repairLog, CraftStore crafts) {
        this.repairLog = repairLog;
        this.crafts = crafts;
    }

    /**
     * What was found.
     *
     * @param entries those of this page
     * @param all how many there are on all pages
     * @param minutes of all of them
     */
    record RepairLog(List<RepairLogEntry> entries, int all, double minutes, List<Returning> returning) {}

    /** A kind of cause that came more than once. */
    record Returning(String kind, String title, int times) {}

    /**
     * Searches the repair log.
     *
     * @param zone the time zone whose days are meant, such as Europe/Dublin; left out, that of the program's computer
     * @param skip how many entries to leave out at the start
     */
    @GetMapping("/api/repair-log")
    RepairLog repairLog(
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "") String craft,
            @RequestParam(defaultValue = "") String cause,
            @RequestParam(defaultValue = "") String from,
            @RequestParam(defaultValue = "") String to,
            @RequestParam(defaultValue = "") String zone,
            @RequestParam(defaultValue = "0") int skip) {
        ZoneId where = Zones.of(zone);
        List<RepairLogEntry> found = repairLog.find(new Search(
                q,
                craft.strip(),
                cause,
                day("from", from).map(day -> day.atStartOfDay(where).toInstant()),
                day("to", to).map(day -> day.plusDays(1).atStartOfDay(where).toInstant())));
        return new RepairLog(
                found.stream().skip(Math.max(0, skip)).limit(PAGE).toList(),
                found.size(),
                found.stream().mapToDouble(RepairLogEntry::minutes).sum(),
                returning(found));
    }

    private static Optional<LocalDate> day(String where, String day) {
        try {
            LocalDate read = day.isEmpty() ? null : LocalDate.parse(day);
            if (read != null && (read.getYear() < 1970 || read.getYear() > 9999)) {
                throw Refusal.wrong(where, REFUSALS.with("day", day), "years");
            }
            return Optional.ofNullable(read);
        } catch (DateTimeException e) {
            throw Refusal.wrong(where, REFUSALS.with("day", Refusal.shortened(day)), "no-day");
        }
    }

    private static List<Returning> returning(List<RepairLogEntry> entries) {
        Map<String, Integer> counts = new LinkedHashMap<>();
        for (RepairLogEntry entry : entries) {
            for (String kind : new LinkedHashSet<>(entry.repaired().kinds())) {
                counts.merge(kind, 1, Integer::sum);
            }
        }
        return counts.entrySet().stream()
                .filter(e -> e.getValue() > 1)
                .sorted(Map.Entry.<String, Integer>comparingByValue().reversed())
                .map(e -> new Returning(
                        e.getKey(),
                        Families.handbook()
                                .page(e.getKey())
                                .map(Handbook.Page::title)
                                .orElse(e.getKey()),
                        e.getValue()))
                .toList();
    }

    /** What comes back again and again, and how the bench went month by month. */
    @GetMapping("/api/repair-log/trends")
    Trends trends(@RequestParam(defaultValue = "") String zone) {
        return Trends.of(repairLog.find(Search.ALL), builders(), Zones.of(zone));
    }

    private Map<String, String> builders() {
        return crafts.all().stream().collect(Collectors.toMap(CraftStore.Row::craftId, CraftStore.Row::builder));
    }

    @GetMapping(value = "/api/repair-log.csv", produces = "text/csv")
    ResponseEntity<String> csv() {
        SafeCsv csv = new SafeCsv(
                "closed_at",
                "craft",
                "work_up",
                "complaint",
                "ended",
                "reason",
                "causes",
                "parts",
                "fixes",
                "changes",
                "proof",
                "minutes");
        for (RepairLogEntry e : repairLog.find(Search.ALL)) {
            Repaired repaired = e.repaired();
            csv.row(
                    e.closedAt().toString(),
                    e.craftId(),
                    String.valueOf(e.workUpId()),
                    e.complaint(),
                    e.ended(),
                    e.reason(),
                    joined(repaired.causes()),
                    joined(repaired.parts()),
                    joined(repaired.fixes()),
                    joined(repaired.changes()),
                    joined(repaired.proof()),
                    String.format(Locale.ROOT, "%.0f", e.minutes()));
        }
        return csv.as("repair-log.csv");
    }

    private static String joined(List<String> several) {
        return String.join("; ", several);
    }
}
