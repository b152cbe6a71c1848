package ablemedic.serial;

import ablemedic.catalogue.Param;
import ablemedic.craft.Craft;
import ablemedic.craft.ModemSettings;
import ablemedic.protocol.Format;

/** What can be wrong with a pair of telemetry modems and the ground station behind them. */
final class ModemFaults {
    /** One of two wrong rates that are as likely. */
    private static final double HALF = 0.5;

    private final SerialFaults faults;
    private final Craft craft;

    ModemFaults(SerialFaults faults) {
        this.faults = faults;
        this.craft = faults.sound();
    }

    void add() {
        if (Telemetry.way(faults.lines()).filter(Telemetry.Way.MODEM::equals).isEmpty()) {
            return;
        }
        faults.wrong("modem-one-way", "modem-one-way", SerialSettings.ONE_WAY, SerialOdds.MODEM, was -> true)
                .fix("set", 5);
        faults.wrong("modem-flow-control", "modem-flow", SerialSettings.FLOW, SerialOdds.MODEM, was -> true)
                .fix("set", 4);
        faults.wrong("modems-not-paired", "modem-unpaired", SerialSettings.PAIRED, SerialOdds.MODEM, was -> false)
                .fix("set", 5);
        UartFaults.otherRates(craft.setting(ModemSettings.GROUND), Format.MAVLINK)
                .forEach(this::rates);
        int slowest = Math.min(craft.setting(ModemSettings.AIR), craft.setting(ModemSettings.STATION));
        faults.wrong(
                        "too-many-messages",
                        "too-many-bytes",
                        SerialSettings.BYTES,
                        SerialOdds.MODEM.times(HALF),
                        was -> slowest / 6)
                .with("most", Param.whole(Math.round(ByteBudget.FILL * slowest / 10), ""))
                .fix("set", 6);
    }

    private void rates(int wrong) {
        Param ground = Param.whole(craft.setting(ModemSettings.GROUND), "");
        Param station = Param.whole(craft.setting(ModemSettings.STATION), "");
        faults.wrong(
                        "ground-modem",
                        "ground-modem-" + wrong,
                        SerialSettings.GROUND,
                        SerialOdds.MODEM.times(HALF),
                        was -> wrong)
                .kind("modem-rate-wrong")
                .with("wrong", Param.whole(wrong, ""))
                .with("other", station)
                .with("right", ground)
                .fix("set", 4);
        faults.wrong("station", "station-" + wrong, SerialSettings.STATION, SerialOdds.MODEM.times(HALF), was -> wrong)
                .kind("modem-rate-wrong")
                .with("wrong", Param.whole(wrong, ""))
                .with("other", ground)
                .with("right", station)
                .fix("set", 2);
    }
}
