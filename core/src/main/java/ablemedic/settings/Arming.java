package ablemedic.settings;

import ablemedic.catalogue.Names;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Text;
import ablemedic.catalogue.Words;
import ablemedic.configuration.Setting;
import ablemedic.craft.ArmingSettings;
import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.craft.FirmwareSettings;
import ablemedic.craft.LinkSettings;
import ablemedic.craft.ModeRange;
import ablemedic.craft.RadioSettings;
import ablemedic.craft.Rotation;
import ablemedic.craft.Stick;
import ablemedic.craft.Tilt;
import ablemedic.uart.CraftLine;
import ablemedic.uart.CraftLines;
import ablemedic.uart.Reach;
import ablemedic.wiring.UartFunction;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;

/**
 * Why a craft arms or not: a lock for each thing that an FC waits for, shut or open. It arms when all are open. What a
 * lock hangs on is common practice with no source; the limits are settings of the craft.
 *
 * @param locks in the order in which a board asks
 */
public record Arming(List<Lock> locks) {
    /** The complaint that is about it. */
    public static final String COMPLAINT = ArmingChecks.COMPLAINT;

    /** Where a stick or a channel that nobody moves stands, microseconds. */
    private static final int CENTRE_US = 1500;
    /** Throttle down plus throttle up, microseconds. */
    private static final int BOTH_ENDS_US = 3000;

    private static final int SWITCH_OFF_US = 1000;
    private static final Words WORDS = SettingsAndFirmware.WORDS.name("arming");

    public Arming {
        locks = List.copyOf(locks);
    }

    /** What a board waits for. */
    public enum Reason {
        BOARD,
        COMPUTER,
        FRAMES,
        CALIBRATED,
        TILT,
        THROTTLE,
        FIX,
        SWITCH,
        AT_POWER;

        public String id() {
            return Names.id(this);
        }

        /** What it is about. */
        public String label() {
            return Names.of(this);
        }
    }

    /**
     * One lock.
     *
     * @param found what was found, with its numbers, put into words when it is shown
     * @param settings those that it hangs on, the one to look at first
     */
    public record Lock(Reason reason, boolean shut, Supplier<Text> found, List<Setting<?>> settings) {
        public Lock {
            settings = List.copyOf(settings);
        }

        public String why() {
            return found.get().plain();
        }
    }

    /**
     * How the craft stands when somebody tries to arm it.
     *
     * @param computer whether the computer's program is joined
     * @param radioOn whether the radio is on
     * @param throttle where its throttle stick stands, 0 at the lower end to 1 at the upper
     * @param switchOn whether its arm switch is flipped
     * @param onAtPower whether it already was when the craft got its power
     * @param lyingDeg how far it lies from level, degrees
     * @param sky whether it sees the sky
     */
    public record State(
            boolean computer,
            boolean radioOn,
            double throttle,
            boolean switchOn,
            boolean onAtPower,
            double lyingDeg,
            boolean sky) {
        /** As the pilot goes about it who complains of it. */
        public static State ofPilot(Craft craft, boolean sky) {
            return new State(
                    craft.setting(ArmingSettings.WITH_COMPUTER),
                    true,
                    0,
                    true,
                    craft.setting(ArmingSettings.ON_AT_POWER),
                    craft.setting(ArmingSettings.STANDS),
                    sky);
        }

        /** At the bench, level, done as it should be, computer out. */
        public static final State AT_BENCH = new State(false, true, 0, true, false, 0, false);
        /** The same with the computer's program, which tells what else there is. */
        static final State AT_COMPUTER = new State(true, true, 0, false, false, 0, false);
    }

    /**
     * The locks of a craft.
     *
     * @param lines of the craft as it should be; nothing where its board has no UARTs entered
     */
    public static Arming of(Optional<CraftLines> lines, Craft craft, State state) {
        return new Locks(lines, craft, state).all();
    }

    public boolean arms() {
        return shut().isEmpty();
    }

    /** What keeps it from arming, in the order of the reasons. */
    public Set<Reason> shut() {
        Set<Reason> shut = EnumSet.noneOf(Reason.class);
        locks.stream().filter(Lock::shut).forEach(lock -> shut.add(lock.reason()));
        return shut;
    }

    /** The locks as they are gathered. */
    private static final class Locks {
        private final Optional<CraftLines> lines;
        private final Craft craft;
        private final State state;
        private final List<Lock> locks = new ArrayList<>();

        private Locks(Optional<CraftLines> lines, Craft craft, State state) {
            this.lines = lines;
            this.craft = craft;
            this.state = state;
        }

        Arming all() {
            add(
                    Reason.BOARD,
                    !FirmwareSettings.starts(craft),
                    () -> WORDS.with("left", craft.configuration().said(FirmwareSettings.IMAGE))
                            .line("flash"),
                    FirmwareSettings.IMAGE);
            add(
                    Reason.COMPUTER,
                    state.computer(),
                    found(state.computer() ? "usb-in" : "usb-out"),
                    ArmingSettings.WITH_COMPUTER);
            frames();
            boolean calibrated = craft.setting(ArmingSettings.CALIBRATED);
            add(
                    Reason.CALIBRATED,
                    !calibrated,
                    found(calibrated ? "calibrated" : "not-calibrated"),
                    ArmingSettings.CALIBRATED);
            tilt();
            throttle();
            fix();
            switched();
            return new Arming(locks);
        }

        private boolean isHeard() {
            return state.radioOn()
                    && lines.flatMap(all -> all.of(UartFunction.RECEIVER)
                                    .map(line -> all.linked(craft)
                                            && all.now(line, craft, state.computer())
                                                            .heard()
                                                    != Reach.NONE))
                            .orElse(LinkSettings.isLinked(craft));
        }

        private void frames() {
            add(
                    Reason.FRAMES,
                    !isHeard(),
                    found(isHeard() ? "frames" : state.radioOn() ? "no-frames" : "radio-off"),
                    RadioSettings.BOUND,
                    RadioSettings.MODULE);
        }

        private void tilt() {
            double limit = craft.setting(ArmingSettings.TILT);
            double seen = seenTilt();
            add(
                    Reason.TILT,
                    seen > limit && limit < 180,
                    () -> WORDS.with("seen", Param.whole(Math.round(seen), "°"))
                            .with("limit", Param.whole(Math.round(limit), "°"))
                            .line("tilt"),
                    ArmingSettings.TILT,
                    ArmingSettings.STANDS,
                    FcSettings.ALIGNMENT,
                    FcSettings.LEVEL_OFF);
        }

        /** How far from level the board takes the craft to lie, degrees. */
        private double seenTilt() {
            Rotation turned = craft.misalignment();
            Tilt off = craft.setting(FcSettings.LEVEL_OFF);
            double upright = Math.toDegrees(Math.acos(Math.max(-1, Math.min(1, turned.at(2, 2)))));
            return Math.abs(upright - state.lyingDeg()) + Math.hypot(off.rollDeg(), off.pitchDeg());
        }

        private void throttle() {
            Stick stick = craft.stickFor(Stick.THROTTLE);
            int down = craft.setting(ArmingSettings.RADIO_THROTTLE_DOWN);
            double sent = stick == Stick.THROTTLE
                    ? down + state.throttle() * (BOTH_ENDS_US - 2.0 * Math.min(down, CENTRE_US))
                    : CENTRE_US;
            double heard = craft.setting(RadioSettings.reversed(stick)) ? BOTH_ENDS_US - sent : sent;
            int limit = craft.setting(ArmingSettings.THROTTLE_LOW);
            add(
                    Reason.THROTTLE,
                    heard >= limit,
                    () -> WORDS.with("heard", Param.whole(Math.round(heard), "µs"))
                            .with("limit", Param.whole(limit, "µs"))
                            .with("stick", stick.label())
                            .line(stick == Stick.THROTTLE ? "throttle" : "throttle-by-other"),
                    ArmingSettings.RADIO_THROTTLE_DOWN,
                    ArmingSettings.THROTTLE_LOW,
                    FcSettings.STICK_ORDER);
        }

        private void fix() {
            boolean waits = craft.setting(ArmingSettings.WAITS_FOR_FIX);
            add(
                    Reason.FIX,
                    waits && !hasFix(),
                    found(!waits ? "no-wait" : hasFix() ? "fix" : "no-fix"),
                    ArmingSettings.WAITS_FOR_FIX);
        }

        private boolean hasFix() {
            return state.sky()
                    && lines.flatMap(all -> all.of(UartFunction.GNSS).map(line -> sees(all, line)))
                            .orElse(false);
        }

        private boolean sees(CraftLines all, CraftLine line) {
            return all.now(line, craft, state.computer()).isPositioned()
                    && craft.electrics().seesSky(line.part().id());
        }

        private void switched() {
            if (craft.setting(ArmingSettings.BY) == ArmingSettings.Way.STICKS) {
                add(Reason.SWITCH, !state.switchOn(), found("by-sticks"), ArmingSettings.BY);
                return;
            }
            ModeRange range = craft.setting(ArmingSettings.ARM);
            int channel = craft.setting(ArmingSettings.RADIO_CHANNEL);
            boolean carried = LinkSettings.carries(craft, channel);
            boolean same = channel == range.channel() && carried;
            int on = craft.setting(ArmingSettings.RADIO_ON);
            int sends = !same ? CENTRE_US : state.switchOn() ? on : SWITCH_OFF_US;
            add(
                    Reason.SWITCH,
                    !range.holds(sends),
                    () -> WORDS.with("range", range.toString())
                            .with("sends", Param.whole(sends, "µs"))
                            .with("channel", Param.whole(channel, ""))
                            .line(
                                    range.isNone()
                                            ? "no-switch"
                                            : same
                                                    ? "sends"
                                                    : !carried ? "not-carried" : channel == 0 ? "on-none" : "on-other"),
                    ArmingSettings.ARM,
                    ArmingSettings.RADIO_CHANNEL,
                    ArmingSettings.RADIO_ON,
                    LinkSettings.FRAMES,
                    LinkSettings.CHANNELS);
            boolean stuck = range.holds(SWITCH_OFF_US) || !same && range.holds(CENTRE_US);
            add(
                    Reason.AT_POWER,
                    stuck || state.onAtPower() && state.switchOn() && range.holds(sends),
                    found(
                            stuck
                                    ? same && !range.holds(on) ? "other-end" : "always-on"
                                    : state.onAtPower() ? "on-at-power" : "off-at-power"),
                    ArmingSettings.ON_AT_POWER,
                    ArmingSettings.ARM);
        }

        private static Supplier<Text> found(String line) {
            return () -> WORDS.line(line);
        }

        private void add(Reason reason, boolean shut, Supplier<Text> found, Setting<?>... settings) {
            locks.add(new Lock(reason, shut, found, List.of(settings)));
        }
    }
}
