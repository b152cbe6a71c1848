package ablemedic.takeoff;

import ablemedic.family.FamilyWords;

/** The catalogues of take-off. */
final class TakeOffWords {
    static final FamilyWords WORDS = FamilyWords.beside(TakeOffWords.class);

    private TakeOffWords() {}

    /** The name of a value of an enum, under the entry of that enum. */
    static String name(String entry, Enum<?> value) {
        return WORDS.name(entry).name(value);
    }
}
