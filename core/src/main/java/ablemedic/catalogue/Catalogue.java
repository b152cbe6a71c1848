package ablemedic.catalogue;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;

/**
 * The entries of some files, found by id. How a file is written stands in {@code docs/words.md}; what is wrong in one
 * is said with its name and line when it is first read.
 */
public final class Catalogue {
    /** Many classes of a package have their words in one file, which is read once. */
    private static final Map<List<String>, Catalogue> READ = new ConcurrentHashMap<>();

    private final Map<String, Entry> entries = new LinkedHashMap<>();

    private Catalogue() {}

    /**
     * The files beside a class.
     *
     * @param shared where steps are found that several entries have in common
     * @param files without their ending
     */
    public static Catalogue beside(Class<?> owner, Catalogue shared, String... files) {
        Catalogue catalogue = new Catalogue();
        for (String file : files) {
            catalogue.add(new CatalogueReader(file + ".md", shared).entries(text(owner, file + ".md")));
        }
        return catalogue;
    }

    /** The files beside a class, which have no steps in common with others. */
    public static Catalogue beside(Class<?> owner, String... files) {
        List<String> where = Stream.concat(Stream.of(owner.getPackageName()), Stream.of(files))
                .toList();
        return READ.computeIfAbsent(where, unread -> beside(owner, new Catalogue(), files));
    }

    /** A catalogue written in place. */
    static Catalogue of(String text, Catalogue shared) {
        Catalogue catalogue = new Catalogue();
        catalogue.add(new CatalogueReader("text", shared).entries(text));
        return catalogue;
    }

    private void add(Collection<Entry> read) {
        for (Entry entry : read) {
            Entry other = entries.put(entry.id(), entry);
            if (other != null) {
                throw new IllegalStateException(
                        entry.where() + ": " + entry.id() + " stands at " + other.where() + " too");
            }
        }
    }

    private static String text(Class<?> owner, String file) {
        try (InputStream in = owner.getResourceAsStream(file)) {
            if (in == null) {
                throw new IllegalStateException("no file " + file + " beside " + owner.getName());
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    boolean has(String id) {
        return entries.containsKey(id);
    }

    public Collection<Entry> entries() {
        return entries.values();
    }

    /** The words of an entry, its gaps still open. */
    public Words of(String id) {
        Entry entry = entries.get(id);
        if (entry == null) {
            throw new IllegalStateException("the catalogue has no entry " + id);
        }
        return new Words(entry, Map.of());
    }
}
