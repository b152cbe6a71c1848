package ablemedic.power;

import ablemedic.catalogue.Param;
import ablemedic.family.FaultBuilder;
import ablemedic.family.SettingTrouble;
import ablemedic.wiring.InnerCircuit;
import java.util.function.UnaryOperator;

/** What can be wrong with how the FC is set to read its current sensor. */
final class CurrentFaults {
    /** Wrong scales over the right one. From memory. */
    private static final double[] SCALES = {0.5, 0.75, 1.35, 2};

    private static final double ONE_SCALE = 0.5;
    private static final double OFFSET = 0.6;
    private static final double REST_OFFSET_A = 3;

    private final PowerFaults faults;

    CurrentFaults(PowerFaults faults) {
        this.faults = faults;
    }

    void add() {
        if (faults.electrics().wiring().all(InnerCircuit.CurrentSensor.class).isEmpty()) {
            return;
        }
        wrong("current-not-read", "current-not-read", PowerSettings.CURRENT, was -> false)
                .site("power current")
                .prior(PowerOdds.CURRENT)
                .remedy("current read")
                .fix("current", 3);
        for (double times : SCALES) {
            wrong(
                            "current-scale",
                            "current-scale-" + PowerFaults.plain(PowerFaults.number(times)),
                            PowerSettings.CURRENT_SCALE,
                            was -> was * times)
                    .site("power current scale")
                    .prior(PowerOdds.CURRENT.times(ONE_SCALE))
                    .with("times", Param.number(times, ""))
                    .remedy("current scale")
                    .fix("current-scale", 3);
        }
        wrong("current-at-rest", "current-at-rest", PowerSettings.CURRENT_AT_REST, was -> was + REST_OFFSET_A)
                .site("power current at rest")
                .prior(PowerOdds.CURRENT.times(OFFSET))
                .with("amps", Param.number(REST_OFFSET_A, "A"))
                .remedy("current at rest")
                .fix("current-at-rest", 3);
    }

    private <T> FaultBuilder wrong(String entry, String id, SettingTrouble<T> trouble, UnaryOperator<T> change) {
        return faults.wrong(entry, id, trouble, change).kind("current-wrong");
    }
}
