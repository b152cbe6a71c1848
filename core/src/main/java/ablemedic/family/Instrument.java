package ablemedic.family;

import ablemedic.catalogue.Catalogue;
import java.util.List;

/**
 * A computation that stands alone.
 *
 * @param id stable name in kebab case; its screen and its address go by it
 * @param title for people
 * @param text what it tells, in a sentence
 */
public record Instrument(String id, String title, String text) {

    /** Those of a catalogue, in its order. */
    public static List<Instrument> all(Catalogue words) {
        return words.entries().stream()
                .map(entry -> words.of(entry.id()))
                .map(one -> new Instrument(
                        one.id(), one.title().plain(), one.line("about").plain()))
                .toList();
    }
}
