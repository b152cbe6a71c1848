package ablemedic.radio;

import ablemedic.craft.ArmingSettings;
import ablemedic.craft.Craft;
import ablemedic.craft.LinkSettings;
import java.util.ArrayList;
import java.util.List;

/**
 * A channel of the radio passed through the board to a spare output, for a servo or a lamp: which auxiliary channel it
 * is, what speaks against it, and the steps that prove it, so that what is left then is wiring. Common practice with no
 * source.
 *
 * @param auxiliary its number among the auxiliary channels; channel 5 is the first
 * @param against what speaks against it
 */
public record OutputPass(int auxiliary, List<String> against, List<String> steps) {
    private static final int STICKS = 4;
    private static final int MOTORS = 4;

    /**
     * @param channel of the radio, from 5
     * @param output of the board, from 1
     * @throws IllegalArgumentException for a channel of the sticks
     */
    public static OutputPass of(Craft craft, int channel, int output) {
        if (channel <= STICKS) {
            throw new IllegalArgumentException("channels 1 to 4 are the sticks; a spare one is 5 or higher");
        }
        List<String> against = new ArrayList<>();
        if (!LinkSettings.carries(craft, channel)) {
            against.add("The link does not carry channel " + channel + ": it carries "
                    + craft.told(LinkSettings.CHANNELS) + ", " + craft.told().said(LinkSettings.FRAMES) + ".");
        }
        if (output <= MOTORS) {
            against.add("Output " + output + " drives the motor at " + craft.name(craft.wiredTo(output)) + ".");
        }
        List.of(ArmingSettings.ARM, ArmingSettings.LEVEL, ArmingSettings.SOUNDER)
                .forEach(mode -> {
                    if (craft.told(mode).channel() == channel) {
                        against.add("Channel " + channel + " is that of the " + mode.label() + ".");
                    }
                });
        int auxiliary = channel - STICKS;
        return new OutputPass(
                auxiliary,
                List.copyOf(against),
                List.of(
                        "At the radio: the switch or knob on channel " + channel
                                + ". Its bar is that of auxiliary channel " + auxiliary + "; see it move.",
                        "At the board: output " + output
                                + " freed of its motor or lamp, and set to servo pulses of 50 a second.",
                        "One mixing line: auxiliary channel " + auxiliary + " to output " + output
                                + ", rate 100 %, nothing else on it. Save, restart.",
                        "On the board's page of outputs, props off: does output " + output
                                + " move with the knob? Then board and radio are right up to the pad.",
                        "If it moves there and the servo does not: the plug's place and way round, its supply (5 V, and enough of it), a bridge between pins."));
    }
}
