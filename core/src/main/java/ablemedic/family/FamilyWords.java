package ablemedic.family;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.handbook.Handbook;
import ablemedic.handbook.Handbook.Chapter;
import ablemedic.handbook.Handbook.Page;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** The catalogues of a family, each read once, when it is first asked for. */
public final class FamilyWords {
    private final Class<?> owner;
    private final Map<String, Catalogue> catalogues = new ConcurrentHashMap<>();

    private FamilyWords(Class<?> owner) {
        this.owner = owner;
    }

    /** Those in the files beside a class. */
    public static FamilyWords beside(Class<?> owner) {
        return new FamilyWords(owner);
    }

    /** The catalogue of a file, named without its ending. */
    public Catalogue catalogue(String file) {
        return catalogues.computeIfAbsent(file, name -> SharedSteps.catalogue(owner, name));
    }

    public Words fault(String kind) {
        return catalogue(Chapter.FAULTS.file()).of(kind);
    }

    /** A fix that several faults share. */
    public Words fix(String id) {
        return catalogue("fixes").of(id);
    }

    public Words check(String id) {
        return catalogue(Chapter.CHECKS.file()).of(id);
    }

    public Words complaint(String id) {
        return catalogue("complaints").of(id);
    }

    public Words requirement(String id) {
        return catalogue("requirements").of(id);
    }

    public Words name(String id) {
        return catalogue("names").of(id);
    }

    /** The family's instruments, in the order of their catalogue. */
    public List<Instrument> instruments() {
        Catalogue words = catalogue("instruments");
        return words.entries().stream()
                .map(entry -> words.of(entry.id()))
                .map(one -> new Instrument(
                        one.id(), one.title().plain(), one.line("about").plain()))
                .toList();
    }

    /**
     * The family's pages of the handbook.
     *
     * @param title of the family
     */
    public List<Page> pages(String title, Chapter... chapters) {
        return Arrays.stream(chapters)
                .flatMap(chapter -> Handbook.pages(catalogue(chapter.file()), title, chapter))
                .toList();
    }
}
