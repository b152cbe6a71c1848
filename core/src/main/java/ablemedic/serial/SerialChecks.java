package ablemedic.serial;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.craft.Craft;
import ablemedic.craft.FirmwareSettings;
import ablemedic.craft.FirmwareSettings.Image;
import ablemedic.craft.ModemSettings;
import ablemedic.craft.SpokenSettings;
import ablemedic.craft.UartSettings;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Facet;
import ablemedic.family.CheckList;
import ablemedic.family.Place;
import ablemedic.physics.UsbPower;
import ablemedic.uart.CraftLine;
import ablemedic.uart.CraftLines;
import ablemedic.uart.Reach;
import ablemedic.wiring.Defect;
import ablemedic.wiring.UartFunction;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * The checks of what the serial lines of one craft do as a whole. How often observers err is common practice with no
 * source.
 */
final class SerialChecks {
    static final String BARS = "bars-move";
    static final String SHOWN = "telemetry-shown";
    static final String UP = "settings-from-ground";
    static final String SATELLITES = "satellites";
    static final String LISTED = "port-listed";
    static final String SIGNAL = "signal-at-pad";

    static final double MISREAD = 0.05;

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
        all.receiver();
        all.telemetry();
        all.modems();
        all.positioning();
        all.computer();
        LineChecks.addTo(all.checks, craft, lines);
        all.firmware();
        return all.checks.all();
    }

    private record Sticks(Reach heard, boolean linked) {}

    private void receiver() {
        Optional<CraftLine> receiver = lines.of(UartFunction.RECEIVER);
        if (receiver.isEmpty()) {
            return;
        }
        CraftLine line = receiver.get();
        boolean byComputer = UsbPower.feeds(craft.electrics(), line.part());
        Choices bars = Choices.of(
                "What do the bars do?",
                List.of(
                        new Outcome("move", "they follow the sticks"),
                        new Outcome("jump", "they stop now and then, or jump"),
                        new Outcome("still", "nothing moves")));
        checks.add(
                BARS,
                "bars-move",
                "Move each stick: do the bars of the receiver's page move?",
                "Computer joined, radio on, two metres between radio and receiver."
                        + (byComputer ? "" : " This receiver gets no power from the computer: pack in.")
                        + " That bars move is the proof; a lamp is only a hint.",
                bars,
                from(
                        Facet.of(
                                "what comes of the sticks",
                                c -> new Sticks(lines.now(line, c, true).heard(), lines.linked(c))),
                        s -> flow(bars, s.linked() ? s.heard() : Reach.NONE)),
                1,
                0.05,
                byComputer ? BenchNeeds.COMPUTER_AND_RADIO : BenchNeeds.POWERED_COMPUTER_AND_RADIO,
                new Place.OnePart(line.part().id()));
        Choices lamp = Choices.of(
                "What does its lamp do?",
                List.of(
                        new Outcome("dark", "dark"),
                        new Outcome("slow", "blinks slowly"),
                        new Outcome("solid", "solid"),
                        new Outcome("fast", "blinks fast")));
        checks.add(
                "receiver-lamp",
                "receiver-lamp",
                "Look at the lamp of the " + line.label(),
                "Radio on. Solid: it hears the radio. Slow: it waits for one. Fast: it binds or is updated. Dark: no supply, or dead.",
                lamp,
                from(
                        Facet.of(
                                "lamp of the receiver",
                                c -> !lines.now(line, c, false).alive() ? "dark" : lines.linked(c) ? "solid" : "slow"),
                        now -> Categorical.expecting(lamp, now, MISREAD)),
                0.4,
                0.15,
                BenchNeeds.POWERED_AND_RADIO,
                new Place.OnePart(line.part().id()));
        checks.add(SerialSettings.MODULE
                .read(
                        "module-setting",
                        "read-at-radio",
                        "Is the radio's module for this receiver on?",
                        "In the radio's settings of this model: which module is on, and which protocol it speaks.",
                        0.6)
                .needing(BenchNeeds.RADIO));
    }

    /** What is seen where something comes through well, now and then, or never. */
    private static Distribution flow(Choices answers, Reach reach) {
        return switch (reach) {
            case GOOD -> Categorical.of(answers, 0.94, 0.03, 0.03);
            case FLAKY -> Categorical.of(answers, 0.3, 0.6, 0.1);
            case NONE -> Categorical.of(answers, 0.02, 0.03, 0.95);
        };
    }

    private void telemetry() {
        Optional<Telemetry.Way> way = Telemetry.way(lines);
        if (way.isEmpty()) {
            return;
        }
        Facet<Craft, Telemetry> facet = SeenOfLines.telemetry(lines);
        Choices shown = shown(way.get());
        String screen = way.get().screen();
        BenchNeeds needs =
                way.get() == Telemetry.Way.MODEM ? BenchNeeds.POWERED_ALONE : BenchNeeds.POWERED_AND_RADIO_ALONE;
        checks.add(
                SHOWN,
                "telemetry-shown",
                "What does " + screen + " show of the craft?",
                way.get() == Telemetry.Way.MODEM
                        ? "Ground station joined, one only. A heartbeat comes every second; wait five."
                        : "Radio on its page of telemetry, craft powered by its pack. Strength comes from the receiver itself; the pack's voltage from the board.",
                shown,
                from(facet, t -> told(shown, way.get(), t, MISREAD)),
                0.8,
                0.15,
                needs);
        if (Telemetry.goesUp(lines) || Telemetry.isStream(lines)) {
            Choices up = Choices.of(
                    "What comes of it?",
                    List.of(new Outcome("works", "it is changed"), new Outcome("not", "nothing comes of it")));
            checks.add(
                    UP,
                    "settings-from-ground",
                    "Change a harmless setting from " + screen,
                    "A name or a lamp. Read it back.",
                    up,
                    from(facet, t -> Categorical.expecting(up, t.up() ? "works" : "not", MISREAD)),
                    1.5,
                    0.15,
                    needs);
        }
        checks.add(SerialSettings.TELEMETRY.read(
                "telemetry-setting",
                "read-telemetry",
                "Is the board's telemetry on?",
                "Among the board's features.",
                0.5));
        if (way.get() != Telemetry.Way.MODEM) {
            lines.of(UartFunction.RECEIVER)
                    .filter(line -> way.get() == Telemetry.Way.OWN_LINE)
                    .ifPresent(this::sort);
            checks.add(SerialSettings.SENSORS
                    .read(
                            "sensors-setting",
                            "read-at-radio",
                            "Were the board's sensors discovered at the radio?",
                            "The radio's list of telemetry: only strength, or the board's values as well, even if they stand still.",
                            0.5)
                    .needing(BenchNeeds.RADIO));
            checks.add(SerialSettings.RADIO_TELEMETRY
                    .read(
                            "radio-telemetry-setting",
                            "read-at-radio",
                            "Is telemetry on for this model at the radio?",
                            "In the settings of the model or of its module; a telemetry ratio of zero is off.",
                            0.5)
                    .needing(BenchNeeds.RADIO));
        }
    }

    /** What a receiver can do stands in its booklet. */
    private void sort(CraftLine receiver) {
        Choices sorts = Choices.of(
                "What is it?",
                List.of(
                        new Outcome("back", "one that sends telemetry back"),
                        new Outcome("none", "one without telemetry")));
        checks.add(
                "receiver-sort",
                "read-receiver-sort",
                "Read what sort the " + receiver.label() + " is",
                "Its print, and what its booklet says of telemetry. Cheaper and smaller "
                        + "ones often have none; strength on a spare channel is what they can do.",
                sorts,
                from(
                        Facet.of("sort of the receiver", c -> c.electrics()
                                .sendsNoTelemetry(receiver.part().id())),
                        none -> Categorical.expecting(sorts, none ? "none" : "back", MISREAD)),
                0.8,
                0,
                BenchNeeds.NOTHING,
                new Place.OnePart(receiver.part().id()));
    }

    static Choices shown(Telemetry.Way way) {
        List<Outcome> outcomes = new ArrayList<>(List.of(
                new Outcome("all", "all of it, and it goes on"),
                new Outcome("comes-and-goes", "it comes and goes"),
                new Outcome("nothing", "nothing at all")));
        if (way != Telemetry.Way.MODEM) {
            outcomes.add(new Outcome("strength", "only the receiver's strength"));
        }
        return Choices.of("What shows?", outcomes);
    }

    static Distribution told(Choices answers, Telemetry.Way way, Telemetry telemetry, double wrong) {
        String seen =
                switch (telemetry.shown()) {
                    case GOOD -> "all";
                    case FLAKY -> "comes-and-goes";
                    case NONE -> telemetry.strength() && way != Telemetry.Way.MODEM ? "strength" : "nothing";
                };
        return Categorical.expecting(answers, seen, wrong);
    }

    private void modems() {
        if (Telemetry.way(lines).filter(Telemetry.Way.MODEM::equals).isEmpty()) {
            return;
        }
        checks.add(SerialSettings.ONE_WAY.read(
                "modem-one-way-setting",
                "read-modem",
                "Do the modems decode both ways?",
                atModem("decode or long-range mode"),
                1.5));
        checks.add(SerialSettings.FLOW.read(
                "modem-flow-setting",
                "read-modem",
                "Is the modem's flow control on?",
                atModem("RTS and CTS, or hardware flow control"),
                1.5));
        checks.add(SerialSettings.PAIRED.read(
                "modem-paired-setting",
                "read-modem",
                "Do both modems show that they are paired?",
                "Lamps or the modem's tool, after both were without power. A setting changed since they were bound unbinds them.",
                1));
        checks.rate(
                SerialSettings.GROUND,
                ModemSettings.GROUND,
                craft,
                "ground-modem-setting",
                "read-modem",
                "Read the wire rate of the ground modem",
                "With the modem's tool.");
        checks.rate(
                SerialSettings.STATION,
                ModemSettings.STATION,
                craft,
                "station-setting",
                "read-modem",
                "Read the rate that the ground station is told",
                "Where its connection is chosen. Several virtual ports may stand there; only one works.");
        checks.rate(
                SerialSettings.BYTES,
                ModemSettings.BYTES,
                craft,
                "bytes-setting",
                "read-modem",
                "Add up what the board sends, bytes a second",
                "Rates of its messages times their lengths: the byte budget does it.");
    }

    private static String atModem(String what) {
        return "With the modem's own tool: " + what + ".";
    }

    /** What positioning shows. */
    enum Positioning {
        DEAD,
        NONE,
        FEW,
        ENOUGH
    }

    private void positioning() {
        lines.of(UartFunction.GNSS).ifPresent(line -> {
            Choices answers = positioned();
            checks.add(
                    SATELLITES,
                    "satellites",
                    "Outdoors, five minutes: how many satellites?",
                    "Clear sky, craft still, video transmitter on. On the screen or at the radio.",
                    answers,
                    from(SeenOfLines.satellites(lines, line), p -> positioned(answers, p, MISREAD)),
                    6,
                    0.15,
                    BenchNeeds.OUTDOORS,
                    new Place.OnePart(line.part().id()));
            Choices page = Choices.of(
                    "Does the board hear it?",
                    List.of(
                            new Outcome("heard", "it is there, with or without satellites"),
                            new Outcome("dead", "no sign of it")));
            checks.add(
                    "positioning-page",
                    "positioning-page",
                    "Does the board's page of positioning show that it hears the module?",
                    "Computer joined"
                            + (UsbPower.feeds(craft.electrics(), line.part())
                                    ? "; the module has its supply from that."
                                    : ", pack in.")
                            + " A number that changes, a time, a count of messages: any of it is a yes. Satellites are not needed.",
                    page,
                    from(
                            Facet.of("positioning heard with the computer", c -> lines.now(line, c, true)),
                            now -> Categorical.expecting(page, now.isPositioned() ? "heard" : "dead", MISREAD)),
                    0.7,
                    0.05,
                    UsbPower.feeds(craft.electrics(), line.part()) ? BenchNeeds.COMPUTER : BenchNeeds.MOTORS_POWERED,
                    new Place.OnePart(line.part().id()));
            Choices lies = Choices.of(
                    "How does it lie?",
                    List.of(
                            new Outcome("well", "face up, free of the video transmitter and of carbon"),
                            new Outcome("down", "face down, or under something"),
                            new Outcome("beside", "beside the video transmitter or its antenna")));
            checks.add(
                    "module-lies",
                    "look-at-module",
                    "Look how the " + line.label() + " lies",
                    "The ceramic face is up. A hand's width from the video transmitter.",
                    lies,
                    from(
                            Facet.of("sky over the module", c -> c.electrics()
                                    .noSky(line.part().id())),
                            why -> Categorical.expecting(
                                    lies,
                                    why.filter(w -> w != Defect.NoSky.Why.NO_TIME_YET)
                                            .map(w -> w == Defect.NoSky.Why.FACE_DOWN ? "down" : "beside")
                                            .orElse("well"),
                                    MISREAD)),
                    0.4,
                    0,
                    BenchNeeds.NOTHING,
                    new Place.OnePart(line.part().id()));
        });
    }

    static Choices positioned() {
        return Choices.of(
                "How many?",
                List.of(
                        new Outcome("enough", "eight or more"),
                        new Outcome("few", "a few, and they come and go"),
                        new Outcome("none", "none, but the module is there"),
                        new Outcome("dead", "no sign of the module")));
    }

    static Positioning positioning(CraftLines lines, CraftLine line, Craft craft, boolean computer) {
        if (!lines.now(line, craft, computer).isPositioned()) {
            return Positioning.DEAD;
        }
        return craft.electrics()
                .noSky(line.part().id())
                .map(why -> why == Defect.NoSky.Why.BESIDE_TRANSMITTER ? Positioning.FEW : Positioning.NONE)
                .orElse(lines.now(line, craft, computer).heard() == Reach.FLAKY ? Positioning.FEW : Positioning.ENOUGH);
    }

    static Distribution positioned(Choices answers, Positioning now, double wrong) {
        return Categorical.expecting(answers, now.name().toLowerCase(Locale.ROOT), wrong);
    }

    private void computer() {
        Choices listed = Choices.of(
                "What does the computer list?",
                List.of(
                        new Outcome("answers", "the board, and it answers"),
                        new Outcome("unknown", "something that it does not know"),
                        new Outcome("silent", "a port, and nothing answers"),
                        new Outcome("none", "nothing new")));
        checks.add(
                LISTED,
                "port-listed",
                "Plug the computer in: what does it list?",
                "Look at its list of ports before and after.",
                listed,
                from(SeenOfLines.computer(lines), now -> Categorical.expecting(listed, now, MISREAD)),
                0.6,
                0,
                BenchNeeds.COMPUTER);
        checks.add(SerialSettings.CABLE.read(
                "other-cable",
                "other-cable",
                "Does the cable carry data?",
                "Try it on another board or telephone that the computer lists, or try one here that has worked today.",
                0.7));
    }

    static String listed(CraftLines lines, Craft craft) {
        Image image = craft.told(FirmwareSettings.IMAGE);
        if (!craft.told(SpokenSettings.CABLE) || image == Image.OF_ANOTHER_BOARD) {
            return "none";
        } else if (!craft.told(SpokenSettings.DRIVER) || image == Image.HALF) {
            return "unknown";
        }
        String port = lines.board().computer();
        return !port.isEmpty() && !craft.told(UartSettings.jobsOf(port)).isEmpty() ? "silent" : "answers";
    }

    private void firmware() {
        if (lines.joined().isEmpty()) {
            return;
        }
        Choices kept = Choices.of(
                "What stands there after the restart?",
                List.of(new Outcome("kept", "what was entered"), new Outcome("back", "something else again")));
        checks.add(
                "ports-kept",
                "ports-kept",
                "Enter the ports anew, save, restart and read them back",
                "Change one line and change it back, save, let the board restart, read every line.",
                kept,
                from(SerialSettings.STALE.facet(), stale -> Categorical.expecting(kept, stale ? "back" : "kept", 0.15)),
                2,
                0,
                BenchNeeds.COMPUTER);
    }
}
