package ablemedic.serial;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * Telemetry over a pair of modems: board, wire, air modem, air, ground modem, wire, ground station. Judged hop by hop,
 * with what to set at each box. Rules and rates are common practice with no source.
 *
 * @param board the wire from the board to its modem
 * @param air between the modems
 * @param ground the wire from the ground modem to the ground station
 * @param bytesPerS that the board sends
 * @param twoWay whether settings and commands are to go up as well
 */
public record ModemChain(Wire board, Air air, Wire ground, double bytesPerS, boolean twoWay) {
    /** Rates that modems offer in the air, bits a second; the slower, the farther. */
    private static final int[] AIR_RATES = {2_400, 4_800, 9_600, 19_200, 38_400, 64_000, 128_000, 250_000};

    private static final int[] WIRE_RATES = {9_600, 19_200, 38_400, 57_600, 115_200};
    private static final double BITS = 10;
    private static final double BEARS_V = 3.6;

    /**
     * A wire with a box at each end.
     *
     * @param baud bits a second at its end towards the craft
     * @param farBaud bits a second at its other end
     * @param flow whether either end waits for the lines that say it may send
     * @param flowWired whether those lines are there
     * @param highV what the end towards the craft sends at
     * @param farHighV what the other end sends at
     */
    public record Wire(int baud, int farBaud, boolean flow, boolean flowWired, double highV, double farHighV) {}

    /**
     * What lies between the modems.
     *
     * @param baud bits a second
     * @param oneWay whether they are in a mode that decodes downwards only, for range
     * @param changed whether a setting of a modem was changed since the two were bound
     * @param restarted whether both were without power since
     * @param rangeFirst whether range counts for more than rate
     * @param stations ground stations that are on
     * @param serialPorts virtual serial ports that the ground station shows
     */
    public record Air(
            int baud,
            boolean oneWay,
            boolean changed,
            boolean restarted,
            boolean rangeFirst,
            int stations,
            int serialPorts) {}

    /** The hops in the order of the way down. */
    public enum HopOf {
        BOARD,
        AIR,
        GROUND;

        public String label() {
            return words().name(this);
        }
    }

    /** How a hop stands. */
    public enum Grade {
        HARMS,
        WRONG,
        DOUBTFUL,
        SOUND
    }

    /** One thing that was found at a hop, and what puts it right. */
    public record Found(HopOf hop, Grade grade, String text, String remedy) {}

    /** What is entered at a box. */
    public record Entry(String box, String text) {}

    /** That of a craft, as its boxes are told; nothing where it has no modem. */
    public static Optional<ModemChain> of(Craft craft) {
        return Telemetry.chain(craft);
    }

    private static Words words() {
        return Serial.WORDS.name("modem-chain");
    }

    private static Param box(String name) {
        return new Param.Nested(words().line(name));
    }

    /** @param words of which a line says what is wrong, and the one named after it how to fix it */
    private static Found found(HopOf hop, Grade grade, String line, Words words) {
        return new Found(
                hop, grade, words.line(line).plain(), words.line(line + "-fix").plain());
    }

    /** What is wrong and doubtful, the gravest first. */
    public List<Found> found() {
        List<Found> all = new ArrayList<>();
        wire(HopOf.BOARD, board, "fc", "air-modem", all);
        air(all);
        wire(HopOf.GROUND, ground, "ground-modem", "station", all);
        all.sort(Comparator.comparing(Found::grade));
        return all;
    }

    /** The grade of a hop: that of the gravest thing found at it. */
    public Grade grade(HopOf hop) {
        return found().stream()
                .filter(one -> one.hop() == hop)
                .map(Found::grade)
                .findFirst()
                .orElse(Grade.SOUND);
    }

    private void wire(HopOf hop, Wire wire, String near, String far, List<Found> all) {
        if (wire.baud() != wire.farBaud()) {
            all.add(found(
                    hop,
                    Grade.WRONG,
                    "rates",
                    words().with("rate", Param.whole(wire.baud(), ""))
                            .with("farRate", Param.whole(wire.farBaud(), ""))
                            .with("near", box(near))
                            .with("far", box(far))
                            .with("baud", Param.whole(wireBaud(wire), ""))));
        }
        if (wire.flow() && !wire.flowWired()) {
            all.add(found(hop, Grade.WRONG, "flow", words()));
        }
        harms(hop, wire.highV(), wire.farHighV(), near, far, all);
        harms(hop, wire.farHighV(), wire.highV(), far, near, all);
        load(hop, Math.min(wire.baud(), wire.farBaud()), all);
    }

    private static void harms(HopOf hop, double sendsV, double otherV, String sender, String other, List<Found> all) {
        if (sendsV > BEARS_V && otherV <= BEARS_V) {
            all.add(found(
                    hop,
                    Grade.HARMS,
                    "volts",
                    words().with("sender", box(sender))
                            .with("other", box(other))
                            .with("high", new Param.Quantity(sendsV, "V", 1))
                            .with("low", new Param.Quantity(otherV, "V", 1))));
        }
    }

    private void load(HopOf hop, double baud, List<Found> all) {
        double share = bytesPerS * BITS / baud;
        if (share > ByteBudget.FILL) {
            all.add(found(
                    hop,
                    share > 1 ? Grade.WRONG : Grade.DOUBTFUL,
                    "full",
                    words().with("bytes", Param.whole(Math.round(bytesPerS), ""))
                            .with("share", Param.whole(Math.round(100 * share), ""))
                            .with("by", new Param.Quantity(share / ByteBudget.FILL, "", 1))));
        }
    }

    private void air(List<Found> all) {
        if (twoWay && air.oneWay()) {
            all.add(found(HopOf.AIR, Grade.WRONG, "one-way", words()));
        }
        if (air.changed()) {
            all.add(found(HopOf.AIR, Grade.WRONG, "changed", words()));
        } else if (!air.restarted()) {
            all.add(found(HopOf.AIR, Grade.DOUBTFUL, "restarted", words()));
        }
        if (air.stations() > 1) {
            all.add(found(HopOf.GROUND, Grade.WRONG, "stations", words().with("n", Param.whole(air.stations(), ""))));
        }
        if (air.serialPorts() > 1) {
            all.add(found(
                    HopOf.GROUND, Grade.DOUBTFUL, "ports", words().with("n", Param.whole(air.serialPorts(), ""))));
        }
        load(HopOf.AIR, air.baud(), all);
    }

    /** What is entered at each box so that the whole way holds. */
    public List<Entry> entries() {
        OptionalInt rate = airBaud();
        Param onAir =
                new Param.Nested(words().with("rate", Param.whole(rate.orElse(AIR_RATES[AIR_RATES.length - 1]), ""))
                        .with("both", Param.when(twoWay))
                        .with("fits", Param.when(rate.isPresent()))
                        .line("on-air"));
        return List.of(
                entry("fc", board, onAir),
                entry("air", board, onAir),
                entry("ground", ground, onAir),
                entry("station", ground, onAir));
    }

    private Entry entry(String box, Wire wire, Param onAir) {
        return new Entry(
                words().line("box-" + box).plain(),
                words().with("baud", Param.whole(wireBaud(wire), ""))
                        .with("flow", Param.when(wire.flowWired()))
                        .with("air", onAir)
                        .line("enter-" + box)
                        .plain());
    }

    /**
     * The rate of a wire: what both ends have if it carries all, else the least usual one that does; the fastest where
     * none does.
     */
    int wireBaud(Wire wire) {
        if (wire.baud() == wire.farBaud() && carries(wire.baud())) {
            return wire.baud();
        }
        int most = Math.max(wire.baud(), wire.farBaud());
        if (carries(most)) {
            return most;
        }
        for (int rate : WIRE_RATES) {
            if (carries(rate)) {
                return rate;
            }
        }
        return WIRE_RATES[WIRE_RATES.length - 1];
    }

    /**
     * The rate in the air: the slowest that carries all where range counts, else the one that is set if it does; none
     * where none does.
     */
    OptionalInt airBaud() {
        if (!air.rangeFirst() && carries(air.baud())) {
            return OptionalInt.of(air.baud());
        }
        for (int rate : AIR_RATES) {
            if (carries(rate)) {
                return OptionalInt.of(rate);
            }
        }
        return OptionalInt.empty();
    }

    private boolean carries(double baud) {
        return bytesPerS * BITS <= ByteBudget.FILL * baud;
    }

    /** The share of a hop that is filled. */
    public double share(HopOf hop) {
        return bytesPerS
                * BITS
                / switch (hop) {
                    case BOARD -> Math.min(board.baud(), board.farBaud());
                    case AIR -> air.baud();
                    case GROUND -> Math.min(ground.baud(), ground.farBaud());
                };
    }

    /** The same chain with what its boxes are to be told. */
    public ModemChain asEntered() {
        return new ModemChain(
                entered(board),
                new Air(
                        airBaud().orElse(AIR_RATES[AIR_RATES.length - 1]),
                        !twoWay && air.oneWay(),
                        false,
                        true,
                        air.rangeFirst(),
                        1,
                        1),
                entered(ground),
                bytesPerS,
                twoWay);
    }

    private Wire entered(Wire wire) {
        return new Wire(
                wireBaud(wire),
                wireBaud(wire),
                wire.flow() && wire.flowWired(),
                wire.flowWired(),
                wire.highV(),
                wire.farHighV());
    }
}
