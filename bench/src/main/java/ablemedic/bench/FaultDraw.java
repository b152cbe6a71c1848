package ablemedic.bench;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Occasion;
import java.util.Arrays;
import java.util.List;
import java.util.Random;

/** Draws what is wrong with a craft, by other odds than the book believes in: the book's are guesses too. */
final class FaultDraw {
    private static final double ODDS_OFF = 3;

    private FaultDraw() {}

    /** One of the faults, by odds that are up to three times more or less than the book has them. */
    static Fault<Craft> of(List<Fault<Craft>> faults, Occasion occasion, Random random) {
        double[] upTo = new double[faults.size()];
        double sum = 0;
        for (int i = 0; i < upTo.length; i++) {
            sum += faults.get(i).odds(occasion) * Math.pow(ODDS_OFF, 2 * random.nextDouble() - 1);
            upTo[i] = sum;
        }
        int at = Arrays.binarySearch(upTo, random.nextDouble() * sum);
        return faults.get(at < 0 ? -at - 1 : at);
    }
}
