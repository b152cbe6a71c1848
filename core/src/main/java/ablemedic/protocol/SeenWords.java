package ablemedic.protocol;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;

/** What is said of the frames of a format. */
final class SeenWords {
    private static final Catalogue WORDS = Catalogue.beside(SeenWords.class, "frames");

    private SeenWords() {}

    static Words of(String format) {
        return WORDS.of(format);
    }
}
