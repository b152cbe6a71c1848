package ablemedic.capture;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Rejected;
import ablemedic.catalogue.Words;
import java.util.function.UnaryOperator;

/** Why a capture can't be read: where, and what would be right. */
final class CaptureRefusals {
    private static final Words WORDS =
            Catalogue.beside(CaptureRefusals.class, "refusals").of("capture");

    private CaptureRefusals() {}

    static Rejected inFile(String key) {
        return new Rejected("file", key, WORDS.line(key));
    }

    static Rejected inLine(long line, String key) {
        return inLine(line, key, words -> words);
    }

    static Rejected inLine(long line, String key, String gap, Object value) {
        return inLine(line, key, words -> words.with(gap, String.valueOf(value)));
    }

    static Rejected inLine(long line, String key, UnaryOperator<Words> filling) {
        String what = filling.apply(WORDS).line(key).plain();
        Words placed = WORDS.with("line", Param.whole(line, "")).with("what", what);
        return new Rejected("file", key, placed.line("in-line"));
    }
}
