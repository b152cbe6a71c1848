package ablemedic.bench;

import ablemedic.BadExpectations;
import ablemedic.OtherRecords;
import ablemedic.craft.Craft;
import java.util.List;
import java.util.Locale;

/**
 * Every pair of settings of a craft at all their other values: whether any set-up, proof or routine expects what tells
 * of a hazard or a failure.
 */
final class PairsTable {
    private static final int SHOWN = 20;

    private final List<Craft> crafts;

    PairsTable(List<Craft> crafts) {
        this.crafts = crafts;
    }

    void print() {
        for (Craft craft : crafts) {
            BadExpectations bad = new BadExpectations();
            List<OtherRecords.Pair> pairs = OtherRecords.pairs(craft);
            List<String> found = pairs.parallelStream()
                    .flatMap(pair -> bad.of(pair.on(craft)).stream())
                    .toList();
            System.out.printf(Locale.ROOT, "  %d pairs  wrongly expected %d%n", pairs.size(), found.size());
            found.stream().limit(SHOWN).forEach(one -> System.out.println("    " + one));
        }
    }
}
