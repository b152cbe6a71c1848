package ablemedic.power;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ablemedic.power.BatteryInUse.Use;
import ablemedic.reading.Meter;
import ablemedic.wiring.BatteryType;
import ablemedic.wiring.Chemistry;
import java.util.List;
import org.junit.jupiter.api.Test;

class BatteryInUseTest {
    private static final BatteryType SIX_CELLS = new BatteryType(6, Chemistry.LIPO, 1300, 4);
    private static final LandingVoltageRule RULE = LandingVoltageRule.values()[0];

    private static BatteryInUse of(Use... uses) {
        return BatteryInUse.of(SIX_CELLS, RULE, List.of(uses), Meter.USUAL);
    }

    @Test
    void withoutFlightsItKnowsNoFlightTimeAndTakesAUsualDraw() {
        BatteryInUse fresh = of();
        assertThat(fresh.flights()).isZero();
        assertThat(fresh.flight()).isEmpty();
        assertThat(fresh.ohms()).isEmpty();
        assertThat(fresh.isWorn()).isFalse();
        assertThat(fresh.drawA()).isCloseTo(6.5, within(1e-12));
    }

    /** 900 mAh in 5 minutes are 10.8 A; the charger's count goes before the craft's. */
    @Test
    void theDrawIsThatOfItsFlightsByTheChargersCount() {
        BatteryInUse flown = of(new Use(5.0, 1000.0, 900.0, null, null, null));
        assertThat(flown.drawA()).isCloseTo(10.8, within(1e-9));
        assertThat(flown.chargeScale().orElseThrow().value()).isCloseTo(0.9, within(1e-9));
        assertThat(flown.flight().orElseThrow().minutes())
                .isCloseTo(flown.usableMah() / 1000 / 10.8 * 60, within(1e-6));
    }

    /** 25.0 V at rest and 24.0 V at 20 A: 1 V over 20 A is 50 milliohms. */
    @Test
    void theNewestSagSaysTheResistance() {
        BatteryInUse sagged = of(
                new Use(null, null, null, 25.0, 24.0, 20.0),
                new Use(null, null, null, 25.0, 20.0, 20.0),
                new Use(null, null, null, 25.0, null, 20.0));
        assertThat(sagged.ohms().orElseThrow().value()).isCloseTo(0.05, within(1e-9));
        assertThat(sagged.usableShare())
                .isLessThan(of(new Use(null, null, null, 25.0, 24.99, 20.0)).usableShare());
    }

    @Test
    void landingWarningAndCriticalVoltageComeDownInThatOrder() {
        for (LandingVoltageRule rule : LandingVoltageRule.values()) {
            for (Chemistry chemistry : Chemistry.values()) {
                BatteryInUse battery =
                        BatteryInUse.of(new BatteryType(4, chemistry, 1500, 5), rule, List.of(), Meter.USUAL);
                assertThat(battery.warnCellV()).isGreaterThanOrEqualTo(battery.landCellV());
                assertThat(battery.landCellV()).isGreaterThanOrEqualTo(battery.criticalCellV());
            }
        }
    }
}
