package ablemedic.family;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Prediction;
import java.util.function.Function;

/**
 * A check of a craft, put together from its parts.
 *
 * @param titles what to do, from the sound craft
 * @param instructions how, from the sound craft
 * @param prediction what it reads of any craft and the outlook from that
 * @param planned whether the plan offers it by itself
 * @param proves whether what it found amiss is looked for again after a fix
 */
public record CraftCheck(
        String id,
        String kind,
        Function<Craft, String> titles,
        Function<Craft, String> instructions,
        Answers answers,
        Prediction<Craft, ?> prediction,
        double minutes,
        double risk,
        BenchNeeds needs,
        boolean explores,
        boolean planned,
        boolean proves,
        Place place)
        implements Place.Placed {

    /** One whose findings are looked for again after a fix, if it explores at all. */
    public CraftCheck(
            String id,
            String kind,
            Function<Craft, String> titles,
            Function<Craft, String> instructions,
            Answers answers,
            Prediction<Craft, ?> prediction,
            double minutes,
            double risk,
            BenchNeeds needs,
            boolean explores,
            boolean planned,
            Place place) {
        this(
                id,
                kind,
                titles,
                instructions,
                answers,
                prediction,
                minutes,
                risk,
                needs,
                explores,
                planned,
                explores,
                place);
    }

    /** One that has no place of its own. */
    public CraftCheck(
            String id,
            String kind,
            Function<Craft, String> titles,
            Function<Craft, String> instructions,
            Answers answers,
            Prediction<Craft, ?> prediction,
            double minutes,
            double risk,
            BenchNeeds needs,
            boolean explores) {
        this(
                id,
                kind,
                titles,
                instructions,
                answers,
                prediction,
                minutes,
                risk,
                needs,
                explores,
                explores,
                Place.NOWHERE);
    }

    /** The same at a place. */
    public CraftCheck at(Place where) {
        return new CraftCheck(
                id,
                kind,
                titles,
                instructions,
                answers,
                prediction,
                minutes,
                risk,
                needs,
                explores,
                planned,
                proves,
                where);
    }

    /** The same with another need of the bench. */
    public CraftCheck needing(BenchNeeds other) {
        return new CraftCheck(
                id,
                kind,
                titles,
                instructions,
                answers,
                prediction,
                minutes,
                risk,
                other,
                explores,
                planned,
                proves,
                place);
    }

    /** The same, made out of turn only. */
    public CraftCheck unplanned() {
        return new CraftCheck(
                id,
                kind,
                titles,
                instructions,
                answers,
                prediction,
                minutes,
                risk,
                needs,
                explores,
                false,
                proves,
                place);
    }

    /** The same, of what stays as it was whatever is put right on the craft. */
    public CraftCheck notRepeated() {
        return new CraftCheck(
                id,
                kind,
                titles,
                instructions,
                answers,
                prediction,
                minutes,
                risk,
                needs,
                explores,
                planned,
                false,
                place);
    }

    @Override
    public String title(Craft sound) {
        return titles.apply(sound);
    }

    @Override
    public String instruction(Craft sound) {
        return instructions.apply(sound);
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
