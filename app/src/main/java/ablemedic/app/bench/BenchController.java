package ablemedic.app.bench;

import ablemedic.app.chart.CraftStore;
import ablemedic.app.chart.CraftStore.Revision;
import ablemedic.app.chart.CraftStore.Row;
import ablemedic.app.chart.CraftVersions;
import ablemedic.app.chart.CraftVersions.CraftStamp;
import ablemedic.app.chart.Due;
import ablemedic.app.chart.Fitness;
import ablemedic.app.chart.Readiness;
import ablemedic.app.chart.Readiness.Ground;
import ablemedic.app.storage.UnreadableRecordException;
import ablemedic.app.storage.Unreadables.Unread;
import ablemedic.app.workup.WorkUpStore;
import ablemedic.app.workup.WorkUpStore.Opened;
import ablemedic.app.workup.WorkUpSummary.Summary;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The bench over HTTP, and the lists that its forms choose from. */
@RestController
class BenchController {
    private final CraftStore crafts;
    private final Readiness readiness;
    private final CraftVersions craftStamps;
    private final WorkUpStore workUps;
    private final BenchSummaries summaries;
    private final BenchRecords records;

    BenchController(
            CraftStore crafts,
            Readiness readiness,
            CraftVersions craftStamps,
            WorkUpStore workUps,
            BenchSummaries summaries,
            BenchRecords records) {
        this.crafts = crafts;
        this.readiness = readiness;
        this.craftStamps = craftStamps;
        this.workUps = workUps;
        this.summaries = summaries;
        this.records = records;
    }

    /** The bench as it stands. */
    record Bench(
            List<Summary> needing,
            List<Unreadable> unreadable,
            List<Resting> fit,
            List<Resting> due,
            List<Resting> grounded,
            List<SetAside> aside) {}

    /** A craft that nobody works on just now, with why it is grounded and what is due on it. */
    record Resting(String craftId, String name, String craftClass, List<Ground> grounds, List<Due> due) {}

    /**
     * A record that this version cannot read; nothing else on the bench suffers from it.
     *
     * @param workUpId the work-up, where it is one
     * @param goBackTo the newest revision of a craft's sheet that can be read, where there is one
     * @param record where it is kept, where it is a record within a craft or a list
     */
    record Unreadable(
            Sort sort,
            String name,
            String why,
            @Nullable Long workUpId,
            @Nullable Integer goBackTo,
            @Nullable Unread record) {}

    /** @param reason why it is set aside; left out where it comes back */
    record Aside(
            @NotNull @Valid Unread record,

            @Nullable @Size(max = 400, message = "{most.letters}")
            String reason) {}

    enum Sort {
        CRAFT,
        WORK_UP,
        BATTERY,
        RECORD
    }

    /**
     * Something that was put aside.
     *
     * @param record where it is kept, where it is a record within a craft or a list
     */
    record SetAside(
            Sort sort,
            String name,
            String reason,
            @Nullable Long workUpId,
            @Nullable Unread record) {}

    @GetMapping("/api/bench")
    Bench bench() {
        Bench bench = new Bench(
                new ArrayList<>(),
                new ArrayList<>(),
                new ArrayList<>(),
                new ArrayList<>(),
                new ArrayList<>(),
                new ArrayList<>());
        List<Opened> unfinished = workUps.unfinished();
        Map<String, Opened> open = new HashMap<>();
        unfinished.stream().filter(Opened::isOpen).forEach(o -> open.put(o.craftId(), o));
        unfinished.stream().filter(o -> o.aside() != null).forEach(o -> bench.aside()
                .add(new SetAside(
                        Sort.WORK_UP, o.craftId() + ": " + o.complaint(), String.valueOf(o.aside()), o.id(), null)));
        Map<Row, Opened> worked = new LinkedHashMap<>();
        List<Row> rows = crafts.all();
        Map<String, CraftStamp> known = craftStamps.of(rows);
        for (Row row : rows) {
            if (row.aside() != null) {
                bench.aside().add(new SetAside(Sort.CRAFT, row.craftId(), row.aside(), null, null));
            } else if (open.containsKey(row.craftId())) {
                worked.put(row, open.get(row.craftId()));
            } else {
                resting(bench, row, known.get(row.craftId()));
            }
        }
        summaries.on(bench, worked);
        records.on(bench);
        return bench;
    }

    private void resting(Bench bench, Row row, CraftStamp stamp) {
        try {
            Readiness.Stands stands = readiness.of(stamp);
            (stands.fitness() == Fitness.FIT
                            ? bench.fit()
                            : stands.fitness() == Fitness.GROUNDED ? bench.grounded() : bench.due())
                    .add(new Resting(row.craftId(), row.name(), row.craftClass(), stands.grounds(), stands.due()));
        } catch (UnreadableRecordException e) {
            bench.unreadable()
                    .add(new Unreadable(
                            Sort.CRAFT,
                            row.craftId(),
                            "Its " + e.getMessage() + ".",
                            null,
                            crafts.revisions(row.craftId()).stream()
                                    .filter(r -> r.readable().isPresent())
                                    .map(Revision::number)
                                    .max(Integer::compare)
                                    .orElse(null),
                            null));
        }
    }

    /**
     * Takes a record that can't be read off the bench, with a reason, or puts it back without one. It stays stored as
     * it is.
     */
    @PutMapping("/api/bench/unreadable/aside")
    void putAside(@RequestBody @Valid Aside aside) {
        records.putAside(aside.record(), aside.reason());
    }
}
