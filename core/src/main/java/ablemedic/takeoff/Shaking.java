package ablemedic.takeoff;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.Answers.Question;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Categorical.Way;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.family.Complaint;
import ablemedic.family.CraftCheck;
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
    private static final double FELT_WRONG = 0.08;
    /**
     * Gain times filter cut-off, over what suits the craft, from which the noise of the gyro heats the motors. Common
     * practice, no source.
     */
    private static final double NOISE_HEATS = 3;
    /** Thrust to weight below which a hover takes so much that motors get hot. Common practice, no source. */
    private static final double LABOURS = 1.8;

    /** How hot motors are after a hover. */
    enum Heat {
        COOL("all cool or hand-warm"),
        ONE("one much hotter than the rest"),
        SIDE("those of one side hotter than the others"),
        ALL("all too hot to hold");

        private final String label;

        Heat(String label) {
            this.label = label;
        }
    }

    /**
     * What becomes of a hover.
     *
     * @param shaking share of take-offs in which it shakes
     */
    private record Hover(double shaking, Heat heat) {}

    private static final Facet<Craft, Hover> HOVER = Facet.of("shaking and heat of a hover", Shaking::hover);

    private static final Choices ANSWERS = new Choices(List.of(
            new Question(
                    "seen",
                    "What is it like?",
                    List.of(
                            new Outcome("calm", "calm, and the motors stay cool"),
                            new Outcome("shakes", "it shakes or oscillates"),
                            new Outcome("hot", "it flies, and motors get hot or sound rough"))),
            new Question("heat", "How hot are the motors after?", heats())));

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
                || craft.told(FcSettings.GAIN) * craft.told(FcSettings.FILTER) > NOISE_HEATS
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
        Choices answers = Choices.of("How hot are they?", heats());
        return new CraftCheck(
                HEAT,
                "motor-heat",
                c -> "Hover for ten seconds, land, feel the motors",
                c -> "Outdoors, clear of people; only if it can be held. Knee height, land, disarm, pack out, then "
                        + "a finger on each motor.",
                answers,
                from(HOVER, hover -> Categorical.expecting(answers, TakeOffSeen.id(hover.heat()), FELT_WRONG)),
                3,
                1,
                BenchNeeds.FLIGHT,
                false);
    }

    private static List<Outcome> heats() {
        return Arrays.stream(Heat.values())
                .map(heat -> new Outcome(TakeOffSeen.id(heat), heat.label))
                .toList();
    }

    static Complaint complaint(Check<Craft> hover) {
        return Complaint.told(
                ID,
                "It shakes in the air, or its motors get hot",
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
