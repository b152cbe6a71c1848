package ablemedic.craft;

import ablemedic.configuration.Device;
import ablemedic.configuration.Setting;
import ablemedic.configuration.ValueForm;
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
        BUTTON(
                "a button on the receiver",
                "hold the receiver's button while powering it, until its LED blinks slowly; bind on the radio."),
        POWER_CYCLES(
                "three power cycles",
                "power the receiver three times for a second each; its LED shows that it waits; bind on the radio."),
        PHRASE(
                "a phrase that both share",
                "the same phrase in module and receiver, letter by letter; they find each other by themselves."),
        MENU("the radio's menu", "start it in the radio's menu; a receiver that was never bound waits by itself.");

        private final String label;
        private final String how;

        BindsBy(String label, String how) {
            this.label = label;
            this.how = how;
        }

        /** How it is done, in a sentence, and what proves it. */
        public String how() {
            return "Bind: " + how + " A channel bar that moves is the proof; an LED is a hint.";
        }

        public String label() {
            return label;
        }
    }

    /** How the module cuts the channels into frames. */
    public enum Frames {
        FULL("full, sixteen channels"),
        SHORT("short, eight channels"),
        SHORT_WITHOUT_SWITCHES("short, and this pair loses its switches in it");

        private final String label;

        Frames(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /** What the radio takes the model for. */
    public enum ModelType {
        MULTI_ROTOR("multi-rotor, or no mixing"),
        HELICOPTER("helicopter"),
        PLANE("plane with a mixed tail");

        private final String label;

        ModelType(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }

        /** Whether it sends a stick on channels of others too. */
        public boolean mixes() {
            return this != MULTI_ROTOR;
        }
    }

    /** Whether the module speaks what the receiver listens to. */
    public static final Setting<Boolean> PROTOCOL = yesNo(
            Device.RADIO,
            "radio-protocol",
            "protocol of the RF module",
            true,
            "receivers",
            "the receiver's",
            "other",
            "another");
    /** Whether the radio has this craft's model chosen. */
    public static final Setting<Boolean> MODEL = yesNo(
            Device.RADIO,
            "radio-model",
            "model selected on the radio",
            true,
            "this",
            "this craft's",
            "other",
            "another craft's");
    /** The first number of the version of the radio's module. */
    public static final Setting<Integer> RADIO_GENERATION =
            generation(Device.RADIO, "radio-generation", "version of the RF module");
    /** The same of the receiver; both must be of one. */
    public static final Setting<Integer> RECEIVER_GENERATION =
            generation(Device.RECEIVER, "receiver-generation", "version of the receiver");
    /** Whether the radio stands so close that it swamps the receiver. */
    public static final Setting<Boolean> BESIDE = yesNo(
            Device.RADIO,
            "radio-beside",
            "radio while it is bound",
            false,
            "beside",
            "right beside the receiver",
            "away",
            "a step or two away");
    /** How the receiver is bound. */
    public static final Setting<BindsBy> BINDS_BY = Setting.of(
            Device.RECEIVER, LINK, "binds-by", "bound by", BindsBy.BUTTON, Choice.of(BindsBy.class, BindsBy::label));
    /** How the channels are cut into frames. */
    public static final Setting<Frames> FRAMES = Setting.of(
            Device.RADIO, LINK, "radio-frames", "frame mode", Frames.FULL, Choice.of(Frames.class, Frames::label));
    /** Channels that the radio sends. */
    public static final Setting<Integer> CHANNELS = Setting.of(
            Device.RADIO, LINK, "radio-channels", "channels of the radio", 16, new Count(4, 18, n -> Optional.empty()));
    /** What the radio takes the model for. */
    public static final Setting<ModelType> MODEL_TYPE = Setting.of(
            Device.RADIO,
            LINK,
            "radio-model-type",
            "model type",
            ModelType.MULTI_ROTOR,
            Choice.of(ModelType.class, ModelType::label));
    /** What the module sends with. */
    public static final Setting<Double> POWER =
            Setting.of(Device.RADIO, LINK, "radio-power", "power of the RF module", 100.0, new Range(1, 2000, "mW"));
    /** Whether the output stage of the radio is whole. */
    public static final Setting<Boolean> OUTPUT =
            yesNo(Device.RADIO, "radio-output", "RF output of the radio", true, "whole", "whole", "weak", "weak");

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
        return craft.told(RadioSettings.MODULE)
                && craft.told(RadioSettings.BOUND)
                && craft.told(PROTOCOL)
                && craft.told(MODEL)
                && !craft.told(BESIDE)
                && craft.told(RADIO_GENERATION).equals(craft.told(RECEIVER_GENERATION));
    }

    /** Whether a channel, counted from 1, comes over the link. */
    public static boolean carries(Craft craft, int channel) {
        return channel <= STICKS
                || craft.told(FRAMES) != Frames.SHORT_WITHOUT_SWITCHES && channel <= craft.told(CHANNELS);
    }

    private static Setting<Integer> generation(Device device, String id, String label) {
        return Setting.of(device, LINK, id, label, 3, new Count(1, 9, n -> Optional.empty()));
    }

    private static Setting<Boolean> yesNo(
            Device device, String id, String label, boolean usual, String yesId, String yes, String noId, String no) {
        ValueForm<Boolean> form = new Choice<>(List.of(usual, !usual), is -> is ? yesId : noId, is -> is ? yes : no);
        return Setting.of(device, LINK, id, label, usual, form);
    }
}
