package ablemedic.firmware;

import ablemedic.configuration.Setting;
import ablemedic.craft.Settings;
import ablemedic.export.SettingsExport;
import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.reader.FieldMismatchStrategy;
import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * A family as a CSV table: a first row {@code family,id,label,assigns,version,version…}, a row of headings, and a row
 * for every name: name, setting, since, until, times, values. Values are pairs such as {@code on=1|off=0}, the
 * setting's own first. A row with {@code *} for a name tells what versions are able to do instead: its id stands for
 * the setting, and {@code may-be-left-out} for values where a build may lack it.
 */
public final class DialectTable {
    private static final List<String> HEADINGS = List.of("name", "setting", "since", "until", "times", "values");
    private static final Pattern ID = Pattern.compile("[a-z][a-z0-9-]{0,39}");
    /** In place of a name: the row tells what versions are able to do. */
    private static final String ABLE = "*";

    private static final String LEFT_OUT = "may-be-left-out";
    private static final int LONGEST_LABEL = 60;
    private static final int MOST_ROWS = 5000;

    private DialectTable() {}

    public static String write(FirmwareDialect family) {
        StringWriter text = new StringWriter();
        try (CsvWriter rows = CsvWriter.builder().build(text)) {
            List<String> first = new ArrayList<>(List.of("family", family.id(), family.label(), family.assigns()));
            first.addAll(family.versions());
            rows.writeRecord(first);
            rows.writeRecord(HEADINGS);
            for (Term term : family.terms()) {
                rows.writeRecord(
                        term.name(),
                        term.setting().id(),
                        family.versions().get(term.since() - 1),
                        term.until() == 0 ? "" : family.versions().get(term.until() - 1),
                        term.times().compareTo(BigDecimal.ONE) == 0
                                ? ""
                                : term.times().toPlainString(),
                        String.join(
                                "|",
                                term.values().entrySet().stream()
                                        .map(one -> one.getKey() + "=" + one.getValue())
                                        .toList()));
            }
            for (Ability ability : family.abilities()) {
                rows.writeRecord(
                        ABLE,
                        ability.what(),
                        family.versions().get(ability.since() - 1),
                        ability.until() == 0 ? "" : family.versions().get(ability.until() - 1),
                        "",
                        ability.leftOut() ? LEFT_OUT : "");
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    /** The same as a list of rows, each a list of fields, for somebody who has no table at hand. */
    public static List<List<String>> rows(FirmwareDialect family) {
        return records(write(family)).stream().map(CsvRecord::getFields).toList();
    }

    /** @throws BadDialectException where it is none, with the row, counted from 1, and what would be right */
    public static FirmwareDialect read(List<List<String>> rows) {
        StringWriter text = new StringWriter();
        try (CsvWriter written = CsvWriter.builder().build(text)) {
            rows.forEach(row -> written.writeRecord(
                    row.stream().map(field -> field.replaceAll("[\\r\\n]", " ")).toList()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return read(text.toString());
    }

    /** @throws BadDialectException where it is none, with the row and what would be right */
    public static FirmwareDialect read(String text) {
        return family(records(text));
    }

    private static List<CsvRecord> records(String text) {
        List<CsvRecord> rows = new ArrayList<>();
        try (CsvReader<CsvRecord> reader = CsvReader.builder()
                .skipEmptyLines(true)
                .extraFieldStrategy(FieldMismatchStrategy.IGNORE)
                .missingFieldStrategy(FieldMismatchStrategy.IGNORE)
                .ofCsvRecord(text)) {
            for (CsvRecord row : reader) {
                rows.add(row);
                check(rows.size() <= MOST_ROWS + 2, row, "a family has at most " + MOST_ROWS + " names");
            }
        } catch (CsvParseException | IOException e) {
            throw new BadDialectException(
                    rows.size() + 1,
                    "the table cannot be read on from here: a quotation mark is missing, or a field is too long");
        }
        return rows;
    }

    private static FirmwareDialect family(List<CsvRecord> rows) {
        if (rows.size() < 3) {
            throw new BadDialectException(
                    rows.size() + 1, "a family has a row “family”, one of headings and one for each name");
        }
        CsvRecord first = rows.get(0);
        check(
                first.getFieldCount() >= 5 && first.getField(0).equals("family"),
                first,
                "the first row is family, id, label, what a line to paste begins with, versions");
        check(
                ID.matcher(first.getField(1)).matches(),
                first,
                "an id has small letters, digits and dashes, not “" + first.getField(1) + "”");
        check(
                !first.getField(2).isBlank() && first.getField(2).length() <= LONGEST_LABEL,
                first,
                "a label has 1 to " + LONGEST_LABEL + " letters");
        List<String> versions = first.getFields().subList(4, first.getFieldCount()).stream()
                .map(String::strip)
                .filter(one -> !one.isEmpty())
                .toList();
        check(
                !versions.isEmpty() && versions.stream().distinct().count() == versions.size(),
                first,
                "versions are one or more names, each once");
        check(rows.get(1).getFields().equals(HEADINGS), rows.get(1), "the headings are " + String.join(", ", HEADINGS));
        Map<Term, CsvRecord> terms = new LinkedHashMap<>();
        List<Ability> abilities = new ArrayList<>();
        for (CsvRecord row : rows.subList(2, rows.size())) {
            if (row.getField(0).equals(ABLE)) {
                abilities.add(ability(row, versions));
            } else {
                Term term = term(row, versions);
                check(terms.put(term, row) == null, row, "“" + term.name() + "” stands twice");
            }
        }
        clashes(terms, versions);
        check(!terms.isEmpty(), rows.get(rows.size() - 1), "a family has at least one name of a setting");
        return new FirmwareDialect(
                first.getField(1),
                first.getField(2).strip(),
                first.getField(3).strip(),
                versions,
                List.copyOf(terms.keySet()),
                abilities);
    }

    private static Ability ability(CsvRecord row, List<String> versions) {
        check(
                row.getFieldCount() == HEADINGS.size(),
                row,
                "what versions are able to do has " + HEADINGS.size() + " fields, as a name has");
        check(Ability.KNOWN.containsKey(row.getField(1)), row, "there is no ability “" + row.getField(1) + "”");
        check(
                row.getField(4).isEmpty()
                        && (row.getField(5).isEmpty() || row.getField(5).equals(LEFT_OUT)),
                row,
                "an ability has nothing but " + LEFT_OUT + " after its versions");
        return new Ability(
                row.getField(1),
                since(row, versions),
                until(row, versions),
                !row.getField(5).isEmpty());
    }

    private static int since(CsvRecord row, List<String> versions) {
        int since = versions.indexOf(row.getField(2)) + 1;
        check(since > 0, row, "since and until are versions of this family, the earlier first");
        return since;
    }

    private static int until(CsvRecord row, List<String> versions) {
        int until = row.getField(3).isEmpty() ? 0 : versions.indexOf(row.getField(3)) + 1;
        check(
                row.getField(3).isEmpty() || until >= since(row, versions),
                row,
                "since and until are versions of this family, the earlier first");
        return until;
    }

    private static Term term(CsvRecord row, List<String> versions) {
        check(
                row.getFieldCount() == HEADINGS.size(),
                row,
                "a name has " + HEADINGS.size() + " fields: " + String.join(", ", HEADINGS));
        check(SettingsExport.isName(row.getField(0)), row, "“" + row.getField(0) + "” is no name of a setting");
        Optional<Setting<?>> setting = Settings.find(row.getField(1));
        check(setting.isPresent(), row, "there is no setting “" + row.getField(1) + "”");
        Map<String, String> values = values(row, setting.orElseThrow());
        return new Term(
                row.getField(0), setting.get(), since(row, versions), until(row, versions), times(row, values), values);
    }

    private static BigDecimal times(CsvRecord row, Map<String, String> values) {
        if (row.getField(4).isEmpty()) {
            return BigDecimal.ONE;
        }
        try {
            BigDecimal times = new BigDecimal(row.getField(4));
            check(
                    times.signum() > 0 && values.isEmpty() && times.precision() < 20 && Math.abs(times.scale()) < 20,
                    row,
                    "times is more than 0 and has no values beside it");
            return times;
        } catch (NumberFormatException e) {
            throw new BadDialectException(
                    (int) row.getStartingLineNumber(), "times is a number, not “" + row.getField(4) + "”");
        }
    }

    private static Map<String, String> values(CsvRecord row, Setting<?> setting) {
        Map<String, String> values = new LinkedHashMap<>();
        if (row.getField(5).isEmpty()) {
            return values;
        }
        for (String pair : row.getField(5).split("\\|", -1)) {
            int at = pair.lastIndexOf('=');
            check(at > 0 && at < pair.length() - 1, row, "values are pairs such as on=1|off=0, not “" + pair + "”");
            String own = pair.substring(0, at);
            check(
                    setting.form().read(own).isPresent(),
                    row,
                    setting.label() + " is " + setting.form().expected() + ", not " + own);
            String listed = pair.substring(at + 1);
            check(values.put(own, listed) == null, row, own + " stands twice");
            check(
                    values.values().stream().filter(listed::equalsIgnoreCase).count() == 1,
                    row,
                    listed + " stands for two values");
        }
        return values;
    }

    /** One version has one meaning for a name, and one name for a setting. */
    private static void clashes(Map<Term, CsvRecord> terms, List<String> versions) {
        for (int version = 1; version <= versions.size(); version++) {
            String called = versions.get(version - 1);
            Set<String> names = new HashSet<>();
            Set<Setting<?>> settings = new HashSet<>();
            for (Map.Entry<Term, CsvRecord> one : terms.entrySet()) {
                Term term = one.getKey();
                if (term.isIn(version)) {
                    check(
                            names.add(term.name().toLowerCase(Locale.ROOT)),
                            one.getValue(),
                            "version " + called + " has “" + term.name() + "” twice");
                    check(
                            settings.add(term.setting()),
                            one.getValue(),
                            "version " + called + " has two names for "
                                    + term.setting().id());
                }
            }
        }
    }

    private static void check(boolean right, CsvRecord row, String whatIsRight) {
        if (!right) {
            throw new BadDialectException((int) row.getStartingLineNumber(), whatIsRight);
        }
    }
}
