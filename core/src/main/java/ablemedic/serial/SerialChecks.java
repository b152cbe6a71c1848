package ablemedic.serial;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.craft.FirmwareSettings;
import ablemedic.craft.FirmwareSettings.Image;
import ablemedic.craft.SpokenSettings;
import ablemedic.craft.UartSettings;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Facet;
import ablemedic.family.CheckBuilder;
import ablemedic.family.CheckList;
import ablemedic.family.Observer;
import ablemedic.physics.UsbPower;
import ablemedic.serial.SerialDefect.NoSky;
import ablemedic.serial.SerialDefect.NoTelemetry;
import ablemedic.uart.CraftLine;
import ablemedic.uart.CraftLines;
import ablemedic.uart.Reach;
import ablemedic.wiring.UartFunction;
import java.util.List;
import java.util.Locale;

/** The checks of what the serial lines of one craft do as a whole. */
final class SerialChecks {
    static final String BARS = "bars-move";
    static final String SHOWN = "telemetry-shown";
    static final String UP = "settings-from-ground";
    static final String SATELLITES = "satellites";
    static final String LISTED = "port-listed";
    static final String SIGNAL = "signal-at-pad";

    /** What is set anew may be seen to stay though something else will have it back. From memory. */
    private static final double KEPT_SLIPS = 0.15;

    private final Craft craft;
    private final CraftLines lines;
    private final CheckList checks = new CheckList();

    private SerialChecks(Craft craft, CraftLines lines) {
        this.craft = craft;
        this.lines = lines;
    }

    /** @param craft a sound one */
    static List<Check<Craft>> of(Craft craft, CraftLines lines) {
        SerialChecks all = new SerialChecks(craft, lines);
        lines.of(UartFunction.RECEIVER).ifPresent(all::receiver);
        Telemetry.way(lines).ifPresent(all::telemetry);
        all.modems();
        lines.of(UartFunction.GNSS).ifPresent(all::gnss);
        all.usb();
        LineChecks.addTo(all.checks, craft, lines);
        all.firmware();
        return all.checks.all();
    }

    static Words words(String entry) {
        return Serial.WORDS.check(entry);
    }

    private CheckBuilder ask(String entry) {
        return checks.ask(words(entry));
    }

    /** One that reads a setting on the radio. */
    private CheckBuilder atRadio(String entry) {
        return ask(entry).kind("read-at-radio").needs(BenchNeeds.RADIO);
    }

    private record Sticks(Reach heard, boolean linked) {}

    private void receiver(CraftLine line) {
        boolean byUsb = UsbPower.feeds(craft.electrics(), line.part());
        ask(BARS)
                .at(line.part())
                .with("usb", Param.when(byUsb))
                .shows(
                        Facet.of(
                                "sticks-arriving",
                                (Craft c) -> new Sticks(lines.now(line, c, true).heard(), lines.linked(c))),
                        (asked, sticks) -> flow(asked, sticks.linked() ? sticks.heard() : Reach.NONE))
                .needs(byUsb ? BenchNeeds.COMPUTER_AND_RADIO : BenchNeeds.POWERED_COMPUTER_AND_RADIO)
                .minutes(1)
                .risk(0.05)
                .add();
        ask("receiver-lamp")
                .at(line.part())
                .shows(
                        Facet.of(
                                "receiver-led",
                                (Craft c) -> !lines.now(line, c, false).alive()
                                        ? "dark"
                                        : lines.linked(c) ? "solid" : "slow"),
                        led -> led,
                        Observer.READS)
                .needs(BenchNeeds.POWERED_AND_RADIO)
                .minutes(0.4)
                .risk(0.15)
                .add();
        atRadio("module-setting").minutes(0.6).reads(SerialSettings.MODULE);
    }

    /** What is seen where something comes through well, now and then, or never. */
    private static Distribution flow(Choices answers, Reach reach) {
        return switch (reach) {
            case GOOD -> Categorical.of(answers, 0.94, 0.03, 0.03);
            case FLAKY -> Categorical.of(answers, 0.3, 0.6, 0.1);
            case NONE -> Categorical.of(answers, 0.02, 0.03, 0.95);
        };
    }

    private void telemetry(Telemetry.Way way) {
        Facet<Craft, Telemetry> facet = SeenOfLines.telemetry(lines);
        boolean modem = way == Telemetry.Way.MODEM;
        BenchNeeds needs = modem ? BenchNeeds.POWERED_ALONE : BenchNeeds.POWERED_AND_RADIO_ALONE;
        ask(SHOWN)
                .with("screen", Param.written(way.screen()))
                .with("modem", Param.when(modem))
                .outcomes(shown(way))
                .shows(facet, (asked, telemetry) -> seen(asked, way, telemetry, Observer.READS.slips()))
                .needs(needs)
                .minutes(0.8)
                .risk(0.15)
                .add();
        if (Telemetry.goesUp(lines) || Telemetry.isStream(lines)) {
            ask(UP).with("screen", Param.written(way.screen()))
                    .shows(facet, telemetry -> telemetry.up() ? "works" : "not", Observer.READS)
                    .needs(needs)
                    .minutes(1.5)
                    .risk(0.15)
                    .add();
        }
        ask("telemetry-setting")
                .kind("read-telemetry")
                .minutes(0.5)
                .needs(BenchNeeds.COMPUTER)
                .reads(SerialSettings.TELEMETRY);
        if (!modem) {
            lines.of(UartFunction.RECEIVER)
                    .filter(line -> way == Telemetry.Way.OWN_LINE)
                    .ifPresent(this::type);
            atRadio("sensors-setting").minutes(0.5).reads(SerialSettings.SENSORS);
            atRadio("radio-telemetry-setting").minutes(0.5).reads(SerialSettings.RADIO_TELEMETRY);
        }
    }

    /** What a receiver can do stands in its manual. */
    private void type(CraftLine receiver) {
        ask("read-receiver-sort")
                .id("receiver-sort")
                .at(receiver.part())
                .shows(
                        Facet.of("receiver-type", (Craft c) -> NoTelemetry.isAt(c, receiver.part())),
                        none -> none ? "none" : "back",
                        Observer.READS)
                .minutes(0.8)
                .add();
    }

    /** What can be seen of telemetry that comes back this way. */
    static List<String> shown(Telemetry.Way way) {
        List<String> all = words(SHOWN).outcomes();
        return way == Telemetry.Way.MODEM
                ? all.stream().filter(outcome -> !outcome.equals("strength")).toList()
                : all;
    }

    static Distribution seen(Choices answers, Telemetry.Way way, Telemetry telemetry, double slips) {
        String seen =
                switch (telemetry.shown()) {
                    case GOOD -> "all";
                    case FLAKY -> "comes-and-goes";
                    case NONE -> telemetry.strength() && way != Telemetry.Way.MODEM ? "strength" : "nothing";
                };
        return Categorical.expecting(answers, seen, slips);
    }

    private void modems() {
        if (Telemetry.way(lines).filter(Telemetry.Way.MODEM::equals).isEmpty()) {
            return;
        }
        atModem("modem-one-way-setting").minutes(1.5).reads(SerialSettings.ONE_WAY);
        atModem("modem-flow-setting").minutes(1.5).reads(SerialSettings.FLOW);
        atModem("modem-paired-setting").minutes(1).reads(SerialSettings.PAIRED);
        atModem("ground-modem-setting").minutes(1).readsWhole(SerialSettings.GROUND, craft);
        atModem("station-setting").minutes(1).readsWhole(SerialSettings.STATION, craft);
        atModem("bytes-setting").minutes(1).readsWhole(SerialSettings.BYTES, craft);
    }

    private CheckBuilder atModem(String entry) {
        return ask(entry).kind("read-modem").needs(BenchNeeds.COMPUTER);
    }

    /** What is seen of a GNSS module. */
    enum Positioning {
        DEAD,
        NONE,
        FEW,
        ENOUGH;

        String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    private void gnss(CraftLine line) {
        ask(SATELLITES)
                .at(line.part())
                .shows(SeenOfLines.satellites(lines, line), Positioning::id, Observer.READS)
                .needs(BenchNeeds.OUTDOORS)
                .minutes(6)
                .risk(0.15)
                .add();
        boolean byUsb = UsbPower.feeds(craft.electrics(), line.part());
        ask("positioning-page")
                .at(line.part())
                .with("usb", Param.when(byUsb))
                .shows(
                        Facet.of("gnss-heard-on-usb", (Craft c) -> lines.now(line, c, true)),
                        now -> now.isPositioned() ? "heard" : "dead",
                        Observer.READS)
                .needs(byUsb ? BenchNeeds.COMPUTER : BenchNeeds.MOTORS_POWERED)
                .minutes(0.7)
                .risk(0.05)
                .add();
        ask("look-at-module")
                .id("module-lies")
                .at(line.part())
                .shows(
                        Facet.of("sky-over-module", (Craft c) -> NoSky.why(c, line.part())),
                        why -> why.filter(w -> w != NoSky.Why.NO_TIME_YET)
                                .map(w -> w == NoSky.Why.FACE_DOWN ? "down" : "beside")
                                .orElse("well"),
                        Observer.READS)
                .minutes(0.4)
                .add();
    }

    static Positioning positioning(CraftLines lines, CraftLine line, Craft craft, boolean computer) {
        if (!lines.now(line, craft, computer).isPositioned()) {
            return Positioning.DEAD;
        }
        return NoSky.why(craft, line.part())
                .map(why -> why == NoSky.Why.BESIDE_TRANSMITTER ? Positioning.FEW : Positioning.NONE)
                .orElse(lines.now(line, craft, computer).heard() == Reach.FLAKY ? Positioning.FEW : Positioning.ENOUGH);
    }

    private void usb() {
        ask(LISTED)
                .shows(SeenOfLines.computer(lines), seen -> seen, Observer.READS)
                .needs(BenchNeeds.COMPUTER)
                .minutes(0.6)
                .add();
        ask("other-cable").minutes(0.7).needs(BenchNeeds.COMPUTER).reads(SerialSettings.CABLE);
    }

    static String listed(CraftLines lines, Craft craft) {
        Image image = craft.setting(FirmwareSettings.IMAGE);
        if (!craft.setting(SpokenSettings.CABLE) || image == Image.OF_ANOTHER_BOARD) {
            return "none";
        } else if (!craft.setting(SpokenSettings.DRIVER) || image == Image.HALF) {
            return "unknown";
        }
        String uart = lines.board().computer();
        return !uart.isEmpty() && !craft.setting(UartSettings.jobsOf(uart)).isEmpty() ? "silent" : "answers";
    }

    private void firmware() {
        if (!lines.joined().isEmpty()) {
            ask("ports-kept")
                    .shows(
                            SerialSettings.STALE.facet(),
                            (asked, stale) -> Categorical.expecting(asked, stale ? "back" : "kept", KEPT_SLIPS))
                    .needs(BenchNeeds.COMPUTER)
                    .minutes(2)
                    .add();
        }
    }
}
