package ablemedic.radio;

import ablemedic.craft.Craft;
import ablemedic.craft.LinkSettings;
import ablemedic.craft.LinkSettings.ModelType;
import ablemedic.craft.RadioSettings;
import ablemedic.craft.Stick;
import ablemedic.family.FaultList;
import ablemedic.family.SettingTrouble;
import java.util.Arrays;
import java.util.List;

/**
 * The faults of sticks that stand off the middle, do not reach their ends or move each other's bars. Orders and senses
 * are those of take-off.
 */
final class StickFaults {
    static final SettingTrouble<ModelType> MODEL_TYPE = SettingTrouble.of(LinkSettings.MODEL_TYPE);
    /** Those whose middle matters. */
    static final List<Stick> CENTRED = List.of(Stick.ROLL, Stick.PITCH, Stick.YAW);

    private static final List<SettingTrouble<Double>> TRIM = Arrays.stream(Stick.values())
            .map(stick -> SettingTrouble.of(RadioSettings.trim(stick)))
            .toList();
    private static final List<SettingTrouble<Double>> TRAVEL = Arrays.stream(Stick.values())
            .map(stick -> SettingTrouble.of(RadioSettings.travel(stick)))
            .toList();
    /** How far a trim that was knocked stands off, microseconds. Common practice, no source. */
    private static final double KNOCKED_US = 24;

    private static final double SHORT = 0.8;

    private StickFaults() {}

    static void addTo(FaultList faults, Craft sound) {
        for (Stick stick : CENTRED) {
            faults.entered(
                    TRIM.get(stick.ordinal()),
                    RadioSettings.trim(stick),
                    sound,
                    "trim-off-" + stick.label(),
                    "stick-off-centre",
                    RadioOdds.TRIM,
                    was -> was > 0 ? was - KNOCKED_US : was + KNOCKED_US,
                    "The trim of " + stick.label() + " stands off the middle",
                    "Bring the middle of " + stick.label() + " to 1500 µs",
                    1,
                    "At the radio: trim of " + stick.label()
                            + ", or its sub-trim, until the bar stands at 1500 µs with the stick left alone.");
        }
        for (Stick stick : Stick.values()) {
            faults.entered(
                    TRAVEL.get(stick.ordinal()),
                    RadioSettings.travel(stick),
                    sound,
                    "travel-short-" + stick.label(),
                    "stick-ends-short",
                    RadioOdds.TRAVEL,
                    was -> was * SHORT,
                    "The " + stick.label() + " stick does not reach its ends",
                    "Give " + stick.label() + " its full travel",
                    2,
                    "At the radio, travel of " + stick.label() + " to "
                            + sound.told().said(RadioSettings.travel(stick)) + ": the bar reaches 1000 and 2000 µs.",
                    "Calibrate the ends at the board where its firmware wants that.");
        }
        faults.entered(
                MODEL_TYPE,
                LinkSettings.MODEL_TYPE,
                sound,
                "model-type-mixes",
                "model-type-mixes",
                RadioOdds.MIXING,
                was -> ModelType.HELICOPTER,
                "The radio takes the model for a helicopter and mixes its sticks",
                "Set the type of the model: " + sound.told().said(LinkSettings.MODEL_TYPE),
                3,
                "A new model of that type; some radios keep the old mixing otherwise. The board mixes by itself.",
                "Push one stick: one bar moves.");
    }
}
