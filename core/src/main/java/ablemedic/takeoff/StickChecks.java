package ablemedic.takeoff;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Text;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.craft.RadioSettings;
import ablemedic.craft.Stick;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Facet;
import ablemedic.family.CraftCheck;
import ablemedic.family.InOneGo;
import ablemedic.family.Observer;
import ablemedic.family.Place;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Which channel bar each stick moves, and which way. */
final class StickChecks {
    private final TakeOffChecks checks;

    StickChecks(TakeOffChecks checks) {
        this.checks = checks;
    }

    void add() {
        List<CraftCheck> each = Arrays.stream(Stick.values()).map(this::one).toList();
        Words words = TakeOffChecks.words("sticks");
        InOneGo all = new InOneGo(
                words,
                Arrays.stream(Stick.values())
                        .map(stick -> of(words, stick).line("part").capitalized())
                        .toList(),
                each,
                1.2);
        checks.add(all);
        all.parts().forEach(checks::add);
    }

    private static Words of(Words words, Stick stick) {
        return words.with("stick", Param.written(stick.label())).with("positive", Param.written(stick.positive()));
    }

    private CraftCheck one(Stick stick) {
        return checks.ask("stick-to-bar")
                .id("stick-" + stick.label())
                .with("stick", Param.written(stick.label()))
                .with("positive", Param.written(stick.positive()))
                .shows(
                        StickChecks::bars,
                        asked -> from(
                                Facet.of("bar-of-" + stick.label(), (Craft c) -> moved(c, stick)),
                                bar -> Categorical.expecting(asked, bar, Observer.READS.slips())))
                .needs(BenchNeeds.COMPUTER_AND_RADIO)
                .minutes(0.4)
                .place(new Place.OneStick(stick))
                .made();
    }

    private static Choices bars(Words words) {
        List<Outcome> outcomes = new ArrayList<>();
        for (Stick bar : Stick.values()) {
            Words named = words.with("bar", Param.written(Text.capitalized(bar.label())));
            outcomes.add(new Outcome(bar.label() + "-up", named.outcome("up")));
            outcomes.add(new Outcome(bar.label() + "-down", named.outcome("down")));
        }
        return Choices.of(words.line("ask"), outcomes);
    }

    private static String moved(Craft craft, Stick stick) {
        return craft.functionOf(stick).label() + (craft.setting(RadioSettings.reversed(stick)) ? "-down" : "-up");
    }
}
