package ablemedic.takeoff;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.catalogue.Words;
import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Question;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Categorical.Way;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.family.CheckBuilder;
import ablemedic.family.CheckList;
import ablemedic.family.Complaint;
import ablemedic.family.Observer;
import ablemedic.physics.FedArm;
import ablemedic.takeoff.Sight.Manner;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A craft that shakes in the air, or whose motors get hot: what it looks like, and what a hand on the motors tells. */
final class Shaking {
    static final String ID = "shakes-or-hot";
    static final String HEAT = "motor-heat";

    private static final double TOLD_WRONG = 0.1;
    /**
     * Gain times filter cut-off, over what suits the craft, from which the noise of the gyro heats the motors. Common
     * practice, no source.
     */
    private static final double NOISE_HEATS = 3;
    /** Thrust to weight below which a hover takes so much that motors get hot. Common practice, no source. */
    private static final double LABOURS = 1.8;

    /** How hot motors are after a hover. */
    enum Heat {
        COOL,
        ONE,
        SIDE,
        ALL
    }

    /**
     * What becomes of a hover.
     *
     * @param shaking share of take-offs in which it shakes
     */
    private record Hover(double shaking, Heat heat) {}

    private static final Facet<Craft, Hover> HOVER = Facet.of("hover-shaking-and-heat", Shaking::hover);

    private static final Words COMPLAINT = TakeOffWords.WORDS.complaint(ID);
    private static final Words FELT = TakeOffWords.WORDS.check(HEAT);

    private static final Choices ANSWERS = new Choices(List.of(
            new Question("seen", COMPLAINT.line("ask"), CheckBuilder.named(COMPLAINT, COMPLAINT.outcomes())),
            new Question("heat", COMPLAINT.line("heat"), CheckBuilder.named(FELT, FELT.outcomes()))));

    private Shaking() {}

    private static Hover hover(Craft craft) {
        Sightings.Flying flown = Sightings.FLIGHT.of(craft);
        List<Sight> sights = Sightings.of(flown);
        double shaking = (double) sights.stream()
                        .filter(sight -> sight.manner() == Manner.SHAKES)
                        .count()
                / sights.size();
        return new Hover(shaking, heat(craft, flown.arms(), sights));
    }

    private static Heat heat(Craft craft, List<FedArm> arms, List<Sight> sights) {
        boolean oscillates = sights.stream().allMatch(sight -> sight.manner() == Manner.SHAKES);
        if (oscillates
                || craft.setting(FcSettings.GAIN) * craft.setting(FcSettings.FILTER) > NOISE_HEATS
                || craft.airframe().thrustToWeight() < LABOURS) {
            return Heat.ALL;
        }
        boolean one = Corner.ALL.stream()
                .anyMatch(corner -> craft.arm(corner).prop().damaged()
                        || craft.arm(corner).motor().rough()
                        || arms.get(corner.ordinal()).startsLate());
        return one ? Heat.ONE : Trim.of(craft.airframe()).heatsOneSide() ? Heat.SIDE : Heat.COOL;
    }

    static Check<Craft> heat() {
        CheckList one = new CheckList();
        one.ask(FELT)
                .shows(HOVER, hover -> TakeOffSeen.id(hover.heat()), Observer.TELLS)
                .needs(BenchNeeds.FLIGHT)
                .minutes(3)
                .risk(1)
                .exploresNothing()
                .add();
        return one.all().get(0);
    }

    static Complaint complaint(Check<Craft> hover) {
        return Complaint.told(
                ID,
                COMPLAINT.title(),
                ANSWERS,
                from(HOVER, Shaking::told),
                Optional.of(new Chosen(Map.of("seen", "calm"))),
                List.of(hover, heat()));
    }

    private static Distribution told(Hover hover) {
        double shakes = hover.shaking();
        double calm = hover.heat() == Heat.COOL ? 1 - shakes : 0;
        double[] seen = {calm, shakes, 1 - calm - shakes};
        double[] heat = new double[Heat.values().length];
        Arrays.fill(heat, TOLD_WRONG / (heat.length - 1));
        heat[hover.heat().ordinal()] = 1 - TOLD_WRONG;
        return new Categorical(ANSWERS, List.of(new Way(1, new double[][] {
            Arrays.stream(seen).map(p -> (1 - TOLD_WRONG) * p + TOLD_WRONG / 3).toArray(), heat
        })));
    }
}
