package ablemedic.radio;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
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
        Words words = Radio.WORDS
                .name("output-pass")
                .with("channel", Param.whole(channel, ""))
                .with("auxiliary", Param.whole(channel - STICKS, ""))
                .with("output", Param.whole(output, ""));
        List<String> against = new ArrayList<>();
        if (!LinkSettings.carries(craft, channel)) {
            against.add(words.with("carried", Param.whole(craft.setting(LinkSettings.CHANNELS), ""))
                    .with("frames", Param.written(craft.configuration().said(LinkSettings.FRAMES)))
                    .line("carries")
                    .plain());
        }
        if (output <= MOTORS) {
            against.add(words.with("corner", Param.written(craft.name(craft.wiredTo(output))))
                    .line("motor")
                    .plain());
        }
        List.of(ArmingSettings.ARM, ArmingSettings.LEVEL, ArmingSettings.SOUNDER)
                .forEach(mode -> {
                    if (craft.setting(mode).channel() == channel) {
                        against.add(words.with("mode", Param.written(mode.label()))
                                .line("mode")
                                .plain());
                    }
                });
        return new OutputPass(channel - STICKS, List.copyOf(against), words.plainSteps(""));
    }
}
