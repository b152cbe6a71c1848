package ablemedic.app.workup;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;

/** What is said of work-ups: in the log, and where something can't be done. */
final class WorkUpWords {
    static final Words SAID = Catalogue.beside(WorkUps.class, "words").of("work-ups");
    static final Words REFUSALS = Catalogue.beside(WorkUps.class, "refusals").of("work-ups");

    private WorkUpWords() {}

    static String percent(double belief) {
        return Math.round(100 * belief) + " %";
    }
}
