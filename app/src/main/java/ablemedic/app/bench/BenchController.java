package ablemedic.app.bench;

import ablemedic.app.batteries.BatteryStore;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.chart.CraftStore.Revision;
import ablemedic.app.chart.CraftStore.Row;
import ablemedic.app.chart.CraftVersions;
import ablemedic.app.chart.CraftVersions.CraftStamp;
import ablemedic.app.chart.Due;
import ablemedic.app.chart.Fitness;
import ablemedic.app.chart.Readiness;
import ablemedic.app.chart.Readiness.Ground;
import ablemedic.app.http.Refusal;
import ablemedic.app.parts.PartTypeStore;
import ablemedic.app.storage.UnreadableRecordException;
import ablemedic.app.storage.Unreadables;
import ablemedic.app.storage.Unreadables.Unread;
import ablemedic.app.workup.WorkUpStore;
import ablemedic.app.workup.WorkUpStore.Opened;
import ablemedic.app.workup.WorkUpSummary;
import ablemedic.app.workup.WorkUpSummary.Outcome;
import ablemedic.app.workup.WorkUpSummary.Summary;
import ablemedic.app.workup.WorkUpVersions.Stamp;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.craft.CraftClass;
import ablemedic.craft.FlightMode;
import ablemedic.craft.MotorNumbering;
import ablemedic.craft.SpinConvention;
import ablemedic.diagnosis.Occasion;
import ablemedic.parts.PartType;
import ablemedic.parts.PartsLibrary;
import ablemedic.parts.WiringLayout;
import ablemedic.wiring.Archetype;
import ablemedic.wiring.Chemistry;
import ablemedic.wiring.SerialBoard;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The bench over HTTP, and the lists that its forms choose from. */
@RestController
class BenchController {
    private static final Words SAID =
            Catalogue.beside(BenchController.class, "words").of("bench-controller");
    private static final Words REFUSALS =
            Catalogue.beside(BenchController.class, "refusals").of("bench-controller");
    /** So long the bench waits for strips that are not known yet. */
    private static final long WAIT_MS = 600;

    private final CraftStore crafts;
    private final Readiness readiness;
    private final CraftVersions craftStamps;
    private final WorkUpStore workUps;
    private final BatteryStore batteries;
    private final WorkUpSummary summaries;
    private final PartTypeStore partTypes;
    private final Unreadables unreadables;
    private final RecordsAside records;
    private final Clock clock;

    BenchController(
            CraftStore crafts,
            Readiness readiness,
            CraftVersions craftStamps,
            WorkUpStore workUps,
            BatteryStore batteries,
            WorkUpSummary summaries,
            PartTypeStore partTypes,
            Unreadables unreadables,
            RecordsAside records,
            Clock clock) {
        this.unreadables = unreadables;
        this.records = records;
        this.clock = clock;
        this.crafts = crafts;
        this.readiness = readiness;
        this.craftStamps = craftStamps;
        this.workUps = workUps;
        this.batteries = batteries;
        this.summaries = summaries;
        this.partTypes = partTypes;
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
    record Resting(String mark, String name, String craftClass, List<Ground> grounds, List<Due> due) {}

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

    /** Something to choose, with its name in the interface. */
    record Choice(String id, String label) {}

    record Choosable(
            List<Choice> classes,
            List<Choice> spins,
            List<Choice> numberings,
            List<Choice> modes,
            List<Choice> occasions,
            List<Choice> layouts,
            List<Choice> chemistries,
            List<Choice> parts,
            List<BoardChoice> boards) {}

    /** An FC, its UARTs entered, with the layouts that take it. */
    record BoardChoice(String id, String label, List<WiringLayout> layouts) {}

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
        unfinished.stream().filter(Opened::isOpen).forEach(o -> open.put(o.mark(), o));
        unfinished.stream().filter(o -> o.aside() != null).forEach(o -> bench.aside()
                .add(new SetAside(
                        Sort.WORK_UP, o.mark() + ": " + o.complaint(), String.valueOf(o.aside()), o.id(), null)));
        Map<Row, Opened> worked = new LinkedHashMap<>();
        List<Row> rows = crafts.all();
        Map<String, CraftStamp> known = craftStamps.of(rows);
        for (Row row : rows) {
            if (row.aside() != null) {
                bench.aside().add(new SetAside(Sort.CRAFT, row.mark(), row.aside(), null, null));
            } else if (open.containsKey(row.mark())) {
                worked.put(row, open.get(row.mark()));
            } else {
                resting(bench, row, known.get(row.mark()));
            }
        }
        summaries(bench, worked);
        batteries.unreadable().forEach(label -> bench.unreadable()
                .add(new Unreadable(Sort.BATTERY, label, SAID.line("battery").plain(), null, null, null)));
        records(bench);
        return bench;
    }

    /** The open work-ups with what is known of each; what is not yet is worked out behind, and waited for a moment. */
    private void summaries(Bench bench, Map<Row, Opened> open) {
        Map<Long, Stamp> stamps =
                summaries.stamps(open.values().stream().map(Opened::id).toList());
        Map<Opened, CompletableFuture<Outcome>> asked = new LinkedHashMap<>();
        open.forEach((row, opened) -> {
            try {
                Stamp stamp = stamps.get(opened.id());
                asked.put(
                        opened,
                        summaries
                                .known(stamp)
                                .map(CompletableFuture::completedFuture)
                                .orElseGet(() -> summaries.ask(stamp, row)));
            } catch (UnreadableRecordException e) {
                bench.unreadable().add(unreadable(row, opened, "Its " + e.getMessage() + "."));
            }
        });
        aMoment(asked.values());
        open.forEach((row, opened) -> {
            CompletableFuture<Outcome> one = asked.get(opened);
            if (one != null) {
                shown(bench, row, opened, one);
            }
        });
    }

    private static void shown(Bench bench, Row row, Opened opened, CompletableFuture<Outcome> asked) {
        if (!asked.isDone() || asked.isCompletedExceptionally()) {
            bench.needing().add(WorkUpSummary.pending(opened, row));
            return;
        }
        Outcome outcome = asked.join();
        if (outcome.summary() == null) {
            bench.unreadable().add(unreadable(row, opened, outcome.why()));
        } else {
            bench.needing().add(outcome.summary());
        }
    }

    private static void aMoment(Collection<CompletableFuture<Outcome>> asked) {
        try {
            CompletableFuture.allOf(asked.toArray(CompletableFuture[]::new)).get(WAIT_MS, TimeUnit.MILLISECONDS);
        } catch (TimeoutException | ExecutionException e) {
            // What is there is shown; the rest follows when it is asked for again.
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new CancellationException("nobody waits for this any more");
        }
    }

    private static Unreadable unreadable(Row row, Opened opened, String why) {
        return new Unreadable(Sort.WORK_UP, row.mark() + ": " + opened.complaint(), why, opened.id(), null, null);
    }

    private void resting(Bench bench, Row row, CraftStamp stamp) {
        try {
            Readiness.Stands stands = readiness.of(stamp);
            (stands.fitness() == Fitness.FIT
                            ? bench.fit()
                            : stands.fitness() == Fitness.GROUNDED ? bench.grounded() : bench.due())
                    .add(new Resting(row.mark(), row.name(), row.craftClass(), stands.grounds(), stands.due()));
        } catch (UnreadableRecordException e) {
            bench.unreadable()
                    .add(new Unreadable(
                            Sort.CRAFT,
                            row.mark(),
                            "Its " + e.getMessage() + ".",
                            null,
                            crafts.revisions(row.mark()).stream()
                                    .filter(r -> r.readable().isPresent())
                                    .map(Revision::number)
                                    .max(Integer::compare)
                                    .orElse(null),
                            null));
        }
    }

    private void records(Bench bench) {
        Map<Unread, String> aside = records.all();
        unreadables.all().stream().filter(one -> !aside.containsKey(one)).forEach(one -> bench.unreadable()
                .add(new Unreadable(Sort.RECORD, one.what(), SAID.line("record").plain(), null, null, one)));
        aside.forEach((one, reason) -> bench.aside().add(new SetAside(Sort.RECORD, one.what(), reason, null, one)));
    }

    /**
     * Takes a record that can't be read off the bench, with a reason, or puts it back without one. It stays stored as
     * it is.
     */
    @PutMapping("/api/bench/unreadable/aside")
    void putAside(@RequestBody @Valid Aside aside) {
        if (aside.reason() == null || aside.reason().isBlank()) {
            records.bringBack(aside.record());
        } else if (unreadables.all().contains(aside.record())) {
            records.put(aside.record(), aside.reason().strip(), clock.instant());
        } else {
            throw Refusal.unknown("record", REFUSALS, "no-record");
        }
    }

    @GetMapping("/api/choices")
    Choosable choices() {
        return new Choosable(
                Arrays.stream(CraftClass.values())
                        .map(c -> new Choice(c.name(), c.label()))
                        .toList(),
                Arrays.stream(SpinConvention.values())
                        .map(s -> new Choice(s.name(), s.label()))
                        .toList(),
                Arrays.stream(MotorNumbering.values())
                        .map(s -> new Choice(s.name(), s.label()))
                        .toList(),
                Arrays.stream(FlightMode.values())
                        .map(m -> new Choice(m.name(), m.label()))
                        .toList(),
                Arrays.stream(Occasion.values())
                        .map(o -> new Choice(o.name(), o.label()))
                        .toList(),
                Arrays.stream(WiringLayout.values())
                        .map(l -> new Choice(l.name(), l.label()))
                        .toList(),
                Arrays.stream(Chemistry.values())
                        .map(c -> new Choice(c.name(), c.label()))
                        .toList(),
                Stream.concat(
                                PartsLibrary.all().stream(),
                                partTypes.own().stream().map(PartType::archetype))
                        .filter(a -> a.kind() == Archetype.Kind.PART || a.kind() == Archetype.Kind.CAPACITOR)
                        .map(a -> new Choice(a.id(), a.label()))
                        .toList(),
                Stream.concat(
                                PartsLibrary.all().stream(),
                                partTypes.own().stream().map(PartType::archetype))
                        .filter(a -> a.kind() == Archetype.Kind.BOARD
                                && SerialBoard.of(a).isPresent())
                        .map(a -> new BoardChoice(
                                a.id(),
                                a.label(),
                                Arrays.stream(WiringLayout.values())
                                        .filter(layout -> layout.takes(a))
                                        .toList()))
                        .toList());
    }
}
