package ablemedic.craft;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.configuration.Device;
import ablemedic.configuration.Setting;
import ablemedic.configuration.ValueForm;
import ablemedic.configuration.ValueForm.Choice;
import ablemedic.configuration.ValueForm.Count;
import ablemedic.configuration.ValueForm.Range;
import java.util.List;
import java.util.Optional;

/** What settings and their values are called, by the settings' own ids, and settings that are called so. */
final class SettingWords {
    private static final Catalogue WORDS = Catalogue.beside(SettingWords.class, "settings");

    private SettingWords() {}

    static Words of(String id) {
        return WORDS.of(id);
    }

    /** The words that settings of one kind share, each naming what it belongs to. */
    static Words of(String kind, String owner) {
        return WORDS.of(kind).with("of", Param.written(owner));
    }

    static <T> Setting<T> setting(Device device, String group, String id, T usual, ValueForm<T> form) {
        return setting(device, group, id, of(id), usual, form);
    }

    static <T> Setting<T> setting(Device device, String group, String id, Words words, T usual, ValueForm<T> form) {
        String under = of("groups").outcome(group).plain();
        return Setting.of(device, under, id, words.title().plain(), usual, form);
    }

    /** One of two values, the first of which stands first in a list. */
    static Choice<Boolean> choice(Words words, boolean first, String yes, String no) {
        return new Choice<>(List.of(first, !first), is -> is ? yes : no, is -> value(words, is ? yes : no));
    }

    static Choice<Boolean> choice(String id, boolean first, String yes, String no) {
        return choice(of(id), first, yes, no);
    }

    /** A number whose unit is a word. */
    static Range range(String id, double least, double most) {
        return new Range(least, most, of(id).line("unit").plain());
    }

    /** A whole number, of which 0 stands for something else. */
    static Count count(Words words, int most, String unit) {
        String zero = words.line("zero").plain();
        return new Count(0, most, n -> n == 0 ? Optional.of(zero) : Optional.of(unit.isEmpty() ? "" + n : n + unit));
    }

    /** A value that has no words of its own is called by its id. */
    private static String value(Words words, String id) {
        return words.outcomes().contains(id) ? words.outcome(id).plain() : id;
    }
}
