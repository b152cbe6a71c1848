package ablemedic.capture;

import ch.randelshofer.fastdoubleparser.JavaDoubleParser;
import de.siegmar.fastcsv.reader.AbstractBaseCsvCallbackHandler;
import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.FieldMismatchStrategy;
import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads a table of a time and levels or volts, with a heading or none. Rows stand at their level until the next. */
final class TableReader {
    private static final Map<String, Double> UNITS =
            Map.of("s", 1.0, "sec", 1.0, "seconds", 1.0, "ms", 1e-3, "us", 1e-6, "µs", 1e-6, "μs", 1e-6, "ns", 1e-9);
    private static final Pattern UNIT = Pattern.compile("[\\[(_ ]\\s*(s|sec|seconds|ms|us|µs|μs|ns)\\s*[\\])]?$");
    private static final int HEADING_ROWS = 40;
    private static final double LONGEST_S = 1e6;
    private static final int LONGEST_ROW = 1 << 16;

    private final Signals signals;
    private final Slicer slicer;
    private final List<String> heading = new ArrayList<>();
    private int place = -1;
    private double unitS = 1;
    private double lastS = Double.NaN;
    private long rows;

    TableReader(Signals signals, Recorded to) {
        this.signals = signals;
        this.slicer = new Slicer(to);
    }

    // Some programs write a blank after a closing quote; the reader has no other way yet to let it be.
    @SuppressWarnings("removal")
    void read(Reader in, char separator) throws IOException {
        Row row = new Row(separator == ';');
        try (CsvReader<Row> reader = CsvReader.builder()
                .fieldSeparator(separator)
                .skipEmptyLines(true)
                .extraFieldStrategy(FieldMismatchStrategy.IGNORE)
                .missingFieldStrategy(FieldMismatchStrategy.IGNORE)
                .allowExtraCharsAfterClosingQuote(true)
                .allowUnclosedQuote(true)
                .maxBufferSize(LONGEST_ROW)
                .build(row, in)) {
            for (Row read : reader) {
                take(read);
            }
        } catch (CsvParseException | UncheckedIOException e) {
            throw CaptureRefusals.inLine(row.line + 1, "no-row");
        }
        if (place < 0) {
            throw CaptureRefusals.inLine(Math.max(1, row.line), "no-rows");
        }
        slicer.end();
    }

    private void take(Row row) {
        if (place < 0) {
            if (!row.isNumeric()) {
                heading.clear();
                heading.addAll(row.texts());
                if (++rows > HEADING_ROWS) {
                    throw CaptureRefusals.inLine(row.line, "only-headings", "lines", HEADING_ROWS);
                }
                return;
            }
            begin(row);
        }
        double time = row.values[0] * unitS;
        double value = place + 1 < row.count ? row.values[place + 1] : Double.NaN;
        if (Double.isNaN(time) || Double.isNaN(value)) {
            throw CaptureRefusals.inLine(row.line, "no-number", "given", row.firstText());
        }
        if (Math.abs(time) > LONGEST_S) {
            throw CaptureRefusals.inLine(row.line, "time-unit", "time", time);
        }
        if (time < lastS) {
            throw CaptureRefusals.inLine(row.line, "runs-back", words -> words.with("from", lastS + " s")
                    .with("to", time + " s"));
        }
        lastS = time;
        slicer.sample(time, value);
        if ((++rows & 0xFFF) == 0) {
            Captures.cancelled();
        }
    }

    private void begin(Row row) {
        List<String> names = new ArrayList<>();
        for (int i = 1; i < row.count; i++) {
            names.add(
                    i < heading.size() && !heading.get(i).isBlank()
                            ? heading.get(i).strip()
                            : "signal " + i);
        }
        place = signals.choose(names, row.line);
        if (!heading.isEmpty()) {
            Matcher unit = UNIT.matcher(heading.get(0).strip().toLowerCase(Locale.ROOT));
            unitS = unit.find() ? UNITS.get(unit.group(1)) : 1;
        }
    }

    /** One row after the other in the same place, since there are millions. */
    private static final class Row extends AbstractBaseCsvCallbackHandler<Row> {
        private static final int MOST = 1024;
        private final boolean commaInNumbers;
        private final double[] values = new double[MOST];
        private final String[] words = new String[MOST];
        private int count;
        private long line;

        Row(boolean commaInNumbers) {
            this.commaInNumbers = commaInNumbers;
        }

        @Override
        protected void handleBegin(long startingLine) {
            Arrays.fill(words, 0, count, null);
            count = 0;
            line = startingLine;
        }

        @Override
        protected void handleField(int index, char[] buffer, int from, int length, boolean quoted) {
            if (index >= MOST) {
                throw CaptureRefusals.inLine(line, "columns", "most", MOST);
            }
            count = index + 1;
            int at = from;
            int end = from + length;
            while (at < end && buffer[at] <= ' ') {
                at++;
            }
            while (end > at && buffer[end - 1] <= ' ') {
                end--;
            }
            for (int i = at; commaInNumbers && i < end; i++) {
                buffer[i] = buffer[i] == ',' ? '.' : buffer[i];
            }
            try {
                values[index] = JavaDoubleParser.parseDouble(buffer, at, end - at);
                if (Double.isInfinite(values[index])) {
                    values[index] = Double.NaN;
                }
            } catch (NumberFormatException e) {
                values[index] = Double.NaN;
                words[index] = new String(buffer, at, Math.min(60, end - at));
            }
        }

        boolean isNumeric() {
            return count > 1 && !Double.isNaN(values[0]) && !Double.isNaN(values[1]);
        }

        List<String> texts() {
            List<String> texts = new ArrayList<>();
            for (int i = 0; i < count; i++) {
                texts.add(words[i] == null ? "" : words[i].replace("\uFEFF", ""));
            }
            return texts;
        }

        String firstText() {
            for (int i = 0; i < count; i++) {
                if (words[i] != null) {
                    return words[i];
                }
            }
            return "";
        }

        @Override
        protected Row buildRecord() {
            return this;
        }
    }
}
