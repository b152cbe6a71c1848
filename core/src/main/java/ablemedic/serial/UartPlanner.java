package ablemedic.serial;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Rejected;
import ablemedic.catalogue.Text;
import ablemedic.catalogue.Words;
import ablemedic.protocol.Format.Back;
import ablemedic.uart.UartRequest;
import ablemedic.wiring.SerialBoard;
import ablemedic.wiring.SerialPad;
import ablemedic.wiring.SerialPad.Inverter;
import ablemedic.wiring.SerialPad.Side;
import ablemedic.wiring.UartFunction;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Gives every part a UART of the board, exactly: of all ways the one that loses least, and among those the one with
 * least to solder and to mind. A UART holds one job; telemetry shares that of the receiver where its format carries
 * both. Where not all can be had, the smallest set of wishes is named that cannot be had together.
 */
public final class UartPlanner {
    /** A software UART makes no more than this; common practice with no source. */
    private static final int SOFT_BAUD = 19_200;

    private static final Words WORDS = Serial.WORDS.name("planner");
    private static final int LOST = 1000;
    private static final int MOVED = 12;
    private static final int COMPUTER = 8;
    private static final int SOFT = 6;
    private static final int JUMPER = 5;
    private static final int TOLD = 1;
    public static final int MOST_WISHES = 12;

    private final SerialBoard board;
    /** Receivers first: where telemetry may go hangs on them. */
    private final List<UartRequest> wishes;

    private final List<String> uarts;
    /** Every way in which each part can be had, by itself. */
    private final List<List<Placed>> options;

    private final Map<Map.Entry<Integer, Taken>, Best> known = new HashMap<>();

    /**
     * A part on a UART.
     *
     * @param over the part over whose UART it goes as well; empty where it has one of its own
     * @param wires what is joined to what
     * @param set what is told to the board or done to it
     * @param minds what to keep in mind
     */
    public record Placed(
            UartRequest wish,
            String uart,
            String over,
            List<String> wires,
            List<String> set,
            List<String> minds,
            int cost) {}

    /**
     * A part without a UART.
     *
     * @param why for each UART, why it cannot be
     * @param conflict the smallest set of wishes, itself among them, that cannot be had together
     * @param otherwise what is done instead
     */
    public record Lost(UartRequest wish, List<String> why, List<String> conflict, List<String> otherwise) {}

    /** The whole plan. */
    public record Planned(List<Placed> placed, List<Lost> lost) {}

    private record Best(int cost, Optional<Placed> here) {}

    private UartPlanner(SerialBoard board, List<UartRequest> wishes) {
        this.board = board;
        this.wishes = wishes.stream()
                .sorted(Comparator.comparing(wish -> wish.job() != UartFunction.RECEIVER))
                .toList();
        this.uarts = board.uarts();
        this.options = this.wishes.stream().map(this::options).toList();
    }

    /** @throws Rejected where there are more wishes than a board ever holds */
    public static Planned plan(SerialBoard board, List<UartRequest> wishes) {
        if (wishes.size() > MOST_WISHES) {
            throw new Rejected(
                    "wishes",
                    WORDS.with("most", Param.whole(MOST_WISHES, ""))
                            .line("most")
                            .plain());
        }
        UartPlanner planner = new UartPlanner(board, wishes);
        List<Placed> placed = new ArrayList<>();
        List<UartRequest> left = new ArrayList<>();
        Taken taken = new Taken(0, false);
        for (int i = 0; i < wishes.size(); i++) {
            Optional<Placed> here = planner.best(i, taken).here();
            if (here.isPresent()) {
                placed.add(here.get());
                taken = planner.with(taken, here.get());
            } else {
                left.add(planner.wishes.get(i));
            }
        }
        placed.sort(Comparator.comparingInt(one -> wishes.indexOf(one.wish())));
        return new Planned(
                placed,
                left.stream()
                        .map(wish ->
                                new Lost(wish, planner.reasons(wish), planner.conflict(wish, placed), otherwise(wish)))
                        .toList());
    }

    /**
     * What is joined and set to have a part on the best UART that is not taken, and not one that failed; empty where
     * there is none.
     */
    static List<String> elsewhere(SerialBoard board, UartRequest wish, List<String> taken, String failed) {
        UartPlanner planner = new UartPlanner(board, List.of(wish));
        return planner.options.get(0).stream()
                .filter(one -> !isShared(one)
                        && !taken.contains(one.uart())
                        && !one.uart().equals(failed))
                .min(Comparator.comparingInt(Placed::cost))
                .map(one -> Stream.concat(one.wires().stream().map(UartPlanner::sentence), one.set().stream())
                        .toList())
                .orElse(List.of());
    }

    private static String sentence(String words) {
        return Text.capitalized(words) + ".";
    }

    /** The UARTs that are taken, as bits, and whether a receiver has one over which telemetry goes too. */
    private record Taken(long uarts, boolean carriesBack) {}

    private Taken with(Taken taken, Placed placed) {
        return new Taken(
                taken.uarts() | bit(placed),
                taken.carriesBack() || placed.wish().job() == UartFunction.RECEIVER && carriesBack(placed.wish()));
    }

    private long bit(Placed placed) {
        return isShared(placed) ? 0 : 1L << uarts.indexOf(placed.uart());
    }

    private static boolean carriesBack(UartRequest wish) {
        return wish.format().back() == Back.TWO_WAY && wish.format().wires() == 2;
    }

    private static boolean isShared(Placed placed) {
        return !placed.over().isEmpty();
    }

    /** What a job is worth, where not all can be had: nothing flies without a receiver. */
    private static int worth(UartFunction job) {
        return switch (job) {
            case RECEIVER -> 100;
            case GNSS -> 30;
            case DISPLAY -> 25;
            case TELEMETRY -> 20;
            case VIDEO_CONTROL -> 10;
        };
    }

    /** The best for the wishes from one on, with some UARTs taken. */
    private Best best(int wish, Taken taken) {
        if (wish == wishes.size()) {
            return new Best(0, Optional.empty());
        }
        Map.Entry<Integer, Taken> key = Map.entry(wish, taken);
        Best seen = known.get(key);
        if (seen != null) {
            return seen;
        }
        UartRequest wanted = wishes.get(wish);
        Best best = new Best(LOST * worth(wanted.job()) + best(wish + 1, taken).cost(), Optional.empty());
        for (Placed option : options.get(wish)) {
            if (isShared(option) ? taken.carriesBack() : (taken.uarts() & bit(option)) == 0) {
                int cost = option.cost() + best(wish + 1, with(taken, option)).cost();
                if (cost < best.cost()) {
                    best = new Best(cost, Optional.of(option));
                }
            }
        }
        known.put(key, best);
        return best;
    }

    /** Every way in which a part can be had, by itself. */
    private List<Placed> options(UartRequest wish) {
        List<Placed> options = new ArrayList<>();
        sharing(wish)
                .ifPresent(receiver -> options.add(new Placed(
                        wish,
                        "",
                        receiver.name(),
                        List.of(),
                        List.of(WORDS.line("telemetry-on").plain()),
                        List.of(of(wish).with("receiver", Param.written(receiver.name()))
                                .line("shared")
                                .plain()),
                        0)));
        for (String uart : uarts) {
            option(wish, uart).ifPresent(options::add);
        }
        return options;
    }

    /** The receiver whose line carries the telemetry as well. */
    private Optional<UartRequest> sharing(UartRequest wish) {
        return wish.job() != UartFunction.TELEMETRY
                ? Optional.empty()
                : wishes.stream()
                        .filter(other -> other.job() == UartFunction.RECEIVER
                                && other.format() == wish.format()
                                && carriesBack(other))
                        .findFirst();
    }

    private Optional<Placed> option(UartRequest wish, String uart) {
        if (reason(wish, uart).isPresent()) {
            return Optional.empty();
        }
        List<String> wires = new ArrayList<>();
        List<String> set = new ArrayList<>();
        List<String> minds = new ArrayList<>();
        int cost = 0;
        boolean inverted = wish.format().inverted();
        if (wish.heard()) {
            SerialPad pad = pad(wish, uart, Side.RX).orElseThrow();
            wires.add(wire(wish, "sends", pad, wish.job() == UartFunction.RECEIVER && !wish.spokenTo()));
            cost += turned(pad, inverted, set);
        }
        if (wish.spokenTo()) {
            SerialPad pad = pad(wish, uart, Side.TX).orElseThrow();
            wires.add(wire(wish, "hears", pad, wish.oneWire()));
            cost += turned(pad, inverted, set);
        }
        Words on = of(wish).with("uart", SerialFaults.uart(uart));
        wires.add(on.line("ground").plain());
        set.add(0, on.line("uart").plain());
        if (wish.oneWire()) {
            set.add(on.line("half-duplex").plain());
        }
        if (uart.equals(board.computer())) {
            minds.add(on.line("usb").plain());
            cost += COMPUTER;
        }
        if (board.isSoft(uart)) {
            set.add(on.line("soft-on").plain());
            minds.add(on.line("soft").plain());
            cost += SOFT;
        }
        if (!wish.at().isEmpty() && !wish.at().equals(uart)) {
            minds.add(
                    on.with("uart", SerialFaults.uart(wish.at())).line("moved").plain());
            cost += MOVED;
        }
        return Optional.of(new Placed(wish, uart, "", wires, set, minds, cost));
    }

    private int turned(SerialPad pad, boolean inverted, List<String> set) {
        Words words = WORDS.with("pad", Param.written(pad.name())).with("low", Param.when(inverted));
        return switch (pad.inverter()) {
            case NONE, FIXED -> 0;
            case CHIP -> {
                set.add(words.line("chip").plain());
                yield inverted ? TOLD : 0;
            }
            case SOFTWARE -> {
                set.add(words.line("software").plain());
                yield TOLD;
            }
            case JUMPER -> {
                set.add(words.line("jumper").plain());
                yield JUMPER;
            }
        };
    }

    private static Words of(UartRequest wish) {
        List<Integer> bauds = wish.format().bauds();
        return WORDS.with(Map.of(
                "part", Param.written(wish.name()),
                "function", Param.written(wish.job().label()),
                "format", Param.written(wish.format().label()),
                "timed", Param.when(!bauds.isEmpty()),
                "baud", Param.whole(bauds.isEmpty() ? 0 : bauds.get(0), "")));
    }

    /** @param plain whether the part calls that end otherwise than RX or TX */
    private static String wire(UartRequest wish, String line, SerialPad pad, boolean plain) {
        return of(wish).with("pad", Param.written(pad.name()))
                .with("plain", Param.when(plain))
                .line(line)
                .plain();
    }

    /** The pad of a side that hears the line, with the least to do. */
    private Optional<SerialPad> pad(UartRequest wish, String uart, Side side) {
        return board.pads(uart, side).stream()
                .filter(pad -> hears(pad, wish))
                .filter(pad -> bears(pad, wish, side))
                .min(Comparator.comparingInt(pad -> pad.inverter() == Inverter.JUMPER ? 1 : 0));
    }

    private boolean hears(SerialPad pad, UartRequest wish) {
        return pad.hears(wish.format().inverted()) || board.isSoft(pad.uart());
    }

    private static boolean bears(SerialPad pad, UartRequest wish, Side side) {
        return !wish.volts5() || pad.bears5V() || side == Side.TX && !wish.oneWire();
    }

    /** Why a part can't have a UART: a line of the catalogue; nothing where it can. */
    private Optional<Text> reason(UartRequest wish, String uart) {
        Words words = of(wish).with("uart", SerialFaults.uart(uart));
        if (board.isSoft(uart) && wish.format().bauds().stream().noneMatch(baud -> baud <= SOFT_BAUD)) {
            return Optional.of(words.line("too-fast"));
        }
        for (Side side : Side.values()) {
            if (!(side == Side.RX ? wish.heard() : wish.spokenTo())) {
                continue;
            }
            List<SerialPad> pads = board.pads(uart, side);
            Words at = words.with("side", Param.written(side.name()));
            if (pads.isEmpty()) {
                return Optional.of(at.line("no-pad"));
            }
            if (pads.stream().noneMatch(pad -> hears(pad, wish))) {
                return Optional.of(at.line(wish.format().inverted() ? "no-inverter" : "always-inverted"));
            }
            if (pad(wish, uart, side).isEmpty()) {
                return Optional.of(at.line("volts"));
            }
        }
        return Optional.empty();
    }

    private List<String> reasons(UartRequest wish) {
        return uarts.stream()
                .map(uart -> reason(wish, uart).orElseGet(() -> WORDS.with("uart", SerialFaults.uart(uart))
                        .line("taken")))
                .map(Text::plain)
                .toList();
    }

    /**
     * The smallest set with this wish in it that cannot be had together. What is placed can be had, and with this wish
     * it cannot, or the plan would not be the best (what shares a UART takes none); so leaving out one after the other
     * as long as it still cannot wires there.
     */
    private List<String> conflict(UartRequest lost, List<Placed> placed) {
        List<UartRequest> holding =
                placed.stream().filter(one -> !isShared(one)).map(Placed::wish).toList();
        List<UartRequest> set = new ArrayList<>(holding);
        set.add(lost);
        for (UartRequest other : holding) {
            List<UartRequest> without = new ArrayList<>(set);
            without.remove(other);
            if (!fits(without)) {
                set = without;
            }
        }
        return set.stream().map(UartRequest::name).toList();
    }

    private boolean fits(List<UartRequest> some) {
        return new UartPlanner(board, some).best(0, new Taken(0, false)).cost() < LOST;
    }

    private static List<String> otherwise(UartRequest wish) {
        return Serial.WORDS.name("planner-" + wish.job().id()).plainSteps("");
    }
}
