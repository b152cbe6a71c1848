package ablemedic.serial;

import ablemedic.catalogue.Param;
import ablemedic.configuration.Setting;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Fault;
import ablemedic.family.FaultBuilder;
import ablemedic.family.FaultList;
import ablemedic.family.Odds;
import ablemedic.family.SettingTrouble;
import ablemedic.uart.CraftLine;
import ablemedic.uart.CraftLines;
import java.util.List;
import java.util.function.UnaryOperator;

/** All faults that the serial lines of one craft can have, and what they do as a whole. */
final class SerialFaults {
    private final Craft craft;
    private final CraftLines lines;
    private final FaultList faults = new FaultList();

    private SerialFaults(Craft craft, CraftLines lines) {
        this.craft = craft;
        this.lines = lines;
    }

    /** @param craft a sound one */
    static List<Fault<Craft>> of(Craft craft, CraftLines lines) {
        SerialFaults all = new SerialFaults(craft, lines);
        WireFaults wires = new WireFaults(all);
        UartFaults uarts = new UartFaults(all);
        FormatFaults formats = new FormatFaults(all);
        GnssFaults gnss = new GnssFaults(all);
        for (CraftLine line : lines.joined()) {
            wires.addTo(line);
            uarts.addTo(line);
            formats.addTo(line);
            gnss.addTo(line);
        }
        wires.deadPads();
        new TelemetryFaults(all).add();
        new ModemFaults(all).add();
        all.firmware();
        new UsbFaults(all).add();
        return all.faults.all();
    }

    Craft sound() {
        return craft;
    }

    CraftLines lines() {
        return lines;
    }

    FaultBuilder add(String entry, String id) {
        return faults.add(Serial.WORDS.fault(entry)).id(id);
    }

    /** A setting that is wrong, to be declared. */
    <T> FaultBuilder wrong(String entry, String id, SettingTrouble<T> trouble, Odds prior, UnaryOperator<T> change) {
        return add(entry, id).sets(trouble, craft, change).prior(prior);
    }

    /** A setting of the sound craft, as people say it. */
    Param said(Setting<?> setting) {
        return Param.written(craft.configuration().said(setting));
    }

    static Param line(CraftLine line) {
        return Param.part(line.part().id(), line.label());
    }

    static Param uart(String uart) {
        return new Param.Thing(Param.Kind.UART, uart, uart);
    }

    private void firmware() {
        if (Telemetry.way(lines).isPresent()) {
            wrong(
                            "version-broken",
                            "version-telemetry-broken",
                            SerialSettings.VERSION,
                            SerialOdds.VERSION,
                            was -> false)
                    .fix("set", 25);
        }
        if (!lines.joined().isEmpty()) {
            wrong("left-behind", "left-behind", SerialSettings.STALE, SerialOdds.LEFT_BEHIND, was -> true)
                    .fix("set", 30);
        }
    }
}
