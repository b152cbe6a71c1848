package ablemedic.app.chart;

import ablemedic.app.chart.Charts.Chart;
import ablemedic.app.chart.CraftLog.LogEntry;
import ablemedic.app.chart.CraftStore.Row;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The log of a craft over HTTP. */
@RestController
@RequestMapping("/api/crafts")
class LogController {
    private static final String MOST_LETTERS = "{most.letters}";

    private final CraftStore crafts;
    private final CraftLog log;
    private final Charts charts;
    private final CraftWorkUps workUps;
    private final Clock clock;

    LogController(CraftStore crafts, CraftLog log, Charts charts, CraftWorkUps workUps, Clock clock) {
        this.crafts = crafts;
        this.log = log;
        this.charts = charts;
        this.workUps = workUps;
        this.clock = clock;
    }

    record LogNote(
            @NotNull(message = "{is.one.of.flight.note.crash.part.opened.flash}")
            Kind kind,

            @NotBlank(message = "{says.what.happened}") @Size(max = 400, message = MOST_LETTERS)
            String text) {}

    /** What a note is of. */
    enum Kind {
        FLIGHT,
        NOTE,
        CRASH,
        PART,
        OPENED,
        FLASH
    }

    @GetMapping("/{craftId}/log")
    List<LogEntry> log(@PathVariable String craftId) {
        return log.of(crafts.get(craftId).craftId());
    }

    /**
     * Notes in the log what happened to a craft, and in its open work-up that it crashed; a crash, a part and an opened
     * stack make the pre-power routine due.
     */
    @PostMapping("/{craftId}/log")
    @Transactional
    public List<LogEntry> note(@PathVariable String craftId, @RequestBody @Valid LogNote noted) {
        Row row = crafts.get(craftId);
        log.add(
                row.craftId(),
                clock.instant(),
                noted.kind().name().toLowerCase(Locale.ROOT),
                noted.text().strip(),
                null);
        if (noted.kind() == Kind.CRASH) {
            workUps.cameDown(row.craftId(), noted.text().strip());
        }
        return log.of(row.craftId());
    }

    /** A line of the log put right. */
    record LineRight(
            @NotNull(message = "{is.one.of.flight.note.crash.part.opened.flash}")
            Kind kind,

            @NotBlank(message = "{says.what.happened}") @Size(max = 400, message = MOST_LETTERS)
            String text,

            @NotBlank(message = "{says.what.was.wrong.with.it}") @Size(max = 400, message = MOST_LETTERS)
            String reason) {}

    /** A line of the log taken back. */
    record LineWithdrawn(
            @NotBlank(message = "{says.what.was.wrong.with.it}") @Size(max = 400, message = MOST_LETTERS)
            String reason) {}

    /** Puts a line right that was written by hand; what it said before stays in its history. */
    @PutMapping("/{craftId}/log/{id}")
    Chart correctLine(@PathVariable String craftId, @PathVariable long id, @RequestBody @Valid LineRight right) {
        Row row = crafts.get(craftId);
        log.correct(
                row.craftId(),
                id,
                right.kind().name().toLowerCase(Locale.ROOT),
                right.text().strip(),
                right.reason().strip(),
                clock.instant());
        return charts.of(row.craftId());
    }

    /** Takes a line back that was written by hand: it counts for nothing, and stays in the history. */
    @PostMapping("/{craftId}/log/{id}/withdrawal")
    Chart withdrawLine(
            @PathVariable String craftId, @PathVariable long id, @RequestBody @Valid LineWithdrawn withdrawn) {
        Row row = crafts.get(craftId);
        log.correct(row.craftId(), id, null, "", withdrawn.reason().strip(), clock.instant());
        return charts.of(row.craftId());
    }
}
