package ablemedic.serial;

import ablemedic.craft.Craft;
import ablemedic.craft.SpokenSettings;
import ablemedic.craft.UartSettings;
import ablemedic.uart.CraftLine;
import ablemedic.uart.CraftLine.End;
import ablemedic.uart.CraftLines;
import ablemedic.uart.GnssLoad;
import ablemedic.uart.JoinedPart;
import ablemedic.uart.JoinedPart.Grade;
import ablemedic.uart.JoinedPart.Judged;
import ablemedic.uart.JoinedPart.Rule;
import ablemedic.uart.UartRequest;
import ablemedic.wiring.SerialBoard;
import ablemedic.wiring.SerialPad;
import ablemedic.wiring.SerialPad.Inverter;
import ablemedic.wiring.UartFunction;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Every serial lead of a craft as its sheet has it, each line judged by the rules of {@link JoinedPart}.
 *
 * @param ports in the order of the board's pads
 * @param lines of every part that could speak
 * @param modems whether telemetry goes over a pair of modems
 * @param notes what follows for the craft as a whole
 */
public record SerialMap(SerialBoard board, List<Port> ports, List<Line> lines, boolean modems, List<String> notes) {

    /**
     * A port of the board.
     *
     * @param jobs that it was given
     * @param pads that lead it out
     */
    public record Port(String name, List<UartFunction> jobs, List<SerialPad> pads) {}

    /** How a line stands. */
    public enum Verdict {
        SOUND,
        DOUBTFUL,
        UNKNOWN,
        WRONG,
        HARMS
    }

    /**
     * A line.
     *
     * @param name for people
     * @param wish what the port planner would be asked for it
     * @param speaks the format's label, its rate, and which way the line idles, in words
     * @param wires from the part's pads to the board's
     * @param judged what was found, the gravest first; empty where it is sound
     */
    public record Line(
            String partId,
            String name,
            UartRequest wish,
            String speaks,
            List<Wire> wires,
            Verdict verdict,
            List<Judged> judged) {}

    /**
     * A wire between a pad of the part and a pad of the board.
     *
     * @param at address of the board's pad on the sheet
     * @param toBoard whether the part sends on it
     * @param turned what can turn the line round behind the board's pad, in words; empty where nothing does
     */
    public record Wire(String partPad, String boardPad, String at, String port, boolean toBoard, String turned) {}

    /** The map of a craft; nothing where the ports of its flight board are not entered. */
    public static Optional<SerialMap> of(Craft craft) {
        return CraftLines.of(craft)
                .map(lines -> new SerialMap(
                        lines.board(),
                        lines.board().ports().stream()
                                .map(port -> new Port(
                                        port,
                                        craft.told(UartSettings.jobsOf(port)),
                                        lines.board().pads().stream()
                                                .filter(pad -> pad.port().equals(port))
                                                .toList()))
                                .toList(),
                        lines.all().stream()
                                .map(line -> line(lines, line, craft))
                                .toList(),
                        Telemetry.way(lines).filter(Telemetry.Way.MODEM::equals).isPresent(),
                        notes(lines)));
    }

    private static Line line(CraftLines lines, CraftLine line, Craft craft) {
        JoinedPart joined = lines.joined(line, craft, false);
        String speaks = line.format().label() + (joined.baud() > 0 ? ", " + joined.baud() + " baud" : "") + ", idles "
                + (line.format().inverted() ? "low" : "high");
        UartRequest wish = lines.wish(line);
        List<Wire> wires = line.ends().stream()
                .map(end -> wire(lines, end, line.sends().filter(end::equals).isPresent()))
                .toList();
        if (wires.isEmpty()) {
            return new Line(
                    line.part().id(),
                    line.label(),
                    wish,
                    speaks,
                    wires,
                    Verdict.UNKNOWN,
                    List.of(new Judged(
                            Rule.UNREAD,
                            Grade.UNKNOWN,
                            JoinedPart.Way.BOTH,
                            "No lead of it is entered.",
                            "Enter where its wires lie, or plan a port for it.")));
        }
        List<Judged> judged = Stream.of(
                        lines.bySheet(line),
                        joined.judged(),
                        GnssLoad.of(joined, craft.told(SpokenSettings.GNSS_HZ)).judged())
                .flatMap(List::stream)
                .distinct()
                .sorted(Comparator.comparing(Judged::grade))
                .toList();
        return new Line(
                line.part().id(),
                line.label(),
                wish,
                speaks,
                wires,
                judged.stream()
                        .findFirst()
                        .map(found -> switch (found.grade()) {
                            case HARMS -> Verdict.HARMS;
                            case WRONG -> Verdict.WRONG;
                            case DOUBTFUL -> Verdict.DOUBTFUL;
                            case UNKNOWN -> Verdict.UNKNOWN;
                        })
                        .orElse(Verdict.SOUND),
                judged);
    }

    private static Wire wire(CraftLines lines, End end, boolean toBoard) {
        Optional<SerialPad> pad = lines.pad(end.boardPad());
        return new Wire(
                CraftLine.End.printed(end.partPad()),
                end.printed(),
                end.boardPad(),
                pad.map(SerialPad::port).orElse(""),
                toBoard,
                pad.map(SerialPad::inverter)
                        .filter(inverter -> inverter != Inverter.NONE)
                        .map(Inverter::label)
                        .orElse(""));
    }

    private static List<String> notes(CraftLines lines) {
        List<String> notes = new ArrayList<>();
        Telemetry.way(lines)
                .ifPresentOrElse(
                        way -> notes.add(
                                switch (way) {
                                    case SHARED ->
                                        "Telemetry goes back over the receiver's own line; it needs no port of its own.";
                                    case OWN_LINE ->
                                        !lines.bySheet(lines.of(UartFunction.TELEMETRY)
                                                                .orElseThrow())
                                                        .isEmpty()
                                                ? "Telemetry has a line of its own, which cannot work as it is joined."
                                                : Telemetry.goesUp(lines)
                                                        ? "Telemetry has a line of its own, both ways: settings can be changed from the radio."
                                                        : "Telemetry has a line of its own, one way: values show, and no setting can ever be changed over it.";
                                    case MODEM -> "Telemetry goes over a pair of modems to a ground station.";
                                }),
                        () -> lines.of(UartFunction.RECEIVER)
                                .ifPresent(
                                        line -> notes.add(
                                                line.format().label()
                                                        + " carries no telemetry back, and no line of its own is entered: the radio shows "
                                                        + "strength at the most. A display on the picture, or strength on a spare channel, does without.")));
        if (!lines.board().silent().isEmpty()) {
            notes.add("Its print does not tell: " + lines.board().silent());
        }
        return notes;
    }
}
