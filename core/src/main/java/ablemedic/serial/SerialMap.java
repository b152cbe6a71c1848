package ablemedic.serial;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.craft.SpokenSettings;
import ablemedic.craft.UartSettings;
import ablemedic.uart.CraftLine;
import ablemedic.uart.CraftLine.End;
import ablemedic.uart.CraftLines;
import ablemedic.uart.GnssLoad;
import ablemedic.uart.Grade;
import ablemedic.uart.JoinedPart;
import ablemedic.uart.Judged;
import ablemedic.uart.Rule;
import ablemedic.uart.UartRequest;
import ablemedic.uart.Way;
import ablemedic.wiring.SerialBoard;
import ablemedic.wiring.SerialPad;
import ablemedic.wiring.SerialPad.Inverter;
import ablemedic.wiring.UartFunction;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Every serial wire of a craft as its sheet has it, each line judged by the rules of {@link JoinedPart}.
 *
 * @param uarts in the order of the board's pads
 * @param lines of every part that could speak
 * @param modems whether telemetry goes over a pair of modems
 * @param notes what follows for the craft as a whole
 */
public record SerialMap(SerialBoard board, List<Port> uarts, List<Line> lines, boolean modems, List<String> notes) {

    /**
     * A UART of the board.
     *
     * @param jobs that it was given
     * @param pads that wire it out
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
     * @param wish what the UART planner would be asked for it
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
    public record Wire(String partPad, String boardPad, String at, String uart, boolean toBoard, String turned) {}

    /** The map of a craft; nothing where the UARTs of its FC are not entered. */
    public static Optional<SerialMap> of(Craft craft) {
        return CraftLines.of(craft)
                .map(lines -> new SerialMap(
                        lines.board(),
                        lines.board().uarts().stream()
                                .map(uart -> new Port(
                                        uart,
                                        craft.setting(UartSettings.jobsOf(uart)),
                                        lines.board().pads().stream()
                                                .filter(pad -> pad.uart().equals(uart))
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
        String speaks = words().with("format", Param.written(line.format().label()))
                .with("timed", Param.when(joined.baud() > 0))
                .with("baud", Param.whole(joined.baud(), ""))
                .with("low", Param.when(line.format().inverted()))
                .line("speaks")
                .plain();
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
                    List.of(new Judged(Rule.NOT_ENTERED, Grade.UNKNOWN, Way.BOTH, Map.of())));
        }
        List<Judged> judged = Stream.of(
                        lines.bySheet(line),
                        joined.judged(),
                        GnssLoad.of(joined, craft.setting(SpokenSettings.GNSS_HZ))
                                .judged())
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
                pad.map(SerialPad::uart).orElse(""),
                toBoard,
                pad.map(SerialPad::inverter)
                        .filter(inverter -> inverter != Inverter.NONE)
                        .map(Inverter::label)
                        .orElse(""));
    }

    private static Words words() {
        return Serial.WORDS.name("map");
    }

    private static List<String> notes(CraftLines lines) {
        List<String> notes = new ArrayList<>();
        Telemetry.way(lines)
                .ifPresentOrElse(way -> notes.add(words().line(way(lines, way)).plain()), () -> lines.of(
                                UartFunction.RECEIVER)
                        .ifPresent(line -> notes.add(words().with(
                                        "format", Param.written(line.format().label()))
                                .line("none")
                                .plain())));
        if (!lines.board().silent().isEmpty()) {
            notes.add(words().with("what", Param.written(lines.board().silent()))
                    .line("silent")
                    .plain());
        }
        return notes;
    }

    /** The line of the catalogue that says how telemetry comes back. */
    private static String way(CraftLines lines, Telemetry.Way way) {
        return switch (way) {
            case SHARED -> "shared";
            case OWN_LINE ->
                !lines.bySheet(lines.of(UartFunction.TELEMETRY).orElseThrow()).isEmpty()
                        ? "broken"
                        : Telemetry.goesUp(lines) ? "both-ways" : "one-way";
            case MODEM -> "modem";
        };
    }
}
