package ablemedic.handbook;

import ablemedic.catalogue.Catalogue;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** Pages in their order, found by id: those of the catalogues' entries that have one. */
public final class Handbook {
    private static final String OF_ALL = "Everywhere";

    private final Map<String, Page> pages = new LinkedHashMap<>();

    /** What a page is about. */
    public enum Chapter {
        FAULTS,
        CHECKS,
        FORMATS,
        LAMPS,
        CONVENTIONS,
        CAUTIONS;

        /** The file that has it, without its ending. */
        public String file() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * One page.
     *
     * @param family the family of troubles that it belongs to, in words
     * @param paragraphs in order; never empty
     */
    public record Page(String id, Chapter chapter, String family, String title, List<String> paragraphs) {
        public Page {
            paragraphs = List.copyOf(paragraphs);
        }
    }

    public Handbook(List<Page> pages) {
        for (Page page : pages) {
            if (this.pages.put(page.id(), page) != null) {
                throw new IllegalStateException("two pages named " + page.id());
            }
        }
    }

    public List<Page> pages() {
        return List.copyOf(pages.values());
    }

    public Optional<Page> page(String id) {
        return Optional.ofNullable(pages.get(id));
    }

    /**
     * The pages that belong to no family: conflicts of the record, lamps and tones, conventions of practice, and
     * cautions.
     */
    public static List<Page> general() {
        return Stream.of(Chapter.FAULTS, Chapter.CHECKS, Chapter.LAMPS, Chapter.CONVENTIONS, Chapter.CAUTIONS)
                .flatMap(chapter -> pages(Catalogue.beside(Handbook.class, chapter.file()), OF_ALL, chapter))
                .toList();
    }

    /** The pages of a catalogue; an entry without a title has its page elsewhere. */
    public static Stream<Page> pages(Catalogue catalogue, String family, Chapter chapter) {
        return catalogue.entries().stream()
                .filter(entry -> !entry.pageTitle().isEmpty())
                .map(entry -> new Page(entry.id(), chapter, family, entry.pageTitle(), entry.page()));
    }
}
