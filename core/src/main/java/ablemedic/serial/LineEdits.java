package ablemedic.serial;

import ablemedic.catalogue.Names;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Text;
import ablemedic.catalogue.Words;
import ablemedic.configuration.Setting;
import ablemedic.craft.AsFormat;
import ablemedic.craft.Craft;
import ablemedic.craft.SpokenSettings;
import ablemedic.craft.UartSettings;
import ablemedic.requirement.Edit;
import ablemedic.requirement.Severity;
import ablemedic.requirement.Violation;
import ablemedic.uart.CraftLine;
import ablemedic.uart.CraftLine.End;
import ablemedic.uart.CraftLines;
import ablemedic.uart.Grade;
import ablemedic.uart.JoinedPart;
import ablemedic.uart.Judged;
import ablemedic.uart.Rule;
import ablemedic.wiring.Pad;
import ablemedic.wiring.SerialPad;
import ablemedic.wiring.SerialPad.Side;
import ablemedic.wiring.UartFunction;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** What of a line violates a requirement, with the edits that satisfy it: settings of both ends first, then wires. */
final class LineEdits {
    /** What a part is on a craft for; a transmitter may be set by its button, and telemetry may be left out. */
    private static final Set<UartFunction> NEEDED =
            Set.of(UartFunction.RECEIVER, UartFunction.GNSS, UartFunction.DISPLAY);

    private final Craft craft;
    private final CraftLines lines;
    private final SupplyEdits supply;
    private final UartEdits uarts;

    private LineEdits(Craft craft, CraftLines lines) {
        this.craft = craft;
        this.lines = lines;
        this.supply = new SupplyEdits(craft, lines);
        this.uarts = new UartEdits(craft);
    }

    /** @param craft with the serial pads of its FC entered */
    static LineEdits of(Craft craft) {
        return new LineEdits(craft, CraftLines.of(craft).orElseThrow());
    }

    static String complaint(UartFunction job) {
        return switch (job) {
            case RECEIVER -> "no-sticks";
            case TELEMETRY -> "telemetry";
            case GNSS -> "positioning";
            case DISPLAY -> "no-figures";
            case VIDEO_CONTROL -> "video-control";
        };
    }

    /** One thing that was found on a line; nothing where it says only that something is not known. */
    Optional<Violation> violation(SerialMap.Line line, Judged judged) {
        if (line.wires().isEmpty()) {
            return lines.all().stream()
                    .filter(one -> one.part().id().equals(line.partId())
                            && one.job() == line.wish().job())
                    .findFirst()
                    .flatMap(this::unjoined);
        }
        if (judged.grade() == Grade.UNKNOWN || judged.rule() == Rule.OVERFED) {
            // What is fed too much is a requirement of the supply.
            return Optional.empty();
        }
        Severity severity =
                switch (judged.grade()) {
                    case HARMS -> Severity.HAZARD;
                    case WRONG -> Severity.CANNOT_WORK;
                    case DOUBTFUL, UNKNOWN -> Severity.DOUBTFUL;
                };
        List<Setting<?>> settings = Stream.concat(
                        SerialRequirements.uarts(line)
                                .flatMap(uart -> Stream.<Setting<?>>of(
                                        UartSettings.jobsOf(uart),
                                        UartSettings.baud(uart),
                                        UartSettings.inversion(uart),
                                        UartSettings.oneWire(uart))),
                        Stream.of(
                                UartSettings.format(line.wish().job()),
                                SpokenSettings.format(line.wish().job()),
                                SpokenSettings.baud(line.wish().job()),
                                UartSettings.SOFT,
                                SpokenSettings.GNSS_HZ))
                .toList();
        String id = "line-" + line.partId() + "-" + line.wish().job().id() + "-"
                + Names.id(judged.rule()) + "-"
                + judged.way().name().toLowerCase(Locale.ROOT);
        List<Edit> edits = severity.isBinding()
                ? lines.joined().stream()
                        .filter(one -> one.part().id().equals(line.partId())
                                && one.job() == line.wish().job())
                        .findFirst()
                        .map(one -> edits(one, judged))
                        .orElse(List.of())
                : List.of();
        return Optional.of(new Violation(
                id,
                severity,
                Serial.WORDS
                        .name("edits")
                        .with("line", Text.capitalized(line.name()))
                        .with("wrong", new Param.Nested(judged.text()))
                        .line("cause"),
                judged.remedy(),
                settings,
                line.wires().stream().map(SerialMap.Wire::at).distinct().toList(),
                complaint(line.wish().job()),
                edits));
    }

    /** A part that has its supply and no wire for what it is there for. */
    private Optional<Violation> unjoined(CraftLine line) {
        boolean fed = line.part().archetype().pads().stream()
                .filter(pad -> pad.kind() == Pad.Kind.SUPPLY)
                .anyMatch(pad -> craft.electrics().sheet().isWired(line.part().address(pad.name())));
        if (!fed || !NEEDED.contains(line.job())) {
            return Optional.empty();
        }
        List<Edit> edits = new ArrayList<>();
        for (String uart : free()) {
            joined(line, uart).ifPresent(wires -> edits.add(moved(line, wires, uart)));
        }
        Words words = Serial.WORDS.requirement("line-unjoined").with("line", SerialFaults.line(line));
        return Optional.of(new Violation(
                "line-" + line.id() + "-unjoined",
                Severity.CANNOT_WORK,
                words.line("cause"),
                words.line("remedy"),
                List.of(),
                List.of(),
                complaint(line.job()),
                edits.stream().limit(3).toList()));
    }

    private Optional<Edit> joined(CraftLine line, String uart) {
        List<Edit> wires = new ArrayList<>();
        boolean oneWire = line.wish(line.format()).oneWire();
        for (String pad : List.of(line.spoken().sends(), line.spoken().hears())) {
            boolean sends = pad.equals(line.spoken().sends());
            if (!pad.isEmpty() && (sends || line.wish(line.format()).spokenTo() && !oneWire)) {
                Optional<String> to = pad(
                        uart,
                        sends && !oneWire ? Side.RX : Side.TX,
                        line.format().inverted(),
                        line,
                        "");
                if (to.isEmpty()) {
                    return Optional.empty();
                }
                wires.add(Edit.join(line.part().address(pad), to.get()));
            }
        }
        return wires.isEmpty() ? Optional.empty() : Optional.of(Edit.together(wires));
    }

    private List<Edit> edits(CraftLine line, Judged judged) {
        JoinedPart joined = lines.joined(line, craft, false);
        String uart = lines.pads(line).stream()
                .map(SerialPad::uart)
                .filter(UartSettings.UARTS::contains)
                .findFirst()
                .orElse("");
        UartFunction job = line.job();
        return switch (judged.rule()) {
            case NO_FUNCTION, OTHER_FUNCTION, FUNCTION_ELSEWHERE ->
                Stream.concat(uarts.function(line, uart).stream(), toUartOf(line).stream())
                        .toList();
            case SEVERAL_FUNCTIONS ->
                uart.isEmpty() ? List.of() : List.of(Edit.set(UartSettings.jobsOf(uart), List.of(job)));
            case FORMAT -> uarts.formats(line);
            case RATE -> uarts.rates(line, joined, uart);
            case INVERSION -> inversions(line, uart);
            case NO_INVERTER, TOO_FAST_FOR_SOFT, FIVE_VOLTS_IN, SHARED_PAD, TWO_UARTS ->
                Stream.concat(withinUart(line).stream(), elsewhere(line).stream())
                        .toList();
            case TWO_WIRES_FOR_ONE, ONE_WIRE_FOR_TWO ->
                uart.isEmpty() ? List.of() : List.of(Edit.set(UartSettings.oneWire(uart), AsFormat.BY_FORMAT));
            case SOFT_OFF -> List.of(Edit.set(UartSettings.SOFT, true));
            case SENDS_TO_TX, HEARS_RX, ONE_WIRE_ON_RX ->
                Stream.concat(exchanged(line).stream(), withinUart(line).stream())
                        .toList();
            case SENDS_TO_NOTHING -> joins(line, line.spoken().sends(), Side.RX);
            case HEARS_NOTHING -> joins(line, line.spoken().hears(), Side.TX);
            case ONE_WIRE_ABSENT ->
                joins(
                        line,
                        line.spoken().sends().isEmpty()
                                ? line.spoken().hears()
                                : line.spoken().sends(),
                        Side.TX);
            case NO_SUPPLY -> supply.supplies(line.part());
            case NO_GROUND -> supply.grounds(line.part());
            case OVERLOADED -> uarts.overloads(line, joined, uart);
            default -> List.of();
        };
    }

    /** Its wires moved to the UART that has its function already. */
    private Optional<Edit> toUartOf(CraftLine line) {
        return UartSettings.uartsWith(line.job(), craft).stream()
                .filter(uart -> lines.portOf(line).filter(uart::equals).isEmpty())
                .findFirst()
                .flatMap(uart -> to(line, uart, line.format().inverted()));
    }

    private List<Edit> inversions(CraftLine line, String uart) {
        List<Edit> all = new ArrayList<>();
        if (!uart.isEmpty()) {
            all.add(Edit.set(UartSettings.inversion(uart), AsFormat.BY_FORMAT));
        }
        all.addAll(withinUart(line));
        return all;
    }

    /** Its two wires swapped. */
    private Optional<Edit> exchanged(CraftLine line) {
        if (line.sends().isEmpty() || line.hears().isEmpty()) {
            return Optional.empty();
        }
        End one = line.sends().get();
        End other = line.hears().get();
        return Optional.of(Edit.all(
                UartEdits.title("swap", "line", SerialFaults.line(line)),
                Edit.move(one.partPad(), one.boardPad(), other.boardPad()),
                Edit.move(other.partPad(), other.boardPad(), one.boardPad())));
    }

    /** A wire moved to the pad of its own UART that fits it. */
    private List<Edit> withinUart(CraftLine line) {
        return lines.portOf(line).flatMap(uart -> to(line, uart, line.format().inverted())).stream()
                .toList();
    }

    /** All of its wires moved to another UART that speaks it, with its function. */
    private List<Edit> elsewhere(CraftLine line) {
        List<Edit> all = new ArrayList<>();
        for (String uart : free()) {
            to(line, uart, line.format().inverted()).ifPresent(moved -> all.add(moved(line, moved, uart)));
        }
        return all.stream().limit(2).toList();
    }

    private Edit moved(CraftLine line, Edit wires, String uart) {
        List<Edit> all = new ArrayList<>(List.of(wires));
        if (UartSettings.UARTS.contains(uart)) {
            all.add(Edit.set(UartSettings.jobsOf(uart), List.of(line.job())));
        }
        all.addAll(uarts.takenFromOthers(line.job(), uart));
        return Edit.together(all);
    }

    /** The UARTs on which nothing lies, the computer's apart. */
    private List<String> free() {
        return lines.board().uarts().stream()
                .filter(uart -> !uart.equals(lines.board().computer())
                        && !lines.board().isSoft(uart)
                        && lines.board().pads().stream()
                                .filter(pad -> pad.uart().equals(uart))
                                .allMatch(pad -> !craft.electrics()
                                        .sheet()
                                        .isWired(lines.boardPart().address(pad.name())))
                        && UartSettings.UARTS.contains(uart))
                .toList();
    }

    /**
     * The wires that it needs moved to the pads of a UART; nothing where they lie there, or where it has none that fit.
     */
    private Optional<Edit> to(CraftLine line, String uart, boolean inverted) {
        List<Edit> moves = new ArrayList<>();
        for (End end : line.needed()) {
            boolean sends = line.sends().filter(end::equals).isPresent();
            boolean oneWire = line.wish(line.format()).oneWire();
            Optional<String> pad = pad(uart, sends && !oneWire ? Side.RX : Side.TX, inverted, line, end.boardPad());
            if (pad.isEmpty()) {
                return Optional.empty();
            }
            if (!pad.get().equals(end.boardPad())) {
                moves.add(Edit.move(end.partPad(), end.boardPad(), pad.get()));
            }
        }
        return moves.isEmpty() ? Optional.empty() : Optional.of(Edit.together(moves));
    }

    private Optional<String> pad(String uart, Side side, boolean inverted, CraftLine line, String now) {
        return lines.board().pads(uart, side).stream()
                .filter(pad -> pad.hears(inverted)
                        && (pad.bears5V() || !line.wish(line.format()).volts5()))
                .map(pad -> lines.boardPart().address(pad.name()))
                .filter(pad -> pad.equals(now) || !craft.electrics().sheet().isWired(pad))
                .findFirst();
    }

    /** A wire from a pad of the part to one that is free: first on the UART that has the function. */
    private List<Edit> joins(CraftLine line, String partPad, Side side) {
        if (partPad.isEmpty()) {
            return List.of();
        }
        String from = line.part().address(partPad);
        List<Edit> all = new ArrayList<>();
        Stream.of(lines.portOf(line).stream(), UartSettings.uartsWith(line.job(), craft).stream(), free().stream())
                .flatMap(uarts -> uarts)
                .distinct()
                .forEach(uart -> pad(uart, side, line.format().inverted(), line, "")
                        .ifPresent(to -> all.add(
                                craft.electrics().sheet().isWired(from)
                                        ? Edit.move(from, other(from), to)
                                        : Edit.join(from, to))));
        return all.stream().limit(3).toList();
    }

    private String other(String pad) {
        return craft.electrics().sheet().wires().stream()
                .filter(wire -> wire.endsAt(pad))
                .findFirst()
                .map(wire -> wire.otherEnd(pad))
                .orElseThrow();
    }

    /** The lines on a UART moved to another one; none where no other is free. */
    List<Edit> away(String uart) {
        return lines.joined().stream()
                .filter(line -> lines.portOf(line).filter(uart::equals).isPresent())
                .flatMap(line -> elsewhere(line).stream())
                .toList();
    }
}
