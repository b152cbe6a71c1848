package ablemedic.app.transfer;

import ablemedic.app.chart.CraftDrawing;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.chart.Due;
import ablemedic.app.chart.PowerMap;
import ablemedic.app.chart.Readiness;
import ablemedic.app.http.Refusal;
import ablemedic.app.http.SafeCsv;
import ablemedic.app.http.Zones;
import ablemedic.app.workup.WorkUpView;
import ablemedic.app.workup.WorkUpViews;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Papers that go along with a craft: job sheet, ready label, tables, and the calendar of what is due. */
@RestController
class PapersController {
    private static final Words REFUSALS =
            Catalogue.beside(PapersController.class, "refusals").of("papers-controller");
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);
    private final CraftStore crafts;
    private final Due.Dues dues;
    private final WorkUpViews views;
    private final Clock clock;
    private final Readiness readiness;

    PapersController(CraftStore crafts, Due.Dues dues, WorkUpViews views, Clock clock, Readiness readiness) {
        this.crafts = crafts;
        this.dues = dues;
        this.views = views;
        this.clock = clock;
        this.readiness = readiness;
    }

    /** The work-up as a sheet for the owner. */
    @GetMapping(value = "/api/work-ups/{id}/job-sheet", produces = "application/pdf")
    ResponseEntity<byte[]> jobSheet(@PathVariable long id, @RequestParam(defaultValue = "") String zone) {
        WorkUpView view = views.view(id);
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"job-sheet-" + id + ".pdf\"")
                .body(JobSheet.of(view, dues.of(view.head().craftId()), Zones.of(zone)));
    }

    /** Its findings in their order. */
    @GetMapping(value = "/api/work-ups/{id}/readings.csv", produces = "text/csv")
    ResponseEntity<String> readings(@PathVariable long id) {
        WorkUpView view = views.view(id);
        SafeCsv csv = new SafeCsv("at", "craft", "work_up", "sort", "what", "answers", "sureness", "taken_back");
        view.findings()
                .evidence()
                .forEach(one -> csv.row(
                        one.at().toString(),
                        view.head().craftId(),
                        String.valueOf(id),
                        one.sort(),
                        one.title(),
                        String.join("; ", one.answers()),
                        one.sureness(),
                        one.takenBack() ? "yes" : "no"));
        return csv.as("readings-" + id + ".csv");
    }

    /** The craft ID with a code that opens the chart. */
    @GetMapping(value = "/api/crafts/{craftId}/label", produces = "image/svg+xml")
    ResponseEntity<byte[]> label(
            @PathVariable String craftId, @RequestParam(defaultValue = "") String zone, HttpServletRequest request) {
        CraftStore.Row row = crafts.get(craftId);
        Readiness.Stands stands = readiness.of(row);
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"label.svg\"")
                .body(ReadyTag.svg(
                                row.craftId(),
                                row.name(),
                                stands.fitness().label(),
                                stands.unknowns(),
                                DAY.format(clock.instant().atZone(Zones.of(zone))),
                                base(request) + "/crafts/" + row.craftId().replace(" ", "%20"))
                        .getBytes(StandardCharsets.UTF_8));
    }

    /** The craft from above. */
    @GetMapping(value = "/api/crafts/{craftId}/drawing", produces = "image/svg+xml")
    ResponseEntity<byte[]> drawing(@PathVariable String craftId) {
        CraftStore.Row row = crafts.get(craftId);
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"drawing.svg\"")
                .body(TopDrawing.svg(row.craftId(), CraftDrawing.of(crafts.newestCraft(row.craftId())))
                        .getBytes(StandardCharsets.UTF_8));
    }

    /** Parts and wires. */
    @GetMapping(value = "/api/crafts/{craftId}/wires-drawing", produces = "image/svg+xml")
    ResponseEntity<byte[]> wiresDrawing(@PathVariable String craftId) {
        CraftStore.Row row = crafts.get(craftId);
        Craft craft = crafts.newestCraft(row.craftId());
        if (craft.electrics().sheet().isEmpty()) {
            throw Refusal.conflict("electrics", REFUSALS, "no-wiring");
        }
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"wiring.svg\"")
                .body(WiringDrawing.svg(
                                row.craftId(), PowerMap.of(craft.electrics().wiring(), Map.of()))
                        .getBytes(StandardCharsets.UTF_8));
    }

    /** What is due on every craft, for a calendar. */
    @GetMapping(value = "/api/due.ics", produces = "text/calendar")
    ResponseEntity<byte[]> due(@RequestParam(defaultValue = "") String zone, HttpServletRequest request) {
        Map<String, List<Due>> all = new LinkedHashMap<>();
        crafts.all().stream()
                .filter(row -> row.aside() == null)
                .forEach(row -> all.put(row.craftId(), dues.of(row.craftId())));
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"due.ics\"")
                .body(DueCalendar.of(
                                all,
                                LocalDate.ofInstant(clock.instant(), Zones.of(zone)),
                                Zones.of(zone),
                                base(request))
                        .getBytes(StandardCharsets.UTF_8));
    }

    private static String base(HttpServletRequest request) {
        return request.getScheme() + "://" + request.getServerName() + ":" + request.getServerPort();
    }
}
