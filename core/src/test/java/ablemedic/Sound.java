package ablemedic;

import ablemedic.diagnosis.Outlook;
import ablemedic.diagnosis.Outlook.Branch;
import ablemedic.diagnosis.Outlook.Branches;
import ablemedic.diagnosis.Outlook.Either;
import ablemedic.diagnosis.Outlook.Spread;
import ablemedic.diagnosis.Outlook.Ways;
import ablemedic.diagnosis.Outlook.Worded;
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

    public static Reading reading(Outlook outlook) {
        if (outlook instanceof Ways ways) {
            Outlook.Way likeliest = ways.ways().stream()
                    .max(Comparator.comparingDouble(Outlook.Way::share))
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
        } else if (outlook instanceof Spread spread) {
            return new Measured(spread.mean());
        } else if (outlook instanceof Worded worded) {
            return Chosen.of(worded.word());
        } else if (outlook instanceof Either either) {
            return reading(either.likeliest());
        }
        Branches branches = (Branches) outlook;
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
