package ablemedic.app.transfer;

import com.fasterxml.jackson.annotation.JsonAlias;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The last file of a ZIP of charts: every other file in it.
 *
 * @param format always {@link #FORMAT}
 * @param leftOut charts that could not be read, and are not in it
 */
record ChartsManifest(
        String format, int form, List<File> files, @Nullable List<LeftOut> leftOut) {
    static final String FORMAT = "able-medic-charts";
    static final int FORM = 1;
    static final String NAME = "manifest.json";

    /** For people who unpack it. */
    static final String LEFT_OUT = "left out.txt";

    record LeftOut(@JsonAlias("mark") String craftId, String why) {}

    /** @param bytes how long it is, unpacked */
    record File(String name, long bytes) {}
}
