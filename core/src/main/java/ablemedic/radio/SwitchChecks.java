package ablemedic.radio;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
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
import ablemedic.family.CheckBuilder;
import ablemedic.family.CheckList;
import ablemedic.family.Observer;
import ablemedic.radio.RadioChain.Switch;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/**
 * The checks of switches: whether their channels come at all, and what they switch. Observers' error rates are common
 * practice.
 */
final class SwitchChecks {
    static final String SWITCHES = "switches";

    private static final Choices DOES = does(Radio.WORDS.check(SWITCHES));

    private SwitchChecks() {}

    /** What each switch does; the arm switch first. */
    static Choices does() {
        return DOES;
    }

    private static Choices does(Words words) {
        List<Outcome> outcomes = CheckBuilder.named(words, words.outcomes());
        return new Choices(Stream.of("arm", "level")
                .map(one -> new Question(one, words.line("ask " + one), outcomes))
                .toList());
    }

    record Both(Switch arm, Switch level) {}

    static Categorical does(Choices answers, Both both, double wrong) {
        return new Categorical(
                answers, List.of(new Way(1, new double[][] {shares(both.arm(), wrong), shares(both.level(), wrong)})));
    }

    private static double[] shares(Switch seen, double wrong) {
        List<Outcome> outcomes = DOES.questions().get(0).outcomes();
        double[] shares = new double[outcomes.size()];
        for (int i = 0; i < shares.length; i++) {
            shares[i] = outcomes.get(i).id().equals(seen.name().toLowerCase(Locale.ROOT))
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
        ModeRange level = sound.setting(ArmingSettings.LEVEL);
        if (!level.isNone() && sound.setting(ArmingSettings.BY) == ArmingSettings.Way.SWITCH) {
            checks.ask(Radio.WORDS.check(SWITCHES))
                    .shows(
                            words -> does(),
                            asked -> from(facet(chain), both -> does(asked, both, Observer.READS.slips())))
                    .needs(needs)
                    .minutes(0.8)
                    .risk(0.05)
                    .add();
        }
        int channel =
                Math.max(level.channel(), sound.setting(ArmingSettings.ARM).channel());
        if (channel > 0) {
            checks.ask(Radio.WORDS.check("switch-bar"))
                    .with("channel", new Param.Count(channel))
                    .shows(
                            Facet.of(
                                    "channel-" + channel,
                                    craft -> chain.isHeard(craft)
                                            && LinkSettings.carries(craft, channel)
                                            && isOn(craft, sound, channel)),
                            comes -> comes ? "moves" : "still",
                            Observer.READS)
                    .needs(needs)
                    .minutes(0.3)
                    .risk(0.05)
                    .add();
        }
        BindChecks.atRadio(checks, "frames-setting")
                .minutes(0.5)
                .reads(SwitchFaults.FRAMES, is -> is == Frames.FULL ? "full" : "short", Observer.READS);
        int sends = sound.setting(LinkSettings.CHANNELS);
        BindChecks.atRadio(checks, "channels-setting")
                .with("right", new Param.Count(sends))
                .minutes(0.5)
                .reads(SwitchFaults.CHANNELS, is -> is >= sends ? "as-told" : "fewer", Observer.READS);
        if (!level.isNone()) {
            BindChecks.atRadio(checks, "level-channel-setting")
                    .with("right", new Param.Count(level.channel()))
                    .minutes(0.5)
                    .reads(
                            SwitchFaults.LEVEL_CHANNEL,
                            is -> is == level.channel() ? "as-told" : "other",
                            Observer.READS);
        }
    }

    /** Whether the switch that is meant sits on a channel. */
    private static boolean isOn(Craft craft, Craft sound, int channel) {
        boolean level = sound.setting(ArmingSettings.RADIO_LEVEL_CHANNEL) == channel;
        return craft.setting(level ? ArmingSettings.RADIO_LEVEL_CHANNEL : ArmingSettings.RADIO_CHANNEL) == channel;
    }
}
