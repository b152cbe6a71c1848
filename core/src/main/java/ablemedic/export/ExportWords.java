package ablemedic.export;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;

/** Why a file is no settings export, or a line of one no setting. */
final class ExportWords {
    static final Words FILE = Catalogue.beside(ExportWords.class, "refusals").of("export");
    static final Words LINE = Catalogue.beside(ExportWords.class, "refusals").of("line");

    private ExportWords() {}

    static String line(String key) {
        return LINE.line(key).plain();
    }

    static String line(String key, String gap, Object value) {
        return LINE.with(gap, String.valueOf(value)).line(key).plain();
    }
}
