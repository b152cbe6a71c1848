package ablemedic.settings;

import ablemedic.catalogue.Param;
import ablemedic.craft.Craft;
import ablemedic.craft.DriveSettings;
import ablemedic.craft.MotorProtocol;
import ablemedic.diagnosis.Fault;
import ablemedic.family.FaultList;
import ablemedic.family.SettingTrouble;
import java.util.List;

/**
 * The faults of what board and speed controllers say to one another. Those of one motor or its wires are in the
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

    /** The page of what ESCs do not support. */
    private static final String PROTOCOL_PAGE = "protocol-not-spoken";

    private final Craft sound;
    private final FaultList faults = new FaultList();

    private DriveFaults(Craft sound) {
        this.sound = sound;
    }

    static List<Fault<Craft>> of(Craft sound) {
        DriveFaults all = new DriveFaults(sound);
        all.protocols();
        all.starting();
        return all.faults.all();
    }

    private void protocols() {
        MotorProtocol sends = sound.setting(DriveSettings.PROTOCOL);
        MotorProtocol known = sound.setting(DriveSettings.KNOWN);
        if (sends.isDigital() && sends.isKnownTo(known)) {
            lacking("controllers-know-pulses", MotorProtocol.ONESHOT125);
            if (sends.compareTo(MotorProtocol.DSHOT150) > 0) {
                lacking("controllers-know-slower", MotorProtocol.values()[sends.ordinal() - 1]);
            }
        }
        if (known.compareTo(MotorProtocol.DSHOT600) < 0 && sends.isKnownTo(known)) {
            MotorProtocol faster = MotorProtocol.values()[known.ordinal() + 1];
            faults.add(SettingsAndFirmware.WORDS.fault("protocol-too-fast"))
                    .kind(PROTOCOL_PAGE)
                    .sets(PROTOCOL, sound, was -> faster)
                    .site("motor protocol")
                    .remedy("protocol " + sends)
                    .prior(SettingsOdds.CONTROLLERS_LACK)
                    .with("sends", Param.written(sends.label()))
                    .with("faster", Param.written(faster.label()))
                    .with("known", Param.written(known.label()))
                    .fix("set", 2);
        }
        if (sends.isDigital() && !sound.setting(DriveSettings.TWO_WAY) && !sound.setting(DriveSettings.ANSWERS)) {
            faults.add(SettingsAndFirmware.WORDS.fault("two-way-unanswered"))
                    .sets(TWO_WAY, sound, was -> true)
                    .remedy("two-way off")
                    .prior(SettingsOdds.TWO_WAY)
                    .fix("set", 2);
        }
    }

    /**
     * Controllers that know less than anybody thought: the board falls back to what they know, or they are replaced.
     */
    private void lacking(String id, MotorProtocol known) {
        MotorProtocol right = sound.setting(DriveSettings.KNOWN);
        faults.add(SettingsAndFirmware.WORDS.fault(id))
                .kind(PROTOCOL_PAGE)
                .site("controllers")
                .prior(SettingsOdds.CONTROLLERS_LACK)
                .changes(craft -> craft.with(DriveSettings.KNOWN, known))
                .with("known", Param.written(known.label()))
                .with("sends", Param.written(sound.configuration().said(DriveSettings.PROTOCOL)))
                .with("right", Param.written(sound.configuration().said(DriveSettings.KNOWN)))
                .fixedBy(
                        "fall-back",
                        "controllers understand " + known,
                        craft -> craft.with(DriveSettings.PROTOCOL, known)
                                .with(DriveSettings.TWO_WAY, false)
                                .with(DriveSettings.ENDS, true),
                        known.needsEndPoints() ? 6 : 3)
                .fixedBy("replace", "controllers know " + right, craft -> craft.with(DriveSettings.KNOWN, right), 40)
                .add();
    }

    private void starting() {
        if (sound.setting(DriveSettings.PROTOCOL).needsEndPoints()) {
            faults.add(SettingsAndFirmware.WORDS.fault("ends-not-taught"))
                    .sets(ENDS, sound, was -> false)
                    .remedy("ends taught")
                    .prior(SettingsOdds.ENDS)
                    .fix("teach", 5);
        }
        if (sound.setting(DriveSettings.IDLE) > TOO_LOW * 2) {
            faults.add(SettingsAndFirmware.WORDS.fault("idle-too-low"))
                    .sets(IDLE, sound, was -> TOO_LOW)
                    .remedy("idle " + sound.configuration().written(DriveSettings.IDLE))
                    .prior(SettingsOdds.IDLE)
                    .with("low", new Param.Quantity(TOO_LOW, "", 1))
                    .with("right", Param.written(sound.configuration().said(DriveSettings.IDLE)))
                    .fix("set", 3);
        }
    }
}
