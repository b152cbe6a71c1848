package ablemedic.app.workup;

import ablemedic.app.http.Refusal;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;

/** Reasons for passing a guard over. */
final class Overrides {
    private static final Words REFUSALS =
            Catalogue.beside(Overrides.class, "refusals").of("overrides");
    private static final int WORDS = 3;

    private Overrides() {}

    /** @throws Refusal where a reason says next to nothing */
    static void checked(String reason) {
        if (reason.strip().split("\\s+").length < WORDS) {
            throw Refusal.wrong("override", REFUSALS, "reason");
        }
    }
}
