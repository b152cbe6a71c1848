package ablemedic.snapshot;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.family.SharedSteps;
import java.util.List;

/** What is said of settings exports and of what restores them. */
final class SnapshotWords {
    private static final Catalogue WORDS = SharedSteps.catalogue(SnapshotWords.class, "words");

    private SnapshotWords() {}

    static Words of(String entry) {
        return WORDS.of(entry);
    }

    static List<String> steps(Words words, String line) {
        return words.plainSteps(line);
    }
}
