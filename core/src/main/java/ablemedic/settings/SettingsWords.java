package ablemedic.settings;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.family.SharedSteps;

/** The catalogues of settings and firmware. */
final class SettingsWords {
    private static final Catalogue FAULTS = SharedSteps.catalogue(SettingsWords.class, "faults");
    private static final Catalogue CHECKS = SharedSteps.catalogue(SettingsWords.class, "checks");
    private static final Catalogue COMPLAINTS = SharedSteps.catalogue(SettingsWords.class, "complaints");

    private SettingsWords() {}

    static Words fault(String kind) {
        return FAULTS.of(kind);
    }

    static Words check(String id) {
        return CHECKS.of(id);
    }

    static Words complaint(String id) {
        return COMPLAINTS.of(id);
    }
}
