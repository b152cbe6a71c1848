package ablemedic.takeoff;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Distribution;
import ablemedic.family.CheckBuilder;
import ablemedic.family.CheckList;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** All checks of take-off, in the order of an unhurried routine. */
final class TakeOffChecks {
    /** The hover that proves a craft. */
    static final String HOVER = "hover";
    /** Each motor turned alone, and the craft tipped and turned by hand. */
    static final String MOTORS = "motors";

    static final String TILTS = "tilts";
    static final String PROPS = "props";
    static final String ALIKE = "run-alike";

    private static final String NONE = "none";

    private final CheckList checks = new CheckList();

    private TakeOffChecks() {}

    static List<Check<Craft>> all() {
        TakeOffChecks all = new TakeOffChecks();
        all.checks.add(new TakeOffSeen());
        new EyeChecks(all).add();
        new WeightChecks(all).add();
        new SettingChecks(all).add();
        new PictureChecks(all).add();
        new StickChecks(all).add();
        new MotorChecks(all).add();
        new FlightChecks(all).add();
        return all.checks.all();
    }

    static Words words(String entry) {
        return TakeOffWords.WORDS.check(entry);
    }

    CheckBuilder ask(String entry) {
        return checks.ask(words(entry));
    }

    void add(Check<Craft> check) {
        checks.add(check);
    }

    /** A corner, which is shown by the frame's own name. */
    static Param corner(Corner corner) {
        return new Param.Corner(TakeOffSeen.id(corner));
    }

    /** A question for the corner that differs from the others. */
    static Choices oddCorner(Words words) {
        List<Outcome> outcomes = new ArrayList<>();
        for (Corner corner : Corner.ALL) {
            outcomes.add(new Outcome(
                    TakeOffSeen.id(corner), words.with("corner", corner(corner)).outcome("corner")));
        }
        outcomes.addAll(CheckBuilder.named(words, List.of(NONE)));
        return Choices.of(words.line("ask"), outcomes);
    }

    /** Which corner is named as the odd one, or none, by how surely each would be. */
    static Distribution odd(Choices answers, List<Double> surelyAt) {
        double[] p = new double[Corner.ALL.size() + 1];
        Arrays.fill(p, 0.02);
        for (Corner corner : Corner.ALL) {
            p[corner.ordinal()] = Math.max(p[corner.ordinal()], surelyAt.get(corner.ordinal()));
        }
        double named = Arrays.stream(p, 0, Corner.ALL.size()).sum();
        p[Corner.ALL.size()] = Math.max(0.05, 1 - named);
        double total = Arrays.stream(p).sum();
        return Categorical.of(answers, Arrays.stream(p).map(x -> x / total).toArray());
    }
}
