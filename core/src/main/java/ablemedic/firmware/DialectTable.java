package ablemedic.firmware;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Rejected;
import ablemedic.catalogue.Words;
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
import java.util.function.UnaryOperator;
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

    private static final Words WORDS = Catalogue.beside(DialectTable.class, "refusals")
            .of("dialect")
            .with("mostRows", Param.whole(MOST_ROWS, ""))
            .with("longestLabel", Param.whole(LONGEST_LABEL, ""))
            .with("fields", Param.whole(HEADINGS.size(), ""))
            .with("headings", String.join(", ", HEADINGS))
            .with("leftOut", LEFT_OUT);

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

    /** @throws Rejected where it is none, with the row, counted from 1, and what would be right */
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

    /** @throws Rejected where it is none, with the row and what would be right */
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
                check(rows.size() <= MOST_ROWS + 2, row, "most-names");
            }
        } catch (CsvParseException | IOException e) {
            throw wrong(rows.size() + 1, "broken", words -> words);
        }
        return rows;
    }

    private static FirmwareDialect family(List<CsvRecord> rows) {
        if (rows.size() < 3) {
            throw wrong(rows.size() + 1, "rows", words -> words);
        }
        CsvRecord first = rows.get(0);
        check(first.getFieldCount() >= 5 && first.getField(0).equals("family"), first, "first-row");
        check(ID.matcher(first.getField(1)).matches(), first, "id", first.getField(1));
        check(!first.getField(2).isBlank() && first.getField(2).length() <= LONGEST_LABEL, first, "label");
        List<String> versions = first.getFields().subList(4, first.getFieldCount()).stream()
                .map(String::strip)
                .filter(one -> !one.isEmpty())
                .toList();
        check(!versions.isEmpty() && versions.stream().distinct().count() == versions.size(), first, "versions");
        check(rows.get(1).getFields().equals(HEADINGS), rows.get(1), "headings");
        Map<Term, CsvRecord> terms = new LinkedHashMap<>();
        List<Ability> abilities = new ArrayList<>();
        for (CsvRecord row : rows.subList(2, rows.size())) {
            if (row.getField(0).equals(ABLE)) {
                abilities.add(ability(row, versions));
            } else {
                Term term = term(row, versions);
                check(terms.put(term, row) == null, row, "twice", term.name());
            }
        }
        clashes(terms, versions);
        check(!terms.isEmpty(), rows.get(rows.size() - 1), "no-names");
        return new FirmwareDialect(
                first.getField(1),
                first.getField(2).strip(),
                first.getField(3).strip(),
                versions,
                List.copyOf(terms.keySet()),
                abilities);
    }

    private static Ability ability(CsvRecord row, List<String> versions) {
        check(row.getFieldCount() == HEADINGS.size(), row, "ability-fields");
        check(Ability.KNOWN.containsKey(row.getField(1)), row, "no-ability", row.getField(1));
        check(
                row.getField(4).isEmpty()
                        && (row.getField(5).isEmpty() || row.getField(5).equals(LEFT_OUT)),
                row,
                "ability-rest");
        return new Ability(
                row.getField(1),
                since(row, versions),
                until(row, versions),
                !row.getField(5).isEmpty());
    }

    private static int since(CsvRecord row, List<String> versions) {
        int since = versions.indexOf(row.getField(2)) + 1;
        check(since > 0, row, "since");
        return since;
    }

    private static int until(CsvRecord row, List<String> versions) {
        int until = row.getField(3).isEmpty() ? 0 : versions.indexOf(row.getField(3)) + 1;
        check(row.getField(3).isEmpty() || until >= since(row, versions), row, "since");
        return until;
    }

    private static Term term(CsvRecord row, List<String> versions) {
        check(row.getFieldCount() == HEADINGS.size(), row, "fields");
        check(SettingsExport.isName(row.getField(0)), row, "no-name", row.getField(0));
        Optional<Setting<?>> setting = Settings.find(row.getField(1));
        check(setting.isPresent(), row, "no-setting", row.getField(1));
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
                    "times");
            return times;
        } catch (NumberFormatException e) {
            throw wrong(row.getStartingLineNumber(), "no-number", words -> words.with("given", row.getField(4)));
        }
    }

    private static Map<String, String> values(CsvRecord row, Setting<?> setting) {
        Map<String, String> values = new LinkedHashMap<>();
        if (row.getField(5).isEmpty()) {
            return values;
        }
        for (String pair : row.getField(5).split("\\|", -1)) {
            int at = pair.lastIndexOf('=');
            check(at > 0 && at < pair.length() - 1, row, "pair", pair);
            String own = pair.substring(0, at);
            check(setting.form().read(own).isPresent(), row, "not-its-value", words -> words.with(
                            "setting", setting.label())
                    .with("expected", setting.form().expected())
                    .with("given", own));
            String listed = pair.substring(at + 1);
            check(values.put(own, listed) == null, row, "twice", own);
            check(values.values().stream().filter(listed::equalsIgnoreCase).count() == 1, row, "two-values", listed);
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
                            "twice-in",
                            words -> words.with("version", called).with("given", term.name()));
                    check(settings.add(term.setting()), one.getValue(), "two-names", words -> words.with(
                                    "version", called)
                            .with("given", term.setting().id()));
                }
            }
        }
    }

    private static void check(boolean right, CsvRecord row, String line) {
        check(right, row, line, words -> words);
    }

    private static void check(boolean right, CsvRecord row, String line, String given) {
        check(right, row, line, words -> words.with("given", given));
    }

    private static void check(boolean right, CsvRecord row, String line, UnaryOperator<Words> filling) {
        if (!right) {
            throw wrong(row.getStartingLineNumber(), line, filling);
        }
    }

    private static Rejected wrong(long row, String line, UnaryOperator<Words> filling) {
        String what = filling.apply(WORDS).line(line).plain();
        return new Rejected(
                "rows[" + (row - 1) + "]",
                line,
                WORDS.with("line", Param.whole(row, "")).with("what", what).line("in-line"));
    }
}
