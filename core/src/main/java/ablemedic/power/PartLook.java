package ablemedic.power;

import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Distribution;
import ablemedic.wiring.Effect.Sign;
import ablemedic.wiring.Electrics;
import java.util.Arrays;

/** What a close look at a part shows of what is wrong with it: nothing first, then each sign in its order. */
final class PartLook {
    private PartLook() {}

    static Distribution outlook(Choices answers, Electrics electrics, String partId) {
        double[] p = new double[Sign.values().length + 1];
        Arrays.fill(p, 0.012);
        electrics.seenAt(partId).forEach(one -> p[1 + one.sign().ordinal()] += one.chance());
        double seen = 0;
        for (int i = 1; i < p.length; i++) {
            seen += p[i];
        }
        p[0] = Math.max(0.03, 1 - seen);
        double total = seen + p[0];
        return Categorical.of(answers, Arrays.stream(p).map(x -> x / total).toArray());
    }
}
