package ablemedic.catalogue;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** A line of a catalogue with what stands in its gaps. It is put together when it is shown. */
public final class Text {
    private final Template template;
    private final Map<String, Param> params;

    Text(Template template, Map<String, Param> params) {
        this.template = template;
        this.params = params;
    }

    /** Words that open a sentence or stand alone as a label. */
    public static String capitalized(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    /** As one line, for a log, a sheet or a table. */
    public String plain() {
        return parts().stream().map(Param::plain).collect(Collectors.joining());
    }

    /** In stretches of which a screen knows what they stand for; mere words are {@linkplain Param.Written written}. */
    public List<Param> parts() {
        return template.parts(params);
    }

    @Override
    public String toString() {
        return plain();
    }
}
