package ablemedic.craft;

import ablemedic.catalogue.Names;
import ablemedic.configuration.Device;
import ablemedic.configuration.Setting;
import ablemedic.configuration.ValueForm.Choice;
import ablemedic.configuration.ValueForm.Count;
import ablemedic.configuration.ValueForm.Range;
import java.util.List;
import java.util.Optional;

/** What a radio's module and a receiver are told of one another, and what the link between them carries. */
public final class LinkSettings {
    private static final String LINK = "link";
    /** The first four channels are the sticks. */
    private static final int STICKS = 4;

    /** The ways in which a receiver is brought to take a radio for its own. */
    public enum BindsBy {
        BUTTON,
        POWER_CYCLES,
        PHRASE,
        MENU;

        /** How it is done, in a sentence, and what proves it. */
        public String how() {
            return Names.words(BindsBy.class).line("how-" + Names.id(this)).plain();
        }

        public String label() {
            return Names.of(this);
        }
    }

    /** How the module cuts the channels into frames. */
    public enum Frames {
        FULL,
        SHORT,
        SHORT_WITHOUT_SWITCHES;

        public String label() {
            return Names.of(this);
        }
    }

    /** What the radio takes the model for. */
    public enum ModelType {
        MULTI_ROTOR,
        HELICOPTER,
        PLANE;

        public String label() {
            return Names.of(this);
        }

        /** Whether it sends a stick on channels of others too. */
        public boolean mixes() {
            return this != MULTI_ROTOR;
        }
    }

    /** Whether the module speaks what the receiver listens to. */
    public static final Setting<Boolean> PROTOCOL = yesNo(Device.RADIO, "radio-protocol", true, "receivers", "other");
    /** Whether the radio has this craft's model chosen. */
    public static final Setting<Boolean> MODEL = yesNo(Device.RADIO, "radio-model", true, "this", "other");
    /** The first number of the version of the radio's module. */
    public static final Setting<Integer> RADIO_GENERATION = generation(Device.RADIO, "radio-generation");
    /** The same of the receiver; both must be of one. */
    public static final Setting<Integer> RECEIVER_GENERATION = generation(Device.RECEIVER, "receiver-generation");
    /** Whether the radio stands so close that it swamps the receiver. */
    public static final Setting<Boolean> BESIDE = yesNo(Device.RADIO, "radio-beside", false, "beside", "away");
    /** How the receiver is bound. */
    public static final Setting<BindsBy> BINDS_BY = SettingWords.setting(
            Device.RECEIVER, LINK, "binds-by", BindsBy.BUTTON, Choice.of(BindsBy.class, BindsBy::label));
    /** How the channels are cut into frames. */
    public static final Setting<Frames> FRAMES = SettingWords.setting(
            Device.RADIO, LINK, "radio-frames", Frames.FULL, Choice.of(Frames.class, Frames::label));
    /** Channels that the radio sends. */
    public static final Setting<Integer> CHANNELS =
            SettingWords.setting(Device.RADIO, LINK, "radio-channels", 16, new Count(4, 18, n -> Optional.empty()));
    /** What the radio takes the model for. */
    public static final Setting<ModelType> MODEL_TYPE = SettingWords.setting(
            Device.RADIO,
            LINK,
            "radio-model-type",
            ModelType.MULTI_ROTOR,
            Choice.of(ModelType.class, ModelType::label));
    /** What the module sends with. */
    public static final Setting<Double> POWER =
            SettingWords.setting(Device.RADIO, LINK, "radio-power", 100.0, new Range(1, 2000, "mW"));
    /** Whether the output stage of the radio is whole. */
    public static final Setting<Boolean> OUTPUT = yesNo(Device.RADIO, "radio-output", true, "whole", "weak");

    /** All of them, in the order in which a person goes over them. */
    public static final List<Setting<?>> ALL = List.of(
            BINDS_BY,
            RECEIVER_GENERATION,
            RADIO_GENERATION,
            PROTOCOL,
            MODEL,
            MODEL_TYPE,
            FRAMES,
            CHANNELS,
            POWER,
            OUTPUT,
            BESIDE);

    private LinkSettings() {}

    /** Whether receiver and radio hear one another, if both are alive. */
    public static boolean isLinked(Craft craft) {
        return craft.setting(RadioSettings.MODULE)
                && craft.setting(RadioSettings.BOUND)
                && craft.setting(PROTOCOL)
                && craft.setting(MODEL)
                && !craft.setting(BESIDE)
                && craft.setting(RADIO_GENERATION).equals(craft.setting(RECEIVER_GENERATION));
    }

    /** Whether a channel, counted from 1, comes over the link. */
    public static boolean carries(Craft craft, int channel) {
        return channel <= STICKS
                || craft.setting(FRAMES) != Frames.SHORT_WITHOUT_SWITCHES && channel <= craft.setting(CHANNELS);
    }

    private static Setting<Integer> generation(Device device, String id) {
        return SettingWords.setting(device, LINK, id, 3, new Count(1, 9, n -> Optional.empty()));
    }

    private static Setting<Boolean> yesNo(Device device, String id, boolean usual, String yes, String no) {
        return SettingWords.setting(device, LINK, id, usual, SettingWords.choice(id, usual, yes, no));
    }
}
