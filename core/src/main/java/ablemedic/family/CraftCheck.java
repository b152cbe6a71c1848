package ablemedic.family;

import ablemedic.catalogue.Text;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Prediction;
import java.util.List;
import java.util.function.Function;

/**
 * A check of a craft, put together from its parts.
 *
 * @param prediction what it reads of any craft and the outlook from that
 */
public record CraftCheck(
        String id,
        String kind,
        Task task,
        Answers answers,
        Prediction<Craft, ?> prediction,
        Effort effort,
        BenchNeeds needs,
        Use use,
        Place place)
        implements Place.Placed {

    /**
     * What to do, from the sound craft.
     *
     * @param title in one line
     * @param steps how
     */
    public record Task(Function<Craft, Text> title, Function<Craft, List<Text>> steps) {
        /** The same for every craft, in the words of an entry. */
        public static Task of(Words words) {
            Text title = words.line("do");
            List<Text> steps = words.steps("do");
            return new Task(craft -> title, craft -> steps);
        }
    }

    /**
     * What it costs.
     *
     * @param risk 0 for looking on, 1 for what can hurt somebody or break something
     */
    public record Effort(double minutes, double risk) {}

    /**
     * What it is for.
     *
     * @param explores whether it explores a suspect
     * @param planned whether the plan offers it by itself
     * @param proves whether what it found amiss is looked for again after a fix
     */
    public record Use(boolean explores, boolean planned, boolean proves) {
        private static final Use EXPLORING = new Use(true, true, true);
        private static final Use OPENING = new Use(false, false, false);
    }

    /** One that explores a suspect, needs nothing of the bench, and has no place of its own. */
    public static CraftCheck of(
            String id, String kind, Task task, Answers answers, Prediction<Craft, ?> prediction, double minutes) {
        return new CraftCheck(
                id,
                kind,
                task,
                answers,
                prediction,
                new Effort(minutes, 0),
                BenchNeeds.NOTHING,
                Use.EXPLORING,
                Place.NOWHERE);
    }

    /** The same at a place. */
    public CraftCheck at(Place where) {
        return new CraftCheck(id, kind, task, answers, prediction, effort, needs, use, where);
    }

    /** The same with another need of the bench. */
    public CraftCheck needing(BenchNeeds other) {
        return new CraftCheck(id, kind, task, answers, prediction, effort, other, use, place);
    }

    /** The same with another effort. */
    public CraftCheck taking(Effort other) {
        return new CraftCheck(id, kind, task, answers, prediction, other, needs, use, place);
    }

    /** The same, which opens or closes a work-up and explores no suspect. */
    public CraftCheck exploringNothing() {
        return used(Use.OPENING);
    }

    /** The same, made out of turn only. */
    public CraftCheck unplanned() {
        return used(new Use(use.explores, false, use.proves));
    }

    /** The same, of what stays as it was whatever is put right on the craft. */
    public CraftCheck notRepeated() {
        return used(new Use(use.explores, use.planned, false));
    }

    private CraftCheck used(Use other) {
        return new CraftCheck(id, kind, task, answers, prediction, effort, needs, other, place);
    }

    @Override
    public Text title(Craft sound) {
        return task.title().apply(sound);
    }

    @Override
    public List<Text> steps(Craft sound) {
        return task.steps().apply(sound);
    }

    @Override
    public double minutes() {
        return effort.minutes();
    }

    @Override
    public double risk() {
        return effort.risk();
    }

    @Override
    public boolean explores() {
        return use.explores();
    }

    @Override
    public boolean planned() {
        return use.planned();
    }

    @Override
    public boolean proves() {
        return use.proves();
    }

    @Override
    public Distribution outlook(Craft craft) {
        return prediction.of(craft);
    }

    @Override
    public Facet<Craft, ?> reads() {
        return prediction.facet();
    }
}
