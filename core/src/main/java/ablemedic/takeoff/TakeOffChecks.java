package ablemedic.takeoff;

import static ablemedic.diagnosis.Prediction.from;
import static ablemedic.takeoff.TakeOffSeen.id;

import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.craft.Point;
import ablemedic.craft.Prop;
import ablemedic.craft.RadioSettings;
import ablemedic.craft.Rotation;
import ablemedic.craft.Spin;
import ablemedic.craft.SpinConvention;
import ablemedic.craft.Stick;
import ablemedic.craft.StickOrder;
import ablemedic.craft.Tilt;
import ablemedic.diagnosis.Answers;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Gaussian;
import ablemedic.diagnosis.Prediction;
import ablemedic.family.CraftCheck;
import ablemedic.family.InOneGo;
import ablemedic.family.Place;
import ablemedic.physics.Drives;
import ablemedic.physics.FedArm;
import ablemedic.takeoff.BoardOrientation.Arrow;
import ablemedic.takeoff.BoardOrientation.Lie;
import ablemedic.takeoff.BoardOrientation.Motion;
import ablemedic.takeoff.BoardOrientation.Picture;
import ablemedic.takeoff.Sight.Manner;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** All checks of take-off, in the order of an unhurried routine. Observers' error rates are common practice. */
final class TakeOffChecks {
    /** The hover that proves a craft. */
    static final String HOVER = "hover";
    /** Each motor turned alone, and the craft tipped and turned by hand. */
    static final String MOTORS = "motors";

    static final String TILTS = "tilts";
    static final String PROPS = "props";
    static final String ALIKE = "run-alike";

    private static final double BLUNDER = 0.05;
    private static final double MISREAD = 0.05;
    /** How often somebody names the stutter of a motor, and not which way it turns in the end. */
    private static final double STUTTER_IS_NAMED = 0.7;
    /**
     * How often a gritty bearing is felt by finger, and how often a motor that labours, stutters or stands is named
     * when all run alike otherwise. Common practice, no source.
     */
    private static final double ROUGH_IS_FELT = 0.6;

    private static final double LABOURING_IS_NAMED = 0.8;
    private static final double STANDING_IS_NAMED = 0.95;
    /** Handheld scales and a balance on fingertips. Common practice, no source. */
    private static final double SCALES_SHARE = 0.02;

    private static final double BALANCE_MM = 4;

    private static final Facet<Craft, Point> BALANCE =
            Facet.of("balance point", c -> c.airframe().balance());

    private final List<Check<Craft>> checks = new ArrayList<>();

    private TakeOffChecks() {}

    static List<Check<Craft>> all() {
        TakeOffChecks all = new TakeOffChecks();
        all.checks.add(new TakeOffSeen());
        all.byEye();
        all.byWeight();
        all.bySettings();
        all.byPicture();
        all.bySticks();
        all.byMotors();
        all.byFlight();
        return List.copyOf(all.checks);
    }

    private void byEye() {
        List<CraftCheck> props = new ArrayList<>();
        for (Corner corner : Corner.ALL) {
            Choices answers = Choices.of(
                    "What sits there?",
                    List.of(
                            new Outcome("cw", "a whole clockwise prop"),
                                    new Outcome("ccw", "a whole counter-clockwise prop"),
                            new Outcome("upside-down", "a prop with its top side down"),
                                    new Outcome("damaged", "a bent or nicked prop")));
            props.add(made(
                    "prop-" + id(corner),
                    "prop-by-eye",
                    c -> "Look at the " + c.name(corner) + " prop",
                    c -> "Look along the blades of the " + c.name(corner)
                            + " prop. The raised, thick edge leads into the turn: seen from "
                            + "above, does it lead clockwise or counter-clockwise? Is the moulded lettering up, are the tips whole?",
                    answers,
                    from(
                            Facet.of("prop " + id(corner), c -> c.arm(corner).prop()),
                            prop -> Categorical.expecting(answers, prop(prop), MISREAD)),
                    0.4,
                    0,
                    BenchNeeds.PACK_OUT,
                    new Place.Corners(List.of(corner))));
        }
        inOneGo(
                PROPS,
                "Look at the four props",
                c -> "Look along the blades of each prop. The raised, thick edge leads into the "
                        + "turn: seen from above, does it lead clockwise or counter-clockwise? Is the moulded lettering up, are the tips whole?",
                Corner.ALL.stream().map(corner -> "@" + id(corner)).toList(),
                props,
                1);
        Choices finger = Choices.of("Which one feels rough or gritty?", corners("all turn smoothly"));
        add(
                "finger",
                "motor-by-finger",
                c -> "Turn each motor by finger",
                c -> "Flick each motor round by hand and compare: bearings, magnets that scrape, a shaft that wobbles.",
                finger,
                from(
                        Facet.of("bearings", c -> c.arms().stream()
                                .map(arm -> arm.motor().rough())
                                .toList()),
                        rough -> odd(
                                finger,
                                rough.stream()
                                        .map(one -> one ? ROUGH_IS_FELT : 0.0)
                                        .toList())),
                1,
                0,
                BenchNeeds.PACK_OUT);
        Choices arrow = Choices.of("Where does the arrow point, and is the board face up?", seats());
        add(
                "arrow",
                "board-arrow",
                c -> "Find the arrow on the board",
                c ->
                        "Find the arrow printed on the board. Which way does it point on the craft, and is the side with the arrow "
                                + "up or down?",
                arrow,
                from(
                        Facet.of("how the board sits", Craft::mounted),
                        mounted -> Categorical.expecting(arrow, seat(mounted), BLUNDER)),
                0.8,
                0,
                BenchNeeds.PACK_OUT);
        Choices mount = Choices.of(
                "Does it move against the frame?",
                List.of(
                        new Outcome("firm", "no, or it gives a little and springs back"),
                        new Outcome("loose", "yes: it rocks, or a screw or rubber is loose")));
        add(
                "mount",
                "board-by-finger",
                c -> "Press on the corners of the board",
                c ->
                        "Pack out. Press each corner of the flight board with a finger and look at its posts: does it rock, is a screw "
                                + "loose, a rubber torn?",
                mount,
                from(
                        Facet.of("how fast the board sits", c -> c.seat().loose()),
                        loose -> Categorical.expecting(mount, loose ? "loose" : "firm", BLUNDER)),
                0.5,
                0,
                BenchNeeds.PACK_OUT);
        Choices under = Choices.of(
                "Was anything under it, or the surface not flat?",
                List.of(new Outcome("yes", "yes, or cannot be excluded"), new Outcome("no", "no, it lay flat")));
        add(
                "strap",
                "strap-under-frame",
                c -> "How did it lie when level was last calibrated?",
                c -> "Ask or remember: a strap, a pack or a folded leg under the frame, a sloping table?",
                under,
                from(Fixes.LEVEL.facet(), off -> Categorical.of(under, strap(off), 1 - strap(off))),
                0.3,
                0,
                BenchNeeds.NOTHING);
    }

    private static double strap(Tilt off) {
        return off.equals(Tilt.NONE) ? 0.15 : 0.7;
    }

    private static String prop(Prop prop) {
        return prop.upsideDown() ? "upside-down" : prop.damaged() ? "damaged" : hand(prop.hand());
    }

    private static String hand(Spin spin) {
        return spin == Spin.CLOCKWISE ? "cw" : "ccw";
    }

    /** Which corner is named as the odd one, or none, by how surely each would be. */
    private static Distribution odd(Choices answers, List<Double> surelyAt) {
        double[] p = new double[5];
        Arrays.fill(p, 0.02);
        for (Corner corner : Corner.ALL) {
            p[corner.ordinal()] = Math.max(p[corner.ordinal()], surelyAt.get(corner.ordinal()));
        }
        double named = Arrays.stream(p, 0, 4).sum();
        p[4] = Math.max(0.05, 1 - named);
        double total = Arrays.stream(p).sum();
        return Categorical.of(answers, Arrays.stream(p).map(x -> x / total).toArray());
    }

    private static List<Outcome> corners(String none) {
        List<Outcome> outcomes = new ArrayList<>();
        for (Corner corner : Corner.ALL) {
            outcomes.add(new Outcome(id(corner), "@" + id(corner)));
        }
        outcomes.add(new Outcome("none", none));
        return outcomes;
    }

    private static List<Outcome> seats() {
        List<Outcome> outcomes = new ArrayList<>();
        for (boolean down : new boolean[] {false, true}) {
            for (Arrow arrow : Arrow.values()) {
                outcomes.add(new Outcome(
                        id(arrow) + (down ? "-down" : ""), arrow.label() + (down ? ", face down" : ", face up")));
            }
        }
        return outcomes;
    }

    private static String seat(Rotation mounted) {
        for (boolean down : new boolean[] {false, true}) {
            for (Arrow arrow : Arrow.values()) {
                if (arrow.mounted(down).equals(mounted)) {
                    return id(arrow) + (down ? "-down" : "");
                }
            }
        }
        return id(Arrow.FORWARD);
    }

    private void byWeight() {
        Scale mass = new Scale("all-up mass", "kg", 0.02, 20);
        add(
                "weigh",
                "weigh",
                c -> "Weigh it, ready to fly",
                c -> "Put it on the scales with the pack it flies with. The build sheet says "
                        + Math.round(c.airframe().massG()) + " g.",
                mass,
                from(
                        Facet.of("all-up mass", c -> c.airframe().massG()),
                        grams -> new Gaussian(mass, grams / 1000, SCALES_SHARE * grams / 1000, BLUNDER)),
                1,
                0,
                BenchNeeds.PACK_OUT);
        Scale forward = new Scale("balance point forward of the middle of the motors", "m", -0.2, 0.2);
        add(
                "balance-forward",
                "balance-point",
                c -> "Find the balance point, front to rear",
                c ->
                        "Strap the pack on, unplugged. Balance the craft on two fingertips under the side arms. How far forward of "
                                + "the middle of the motors do they stand? Behind the middle counts negative.",
                forward,
                from(BALANCE, at -> new Gaussian(forward, at.forwardMm() / 1000, BALANCE_MM / 1000, BLUNDER)),
                1.2,
                0,
                BenchNeeds.PACK_OUT);
        Scale right = new Scale("balance point right of the middle of the motors", "m", -0.2, 0.2);
        add(
                "balance-right",
                "balance-point",
                c -> "Find the balance point, side to side",
                c ->
                        "Strap the pack on, unplugged. Balance the craft on two fingertips under nose and tail. How far right of the "
                                + "middle of the motors do they stand? Left of the middle counts negative.",
                right,
                from(BALANCE, at -> new Gaussian(right, at.rightMm() / 1000, BALANCE_MM / 1000, BLUNDER)),
                1.2,
                0,
                BenchNeeds.PACK_OUT);
    }

    private void bySettings() {
        Choices alignment = Choices.of("Which alignment is set?", told());
        checks.add(Fixes.ALIGNMENT.read(
                "alignment-setting",
                "read-alignment",
                c -> "Read the board alignment that is set",
                c -> "Read the alignment angles in the board's settings. The build sheet says "
                        + c.mounted().angles() + ", " + Rotation.Angles.ORDER + ".",
                alignment,
                told -> Categorical.expecting(alignment, told(told), BLUNDER),
                0.7));
        Choices spins = Choices.of(
                "What is set?",
                Arrays.stream(SpinConvention.values())
                        .map(s -> new Outcome(id(s), s.label()))
                        .toList());
        checks.add(Fixes.SPINS.read(
                "spin-setting",
                "read-spin-school",
                c -> "Read the direction of motors that is set",
                c -> "Read in the board's settings whether it takes the front blades to turn inward or outward.",
                spins,
                told -> Categorical.expecting(spins, id(told), BLUNDER),
                0.5));
        Choices order = Choices.of(
                "Which order is set?",
                List.of(
                        new Outcome("aetr", "AETR: roll, pitch, throttle, yaw"),
                        new Outcome("taer", "TAER: throttle, roll, pitch, yaw"),
                        new Outcome("other", "another")));
        checks.add(Fixes.BOARD_ORDER.read(
                "stick-order-setting",
                "read-stick-order",
                c -> "Read the channel order that the board expects",
                c -> "Read the channel order in the board's receiver settings.",
                order,
                told -> Categorical.expecting(order, order(told), BLUNDER),
                0.5));
        Choices gain = Choices.of(
                "How do they compare with what suits this size?",
                List.of(
                        new Outcome("usual", "about as usual"),
                        new Outcome("high", "several times higher"),
                        new Outcome("low", "several times lower")));
        checks.add(Fixes.GAIN.read(
                "gain-setting",
                "read-gains",
                c -> "Compare the rate gains with those of its size",
                c ->
                        "Read the rate gains of roll and pitch and compare them with those of another craft of this size that flies.",
                gain,
                told -> gain(gain, told),
                1));
        checks.add(Fixes.FILTER.read(
                "filter-setting",
                "read-filter",
                c -> "Compare the gyro's filter with those of its size",
                c -> "Read where the gyro's filter cuts off and compare it with another craft of this size that flies.",
                gain,
                told -> gain(gain, told),
                1));
    }

    private static Distribution gain(Choices answers, double gain) {
        return Categorical.expecting(answers, gain > 3 ? "high" : gain < 1.0 / 3 ? "low" : "usual", 0.1);
    }

    private static String order(StickOrder order) {
        return order.equals(StickOrder.AETR) ? "aetr" : order.equals(StickOrder.TAER) ? "taer" : "other";
    }

    private static List<Outcome> told() {
        List<Outcome> outcomes = new ArrayList<>();
        for (boolean down : new boolean[] {false, true}) {
            for (Arrow arrow : Arrow.values()) {
                outcomes.add(new Outcome(
                        id(arrow) + (down ? "-down" : ""),
                        arrow.mounted(down).angles().toString()));
            }
        }
        outcomes.add(new Outcome("other", "other angles"));
        return outcomes;
    }

    private static String told(Rotation alignment) {
        for (boolean down : new boolean[] {false, true}) {
            for (Arrow arrow : Arrow.values()) {
                if (arrow.mounted(down).equals(alignment)) {
                    return id(arrow) + (down ? "-down" : "");
                }
            }
        }
        return "other";
    }

    private void byPicture() {
        checks.add(HandTilts.check(TILTS));
        for (Map.Entry<String, Motion> one : HandTilts.MOTIONS.entrySet()) {
            picture(one.getKey(), one.getValue());
        }
        Choices level = Choices.of(
                "How does the picture lie?",
                List.of(
                        new Outcome("level", "level"), new Outcome("right-down", "right side down"),
                        new Outcome("left-down", "left side down"), new Outcome("nose-up", "nose up"),
                        new Outcome("nose-down", "nose down"), new Outcome("over", "on its back")));
        add(
                "flat",
                "flat-on-table",
                c -> "Lay it flat and look whether the picture is level",
                c -> "Lay the craft on a surface that a spirit level shows flat, nothing under it. Wait two seconds.",
                level,
                from(
                        Facet.of("how the picture lies", TakeOffChecks::lies),
                        lies -> Categorical.expecting(level, lies, 0.08)),
                1,
                0,
                BenchNeeds.COMPUTER);
    }

    /** How the picture of a craft lies that lies flat itself: tilted against what it took for level. */
    private static String lies(Craft craft) {
        Lie lie = Lie.of(craft.misalignment());
        if (lie != Lie.LEVEL) {
            return id(lie);
        }
        Tilt off = craft.told(FcSettings.LEVEL_OFF);
        if (Math.hypot(off.rollDeg(), off.pitchDeg()) < 2) {
            return "level";
        }
        if (Math.abs(off.rollDeg()) > Math.abs(off.pitchDeg())) {
            return off.rollDeg() > 0 ? "left-down" : "right-down";
        }
        return off.pitchDeg() > 0 ? "nose-down" : "nose-up";
    }

    private static String moving(Motion hand) {
        return switch (hand) {
            case NOSE_UP, NOSE_DOWN -> "Tip its " + hand.label();
            case NOSE_RIGHT, NOSE_LEFT -> "Turn its " + hand.label();
            case RIGHT_DOWN, LEFT_DOWN -> "Tip it " + hand.label();
        };
    }

    /** One motion of the hand alone, whichever picture it is. */
    private void picture(String id, Motion hand) {
        Choices answers = HandTilts.answers("seen");
        checks.add(new CraftCheck(
                id,
                "hand-tilt",
                c -> moving(hand) + " and watch the picture",
                c ->
                        "Hold the craft over the table with its nose away from you, the computer's picture in view. Move it: "
                                + hand.label() + ". Say what the picture does, not what it should do.",
                answers,
                from(HandTilts.MISALIGNMENT, turn -> HandTilts.shown(answers, hand, turn, Picture.ATTITUDE)
                        .or(HandTilts.RATES_SHARE, HandTilts.shown(answers, hand, turn, Picture.RATES))),
                0.4,
                0,
                BenchNeeds.COMPUTER,
                true,
                false,
                Place.NOWHERE));
    }

    private void bySticks() {
        List<CraftCheck> sticks = new ArrayList<>();
        for (Stick stick : Stick.values()) {
            List<Outcome> outcomes = new ArrayList<>();
            for (Stick bar : Stick.values()) {
                outcomes.add(new Outcome(bar.label() + "-up", bar.label() + " goes up"));
                outcomes.add(new Outcome(bar.label() + "-down", bar.label() + " goes down"));
            }
            Choices answers = Choices.of("Which bar moves?", outcomes);
            sticks.add(made(
                    "stick-" + stick.label(),
                    "stick-to-bar",
                    c -> "Push the " + stick.label() + " stick " + stick.positive() + " and watch the bars",
                    c -> "Only this stick, all the way " + stick.positive()
                            + ". Which of the first four bars moves, and does it go " + "up or down?",
                    answers,
                    from(
                            Facet.of(
                                    "bar of the " + stick.label() + " stick",
                                    c -> c.functionOf(stick).label()
                                            + (c.told(RadioSettings.reversed(stick)) ? "-down" : "-up")),
                            bar -> Categorical.expecting(answers, bar, BLUNDER)),
                    0.4,
                    0,
                    BenchNeeds.COMPUTER_AND_RADIO,
                    new Place.OneStick(stick)));
        }
        inOneGo(
                "sticks",
                "Push each stick once and watch the bars",
                c -> "One stick at a time, all the way as the question says, and back. "
                        + "Which of the first four bars moves, and does it go up or down?",
                Arrays.stream(Stick.values())
                        .map(stick -> stick.label().substring(0, 1).toUpperCase(Locale.ROOT)
                                + stick.label().substring(1) + " stick " + stick.positive())
                        .toList(),
                sticks,
                1.2);
    }

    private void byMotors() {
        List<Outcome> spun = new ArrayList<>();
        for (Corner corner : Corner.ALL) {
            for (Spin spin : Spin.values()) {
                spun.add(new Outcome(spun(corner, spin), "@" + id(corner) + ", " + spin.label()));
            }
        }
        spun.add(new Outcome("none", "nothing turns"));
        spun.add(new Outcome("stutters", "one stutters or hardly starts"));
        List<CraftCheck> motors = new ArrayList<>();
        Choices answers = Choices.of("Which motor turns, and which way seen from above?", spun);
        for (int n = 1; n <= 4; n++) {
            int motor = n;
            motors.add(made(
                    "spin-" + motor,
                    "spin-alone",
                    c -> "Spin motor " + motor + " alone",
                    c -> "Props off. From the computer drive motor " + motor
                            + " alone at the lowest throttle at which it turns. By the "
                            + "build sheet that is "
                            + c.name(c.told(FcSettings.NUMBERING).corner(motor)) + ", "
                            + c.arm(c.told(FcSettings.NUMBERING).corner(motor))
                                    .motor()
                                    .spin()
                                    .label()
                            + ". Hold a strip of paper to the bell if the way is hard to see.",
                    answers,
                    from(Facet.of("what turns as motor " + motor, c -> spun(c, motor)), turned -> turned.seen(answers)),
                    0.6,
                    0.3,
                    BenchNeeds.MOTORS_POWERED,
                    Place.NOWHERE));
        }
        inOneGo(
                MOTORS,
                "Spin each motor alone",
                c -> "Props off. From the computer drive one motor after the other at the lowest "
                        + "throttle at which it turns. By the build sheet: "
                        + IntStream.rangeClosed(1, 4)
                                .mapToObj(n -> n + " "
                                        + c.name(c.told(FcSettings.NUMBERING).corner(n)) + ", "
                                        + c.arm(c.told(FcSettings.NUMBERING).corner(n))
                                                .motor()
                                                .spin()
                                                .label())
                                .collect(Collectors.joining("; "))
                        + ". Hold a strip of paper to the bell if the way is hard to see.",
                List.of("Motor 1", "Motor 2", "Motor 3", "Motor 4"),
                motors,
                1.6);
        List<Outcome> starts = new ArrayList<>();
        starts.add(new Outcome("together", "all four start together"));
        for (Corner corner : Corner.ALL) {
            starts.add(new Outcome("late-" + id(corner), "@" + id(corner) + " starts late or stutters"));
        }
        for (Corner corner : Corner.ALL) {
            starts.add(new Outcome("dead-" + id(corner), "@" + id(corner) + " does not start"));
        }
        Choices together = Choices.of("How do they start?", starts);
        add(
                "start",
                "start-together",
                c -> "Bring all four up slowly together",
                c -> "Props off. Raise all four from the computer slowly from nothing. Do they start together?",
                together,
                from(Facet.of("how the motors start", TakeOffChecks::starting), seen -> starts(together, seen)),
                1,
                0.35,
                BenchNeeds.MOTORS_POWERED);
        Choices running = Choices.of("Which one does not run like the others?", corners("all four run alike"));
        add(
                ALIKE,
                "run-alike",
                c -> "Run one motor after the other at the same throttle and compare",
                c ->
                        "Props off. From the computer run each motor alone for ten seconds at the same fifth of the throttle, then take it off. Does one sound "
                                + "rougher or higher, stop sooner than the others, or get warm at the bell?",
                running,
                from(
                        Facet.of("how the motors run without props", TakeOffChecks::running),
                        surely -> odd(running, surely)),
                1.5,
                0.35,
                BenchNeeds.MOTORS_POWERED);
    }

    private static String spun(Corner corner, Spin spin) {
        return id(corner) + "-" + hand(spin);
    }

    private static Turned spun(Craft craft, int motor) {
        Corner corner = craft.reached(craft.told(FcSettings.NUMBERING).corner(motor));
        FedArm arm = Drives.at(craft, corner);
        return new Turned(arm.turns() ? spun(corner, arm.spin()) : "none", arm.startsLate());
    }

    /** What turns when one motor is driven, and whether it stutters first; either may be what is named. */
    private record Turned(String what, boolean stutters) {
        Distribution seen(Choices answers) {
            Categorical clean = Categorical.expecting(answers, what, BLUNDER);
            return stutters ? clean.or(STUTTER_IS_NAMED, Categorical.expecting(answers, "stutters", BLUNDER)) : clean;
        }
    }

    private static List<String> starting(Craft craft) {
        List<String> seen = new ArrayList<>();
        for (Corner corner : Corner.ALL) {
            FedArm arm = Drives.at(craft, corner);
            if (!arm.turns()) {
                seen.add("dead-" + id(corner));
            } else if (arm.startsLate()) {
                seen.add("late-" + id(corner));
            }
        }
        if (seen.isEmpty()) {
            seen.add("together");
        }
        return seen;
    }

    /**
     * How surely each motor would be named as not running like the others; without props a lead that is a little poor
     * is not heard.
     */
    private static List<Double> running(Craft craft) {
        return Corner.ALL.stream()
                .map(corner -> Drives.at(craft, corner))
                .map(arm -> !arm.turns()
                        ? STANDING_IS_NAMED
                        : arm.arm().motor().strength() < 1
                                ? LABOURING_IS_NAMED
                                : arm.startsLate() ? STUTTER_IS_NAMED : 0.0)
                .toList();
    }

    private static Distribution starts(Choices answers, List<String> seen) {
        // With two at fault, either may be the one that is named.
        double[] p = new double[9];
        Arrays.fill(p, MISREAD / 9);
        for (String one : seen) {
            p[answers.questions().get(0).indexOf(one).orElseThrow()] += (1 - MISREAD) / seen.size();
        }
        return Categorical.of(answers, p);
    }

    private void byFlight() {
        Choices answers = Choices.of(
                "What did it do?",
                Arrays.stream(Manner.values())
                        .map(m -> new Outcome(id(m), m.label()))
                        .toList());
        checks.add(new CraftCheck(
                HOVER,
                "hover-proof",
                c -> "Hover proof",
                c ->
                        "Outdoors, clear of people, never in a room. Stand back five metres, thumb on the arm switch. Raise the "
                                + "throttle until it just lifts, hold it at knee height for ten seconds, land, disarm. Feel the motors only "
                                + "after the pack is out.",
                answers,
                from(Sightings.FLIGHT, flown -> hover(answers, flown)),
                3,
                1,
                BenchNeeds.FLIGHT,
                false));
        checks.add(Shaking.heat());
    }

    private static Distribution hover(Choices answers, Sightings.Flying flown) {
        List<Sight> sights = Sightings.of(flown);
        double[] p = new double[Manner.values().length];
        Arrays.fill(p, 0.05 / p.length);
        sights.forEach(sight -> p[sight.manner().ordinal()] += 0.95 / sights.size());
        return Categorical.of(answers, p);
    }

    private void add(
            String id,
            String kind,
            Function<Craft, String> title,
            Function<Craft, String> instruction,
            Answers answers,
            Prediction<Craft, ?> prediction,
            double minutes,
            double risk,
            BenchNeeds needs) {
        checks.add(made(id, kind, title, instruction, answers, prediction, minutes, risk, needs, Place.NOWHERE));
    }

    private static CraftCheck made(
            String id,
            String kind,
            Function<Craft, String> title,
            Function<Craft, String> instruction,
            Answers answers,
            Prediction<Craft, ?> prediction,
            double minutes,
            double risk,
            BenchNeeds needs,
            Place place) {
        return new CraftCheck(
                id, kind, title, instruction, answers, prediction, minutes, risk, needs, true, true, place);
    }

    /** Adds checks that are made one after the other as one, and each for itself out of turn. */
    private void inOneGo(
            String id,
            String title,
            Function<Craft, String> how,
            List<String> asked,
            List<CraftCheck> parts,
            double minutes) {
        InOneGo all = new InOneGo(id, title, how, asked, parts, minutes);
        checks.add(all);
        checks.addAll(all.parts());
    }
}
