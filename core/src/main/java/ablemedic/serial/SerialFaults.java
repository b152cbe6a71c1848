package ablemedic.serial;

import static ablemedic.serial.SerialSettings.elsewhere;
import static ablemedic.serial.SerialSettings.entered;

import ablemedic.craft.Craft;
import ablemedic.craft.FirmwareSettings;
import ablemedic.craft.LinkSettings;
import ablemedic.craft.ModemSettings;
import ablemedic.craft.RadioSettings;
import ablemedic.craft.SpokenSettings;
import ablemedic.craft.UartSettings;
import ablemedic.diagnosis.Fault;
import ablemedic.family.FaultList;
import ablemedic.family.SettingTrouble;
import ablemedic.protocol.Format;
import ablemedic.uart.CraftLine;
import ablemedic.uart.CraftLines;
import ablemedic.wiring.Defect;
import ablemedic.wiring.UartFunction;
import java.util.List;
import java.util.Optional;

/**
 * The faults of what the serial lines of one craft do as a whole: link, telemetry, modems, firmware and the computer.
 */
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
        LineFaults.addTo(all.faults, craft, lines);
        all.receiver();
        all.telemetry();
        all.modems();
        all.firmware();
        all.computer();
        return all.faults.all();
    }

    private void receiver() {
        if (lines.of(UartFunction.RECEIVER).isEmpty()) {
            return;
        }
        faults.told(
                SerialSettings.BOUND,
                "not-bound",
                "not-bound",
                RadioSettings.BOUND,
                SerialOdds.BOUND,
                was -> false,
                "The receiver is not bound to this radio",
                elsewhere(
                        SerialSettings.BOUND,
                        RadioSettings.BOUND,
                        craft,
                        "Bind the receiver to the radio",
                        5,
                        "Both on one generation of firmware. Step back two metres.",
                        craft.told(LinkSettings.BINDS_BY).how()));
        faults.told(
                SerialSettings.MODULE,
                "module-off",
                "module-off",
                RadioSettings.MODULE,
                SerialOdds.AT_RADIO,
                was -> false,
                "The radio's module for this receiver is off",
                elsewhere(
                        SerialSettings.MODULE,
                        RadioSettings.MODULE,
                        craft,
                        "Switch the radio's module for this receiver on",
                        3,
                        "In the model's settings: the other module off, this one on, its protocol chosen.",
                        "Its lamp comes on."));
    }

    private void telemetry() {
        Optional<Telemetry.Way> way = Telemetry.way(lines);
        if (way.isEmpty()) {
            return;
        }
        faults.told(
                SerialSettings.TELEMETRY,
                "telemetry-off",
                "telemetry-off",
                UartSettings.TELEMETRY,
                SerialOdds.FEATURE,
                was -> false,
                "Telemetry is switched off at the board",
                entered(SerialSettings.TELEMETRY, UartSettings.TELEMETRY, craft, "Switch the board's telemetry on."));
        if (way.get() != Telemetry.Way.MODEM) {
            lines.of(UartFunction.RECEIVER)
                    .filter(line -> way.get() == Telemetry.Way.OWN_LINE)
                    .ifPresent(this::mute);
            lines.of(UartFunction.TELEMETRY)
                    .filter(line -> Telemetry.isStream(lines))
                    .ifPresent(this::oneWay);
            faults.told(
                    SerialSettings.RADIO_TELEMETRY,
                    "radio-telemetry-off",
                    "telemetry-off-at-radio",
                    RadioSettings.TELEMETRY,
                    SerialOdds.AT_RADIO,
                    was -> false,
                    "Telemetry is off for this model at the radio",
                    elsewhere(
                            SerialSettings.RADIO_TELEMETRY,
                            RadioSettings.TELEMETRY,
                            craft,
                            "Switch telemetry on at the radio",
                            2,
                            "In the model's settings, or as a ratio of frames that is not zero."));
            faults.told(
                    SerialSettings.SENSORS,
                    "sensors-not-discovered",
                    "sensors-not-discovered",
                    RadioSettings.SENSORS,
                    SerialOdds.SENSORS,
                    was -> false,
                    "The radio has not discovered the board's sensors",
                    elsewhere(
                            SerialSettings.SENSORS,
                            RadioSettings.SENSORS,
                            craft,
                            "Discover the sensors at the radio",
                            2,
                            "Craft and radio on, linked. On the radio's page of telemetry: discover new sensors, wait until no more appear, stop."));
        }
    }

    private void mute(CraftLine receiver) {
        String part = receiver.part().id();
        faults.harmed(
                "no-telemetry-" + part,
                "receiver-without-telemetry",
                "serial sort " + part,
                SerialOdds.NO_TELEMETRY,
                "The " + receiver.label() + " is a sort without telemetry",
                e -> e.with(new Defect.NoTelemetry(part)),
                SerialFixes.harm(
                        "telemetry of " + part,
                        "Fit a receiver that sends telemetry back, " + "or do without",
                        "sort of the " + receiver.label(),
                        "without telemetry",
                        "with telemetry",
                        25,
                        Defect.NoTelemetry.slot(part),
                        "Without: leave telemetry out and show the values on the screen, or put strength on a spare channel and tell the board which."));
    }

    /** It shows values and can never change a setting; the sheet alone tells. */
    private void oneWay(CraftLine line) {
        String up = Telemetry.upOf(line);
        faults.harmed(
                "one-way-" + line.id(),
                "one-way-telemetry",
                "serial sort " + up,
                SerialOdds.BY_SHEET,
                "The one-way stream of the " + line.part().label() + " shows values and can never change a setting",
                e -> e.with(new Defect.CannotWork(line.part().id(), up)),
                SerialFixes.harm(
                        "two ways for " + line.id(),
                        "Fit a receiver whose telemetry goes both ways, or change settings at the computer",
                        "telemetry of the " + line.part().label(),
                        "one way",
                        "both ways",
                        25,
                        Defect.CannotWork.slot(up),
                        "One-wire polled telemetry and links that carry it on the receiver's own line go both ways. Enter the new part on the sheet."));
    }

    private void modems() {
        if (Telemetry.way(lines).filter(Telemetry.Way.MODEM::equals).isEmpty()) {
            return;
        }
        faults.told(
                SerialSettings.ONE_WAY,
                "modem-one-way",
                "modem-one-way",
                ModemSettings.ONE_WAY,
                SerialOdds.MODEM,
                was -> true,
                "The modems decode downwards only",
                elsewhere(
                        SerialSettings.ONE_WAY,
                        ModemSettings.ONE_WAY,
                        craft,
                        "Switch the modems' decode mode off",
                        5,
                        "Decode or long-range mode off at both, then take the power from both and give it back."));
        faults.told(
                SerialSettings.FLOW,
                "modem-flow",
                "modem-flow-control",
                ModemSettings.FLOW,
                SerialOdds.MODEM,
                was -> true,
                "The modem waits for leave to send over lines that are not there",
                elsewhere(
                        SerialSettings.FLOW,
                        ModemSettings.FLOW,
                        craft,
                        "Switch the modem's flow control off",
                        4,
                        "RTS and CTS are not wired: hardware flow control off, save to the modem."));
        faults.told(
                SerialSettings.PAIRED,
                "modem-unpaired",
                "modems-not-paired",
                ModemSettings.PAIRED,
                SerialOdds.MODEM,
                was -> false,
                "The modems do not know one another as they are set now",
                elsewhere(
                        SerialSettings.PAIRED,
                        ModemSettings.PAIRED,
                        craft,
                        "Bind the modems again",
                        5,
                        "Same air rate, channel and power at both, bind, then take the power from both and give it back."));
        for (int wrong : LineFaults.otherRates(craft.told(ModemSettings.GROUND), Format.MAVLINK)) {
            faults.told(
                    SerialSettings.GROUND,
                    "ground-modem-" + wrong,
                    "modem-rate-wrong",
                    ModemSettings.GROUND,
                    SerialOdds.MODEM.times(0.5),
                    was -> wrong,
                    "The ground modem is set to " + wrong + " baud, and the ground station to "
                            + craft.told(ModemSettings.STATION),
                    elsewhere(
                            SerialSettings.GROUND,
                            ModemSettings.GROUND,
                            craft,
                            "Set the ground modem to " + craft.told(ModemSettings.GROUND) + " baud",
                            4,
                            "With the modem's tool: wire rate " + craft.told(ModemSettings.GROUND)
                                    + ", save, take its power and give it back."));
            faults.told(
                    SerialSettings.STATION,
                    "station-" + wrong,
                    "modem-rate-wrong",
                    ModemSettings.STATION,
                    SerialOdds.MODEM.times(0.5),
                    was -> wrong,
                    "The ground station is told " + wrong + " baud, and the ground modem "
                            + craft.told(ModemSettings.GROUND),
                    elsewhere(
                            SerialSettings.STATION,
                            ModemSettings.STATION,
                            craft,
                            "Tell the ground station " + craft.told(ModemSettings.STATION) + " baud",
                            2,
                            "Choose the virtual port that answers, " + craft.told(ModemSettings.STATION)
                                    + " baud, and no second ground station."));
        }
        int slowest = Math.min(craft.told(ModemSettings.AIR), craft.told(ModemSettings.STATION));
        faults.told(
                SerialSettings.BYTES,
                "too-many-bytes",
                "too-many-messages",
                ModemSettings.BYTES,
                SerialOdds.MODEM.times(0.5),
                was -> slowest / 6,
                "The board sends more messages than the slowest hop carries",
                elsewhere(
                        SerialSettings.BYTES,
                        ModemSettings.BYTES,
                        craft,
                        "Lower the rates of the messages",
                        6,
                        "By the byte budget: no more than " + Math.round(ByteBudget.FILL * slowest / 10)
                                + " bytes a second.",
                        SettingTrouble.SAVE));
    }

    private void firmware() {
        if (Telemetry.way(lines).isPresent()) {
            faults.told(
                    SerialSettings.VERSION,
                    "version-telemetry-broken",
                    "version-broken",
                    FirmwareSettings.TELEMETRY_WORKS,
                    SerialOdds.VERSION,
                    was -> false,
                    "The telemetry of this firmware version is broken on this board",
                    elsewhere(
                            SerialSettings.VERSION,
                            FirmwareSettings.TELEMETRY_WORKS,
                            craft,
                            "Go back to the version that others report good",
                            25,
                            "Save all settings as text, and note target and version.",
                            "Flash that version, enter ports and telemetry, and see it work: that proves the wiring.",
                            "Then go forward again and see it break: that it breaks again is the proof. “Which version broke it” says which version to try; a newer one may have mended it."));
        }
        if (!lines.joined().isEmpty()) {
            faults.told(
                    SerialSettings.STALE,
                    "left-behind",
                    "left-behind",
                    FirmwareSettings.STALE,
                    SerialOdds.LEFT_BEHIND,
                    was -> true,
                    "Something that an older version left behind overrules the ports",
                    elsewhere(
                            SerialSettings.STALE,
                            FirmwareSettings.STALE,
                            craft,
                            "Flash with a full erase and enter what matters again",
                            30,
                            "Save all settings as text first.",
                            "Flash the same version with a full erase: that takes calibrations too. Enter ports, receiver, modes and calibrations again.",
                            SettingTrouble.SAVE));
        }
    }

    private void computer() {
        faults.told(
                SerialSettings.CABLE,
                "charge-cable",
                "charge-cable",
                SpokenSettings.CABLE,
                SerialOdds.CABLE,
                was -> false,
                "The cable to the computer only charges",
                elsewhere(
                        SerialSettings.CABLE,
                        SpokenSettings.CABLE,
                        craft,
                        "Take a cable that carries data",
                        1,
                        "One that has read another board today. Mark the other."));
        faults.told(
                SerialSettings.DRIVER,
                "driver-missing",
                "driver-missing",
                SpokenSettings.DRIVER,
                SerialOdds.DRIVER,
                was -> false,
                "The computer has no driver for the board",
                elsewhere(
                        SerialSettings.DRIVER,
                        SpokenSettings.DRIVER,
                        craft,
                        "Install the driver of the board's USB chip",
                        8,
                        "Look at the computer's list of devices: an unknown one comes and goes with the plug. Install its driver, plug in again."));
        String port = lines.board().computer();
        if (!port.isEmpty() && craft.told(UartSettings.jobsOf(port)).isEmpty()) {
            faults.told(
                    SerialSettings.jobs(port),
                    "computer-port-given-away",
                    "computer-port-given-away",
                    UartSettings.jobsOf(port),
                    SerialOdds.PORT_GIVEN_AWAY,
                    was -> List.of(UartFunction.GNSS),
                    "Port " + port + ", which is the computer's, was given away",
                    entered(
                            SerialSettings.jobs(port),
                            UartSettings.jobsOf(port),
                            craft,
                            "Start the board with its boot button or pads held, or over another port, and take the job from port "
                                    + port + "."));
        }
    }
}
