package ablemedic.app.http;

import ablemedic.catalogue.Naming;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Param.Kind;
import ablemedic.catalogue.Text;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A stretch of a text that a screen can make a link of.
 *
 * @param text as it is read
 * @param kind of the thing that it names; nothing where it is mere words
 * @param id of that thing
 */
public record TextPart(
        String text, @Nullable Kind kind, @Nullable String id) {

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
                ? new TextPart(thing.label(), thing.kind(), thing.id())
                : new TextPart(part.plain(naming), null, null);
    }
}
