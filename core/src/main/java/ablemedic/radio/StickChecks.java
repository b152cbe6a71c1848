package ablemedic.radio;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.craft.LinkSettings;
import ablemedic.craft.Stick;
import ablemedic.diagnosis.Answers.Item;
import ablemedic.diagnosis.Answers.Mixed;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Gaussian;
import ablemedic.diagnosis.Joint;
import ablemedic.family.CheckList;
import ablemedic.family.Observer;
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
        all.bars(MIDDLES, StickFaults.CENTRED, (craft, function) -> RadioChain.bar(craft, function, 0), READ_US, 0.8);
        all.bars(ENDS, Arrays.asList(Stick.values()), RadioChain::barOfItsOwnStick, PUSHED_US, 1.2);
        checks.ask(Radio.WORDS.check("bars-together"))
                .shows(
                        Facet.of(
                                "radio-mixes",
                                craft -> !chain.isHeard(craft)
                                        ? "none"
                                        : craft.setting(LinkSettings.MODEL_TYPE).mixes() ? "several" : "one"),
                        seen -> seen,
                        Observer.READS)
                .needs(all.needs)
                .minutes(0.4)
                .risk(0.05)
                .add();
        BindChecks.atRadio(checks, "model-type-setting").minutes(0.5).reads(StickFaults.MODEL_TYPE);
    }

    private record Bars(boolean heard, List<Double> us) {}

    private void bars(
            String id, List<Stick> functions, ToDoubleBiFunction<Craft, Stick> stands, double spread, double minutes) {
        Facet<Craft, Bars> facet = Facet.of(
                id,
                craft -> new Bars(
                        chain.isHeard(craft),
                        functions.stream()
                                .map(function -> stands.applyAsDouble(craft, function))
                                .toList()));
        checks.ask(Radio.WORDS.check(id))
                .shows(
                        words -> new Mixed(functions.stream()
                                .map(stick -> new Item(stick.label(), scale(words, stick)))
                                .toList()),
                        asked -> from(facet, bars -> stand(asked, bars, spread)))
                .needs(needs)
                .minutes(minutes)
                .risk(0.05)
                .add();
    }

    private static Scale scale(Words words, Stick stick) {
        Words named = words.with("stick", Param.written(stick.label()));
        return new Scale(named.line("measure").plain(), "", 800, 2200);
    }

    private static Distribution stand(Mixed asked, Bars bars, double spread) {
        Distribution[] parts = new Distribution[asked.items().size()];
        for (int i = 0; i < parts.length; i++) {
            Scale scale = (Scale) asked.items().get(i).form();
            parts[i] = bars.heard()
                    ? new Gaussian(scale, bars.us().get(i), spread, Observer.READS.slips())
                    : new Gaussian(scale, 1500, 300, 0.5);
        }
        return Joint.of(asked, parts);
    }
}
