package ablemedic.app.batteries;

import ablemedic.app.batteries.BatteryStore.Dated;
import ablemedic.app.chart.Corrections.EntryCorrection;
import ablemedic.app.chart.ElectricEntry.BatteryOnSheet;
import ablemedic.power.LandingVoltageRule;
import ablemedic.reading.Estimate;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** All that is known of a battery. */
record BatteryView(
        String label,
        BatteryOnSheet kind,
        String chemistry,
        @JsonUnwrapped Landing landing,
        @JsonUnwrapped BatteryHealth health,
        @JsonUnwrapped Usable usable,
        List<Dated> entries,
        List<EntryCorrection> corrections) {

    /** When it is landed by its rule, and why. */
    record Landing(
            LandingVoltageRule rule,
            String ruleLabel,
            String reason,
            double landV,
            double warnV,
            double criticalV,
            double landCellV,
            double warnCellV,
            double criticalCellV) {}

    /** @param resistanceMohm of the whole battery, from the newest sag */
    record BatteryHealth(@Nullable Value resistanceMohm, boolean worn) {}

    /**
     * What it gives in flight.
     *
     * @param usableMah to the landing voltage at the mean draw
     * @param flightMinutes to expect
     * @param chargeScale by which to multiply the craft's charge scale, from what the charger put back
     */
    record Usable(
            double usableMah,
            double usableShare,
            double drawA,
            @Nullable Value flightMinutes,
            @Nullable Value chargeScale,
            int flights) {}

    /** A number with half the width of its 95 % interval. */
    record Value(double value, double plusMinus) {
        static Value of(Estimate e) {
            return new Value(e.value(), e.expanded());
        }
    }
}
