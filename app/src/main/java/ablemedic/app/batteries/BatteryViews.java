package ablemedic.app.batteries;

import ablemedic.app.batteries.BatteryStore.Battery;
import ablemedic.app.batteries.BatteryStore.BatteryEvent;
import ablemedic.app.batteries.BatteryStore.Dated;
import ablemedic.app.batteries.BatteryView.BatteryHealth;
import ablemedic.app.batteries.BatteryView.Landing;
import ablemedic.app.batteries.BatteryView.Usable;
import ablemedic.app.batteries.BatteryView.Value;
import ablemedic.app.chart.Corrections;
import ablemedic.app.meter.MeterStore;
import ablemedic.power.BatteryInUse;
import ablemedic.power.LandingVoltageRule;
import ablemedic.reading.Estimate;
import java.util.List;
import org.springframework.stereotype.Component;

/** Puts together what is known of a battery. */
@Component
class BatteryViews {
    private final BatteryStore store;
    private final Corrections corrections;
    private final MeterStore meters;

    BatteryViews(BatteryStore store, Corrections corrections, MeterStore meters) {
        this.store = store;
        this.corrections = corrections;
        this.meters = meters;
    }

    BatteryView of(Battery battery) {
        List<Dated> entries = store.entries(battery.label());
        BatteryInUse inUse = BatteryInUse.of(
                battery.kind().kind(),
                battery.rule(),
                entries.stream().map(one -> use(one.entry())).toList(),
                meters.get());
        return new BatteryView(
                battery.label(),
                battery.kind(),
                inUse.kind().chemistry().label(),
                landing(inUse),
                new BatteryHealth(
                        inUse.ohms()
                                .map(ohms -> Value.of(ohms.times(Estimate.exactly(1000))))
                                .orElse(null),
                        inUse.isWorn()),
                new Usable(
                        inUse.usableMah(),
                        inUse.usableShare(),
                        inUse.drawA(),
                        inUse.flight()
                                .map(time -> new Value(time.minutes(), time.plusMinus()))
                                .orElse(null),
                        inUse.chargeScale().map(Value::of).orElse(null),
                        inUse.flights()),
                entries,
                corrections.ofBattery(battery.label()));
    }

    private static Landing landing(BatteryInUse inUse) {
        LandingVoltageRule rule = inUse.rule();
        int cells = inUse.kind().cells();
        return new Landing(
                rule,
                rule.label(),
                rule.reason(),
                inUse.landCellV() * cells,
                inUse.warnCellV() * cells,
                inUse.criticalCellV() * cells,
                inUse.landCellV(),
                inUse.warnCellV(),
                inUse.criticalCellV());
    }

    private static BatteryInUse.Use use(BatteryEvent event) {
        return new BatteryInUse.Use(
                event.minutes(), event.usedMah(), event.chargedMah(), event.restV(), event.loadV(), event.loadA());
    }
}
