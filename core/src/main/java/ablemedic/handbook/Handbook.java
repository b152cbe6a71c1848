package ablemedic.handbook;

import ablemedic.catalogue.Catalogue;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * Pages in their order, found by id. Files have their pages under headings of the form {@code ## id | title}; where the
 * words of faults and checks stand in the same file, the page follows them.
 */
public final class Handbook {
    private static final String OF_ALL = "Everywhere";

    private final Map<String, Page> pages = new LinkedHashMap<>();

    /** What a page is about. */
    public enum Chapter {
        FAULTS,
        CHECKS,
        FORMATS,
        LAMPS,
        SCHOOLS,
        CAUTIONS
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
     * The pages that belong to no family: conflicts of the record, lamps and tones, schools of practice, and cautions.
     */
    public static List<Page> general() {
        return read(
                Handbook.class,
                OF_ALL,
                Chapter.FAULTS,
                Chapter.CHECKS,
                Chapter.LAMPS,
                Chapter.SCHOOLS,
                Chapter.CAUTIONS);
    }

    /** The pages in the files of these chapters beside a class. */
    public static List<Page> read(Class<?> beside, String family, Chapter... chapters) {
        List<Page> pages = new ArrayList<>();
        for (Chapter chapter : chapters) {
            for (String section : text(beside, chapter.name().toLowerCase(Locale.ROOT) + ".md")
                    .split("(?m)^## ")) {
                // An entry without a title has its page elsewhere.
                if (section.lines().findFirst().orElse("").contains("|")) {
                    pages.add(page(section, family, chapter));
                }
            }
        }
        return List.copyOf(pages);
    }

    private static Page page(String section, String family, Chapter chapter) {
        String[] parts = section.split("\n", 2);
        String[] heading = parts[0].split("\\|", 2);
        List<String> paragraphs = new ArrayList<>();
        String page = parts[1].split("(?m)^### ", 2)[0].strip();
        for (String paragraph : page.split("\n\\s*\n")) {
            if (!Catalogue.isOfWords(paragraph.lines().findFirst().orElse(""))) {
                paragraphs.add(paragraph.replaceAll("\\s+", " ").strip());
            }
        }
        return new Page(heading[0].strip(), chapter, family, heading[1].strip(), paragraphs);
    }

    private static String text(Class<?> beside, String file) {
        try (InputStream in = beside.getResourceAsStream(file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
