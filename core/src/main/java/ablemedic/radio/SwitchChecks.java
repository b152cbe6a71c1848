package ablemedic.radio;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.craft.ArmingSettings;
import ablemedic.craft.Craft;
import ablemedic.craft.LinkSettings;
import ablemedic.craft.LinkSettings.Frames;
import ablemedic.craft.ModeRange;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.Answers.Question;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Categorical.Way;
import ablemedic.diagnosis.Facet;
import ablemedic.family.CheckList;
import ablemedic.radio.RadioChain.Switch;
import java.util.List;
import java.util.Locale;

/**
 * The checks of switches: whether their channels come at all, and what they switch. Observers' error rates are common
 * practice.
 */
final class SwitchChecks {
    static final String SWITCHES = "switches";

    private static final double MISREAD = 0.05;
    private static final List<Outcome> DOES = List.of(
            new Outcome("works", "on switches it on, off switches it off"),
            new Outcome("nothing", "nothing"),
            new Outcome("other_end", "off switches it on"),
            new Outcome("always", "it is on wherever the switch stands"));

    private SwitchChecks() {}

    /** What each switch does; the arm switch first. */
    static Choices does() {
        return new Choices(List.of(
                new Question("arm", "The arm switch?", DOES),
                new Question("level", "The switch of self-level?", DOES)));
    }

    record Both(Switch arm, Switch level) {}

    static Categorical does(Choices answers, Both both, double wrong) {
        return new Categorical(
                answers, List.of(new Way(1, new double[][] {shares(both.arm(), wrong), shares(both.level(), wrong)})));
    }

    private static double[] shares(Switch seen, double wrong) {
        double[] shares = new double[DOES.size()];
        for (int i = 0; i < shares.length; i++) {
            shares[i] = DOES.get(i).id().equals(seen.name().toLowerCase(Locale.ROOT))
                    ? 1 - wrong
                    : wrong / (shares.length - 1);
        }
        return shares;
    }

    static Facet<Craft, Both> facet(RadioChain chain) {
        return Facet.of(
                "switches",
                craft -> chain.isHeard(craft)
                        ? new Both(RadioChain.arm(craft), RadioChain.level(craft))
                        : new Both(Switch.NOTHING, Switch.NOTHING));
    }

    static void addTo(CheckList checks, RadioChain chain) {
        Craft sound = chain.sound();
        BenchNeeds needs = chain.barsNeed();
        ModeRange level = sound.told(ArmingSettings.LEVEL);
        if (!level.isNone() && sound.told(ArmingSettings.BY) == ArmingSettings.Way.SWITCH) {
            Choices does = does();
            checks.add(
                    SWITCHES,
                    "switches",
                    "Flip each switch and watch the page of modes",
                    "Computer joined, radio on, props off. The arm switch, then that of self-level: does its mode light up where the switch is on?",
                    does,
                    from(facet(chain), both -> does(does, both, MISREAD)),
                    0.8,
                    0.05,
                    needs);
        }
        int channel = Math.max(level.channel(), sound.told(ArmingSettings.ARM).channel());
        if (channel > 0) {
            Choices bar = Choices.of(
                    "What does the bar of channel " + channel + " do?",
                    List.of(new Outcome("moves", "it follows its switch"), new Outcome("still", "it stands still")));
            checks.add(
                    "switch-bar",
                    "switch-bar",
                    "Flip the switch of channel " + channel + ": does its bar move?",
                    "On the receiver's page, below the four bars of the sticks. That the sticks' bars move says nothing of it.",
                    bar,
                    from(
                            Facet.of(
                                    "channel " + channel + " comes",
                                    craft -> chain.isHeard(craft)
                                            && LinkSettings.carries(craft, channel)
                                            && isOn(craft, sound, channel)),
                            comes -> Categorical.expecting(bar, comes ? "moves" : "still", MISREAD)),
                    0.3,
                    0.05,
                    needs);
        }
        Choices frames = Choices.of(
                "Which is it?",
                List.of(
                        new Outcome("full", "sixteen channels, or full"),
                        new Outcome("short", "eight channels, or short")));
        checks.add(SwitchFaults.FRAMES
                .read(
                        "frames-setting",
                        "read-at-radio",
                        c -> "Which frame mode is the module set to?",
                        c -> "In the model's page of modules. Some pairs lose their switches in the short mode.",
                        frames,
                        told -> Categorical.expecting(frames, told == Frames.FULL ? "full" : "short", MISREAD),
                        0.5)
                .needing(BenchNeeds.RADIO));
        int sends = sound.told(LinkSettings.CHANNELS);
        Choices channels = Choices.of(
                "How many?",
                List.of(new Outcome("as-told", sends + " or more"), new Outcome("fewer", "fewer than " + sends)));
        checks.add(SwitchFaults.CHANNELS
                .read(
                        "channels-setting",
                        "read-at-radio",
                        c -> "How many channels does the radio send?",
                        c -> "In the model's page of modules: its range of channels.",
                        channels,
                        told -> Categorical.expecting(channels, told >= sends ? "as-told" : "fewer", MISREAD),
                        0.5)
                .needing(BenchNeeds.RADIO));
        if (!level.isNone()) {
            Choices on = Choices.of(
                    "Which channel is it on?",
                    List.of(
                            new Outcome("as-told", "channel " + level.channel()),
                            new Outcome("other", "another, or none")));
            checks.add(SwitchFaults.LEVEL_CHANNEL
                    .read(
                            "level-channel-setting",
                            "read-at-radio",
                            c -> "On which channel has the radio its switch of self-level?",
                            c -> "In the radio's model, its page of channels.",
                            on,
                            told -> Categorical.expecting(on, told == level.channel() ? "as-told" : "other", MISREAD),
                            0.5)
                    .needing(BenchNeeds.RADIO));
        }
    }

    /** Whether the switch that is meant sits on a channel. */
    private static boolean isOn(Craft craft, Craft sound, int channel) {
        boolean level = sound.told(ArmingSettings.RADIO_LEVEL_CHANNEL) == channel;
        return craft.told(level ? ArmingSettings.RADIO_LEVEL_CHANNEL : ArmingSettings.RADIO_CHANNEL) == channel;
    }
}
