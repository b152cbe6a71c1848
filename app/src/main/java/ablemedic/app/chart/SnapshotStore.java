package ablemedic.app.chart;

import ablemedic.app.firmware.FirmwareDialectStore;
import ablemedic.app.http.Refusal;
import ablemedic.app.storage.Packed;
import ablemedic.app.storage.Recent;
import ablemedic.app.storage.UnreadableRecordException;
import ablemedic.app.storage.Unreadables;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Rejected;
import ablemedic.catalogue.Words;
import ablemedic.craft.ArmingSettings;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Fault;
import ablemedic.export.SettingsExport;
import ablemedic.firmware.DialectTable;
import ablemedic.firmware.Dictionary;
import ablemedic.firmware.FirmwareDialect;
import ablemedic.firmware.Understood;
import ablemedic.firmware.Understood.Kind;
import ablemedic.snapshot.ExportAsEvidence;
import ablemedic.snapshot.ExportCheck;
import ablemedic.snapshot.Snapshot;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Listings of settings of each craft, kept as they came. */
@Repository
public class SnapshotStore {
    private static final Words SAID =
            Catalogue.beside(SnapshotStore.class, "words").of("snapshot-store");
    private static final Words REFUSALS =
            Catalogue.beside(SnapshotStore.class, "refusals").of("snapshot-store");
    private static final int MOST_OF_A_CRAFT = 500;
    /** So many snapshots are looked at for switches that are lost. */
    private static final int LOOKED_BACK = 5;

    private static final int TO_TAKE = 5;

    private final JdbcClient database;
    private final FirmwareDialectStore families;
    private final CraftLog log;
    private final Unreadables unreadables;
    private final Recent<Long, Read> read = new Recent<>(64);

    SnapshotStore(JdbcClient database, FirmwareDialectStore families, CraftLog log, Unreadables unreadables) {
        this.unreadables = unreadables;
        this.database = database;
        this.families = families;
        this.log = log;
    }

    /**
     * A snapshot without its text.
     *
     * @param id among all crafts
     * @param number of this craft, from 1
     */
    public record Row(
            long id,
            String craftId,
            int number,
            String family,
            String version,
            String target,
            String why,
            String name,
            Instant takenAt,
            Counted counted) {}

    /**
     * How much of a settings export is understood.
     *
     * @param odd lines and names that are not
     * @param with what it was counted with
     */
    public record Counted(long settings, long odd, String with) {}

    /** A snapshot as it is understood; nothing is understood where its family is not known any more. */
    public record Read(SettingsExport export, Optional<Understood> understood) {
        public Optional<Snapshot> snapshot() {
            return understood.map(all -> new Snapshot(all.told(), all.held()));
        }
    }

    /**
     * A settings export on its way in.
     *
     * @param target the build of the firmware that the board takes; empty where nobody knows
     * @param name of the file
     */
    public record Export(String target, String why, String name, byte[] file) {}

    /** Adds a settings export to a craft's snapshots; none is ever overwritten. */
    @Transactional
    public Row add(String craftId, Dictionary dictionary, Export export, Instant at) {
        int number = database.sql("SELECT coalesce(max(number), 0) + 1 FROM snapshot WHERE craft_id = ?")
                .param(craftId)
                .query(Integer.class)
                .single();
        if (number > MOST_OF_A_CRAFT) {
            throw Refusal.conflict("file", REFUSALS.with("mostOfACraft", MOST_OF_A_CRAFT), "snapshots");
        }
        database.sql(
                        "INSERT INTO snapshot (craft_id, number, family, version, target, why, name, taken_at, packed) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)")
                .params(
                        craftId,
                        number,
                        dictionary.family().id(),
                        dictionary.version(),
                        export.target(),
                        export.why(),
                        export.name(),
                        at.toString(),
                        Packed.of(export.file()))
                .update();
        log.add(
                craftId,
                at,
                "snapshot",
                SAID.with("n", number).with("why", export.why()).line("kept").plain(),
                null);
        return counted(get(craftId, number), with(dictionary.family()));
    }

    /** Those of a craft, the newest first, each with how much of it is understood by now. */
    @Transactional
    public List<Row> counted(String craftId) {
        Map<String, String> with = new HashMap<>();
        return of(craftId).stream()
                .map(row -> counted(row, with.computeIfAbsent(row.family(), family -> families.find(family)
                        .map(SnapshotStore::with)
                        .orElse(""))))
                .toList();
    }

    private Row counted(Row row, String with) {
        if (row.counted().with().equals(with)) {
            return row;
        }
        Read read = read(row);
        long settings = read.understood().map(all -> (long) all.held().size()).orElse(0L);
        long odd = read.export().oddLines()
                + read.understood()
                        .map(all -> all.count(Kind.UNKNOWN) + all.count(Kind.IMPOSSIBLE))
                        .orElse(0L);
        database.sql("UPDATE snapshot SET settings = ?, odd = ?, counted_with = ? WHERE id = ?")
                .params(settings, odd, with, row.id())
                .update();
        return new Row(
                row.id(),
                row.craftId(),
                row.number(),
                row.family(),
                row.version(),
                row.target(),
                row.why(),
                row.name(),
                row.takenAt(),
                new Counted(settings, odd, with));
    }

    /** Names a table of names; another where it changed. */
    private static String with(FirmwareDialect family) {
        return family.id() + " "
                + Integer.toHexString(DialectTable.write(family).hashCode());
    }

    /** Newest first. */
    public List<Row> of(String craftId) {
        return database.sql(
                        "SELECT id, craft_id, number, family, version, target, why, name, taken_at, settings, odd, counted_with FROM snapshot WHERE craft_id = ? ORDER BY number DESC")
                .param(craftId)
                .query((rs, n) -> row(rs))
                .list();
    }

    public Row get(String craftId, int number) {
        return of(craftId).stream()
                .filter(row -> row.number() == number)
                .findFirst()
                .orElseThrow(() -> Refusal.unknown(
                        "number", REFUSALS.with("craftId", craftId).with("number", number), "no-snapshot"));
    }

    private Row row(ResultSet rs) throws SQLException {
        return new Row(
                rs.getLong("id"),
                rs.getString("craft_id"),
                rs.getInt("number"),
                rs.getString("family"),
                rs.getString("version"),
                rs.getString("target"),
                rs.getString("why"),
                rs.getString("name"),
                unreadables.time("snapshot", rs, "taken_at"),
                new Counted(rs.getLong("settings"), rs.getLong("odd"), rs.getString("counted_with")));
    }

    /** The file as it came. */
    public byte[] file(Row row) {
        return Packed.unpacked(
                database.sql("SELECT packed FROM snapshot WHERE id = ?")
                        .param(row.id())
                        .query((rs, n) -> rs.getBytes(1))
                        .single(),
                SettingsExport.LONGEST);
    }

    /** What a snapshot holds, through the dictionary of its family and version. */
    public Read read(Row row) {
        // A family of the workshop may be entered anew, so what it makes of a settings export is not kept.
        return families.shipped(row.family()).isPresent() ? read.of(row.id(), id -> reading(row)) : reading(row);
    }

    /** What a craft was told by a snapshot, seen beside those before it; nothing where it can't be read any more. */
    public Optional<Snapshot> snapshot(Row row) {
        return read(row).snapshot().map(own -> of(row.craftId()).stream()
                .filter(one -> one.number() < row.number())
                .limit(LOOKED_BACK)
                .flatMap(one -> read(one).snapshot().stream())
                .filter(before -> ArmingSettings.SWITCHES.stream().anyMatch(before.held()::contains))
                .findFirst()
                .map(before -> own.since(before, families.dictionary(row.family(), row.version())::names))
                .orElse(own));
    }

    private Read reading(Row row) {
        SettingsExport export;
        try {
            export = SettingsExport.read(file(row));
        } catch (Rejected | UnreadableRecordException e) {
            return new Read(
                    SettingsExport.unreadable(
                            SAID.with("why", e.getMessage()).line("unreadable").plain()),
                    Optional.empty());
        }
        return new Read(
                export,
                families.find(row.family())
                        .filter(family -> family.version(row.version()).isPresent())
                        .map(family -> new Dictionary(family, row.version()).read(export)));
    }

    /**
     * The names of the firmware that a craft had when it was last listed; nothing where it never was, or its family is
     * not known any more.
     */
    public Optional<Dictionary> names(String craftId) {
        return of(craftId).stream().findFirst().flatMap(row -> families.find(row.family())
                .filter(family -> family.version(row.version()).isPresent())
                .map(family -> new Dictionary(family, row.version())));
    }

    /**
     * Snapshots of a craft for a work-up: the newest few, of which it may take one for a finding, and those that it
     * took.
     *
     * @param taken ids of checks
     * @param sheet the craft as on its sheet
     * @param amiss what stands known of the complaint when nobody saw how it shows
     * @param faults that a settings export could show
     */
    public List<ExportAsEvidence> toTake(
            String craftId,
            Collection<String> taken,
            Craft sheet,
            Supplier<Optional<Check<Craft>>> amiss,
            Collection<Fault<Craft>> faults) {
        List<Row> rows = of(craftId);
        return IntStream.range(0, rows.size())
                .filter(i ->
                        i < TO_TAKE || taken.contains(ExportCheck.id(rows.get(i).id())))
                .mapToObj(rows::get)
                .flatMap(row -> snapshot(row).stream()
                        .map(snapshot -> ExportAsEvidence.of(row.id(), row.number(), snapshot, sheet, amiss, faults)))
                .toList();
    }
}
