package ablemedic.app.demo;

import ablemedic.app.batteries.BatteryStore;
import ablemedic.app.demo.DemoScript.DemoBattery;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** The batteries of the demo. */
@Component
@Order(2)
class DemoBatteries implements DemoPart {
    private static final double ENTERED_DAYS_AGO = 300;

    private final BatteryStore batteries;

    DemoBatteries(BatteryStore batteries) {
        this.batteries = batteries;
    }

    @Override
    public List<Happened> of(DemoScript script, Instant now) {
        List<Happened> year = new ArrayList<>();
        for (DemoBattery battery : script.batteries()) {
            Instant entered = DemoPart.ago(now, ENTERED_DAYS_AGO);
            year.add(new Happened(
                    entered,
                    () -> batteries.enter(
                            new BatteryStore.Battery(battery.label(), battery.kind(), battery.rule()), entered)));
            battery.entries().forEach(entry -> {
                Instant at = DemoPart.ago(now, entry.daysAgo());
                year.add(new Happened(at, () -> batteries.add(battery.label(), entry.entry(), at)));
            });
        }
        return year;
    }
}
