package ablemedic.app.transfer;

import ablemedic.app.storage.Json;
import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/**
 * Charts as a ZIP that is written while they are read: each a document, and a file for everything attached to it. The
 * last file names all others with their lengths, so that a shorter ZIP is told from a whole one; broken off, it has no
 * end and no directory.
 */
final class ChartsZip implements AutoCloseable {
    static final String DOCUMENT = "chart.json";

    private final Json json;
    private final Ended into;
    private final ZipOutputStream zip;
    private final List<ChartsManifest.File> written = new ArrayList<>();
    private final List<ChartsManifest.LeftOut> leftOut = new ArrayList<>();
    private int charts;

    ChartsZip(Json json, OutputStream into) {
        this.json = json;
        this.into = new Ended(into);
        this.zip = new ZipOutputStream(this.into, StandardCharsets.UTF_8);
        // Photos are packed already.
        zip.setLevel(Deflater.BEST_SPEED);
    }

    void add(ChartBundle chart) throws IOException {
        String folder = ++charts + " " + chart.craft().craftId() + "/";
        AtomicInteger number = new AtomicInteger();
        ChartBundle document =
                chart.withAttached(one -> Attached.beside("files/" + number.incrementAndGet(), one::read));
        file(folder + DOCUMENT, out -> json.write(out, document));
        for (Attached one : document.attached().toList()) {
            file(folder + one.file(), out -> out.write(one.read()));
        }
    }

    /** Names a chart that can't be read and is not in it. */
    void leaveOut(String craftId, String why) {
        leftOut.add(new ChartsManifest.LeftOut(craftId, why));
    }

    /** Ends it; without this it stays broken off. */
    void finish() throws IOException {
        if (!leftOut.isEmpty()) {
            String said = leftOut.stream()
                    .map(one -> one.craftId() + ": " + one.why() + "\n")
                    .collect(Collectors.joining());
            file(ChartsManifest.LEFT_OUT, out -> out.write(said.getBytes(StandardCharsets.UTF_8)));
        }
        file(
                ChartsManifest.NAME,
                out -> json.write(
                        out,
                        new ChartsManifest(
                                ChartsManifest.FORMAT,
                                ChartsManifest.FORM,
                                List.copyOf(written),
                                leftOut.isEmpty() ? null : List.copyOf(leftOut))));
        zip.finish();
        zip.flush();
        into.end();
    }

    private interface Content {
        void writeTo(OutputStream out) throws IOException;
    }

    private void file(String name, Content content) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        Counting counting = new Counting(zip);
        content.writeTo(counting);
        counting.flush();
        zip.closeEntry();
        written.add(new ChartsManifest.File(name, counting.bytes));
    }

    @Override
    public void close() throws IOException {
        into.end();
        zip.close();
    }

    /** What comes after the end goes nowhere. */
    private static final class Ended extends FilterOutputStream {
        private boolean ended;

        Ended(OutputStream out) {
            super(out);
        }

        void end() {
            ended = true;
        }

        @Override
        public void write(int one) throws IOException {
            if (!ended) {
                out.write(one);
            }
        }

        @Override
        public void write(byte[] bytes, int offset, int length) throws IOException {
            if (!ended) {
                out.write(bytes, offset, length);
            }
        }

        @Override
        public void flush() throws IOException {
            if (!ended) {
                out.flush();
            }
        }

        @Override
        public void close() {
            // The answer is ended by whoever gave it.
        }
    }

    /** Counts what is written of one file. */
    private static final class Counting extends FilterOutputStream {
        private long bytes;

        Counting(OutputStream out) {
            super(out);
        }

        @Override
        public void write(int one) throws IOException {
            out.write(one);
            bytes++;
        }

        @Override
        public void write(byte[] some, int offset, int length) throws IOException {
            out.write(some, offset, length);
            bytes += length;
        }

        @Override
        public void close() {
            // The next file follows.
        }
    }
}
