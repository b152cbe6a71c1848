package ablemedic.family;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Reading;
import ablemedic.wiring.CopperDefect;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.Wiring.Link;
import java.util.ArrayList;
import java.util.List;

/** What a reading clears: the links that it would have shown to be open, and did not. */
public final class Cleared {
    /** A reading clears a link when it is this many times less likely with the link open. */
    private static final double CLEARS = 20;

    private Cleared() {}

    /** The links of a sound craft that a reading of a check clears, in the order of the wiring. */
    public static List<Link> by(Craft craft, Check<Craft> check, Reading reading) {
        Electrics sound = craft.electrics().sound();
        Craft whole = craft.withElectrics(sound);
        Distribution asItShould = check.outlook(whole);
        if (asItShould.isAssumed()) {
            // What rests on a guess of what chips let through proves no copper sound.
            return List.of();
        }
        double likely = asItShould.likelihood(reading);
        List<Link> cleared = new ArrayList<>();
        for (Link link : sound.wiring().links()) {
            Craft open = whole.withElectrics(sound.with(new CopperDefect.Open(link.id())));
            if (check.outlook(open).likelihood(reading) * CLEARS < likely) {
                cleared.add(link);
            }
        }
        return cleared;
    }

    /** The site under which faults of a link, or of the wire that it is part of, stand in the book. */
    public static String site(String linkId) {
        return "link " + linkId;
    }

    /** Whether a fault sits at a link. */
    public static boolean sitsAt(Fault<Craft> fault, Link link) {
        return fault.site().equals(site(link.id()));
    }
}
