package ablemedic.app.http;

import ablemedic.catalogue.Naming;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Text;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A stretch of a text that a screen can make a link of.
 *
 * @param text as it is read
 * @param id of the thing that it names; nothing where it is mere words
 */
public record TextPart(Kind kind, String text, @Nullable String id) {

    /** What a stretch names. */
    public enum Kind {
        WORDS,
        PART,
        PAD,
        WIRE,
        UART,
        SETTING,
        CHECK,
        INSTRUMENT,
        PAGE
    }

    /** A text in its stretches; what a screen can't lead to is words. */
    public static List<TextPart> of(Text text, Naming naming) {
        return text.parts().stream().map(part -> of(part, naming)).toList();
    }

    /** Several texts, such as the steps of a fix. */
    public static List<List<TextPart>> of(List<Text> texts, Naming naming) {
        return texts.stream().map(text -> of(text, naming)).toList();
    }

    private static TextPart of(Param part, Naming naming) {
        return part instanceof Param.Thing thing
                ? new TextPart(Kind.valueOf(thing.kind().name()), thing.label(), thing.id())
                : new TextPart(Kind.WORDS, part.plain(naming), null);
    }
}
