package ablemedic.diagnosis;

import ablemedic.diagnosis.Outlook.Branches;
import ablemedic.diagnosis.Outlook.Either;
import ablemedic.diagnosis.Outlook.Spread;
import ablemedic.diagnosis.Outlook.Ways;
import java.util.stream.IntStream;

/** Whether two predictions of one check come to the same for whoever makes it. */
public final class Alike {
    /** Readings nearer than this share of their spread are the same, and probabilities nearer than this. */
    private static final double SPREADS = 0.5;

    private static final double PROBABILITY = 0.1;

    private Alike() {}

    public static boolean are(Outlook one, Outlook other) {
        if (one instanceof Spread a && other instanceof Spread b) {
            return Math.abs(a.mean() - b.mean()) <= SPREADS * Math.min(a.spread(), b.spread());
        } else if (one instanceof Either a && other instanceof Either b) {
            return a.ways().size() == b.ways().size()
                    && IntStream.range(0, a.ways().size())
                            .allMatch(i -> are(
                                    a.ways().get(i).outlook(), b.ways().get(i).outlook()));
        } else if (one instanceof Branches a && other instanceof Branches b) {
            return a.branches().size() == b.branches().size()
                    && IntStream.range(0, a.branches().size())
                            .allMatch(i ->
                                    areParts(a.branches().get(i), b.branches().get(i)));
        } else if (one instanceof Ways a && other instanceof Ways b) {
            return IntStream.range(0, a.choices().questions().size())
                    .allMatch(q -> near(marginal(a, q), marginal(b, q)));
        }
        return one.equals(other);
    }

    private static boolean areParts(Outlook.Branch one, Outlook.Branch other) {
        return IntStream.range(0, one.parts().size())
                .allMatch(q -> are(one.parts().get(q), other.parts().get(q)));
    }

    private static boolean near(double[] one, double[] other) {
        return IntStream.range(0, one.length).allMatch(o -> Math.abs(one[o] - other[o]) <= PROBABILITY);
    }

    private static double[] marginal(Ways ways, int question) {
        double[] p =
                new double[ways.choices().questions().get(question).outcomes().size()];
        for (Outlook.Way way : ways.ways()) {
            for (int o = 0; o < p.length; o++) {
                p[o] += way.share() * way.probabilities()[question][o];
            }
        }
        return p;
    }
}
