package ablemedic.radio;

import ablemedic.catalogue.Param;
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
            faults.add(Radio.WORDS.fault("stick-off-centre"))
                    .id("trim-off-" + stick.label())
                    .sets(TRIM.get(stick.ordinal()), sound, was -> was > 0 ? was - KNOCKED_US : was + KNOCKED_US)
                    .prior(RadioOdds.TRIM)
                    .with("stick", named(stick))
                    .fix("set", 1);
        }
        for (Stick stick : Stick.values()) {
            faults.add(Radio.WORDS.fault("stick-ends-short"))
                    .id("travel-short-" + stick.label())
                    .sets(TRAVEL.get(stick.ordinal()), sound, was -> was * SHORT)
                    .prior(RadioOdds.TRAVEL)
                    .with("stick", named(stick))
                    .with("right", Param.written(sound.configuration().said(RadioSettings.travel(stick))))
                    .fix("set", 2);
        }
        faults.add(Radio.WORDS.fault("model-type-mixes"))
                .sets(MODEL_TYPE, sound, was -> ModelType.HELICOPTER)
                .prior(RadioOdds.MIXING)
                .with("right", Param.written(sound.configuration().said(LinkSettings.MODEL_TYPE)))
                .fix("set", 3);
    }

    private static Param named(Stick stick) {
        return Param.written(stick.label());
    }
}
