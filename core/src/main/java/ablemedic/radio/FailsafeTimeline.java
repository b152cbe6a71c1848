package ablemedic.radio;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.Airframe;
import ablemedic.craft.FailsafeSettings.AfterGuardTime;
import ablemedic.craft.FailsafeSettings.HomeAt;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

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

    private static final Words WORDS = Radio.WORDS.name("timeline");
    private static final int STEPS = 24;
    /** Less than this share of its weight carries nothing. */
    private static final double IDLING = 0.05;
    /** What lands harder than this breaks something. Common practice, no source. */
    private static final double SOFT_MS = 2.5;
    /**
     * Against less than this left of its speed a return takes longer than a battery lasts. Common practice, no source.
     */
    private static final double HEADWAY_MS = 1;

    private static final double LOW_M = 30;

    /** How it ends. */
    public enum End {
        FLIES_ON,
        FALLS,
        LANDS,
        HOME,
        STRAYS,
        CLIMBS,
        BACK;

        public String label() {
            return Radio.WORDS.name("timeline-end").name(this);
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
            heights.add(new At(0, lost.flight().heightM()));
        }

        FailsafeTimeline run() {
            at(0, said("lost"));
            double noticed = lost.receiver().noticeS();
            if (isBackBefore(noticed)) {
                return back(lost.flight().backS().orElseThrow(), noticed);
            }
            at(
                    noticed,
                    said(
                            "notices",
                            "receiver",
                            Param.written(lost.receiver().gives().label())));
            return switch (lost.receiver().gives()) {
                case HOLD -> held(noticed);
                case PRESETS -> preset(noticed);
                case NO_FRAMES -> stages(noticed + lost.fc().detectS());
                case FLAG -> stages(noticed);
            };
        }

        private static String said(String line) {
            return WORDS.line(line).plain();
        }

        private static String said(String line, String gap, Param param) {
            return WORDS.with(gap, param).line(line).plain();
        }

        private static Param metres(double m) {
            return Param.whole(Math.round(m), "m");
        }

        private static Param speed(double ms) {
            return Param.whole(Math.round(ms), "m/s");
        }

        private Param degrees() {
            return Param.whole(Math.round(Math.abs(lost.home().compassDeg())), "");
        }

        /** What a return home lacks. */
        private String missing() {
            if (!lost.home().fix()) {
                return said("no-fix");
            }
            if (!lost.home().homeSet()) {
                return said("no-home");
            }
            return lost.home().satellites() < lost.home().wanted()
                    ? said("few", "n", Param.whole(lost.home().satellites(), ""))
                    : said("no-level");
        }

        private boolean isBackBefore(double time) {
            return lost.flight().backS().filter(back -> back < time).isPresent();
        }

        private FailsafeTimeline held(double noticed) {
            hazards.add(said("hold"));
            pilot.add(said("hold-pilot"));
            return lost.flight().backS().map(back -> back(back, back)).orElseGet(() -> goesOn(End.FLIES_ON, noticed));
        }

        private FailsafeTimeline preset(double noticed) {
            if (lost.fc().afterGuardTime() != AfterGuardTime.DROP
                    || lost.receiver().presetArm()) {
                hazards.add(said(
                        "decides",
                        "action",
                        Param.written(lost.fc().afterGuardTime().label())));
            }
            if (!lost.receiver().presetArm()) {
                pilot.add(said("standing"));
                return falls(noticed, said("values-off"));
            }
            hazards.add(said("values-armed"));
            pilot.add(said("values-pilot"));
            double share = carried(frame, lost.receiver().presetThrottle());
            if (share >= 1) {
                hazards.add(
                        0,
                        said(
                                "values-climb",
                                "throttle",
                                Param.whole(Math.round(lost.receiver().presetThrottle()), "%")));
                return lost.flight().backS().map(back -> back(back, back)).orElseGet(() -> goesOn(End.CLIMBS, noticed));
            }
            // The board never called the link lost, so that the pilot has it again as soon as the link is there.
            double carries = share < IDLING ? 0 : share;
            double down = noticed + fall.timeFor(lost.flight().heightM(), carries);
            if (isBackBefore(down)) {
                double back = lost.flight().backS().orElseThrow();
                heights.add(new At(back, lost.flight().heightM() * (down - back) / (down - noticed)));
                return back(back, back);
            }
            return carries == 0
                    ? falls(noticed, said("values-fall"))
                    : sinks(noticed, share, Double.POSITIVE_INFINITY, said("values-sink"));
        }

        private FailsafeTimeline stages(double detected) {
            if (isBackBefore(detected)) {
                return back(lost.flight().backS().orElseThrow(), detected);
            }
            at(detected, said("detected"));
            double second = detected + lost.fc().guardS();
            pilot.add(said("until", "seconds", new Param.Quantity(second, "s", 1)));
            if (isBackBefore(second)) {
                return back(
                        lost.flight().backS().orElseThrow(),
                        lost.flight().backS().orElseThrow());
            }
            heights.add(new At(second, lost.flight().heightM()));
            return switch (lost.fc().afterGuardTime()) {
                case DROP -> dropped(second, said("over-off"));
                case LAND ->
                    lands(
                            second,
                            said(
                                    "over-land",
                                    "throttle",
                                    Param.whole(Math.round(lost.fc().landingThrottle()), "%")));
                case RETURN_HOME -> returns(second);
            };
        }

        private FailsafeTimeline dropped(double second, String words) {
            pilot.add(said("off-pilot"));
            return falls(second, words);
        }

        private FailsafeTimeline returns(double second) {
            if (!lost.home().isReady()) {
                Param missing = Param.written(missing());
                hazards.add(said("no-return", "missing", missing));
                return lands(second, said("over-no-return", "missing", missing));
            }
            if (lost.flight().distanceM() < lost.home().leastM()) {
                Param least = metres(lost.home().leastM());
                hazards.add(said("near", "least", least));
                return lands(second, said("over-near", "least", least));
            }
            double up = Math.max(0, lost.home().climbToM() - lost.flight().heightM());
            if (up == 0) {
                hazards.add(said("no-climb", "height", metres(lost.home().climbToM())));
            }
            if (lost.home().climbToM() < LOW_M) {
                hazards.add(said("low-climb", "height", metres(lost.home().climbToM())));
            }
            pilot.add(said("return-pilot"));
            at(second, said("over-return", "climbs", Param.when(up > 0)));
            double climbed = second + up / CLIMB_MS;
            double top = lost.flight().heightM() + up;
            heights.add(new At(climbed, top));
            if (lost.home().isAstray()) {
                hazards.add(0, said("astray", "degrees", degrees()));
                return lost.flight()
                        .backS()
                        .map(back -> again(Math.max(second, back), second))
                        .orElseGet(() -> goesOn(End.STRAYS, second));
            }
            strayed();
            double headway = HOME_MS - lost.flight().windMs();
            if (headway < HEADWAY_MS) {
                hazards.add(
                        0,
                        WORDS.with("wind", speed(lost.flight().windMs()))
                                .with("speed", speed(HOME_MS))
                                .line("wind")
                                .plain());
                return lost.flight()
                        .backS()
                        .map(back -> again(Math.max(second, back), second))
                        .orElseGet(() -> goesOn(End.STRAYS, second));
            }
            double over = climbed + (lost.flight().distanceM() + lost.flight().speedMs() * second) / headway;
            if (isBackBefore(over)) {
                return again(Math.max(second, lost.flight().backS().orElseThrow()), second);
            }
            at(over, lost.home().at() == HomeAt.POWER ? said("over-fix") : said("over-home"));
            heights.add(new At(over, top));
            double down = over + top / LANDING_MS;
            at(down, said("down-home"));
            heights.add(new At(down, 0));
            impactMs = LANDING_MS;
            return done(End.HOME, second);
        }

        /** What takes a return to another place, or there by another way. */
        private void strayed() {
            if (Math.abs(lost.home().compassDeg()) > LostLink.Home.CIRCLES) {
                hazards.add(said("circles", "degrees", degrees()));
            }
            if (lost.home().at() == HomeAt.POWER) {
                hazards.add(said("home-at-power"));
            }
            if (lost.home().wanted() < LostLink.Home.ENOUGH) {
                hazards.add(said("few-satellites", "n", Param.whole(lost.home().wanted(), "")));
            }
        }

        private FailsafeTimeline again(double from, double blindUntil) {
            at(from + STEADY_S, said("steady"));
            return done(End.BACK, blindUntil);
        }

        private FailsafeTimeline lands(double from, String words) {
            double share = carried(frame, lost.fc().landingThrottle());
            if (share >= 1) {
                hazards.add(
                        0,
                        said(
                                "land-climbs",
                                "throttle",
                                Param.whole(Math.round(lost.fc().landingThrottle()), "%")));
                at(from, words);
                if (lost.fc().landingS() < SHOWN_S) {
                    double up = lost.flight().heightM() + CLIMB_MS * lost.fc().landingS();
                    heights.add(new At(from + lost.fc().landingS(), up));
                    return falls(from + lost.fc().landingS(), said("higher"), up, from);
                }
                return goesOn(End.CLIMBS, from);
            }
            return sinks(from, share, lost.fc().landingS(), words);
        }

        private FailsafeTimeline sinks(double from, double share, double longestS, String words) {
            at(from, words);
            pilot.add(said("sink-pilot"));
            double time = fall.timeFor(lost.flight().heightM(), share);
            driftM = lost.flight().windMs() * Math.min(time, longestS);
            double again = Math.max(from, lost.flight().backS().orElse(Double.POSITIVE_INFINITY)) + STEADY_S;
            if (again < from + Math.min(time, longestS)) {
                at(again, said("steady-sinking"));
                heights.add(new At(again, lost.flight().heightM() * (1 - (again - from) / time)));
                return done(End.BACK, from);
            }
            if (time > longestS) {
                double low = lost.flight().heightM();
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
                double left = lost.flight().heightM() - high;
                heights.add(new At(from + longestS, left));
                hazards.add(WORDS.with("seconds", Param.whole(Math.round(longestS), "s"))
                        .with("height", metres(left))
                        .line("land-ends")
                        .plain());
                return falls(from + longestS, said("landing-over"), left, from);
            }
            impactMs = fall.speedAfter(lost.flight().heightM(), share);
            descend(from, lost.flight().heightM(), share);
            at(from + time, said("touch-down"));
            if (impactMs > SOFT_MS) {
                hazards.add(said("hard", "speed", new Param.Quantity(impactMs, "m/s", 1)));
            }
            return done(End.LANDS, from);
        }

        private FailsafeTimeline falls(double from, String words) {
            heights.add(new At(from, lost.flight().heightM()));
            return falls(from, words, lost.flight().heightM(), from);
        }

        private FailsafeTimeline falls(double from, String words, double height, double blindUntil) {
            at(from, words);
            driftM += lost.flight().windMs() * fall.timeFor(height, 0);
            impactMs = fall.speedAfter(height, 0);
            descend(from, height, 0);
            at(from + fall.timeFor(height, 0), said("hits", "speed", speed(impactMs)));
            return done(End.FALLS, blindUntil);
        }

        private void descend(double from, double height, double share) {
            for (int i = 1; i <= STEPS; i++) {
                double fallen = height * i * i / (STEPS * STEPS);
                heights.add(new At(from + fall.timeFor(fallen, share), height - fallen));
            }
        }

        private FailsafeTimeline back(double back, double blindUntil) {
            at(back, said("back"));
            if (heights.get(heights.size() - 1).atS() < back) {
                heights.add(new At(back, lost.flight().heightM()));
            }
            return done(End.BACK, blindUntil);
        }

        private FailsafeTimeline goesOn(End end, double blindFrom) {
            double rise = end == End.CLIMBS ? CLIMB_MS * (SHOWN_S - blindFrom) : 0;
            heights.add(new At(SHOWN_S, lost.flight().heightM() + rise));
            return done(end, SHOWN_S);
        }

        private FailsafeTimeline done(End end, double blindUntil) {
            events.sort(Comparator.comparingDouble(Event::atS));
            return new FailsafeTimeline(
                    List.copyOf(events),
                    List.copyOf(heights),
                    end,
                    lost.flight().speedMs() * blindUntil,
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
