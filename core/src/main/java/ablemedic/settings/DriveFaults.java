package ablemedic.settings;

import ablemedic.craft.Craft;
import ablemedic.craft.DriveSettings;
import ablemedic.craft.MotorProtocol;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Fix;
import ablemedic.diagnosis.Fix.Value;
import ablemedic.family.SettingTrouble;
import java.util.ArrayList;
import java.util.List;

/**
 * The faults of what board and speed controllers say to one another. Those of one motor or its leads are in the
 * families of those.
 */
final class DriveFaults {
    static final SettingTrouble<MotorProtocol> PROTOCOL = SettingTrouble.of(DriveSettings.PROTOCOL);
    static final SettingTrouble<Boolean> TWO_WAY = SettingTrouble.of(DriveSettings.TWO_WAY);
    static final SettingTrouble<Double> IDLE = SettingTrouble.of(DriveSettings.IDLE);
    static final SettingTrouble<MotorProtocol> KNOWN = SettingTrouble.of(DriveSettings.KNOWN);
    static final SettingTrouble<Boolean> ENDS = SettingTrouble.of(DriveSettings.ENDS);

    /** An idle at which some motors do not keep on, percent. From memory. */
    private static final double TOO_LOW = 1.5;

    private static final List<String> TEACHING = List.of(
            "Props off. Pack out.",
            "From the computer: throttle full on all four, then the pack in. Wait for the tones of the upper end.",
            "Throttle to nothing. Wait for the tones of the lower end.",
            "Pack out and in again: the motors start together.");

    private final Craft sound;
    private final List<Fault<Craft>> faults = new ArrayList<>();

    private DriveFaults(Craft sound) {
        this.sound = sound;
    }

    static List<Fault<Craft>> of(Craft sound) {
        DriveFaults all = new DriveFaults(sound);
        all.protocols();
        all.starting();
        return List.copyOf(all.faults);
    }

    private void protocols() {
        MotorProtocol spoken = sound.told(DriveSettings.PROTOCOL);
        MotorProtocol known = sound.told(DriveSettings.KNOWN);
        if (spoken.isDigital() && spoken.isKnownTo(known)) {
            lacking(
                    "controllers-know-pulses",
                    MotorProtocol.ONESHOT125,
                    "The controllers know pulses only, and the board speaks " + spoken.label());
            if (spoken.compareTo(MotorProtocol.DSHOT150) > 0) {
                MotorProtocol slower = MotorProtocol.values()[spoken.ordinal() - 1];
                lacking(
                        "controllers-know-slower",
                        slower,
                        "The controllers know " + slower.label() + " at most, and the board speaks " + spoken.label());
            }
        }
        if (known.compareTo(MotorProtocol.DSHOT600) < 0 && spoken.isKnownTo(known)) {
            MotorProtocol faster = MotorProtocol.values()[known.ordinal() + 1];
            faults.add(PROTOCOL.wrong(
                    "protocol-too-fast",
                    "protocol-not-spoken",
                    "motor protocol",
                    SettingsOdds.CONTROLLERS_LACK,
                    was -> faster,
                    any -> "The board speaks " + faster.label() + ", and the controllers know " + known.label()
                            + " at most",
                    PROTOCOL.entered(
                            "set",
                            "protocol " + spoken,
                            "Choose " + spoken.label() + " for the motors",
                            List.of(
                                    "Props off. On the board's page of motors choose " + spoken.label() + ".",
                                    SettingTrouble.SAVE,
                                    "Listen for the second tones."),
                            2)));
        }
        if (spoken.isDigital() && !sound.told(DriveSettings.TWO_WAY) && !sound.told(DriveSettings.ANSWERS)) {
            faults.add(TWO_WAY.wrong(
                    "two-way-unanswered",
                    "two-way-unanswered",
                    "setting " + DriveSettings.TWO_WAY.id(),
                    SettingsOdds.TWO_WAY,
                    was -> true,
                    any -> "The two-way motor protocol is on, and the controllers' firmware does not answer",
                    TWO_WAY.entered(
                            "set",
                            "two-way off",
                            "Switch the two-way motor protocol off",
                            List.of(
                                    "Props off. On the board's page of motors: two-way off.",
                                    SettingTrouble.SAVE,
                                    "It needs other firmware in the controllers; with that, switch it on again.",
                                    "Listen for the second tones."),
                            2)));
        }
    }

    /**
     * Controllers that know less than anybody thought: the board falls back to what they know, or they are replaced.
     */
    private void lacking(String id, MotorProtocol known, String description) {
        String was = sound.told().said(DriveSettings.PROTOCOL);
        List<String> steps = new ArrayList<>(
                List.of("Props off. On the board's page of motors choose " + known.label() + ".", SettingTrouble.SAVE));
        if (known.needsEndPoints()) {
            steps.addAll(TEACHING);
        }
        steps.add("Find where each motor starts, and set the idle one percent above the latest.");
        faults.add(KNOWN.wrong(
                id,
                "protocol-not-spoken",
                "controllers",
                SettingsOdds.CONTROLLERS_LACK,
                any -> known,
                any -> description,
                (whole, faulty) -> List.of(
                        new Fix<>(
                                "fall-back",
                                "controllers understand " + known,
                                "Fall back to " + known.label()
                                        + (known.needsEndPoints() ? " and teach the ends of the throttle" : ""),
                                steps,
                                List.of(new Value(DriveSettings.PROTOCOL.label(), was, known.label())),
                                known.needsEndPoints() ? 6 : 3,
                                craft -> craft.with(DriveSettings.PROTOCOL, known)
                                        .with(DriveSettings.TWO_WAY, false)
                                        .with(DriveSettings.ENDS, true)),
                        new Fix<>(
                                "replace",
                                "controllers know " + sound.told(DriveSettings.KNOWN),
                                "Give the controllers other firmware, or replace them",
                                List.of(
                                        "Newer firmware may not help: look first whether theirs "
                                                + "has a version that knows " + was + ".",
                                        "Else other controllers; pack out, and the pre-power routine after the iron."),
                                List.of(new Value(
                                        DriveSettings.KNOWN.label(),
                                        known.label(),
                                        sound.told().said(DriveSettings.KNOWN))),
                                40,
                                craft -> craft.with(DriveSettings.KNOWN, sound.told(DriveSettings.KNOWN))))));
    }

    private void starting() {
        if (sound.told(DriveSettings.PROTOCOL).needsEndPoints()) {
            faults.add(ENDS.wrong(
                    "ends-not-taught",
                    "ends-not-taught",
                    "setting " + DriveSettings.ENDS.id(),
                    SettingsOdds.ENDS,
                    was -> false,
                    any -> "The controllers were never taught the ends of the throttle",
                    ENDS.entered(
                            "teach", "ends taught", "Teach the controllers the ends of the throttle", TEACHING, 5)));
        }
        if (sound.told(DriveSettings.IDLE) > TOO_LOW * 2) {
            faults.add(IDLE.wrong(
                    "idle-too-low",
                    "idle-too-low",
                    "setting " + DriveSettings.IDLE.id(),
                    SettingsOdds.IDLE,
                    was -> TOO_LOW,
                    any -> "The idle of " + TOO_LOW + " % is below what some motors keep on at",
                    IDLE.entered(
                            "set",
                            "idle " + sound.told().written(DriveSettings.IDLE),
                            "Set the idle to " + sound.told().said(DriveSettings.IDLE),
                            List.of(
                                    "Find where each motor starts; one percent above the latest is right.",
                                    SettingTrouble.SAVE),
                            3)));
        }
    }
}
