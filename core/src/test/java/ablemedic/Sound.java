package ablemedic;

import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.FixedWord;
import ablemedic.diagnosis.Gaussian;
import ablemedic.diagnosis.Joint;
import ablemedic.diagnosis.Joint.Branch;
import ablemedic.diagnosis.Mixture;
import ablemedic.diagnosis.Reading;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.diagnosis.Reading.Measured;
import ablemedic.diagnosis.Reading.Several;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.Map;

/** The likeliest reading of an outlook, worked out apart from the program's own ways to say it. */
public final class Sound {
    private Sound() {}

    public static Reading reading(Distribution outlook) {
        if (outlook instanceof Categorical ways) {
            Categorical.Way likeliest = ways.ways().stream()
                    .max(Comparator.comparingDouble(Categorical.Way::share))
                    .orElseThrow();
            Map<String, String> chosen = new LinkedHashMap<>();
            for (int q = 0; q < ways.choices().questions().size(); q++) {
                double[] p = likeliest.probabilities()[q];
                int best = 0;
                for (int i = 1; i < p.length; i++) {
                    best = p[i] > p[best] ? i : best;
                }
                chosen.put(
                        ways.choices().questions().get(q).id(),
                        ways.choices().questions().get(q).outcomes().get(best).id());
            }
            return new Chosen(chosen);
        } else if (outlook instanceof Gaussian spread) {
            return new Measured(spread.mean());
        } else if (outlook instanceof FixedWord worded) {
            return Chosen.of(worded.word());
        } else if (outlook instanceof Mixture either) {
            return reading(either.likeliest());
        }
        Joint branches = (Joint) outlook;
        Branch likeliest = branches.branches().stream()
                .max(Comparator.comparingDouble(Branch::share))
                .orElseThrow();
        Map<String, Reading> parts = new LinkedHashMap<>();
        for (int q = 0; q < likeliest.parts().size(); q++) {
            parts.put(
                    branches.mixed().items().get(q).id(),
                    reading(likeliest.parts().get(q)));
        }
        return new Several(parts);
    }
}
