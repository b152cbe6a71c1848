package ablemedic.capture;

import ablemedic.catalogue.Rejected;
import java.io.BufferedInputStream;
import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.PushbackInputStream;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.LongConsumer;

/** Reads captures of any size in bounded memory. Breaks off when its thread is interrupted. */
public final class Captures {
    private static final int HEAD = 4096;

    private Captures() {}

    /**
     * What came of a file.
     *
     * @param signals that it holds, where one of several must be chosen first
     * @param report what the chosen one tells, or the only one
     */
    public record Read(List<String> signals, Optional<CaptureReport> report) {}

    /**
     * Reads a capture and says what it tells.
     *
     * @param signal the name of the wanted signal, where a file holds several
     * @param progress told the number of bytes read so far, now and then
     * @throws Rejected saying where it cannot be read and what would be right
     * @throws IOException where the file itself cannot be had
     */
    public static Read read(InputStream file, Optional<String> signal, LongConsumer progress) throws IOException {
        PushbackInputStream in =
                new PushbackInputStream(new Counted(new BufferedInputStream(file, 1 << 16), progress), HEAD);
        byte[] head = new byte[HEAD];
        int length = in.readNBytes(head, 0, HEAD);
        if (length == 0) {
            throw CaptureRefusals.inFile("empty");
        }
        in.unread(head, 0, length);
        CaptureForm form = CaptureForm.of(head, length);
        Signals signals = new Signals(signal.filter(name -> !name.isBlank()));
        CaptureAnalysis analysis = new CaptureAnalysis();
        try {
            switch (form) {
                case VCD -> new VcdReader(text(in), signals, analysis).read();
                case CSV -> new TableReader(signals, analysis).read(text(in), separator(head, length));
                case HEX -> BytesReader.hex(in, analysis);
                case BYTES -> BytesReader.raw(in, analysis);
            }
        } catch (Signals.SeveralException e) {
            return new Read(signals.names(), Optional.empty());
        }
        return new Read(signals.names(), Optional.of(analysis.report(form, signals.names())));
    }

    private static Reader text(InputStream in) {
        return new InputStreamReader(in, StandardCharsets.UTF_8);
    }

    /** The mark between the columns: that which stands most often in the first lines; a comma where none does. */
    private static char separator(byte[] head, int length) {
        String text = new String(head, 0, length, StandardCharsets.UTF_8);
        char best = ',';
        long most = 0;
        for (char mark : new char[] {';', '\t', ','}) {
            long count = text.chars().filter(c -> c == mark).count();
            if (count > most) {
                most = count;
                best = mark;
            }
        }
        return text.indexOf(';') >= 0
                        && best == ','
                        && text.lines().skip(1).allMatch(line -> line.isBlank() || line.indexOf(';') > 0)
                ? ';'
                : best;
    }

    static void cancelled() {
        if (Thread.currentThread().isInterrupted()) {
            throw new CancellationException("nobody waits for this capture any more");
        }
    }

    /** Tells how far it has been read. */
    private static final class Counted extends FilterInputStream {
        private static final long STEP = 1 << 20;
        private final LongConsumer progress;
        private long read;
        private long told;

        Counted(InputStream in, LongConsumer progress) {
            super(in);
            this.progress = progress;
        }

        @Override
        public int read() throws IOException {
            int one = super.read();
            count(one < 0 ? 0 : 1);
            return one;
        }

        @Override
        public int read(byte[] to, int from, int length) throws IOException {
            int some = super.read(to, from, length);
            count(some);
            return some;
        }

        private void count(int some) {
            read += Math.max(0, some);
            if (read - told >= STEP) {
                told = read;
                progress.accept(read);
            }
        }
    }
}
