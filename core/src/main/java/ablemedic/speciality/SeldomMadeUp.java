package ablemedic.speciality;

import ablemedic.diagnosis.Outlook;
import ablemedic.diagnosis.Outlook.Branch;
import ablemedic.diagnosis.Outlook.Branches;
import ablemedic.diagnosis.Outlook.Way;
import ablemedic.diagnosis.Outlook.Ways;
import ablemedic.diagnosis.Reading;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.diagnosis.Reading.Several;
import java.util.Arrays;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * What an owner tells of a craft that shows nothing of what is complained of. Somebody whose craft does show it often
 * tells it wrongly; that it is told of one that shows nothing is rarer, since nobody comes to the bench for that.
 */
final class SeldomMadeUp {
    /** How often, over how often what is there is told wrongly. From memory. */
    private static final double RARER = 0.3;

    /**
     * From this share of the fine answer on what is left is the owner's error; a poor joint that shows now and then
     * stays below. From memory.
     */
    private static final double SHOWS_NOTHING = 0.8;

    private SeldomMadeUp() {}

    /**
     * What is told.
     *
     * @param told what somebody would tell who tells it wrongly as often without the complaint as with it
     * @param fine what is answered of a craft without it
     */
    static Outlook of(Outlook told, Reading fine) {
        return told.likelihood(fine) > SHOWS_NOTHING ? surer(told, fine) : told;
    }

    private static Outlook surer(Outlook told, Reading fine) {
        if (told instanceof Branches several) {
            return new Branches(
                    several.mixed(),
                    several.branches().stream()
                            .map(branch -> new Branch(
                                    branch.share(),
                                    IntStream.range(0, branch.parts().size())
                                            .mapToObj(q -> surer(
                                                    branch.parts().get(q),
                                                    Optional.ofNullable(((Several) fine)
                                                            .parts()
                                                            .get(several.mixed()
                                                                    .items()
                                                                    .get(q)
                                                                    .id()))))
                                            .toList()))
                            .toList());
        }
        Ways ways = (Ways) told;
        return new Ways(
                ways.choices(),
                ways.ways().stream()
                        .map(way -> new Way(
                                way.share(),
                                IntStream.range(0, way.probabilities().length)
                                        .mapToObj(q -> surer(
                                                ways,
                                                q,
                                                way.probabilities()[q],
                                                Optional.ofNullable(((Chosen) fine)
                                                        .outcomes()
                                                        .get(ways.choices()
                                                                .questions()
                                                                .get(q)
                                                                .id()))))
                                        .toArray(double[][]::new)))
                        .toList());
    }

    private static Outlook surer(Outlook part, Optional<Reading> fine) {
        return fine.map(reading -> surer(part, reading)).orElse(part);
    }

    /** @param fine the outcome that is; none where this question is not about that */
    private static double[] surer(Ways ways, int question, double[] p, Optional<String> fine) {
        if (fine.isEmpty()) {
            return p;
        }
        double[] seldom = Arrays.stream(p).map(one -> RARER * one).toArray();
        seldom[ways.choices().questions().get(question).indexOf(fine.get()).orElseThrow()] += 1 - RARER;
        return seldom;
    }
}
