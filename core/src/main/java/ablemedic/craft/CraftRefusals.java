package ablemedic.craft;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Rejected;
import ablemedic.catalogue.Words;

/** What can't be a craft, or a value of one. */
final class CraftRefusals {
    private static final Catalogue WORDS = Catalogue.beside(CraftRefusals.class, "refusals");

    private CraftRefusals() {}

    static Words of(String entry) {
        return WORDS.of(entry);
    }

    /** A value that can't be, with what was given. */
    static Rejected rejected(String where, String line, Object given) {
        return new Rejected(
                where,
                line,
                of("craft").with("given", Param.written(String.valueOf(given))).line(line));
    }
}
