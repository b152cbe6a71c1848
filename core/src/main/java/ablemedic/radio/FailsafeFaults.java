package ablemedic.radio;

import ablemedic.craft.Craft;
import ablemedic.craft.FailsafeSettings;
import ablemedic.craft.FailsafeSettings.HomeAt;
import ablemedic.craft.FailsafeSettings.Stage2;
import ablemedic.craft.ReceiverSettings;
import ablemedic.craft.ReceiverSettings.WhenLost;
import ablemedic.diagnosis.Fix;
import ablemedic.diagnosis.Fix.Value;
import ablemedic.family.CraftFault;
import ablemedic.family.FaultList;
import ablemedic.family.Odds;
import ablemedic.family.SettingTrouble;
import java.util.List;

/** The faults of what receiver and board do when the link is lost. */
final class FailsafeFaults {
    static final SettingTrouble<WhenLost> WHEN_LOST = SettingTrouble.of(ReceiverSettings.WHEN_LOST);
    static final SettingTrouble<Stage2> STAGE_2 = SettingTrouble.of(FailsafeSettings.STAGE_2);
    static final SettingTrouble<Double> GUARD = SettingTrouble.of(FailsafeSettings.GUARD);
    static final SettingTrouble<Double> LANDING_THROTTLE = SettingTrouble.of(FailsafeSettings.LANDING_THROTTLE);
    static final SettingTrouble<Double> LANDING_TIME = SettingTrouble.of(FailsafeSettings.LANDING_TIME);
    static final SettingTrouble<Double> LEAST_DISTANCE = SettingTrouble.of(FailsafeSettings.LEAST_DISTANCE);
    static final SettingTrouble<Integer> LEAST_SATELLITES = SettingTrouble.of(FailsafeSettings.LEAST_SATELLITES);
    static final SettingTrouble<HomeAt> HOME_AT = SettingTrouble.of(FailsafeSettings.HOME_AT);
    static final SettingTrouble<Double> COMPASS = SettingTrouble.of(FailsafeSettings.COMPASS_OFF);

    private static final String TEST = "Then the radio-off test again, props off.";
    /** A guard time that was set far too long, seconds. */
    private static final double LONG_GUARD_S = 10;

    private static final double FAR_M = 500;
    private static final int MANY = 25;
    private static final double SOON_S = 2;

    private final Craft sound;
    private final RadioChain chain;
    private final FaultList faults;

    private FailsafeFaults(FaultList faults, Craft sound, RadioChain chain) {
        this.faults = faults;
        this.sound = sound;
        this.chain = chain;
    }

    static void addTo(FaultList faults, Craft sound, RadioChain chain) {
        FailsafeFaults all = new FailsafeFaults(faults, sound, chain);
        all.receiver();
        all.board();
        if (sound.told(FailsafeSettings.STAGE_2) == Stage2.RETURN_HOME && chain.hasPositioning()) {
            all.home();
        }
    }

    private void receiver() {
        WhenLost right = sound.told(ReceiverSettings.WHEN_LOST);
        if (right != WhenLost.HOLD) {
            faults.entered(
                    WHEN_LOST,
                    ReceiverSettings.WHEN_LOST,
                    sound,
                    "receiver-holds",
                    "receiver-holds",
                    RadioOdds.HOLDS,
                    was -> WhenLost.HOLD,
                    "The receiver holds its last values, so the board never learns that the link is lost",
                    "Set the receiver's failsafe: it " + right.label(),
                    3,
                    atReceiver(right),
                    TEST);
        }
        double hover = 100 * sound.airframe().hoverThrottle();
        presets(
                "presets-armed",
                "presets-armed",
                RadioOdds.PRESETS_ARMED,
                true,
                Math.min(100, Math.rint(hover * 1.2)),
                "The receiver's presets keep the arm switch on and the throttle up, so it flies on by itself");
        presets(
                "presets-switch-off",
                "presets-switch-off",
                RadioOdds.PRESETS_OFF,
                false,
                0,
                "The receiver's presets switch it off at the first gap of the link");
    }

    private static String atReceiver(WhenLost right) {
        return "In the radio's menu of the receiver, or by the receiver's button: failsafe, "
                + (right == WhenLost.NO_FRAMES ? "no pulses, or cut" : right.label())
                + ". Some take what the sticks do at that moment for presets: do not press it with the throttle up.";
    }

    private void presets(String id, String kind, Odds odds, boolean armed, double throttle, String description) {
        WhenLost right = sound.told(ReceiverSettings.WHEN_LOST);
        if (right == WhenLost.PRESETS) {
            return;
        }
        faults.add(new CraftFault(
                id,
                kind,
                "setting " + ReceiverSettings.WHEN_LOST.id(),
                any -> description,
                odds,
                craft -> craft.with(ReceiverSettings.WHEN_LOST, WhenLost.PRESETS)
                        .with(ReceiverSettings.PRESET_ARM, armed)
                        .with(ReceiverSettings.PRESET_THROTTLE, throttle),
                (any, faulty) -> List.of(new Fix<>(
                        "set",
                        ReceiverSettings.WHEN_LOST.id() + " " + sound.told().written(ReceiverSettings.WHEN_LOST),
                        "Set the receiver's failsafe: it " + right.label(),
                        List.of(atReceiver(right), TEST),
                        List.of(new Value(
                                "when the receiver hears nothing",
                                faulty.told().said(ReceiverSettings.WHEN_LOST),
                                right.label())),
                        3,
                        craft -> craft.with(ReceiverSettings.WHEN_LOST, right)))));
    }

    private void board() {
        Stage2 right = sound.told(FailsafeSettings.STAGE_2);
        for (Stage2 other : Stage2.values()) {
            if (other != right && (other != Stage2.RETURN_HOME || right == Stage2.DROP && chain.hasPositioning())) {
                faults.entered(
                        STAGE_2,
                        FailsafeSettings.STAGE_2,
                        sound,
                        "stage-2-"
                                + other.name()
                                        .toLowerCase(java.util.Locale.ROOT)
                                        .replace('_', '-'),
                        "stage-2-other",
                        RadioOdds.STAGE_2.times(0.5),
                        was -> other,
                        "When the link stays lost: " + other.label() + ", where it should be: " + right.label(),
                        "Set what it does when the link stays lost: " + right.label(),
                        2,
                        "On the board's page of failsafe: stage 2, " + right.label() + ".",
                        SettingTrouble.SAVE,
                        TEST);
            }
        }
        if (sound.told(FailsafeSettings.GUARD) < LONG_GUARD_S / 2) {
            faults.entered(
                    GUARD,
                    FailsafeSettings.GUARD,
                    sound,
                    "guard-long",
                    "guard-long",
                    RadioOdds.GUARD,
                    was -> LONG_GUARD_S,
                    "It waits " + Math.round(LONG_GUARD_S) + " s before it does anything",
                    "Set the guard time to " + sound.told().said(FailsafeSettings.GUARD),
                    2,
                    "On the board's page of failsafe. Each second is ten metres at ten metres a second.",
                    SettingTrouble.SAVE,
                    TEST);
        }
        if (right != Stage2.LAND) {
            return;
        }
        double hover = 100 * sound.airframe().hoverThrottle();
        double throttle = sound.told(FailsafeSettings.LANDING_THROTTLE);
        double high = Math.min(100, Math.rint(hover * 1.15));
        String title = "Set the landing throttle to " + sound.told().said(FailsafeSettings.LANDING_THROTTLE);
        String how = "On the board's page of failsafe. This craft hovers at about " + Math.round(hover)
                + " %; a little below that it sinks.";
        if (throttle < hover) {
            faults.entered(
                    LANDING_THROTTLE,
                    FailsafeSettings.LANDING_THROTTLE,
                    sound,
                    "landing-throttle-high",
                    "landing-throttle-off",
                    RadioOdds.LANDING,
                    was -> high,
                    "Its landing throttle of " + Math.round(high) + " % climbs at this weight",
                    title,
                    2,
                    how,
                    SettingTrouble.SAVE);
            faults.entered(
                    LANDING_TIME,
                    FailsafeSettings.LANDING_TIME,
                    sound,
                    "landing-time-short",
                    "landing-time-short",
                    RadioOdds.LANDING.times(0.5),
                    was -> SOON_S,
                    "Its landing ends after " + Math.round(SOON_S) + " s, high up, with the motors off",
                    "Let a landing last " + sound.told().said(FailsafeSettings.LANDING_TIME),
                    2,
                    "On the board's page of failsafe: longer than it sinks from the greatest height that you fly.",
                    SettingTrouble.SAVE);
        }
    }

    private void home() {
        faults.entered(
                LEAST_DISTANCE,
                FailsafeSettings.LEAST_DISTANCE,
                sound,
                "return-distance-large",
                "return-terms",
                RadioOdds.RETURN.times(0.5),
                was -> FAR_M,
                "Nearer than " + Math.round(FAR_M) + " m it lands instead of returning",
                "Set the least distance of a return to " + sound.told().said(FailsafeSettings.LEAST_DISTANCE),
                2,
                "On the board's page of return home.",
                SettingTrouble.SAVE);
        faults.entered(
                LEAST_SATELLITES,
                FailsafeSettings.LEAST_SATELLITES,
                sound,
                "return-satellites-many",
                "return-terms",
                RadioOdds.RETURN.times(0.3),
                was -> MANY,
                "It returns with " + MANY + " satellites only, which it never sees",
                "Let it return with " + sound.told().said(FailsafeSettings.LEAST_SATELLITES) + " satellites",
                2,
                "On the board's page of return home.",
                SettingTrouble.SAVE);
        if (sound.told(FailsafeSettings.HOME_AT) == HomeAt.ARMING) {
            faults.entered(
                    HOME_AT,
                    FailsafeSettings.HOME_AT,
                    sound,
                    "home-at-power",
                    "home-elsewhere",
                    RadioOdds.RETURN,
                    was -> HomeAt.POWER,
                    "It notes home where it gets power, not where it is armed",
                    "Let it note home each time it is armed",
                    2,
                    "On the board's page of return home.",
                    SettingTrouble.SAVE);
        }
        faults.entered(
                COMPASS,
                FailsafeSettings.COMPASS_OFF,
                sound,
                "compass-turned",
                "compass-turned",
                RadioOdds.COMPASS,
                was -> 180.0,
                "What it takes for north is turned half round",
                "Tell the board how the compass lies, and calibrate it",
                8,
                "Alignment of the compass on the board's page; a module under the plate or with its arrow back is turned.",
                "Calibrate outdoors, away from iron, turning about all axes within half a minute; a cable that tangles spoils it.",
                "Point its nose north: the heading reads north.");
    }
}
