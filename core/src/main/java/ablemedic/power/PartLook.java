package ablemedic.power;

import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Distribution;
import ablemedic.wiring.Defect;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.Wiring;
import java.util.Arrays;
import java.util.Locale;

/**
 * What a close look at a part shows of the harm at it. How often each can be seen is common practice with no source.
 */
final class PartLook {
    /** Something that can be seen. */
    enum Sign {
        CLEAN,
        JOINT,
        BRIDGE,
        BURNT,
        BURST,
        CROSSED;

        String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    private PartLook() {}

    static Distribution outlook(Choices answers, Electrics electrics, String partId) {
        double[] p = new double[Sign.values().length];
        Arrays.fill(p, 0.012);
        for (Defect one : electrics.harm()) {
            see(p, electrics, partId, one);
        }
        double seen = 0;
        for (int i = 1; i < p.length; i++) {
            seen += p[i];
        }
        p[0] = Math.max(0.03, 1 - seen);
        double total = seen + p[0];
        return Categorical.of(answers, Arrays.stream(p).map(x -> x / total).toArray());
    }

    private static void see(double[] p, Electrics electrics, String partId, Defect harm) {
        if (harm instanceof Defect.Open || harm instanceof Defect.Poor) {
            electrics.wiring().links().stream()
                    .filter(l -> l.id().equals(harm.slot().where()))
                    .findFirst()
                    .filter(l -> at(electrics, l.a(), partId) || at(electrics, l.b(), partId))
                    .ifPresent(l -> p[(l.kind() == Wiring.Kind.TRACE ? Sign.BURNT : Sign.JOINT).ordinal()] +=
                            visible(l.kind()));
        } else if (harm.isAt(partId)) {
            if (harm instanceof Defect.Bridge) {
                p[Sign.BRIDGE.ordinal()] += 0.7;
            } else if (harm instanceof Defect.Crossed) {
                p[Sign.CROSSED.ordinal()] += 0.85;
            } else if (harm instanceof Defect.DriveShort) {
                p[Sign.BURNT.ordinal()] += 0.6;
            } else if (harm instanceof Defect.WeakRegulator || harm instanceof Defect.OtherDraw) {
                p[Sign.BURNT.ordinal()] += 0.2;
            } else if (harm instanceof Defect.BurstCapacitor) {
                p[Sign.BURST.ordinal()] += 0.85;
            } else if (harm instanceof Defect.DriedCapacitor) {
                p[Sign.BURST.ordinal()] += 0.3;
            }
        }
    }

    private static double visible(Wiring.Kind kind) {
        return switch (kind) {
            case JOINT, LEAD -> 0.5;
            case PIN -> 0.25;
            case WIRE -> 0.3;
            case TRACE -> 0.2;
        };
    }

    private static boolean at(Electrics electrics, int node, String partId) {
        return electrics.wiring().points().get(node).pad().startsWith(partId + ".");
    }
}
