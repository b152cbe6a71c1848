package ablemedic.snapshot;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.family.SharedSteps;

/** What is said of settings exports and of what restores them. */
final class SnapshotWords {
    private static final Catalogue WORDS = SharedSteps.catalogue(SnapshotWords.class, "words");

    private SnapshotWords() {}

    static Words of(String entry) {
        return WORDS.of(entry);
    }
}
