package ablemedic.export;

import ablemedic.export.SettingsExport.Gathered;
import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.reader.FieldMismatchStrategy;
import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** A table of names and values. Without a line of headings the first column is the name and the second the value. */
final class TableOfNames {
    private static final Set<String> NAMES = Set.of("name", "setting", "parameter", "param");
    private static final Set<String> VALUES = Set.of("value", "set to");
    private static final int LONGEST_VALUE = 2000;

    private TableOfNames() {}

    static void read(String text, Gathered gathered) {
        int name = 0;
        int value = 1;
        boolean first = true;
        int line = 1;
        try (CsvReader<CsvRecord> rows = CsvReader.builder()
                .fieldSeparator(separator(text))
                .skipEmptyLines(true)
                .extraFieldStrategy(FieldMismatchStrategy.IGNORE)
                .missingFieldStrategy(FieldMismatchStrategy.IGNORE)
                .ofCsvRecord(text)) {
            for (CsvRecord row : rows) {
                line = (int) row.getStartingLineNumber();
                List<String> headings = row.getFields().stream()
                        .map(field -> field.strip().toLowerCase(Locale.ROOT))
                        .toList();
                if (first
                        && headings.stream().anyMatch(NAMES::contains)
                        && headings.stream().anyMatch(VALUES::contains)) {
                    name = first(headings, NAMES);
                    value = first(headings, VALUES);
                } else if (!NameValueLines.isRemark(row.getField(0).strip())) {
                    row(row, line, name, value, gathered);
                }
                first = false;
            }
        } catch (CsvParseException | IOException e) {
            gathered.odd(line + 1, "", ExportWords.line("broken-table"));
        }
    }

    private static void row(CsvRecord row, int line, int name, int value, Gathered gathered) {
        String text = String.join(", ", row.getFields());
        if (row.getFieldCount() <= Math.max(name, value)) {
            gathered.odd(line, text, ExportWords.line("no-column", "column", Math.max(name, value) + 1));
        } else if (!SettingsExport.isName(row.getField(name).strip())) {
            gathered.odd(line, text, ExportWords.line("no-name-in", "column", name + 1));
        } else if (row.getField(value).length() > LONGEST_VALUE
                || row.getField(value).chars().anyMatch(Character::isISOControl)) {
            gathered.odd(line, text, ExportWords.line("no-value-in", "column", value + 1));
        } else {
            gathered.entry(line, row.getField(name).strip(), row.getField(value).strip());
        }
    }

    private static int first(List<String> headings, Set<String> any) {
        return headings.indexOf(
                headings.stream().filter(any::contains).findFirst().orElseThrow());
    }

    private static char separator(String text) {
        String line = text.lines()
                .filter(one -> !one.isBlank() && !NameValueLines.isRemark(one.strip()))
                .findFirst()
                .orElse("");
        return line.indexOf(';') >= 0 ? ';' : line.indexOf('\t') >= 0 ? '\t' : ',';
    }
}
