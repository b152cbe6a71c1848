package ablemedic.app.batteries;

import ablemedic.app.batteries.BatteryStore.Battery;
import ablemedic.app.batteries.BatteryStore.BatteryEvent;
import ablemedic.app.chart.Corrections;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.chart.ElectricEntry.BatteryOnSheet;
import ablemedic.app.http.Refusal;
import ablemedic.app.storage.Folded;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.power.BatteryEntry;
import ablemedic.power.LandingVoltageRule;
import ablemedic.wiring.BatteryType;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.util.Arrays;
import java.util.List;
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

    private final BatteryStore store;
    private final CraftStore crafts;
    private final BatteryViews views;
    private final Clock clock;

    BatteryController(BatteryStore store, CraftStore crafts, BatteryViews views, Clock clock) {
        this.store = store;
        this.views = views;
        this.crafts = crafts;
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

    @GetMapping("/api/batteries")
    List<BatteryView> list() {
        return store.all().stream().map(views::of).toList();
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
        return views.of(store.get(label));
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
                : crafts.get(entry.craft()).craftId();
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
}
