package ablemedic.radio;

import ablemedic.catalogue.Param;
import ablemedic.craft.Airframe;
import ablemedic.craft.FailsafeSettings.AfterGuardTime;
import ablemedic.craft.FailsafeSettings.HomeAt;
import ablemedic.radio.FailsafeTimeline.At;
import ablemedic.radio.FailsafeTimeline.End;
import ablemedic.radio.FailsafeTimeline.Event;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** The timeline of a lost link as it goes on, from one event to the next. */
final class TimelineRun {
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

    /**
     * Against less than this left of its speed a return takes longer than a battery lasts. Common practice, no source.
     */
    private static final double HEADWAY_MS = 1;

    private static final double LOW_M = 30;
    private final Airframe frame;
    private final LostLink lost;
    private final Fall fall;
    private final List<Event> events = new ArrayList<>();
    private final List<At> heights = new ArrayList<>();
    private final List<String> hazards = new ArrayList<>();
    private final List<String> pilot = new ArrayList<>();
    private double impactMs;
    private double driftM;

    TimelineRun(Airframe frame, LostLink lost, Fall fall) {
        this.frame = frame;
        this.lost = lost;
        this.fall = fall;
        heights.add(new At(0, lost.flight().heightM()));
    }

    FailsafeTimeline run() {
        at(0, TimelineWords.said("lost"));
        double noticed = lost.receiver().noticeS();
        if (isBackBefore(noticed)) {
            return back(lost.flight().backS().orElseThrow(), noticed);
        }
        at(
                noticed,
                TimelineWords.said(
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

    private Param degrees() {
        return Param.whole(Math.round(Math.abs(lost.home().compassDeg())), "");
    }

    private boolean isBackBefore(double time) {
        return lost.flight().backS().filter(back -> back < time).isPresent();
    }

    private FailsafeTimeline held(double noticed) {
        hazards.add(TimelineWords.said("hold"));
        pilot.add(TimelineWords.said("hold-pilot"));
        return lost.flight().backS().map(back -> back(back, back)).orElseGet(() -> goesOn(End.FLIES_ON, noticed));
    }

    private FailsafeTimeline preset(double noticed) {
        if (lost.fc().afterGuardTime() != AfterGuardTime.DROP || lost.receiver().presetArm()) {
            hazards.add(TimelineWords.said(
                    "decides",
                    "action",
                    Param.written(lost.fc().afterGuardTime().label())));
        }
        if (!lost.receiver().presetArm()) {
            pilot.add(TimelineWords.said("standing"));
            return falls(noticed, TimelineWords.said("values-off"));
        }
        hazards.add(TimelineWords.said("values-armed"));
        pilot.add(TimelineWords.said("values-pilot"));
        double share = FailsafeTimeline.carried(frame, lost.receiver().presetThrottle());
        if (share >= 1) {
            hazards.add(
                    0,
                    TimelineWords.said(
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
                ? falls(noticed, TimelineWords.said("values-fall"))
                : sinks(noticed, share, Double.POSITIVE_INFINITY, TimelineWords.said("values-sink"));
    }

    private FailsafeTimeline stages(double detected) {
        if (isBackBefore(detected)) {
            return back(lost.flight().backS().orElseThrow(), detected);
        }
        at(detected, TimelineWords.said("detected"));
        double second = detected + lost.fc().guardS();
        pilot.add(TimelineWords.said("until", "seconds", new Param.Quantity(second, "s", 1)));
        if (isBackBefore(second)) {
            return back(
                    lost.flight().backS().orElseThrow(), lost.flight().backS().orElseThrow());
        }
        heights.add(new At(second, lost.flight().heightM()));
        return switch (lost.fc().afterGuardTime()) {
            case DROP -> dropped(second, TimelineWords.said("over-off"));
            case LAND ->
                lands(
                        second,
                        TimelineWords.said(
                                "over-land",
                                "throttle",
                                Param.whole(Math.round(lost.fc().landingThrottle()), "%")));
            case RETURN_HOME -> returns(second);
        };
    }

    private FailsafeTimeline dropped(double second, String words) {
        pilot.add(TimelineWords.said("off-pilot"));
        return falls(second, words);
    }

    private FailsafeTimeline returns(double second) {
        if (!lost.home().isReady()) {
            Param missing = Param.written(TimelineWords.missing(lost.home()));
            hazards.add(TimelineWords.said("no-return", "missing", missing));
            return lands(second, TimelineWords.said("over-no-return", "missing", missing));
        }
        if (lost.flight().distanceM() < lost.home().leastM()) {
            Param least = TimelineWords.metres(lost.home().leastM());
            hazards.add(TimelineWords.said("near", "least", least));
            return lands(second, TimelineWords.said("over-near", "least", least));
        }
        double up = Math.max(0, lost.home().climbToM() - lost.flight().heightM());
        if (up == 0) {
            hazards.add(TimelineWords.said(
                    "no-climb", "height", TimelineWords.metres(lost.home().climbToM())));
        }
        if (lost.home().climbToM() < LOW_M) {
            hazards.add(TimelineWords.said(
                    "low-climb", "height", TimelineWords.metres(lost.home().climbToM())));
        }
        pilot.add(TimelineWords.said("return-pilot"));
        at(second, TimelineWords.said("over-return", "climbs", Param.when(up > 0)));
        double climbed = second + up / CLIMB_MS;
        double top = lost.flight().heightM() + up;
        heights.add(new At(climbed, top));
        if (lost.home().isAstray()) {
            hazards.add(0, TimelineWords.said("astray", "degrees", degrees()));
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
                    TimelineWords.WORDS
                            .with("wind", TimelineWords.speed(lost.flight().windMs()))
                            .with("speed", TimelineWords.speed(HOME_MS))
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
        at(over, lost.home().at() == HomeAt.POWER ? TimelineWords.said("over-fix") : TimelineWords.said("over-home"));
        heights.add(new At(over, top));
        double down = over + top / LANDING_MS;
        at(down, TimelineWords.said("down-home"));
        heights.add(new At(down, 0));
        impactMs = LANDING_MS;
        return done(End.HOME, second);
    }

    /** What takes a return to another place, or there by another way. */
    private void strayed() {
        if (Math.abs(lost.home().compassDeg()) > LostLink.Home.CIRCLES) {
            hazards.add(TimelineWords.said("circles", "degrees", degrees()));
        }
        if (lost.home().at() == HomeAt.POWER) {
            hazards.add(TimelineWords.said("home-at-power"));
        }
        if (lost.home().wanted() < LostLink.Home.ENOUGH) {
            hazards.add(TimelineWords.said(
                    "few-satellites", "n", Param.whole(lost.home().wanted(), "")));
        }
    }

    private FailsafeTimeline again(double from, double blindUntil) {
        at(from + STEADY_S, TimelineWords.said("steady"));
        return done(End.BACK, blindUntil);
    }

    private FailsafeTimeline lands(double from, String words) {
        double share = FailsafeTimeline.carried(frame, lost.fc().landingThrottle());
        if (share >= 1) {
            hazards.add(
                    0,
                    TimelineWords.said(
                            "land-climbs",
                            "throttle",
                            Param.whole(Math.round(lost.fc().landingThrottle()), "%")));
            at(from, words);
            if (lost.fc().landingS() < SHOWN_S) {
                double up = lost.flight().heightM() + CLIMB_MS * lost.fc().landingS();
                heights.add(new At(from + lost.fc().landingS(), up));
                return falls(from + lost.fc().landingS(), TimelineWords.said("higher"), up, from);
            }
            return goesOn(End.CLIMBS, from);
        }
        return sinks(from, share, lost.fc().landingS(), words);
    }

    private FailsafeTimeline sinks(double from, double share, double longestS, String words) {
        at(from, words);
        pilot.add(TimelineWords.said("sink-pilot"));
        double time = fall.timeFor(lost.flight().heightM(), share);
        driftM = lost.flight().windMs() * Math.min(time, longestS);
        double again = Math.max(from, lost.flight().backS().orElse(Double.POSITIVE_INFINITY)) + STEADY_S;
        if (again < from + Math.min(time, longestS)) {
            at(again, TimelineWords.said("steady-sinking"));
            heights.add(new At(again, lost.flight().heightM() * (1 - (again - from) / time)));
            return done(End.BACK, from);
        }
        if (time > longestS) {
            double left = lost.flight().heightM()
                    - fall.heightIn(longestS, lost.flight().heightM(), share);
            heights.add(new At(from + longestS, left));
            hazards.add(TimelineWords.WORDS
                    .with("seconds", Param.whole(Math.round(longestS), "s"))
                    .with("height", TimelineWords.metres(left))
                    .line("land-ends")
                    .plain());
            return falls(from + longestS, TimelineWords.said("landing-over"), left, from);
        }
        impactMs = fall.speedAfter(lost.flight().heightM(), share);
        descend(from, lost.flight().heightM(), share);
        at(from + time, TimelineWords.said("touch-down"));
        if (impactMs > SOFT_MS) {
            hazards.add(TimelineWords.said("hard", "speed", new Param.Quantity(impactMs, "m/s", 1)));
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
        at(from + fall.timeFor(height, 0), TimelineWords.said("hits", "speed", TimelineWords.speed(impactMs)));
        return done(End.FALLS, blindUntil);
    }

    private void descend(double from, double height, double share) {
        for (int i = 1; i <= STEPS; i++) {
            double fallen = height * i * i / (STEPS * STEPS);
            heights.add(new At(from + fall.timeFor(fallen, share), height - fallen));
        }
    }

    private FailsafeTimeline back(double back, double blindUntil) {
        at(back, TimelineWords.said("back"));
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
