package ablemedic.serial;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.craft.Craft;
import ablemedic.craft.SpokenSettings;
import ablemedic.craft.UartSettings;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Facet;
import ablemedic.family.CheckList;
import ablemedic.family.Place;
import ablemedic.protocol.Format;
import ablemedic.uart.CraftLine;
import ablemedic.uart.CraftLine.End;
import ablemedic.uart.CraftLines;
import ablemedic.uart.Reach;
import ablemedic.uart.UartRequest;
import ablemedic.wiring.Defect;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.SerialPad;
import ablemedic.wiring.SerialPad.Inverter;
import ablemedic.wiring.SerialPad.Side;
import ablemedic.wiring.UartFunction;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The checks of each line at its wires, its port and its part. */
final class LineChecks {
    private static final String ON_PORTS =
            "On the board's page of ports. Look at every line of it, not only at the one that you expect.";

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
            all.jobs(line);
            all.settings(line);
            all.knownGood(line);
            all.otherPort(line);
            line.ends().forEach(end -> pads.add(line, end));
        }
        all.loops();
    }

    private void wires(CraftLine line) {
        Choices answers = Choices.of(
                "How do they lie?",
                List.of(
                        new Outcome("right", "as the sheet has them"),
                        new Outcome("exchanged", "TX on TX, RX on RX"),
                        new Outcome("pad", "one lies on another pad"),
                        new Outcome("off", "one is off, or hangs by a strand")));
        String pads = String.join(
                ", ",
                line.ends().stream()
                        .map(end -> label(end.partPad()) + " to pad " + end.printed())
                        .toList());
        checks.add(
                "wires-" + line.id(),
                "follow-wires",
                "Follow the wires of the " + line.label() + " with your finger",
                "A lens, and the board's own print. It should be: " + pads + ".",
                answers,
                from(
                        Facet.of("wires of " + line.id(), c -> lies(line, c.electrics())),
                        lies -> lies.equals("off") ? seenBroken(answers) : Categorical.expecting(answers, lies, 0.1)),
                0.8,
                0,
                BenchNeeds.PACK_OUT,
                new Place.OnePart(line.part().id()));
    }

    /** What is broken under its sleeve or in a crimp looks right as often as not. Common practice, no source. */
    private static Categorical seenBroken(Choices answers) {
        return Categorical.of(answers, 0.5, 0.02, 0.03, 0.45);
    }

    private static String lies(CraftLine line, Electrics electrics) {
        List<End> moved = line.ends().stream()
                .filter(end ->
                        !electrics.movedTo(end.lead().id(), end.boardPad()).equals(end.boardPad()))
                .toList();
        if (moved.size() > 1) {
            return "exchanged";
        }
        boolean off = line.ends().stream()
                .flatMap(end -> end.links().stream())
                .anyMatch(link -> electrics.spoilt(link).isPresent());
        return moved.size() == 1 ? "pad" : off ? "off" : "right";
    }

    private record Given(List<String> ports, boolean alone) {}

    private void jobs(CraftLine line) {
        UartFunction job = line.job();
        if (checks.has("jobs-" + job.id())) {
            return;
        }
        List<Outcome> outcomes = new ArrayList<>(List.of(new Outcome("none", "no port has it")));
        lines.board().ports().forEach(port -> outcomes.add(new Outcome(port, "port " + port)));
        outcomes.add(new Outcome("shared", "a port that has another job as well"));
        Choices answers = Choices.of("Which port has it?", outcomes);
        checks.add(
                "jobs-" + job.id(),
                "read-jobs",
                "Read which port has the job of " + job.label(),
                ON_PORTS,
                answers,
                from(
                        Facet.of("ports with " + job.label(), c -> given(job, c)),
                        given -> Categorical.expecting(
                                answers,
                                given.ports().isEmpty()
                                        ? "none"
                                        : given.alone() ? known(given.ports().get(0)) : "shared",
                                SerialChecks.MISREAD)),
                0.6,
                0,
                BenchNeeds.COMPUTER);
    }

    private String known(String port) {
        return lines.board().ports().contains(port) ? port : "none";
    }

    private static Given given(UartFunction job, Craft craft) {
        List<String> ports = UartSettings.portsWith(job, craft);
        return new Given(
                ports,
                ports.isEmpty() || craft.told(UartSettings.jobsOf(ports.get(0))).size() == 1);
    }

    private void settings(CraftLine line) {
        UartFunction job = line.job();
        String id = line.id();
        if (job.formats().size() > 1) {
            checks.add(SerialSettings.format(job)
                    .read(
                            "format-" + id,
                            "read-format",
                            "Read which format the board is told for the " + job.label(),
                            "With the settings of the " + job.label() + ", not of the port.",
                            0.5));
        }
        if (line.spoken().formats().size() > 1) {
            checks.add(SerialSettings.partFormat(job)
                    .read(
                            "speaks-" + id,
                            job == UartFunction.RECEIVER ? "read-at-radio" : "read-part",
                            "Read what the " + line.label() + " is set to speak",
                            job == UartFunction.RECEIVER
                                    ? "In the radio's bind settings: the receiver's output. Its lamp's colour may tell it too."
                                    : "With its own tool, or by the letters that come: $ begins a sentence.",
                            1)
                    .needing(job == UartFunction.RECEIVER ? BenchNeeds.RADIO : BenchNeeds.COMPUTER));
        }
        Optional<SerialPad> pad = lines.pads(line).stream().findFirst();
        if (pad.isEmpty() || !UartSettings.PORTS.contains(pad.get().port())) {
            return;
        }
        String port = pad.get().port();
        if (line.format().bauds().size() > 1 && line.format() != Format.CRSF) {
            checks.rate(
                    SerialSettings.baud(port),
                    UartSettings.baud(port),
                    craft,
                    "rate-" + id,
                    "read-rate",
                    "Read the rate of port " + port,
                    ON_PORTS + " 0 for automatic.");
            checks.rate(
                    SerialSettings.partBaud(job),
                    SpokenSettings.baud(job),
                    craft,
                    "part-rate-" + id,
                    "read-part",
                    "Read the rate that the " + line.label() + " is set to",
                    "With its own tool; 0 where it is as it came.");
        }
        if (job == UartFunction.GNSS) {
            checks.rate(
                    SerialSettings.GNSS_HZ,
                    SpokenSettings.GNSS_HZ,
                    craft,
                    "gnss-hz-" + id,
                    "read-part",
                    "Read how many positions a second the " + line.label() + " is set to",
                    "With its own tool, or count the sentences of one second.");
        }
        if (pad.get().inverter() == Inverter.CHIP || pad.get().inverter() == Inverter.SOFTWARE) {
            checks.add(SerialSettings.inversion(port)
                    .read(
                            "inversion-" + id,
                            "read-inversion",
                            "Read the inversion of port " + port,
                            "With the settings of the " + job.label() + " or of the port.",
                            0.5));
        }
        if (pad.get().inverter() == Inverter.JUMPER) {
            Choices jumper = Choices.of(
                    "How is it bridged?",
                    List.of(new Outcome("plain", "for a plain line"), new Outcome("inverted", "for an inverted line")));
            String address = lines.boardPart().address(pad.get().name());
            checks.add(
                    "jumper-" + id,
                    "look-at-jumper",
                    "Look at the jumper of pad " + pad.get().name(),
                    "Three spots of solder beside the pad; the board's print names them.",
                    jumper,
                    from(
                            Facet.of("jumper of " + id, c -> c.electrics().otherJumper(address)),
                            other -> Categorical.expecting(
                                    jumper,
                                    line.format().inverted() != other ? "inverted" : "plain",
                                    SerialChecks.MISREAD)),
                    0.8,
                    0,
                    BenchNeeds.PACK_OUT,
                    new Place.OnePart(lines.boardPart().id()));
        }
        if (line.format() == Format.POLLED) {
            checks.add(SerialSettings.oneWire(port)
                    .read(
                            "half-duplex-" + id,
                            "read-half-duplex",
                            "Read whether port " + port + " is half duplex",
                            "With the settings of telemetry or of the port.",
                            0.5));
        }
        if (lines.board().isSoft(port)) {
            checks.add(SerialSettings.SOFT.read(
                    "soft-setting", "read-soft-serial", "Is soft serial on?", "Among the board's features.", 0.4));
            checks.add(SerialSettings.SOFT_BUILT.read(
                    "soft-in-version",
                    "read-soft-serial",
                    "Does this version have soft serial on that pin?",
                    "In the version's own list of what it has for this board; the port is missing from the page of ports where it has not.",
                    1));
        }
    }

    /** Another part in the place of one rules out the part, and what it was set to. */
    private void knownGood(CraftLine line) {
        if (line.job() == UartFunction.VIDEO_CONTROL
                || checks.has("known-good-" + line.part().id())) {
            return;
        }
        Choices answers = Choices.of(
                "What comes of it?",
                List.of(new Outcome("works", "with the other one it works"), new Outcome("not", "the same as before")));
        checks.add(
                "known-good-" + line.part().id(),
                "known-good-part",
                "Try one that is known to be good in place of the "
                        + line.part().label(),
                "One of the same sort, set as it comes, on the same wires.",
                answers,
                from(
                        Facet.of("line with another " + line.part().id(), c -> withAnother(line, c)),
                        works -> Categorical.expecting(answers, works ? "works" : "not", SerialChecks.MISREAD)),
                9,
                0.2,
                BenchNeeds.POWERED_AND_RADIO,
                new Place.OnePart(line.part().id()));
    }

    private boolean withAnother(CraftLine line, Craft craft) {
        Electrics e =
                craft.electrics().without(Defect.OtherDraw.slot(line.part().id()));
        Craft other = craft.withElectrics(e)
                .with(SpokenSettings.format(line.job()), this.craft.told(SpokenSettings.format(line.job())))
                .with(SpokenSettings.baud(line.job()), this.craft.told(SpokenSettings.baud(line.job())));
        return works(line, other);
    }

    private boolean works(CraftLine line, Craft craft) {
        CraftLines.Now now = lines.now(line, craft, false);
        UartRequest wish = line.wish(line.format());
        return (!wish.heard() || now.heard() != Reach.NONE) && (!wish.spokenTo() || now.spoken() != Reach.NONE);
    }

    /** The same part at another port rules out the port, its pads and what it was told. */
    private void otherPort(CraftLine line) {
        List<String> how = SerialFixes.elsewhere(lines, line);
        if (how.isEmpty() || line.job() == UartFunction.VIDEO_CONTROL) {
            return;
        }
        Choices answers = Choices.of(
                "What comes of it?",
                List.of(new Outcome("works", "there it works"), new Outcome("not", "the same as before")));
        checks.add(
                "other-port-" + line.id(),
                "other-port",
                "Try the " + line.label() + " at another port",
                String.join(" ", how) + " Take the old job from its port first.",
                answers,
                from(
                        Facet.of("line at another port " + line.id(), c -> elsewhere(line, c)),
                        works -> Categorical.expecting(answers, works ? "works" : "not", SerialChecks.MISREAD)),
                10,
                0.15,
                BenchNeeds.UNPOWERED,
                new Place.OnePart(lines.boardPart().id()));
    }

    /**
     * Whether the line works once wires, jumpers and what its own port was told are as they should be, and the pads are
     * others.
     */
    private boolean elsewhere(CraftLine line, Craft craft) {
        Electrics e = craft.electrics();
        Craft other = craft;
        for (End end : line.ends()) {
            e = e.without(Defect.LeadMoved.slot(end.lead().id()))
                    .without(Defect.DeadPortPad.slot(end.boardPad()))
                    .without(Defect.OtherJumper.slot(end.boardPad()));
            String port = lines.pad(end.boardPad()).map(SerialPad::port).orElse("");
            if (UartSettings.PORTS.contains(port)) {
                other = other.with(UartSettings.jobsOf(port), this.craft.told(UartSettings.jobsOf(port)))
                        .with(UartSettings.baud(port), this.craft.told(UartSettings.baud(port)))
                        .with(UartSettings.inversion(port), this.craft.told(UartSettings.inversion(port)))
                        .with(UartSettings.oneWire(port), this.craft.told(UartSettings.oneWire(port)));
            }
        }
        return works(line, other.withElectrics(e));
    }

    /** A port that hears itself is sound from pad to pad. */
    private void loops() {
        for (String port : lines.joined().stream()
                .flatMap(line -> lines.pads(line).stream())
                .map(SerialPad::port)
                .distinct()
                .toList()) {
            List<SerialPad> rx = lines.board().pads(port, Side.RX).stream()
                    .filter(pad -> pad.inverter() != Inverter.FIXED)
                    .toList();
            List<SerialPad> tx = lines.board().pads(port, Side.TX).stream()
                    .filter(pad -> pad.inverter() != Inverter.FIXED)
                    .toList();
            if (rx.isEmpty() || tx.isEmpty() || port.equals(lines.board().computer())) {
                continue;
            }
            List<String> pads = List.of(
                    lines.boardPart().address(rx.get(0).name()),
                    lines.boardPart().address(tx.get(0).name()));
            Choices answers =
                    Choices.of("Does it hear itself?", List.of(new Outcome("hears", "yes"), new Outcome("deaf", "no")));
            checks.add(
                    "loop-" + port,
                    "loop-back",
                    "Join TX to RX of port " + port + ": does the port hear itself?",
                    "Wires of both pads off, a short wire from " + tx.get(0).name() + " to "
                            + rx.get(0).name()
                            + ", nothing told of inversion. The board's own test, or a terminal passed through to the port.",
                    answers,
                    from(
                            Facet.of("port " + port + " in itself", c -> pads.stream()
                                    .noneMatch(c.electrics()::deadPort)),
                            sound -> Categorical.expecting(answers, sound ? "hears" : "deaf", 0.08)),
                    5,
                    0.1,
                    BenchNeeds.COMPUTER,
                    new Place.OnePart(lines.boardPart().id()));
        }
    }

    private String label(String address) {
        return craft.electrics().wiring().label(craft.electrics().wiring().node(address));
    }
}
