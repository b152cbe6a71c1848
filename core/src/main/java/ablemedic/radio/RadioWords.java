package ablemedic.radio;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.family.SharedSteps;

/** The catalogues of radio and failsafe. */
final class RadioWords {
    private static final Catalogue FAULTS = SharedSteps.catalogue(RadioWords.class, "faults");
    private static final Catalogue CHECKS = SharedSteps.catalogue(RadioWords.class, "checks");
    private static final Catalogue COMPLAINTS = SharedSteps.catalogue(RadioWords.class, "complaints");
    private static final Catalogue NAMES = SharedSteps.catalogue(RadioWords.class, "names");

    private RadioWords() {}

    static Words fault(String kind) {
        return FAULTS.of(kind);
    }

    static Words check(String id) {
        return CHECKS.of(id);
    }

    static Words complaint(String id) {
        return COMPLAINTS.of(id);
    }

    static Words name(String id) {
        return NAMES.of(id);
    }
}
