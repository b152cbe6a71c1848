package ablemedic.craft;

import ablemedic.configuration.Device;
import ablemedic.configuration.Setting;
import ablemedic.configuration.ValueForm;
import ablemedic.configuration.ValueForm.Choice;
import ablemedic.configuration.ValueForm.Range;
import ablemedic.configuration.ValueForm.Words;
import java.util.List;

/** What the FC can be told. */
public final class FcSettings {
    private static final String MOTORS = "motors";
    private static final String BOARD = "board";
    private static final String STICKS = "sticks";
    private static final String FLIGHT = "flight";
    private static final String POWER = "power";

    /** Which corner it means by motor 1 to 4. */
    public static final Setting<MotorNumbering> NUMBERING = board(
            MOTORS,
            "numbering",
            MotorNumbering.REAR_RIGHT_FIRST,
            Choice.of(MotorNumbering.class, MotorNumbering::label));
    /** Which output drives each motor. */
    public static final Setting<OutputOrder> OUTPUT_ORDER = board(
            MOTORS,
            "output-order",
            OutputOrder.AS_LABELLED,
            new Words<>(
                    SettingWords.of("output-order").line("expected").plain(),
                    OutputOrder::toString,
                    OutputOrder::parse,
                    OutputOrder::toString));
    /** Which way it takes the props to turn. */
    public static final Setting<SpinConvention> SPINS =
            board(MOTORS, "spins", SpinConvention.INWARD, Choice.of(SpinConvention.class, SpinConvention::label));
    /** How it takes itself to be mounted. */
    public static final Setting<Rotation> ALIGNMENT = board(
            BOARD,
            "alignment",
            Rotation.NONE,
            new Words<>(
                    SettingWords.of("alignment").line("expected").plain(),
                    r -> r.angles().written(),
                    Rotation::parse,
                    r -> r.angles().toString()));
    /** Error of the level calibration. */
    public static final Setting<Tilt> LEVEL_OFF = board(
            BOARD,
            "level-off",
            Tilt.NONE,
            new Words<>(
                    SettingWords.of("level-off").line("expected").plain(),
                    Tilt::written,
                    Tilt::parse,
                    t -> "roll " + Math.round(t.rollDeg()) + "°, pitch " + Math.round(t.pitchDeg()) + "°"));
    /** The channel order that it expects. */
    public static final Setting<StickOrder> STICK_ORDER =
            board(STICKS, "stick-order", StickOrder.AETR, StickOrder.FORM);
    /** How it flies at take-off. */
    public static final Setting<FlightMode> MODE =
            board(FLIGHT, "mode", FlightMode.RATE, Choice.of(FlightMode.class, FlightMode::label));
    /** Rate gain over that which suits the craft. */
    public static final Setting<Double> GAIN = board(FLIGHT, "gain", 1.0, SettingWords.range("gain", 0.01, 99));

    /**
     * Cut-off of the gyro's filter over that which suits the craft: more lets noise through to the motors, less lags
     * behind.
     */
    public static final Setting<Double> FILTER = board(FLIGHT, "filter", 1.0, SettingWords.range("filter", 0.05, 20));

    /** Where it takes the battery's voltage from. */
    public static final Setting<VoltageSource> VOLTAGE_SOURCE =
            board(POWER, "voltage-source", VoltageSource.DIVIDER, Choice.of(VoltageSource.class, VoltageSource::label));
    /** Pad voltage over converter voltage that it reckons with; usual is a divider of ten to one. */
    public static final Setting<Double> VOLTAGE_SCALE = board(POWER, "voltage-scale", 11.0, new Range(0.001, 1000, ""));
    /** How many cells it takes the battery to have; 0 to guess at plug-in. */
    public static final Setting<Integer> CELLS =
            board(POWER, "cells", 0, SettingWords.count(SettingWords.of("cells"), 14, ""));
    /** Whether it reads a current sensor. */
    public static final Setting<Boolean> CURRENT_READ =
            board(POWER, "current-read", true, SettingWords.choice("current-read", true, "read", "none"));
    /** Current that it reckons for each real ampere. */
    public static final Setting<Double> CURRENT_SCALE = board(POWER, "current-scale", 1.0, new Range(0.001, 100, ""));
    /** What it reckons when no current flows. */
    public static final Setting<Double> CURRENT_AT_REST =
            board(POWER, "current-at-rest", 0.0, new Range(-100, 100, "A"));

    /** Voltage a cell at which it warns. Schools: 3.7 lands early, 3.5 uses the battery. Common practice. */
    public static final Setting<Double> WARN_CELL =
            board(POWER, "warn-cell", 3.5, SettingWords.range("warn-cell", 2, 4.4));
    /** Voltage a cell that it calls critical. */
    public static final Setting<Double> LOWEST_CELL =
            board(POWER, "lowest-cell", 3.3, SettingWords.range("lowest-cell", 2, 4.4));

    /** Whether it goes by a compass. */
    public static final Setting<Boolean> COMPASS =
            board(BOARD, "compass", false, SettingWords.choice("compass", false, "used", "none"));

    /** All of them, in the order in which a person goes over them. */
    public static final List<Setting<?>> ALL = List.of(
            NUMBERING,
            OUTPUT_ORDER,
            SPINS,
            ALIGNMENT,
            COMPASS,
            LEVEL_OFF,
            STICK_ORDER,
            MODE,
            GAIN,
            FILTER,
            VOLTAGE_SOURCE,
            VOLTAGE_SCALE,
            CELLS,
            CURRENT_READ,
            CURRENT_SCALE,
            CURRENT_AT_REST,
            WARN_CELL,
            LOWEST_CELL);

    private FcSettings() {}

    /** Whether a setting is about battery and sensors. */
    public static boolean isOfPower(Setting<?> setting) {
        return setting.group().equals(VOLTAGE_SOURCE.group());
    }

    private static <T> Setting<T> board(String group, String id, T usual, ValueForm<T> form) {
        return SettingWords.setting(Device.FLIGHT_BOARD, group, id, usual, form);
    }
}
