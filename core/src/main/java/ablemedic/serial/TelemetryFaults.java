package ablemedic.serial;

import ablemedic.catalogue.Param;
import ablemedic.craft.LinkSettings;
import ablemedic.family.StoppedLine;
import ablemedic.serial.SerialDefect.NoTelemetry;
import ablemedic.uart.CraftLine;
import ablemedic.uart.CraftLines;
import ablemedic.wiring.UartFunction;
import java.util.Optional;

/** What can be wrong with the radio link of a receiver and with what comes back over it. */
final class TelemetryFaults {
    private static final double FIT_ANOTHER_MINUTES = 25;

    private final SerialFaults faults;
    private final CraftLines lines;

    TelemetryFaults(SerialFaults faults) {
        this.faults = faults;
        this.lines = faults.lines();
    }

    void add() {
        if (lines.of(UartFunction.RECEIVER).isPresent()) {
            faults.wrong("not-bound", "not-bound", SerialSettings.BOUND, SerialOdds.BOUND, was -> false)
                    .with(
                            "how",
                            Param.written(faults.sound()
                                    .setting(LinkSettings.BINDS_BY)
                                    .how()))
                    .fix("set", 5);
            faults.wrong("module-off", "module-off", SerialSettings.MODULE, SerialOdds.AT_RADIO, was -> false)
                    .fix("set", 3);
        }
        Telemetry.way(lines).ifPresent(this::back);
    }

    private void back(Telemetry.Way way) {
        faults.wrong("telemetry-off", "telemetry-off", SerialSettings.TELEMETRY, SerialOdds.FEATURE, was -> false)
                .fix("set", 3);
        if (way == Telemetry.Way.MODEM) {
            return;
        }
        lineOf(UartFunction.RECEIVER, way == Telemetry.Way.OWN_LINE).ifPresent(this::mute);
        lineOf(UartFunction.TELEMETRY, Telemetry.isStream(lines)).ifPresent(this::oneWay);
        faults.wrong(
                        "telemetry-off-at-radio",
                        "radio-telemetry-off",
                        SerialSettings.RADIO_TELEMETRY,
                        SerialOdds.AT_RADIO,
                        was -> false)
                .fix("set", 2);
        faults.wrong(
                        "sensors-not-discovered",
                        "sensors-not-discovered",
                        SerialSettings.SENSORS,
                        SerialOdds.SENSORS,
                        was -> false)
                .fix("set", 2);
    }

    private Optional<CraftLine> lineOf(UartFunction function, boolean asked) {
        return asked ? lines.of(function) : Optional.empty();
    }

    private void mute(CraftLine receiver) {
        String part = receiver.part().id();
        faults.add("receiver-without-telemetry", "no-telemetry-" + part)
                .site("serial sort " + part)
                .prior(SerialOdds.NO_TELEMETRY)
                .with("line", SerialFaults.line(receiver))
                .defectInPlace(new NoTelemetry(part))
                .remedy("telemetry of " + part)
                .fix("put-right", FIT_ANOTHER_MINUTES);
    }

    /** It shows values and can never change a setting; the chart alone tells. */
    private void oneWay(CraftLine line) {
        String up = Telemetry.upOf(line);
        faults.add("one-way-telemetry", "one-way-" + line.id())
                .site("serial sort " + up)
                .prior(SerialOdds.BY_SHEET)
                .with("part", Param.part(line.part().id(), line.part().label()))
                .defectInPlace(new StoppedLine(line.part().id(), up))
                .remedy("two ways for " + line.id())
                .fix("put-right", FIT_ANOTHER_MINUTES);
    }
}
