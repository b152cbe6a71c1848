package ablemedic.family;

import ablemedic.catalogue.Words;
import ablemedic.configuration.Setting;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Gaussian;
import ablemedic.diagnosis.Prediction;
import java.util.ArrayList;
import java.util.List;

/** The checks of one craft as they are gathered. */
public final class CheckList {
    /** How often a number that is set is misread. Common practice, no source. */
    private static final double MISREAD = 0.05;

    private final List<Check<Craft>> checks = new ArrayList<>();

    public boolean has(String id) {
        return checks.stream().anyMatch(check -> check.id().equals(id));
    }

    /** The check of an entry of a catalogue, to be declared. */
    public CheckBuilder ask(Words words) {
        return new CheckBuilder(this, words);
    }

    public void add(Check<Craft> check) {
        checks.add(check);
    }

    public void add(
            String id,
            String kind,
            String title,
            String instruction,
            Answers answers,
            Prediction<Craft, ?> prediction,
            double minutes,
            double risk,
            BenchNeeds needs) {
        add(id, kind, title, instruction, answers, prediction, minutes, risk, needs, Place.NOWHERE);
    }

    public void add(
            String id,
            String kind,
            String title,
            String instruction,
            Answers answers,
            Prediction<Craft, ?> prediction,
            double minutes,
            double risk,
            BenchNeeds needs,
            Place place) {
        checks.add(new CraftCheck(
                id, kind, c -> title, c -> instruction, answers, prediction, minutes, risk, needs, true, true, place));
    }

    /** A whole number that is read where it is set. */
    public void rate(
            SettingTrouble<Integer> trouble,
            Setting<Integer> setting,
            Craft sound,
            String id,
            String kind,
            String title,
            String how) {
        Scale scale = new Scale("what is set", "", 0, 3_000_000, 100, List.of());
        add(trouble.read(
                id,
                kind,
                c -> title,
                c -> how,
                scale,
                sound.told(setting),
                told -> new Gaussian(scale, told, 1 + 0.005 * told, MISREAD),
                1));
    }

    public List<Check<Craft>> all() {
        return List.copyOf(checks);
    }
}
