package ablemedic.power;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Text;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.FixedWord;
import ablemedic.diagnosis.Gaussian;
import ablemedic.diagnosis.Mixture;
import ablemedic.family.CheckBuilder;
import ablemedic.family.Place;
import ablemedic.physics.BatteryOut;
import ablemedic.physics.Memory;
import ablemedic.physics.Powered;
import ablemedic.reading.Estimate;
import ablemedic.reading.Meter;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.Wiring;
import java.util.ArrayList;
import java.util.List;

/**
 * A meter's two probes on two points of the craft.
 *
 * @param mode resistance with the battery out, or voltage with it in
 * @param red the point of the red probe
 * @param black the point of the black one
 */
public record Probe(Mode mode, Wiring.Point red, Wiring.Point black, Meter meter) implements Place.Placed {
    /** What the display shows beyond its range, and while capacitors charge. */
    public static final String OVER = "ol";

    public static final String CLIMBING = "climbing";

    private static final Memory<Meter, Scale> OHMS = new Memory<>(16);
    private static final Scale VOLTS =
            new Scale(words(Mode.VOLTS).line("measure").plain(), "V", -65, 65, 0.05, List.of());
    /** A blunder: a tip slipped, a wrong pad, a range misread. Common practice. */
    private static final double BLUNDER = 0.05;
    /** Above this no copper joins two points, ohms. */
    static final double CHIP_OHMS = 20;
    /**
     * What a chip or a pull-down lets through is guessed: how many times the guess the meter may show, each as likely,
     * and how far about that. Never near nothing: a short is no board of another make. From memory.
     */
    private static final double[] TIMES_THE_GUESS = {0.4, 1, 2.2, 5};

    private static final double ABOUT_IT = 0.3;
    /** How often a board lacks what is guessed altogether. From memory. */
    private static final double ABSENT = 0.25;
    /** How far the time of charging is guessed, as a factor. From memory. */
    private static final double CHARGING_FACTOR = 3;
    /** Copper from the battery's minus, ohms. */
    private static final double GROUND_OHMS = 0.2;

    private static final double JOINT_OHMS = 0.05;
    /** Joints, pins and traces differ by this share. From memory. */
    private static final double COPPER_SHARE = 0.35;
    /**
     * Batteries are not at a known charge: the voltage of what hangs on them is known to this share. Common practice.
     */
    private static final double CHARGE_SHARE = 0.035;

    private static final double RAIL_SHARE = 0.015;
    /** Draws, joints and shorts are guessed, and with them what they leave of a voltage or drop of it. From memory. */
    private static final double CURRENT_SHARE = 0.4;
    /** Less than this, volts, is shown alike by a pad that is pulled up and by one that nothing holds. */
    private static final double PULLED_V = 0.1;

    private static final double AWKWARD_MINUTES = 0.2;

    /** Wiring and its harm, however the FC is configured. */
    private static final Facet<Craft, Electrics> WIRED = Facet.of("probed", Craft::electrics);

    /** The two ways of measuring. */
    public enum Mode {
        OHMS("ohms", "resistance-between", 0.5, 0.02),
        VOLTS("volts", "voltage-between", 0.4, 0.35);

        private final String prefix;
        private final String kind;
        private final double minutes;
        private final double risk;

        Mode(String prefix, String kind, double minutes, double risk) {
            this.prefix = prefix;
            this.kind = kind;
            this.minutes = minutes;
            this.risk = risk;
        }

        /** What the ids of its checks begin with. */
        public String prefix() {
            return prefix;
        }
    }

    static String id(Mode mode, String red, String black) {
        return mode.prefix + "~" + red + "~" + black;
    }

    @Override
    public String id() {
        return id(mode, red.id(), black.id());
    }

    @Override
    public Place place() {
        return new Place.Probes(mode == Mode.VOLTS, red, black);
    }

    @Override
    public String kind() {
        return mode.kind;
    }

    @Override
    public Text title(Craft sound) {
        return pointed().line("do");
    }

    @Override
    public List<Text> steps(Craft sound) {
        Words words = mode == Mode.OHMS ? pointed() : pointed().with("grounded", Param.when(isGrounded(sound)));
        return words.steps("do");
    }

    private static Words words(Mode mode) {
        return Power.WORDS.check(mode.kind);
    }

    private Words pointed() {
        return words(mode)
                .with("red", Param.pad(red.id(), red.label()))
                .with("black", Param.pad(black.id(), black.label()));
    }

    /** Whether a probe is on a ground or both are on one net; else a tip that slips joins two supplies. */
    private boolean isGrounded(Craft sound) {
        Electrics electrics = sound.electrics().sound();
        BatteryOut craft = BatteryOut.of(electrics, meter);
        return electrics.wiring().plug().isEmpty()
                || craft.ohms(electrics.wiring().plug().orElseThrow()[1], black.node()) < GROUND_OHMS
                || craft.ohms(red.node(), black.node()) < GROUND_OHMS;
    }

    @Override
    public Answers answers() {
        return mode == Mode.OHMS ? ohmScale() : VOLTS;
    }

    /** Up to the highest range of the meter, above which it shows OL. */
    private Scale ohmScale() {
        return OHMS.of(meter, m -> {
            Words words = words(Mode.OHMS);
            return new Scale(
                    words.line("measure").plain(),
                    "ohm",
                    0,
                    m.highestOhms(),
                    0.3,
                    CheckBuilder.named(words, List.of(OVER, CLIMBING)));
        });
    }

    @Override
    public Facet<Craft, ?> reads() {
        return WIRED;
    }

    @Override
    public Distribution outlook(Craft craft) {
        return mode == Mode.OHMS ? ohms(craft.electrics()) : volts(craft.electrics());
    }

    private Distribution ohms(Electrics electrics) {
        BatteryOut craft = BatteryOut.of(electrics, meter);
        if (craft.over(red.node(), black.node())) {
            return new FixedWord(ohmScale(), OVER, BLUNDER);
        }
        double ohms = craft.ohms(red.node(), black.node());
        if (ohms < CHIP_OHMS) {
            return shown(ohms, JOINT_OHMS + COPPER_SHARE * ohms);
        }
        return restingOnGuess(ohms, craft.settlingS(red.node(), black.node()));
    }

    private Distribution shown(double ohms, double unit) {
        Estimate shown = meter.ofOhms(ohms);
        return new Gaussian(ohmScale(), rounded(shown.value()), rounded(Math.hypot(shown.u(), unit)), BLUNDER);
    }

    /** Nothing but chips and pull-downs joins the points: about what is guessed, or nothing at all. */
    private Distribution restingOnGuess(double ohms, double settlingS) {
        double climbs = rounded(
                1 / (1 + Math.pow(BatteryOut.CLIMBS_S / Math.max(settlingS, 1e-9), 1 / Math.log(CHARGING_FACTOR))));
        List<Mixture.Share> ways = new ArrayList<>();
        for (double times : TIMES_THE_GUESS) {
            double may = Math.min(meter.highestOhms() / (1 + ABOUT_IT), times * ohms);
            ways.add(new Mixture.Share(
                    (1 - climbs) * (1 - ABSENT) / TIMES_THE_GUESS.length, shown(may, ABOUT_IT * may)));
        }
        ways.add(new Mixture.Share((1 - climbs) * ABSENT, new FixedWord(ohmScale(), OVER, BLUNDER)));
        ways.add(new Mixture.Share(climbs, new FixedWord(ohmScale(), CLIMBING, BLUNDER)));
        return new Mixture(ways);
    }

    /** The least that the meter may show where chips are guessed to rest at this, ohms. */
    static double least(double guessedOhms) {
        return TIMES_THE_GUESS[0] * guessedOhms * (1 - ABOUT_IT);
    }

    private Distribution volts(Electrics electrics) {
        Powered powered = Powered.onBench(electrics);
        double v = powered.between(red.node(), black.node());
        Distribution held = shownVolts(v, Math.abs(v) * share(powered, Math.abs(v)) + 0.004);
        if (Math.abs(v) < PULLED_V || powered.ohms(red.node(), black.node()) < CHIP_OHMS) {
            return held;
        }
        return new Mixture(
                List.of(new Mixture.Share(1 - ABSENT, held), new Mixture.Share(ABSENT, shownVolts(0, 0.004))));
    }

    private Distribution shownVolts(double volts, double unit) {
        Estimate shown = meter.ofVolts(volts);
        return new Gaussian(VOLTS, rounded(shown.value()), rounded(Math.hypot(shown.u(), unit)), BLUNDER);
    }

    /**
     * To which share a voltage is known: a rail and the battery well, what currents leave of them only as well as the
     * currents.
     */
    private static double share(Powered powered, double volts) {
        if (powered.isBetweenRails(volts, RAIL_SHARE)) {
            return RAIL_SHARE;
        }
        return powered.isFromBattery(volts, CHARGE_SHARE) ? CHARGE_SHARE : CURRENT_SHARE;
    }

    /** To four figures, so that what reads the same is the same. */
    private static double rounded(double value) {
        if (Math.abs(value) < 1e-4) {
            return 0;
        }
        double unit = Math.pow(10, Math.floor(Math.log10(Math.abs(value))) - 3);
        return Math.round(value / unit) * unit;
    }

    @Override
    public double minutes() {
        return mode.minutes + (awkward(red) ? AWKWARD_MINUTES : 0) + (awkward(black) ? AWKWARD_MINUTES : 0);
    }

    /** A wire's end is harder to touch than a pad. */
    private static boolean awkward(Wiring.Point point) {
        return !point.id().equals(point.pad());
    }

    @Override
    public double risk() {
        return mode.risk;
    }

    @Override
    public BenchNeeds needs() {
        return mode == Mode.OHMS ? BenchNeeds.UNPOWERED : BenchNeeds.POWERED;
    }
}
