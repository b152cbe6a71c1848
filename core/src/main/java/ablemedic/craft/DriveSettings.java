package ablemedic.craft;

import ablemedic.configuration.Device;
import ablemedic.configuration.Setting;
import ablemedic.configuration.ValueForm.Choice;
import ablemedic.configuration.ValueForm.Range;
import java.util.List;

/** What board and speed controllers are told of one another. */
public final class DriveSettings {
    private static final String MOTORS = "motors";

    /** What the board speaks to the controllers. */
    public static final Setting<MotorProtocol> PROTOCOL = SettingWords.setting(
            Device.FLIGHT_BOARD,
            MOTORS,
            "motor-protocol",
            MotorProtocol.DSHOT300,
            Choice.of(MotorProtocol.class, MotorProtocol::label));
    /** Whether the board asks the controllers for the speed of the motors over the same wire. */
    public static final Setting<Boolean> TWO_WAY =
            SettingWords.setting(Device.FLIGHT_BOARD, MOTORS, "motor-two-way", false, UartSettings.onOff());
    /** Throttle at which armed motors turn. About 5.5 is usual; common practice, no source. */
    public static final Setting<Double> IDLE =
            SettingWords.setting(Device.FLIGHT_BOARD, MOTORS, "idle", 5.5, new Range(0, 30, "%"));
    /** The fastest protocol that the controllers know. */
    public static final Setting<MotorProtocol> KNOWN = SettingWords.setting(
            Device.SPEED_CONTROLLERS,
            MOTORS,
            "controllers-know",
            MotorProtocol.DSHOT600,
            Choice.of(MotorProtocol.class, MotorProtocol::label));
    /** Whether the controllers' firmware answers the board. */
    public static final Setting<Boolean> ANSWERS = SettingWords.setting(
            Device.SPEED_CONTROLLERS,
            MOTORS,
            "controllers-answer",
            false,
            SettingWords.choice("controllers-answer", false, "yes", "no"));
    /** Whether the controllers were taught the ends of the board's throttle; only pulses need that. */
    public static final Setting<Boolean> ENDS = SettingWords.setting(
            Device.SPEED_CONTROLLERS,
            MOTORS,
            "throttle-ends",
            true,
            SettingWords.choice("throttle-ends", true, "taught", "not-taught"));

    /** All of them, in the order in which a person goes over them. */
    public static final List<Setting<?>> ALL = List.of(PROTOCOL, TWO_WAY, IDLE, KNOWN, ANSWERS, ENDS);

    private DriveSettings() {}
}
