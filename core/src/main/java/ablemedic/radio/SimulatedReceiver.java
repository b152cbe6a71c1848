package ablemedic.radio;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.ArmingSettings;
import ablemedic.craft.Craft;
import ablemedic.craft.FailsafeSettings;
import ablemedic.craft.FailsafeSettings.AfterGuardTime;
import ablemedic.craft.ReceiverSettings;
import ablemedic.craft.ReceiverSettings.WhenLost;
import ablemedic.craft.Stick;
import ablemedic.radio.RadioChain.Switch;
import ablemedic.radio.RadioSession.Act;
import ablemedic.uart.Reach;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;

/**
 * A stand-in for a receiver and a board on the bench: fed with what a person does at the radio, it answers with what
 * lamp, bars and motors of this craft would do, event after event. It stands level, props off, without a fix. Times of
 * links and tones are common practice.
 */
public final class SimulatedReceiver {
    private static final Words WORDS = Radio.WORDS.name("session");
    /** A receiver that hears its radio again is linked after this, seconds. */
    private static final double LINKS_S = 0.5;

    private static final double IDLE = 0.055;
    private static final double LOW = 5;

    /** What can be seen at one moment. */
    public record OnBench(
            double atS,
            Lamp lamp,
            boolean armed,
            boolean lost,
            double motorPercent,
            Map<Stick, Double> barsUs,
            String text) {
        public OnBench {
            barsUs = Map.copyOf(barsUs);
        }
    }

    /** The lamp of the receiver. */
    public enum Lamp {
        DARK,
        SLOW,
        SOLID
    }

    /** Something that is to happen, unless what it hangs on has changed by then. */
    private record Due(double atS, int order, long round, Runnable then) implements Comparable<Due> {
        @Override
        public int compareTo(Due other) {
            return atS != other.atS ? Double.compare(atS, other.atS) : Integer.compare(order, other.order);
        }
    }

    private final Craft craft;
    private final RadioChain chain;
    private final Map<Stick, Double> sticks = new EnumMap<>(Stick.class);
    private final PriorityQueue<Due> due = new PriorityQueue<>();
    private final List<OnBench> seen = new ArrayList<>();
    private boolean battery;
    private boolean radio;
    private boolean linked;
    private boolean armSwitch;
    private boolean cycled = true;
    private boolean armed;
    private boolean lost;
    private boolean landing;
    private boolean presets;
    /** Grows whenever link or power change, so that what was to follow from before does not. */
    private long round;

    private double now;
    private int ordered;

    private SimulatedReceiver(Craft craft) {
        this.craft = craft;
        this.chain = RadioChain.of(craft);
        for (Stick stick : Stick.values()) {
            sticks.put(stick, stick == Stick.THROTTLE ? -100.0 : 0.0);
        }
    }

    /** What is seen of a craft in a session, in the order of time; nothing repeats. */
    public static List<OnBench> run(Craft craft, RadioSession session) {
        SimulatedReceiver one = new SimulatedReceiver(craft);
        session.acts().forEach(act -> one.at(act.atS(), () -> one.act(act), false));
        while (!one.due.isEmpty()) {
            Due next = one.due.poll();
            one.now = next.atS();
            if (next.round() < 0 || next.round() == one.round) {
                next.then().run();
            }
        }
        return List.copyOf(one.seen);
    }

    private void at(double atS, Runnable then, boolean hangsOnLink) {
        due.add(new Due(atS, ordered++, hangsOnLink ? round : -1, then));
    }

    private void after(double seconds, Runnable then) {
        at(now + seconds, then, true);
    }

    private void act(Act act) {
        boolean on = act.value() > 0;
        switch (act.what()) {
            case BATTERY -> power(on);
            case RADIO -> radio(on);
            case ARM -> armSwitch(on);
            case LEVEL ->
                say(
                        on ? "level-on" : "level-off",
                        Map.of("works", Param.when(chain.isHeard(craft) && RadioChain.level(craft) == Switch.WORKS)));
            case STICK -> stick(act);
        }
    }

    private void stick(Act act) {
        Stick stick = act.stick().orElseThrow();
        sticks.put(stick, stick == Stick.THROTTLE ? 2 * act.value() - 100 : act.value());
        say(
                hears() ? "moves" : "unheard",
                Map.of(
                        "stick", Param.written(stick.label()),
                        "bar", Param.written(craft.functionOf(stick).label())));
        arm();
    }

    private void power(boolean on) {
        round++;
        battery = on;
        armed = false;
        lost = false;
        landing = false;
        presets = false;
        linked = false;
        cycled = !armSwitch;
        say(
                on ? "battery-in" : "battery-out",
                Map.of(
                        "armOn",
                        Param.when(craft.setting(ArmingSettings.BY) == ArmingSettings.Way.SWITCH && armSwitch)));
        if (on && radio) {
            after(LINKS_S, this::link);
        } else if (on) {
            after(LINKS_S, () -> say("waits"));
        }
    }

    private void radio(boolean on) {
        round++;
        radio = on;
        if (on) {
            say("radio-on");
            if (battery) {
                after(LINKS_S, this::link);
            }
            return;
        }
        boolean was = linked;
        linked = false;
        say("radio-off");
        if (battery && was) {
            after(craft.setting(ReceiverSettings.NOTICES), this::noticed);
        }
    }

    private void link() {
        if (!chain.isLinked(craft)) {
            say("not-bound");
            return;
        }
        linked = true;
        presets = false;
        boolean ended = lost && !armed;
        lost = false;
        landing = false;
        cycled = ended ? !armSwitch : cycled;
        say(ended ? "back-disarmed" : armed ? "back-armed" : "linked");
        arm();
    }

    private void noticed() {
        WhenLost told = craft.setting(ReceiverSettings.WHEN_LOST);
        switch (told) {
            case HOLD -> say("holds");
            case PRESETS -> presets();
            case NO_FRAMES -> {
                say("no-pulses");
                after(craft.setting(FailsafeSettings.DETECTS), this::detected);
            }
            case FLAG -> {
                say("flag");
                detected();
            }
        }
    }

    private void presets() {
        presets = true;
        armed = armed && craft.setting(ReceiverSettings.PRESET_ARM);
        say(
                "values",
                Map.of(
                        "arm", Param.written(craft.configuration().said(ReceiverSettings.PRESET_ARM)),
                        "throttle", Param.written(craft.configuration().said(ReceiverSettings.PRESET_THROTTLE))));
    }

    private void detected() {
        lost = true;
        say("detected");
        after(craft.setting(FailsafeSettings.GUARD), this::second);
    }

    private void second() {
        AfterGuardTime stage = craft.setting(FailsafeSettings.STAGE_2);
        if (!armed) {
            say("disarmed");
        } else if (stage == AfterGuardTime.DROP) {
            armed = false;
            say("off");
        } else {
            landing = true;
            say(
                    "lands",
                    Map.of(
                            "returns", Param.when(stage == AfterGuardTime.RETURN_HOME),
                            "throttle", Param.written(craft.configuration().said(FailsafeSettings.LANDING_THROTTLE))));
            after(craft.setting(FailsafeSettings.LANDING_TIME), () -> {
                armed = false;
                landing = false;
                say("landed");
            });
        }
    }

    private void armSwitch(boolean on) {
        armSwitch = on;
        cycled = cycled || !on && hears();
        if (!on && hears() && RadioChain.arm(craft) == Switch.WORKS) {
            armed = false;
        }
        say(on ? "arm-on" : "arm-off");
        arm();
    }

    private void arm() {
        boolean switched = craft.setting(ArmingSettings.BY) == ArmingSettings.Way.STICKS
                ? armSwitch
                : armSwitch && RadioChain.arm(craft) == Switch.WORKS;
        if (!armed
                && battery
                && hears()
                && switched
                && cycled
                && !lost
                && sticks.get(Stick.THROTTLE) <= 2 * LOW - 100) {
            armed = true;
            say("arms");
        }
    }

    private boolean hears() {
        return battery && linked && chain.heard(craft, false) != Reach.NONE;
    }

    private double motors() {
        if (!armed) {
            return 0;
        }
        double throttle = landing
                ? craft.setting(FailsafeSettings.LANDING_THROTTLE)
                : presets
                        ? craft.setting(ReceiverSettings.PRESET_THROTTLE)
                        : lost ? 0 : (sticks.get(Stick.THROTTLE) + 100) / 2;
        return Math.max(100 * IDLE, throttle);
    }

    private void say(String line) {
        say(line, Map.of());
    }

    private void say(String line, Map<String, Param> gaps) {
        Map<Stick, Double> bars = new EnumMap<>(Stick.class);
        if (battery && chain.heard(craft, false) != Reach.NONE) {
            for (Stick function : Stick.values()) {
                bars.put(function, RadioChain.bar(craft, function, sticks.get(craft.stickFor(function)) / 100));
            }
        }
        seen.add(new OnBench(
                now,
                !battery || !chain.isAlive(craft) ? Lamp.DARK : linked ? Lamp.SOLID : Lamp.SLOW,
                armed,
                lost,
                motors(),
                bars,
                WORDS.with(gaps).line(line).plain()));
    }

    /** What a radio that is switched off makes of a craft that was armed on a third of throttle. */
    public static List<OnBench> radioOff(Craft craft) {
        return run(
                craft,
                RadioSession.parse(
                        "0 radio on\n1 battery in\n4 arm on\n5 throttle 33\n8 radio off\n45 arm off\n46 battery out"));
    }
}
