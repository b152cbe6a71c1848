package ablemedic.radio;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.craft.Craft;
import ablemedic.craft.LinkSettings;
import ablemedic.craft.Stick;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Item;
import ablemedic.diagnosis.Answers.Mixed;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Gaussian;
import ablemedic.diagnosis.Joint;
import ablemedic.family.CheckList;
import java.util.Arrays;
import java.util.List;
import java.util.function.ToDoubleBiFunction;

/**
 * The checks of where bars stand. Which bar a stick moves is asked by the checks of take-off. Observers' error rates
 * are common practice.
 */
final class StickChecks {
    static final String MIDDLES = "bar-middles";
    static final String ENDS = "bar-ends";

    private static final double MISREAD = 0.05;
    /** A bar is read to this, microseconds. */
    private static final double READ_US = 2;
    /** A stick that is pushed by hand ends within this. */
    private static final double PUSHED_US = 6;

    private final RadioChain chain;
    private final CheckList checks;
    private final BenchNeeds needs;

    private StickChecks(CheckList checks, RadioChain chain) {
        this.checks = checks;
        this.chain = chain;
        this.needs = chain.barsNeed();
    }

    static void addTo(CheckList checks, RadioChain chain) {
        StickChecks all = new StickChecks(checks, chain);
        all.bars(
                MIDDLES,
                "bar-middles",
                "Leave the sticks alone: where do the bars stand?",
                "On the receiver's page, in microseconds; 1500 is the middle. What lies within 2 of it is right.",
                StickFaults.CENTRED,
                (craft, function) -> RadioChain.bar(craft, function, 0),
                READ_US,
                0.8);
        all.bars(
                ENDS,
                "bar-ends",
                "Push each stick to its end: where does its bar stand?",
                "Throttle up, roll right, pitch forward, yaw right, one after the other and the others left alone. 2000 is the end; a bar that goes down is reversed, one that stays belongs to another stick.",
                Arrays.asList(Stick.values()),
                RadioChain::barOfItsOwnStick,
                PUSHED_US,
                1.2);
        Choices along = Choices.of(
                "How many bars move?",
                List.of(
                        new Outcome("one", "only one"),
                        new Outcome("several", "two or three at once"),
                        new Outcome("none", "none")));
        checks.add(
                "bars-together",
                "bars-together",
                "Push one stick: does more than one bar move?",
                "Roll to the right and nothing else, all bars in view.",
                along,
                from(
                        Facet.of(
                                "mixing at the radio",
                                craft -> !chain.isHeard(craft)
                                        ? "none"
                                        : craft.told(LinkSettings.MODEL_TYPE).mixes() ? "several" : "one"),
                        seen -> Categorical.expecting(along, seen, MISREAD)),
                0.4,
                0.05,
                all.needs);
        BindChecks.atRadio(
                checks,
                StickFaults.MODEL_TYPE,
                "model-type-setting",
                "What type does the radio take the model for?",
                "On the first page of the model's settings.",
                0.5);
    }

    private record Bars(boolean heard, List<Double> us) {}

    private void bars(
            String id,
            String kind,
            String title,
            String how,
            List<Stick> functions,
            ToDoubleBiFunction<Craft, Stick> stands,
            double spread,
            double minutes) {
        List<Item> items = functions.stream()
                .map(stick -> new Item(stick.label(), new Scale(stick.label() + ", µs", "", 800, 2200)))
                .toList();
        Mixed answers = new Mixed(items);
        Facet<Craft, Bars> facet = Facet.of(
                id,
                craft -> new Bars(
                        chain.isHeard(craft),
                        functions.stream()
                                .map(function -> stands.applyAsDouble(craft, function))
                                .toList()));
        checks.add(
                id,
                kind,
                title,
                how,
                answers,
                from(facet, bars -> {
                    Distribution[] parts = new Distribution[functions.size()];
                    for (int i = 0; i < parts.length; i++) {
                        Scale scale = (Scale) items.get(i).form();
                        parts[i] = bars.heard()
                                ? new Gaussian(scale, bars.us().get(i), spread, MISREAD)
                                : new Gaussian(scale, 1500, 300, 0.5);
                    }
                    return Joint.of(answers, parts);
                }),
                minutes,
                0.05,
                needs);
    }
}
