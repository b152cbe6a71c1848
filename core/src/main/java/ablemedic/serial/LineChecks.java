package ablemedic.serial;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.craft.SpokenSettings;
import ablemedic.craft.UartSettings;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Facet;
import ablemedic.family.CheckBuilder;
import ablemedic.family.CheckList;
import ablemedic.family.Observer;
import ablemedic.protocol.Format;
import ablemedic.serial.SerialDefect.DeadUartPad;
import ablemedic.serial.SerialDefect.OtherJumper;
import ablemedic.uart.CraftLine;
import ablemedic.uart.CraftLine.End;
import ablemedic.uart.CraftLines;
import ablemedic.uart.Reach;
import ablemedic.uart.UartRequest;
import ablemedic.wiring.CopperDefect;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.SerialPad;
import ablemedic.wiring.SerialPad.Inverter;
import ablemedic.wiring.UartFunction;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** The checks of each line at its wires, its UART and its part. */
final class LineChecks {
    private static final double FOLLOWS_WIRES_SLIPS = 0.1;
    private static final String NO_UART = "none";
    private static final String SHARED = "shared";
    private final Craft craft;
    private final CraftLines lines;
    private final CheckList checks;

    private LineChecks(Craft craft, CraftLines lines, CheckList checks) {
        this.craft = craft;
        this.lines = lines;
        this.checks = checks;
    }

    /** @param craft a sound one */
    static void addTo(CheckList checks, Craft craft, CraftLines lines) {
        LineChecks all = new LineChecks(craft, lines, checks);
        PadChecks pads = new PadChecks(craft, lines, checks);
        for (CraftLine line : lines.joined()) {
            all.wires(line);
            all.functions(line);
            all.formats(line);
            all.uart(line);
            all.knownGood(line);
            all.otherUart(line);
            line.ends().forEach(end -> pads.add(line, end));
        }
        LoopChecks.addTo(checks, lines);
    }

    private CheckBuilder ask(String entry, CraftLine line) {
        return checks.ask(SerialChecks.words(entry))
                .with("line", SerialFaults.line(line))
                .with("function", Param.written(line.job().label()))
                .with("receiver", Param.when(line.job() == UartFunction.RECEIVER));
    }

    private void wires(CraftLine line) {
        String pads = line.ends().stream()
                .map(end -> Serial.WORDS
                        .name("map")
                        .with("end", Param.pad(end.partPad(), label(end.partPad())))
                        .with("pad", Param.pad(end.boardPad(), end.printed()))
                        .line("wire")
                        .plain())
                .collect(Collectors.joining(", "));
        ask("follow-wires", line)
                .id("wires-" + line.id())
                .at(line.part())
                .with("pads", Param.written(pads))
                .shows(
                        Facet.of("wires-" + line.id(), (Craft c) -> lie(line, c.electrics())),
                        (asked, lie) -> lie.equals("off")
                                ? seenBroken(asked)
                                : Categorical.expecting(asked, lie, FOLLOWS_WIRES_SLIPS))
                .needs(BenchNeeds.BATTERY_OUT)
                .minutes(0.8)
                .add();
    }

    /** What is broken under its sleeve or in a crimp looks right as often as not. Common practice, no source. */
    private static Categorical seenBroken(Choices answers) {
        return Categorical.of(answers, 0.5, 0.02, 0.03, 0.45);
    }

    private static String lie(CraftLine line, Electrics electrics) {
        List<End> moved = line.ends().stream()
                .filter(end ->
                        !electrics.movedTo(end.wire().id(), end.boardPad()).equals(end.boardPad()))
                .toList();
        if (moved.size() > 1) {
            return "exchanged";
        }
        boolean off = line.ends().stream()
                .flatMap(end -> end.links().stream())
                .anyMatch(link -> electrics.spoilt(link).isPresent());
        return moved.size() == 1 ? "pad" : off ? "off" : "right";
    }

    private record Given(List<String> uarts, boolean alone) {}

    private void functions(CraftLine line) {
        UartFunction function = line.job();
        String id = "jobs-" + function.id();
        if (checks.has(id)) {
            return;
        }
        ask("read-jobs", line)
                .id(id)
                .shows(
                        this::uarts,
                        asked -> from(
                                Facet.of("uarts-with-" + function.id(), (Craft c) -> given(function, c)),
                                given -> Categorical.expecting(asked, outcome(given), Observer.READS.slips())))
                .needs(BenchNeeds.COMPUTER)
                .minutes(0.6)
                .add();
    }

    private Choices uarts(Words words) {
        List<Outcome> outcomes = new ArrayList<>(CheckBuilder.named(words, List.of(NO_UART)));
        lines.board()
                .uarts()
                .forEach(uart -> outcomes.add(new Outcome(
                        uart, words.with("uart", SerialFaults.uart(uart)).outcome("uart"))));
        outcomes.addAll(CheckBuilder.named(words, List.of(SHARED)));
        return Choices.of(words.line("ask"), outcomes);
    }

    private String outcome(Given given) {
        if (given.uarts().isEmpty()) {
            return NO_UART;
        }
        String first = given.uarts().get(0);
        return !given.alone() ? SHARED : lines.board().uarts().contains(first) ? first : NO_UART;
    }

    private static Given given(UartFunction function, Craft craft) {
        List<String> uarts = UartSettings.uartsWith(function, craft);
        return new Given(
                uarts,
                uarts.isEmpty()
                        || craft.setting(UartSettings.jobsOf(uarts.get(0))).size() == 1);
    }

    private void formats(CraftLine line) {
        UartFunction function = line.job();
        if (function.formats().size() > 1) {
            ask("read-format", line)
                    .id("format-" + line.id())
                    .minutes(0.5)
                    .needs(BenchNeeds.COMPUTER)
                    .reads(SerialSettings.format(function));
        }
        if (line.spoken().formats().size() > 1) {
            boolean receiver = function == UartFunction.RECEIVER;
            ask("speaks", line)
                    .id("speaks-" + line.id())
                    .kind(receiver ? "read-at-radio" : "read-part")
                    .minutes(1)
                    .needs(receiver ? BenchNeeds.RADIO : BenchNeeds.COMPUTER)
                    .reads(SerialSettings.partFormat(function));
        }
    }

    /** The checks of the UART that a line is on. */
    private void uart(CraftLine line) {
        lines.pads(line).stream()
                .findFirst()
                .filter(pad -> UartSettings.UARTS.contains(pad.uart()))
                .ifPresent(pad -> {
                    rates(line, pad.uart());
                    inversion(line, pad);
                    if (line.format() == Format.POLLED) {
                        setOnUart("read-half-duplex", line, pad.uart())
                                .id("half-duplex-" + line.id())
                                .reads(SerialSettings.oneWire(pad.uart()));
                    }
                    softSerial(line, pad.uart());
                });
    }

    private CheckBuilder setOnUart(String entry, CraftLine line, String uart) {
        return ask(entry, line)
                .with("uart", SerialFaults.uart(uart))
                .minutes(0.5)
                .needs(BenchNeeds.COMPUTER);
    }

    private void rates(CraftLine line, String uart) {
        if (line.format().bauds().size() > 1 && line.format() != Format.CRSF) {
            setOnUart("read-rate", line, uart)
                    .id("rate-" + line.id())
                    .minutes(1)
                    .readsWhole(SerialSettings.baud(uart), craft);
            ofPart("part-rate", line).readsWhole(SerialSettings.partBaud(line.job()), craft);
        }
        if (line.job() == UartFunction.GNSS) {
            ofPart("gnss-hz", line).readsWhole(SerialSettings.GNSS_HZ, craft);
        }
    }

    private CheckBuilder ofPart(String entry, CraftLine line) {
        return ask(entry, line)
                .id(entry + "-" + line.id())
                .kind("read-part")
                .minutes(1)
                .needs(BenchNeeds.COMPUTER);
    }

    private void inversion(CraftLine line, SerialPad pad) {
        if (pad.inverter() == Inverter.CHIP || pad.inverter() == Inverter.SOFTWARE) {
            setOnUart("read-inversion", line, pad.uart())
                    .id("inversion-" + line.id())
                    .reads(SerialSettings.inversion(pad.uart()));
        }
        if (pad.inverter() == Inverter.JUMPER) {
            String address = lines.boardPart().address(pad.name());
            ask("look-at-jumper", line)
                    .id("jumper-" + line.id())
                    .at(lines.boardPart())
                    .with("pad", Param.pad(address, pad.name()))
                    .shows(
                            Facet.of("jumper-" + line.id(), (Craft c) -> c.electrics()
                                    .otherJumper(address)),
                            other -> line.format().inverted() != other ? "inverted" : "plain",
                            Observer.READS)
                    .needs(BenchNeeds.BATTERY_OUT)
                    .minutes(0.8)
                    .add();
        }
    }

    private void softSerial(CraftLine line, String uart) {
        if (lines.board().isSoft(uart)) {
            setOnUart("soft-setting", line, uart)
                    .kind("read-soft-serial")
                    .minutes(0.4)
                    .reads(SerialSettings.SOFT);
            setOnUart("soft-in-version", line, uart)
                    .kind("read-soft-serial")
                    .minutes(1)
                    .reads(SerialSettings.SOFT_BUILT);
        }
    }

    /** Another part in the place of one rules out the part, and its settings. */
    private void knownGood(CraftLine line) {
        String id = "known-good-" + line.part().id();
        if (line.job() == UartFunction.VIDEO_CONTROL || checks.has(id)) {
            return;
        }
        ask("known-good-part", line)
                .id(id)
                .at(line.part())
                .shows(
                        Facet.of(
                                "works-with-another-" + line.part().id(),
                                (Craft c) -> works(line, withAnother(line, c))),
                        works -> works ? "works" : "not",
                        Observer.READS)
                .needs(BenchNeeds.POWERED_AND_RADIO)
                .minutes(9)
                .risk(0.2)
                .add();
    }

    private Craft withAnother(CraftLine line, Craft faulty) {
        return faulty.withElectrics(faulty.electrics().withNew(line.part().id()))
                .with(SpokenSettings.format(line.job()), craft.setting(SpokenSettings.format(line.job())))
                .with(SpokenSettings.baud(line.job()), craft.setting(SpokenSettings.baud(line.job())));
    }

    private boolean works(CraftLine line, Craft faulty) {
        CraftLines.Now now = lines.now(line, faulty, false);
        UartRequest wish = line.wish(line.format());
        return (!wish.heard() || now.heard() != Reach.NONE) && (!wish.spokenTo() || now.spoken() != Reach.NONE);
    }

    /** The same part on another UART rules out the UART, its pads and its settings. */
    private void otherUart(CraftLine line) {
        List<String> how = FreeUart.wired(lines, line);
        if (how.isEmpty() || line.job() == UartFunction.VIDEO_CONTROL) {
            return;
        }
        ask("other-port", line)
                .id("other-port-" + line.id())
                .at(lines.boardPart())
                .with("how", Param.written(String.join(" ", how)))
                .shows(
                        Facet.of("works-elsewhere-" + line.id(), (Craft c) -> works(line, elsewhere(line, c))),
                        works -> works ? "works" : "not",
                        Observer.READS)
                .needs(BenchNeeds.UNPOWERED)
                .minutes(10)
                .risk(0.15)
                .add();
    }

    /**
     * The craft once wires, jumpers and settings of a line's own UART are as they should be, and the pads are others.
     */
    private Craft elsewhere(CraftLine line, Craft faulty) {
        Electrics e = faulty.electrics();
        Craft other = faulty;
        for (End end : line.ends()) {
            e = e.without(CopperDefect.ofWireEnd(end.wire().id()))
                    .without(DeadUartPad.slot(end.boardPad()))
                    .without(OtherJumper.slot(end.boardPad()));
            String uart = lines.pad(end.boardPad()).map(SerialPad::uart).orElse("");
            if (UartSettings.UARTS.contains(uart)) {
                other = other.with(UartSettings.jobsOf(uart), craft.setting(UartSettings.jobsOf(uart)))
                        .with(UartSettings.baud(uart), craft.setting(UartSettings.baud(uart)))
                        .with(UartSettings.inversion(uart), craft.setting(UartSettings.inversion(uart)))
                        .with(UartSettings.oneWire(uart), craft.setting(UartSettings.oneWire(uart)));
            }
        }
        return other.withElectrics(e);
    }

    private String label(String address) {
        return craft.electrics().wiring().label(craft.electrics().wiring().node(address));
    }
}
