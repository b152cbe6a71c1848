package ablemedic.uart;

import ablemedic.protocol.Format;
import ablemedic.protocol.Format.Back;
import ablemedic.wiring.SerialBoard;
import ablemedic.wiring.SerialPad;
import ablemedic.wiring.SerialPad.Inverter;
import ablemedic.wiring.SerialPad.Side;
import ablemedic.wiring.UartFunction;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A part as it is joined to a board, and as the board's port is told: whether the two ends understand one another. The
 * rules hold for any craft; each thing found has a grade, the reason in a sentence, and what puts it right.
 *
 * @param part what is spoken, and for what
 * @param baud bits a second that the part is set to; ignored where its pulses have none
 * @param sends the pad that the part's sending wire goes to; none where it is not joined
 * @param hears the pad that the part's hearing wire goes to; none where it is not joined
 * @param ground whether the two have a ground in common
 * @param supplyV what the part is fed with, volts
 * @param standsV the most that the part stands, volts
 * @param told what its port is told; none where nobody has read it
 * @param computer whether the computer is joined
 */
public record JoinedPart(
        SerialBoard board,
        UartRequest part,
        int baud,
        Optional<SerialPad> sends,
        Optional<SerialPad> hears,
        boolean ground,
        double supplyV,
        double standsV,
        Optional<Told> told,
        boolean computer) {
    private static final int SOFT_BAUD = 19_200;
    /** Two clocks that differ by more do not understand one another. */
    private static final double RATE_FITS = 0.03;

    private static final double SUPPLY_PLAY = 0.1;

    /**
     * What a port is told.
     *
     * @param port the port
     * @param jobs that it has; empty for none
     * @param format that it is to speak
     * @param baud bits a second
     * @param inverted whether it, or the jumper at its pad, turns the line round
     * @param oneWire whether it hears and speaks over its sending pad
     * @param softOn whether software ports are on
     */
    public record Told(
            String port,
            List<UartFunction> jobs,
            Format format,
            int baud,
            boolean inverted,
            boolean oneWire,
            boolean softOn) {
        public Told {
            jobs = List.copyOf(jobs);
        }
    }

    /** How grave something is. */
    public enum Grade {
        HARMS,
        WRONG,
        DOUBTFUL,
        UNKNOWN
    }

    /** Which way something stops what is said. */
    public enum Way {
        /** The board does not hear the part. */
        HEARD,
        /** The part does not hear the board. */
        SPOKEN,
        BOTH
    }

    /** What is asked of a line. */
    public enum Rule {
        OVERFED,
        FIVE_VOLTS_IN,
        NO_SUPPLY,
        NO_GROUND,
        ONE_WIRE_ABSENT,
        ONE_WIRE_ON_RX,
        SENDS_TO_NOTHING,
        SENDS_TO_TX,
        HEARS_NOTHING,
        HEARS_RX,
        NO_INVERTER,
        INVERSION,
        UNREAD,
        TWO_UARTS,
        FUNCTION_ELSEWHERE,
        NO_FUNCTION,
        OTHER_FUNCTION,
        SEVERAL_FUNCTIONS,
        FORMAT,
        RATE,
        TWO_WIRES_FOR_ONE,
        ONE_WIRE_FOR_TWO,
        HELD_BY_COMPUTER,
        SHARED_WITH_COMPUTER,
        TOO_FAST_FOR_SOFT,
        SOFT_OFF,
        ONE_WAY,
        SHARED_PAD,
        OVERLOADED
    }

    /** One thing that was found, which way it stops, and what puts it right. */
    public record Judged(Rule rule, Grade grade, Way way, String text, String remedy) {
        public Judged {
            text = Character.toUpperCase(text.charAt(0)) + text.substring(1);
        }
    }

    /**
     * Whether what the part sends is understood by the board.
     *
     * @param besides what is judged but set aside
     */
    public boolean isHeard(List<Judged> besides) {
        return part.heard() && passes(Way.HEARD, besides);
    }

    /** Whether what the board sends is understood by the part. */
    public boolean isSpokenTo(List<Judged> besides) {
        return part.spokenTo() && passes(Way.SPOKEN, besides);
    }

    private boolean passes(Way way, List<Judged> besides) {
        return wrong().stream()
                .noneMatch(found -> !besides.contains(found) && (found.way() == way || found.way() == Way.BOTH));
    }

    /** What keeps the two from understanding one another for certain. */
    public List<Judged> wrong() {
        return judged().stream()
                .filter(found -> found.grade().compareTo(Grade.WRONG) <= 0)
                .toList();
    }

    /** All that keeps the two from understanding one another, or may; the gravest first. Empty where all is sound. */
    public List<Judged> judged() {
        List<Judged> all = new ArrayList<>();
        volts(all);
        wires(all);
        sense(all);
        settings(all);
        surroundings(all);
        all.sort(Comparator.comparing(Judged::grade));
        return all;
    }

    /** The worst of what was found; none where all is sound. */
    public Optional<Grade> grade() {
        return judged().stream().map(Judged::grade).findFirst();
    }

    private static void add(
            List<Judged> all, boolean holds, Rule rule, Grade grade, Way way, String text, String remedy) {
        if (holds) {
            all.add(new Judged(rule, grade, way, text, remedy));
        }
    }

    private void volts(List<Judged> all) {
        add(
                all,
                supplyV > standsV + SUPPLY_PLAY,
                Rule.OVERFED,
                Grade.HARMS,
                Way.BOTH,
                part.name() + " stands " + standsV + " V and is fed with " + supplyV + " V: that destroys it.",
                "Move its supply to a rail of " + standsV + " V before anything is powered.");
        sends.filter(pad -> part.volts5() && !pad.bears5V())
                .ifPresent(pad -> all.add(new Judged(
                        Rule.FIVE_VOLTS_IN,
                        Grade.HARMS,
                        Way.HEARD,
                        part.name() + " sends 5 V into pad " + pad.name() + ", which bears 3.3 V.",
                        "Use a pad that bears 5 V, or two resistors as a divider.")));
        add(
                all,
                supplyV == 0,
                Rule.NO_SUPPLY,
                Grade.WRONG,
                Way.BOTH,
                part.name() + " has no supply.",
                "Measure the supply at the part itself, pack in where the computer alone does not feed it.");
        add(
                all,
                !ground,
                Rule.NO_GROUND,
                Grade.WRONG,
                Way.BOTH,
                "The two have no ground in common.",
                "Join " + part.name() + "'s ground to a ground of the board.");
    }

    private void wires(List<Judged> all) {
        if (part.oneWire()) {
            SerialPad pad = sends.or(() -> hears).orElse(null);
            add(
                    all,
                    pad == null,
                    Rule.ONE_WIRE_ABSENT,
                    Grade.WRONG,
                    Way.BOTH,
                    "Its one wire is joined to nothing.",
                    "Join it to a sending pad (TX).");
            add(
                    all,
                    pad != null && pad.side() == Side.RX,
                    Rule.ONE_WIRE_ON_RX,
                    Grade.WRONG,
                    Way.BOTH,
                    "The one wire of " + part.format().label() + " lies on a hearing pad (RX).",
                    "Move it to the sending pad (TX) of a port: both ways go over that.");
            return;
        }
        if (part.heard()) {
            add(
                    all,
                    sends.isEmpty(),
                    Rule.SENDS_TO_NOTHING,
                    Grade.WRONG,
                    Way.HEARD,
                    "What " + part.name() + " sends is joined to nothing.",
                    "Join it to the hearing pad (RX) of its port.");
            sends.filter(pad -> pad.side() == Side.TX)
                    .ifPresent(pad -> all.add(new Judged(
                            Rule.SENDS_TO_TX,
                            Grade.WRONG,
                            Way.HEARD,
                            "What " + part.name() + " sends goes to pad " + pad.name()
                                    + ", which sends too: nobody hears.",
                            crossed())));
        }
        if (part.spokenTo()) {
            add(
                    all,
                    hears.isEmpty(),
                    Rule.HEARS_NOTHING,
                    Grade.WRONG,
                    Way.SPOKEN,
                    "What " + part.name() + " hears is joined to nothing.",
                    "Join it to the sending pad (TX) of its port.");
            hears.filter(pad -> pad.side() == Side.RX)
                    .ifPresent(pad -> all.add(new Judged(
                            Rule.HEARS_RX,
                            Grade.WRONG,
                            Way.SPOKEN,
                            "What " + part.name() + " hears goes to pad " + pad.name()
                                    + ", which hears too: nobody speaks.",
                            crossed())));
        }
    }

    private String crossed() {
        return sends.isPresent() && hears.isPresent()
                ? "Exchange its two wires."
                : "Move the wire to the other pad of the port.";
    }

    private List<SerialPad> used() {
        List<SerialPad> used = new ArrayList<>();
        if (part.oneWire()) {
            sends.or(() -> hears).ifPresent(used::add);
            return used;
        }
        sends.filter(pad -> part.heard()).ifPresent(used::add);
        hears.filter(pad -> part.spokenTo()).ifPresent(used::add);
        return used;
    }

    private void sense(List<Judged> all) {
        boolean low = part.format().inverted();
        String idles = part.format().label() + " idles " + (low ? "low" : "high");
        for (SerialPad pad : used()) {
            if (board.isSoft(pad.port())) {
                continue;
            }
            if (!pad.hears(low)) {
                all.add(new Judged(
                        Rule.NO_INVERTER,
                        Grade.WRONG,
                        wayOf(pad),
                        idles + ", and at pad " + pad.name() + " "
                                + pad.inverter().label() + ".",
                        elsewhere(pad, low)));
            } else if (turns(pad.inverter()) && told.isPresent() && told.get().inverted() != low) {
                all.add(new Judged(
                        Rule.INVERSION,
                        Grade.WRONG,
                        wayOf(pad),
                        idles + ", and pad " + pad.name() + " is set the other way.",
                        switch (pad.inverter()) {
                            case JUMPER ->
                                "Bridge the jumper of pad " + pad.name() + " for " + (low ? "an inverted" : "a plain")
                                        + " line.";
                            default -> "Set inversion " + (low ? "on" : "off") + " for port " + pad.port() + ".";
                        }));
            }
        }
    }

    private Way wayOf(SerialPad pad) {
        return part.oneWire() ? Way.BOTH : pad.side() == Side.RX ? Way.HEARD : Way.SPOKEN;
    }

    private static boolean turns(Inverter inverter) {
        return inverter == Inverter.CHIP || inverter == Inverter.JUMPER || inverter == Inverter.SOFTWARE;
    }

    private String elsewhere(SerialPad wrong, boolean low) {
        List<String> pads = board.pads().stream()
                .filter(pad -> pad.side() == wrong.side() && pad.hears(low) && !board.isSoft(pad.port()))
                .map(SerialPad::name)
                .toList();
        return pads.isEmpty()
                ? "No pad of this board hears such a line: an inverter of one transistor in the wire, or another format."
                : "Move the wire to pad " + String.join(" or ", pads) + ".";
    }

    private void settings(List<Judged> all) {
        Optional<String> port = used().stream().map(SerialPad::port).findFirst();
        if (told.isEmpty()) {
            all.add(new Judged(
                    Rule.UNREAD,
                    Grade.UNKNOWN,
                    Way.BOTH,
                    "Nobody has read what the port is told.",
                    "Read the board's ports: job, format and rate of port " + port.orElse("?") + "."));
            return;
        }
        Told is = told.get();
        List<String> ports = used().stream().map(SerialPad::port).distinct().toList();
        used().stream()
                .filter(pad -> !pad.port().equals(is.port()))
                .forEach(pad -> all.add(
                        ports.size() > 1
                                ? new Judged(
                                        Rule.TWO_UARTS,
                                        Grade.WRONG,
                                        wayOf(pad),
                                        "Its wires lie on two ports, " + String.join(" and ", ports)
                                                + "; the job stands at port " + is.port() + ".",
                                        "Both belong on one port.")
                                : new Judged(
                                        Rule.FUNCTION_ELSEWHERE,
                                        Grade.WRONG,
                                        wayOf(pad),
                                        "The job stands at port " + is.port() + ", pad " + pad.name() + " is of port "
                                                + pad.port() + ".",
                                        "Give the job to port " + pad.port() + "; that is quicker than the iron.")));
        add(
                all,
                is.jobs().isEmpty(),
                Rule.NO_FUNCTION,
                Grade.WRONG,
                Way.BOTH,
                "Port " + is.port() + " has no job.",
                "Set port " + is.port() + " to " + part.job().label() + ".");
        add(
                all,
                !is.jobs().isEmpty() && !is.jobs().contains(part.job()) && !carriesBack(is),
                Rule.OTHER_FUNCTION,
                Grade.WRONG,
                Way.BOTH,
                "Port " + is.port() + " is told "
                        + String.join(
                                " and ",
                                is.jobs().stream().map(UartFunction::label).toList()) + ", not "
                        + part.job().label() + ".",
                "Set port " + is.port() + " to " + part.job().label() + ".");
        add(
                all,
                is.jobs().size() > 1 && !carriesBack(is),
                Rule.SEVERAL_FUNCTIONS,
                Grade.WRONG,
                Way.BOTH,
                "Port " + is.port() + " has " + is.jobs().size() + " jobs; it can do one.",
                "Leave " + part.job().label() + " alone on it.");
        add(
                all,
                is.format() != part.format(),
                Rule.FORMAT,
                Grade.WRONG,
                Way.BOTH,
                "The port is to speak " + is.format().label() + ", the part speaks "
                        + part.format().label() + ".",
                "Set the port to " + part.format().label() + ", or the part's output to "
                        + is.format().label() + " if it can.");
        if (!part.format().bauds().isEmpty()) {
            add(
                    all,
                    Math.abs((double) is.baud() / baud - 1) > RATE_FITS,
                    Rule.RATE,
                    Grade.WRONG,
                    Way.BOTH,
                    "The port is set to " + is.baud() + " baud, the part to " + baud + ".",
                    "Set the port to " + baud + " baud.");
        }
        add(
                all,
                part.oneWire() && !is.oneWire(),
                Rule.TWO_WIRES_FOR_ONE,
                Grade.WRONG,
                Way.BOTH,
                part.format().label() + " goes both ways over one wire, and the port uses two.",
                "Set half duplex on.");
        add(
                all,
                !part.oneWire() && is.oneWire() && part.heard(),
                Rule.ONE_WIRE_FOR_TWO,
                Grade.WRONG,
                Way.HEARD,
                "The port hears on its sending pad, and the part speaks on another wire.",
                "Set half duplex off.");
    }

    /** A receiver and its telemetry share a port where the format carries both. */
    private boolean carriesBack(Told is) {
        boolean both = List.of(UartFunction.RECEIVER, UartFunction.TELEMETRY).containsAll(is.jobs())
                && is.jobs().contains(UartFunction.RECEIVER);
        return both
                && part.format().back() == Back.TWO_WAY
                && !part.oneWire()
                && List.of(UartFunction.RECEIVER, UartFunction.TELEMETRY).contains(part.job());
    }

    private void surroundings(List<Judged> all) {
        for (String port : used().stream().map(SerialPad::port).distinct().toList()) {
            if (port.equals(board.computer())) {
                all.add(
                        computer
                                ? new Judged(
                                        Rule.HELD_BY_COMPUTER,
                                        Grade.WRONG,
                                        Way.BOTH,
                                        "The computer holds port " + port + " while it is joined.",
                                        "Take the computer off, and try with the pack.")
                                : new Judged(
                                        Rule.SHARED_WITH_COMPUTER,
                                        Grade.DOUBTFUL,
                                        Way.BOTH,
                                        "Port " + port + " is the computer's too.",
                                        "Set everything first, then give the port away."));
            }
            if (board.isSoft(port)) {
                add(
                        all,
                        baud > SOFT_BAUD,
                        Rule.TOO_FAST_FOR_SOFT,
                        Grade.WRONG,
                        Way.BOTH,
                        part.name() + " is too fast for a software port.",
                        "Use a port of the chip.");
                told.filter(is -> !is.softOn())
                        .ifPresent(is -> all.add(new Judged(
                                Rule.SOFT_OFF,
                                Grade.WRONG,
                                Way.BOTH,
                                "Software ports are off.",
                                "Switch soft serial on; the firmware must have it on this pin.")));
            }
        }
        add(
                all,
                part.format().back() == Back.ONE_WAY,
                Rule.ONE_WAY,
                Grade.DOUBTFUL,
                Way.BOTH,
                part.format().label() + " goes one way: it shows values, and can never change a setting.",
                "For settings from the radio take a format that goes both ways.");
    }
}
