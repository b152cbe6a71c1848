package ablemedic.app.http;

import de.siegmar.fastcsv.writer.CsvWriter;
import de.siegmar.fastcsv.writer.QuoteStrategies;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.Arrays;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;

/** A table as CSV that is safe to open in a spreadsheet: no text of it is taken for a formula. */
public final class SafeCsv {
    /** Without it a spreadsheet reads the file in the code page of the computer. */
    private static final char BYTE_ORDER_MARK = '\uFEFF';
    /** Signs that begin a formula, as typed and in full width. */
    private static final String FORMULA = "=+-@\uFF1D\uFF0B\uFF0D\uFF20";

    private final StringWriter text = new StringWriter();
    private final CsvWriter csv;

    public SafeCsv(String... heads) {
        text.write(BYTE_ORDER_MARK);
        csv = CsvWriter.builder().quoteStrategy(QuoteStrategies.ALWAYS).build(text);
        csv.writeRecord(heads);
    }

    public SafeCsv row(String... cells) {
        csv.writeRecord(Arrays.stream(cells).map(SafeCsv::safe).toArray(String[]::new));
        return this;
    }

    /** The table as a file of this name. */
    public ResponseEntity<String> as(String file) {
        try {
            csv.close();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + file + "\"")
                .body(text.toString());
    }

    /**
     * A text that a spreadsheet will not take for a formula. Spreadsheets pass over blanks and characters without width
     * before they look for the sign that begins one.
     */
    public static String safe(String text) {
        int first = 0;
        while (first < text.length() && unseen(text.codePointAt(first))) {
            first += Character.charCount(text.codePointAt(first));
        }
        boolean begins = first > 0 && "\t\r\n".indexOf(text.charAt(0)) >= 0
                || first < text.length() && FORMULA.indexOf(text.charAt(first)) >= 0;
        return begins ? "'" + text : text;
    }

    private static boolean unseen(int c) {
        return Character.isWhitespace(c)
                || Character.isSpaceChar(c)
                || Character.isISOControl(c)
                || Character.getType(c) == Character.FORMAT;
    }
}
