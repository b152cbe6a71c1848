package ablemedic.requirement;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Text;
import ablemedic.catalogue.Words;
import ablemedic.diagnosis.Fix.Value;
import java.util.List;

/** What is said of edits and of what waits for them. */
final class EditWords {
    private static final Catalogue WORDS = Catalogue.beside(EditWords.class, "edits");

    private EditWords() {}

    static Words of(String entry) {
        return WORDS.of(entry);
    }

    static List<Text> steps(Words words) {
        return words.steps("title");
    }

    static List<Value> values(Words words) {
        return words.changes("title").stream()
                .map(one -> new Value(
                        one.what().plain(), one.before().plain(), one.after().plain()))
                .toList();
    }
}
