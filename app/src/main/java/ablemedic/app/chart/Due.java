package ablemedic.app.chart;

import java.util.List;
import java.util.Optional;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;

/**
 * Something that is due on a craft before it is fit to fly.
 *
 * @param what what has to be made
 * @param why what made it due
 * @param page its page under that of the craft
 */
public record Due(String what, String why, String page) {

    /** Something that can fall due. */
    public interface Source {
        /** What is due on a craft, if anything; its place among others, the first first. */
        Optional<Due> of(String craftId);

        int place();
    }

    /** All that can fall due. */
    @Component
    public static class Dues {
        private final ObjectProvider<Source> sources;

        Dues(ObjectProvider<Source> sources) {
            this.sources = sources;
        }

        /** What is due on a craft, in the order in which it is made. */
        public List<Due> of(String craftId) {
            return sources.stream()
                    .sorted((a, b) -> Integer.compare(a.place(), b.place()))
                    .flatMap(source -> source.of(craftId).stream())
                    .toList();
        }
    }
}
