package ablemedic.catalogue;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/** What a person reads, in stretches of which each knows what it stands for. It is made plain when it is shown. */
public final class Text {
    private final List<Param> parts;
    private int hash;

    Text(Template template, Map<String, Param> params) {
        this(template.parts(params));
    }

    private Text(List<Param> parts) {
        this.parts = List.copyOf(parts);
    }

    /** A name or a value that stands in no catalogue: what somebody entered, or what stands on a part. */
    public static Text written(String text) {
        return new Text(text.isEmpty() ? List.of() : List.of(new Param.Written(text)));
    }

    /** One thing by its name. */
    public static Text of(Param param) {
        return new Text(List.of(param));
    }

    /** Several texts one behind the other. */
    public static Text joined(List<Text> texts, String between) {
        List<Param> parts = new ArrayList<>();
        for (Text text : texts) {
            if (!parts.isEmpty() && !text.parts.isEmpty()) {
                Template.add(parts, new Param.Written(between));
            }
            text.parts.forEach(part -> Template.add(parts, part));
        }
        return new Text(parts);
    }

    /** The same with a full stop, as a sentence of its own. */
    public Text asSentence() {
        return joined(List.of(this, written(".")), "");
    }

    /** The same without a full stop at its end, where a sentence goes on. */
    public Text withoutStop() {
        return endsWith(".") ? withLast(words -> words.substring(0, words.length() - 1)) : this;
    }

    /** The same as it stands within a sentence. */
    public Text uncapitalized() {
        return withInitial(String::toLowerCase);
    }

    /** The same as it opens a sentence or stands alone as a label. */
    public Text capitalized() {
        return withInitial(String::toUpperCase);
    }

    private Text withInitial(BiFunction<String, Locale, String> change) {
        if (parts.isEmpty() || !(parts.get(0) instanceof Param.Written first)) {
            return this;
        }
        List<Param> changed = new ArrayList<>(parts);
        changed.set(
                0,
                new Param.Written(change.apply(first.text().substring(0, 1), Locale.ROOT)
                        + first.text().substring(1)));
        return new Text(changed);
    }

    /** Whether its last words end so. */
    public boolean endsWith(String end) {
        return !parts.isEmpty()
                && parts.get(parts.size() - 1) instanceof Param.Written last
                && last.text().endsWith(end);
    }

    private Text withLast(UnaryOperator<String> change) {
        int last = parts.size() - 1;
        List<Param> changed = new ArrayList<>(parts.subList(0, last));
        Template.add(changed, new Param.Written(change.apply(parts.get(last).plain())));
        return new Text(changed);
    }

    /** Words that open a sentence or stand alone as a label. */
    public static String capitalized(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    /** As one line, for a log, a sheet or a table. */
    public String plain() {
        return plain(Naming.USUAL);
    }

    /** The same with the names that things have on one craft. */
    public String plain(Naming naming) {
        return parts.stream().map(part -> part.plain(naming)).collect(Collectors.joining());
    }

    /** In stretches of which a screen knows what they stand for; mere words are {@linkplain Param.Written written}. */
    public List<Param> parts() {
        return parts;
    }

    @Override
    public boolean equals(Object other) {
        return this == other || other instanceof Text text && parts.equals(text.parts);
    }

    @Override
    public int hashCode() {
        if (hash == 0) {
            hash = parts.hashCode();
        }
        return hash;
    }

    @Override
    public String toString() {
        return plain();
    }
}
