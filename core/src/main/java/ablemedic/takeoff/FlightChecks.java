package ablemedic.takeoff;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Distribution;
import ablemedic.family.CheckBuilder;
import ablemedic.takeoff.Sight.Manner;
import java.util.Arrays;
import java.util.List;

/** The hover that proves a craft, and the motors after it. */
final class FlightChecks {
    private static final double SEEN_WRONG = 0.05;

    private final TakeOffChecks checks;

    FlightChecks(TakeOffChecks checks) {
        this.checks = checks;
    }

    void add() {
        checks.ask("hover-proof")
                .id(TakeOffChecks.HOVER)
                .shows(
                        words -> Choices.of(
                                words.line("ask"),
                                CheckBuilder.named(
                                        TakeOffWords.WORDS.name("manner"),
                                        TakeOffWords.WORDS.name("manner").outcomes())),
                        asked -> from(Sightings.FLIGHT, flown -> hover(asked, flown)))
                .needs(BenchNeeds.FLIGHT)
                .minutes(3)
                .risk(1)
                .exploresNothing()
                .add();
        checks.add(Shaking.heat());
    }

    private static Distribution hover(Choices answers, Sightings.Flying flown) {
        List<Sight> sights = Sightings.of(flown);
        double[] p = new double[Manner.values().length];
        Arrays.fill(p, SEEN_WRONG / p.length);
        sights.forEach(sight -> p[sight.manner().ordinal()] += (1 - SEEN_WRONG) / sights.size());
        return Categorical.of(answers, p);
    }
}
