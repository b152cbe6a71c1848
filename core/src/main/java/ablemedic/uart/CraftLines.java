package ablemedic.uart;

import ablemedic.catalogue.Param;
import ablemedic.configuration.Configuration;
import ablemedic.craft.Craft;
import ablemedic.craft.FirmwareSettings;
import ablemedic.craft.LinkSettings;
import ablemedic.craft.SpokenSettings;
import ablemedic.craft.UartSettings;
import ablemedic.physics.BatteryOut;
import ablemedic.physics.Memory;
import ablemedic.physics.Powered;
import ablemedic.physics.UsbPower;
import ablemedic.protocol.Format;
import ablemedic.protocol.Format.Back;
import ablemedic.reading.Meter;
import ablemedic.uart.CraftLine.End;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.Pad;
import ablemedic.wiring.Part;
import ablemedic.wiring.SerialBoard;
import ablemedic.wiring.SerialPad;
import ablemedic.wiring.SerialPad.Inverter;
import ablemedic.wiring.SerialPad.Side;
import ablemedic.wiring.UartFunction;
import ablemedic.wiring.Wiring;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;

/**
 * The serial lines of one craft: which there are by its sheet, and how each stands on the craft as it is. What becomes
 * of a line follows from wires, supply and ground on the craft's network, and from {@link JoinedPart}, which judges the
 * two ends.
 */
public final class CraftLines {
    private final List<CraftLine> lines;

    /** A way of copper has less, ohms. */
    private static final double COPPER_OHMS = 5;

    private static final double HALF_A_VOLT = 0.5;

    /** States remembered of one craft: those that one plan asks for. */
    private static final int KEPT = 600;

    /** Crafts whose lines are kept, since several families of troubles ask for them. */
    private static final int CRAFTS = 8;

    private static final Memory<Craft, Optional<CraftLines>> MADE = new Memory<>(CRAFTS);
    private final SerialBoard board;
    private final Part boardPart;
    private final Craft sound;

    /** What the sheet alone shows to be wrong with each line. */
    private final Map<String, List<Judged>> bySheet = new TreeMap<>();

    private final Memory<Key, Map<String, Now>> known = new Memory<>(KEPT);
    private final LineWires wires;

    private record Key(Electrics electrics, Configuration told, boolean computer) {}

    /**
     * How a line stands.
     *
     * @param alive whether its part has its supply and is no wreck
     * @param heard how well the board hears the part
     * @param spoken how well the part hears the board
     * @param joined its two ends, as they are judged
     */
    public record Now(boolean alive, Reach heard, Reach spoken, JoinedPart joined) {
        /** Whether the board has what it needs of a positioning module. */
        public boolean isPositioned() {
            return heard != Reach.NONE && (!joined.part().spokenTo() || spoken != Reach.NONE);
        }
    }

    private CraftLines(Craft sound, Part boardPart, SerialBoard board, List<CraftLine> lines) {
        this.sound = sound;
        this.boardPart = boardPart;
        this.board = board;
        this.lines = lines;
        this.wires = new LineWires(this, sound);
    }

    /** Those of a craft; nothing where its FC has no UARTs entered. */
    public static Optional<CraftLines> of(Craft craft) {
        return MADE.of(craft, CraftLines::made);
    }

    /** Those of a craft as on its sheet, whatever has come to its wires. */
    public static Optional<CraftLines> onSheet(Craft craft) {
        return of(craft.withElectrics(craft.electrics().sound()));
    }

    private static Optional<CraftLines> made(Craft craft) {
        return craft.electrics().sheet().flightBoard().flatMap(part -> SerialBoard.of(part.archetype())
                .map(board -> new CraftLines(craft, part, board, LinesOfSheet.of(craft, part)).judgedBySheet()));
    }

    private CraftLines judgedBySheet() {
        lines.forEach(line -> bySheet.put(
                line.id(),
                Stream.concat(
                                line.needed().stream()
                                        .filter(end -> wires.jammed(sound, end, end.boardPad()))
                                        .map(end -> new Judged(
                                                Rule.SHARED_PAD,
                                                Grade.WRONG,
                                                Way.BOTH,
                                                Map.of("pad", Param.written(end.printed())))),
                                joined(line, sound, false).wrong().stream())
                        .toList()));
        return this;
    }

    /** What the sheet alone shows to be wrong with a line that is joined. */
    public List<Judged> bySheet(CraftLine line) {
        return bySheet.get(line.id());
    }

    /** What the planner is asked for a line, with the UART that it lies on. */
    public UartRequest wish(CraftLine line) {
        UartRequest wish = line.wish(line.format());
        return new UartRequest(
                wish.name(),
                wish.job(),
                wish.format(),
                wish.volts5(),
                portOf(line).orElse(""));
    }

    public SerialBoard board() {
        return board;
    }

    public Part boardPart() {
        return boardPart;
    }

    /** Every line that a part of the craft could speak on. */
    public List<CraftLine> all() {
        return lines;
    }

    /** Those with a wire on the sheet. */
    public List<CraftLine> joined() {
        return lines.stream().filter(line -> !line.ends().isEmpty()).toList();
    }

    /** The first line of a job that is joined. */
    public Optional<CraftLine> of(UartFunction job) {
        return joined().stream().filter(line -> line.job() == job).findFirst();
    }

    /**
     * How a line stands on a craft.
     *
     * @param computer whether the computer is joined; then what it feeds has its supply from it, and the rest from the
     *     battery
     */
    public Now now(CraftLine line, Craft craft, boolean computer) {
        return known.of(new Key(craft.electrics(), craft.configuration(), computer), key -> all(craft, computer))
                .get(line.id());
    }

    private Map<String, Now> all(Craft craft, boolean computer) {
        Map<String, Now> all = new TreeMap<>();
        for (CraftLine line : lines) {
            all.put(line.id(), stands(line, craft, computer));
        }
        return all;
    }

    private Now stands(CraftLine line, Craft craft, boolean computer) {
        Electrics electrics = craft.electrics();
        boolean byComputer = computer && UsbPower.feeds(electrics, line.part());
        boolean alive = byComputer
                ? UsbPower.works(electrics, line.part())
                : Powered.onBench(electrics).works(line.part());
        JoinedPart joined = joined(line, craft, computer);
        if (!alive
                || electrics.cannotWork(line.id())
                || !FirmwareSettings.starts(craft)
                || !FirmwareSettings.holds(craft, line.job())) {
            return new Now(alive, Reach.NONE, Reach.NONE, joined);
        }
        boolean oneWire = joined.part().oneWire();
        Reach sends = line.sends().map(end -> wires.through(craft, end)).orElse(Reach.NONE);
        Reach hears = (oneWire ? line.sends().or(line::hears) : line.hears())
                .map(end -> wires.through(craft, end))
                .orElse(Reach.NONE);
        Reach heard = joined.isHeard(bySheet(line))
                ? GnssLoad.of(joined, craft.setting(SpokenSettings.GNSS_HZ)).through(sends)
                : Reach.NONE;
        boolean silent = line.job() == UartFunction.TELEMETRY && !telemetryOn(craft);
        Reach spoken = joined.isSpokenTo(bySheet(line)) && !silent ? hears : Reach.NONE;
        return new Now(true, heard, spoken, joined);
    }

    public static boolean telemetryOn(Craft craft) {
        return craft.setting(UartSettings.TELEMETRY) && craft.setting(FirmwareSettings.TELEMETRY_WORKS);
    }

    /** The serial pad of the FC at an address. */
    public Optional<SerialPad> pad(String address) {
        return board.pads().stream()
                .filter(pad -> boardPart.address(pad.name()).equals(address))
                .findFirst();
    }

    /** The pads of the FC that a line lies on. */
    public List<SerialPad> pads(CraftLine line) {
        return line.ends().stream()
                .map(End::boardPad)
                .map(this::pad)
                .flatMap(Optional::stream)
                .toList();
    }

    /** The UART that a line lies on. */
    public Optional<String> portOf(CraftLine line) {
        return pads(line).stream().map(SerialPad::uart).findFirst();
    }

    /** The jobs that a UART does; none where something left behind overrules what is set. */
    static List<UartFunction> jobs(Craft craft, String uart) {
        return craft.setting(FirmwareSettings.STALE) || !UartSettings.UARTS.contains(uart)
                ? List.of()
                : craft.setting(UartSettings.jobsOf(uart));
    }

    /** The two ends of a line as they are, for the rules to judge. */
    public JoinedPart joined(CraftLine line, Craft craft, boolean computer) {
        Electrics electrics = craft.electrics();
        Format speaks = craft.setting(SpokenSettings.format(line.job()))
                .orElse(line.spoken().formats().get(0));
        Optional<SerialPad> sends =
                line.sends().flatMap(end -> pad(electrics.movedTo(end.wire().id(), end.boardPad())));
        Optional<SerialPad> hears =
                line.hears().flatMap(end -> pad(electrics.movedTo(end.wire().id(), end.boardPad())));
        boolean byComputer = computer && UsbPower.feeds(electrics, line.part());
        double supply = byComputer
                ? feedV(electrics, line.part())
                : Powered.onBench(electrics).supply(line.part()).orElse(0.0);
        return new JoinedPart(
                board,
                line.wish(speaks),
                baud(craft.setting(SpokenSettings.baud(line.job())), speaks),
                sends,
                hears,
                grounded(electrics, line.part()),
                supply < HALF_A_VOLT ? 0 : Math.round(supply * 10) / 10.0,
                line.part().archetype().highestV(),
                Optional.of(told(
                        line, craft, sends.or(() -> hears).map(SerialPad::uart).orElse(""), sends.or(() -> hears))),
                computer);
    }

    private static double feedV(Electrics electrics, Part part) {
        return UsbPower.works(electrics, part)
                ? part.archetype().pads().stream()
                        .filter(pad -> pad.kind() == Pad.Kind.SUPPLY)
                        .mapToDouble(Pad::volts)
                        .findFirst()
                        .orElse(0)
                : 0;
    }

    private boolean grounded(Electrics electrics, Part part) {
        Wiring wiring = electrics.wiring();
        Optional<Integer> one = wiring.find(part.address(Powered.groundPad(part)));
        Optional<Integer> other = wiring.find(boardPart.address(Powered.groundPad(boardPart)));
        return one.isPresent()
                && other.isPresent()
                && BatteryOut.of(electrics, Meter.USUAL).ohms(one.get(), other.get()) < COPPER_OHMS;
    }

    private JoinedPart.Told told(CraftLine line, Craft craft, String lies, Optional<SerialPad> used) {
        List<String> uarts =
                craft.setting(FirmwareSettings.STALE) ? List.of() : UartSettings.uartsWith(line.job(), craft);
        String uart = uarts.isEmpty() || uarts.contains(lies) ? lies : uarts.get(0);
        Format format = craft.setting(UartSettings.format(line.job()));
        int baud = UartSettings.UARTS.contains(uart) ? craft.setting(UartSettings.baud(uart)) : 0;
        boolean oneWire = UartSettings.UARTS.contains(uart)
                && craft.setting(UartSettings.oneWire(uart)).done(format == Format.POLLED);
        return new JoinedPart.Told(
                uart,
                jobs(craft, uart),
                format,
                baud(baud, format),
                inverted(line, craft, uart, format, used),
                oneWire,
                craft.setting(UartSettings.SOFT) && craft.setting(FirmwareSettings.SOFT_BUILT));
    }

    /**
     * Whether UART or jumper turn the line round: the UART as it is told, a jumper as it was bridged for what the sheet
     * has there.
     */
    private boolean inverted(CraftLine line, Craft craft, String uart, Format told, Optional<SerialPad> used) {
        Optional<SerialPad> jumper = used.filter(pad -> pad.inverter() == Inverter.JUMPER);
        if (jumper.isPresent()) {
            return line.format().inverted()
                    != craft.electrics()
                            .otherJumper(boardPart.address(jumper.get().name()));
        }
        return UartSettings.UARTS.contains(uart)
                ? craft.setting(UartSettings.inversion(uart)).done(told.inverted())
                : told.inverted();
    }

    private static int baud(int told, Format format) {
        return told > 0 ? told : format.bauds().stream().findFirst().orElse(0);
    }

    /** What stands on a pad of the FC, battery in and the computer off. */
    public OnPad on(SerialPad pad, Craft craft) {
        String address = boardPart.address(pad.name());
        List<OnPad.Sending> sending = new ArrayList<>();
        for (CraftLine line : joined()) {
            for (End end : line.sends().stream().toList()) {
                if (craft.electrics().movedTo(end.wire().id(), end.boardPad()).equals(address)) {
                    Reach reach = wires.through(craft, end);
                    if (wires.jammed(craft, end, address)) {
                        return OnPad.JAMMED;
                    } else if (reach != Reach.NONE && sends(line, craft)) {
                        JoinedPart joined = now(line, craft, false).joined();
                        sending.add(new OnPad.Sending(
                                joined.part().format(),
                                joined.baud(),
                                joined.part().format().inverted(),
                                line.spoken().highV(),
                                reach == Reach.FLAKY));
                    }
                }
            }
        }
        if (sending.isEmpty() && pad.side() == Side.TX) {
            return boardSends(pad, craft)
                    .map(one -> new OnPad(Optional.of(one), false))
                    .orElse(OnPad.STILL);
        }
        return sending.isEmpty() ? OnPad.STILL : new OnPad(Optional.of(sending.get(0)), false);
    }

    /** Whether a part sends: it is alive, and has a link where it sends nothing without one. */
    private boolean sends(CraftLine line, Craft craft) {
        Format speaks = now(line, craft, false).joined().part().format();
        boolean needsLink = line.job() == UartFunction.RECEIVER && (speaks == Format.CRSF || speaks == Format.SATELLITE)
                || speaks == Format.POLLED;
        return now(line, craft, false).alive() && (!needsLink || linked(craft));
    }

    private Optional<OnPad.Sending> boardSends(SerialPad pad, Craft craft) {
        if (craft.electrics().deadUart(boardPart.address(pad.name()))) {
            return Optional.empty();
        }
        // A polled line is silent until somebody asks.
        for (UartFunction job : jobs(craft, pad.uart())) {
            Format format = craft.setting(UartSettings.format(job));
            boolean speaks = new UartRequest("", job, format, false, "").spokenTo()
                    && (job != UartFunction.TELEMETRY || telemetryOn(craft))
                    && job != UartFunction.VIDEO_CONTROL;
            if (speaks && format != Format.POLLED) {
                boolean turned = pad.inverter() != Inverter.NONE
                        && craft.setting(UartSettings.inversion(pad.uart())).done(format.inverted());
                return Optional.of(new OnPad.Sending(
                        format,
                        baud(craft.setting(UartSettings.baud(pad.uart())), format),
                        pad.inverter() == Inverter.JUMPER ? format.inverted() : turned,
                        3.3,
                        false));
            }
        }
        return Optional.empty();
    }

    /**
     * Whether receiver and radio know one another, the module that the receiver listens to is on, and the receiver is
     * alive.
     */
    public boolean linked(Craft craft) {
        return LinkSettings.isLinked(craft)
                && of(UartFunction.RECEIVER)
                        .map(line -> now(line, craft, false).alive())
                        .orElse(true);
    }

    /** Whether the receiver's own line carries telemetry back. */
    public boolean isShared() {
        return of(UartFunction.RECEIVER)
                .filter(line -> line.format().back() == Back.TWO_WAY)
                .isPresent();
    }
}
