package ablemedic.app.chart;

import ablemedic.app.chart.ElectricEntry.BatteryOnSheet;
import ablemedic.app.http.Refusal;
import ablemedic.app.storage.Folded;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Rejected;
import ablemedic.catalogue.Words;
import ablemedic.craft.CraftClass;
import ablemedic.craft.FlightMode;
import ablemedic.craft.MotorNumbering;
import ablemedic.craft.SpinConvention;
import ablemedic.parts.WiringLayout;
import ablemedic.wiring.Chemistry;
import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.NamedCsvRecord;
import java.time.Clock;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Crafts and their parts from a table: a row each, by the columns craft_id, name, builder, class, spins, numbering,
 * mode, layout, parts, cells, chemistry, capacity_mah, cell_milliohms. Only craft_id has to be there; parts are ids of
 * the parts library, parted by semicolons.
 */
@Component
class CraftTable {
    private static final Words REFUSALS =
            Catalogue.beside(CraftTable.class, "refusals").of("craft-table");
    private static final int MOST = 500;
    private static final String CRAFT_ID = "craft_id";
    private static final Set<String> COLUMNS = Set.of(
            CRAFT_ID,
            "name",
            "builder",
            "class",
            "spins",
            "numbering",
            "mode",
            "layout",
            "parts",
            "cells",
            "chemistry",
            "capacity_mah",
            "cell_milliohms");

    private final CraftStore crafts;
    private final FirstSheet first;
    private final Clock clock;

    CraftTable(CraftStore crafts, FirstSheet first, Clock clock) {
        this.crafts = crafts;
        this.first = first;
        this.clock = clock;
    }

    /** Enters every craft of a table, or none where a row is wrong. @return their craft IDs */
    @Transactional
    public List<String> enter(String table) {
        try (CsvReader<NamedCsvRecord> csv =
                CsvReader.builder().ofNamedCsvRecord(table.startsWith("\uFEFF") ? table.substring(1) : table)) {
            List<NamedCsvRecord> rows = csv.stream().toList();
            if (rows.isEmpty()) {
                throw Refusal.wrong("file", REFUSALS, "no-rows");
            }
            if (rows.size() > MOST) {
                throw Refusal.wrong("file", REFUSALS.with("most", MOST), "rows");
            }
            List<String> heads = rows.get(0).getHeader();
            if (!COLUMNS.containsAll(heads) || !heads.contains(CRAFT_ID)) {
                throw Refusal.wrong(
                        "line 1",
                        REFUSALS.with("columns", String.join(", ", new TreeSet<>(COLUMNS)))
                                .with("heads", Refusal.shortened(String.join(", ", heads))),
                        "columns");
            }
            return rows.stream().map(this::enter).toList();
        } catch (CsvParseException e) {
            throw Refusal.wrong(
                    "file", REFUSALS.with("e", Refusal.shortened(String.valueOf(e.getMessage()))), "no-table");
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private String enter(NamedCsvRecord row) {
        String where = "line " + row.getStartingLineNumber();
        String craftId = Folded.composed(cell(row, CRAFT_ID));
        String name = cell(row, "name");
        String builder = cell(row, "builder");
        if (!craftId.matches(CraftStore.ID) || name.length() > 80 || builder.length() > 80) {
            throw Refusal.wrong(where, REFUSALS, "names");
        }
        try {
            CraftClass preset = one(row, where, "class", CraftClass.class, CraftClass.INCH_5);
            String parts = cell(row, "parts");
            BuildSheet sheet = first.of(
                    preset,
                    new FirstSheet.Conventions(
                            one(row, where, "spins", SpinConvention.class, null),
                            one(row, where, "numbering", MotorNumbering.class, null),
                            null,
                            one(row, where, "mode", FlightMode.class, null)),
                    new FirstSheet.Wired(
                            one(row, where, "layout", WiringLayout.class, parts.isEmpty() ? null : WiringLayout.STACK),
                            battery(row, where),
                            Arrays.stream(parts.split(";"))
                                    .map(String::strip)
                                    .filter(part -> !part.isEmpty())
                                    .toList()));
            crafts.enter(craftId, name, preset.label(), builder, crafts.storable(sheet), clock.instant());
            return craftId;
        } catch (Refusal e) {
            throw e.where().startsWith("line") ? e : Refusal.wrong(where, e.getMessage());
        } catch (Rejected e) {
            throw Refusal.wrong(where, e.right());
        }
    }

    private static @Nullable BatteryOnSheet battery(NamedCsvRecord row, String where) {
        return cell(row, "cells").isEmpty()
                ? null
                : new BatteryOnSheet(
                        (int) number(row, where, "cells", 0),
                        one(row, where, "chemistry", Chemistry.class, Chemistry.LIPO),
                        number(row, where, "capacity_mah", 1500),
                        number(row, where, "cell_milliohms", 4));
    }

    private static double number(NamedCsvRecord row, String where, String column, double usual) {
        String cell = cell(row, column);
        try {
            double number = cell.isEmpty() ? usual : Double.parseDouble(cell);
            if (Double.isFinite(number)) {
                return number;
            }
        } catch (NumberFormatException e) {
            // Told below, with what would be right.
        }
        throw Refusal.wrong(where, REFUSALS.with("column", column).with("cell", Refusal.shortened(cell)), "number");
    }

    private static <E extends Enum<E>> E one(
            NamedCsvRecord row, String where, String column, Class<E> type, @Nullable E usual) {
        String cell = cell(row, column);
        if (cell.isEmpty()) {
            return usual;
        }
        return Arrays.stream(type.getEnumConstants())
                .filter(one -> one.name()
                        .equals(cell.toUpperCase(Locale.ROOT).replace('-', '_').replace(' ', '_')))
                .findFirst()
                .orElseThrow(() -> Refusal.wrong(
                        where,
                        REFUSALS.with("column", column)
                                .with(
                                        "root",
                                        String.join(
                                                ", ",
                                                Arrays.stream(type.getEnumConstants())
                                                        .map(one -> one.name().toLowerCase(Locale.ROOT))
                                                        .toList()))
                                .with("cell", Refusal.shortened(cell)),
                        "choice"));
    }

    private static String cell(NamedCsvRecord row, String column) {
        return row.findField(column).map(String::strip).orElse("");
    }
}
