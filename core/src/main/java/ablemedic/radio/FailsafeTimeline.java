package ablemedic.radio;

import ablemedic.craft.Airframe;
import ablemedic.craft.FailsafeSettings.HomeAt;
import ablemedic.craft.FailsafeSettings.Stage2;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/**
 * What becomes of a craft whose link is lost, second by second: the receiver notices, the board notices, holds its
 * fallback values, does what it is told. The chain is common practice with no source; the falls are those of
 * {@link Fall}.
 *
 * @param events in their order
 * @param heights of the craft over time, for a drawing
 * @param end how it ends
 * @param blindM way flown before anything is done about it, metres
 * @param impactMs speed at touch-down; 0 where it does not come down by itself
 * @param impactJ energy of that
 * @param driftM how far the wind takes it while it comes down
 * @param hazards in words, the gravest first
 * @param pilot what the pilot can do, and until when
 */
public record FailsafeTimeline(
        List<Event> events,
        List<At> heights,
        End end,
        double blindM,
        double impactMs,
        double impactJ,
        double driftM,
        List<String> hazards,
        List<String> pilot) {
    /** Climb, way home and landing of a return, metres a second; common practice, no source. */
    static final double CLIMB_MS = 3;

    static final double HOME_MS = 8;
    static final double LANDING_MS = 1.5;
    /** How long a link must be steady before the board takes it back. Common practice, no source. */
    private static final double STEADY_S = 1;
    /** A drawing of what never ends is broken off here. */
    private static final double SHOWN_S = 30;

    private static final int STEPS = 24;
    /** Less than this share of its weight carries nothing. */
    private static final double IDLING = 0.05;
    /** What lands harder than this breaks something. Common practice, no source. */
    private static final double SOFT_MS = 2.5;
    /** Against less than this left of its speed a return takes longer than a pack lasts. Common practice, no source. */
    private static final double HEADWAY_MS = 1;

    private static final double LOW_M = 30;

    /** How it ends. */
    public enum End {
        FLIES_ON("it flies on, and nobody flies it"),
        FALLS("its motors stop, and it falls"),
        LANDS("it comes down on its motors"),
        HOME("it comes home"),
        STRAYS("it flies off, and not towards home"),
        CLIMBS("it climbs, and nobody flies it"),
        BACK("the pilot has it again");

        private final String label;

        End(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /** Something that happens, seconds after the link was lost. */
    public record Event(double atS, String text) {}

    /** Where the craft is, metres above ground. */
    public record At(double atS, double heightM) {}

    public static FailsafeTimeline of(Airframe frame, LostLink lost) {
        return of(frame, lost, 1);
    }

    /** The same with so many times the usual drag. */
    static FailsafeTimeline of(Airframe frame, LostLink lost, double drag) {
        return new Run(frame, lost, Fall.of(frame, drag)).run();
    }

    /** Share of its weight that a throttle carries: thrust goes with its square. */
    static double carried(Airframe frame, double throttlePct) {
        return frame.thrustToWeight() * throttlePct * throttlePct / 10_000;
    }

    /** The timeline as it goes on. */
    private static final class Run {
        private final Airframe frame;
        private final LostLink lost;
        private final Fall fall;
        private final List<Event> events = new ArrayList<>();
        private final List<At> heights = new ArrayList<>();
        private final List<String> hazards = new ArrayList<>();
        private final List<String> pilot = new ArrayList<>();
        private double impactMs;
        private double driftM;

        private Run(Airframe frame, LostLink lost, Fall fall) {
            this.frame = frame;
            this.lost = lost;
            this.fall = fall;
            heights.add(new At(0, lost.heightM()));
        }

        FailsafeTimeline run() {
            at(0, "The link is lost.");
            double noticed = lost.noticeS();
            if (isBackBefore(noticed)) {
                return back(lost.backS().orElseThrow(), noticed);
            }
            at(noticed, "The receiver notices, and " + lost.receiver().label() + ".");
            return switch (lost.receiver()) {
                case HOLD -> held(noticed);
                case PRESETS -> preset(noticed);
                case NO_FRAMES -> stages(noticed + lost.detectS());
                case FLAG -> stages(noticed);
            };
        }

        private boolean isBackBefore(double time) {
            return lost.backS().filter(back -> back < time).isPresent();
        }

        private FailsafeTimeline held(double noticed) {
            hazards.add(
                    "The board never learns that the link is lost: it flies on with the sticks as they were. Set the receiver to send nothing, or its flag.");
            pilot.add(
                    "Get the link back, nothing else helps: walk after it, antenna upright, the radio left on. Then it is the pilot's at once.");
            return lost.backS().map(back -> back(back, back)).orElseGet(() -> goesOn(End.FLIES_ON, noticed));
        }

        private FailsafeTimeline preset(double noticed) {
            if (lost.stage2() != Stage2.DROP || lost.presetArm()) {
                hazards.add("The receiver decides: what the board is told ("
                        + lost.stage2().label() + ") is never come to. One box decides, not two.");
            }
            if (!lost.presetArm()) {
                pilot.add("Nothing, once the motors stand: see where it falls.");
                return falls(noticed, "The presets switch it off: the motors stop.");
            }
            hazards.add("The presets keep the arm switch on, so the board does not call the link lost.");
            pilot.add(
                    "The link back, and it is the pilot's at once, armed: walk towards it, antenna upright, thumbs on the sticks.");
            double share = carried(frame, lost.presetThrottle());
            if (share >= 1) {
                hazards.add(
                        0,
                        "The presets hold a throttle of " + Math.round(lost.presetThrottle())
                                + " %, on which this craft climbs.");
                return lost.backS().map(back -> back(back, back)).orElseGet(() -> goesOn(End.CLIMBS, noticed));
            }
            // The board never called the link lost, so that the pilot has it again as soon as the link is there.
            double carries = share < IDLING ? 0 : share;
            double down = noticed + fall.timeFor(lost.heightM(), carries);
            if (isBackBefore(down)) {
                double back = lost.backS().orElseThrow();
                heights.add(new At(back, lost.heightM() * (down - back) / (down - noticed)));
                return back(back, back);
            }
            return carries == 0
                    ? falls(noticed, "The presets take the throttle away: it falls, armed.")
                    : sinks(
                            noticed,
                            share,
                            Double.POSITIVE_INFINITY,
                            "It comes down on the throttle of the presets, armed.");
        }

        private FailsafeTimeline stages(double detected) {
            if (isBackBefore(detected)) {
                return back(lost.backS().orElseThrow(), detected);
            }
            at(detected, "The board calls the link lost, and holds its fallback values.");
            double second = detected + lost.guardS();
            pilot.add(
                    String.format(Locale.ROOT, "Until %.1f s: the link back, and it is the pilot's at once.", second));
            if (isBackBefore(second)) {
                return back(lost.backS().orElseThrow(), lost.backS().orElseThrow());
            }
            heights.add(new At(second, lost.heightM()));
            return switch (lost.stage2()) {
                case DROP -> dropped(second, "The guard time is over: motors off.");
                case LAND ->
                    lands(
                            second,
                            "The guard time is over: it lands on a throttle of " + Math.round(lost.landingThrottle())
                                    + " %.");
                case RETURN_HOME -> returns(second);
            };
        }

        private FailsafeTimeline dropped(double second, String words) {
            pilot.add("After that nothing: see where it falls. It stays disarmed until the arm switch was off.");
            return falls(second, words);
        }

        private FailsafeTimeline returns(double second) {
            if (!lost.home().isReady()) {
                String missing = !lost.home().fix()
                        ? "no fix"
                        : !lost.home().homeSet()
                                ? "no home"
                                : lost.home().satellites() < lost.home().wanted()
                                        ? "only " + lost.home().satellites() + " satellites"
                                        : "no level";
                hazards.add("It cannot return home: it has " + missing + ". It lands where it is.");
                return lands(
                        second,
                        "The guard time is over: it should return, has " + missing
                                + ", and lands on its throttle instead.");
            }
            if (lost.distanceM() < lost.home().leastM()) {
                hazards.add("Nearer to home than " + Math.round(lost.home().leastM())
                        + " m it does not return: it lands where it is, on its throttle.");
                return lands(
                        second,
                        "The guard time is over: nearer to home than "
                                + Math.round(lost.home().leastM()) + " m, so it lands.");
            }
            double up = Math.max(0, lost.home().climbToM() - lost.heightM());
            if (up == 0) {
                hazards.add("It does not climb first, since it is above "
                        + Math.round(lost.home().climbToM()) + " m: see that nothing higher stands on its way.");
            }
            if (lost.home().climbToM() < LOW_M) {
                hazards.add("It climbs to " + Math.round(lost.home().climbToM())
                        + " m only: what stands higher on its way is in its way.");
            }
            pilot.add(
                    "On its way: the link steady for a second, then a stick moved or the switch cycled, and it is the pilot's.");
            at(second, "The guard time is over: it returns home" + (up > 0 ? ", and climbs first" : "") + ".");
            double climbed = second + up / CLIMB_MS;
            double top = lost.heightM() + up;
            heights.add(new At(climbed, top));
            if (lost.home().isAstray()) {
                hazards.add(
                        0,
                        "What it takes for north is "
                                + Math.round(Math.abs(lost.home().compassDeg())) + "° off: it flies away from home.");
                return lost.backS()
                        .map(back -> again(Math.max(second, back), second))
                        .orElseGet(() -> goesOn(End.STRAYS, second));
            }
            strayed();
            double headway = HOME_MS - lost.windMs();
            if (headway < HEADWAY_MS) {
                hazards.add(
                        0,
                        "A wind of " + Math.round(lost.windMs()) + " m/s leaves it no way home at "
                                + Math.round(HOME_MS) + " m/s.");
                return lost.backS()
                        .map(back -> again(Math.max(second, back), second))
                        .orElseGet(() -> goesOn(End.STRAYS, second));
            }
            double over = climbed + (lost.distanceM() + lost.speedMs() * second) / headway;
            if (isBackBefore(over)) {
                return again(Math.max(second, lost.backS().orElseThrow()), second);
            }
            at(
                    over,
                    lost.home().at() == HomeAt.POWER
                            ? "It is over the place where it got its fix, and comes down."
                            : "It is over home, and comes down.");
            heights.add(new At(over, top));
            double down = over + top / LANDING_MS;
            at(down, "Down at home.");
            heights.add(new At(down, 0));
            impactMs = LANDING_MS;
            return done(End.HOME, second);
        }

        /** What takes a return to another place, or there by another way. */
        private void strayed() {
            if (Math.abs(lost.home().compassDeg()) > LostLink.Home.CIRCLES) {
                hazards.add("What it takes for north is "
                        + Math.round(Math.abs(lost.home().compassDeg()))
                        + "° off: it circles home instead of flying to it.");
            }
            if (lost.home().at() == HomeAt.POWER) {
                hazards.add(
                        "Home is where it got power and a fix: carried elsewhere before it was armed, it returns there.");
            }
            if (lost.home().wanted() < LostLink.Home.ENOUGH) {
                hazards.add("It returns with " + lost.home().wanted()
                        + " satellites already: with so few it may be tens of metres wrong.");
            }
        }

        private FailsafeTimeline again(double from, double blindUntil) {
            at(
                    from + STEADY_S,
                    "The link was steady for a second: the pilot moves a stick, or cycles the switch, and has it again.");
            return done(End.BACK, blindUntil);
        }

        private FailsafeTimeline lands(double from, String words) {
            double share = carried(frame, lost.landingThrottle());
            if (share >= 1) {
                hazards.add(
                        0, "A landing throttle of " + Math.round(lost.landingThrottle()) + " % climbs at this weight.");
                at(from, words);
                if (lost.landingS() < SHOWN_S) {
                    double up = lost.heightM() + CLIMB_MS * lost.landingS();
                    heights.add(new At(from + lost.landingS(), up));
                    return falls(
                            from + lost.landingS(),
                            "The landing time is over: motors off, higher than before.",
                            up,
                            from);
                }
                return goesOn(End.CLIMBS, from);
            }
            return sinks(from, share, lost.landingS(), words);
        }

        private FailsafeTimeline sinks(double from, double share, double longestS, String words) {
            at(from, words);
            pilot.add(
                    "While it sinks: the link steady for a second, throttle down, and it is the pilot's. Keep people away from where the wind takes it.");
            double time = fall.timeFor(lost.heightM(), share);
            driftM = lost.windMs() * Math.min(time, longestS);
            double again = Math.max(from, lost.backS().orElse(Double.POSITIVE_INFINITY)) + STEADY_S;
            if (again < from + Math.min(time, longestS)) {
                at(again, "The link was steady for a second: throttle down, then the pilot has it again.");
                heights.add(new At(again, lost.heightM() * (1 - (again - from) / time)));
                return done(End.BACK, from);
            }
            if (time > longestS) {
                double low = lost.heightM();
                double high = 0;
                // How far it sinks in the time that it has: the time for a height grows with the height.
                for (int i = 0; i < 60; i++) {
                    double middle = (low + high) / 2;
                    if (fall.timeFor(middle, share) > longestS) {
                        low = middle;
                    } else {
                        high = middle;
                    }
                }
                double left = lost.heightM() - high;
                heights.add(new At(from + longestS, left));
                hazards.add("The landing ends after " + Math.round(longestS) + " s with the motors off, still "
                        + Math.round(left) + " m up.");
                return falls(from + longestS, "The landing time is over: motors off.", left, from);
            }
            impactMs = fall.speedAfter(lost.heightM(), share);
            descend(from, lost.heightM(), share);
            at(from + time, "Touch-down.");
            if (impactMs > SOFT_MS) {
                hazards.add("It comes down at " + Math.round(impactMs * 10) / 10.0 + " m/s: more than a landing.");
            }
            return done(End.LANDS, from);
        }

        private FailsafeTimeline falls(double from, String words) {
            heights.add(new At(from, lost.heightM()));
            return falls(from, words, lost.heightM(), from);
        }

        private FailsafeTimeline falls(double from, String words, double height, double blindUntil) {
            at(from, words);
            driftM += lost.windMs() * fall.timeFor(height, 0);
            impactMs = fall.speedAfter(height, 0);
            descend(from, height, 0);
            at(from + fall.timeFor(height, 0), "It hits the ground at " + Math.round(impactMs) + " m/s.");
            return done(End.FALLS, blindUntil);
        }

        private void descend(double from, double height, double share) {
            for (int i = 1; i <= STEPS; i++) {
                double fallen = height * i * i / (STEPS * STEPS);
                heights.add(new At(from + fall.timeFor(fallen, share), height - fallen));
            }
        }

        private FailsafeTimeline back(double back, double blindUntil) {
            at(back, "The link is there again; the pilot flies on.");
            if (heights.get(heights.size() - 1).atS() < back) {
                heights.add(new At(back, lost.heightM()));
            }
            return done(End.BACK, blindUntil);
        }

        private FailsafeTimeline goesOn(End end, double blindFrom) {
            double rise = end == End.CLIMBS ? CLIMB_MS * (SHOWN_S - blindFrom) : 0;
            heights.add(new At(SHOWN_S, lost.heightM() + rise));
            return done(end, SHOWN_S);
        }

        private FailsafeTimeline done(End end, double blindUntil) {
            events.sort(Comparator.comparingDouble(Event::atS));
            return new FailsafeTimeline(
                    List.copyOf(events),
                    List.copyOf(heights),
                    end,
                    lost.speedMs() * blindUntil,
                    impactMs,
                    fall.energyJ(impactMs),
                    driftM,
                    List.copyOf(hazards),
                    List.copyOf(pilot));
        }

        private void at(double time, String text) {
            events.add(new Event(time, text));
        }
    }
}
