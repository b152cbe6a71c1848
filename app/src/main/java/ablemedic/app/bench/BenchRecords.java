package ablemedic.app.bench;

import ablemedic.app.batteries.BatteryStore;
import ablemedic.app.bench.BenchController.Bench;
import ablemedic.app.bench.BenchController.SetAside;
import ablemedic.app.bench.BenchController.Sort;
import ablemedic.app.bench.BenchController.Unreadable;
import ablemedic.app.http.Refusal;
import ablemedic.app.storage.Unreadables;
import ablemedic.app.storage.Unreadables.Unread;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import java.time.Clock;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The records that can't be read, on the bench and set aside. */
@Component
class BenchRecords {
    private static final Words SAID =
            Catalogue.beside(BenchRecords.class, "words").of("bench-records");
    private static final Words REFUSALS =
            Catalogue.beside(BenchRecords.class, "refusals").of("bench-records");

    private final Unreadables unreadables;
    private final RecordsAside records;
    private final BatteryStore batteries;
    private final Clock clock;

    BenchRecords(Unreadables unreadables, RecordsAside records, BatteryStore batteries, Clock clock) {
        this.unreadables = unreadables;
        this.records = records;
        this.batteries = batteries;
        this.clock = clock;
    }

    void on(Bench bench) {
        batteries.unreadable().forEach(label -> bench.unreadable()
                .add(new Unreadable(Sort.BATTERY, label, SAID.line("battery").plain(), null, null, null)));
        Map<Unread, String> aside = records.all();
        unreadables.all().stream().filter(one -> !aside.containsKey(one)).forEach(one -> bench.unreadable()
                .add(new Unreadable(Sort.RECORD, one.what(), SAID.line("record").plain(), null, null, one)));
        aside.forEach((one, reason) -> bench.aside().add(new SetAside(Sort.RECORD, one.what(), reason, null, one)));
    }

    /**
     * Takes a record that can't be read off the bench, with a reason, or puts it back without one. It stays stored as
     * it is.
     */
    void putAside(Unread record, @Nullable String reason) {
        if (reason == null || reason.isBlank()) {
            records.bringBack(record);
        } else if (unreadables.all().contains(record)) {
            records.put(record, reason.strip(), clock.instant());
        } else {
            throw Refusal.unknown("record", REFUSALS, "no-record");
        }
    }
}
