package ablemedic.app.batteries;

import ablemedic.app.batteries.BatteryStore.Battery;
import ablemedic.app.batteries.BatteryStore.BatteryEvent;
import ablemedic.app.batteries.BatteryStore.Dated;
import ablemedic.app.chart.Corrections;
import ablemedic.app.chart.Corrections.EntryCorrection;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.chart.ElectricEntry.BatteryOnSheet;
import ablemedic.app.http.Refusal;
import ablemedic.app.meter.MeterStore;
import ablemedic.app.storage.Folded;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.power.BatteryEntry;
import ablemedic.power.BatteryUse;
import ablemedic.power.BatteryUse.Flight;
import ablemedic.power.LandingVoltageRule;
import ablemedic.reading.Estimate;
import ablemedic.wiring.BatteryType;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/**
 * Batteries over HTTP. Voltages in volts, currents in amperes, charges in milliampere-hours, resistances in milliohms.
 */
@RestController
class BatteryController {
    private static final Words REFUSALS =
            Catalogue.beside(BatteryController.class, "refusals").of("battery-controller");
    private static final double CLAMP_SHARE = 0.03;
    private static final double COUNT_SHARE = 0.01;

    private final BatteryStore store;
    private final CraftStore crafts;
    private final MeterStore meters;
    private final Corrections corrections;
    private final Clock clock;

    BatteryController(BatteryStore store, Corrections corrections, CraftStore crafts, MeterStore meters, Clock clock) {
        this.store = store;
        this.corrections = corrections;
        this.crafts = crafts;
        this.meters = meters;
        this.clock = clock;
    }

    record NewBattery(
            @NotNull
            @Pattern(
                    regexp = "[\\p{L}\\p{N}][\\p{L}\\p{M}\\p{N} ._-]{0,23}",
                    message = "{has.1.to.24.letters.digits.spaces.dots.dashes}")
            String label,

            @NotNull @Valid BatteryOnSheet kind,
            @NotNull LandingVoltageRule rule) {}

    /** A rule of when to land, and why. */
    record Rule(String id, String label) {}

    @GetMapping("/api/landing-voltage-rules")
    List<Rule> rules() {
        return Arrays.stream(LandingVoltageRule.values())
                .map(one -> new Rule(one.name(), one.label()))
                .toList();
    }

    record RuleChosen(@NotNull LandingVoltageRule rule) {}

    /**
     * Something that happened to a battery, or its correction.
     *
     * @param sure that what a battery seldom gives was looked at twice
     * @param reason why an entry is corrected or withdrawn; asked for with those only
     */
    record NewEntry(
            @Nullable @Size(max = 24, message = "{most.letters}")
            String craft,

            @Nullable Double minutes,
            @Nullable Double usedMah,
            @Nullable Double chargedMah,
            @Nullable Double restV,
            @Nullable Double loadV,
            @Nullable Double loadA,

            @NotNull @Size(max = 400, message = "{most.letters}")
            String note,

            @Nullable Boolean sure,

            @Nullable @Size(max = 400, message = "{most.letters}")
            String reason) {}

    /** A number with half the width of its 95 % interval. */
    record Value(double value, double plusMinus) {
        static Value of(Estimate e) {
            return new Value(e.value(), e.expanded());
        }
    }

    /**
     * All that is known of a battery.
     *
     * @param resistanceMohm of the whole battery, from the newest sag
     * @param usableMah to the landing voltage at the mean draw
     * @param flightMinutes to expect
     * @param chargeScale by which to multiply the craft's charge scale, from what the charger put back
     * @param corrections what its entries said before, newest first
     */
    record BatteryView(
            String label,
            BatteryOnSheet kind,
            LandingVoltageRule rule,
            String ruleLabel,
            String reason,
            String chemistry,
            double landV,
            double warnV,
            double criticalV,
            double landCellV,
            double warnCellV,
            double criticalCellV,
            @Nullable Value resistanceMohm,
            boolean worn,
            double usableMah,
            double usableShare,
            double drawA,
            @Nullable Value flightMinutes,
            @Nullable Value chargeScale,
            int flights,
            List<Dated> entries,
            List<EntryCorrection> corrections) {}

    @GetMapping("/api/batteries")
    List<BatteryView> list() {
        return store.all().stream().map(this::view).toList();
    }

    @PostMapping("/api/batteries")
    @ResponseStatus(HttpStatus.CREATED)
    BatteryView enter(@RequestBody @Valid NewBattery entry) {
        entry.kind().kind();
        String label = Folded.composed(entry.label());
        store.enter(new Battery(label, entry.kind(), entry.rule()), clock.instant());
        return get(label);
    }

    @GetMapping("/api/batteries/{label}")
    BatteryView get(@PathVariable String label) {
        return view(store.get(label));
    }

    /** Chooses the rule by which a battery is landed. */
    @PutMapping("/api/batteries/{label}/rule")
    BatteryView rule(@PathVariable String label, @RequestBody @Valid RuleChosen withRule) {
        Battery battery = store.get(label);
        store.change(new Battery(battery.label(), battery.kind(), withRule.rule()));
        return get(label);
    }

    @PostMapping("/api/batteries/{label}/entries")
    BatteryView add(@PathVariable String label, @RequestBody @Valid NewEntry entry) {
        Battery battery = store.get(label);
        store.add(battery.label(), event(battery, entry), clock.instant());
        return get(label);
    }

    /** Corrects an entry; what was there before stays in its history. */
    @PutMapping("/api/batteries/{label}/entries/{id}")
    BatteryView correct(@PathVariable String label, @PathVariable long id, @RequestBody @Valid NewEntry entry) {
        Battery battery = store.get(label);
        store.correct(battery.label(), id, event(battery, entry), Corrections.reason(entry.reason()), clock.instant());
        return get(label);
    }

    record Withdrawn(
            @NotNull @Size(max = 400, message = "{most.letters}")
            String reason) {}

    /** Takes an entry back; it counts no more and stays in the history. */
    @PostMapping("/api/batteries/{label}/entries/{id}/withdrawal")
    BatteryView withdraw(@PathVariable String label, @PathVariable long id, @RequestBody @Valid Withdrawn withdrawn) {
        Battery battery = store.get(label);
        store.correct(battery.label(), id, null, Corrections.reason(withdrawn.reason()), clock.instant());
        return get(label);
    }

    private BatteryEvent event(Battery battery, NewEntry entry) {
        String craft = entry.craft() == null || entry.craft().isBlank()
                ? null
                : crafts.get(entry.craft()).mark();
        check("minutes", entry.minutes(), 0.1, 600);
        check("usedMah", entry.usedMah(), 1, 200_000);
        check("chargedMah", entry.chargedMah(), 1, 200_000);
        check("restV", entry.restV(), 0.5, 100);
        check("loadV", entry.loadV(), 0.5, 100);
        check("loadA", entry.loadA(), 0.05, 2_000);
        BatteryType kind = battery.kind().kind();
        boolean sure = Boolean.TRUE.equals(entry.sure());
        likely("restV", entry.restV(), sure, volts -> BatteryEntry.atRest(kind, volts));
        likely("loadV", entry.loadV(), sure, volts -> BatteryEntry.underLoad(kind, volts));
        likely("usedMah", entry.usedMah(), sure, mah -> BatteryEntry.charge(kind, mah));
        likely("chargedMah", entry.chargedMah(), sure, mah -> BatteryEntry.charge(kind, mah));
        likely("loadA", entry.loadA(), sure, amps -> BatteryEntry.current(kind, amps));
        if (entry.restV() != null && entry.loadV() != null && entry.loadV() >= entry.restV()) {
            throw Refusal.wrong(
                    "loadV", REFUSALS.with("loadV", entry.loadV()).with("restV", entry.restV()), "load-above-rest");
        }
        return new BatteryEvent(
                craft,
                entry.minutes(),
                entry.usedMah(),
                entry.chargedMah(),
                entry.restV(),
                entry.loadV(),
                entry.loadA(),
                entry.note().strip());
    }

    /** Refuses what can't be, and asks back what seldom is. */
    private static void likely(
            String where, @Nullable Double value, boolean sure, DoubleFunction<BatteryEntry.Judged> judge) {
        if (value == null) {
            return;
        }
        BatteryEntry.Judged judged = judge.apply(value);
        if (judged.likely() == BatteryEntry.Likely.NEVER) {
            throw Refusal.wrong(where, judged.why());
        }
        if (judged.likely() == BatteryEntry.Likely.SELDOM && !sure) {
            throw Refusal.conflict(where, REFUSALS.with("why", judged.why()), "look-again");
        }
    }

    private static void check(String where, @Nullable Double value, double low, double high) {
        if (value != null && !(value >= low && value <= high)) {
            throw Refusal.wrong(
                    where,
                    REFUSALS.with("where", where)
                            .with("low", low)
                            .with("high", high)
                            .with("value", value),
                    "range");
        }
    }

    private BatteryView view(Battery battery) {
        BatteryType kind = battery.kind().kind();
        LandingVoltageRule rule = battery.rule();
        List<Dated> entries = store.entries(battery.label());
        List<Flight> flights = flights(entries);
        double drawA = flights.isEmpty()
                ? kind.capacityMah() / 1000 * 5
                : flights.stream()
                        .mapToDouble(f -> f.usedMah() / f.minutes() * 60 / 1000)
                        .average()
                        .orElseThrow();
        Optional<Estimate> ohms = resistance(entries);
        double cellMohm =
                ohms.map(o -> Math.max(0.1, o.value() * 1000 / kind.cells())).orElse(kind.cellMilliohms());
        BatteryType asIs = new BatteryType(kind.cells(), kind.chemistry(), kind.capacityMah(), Math.min(500, cellMohm));
        double land = BatteryUse.landCellV(kind.chemistry(), rule.landV());
        double share = BatteryUse.usableShare(asIs, land, drawA);
        double usable = share * kind.capacityMah();
        double warn = BatteryUse.landCellV(kind.chemistry(), rule.warnV());
        double critical = BatteryUse.landCellV(kind.chemistry(), rule.criticalV());
        return new BatteryView(
                battery.label(),
                battery.kind(),
                rule,
                rule.label(),
                rule.reason(),
                kind.chemistry().label(),
                land * kind.cells(),
                warn * kind.cells(),
                critical * kind.cells(),
                land,
                warn,
                critical,
                ohms.map(o -> Value.of(o.times(Estimate.exactly(1000)))).orElse(null),
                ohms.map(o -> BatteryUse.worn(kind, o.value())).orElse(false),
                usable,
                share,
                drawA,
                BatteryUse.flightTime(usable, flights)
                        .map(t -> new Value(t.minutes(), t.plusMinus()))
                        .orElse(null),
                chargeScale(entries),
                flights.size(),
                entries,
                corrections.ofBattery(battery.label()));
    }

    private static List<Flight> flights(List<Dated> entries) {
        List<Flight> flights = new ArrayList<>();
        for (Dated dated : entries) {
            BatteryEvent e = dated.entry();
            Double used = e.chargedMah() != null ? e.chargedMah() : e.usedMah();
            if (e.minutes() != null && used != null) {
                flights.add(new Flight(used, e.minutes()));
            }
        }
        return flights;
    }

    private Optional<Estimate> resistance(List<Dated> entries) {
        return entries.stream()
                .map(Dated::entry)
                .filter(e -> e.restV() != null && e.loadV() != null && e.loadA() != null)
                .findFirst()
                .map(e -> BatteryUse.resistance(
                        e.restV(), e.loadV(), Estimate.within(e.loadA(), CLAMP_SHARE * e.loadA()), meters.get()));
    }

    private static @Nullable Value chargeScale(List<Dated> entries) {
        return entries.stream()
                .map(Dated::entry)
                .filter(e -> e.usedMah() != null && e.chargedMah() != null)
                .findFirst()
                .map(e -> Value.of(BatteryUse.chargeScale(
                        1,
                        Estimate.within(e.chargedMah(), COUNT_SHARE * e.chargedMah()),
                        Estimate.exactly(e.usedMah()))))
                .orElse(null);
    }
}
