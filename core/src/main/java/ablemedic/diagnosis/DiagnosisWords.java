package ablemedic.diagnosis;

import ablemedic.catalogue.Catalogue;

/** What is said of the bench and of evidence, whatever the craft. */
final class DiagnosisWords {
    private static final Catalogue WORDS = Catalogue.beside(DiagnosisWords.class, "names");

    private DiagnosisWords() {}

    /** The name of a value of an enum, under the entry of that enum. */
    static String name(String entry, Enum<?> value) {
        return WORDS.of(entry).name(value);
    }

    /** A sentence that stands alone. */
    static String said(String entry, String line) {
        return WORDS.of(entry).line(line).plain();
    }
}
