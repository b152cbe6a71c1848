package ablemedic.radio;

import ablemedic.craft.ArmingSettings;
import ablemedic.craft.Craft;
import ablemedic.craft.FailsafeSettings;
import ablemedic.craft.FailsafeSettings.HomeAt;
import ablemedic.craft.LinkSettings;
import ablemedic.craft.ModeRange;
import ablemedic.craft.RadioSettings;
import ablemedic.craft.Stick;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.physics.FreeSpace;
import ablemedic.physics.UsbPower;
import ablemedic.radio.FailsafeTimeline.End;
import ablemedic.radio.LostLink.Moment;
import ablemedic.uart.CraftLine;
import ablemedic.uart.CraftLines;
import ablemedic.uart.Reach;
import ablemedic.wiring.UartFunction;
import java.util.Optional;

/**
 * The way from the sticks to the board on a craft like this: what is heard, what the bars show, what becomes of it when
 * the link is lost.
 *
 * @param sound the craft as it should be
 * @param lines of it; nothing where its board has no UARTs entered
 */
record RadioChain(Craft sound, Optional<CraftLines> lines) {
    private static final double MIDDLE_US = 1500;
    private static final double PERCENT_US = 5;
    private static final double BENCH_M = 10;
    /** The band that most links of such craft are on. */
    private static final double BAND_MHZ = 2440;

    private static final int OFF_US = 1000;

    static RadioChain of(Craft craft) {
        return new RadioChain(craft.withElectrics(craft.electrics().sound()), CraftLines.onSheet(craft));
    }

    Optional<CraftLine> receiver() {
        return lines.flatMap(all -> all.of(UartFunction.RECEIVER));
    }

    /** The receiver's name among the parts; empty where none is entered. */
    String receiverId() {
        return receiver().map(line -> line.part().id()).orElse("");
    }

    boolean hasPositioning() {
        return lines.flatMap(all -> all.of(UartFunction.GNSS)).isPresent();
    }

    boolean receiverByComputer() {
        return receiver()
                .map(line -> UsbPower.feeds(sound.electrics(), line.part()))
                .orElse(true);
    }

    /** What the bench needs for bars to be seen: the battery too where the computer does not feed the receiver. */
    BenchNeeds barsNeed() {
        return receiverByComputer() ? BenchNeeds.COMPUTER_AND_RADIO : BenchNeeds.POWERED_COMPUTER_AND_RADIO;
    }

    boolean isLinked(Craft craft) {
        return lines.map(all -> all.linked(craft)).orElseGet(() -> LinkSettings.isLinked(craft));
    }

    boolean isAlive(Craft craft) {
        return receiver()
                .map(line -> lines.orElseThrow().now(line, craft, false).alive())
                .orElse(true);
    }

    Reach heard(Craft craft, boolean computer) {
        return !isLinked(craft)
                ? Reach.NONE
                : receiver()
                        .map(line ->
                                lines.orElseThrow().now(line, craft, computer).heard())
                        .orElse(Reach.GOOD);
    }

    boolean isHeard(Craft craft) {
        return heard(craft, true) != Reach.NONE;
    }

    /** Where the bar of a function stands when its stick is pushed to a side, from -1 to 1. */
    static double bar(Craft craft, Stick function, double pushed) {
        Stick stick = craft.stickFor(function);
        double sent = MIDDLE_US
                + craft.setting(RadioSettings.trim(stick))
                + PERCENT_US * craft.setting(RadioSettings.travel(stick)) * pushed;
        return craft.setting(RadioSettings.reversed(stick)) ? 2 * MIDDLE_US - sent : sent;
    }

    /** Where the bar of a function stands when the stick of that name, and no other, is pushed to its upper end. */
    static double barOfItsOwnStick(Craft craft, Stick function) {
        boolean moves = craft.functionOf(function) == function;
        return bar(craft, function, moves ? 1 : craft.stickFor(function) == Stick.THROTTLE ? -1 : 0);
    }

    /** What is lost on the way through the air against the craft as it should be, dB. */
    double lossDb(Craft craft) {
        return LinkBudget.lossDb(craft, receiverId(), sound.setting(LinkSettings.POWER));
    }

    /** Strength at ten metres in the open, dBm. */
    double strength(Craft craft) {
        return FreeSpace.heardDbm(sound.setting(LinkSettings.POWER), BENCH_M, BAND_MHZ) - lossDb(craft);
    }

    boolean isFixed(Craft craft) {
        return lines.flatMap(all -> all.of(UartFunction.GNSS)
                        .map(line -> all.now(line, craft, false).isPositioned()
                                && craft.electrics().seesSky(line.part().id())))
                .orElse(false);
    }

    /** How a usual flight ends when its link is lost. */
    End end(Craft craft) {
        return FailsafeTimeline.of(sound.airframe(), LostLink.of(craft, Moment.usual(isFixed(craft))))
                .end();
    }

    /** Whether a return goes to another place than where it was armed. */
    static boolean goesElsewhere(Craft craft) {
        return craft.setting(FailsafeSettings.HOME_AT) == HomeAt.POWER;
    }

    /** What a switch does: its channel at the radio, the range at the board, and what it sends. */
    enum Switch {
        WORKS,
        NOTHING,
        OTHER_END,
        ALWAYS
    }

    static Switch arm(Craft craft) {
        return switched(
                craft,
                craft.setting(ArmingSettings.ARM),
                craft.setting(ArmingSettings.RADIO_CHANNEL),
                craft.setting(ArmingSettings.RADIO_ON));
    }

    static Switch level(Craft craft) {
        return switched(
                craft,
                craft.setting(ArmingSettings.LEVEL),
                craft.setting(ArmingSettings.RADIO_LEVEL_CHANNEL),
                2 * (int) MIDDLE_US - OFF_US);
    }

    private static Switch switched(Craft craft, ModeRange range, int channel, int sendsOn) {
        if (range.isNone() || channel != range.channel() || !LinkSettings.carries(craft, channel)) {
            return range.holds((int) MIDDLE_US) ? Switch.ALWAYS : Switch.NOTHING;
        }
        boolean on = range.holds(sendsOn);
        boolean off = range.holds(OFF_US);
        return on && off ? Switch.ALWAYS : on ? Switch.WORKS : off ? Switch.OTHER_END : Switch.NOTHING;
    }
}
