package ablemedic.uart;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Param;
import ablemedic.protocol.Format;
import ablemedic.protocol.Format.Back;
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
import java.util.stream.Collectors;

/**
 * A part as it is joined to a board, and as the FC's UART is configured: whether the two ends understand one another.
 * The rules hold for any craft; each thing found has a grade, the reason in a sentence, and what fixes it.
 *
 * @param part what is spoken, and for what
 * @param baud bits a second that the part is set to; ignored where its pulses have none
 * @param sends the pad that the part's sending wire goes to; none where it is not joined
 * @param hears the pad that the part's hearing wire goes to; none where it is not joined
 * @param ground whether the two have a ground in common
 * @param supplyV what the part is fed with, volts
 * @param standsV the most that the part stands, volts
 * @param told what its UART is told; none where nobody has read it
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
    static final Catalogue RULES = Catalogue.beside(JoinedPart.class, "rules");
    private static final int SOFT_BAUD = 19_200;

    /** Two clocks that differ by more do not understand one another. */
    private static final double RATE_FITS = 0.03;

    private static final double SUPPLY_PLAY = 0.1;

    /**
     * What a UART is told.
     *
     * @param uart the UART
     * @param jobs that it has; empty for none
     * @param format that it is to speak
     * @param baud bits a second
     * @param inverted whether it, or the jumper at its pad, turns the line round
     * @param oneWire whether it hears and speaks over its sending pad
     * @param softOn whether software UARTs are on
     */
    public record Told(
            String uart,
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

    private Judged judged(Rule rule, Grade grade, Way way) {
        return judged(rule, grade, way, Map.of());
    }

    /** @param more what its words need besides the part and its format */
    private Judged judged(Rule rule, Grade grade, Way way, Map<String, Param> more) {
        Map<String, Param> params = new HashMap<>(more);
        params.put("part", Param.written(part.name()));
        params.put("format", Param.written(part.format().label()));
        params.put("function", Param.written(part.job().label()));
        return new Judged(rule, grade, way, params);
    }

    private static Map<String, Param> pad(SerialPad pad) {
        return Map.of("pad", Param.written(pad.name()));
    }

    private static Map<String, Param> uart(String uart) {
        return Map.of("uart", Param.written(uart));
    }

    private void volts(List<Judged> all) {
        if (supplyV > standsV + SUPPLY_PLAY) {
            all.add(judged(
                    Rule.OVERFED,
                    Grade.HARMS,
                    Way.BOTH,
                    Map.of("most", Param.number(standsV, "V"), "volts", Param.number(supplyV, "V"))));
        }
        sends.filter(pad -> part.volts5() && !pad.bears5V())
                .ifPresent(pad -> all.add(judged(Rule.FIVE_VOLTS_IN, Grade.HARMS, Way.HEARD, pad(pad))));
        if (supplyV == 0) {
            all.add(judged(Rule.NO_SUPPLY, Grade.WRONG, Way.BOTH));
        }
        if (!ground) {
            all.add(judged(Rule.NO_GROUND, Grade.WRONG, Way.BOTH));
        }
    }

    private void wires(List<Judged> all) {
        if (part.oneWire()) {
            Optional<SerialPad> pad = sends.or(() -> hears);
            if (pad.isEmpty()) {
                all.add(judged(Rule.ONE_WIRE_ABSENT, Grade.WRONG, Way.BOTH));
            } else if (pad.get().side() == Side.RX) {
                all.add(judged(Rule.ONE_WIRE_ON_RX, Grade.WRONG, Way.BOTH));
            }
            return;
        }
        if (part.heard()) {
            if (sends.isEmpty()) {
                all.add(judged(Rule.SENDS_TO_NOTHING, Grade.WRONG, Way.HEARD));
            }
            sends.filter(pad -> pad.side() == Side.TX)
                    .ifPresent(pad -> all.add(judged(Rule.SENDS_TO_TX, Grade.WRONG, Way.HEARD, onWrongSide(pad))));
        }
        if (part.spokenTo()) {
            if (hears.isEmpty()) {
                all.add(judged(Rule.HEARS_NOTHING, Grade.WRONG, Way.SPOKEN));
            }
            hears.filter(pad -> pad.side() == Side.RX)
                    .ifPresent(pad -> all.add(judged(Rule.HEARS_RX, Grade.WRONG, Way.SPOKEN, onWrongSide(pad))));
        }
    }

    private Map<String, Param> onWrongSide(SerialPad pad) {
        return Map.of("pad", Param.written(pad.name()), "both", Param.when(sends.isPresent() && hears.isPresent()));
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
        for (SerialPad pad : used()) {
            if (board.isSoft(pad.uart())) {
                continue;
            }
            Map<String, Param> params = new HashMap<>(pad(pad));
            params.put("low", Param.when(low));
            if (!pad.hears(low)) {
                List<String> others = elsewhere(pad, low);
                params.put("others", Param.when(!others.isEmpty()));
                params.put("pads", Param.written(String.join(" or ", others)));
                all.add(judged(Rule.NO_INVERTER, Grade.WRONG, wayOf(pad), params));
            } else if (turns(pad.inverter()) && told.isPresent() && told.get().inverted() != low) {
                params.put("jumper", Param.when(pad.inverter() == Inverter.JUMPER));
                params.put("uart", Param.written(pad.uart()));
                all.add(judged(Rule.INVERSION, Grade.WRONG, wayOf(pad), params));
            }
        }
    }

    private Way wayOf(SerialPad pad) {
        return part.oneWire() ? Way.BOTH : pad.side() == Side.RX ? Way.HEARD : Way.SPOKEN;
    }

    private static boolean turns(Inverter inverter) {
        return inverter == Inverter.CHIP || inverter == Inverter.JUMPER || inverter == Inverter.SOFTWARE;
    }

    /** Pads of the same side that read it. */
    private List<String> elsewhere(SerialPad wrong, boolean low) {
        return board.pads().stream()
                .filter(pad -> pad.side() == wrong.side() && pad.hears(low) && !board.isSoft(pad.uart()))
                .map(SerialPad::name)
                .toList();
    }

    private void settings(List<Judged> all) {
        if (told.isEmpty()) {
            String uart = used().stream().map(SerialPad::uart).findFirst().orElse("?");
            all.add(judged(Rule.UNREAD, Grade.UNKNOWN, Way.BOTH, uart(uart)));
            return;
        }
        Told is = told.get();
        function(all, is);
        if (is.format() != part.format()) {
            all.add(judged(
                    Rule.FORMAT,
                    Grade.WRONG,
                    Way.BOTH,
                    Map.of("set", Param.written(is.format().label()))));
        }
        if (!part.format().bauds().isEmpty() && Math.abs((double) is.baud() / baud - 1) > RATE_FITS) {
            all.add(judged(
                    Rule.RATE,
                    Grade.WRONG,
                    Way.BOTH,
                    Map.of("set", Param.whole(is.baud(), ""), "baud", Param.whole(baud, ""))));
        }
        if (part.oneWire() && !is.oneWire()) {
            all.add(judged(Rule.TWO_WIRES_FOR_ONE, Grade.WRONG, Way.BOTH));
        }
        if (!part.oneWire() && is.oneWire() && part.heard()) {
            all.add(judged(Rule.ONE_WIRE_FOR_TWO, Grade.WRONG, Way.HEARD));
        }
    }

    /** Whether the UART that its wires are on has its function, and no other. */
    private void function(List<Judged> all, Told is) {
        List<String> uarts = used().stream().map(SerialPad::uart).distinct().toList();
        used().stream()
                .filter(pad -> !pad.uart().equals(is.uart()))
                .forEach(pad -> all.add(judged(
                        uarts.size() > 1 ? Rule.TWO_UARTS : Rule.FUNCTION_ELSEWHERE,
                        Grade.WRONG,
                        wayOf(pad),
                        Map.of(
                                "uart", Param.written(is.uart()),
                                "uarts", Param.written(String.join(" and ", uarts)),
                                "pad", Param.written(pad.name()),
                                "other", Param.written(pad.uart())))));
        if (is.jobs().isEmpty()) {
            all.add(judged(Rule.NO_FUNCTION, Grade.WRONG, Way.BOTH, uart(is.uart())));
        } else if (!is.jobs().contains(part.job()) && !carriesBack(is)) {
            all.add(judged(
                    Rule.OTHER_FUNCTION,
                    Grade.WRONG,
                    Way.BOTH,
                    Map.of(
                            "uart",
                            Param.written(is.uart()),
                            "others",
                            Param.written(is.jobs().stream()
                                    .map(UartFunction::label)
                                    .collect(Collectors.joining(" and "))))));
        }
        if (is.jobs().size() > 1 && !carriesBack(is)) {
            all.add(judged(
                    Rule.SEVERAL_FUNCTIONS,
                    Grade.WRONG,
                    Way.BOTH,
                    Map.of(
                            "uart",
                            Param.written(is.uart()),
                            "n",
                            Param.whole(is.jobs().size(), ""))));
        }
    }

    /** A receiver and its telemetry share a UART where the format carries both. */
    private boolean carriesBack(Told is) {
        boolean both = List.of(UartFunction.RECEIVER, UartFunction.TELEMETRY).containsAll(is.jobs())
                && is.jobs().contains(UartFunction.RECEIVER);
        return both
                && part.format().back() == Back.TWO_WAY
                && !part.oneWire()
                && List.of(UartFunction.RECEIVER, UartFunction.TELEMETRY).contains(part.job());
    }

    private void surroundings(List<Judged> all) {
        for (String uart : used().stream().map(SerialPad::uart).distinct().toList()) {
            if (uart.equals(board.computer())) {
                all.add(
                        computer
                                ? judged(Rule.HELD_BY_COMPUTER, Grade.WRONG, Way.BOTH, uart(uart))
                                : judged(Rule.SHARED_WITH_COMPUTER, Grade.DOUBTFUL, Way.BOTH, uart(uart)));
            }
            if (board.isSoft(uart)) {
                if (baud > SOFT_BAUD) {
                    all.add(judged(Rule.TOO_FAST_FOR_SOFT, Grade.WRONG, Way.BOTH));
                }
                if (told.filter(is -> !is.softOn()).isPresent()) {
                    all.add(judged(Rule.SOFT_OFF, Grade.WRONG, Way.BOTH));
                }
            }
        }
        if (part.format().back() == Back.ONE_WAY) {
            all.add(judged(Rule.ONE_WAY, Grade.DOUBTFUL, Way.BOTH));
        }
    }
}
