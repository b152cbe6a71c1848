package ablemedic.app.firmware;

import ablemedic.app.http.Refusal;
import ablemedic.app.storage.UnreadableRecordException;
import ablemedic.app.storage.Unreadables;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Rejected;
import ablemedic.catalogue.Words;
import ablemedic.firmware.DialectTable;
import ablemedic.firmware.Dictionary;
import ablemedic.firmware.FirmwareDialect;
import ablemedic.firmware.FirmwareDialects;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Firmware families: those that ship, and those of the workshop in the database. */
@Repository
public class FirmwareDialectStore {
    private static final Words SAID =
            Catalogue.beside(FirmwareDialectStore.class, "words").of("firmware-dialect-store");
    private static final Words REFUSALS =
            Catalogue.beside(FirmwareDialectStore.class, "refusals").of("firmware-dialect-store");
    private static final int MOST_OWN = 40;

    private final Unreadables unreadables;
    private final JdbcClient database;

    FirmwareDialectStore(JdbcClient database, Unreadables unreadables) {
        this.unreadables = unreadables;
        this.database = database;
    }

    /** All there are, those that ship first. */
    public List<FirmwareDialect> all() {
        return Stream.concat(FirmwareDialects.shipped().stream(), own().stream())
                .toList();
    }

    /** Own families by id; one that cannot be read is left out and stays stored. */
    public List<FirmwareDialect> own() {
        return unreadables.rows(
                "firmware_family",
                database.sql("SELECT id, body FROM firmware_family ORDER BY id"),
                (row, n) -> readable(row));
    }

    private static FirmwareDialect readable(ResultSet row) throws SQLException {
        try {
            return DialectTable.read(row.getString("body"));
        } catch (Rejected e) {
            throw new UnreadableRecordException(SAID.line("dialect").plain(), e);
        }
    }

    public Optional<FirmwareDialect> find(String id) {
        return shipped(id).or(() -> unreadables
                .rows(
                        "firmware_family",
                        database.sql("SELECT id, body FROM firmware_family WHERE id = ?")
                                .param(id),
                        (row, n) -> readable(row))
                .stream()
                .findFirst());
    }

    /** One that ships, and so never changes. */
    public Optional<FirmwareDialect> shipped(String id) {
        return FirmwareDialects.shipped().stream()
                .filter(family -> family.id().equals(id))
                .findFirst();
    }

    /** @throws Refusal naming those there are where there is none */
    public FirmwareDialect get(String id, String where) {
        return find(id).orElseThrow(() -> Refusal.wrong(
                where,
                REFUSALS.with("id", Refusal.shortened(id))
                        .with(
                                "id2",
                                Refusal.someOf(
                                        all().stream().map(FirmwareDialect::id).toList())),
                "no-dialect"));
    }

    /** @throws Refusal where there is no such family or version */
    public Dictionary dictionary(String id, String version) {
        FirmwareDialect family = get(id, "family");
        if (family.version(version).isEmpty()) {
            throw Refusal.wrong(
                    "version",
                    REFUSALS.with("family", family.label())
                            .with("version", Refusal.shortened(version))
                            .with("versions", String.join(", ", family.versions())),
                    "no-version");
        }
        return new Dictionary(family, version);
    }

    /** Puts a family of the workshop in, in place of one of the same id that it entered before. */
    @Transactional
    public FirmwareDialect put(String table, Instant at) {
        return put(() -> DialectTable.read(table), at);
    }

    /** The same from its rows. */
    @Transactional
    public FirmwareDialect put(List<List<String>> rows, Instant at) {
        return put(() -> DialectTable.read(rows), at);
    }

    private FirmwareDialect put(Supplier<FirmwareDialect> reading, Instant at) {
        FirmwareDialect family = reading.get();
        if (shipped(family.id()).isPresent()) {
            throw Refusal.conflict("table", REFUSALS.with("family", family.id()), "shipped");
        }
        List<FirmwareDialect> own = own();
        if (own.size() >= MOST_OWN && own.stream().noneMatch(one -> one.id().equals(family.id()))) {
            throw Refusal.conflict("table", REFUSALS.with("mostOwn", MOST_OWN), "most");
        }
        database.sql(
                        "INSERT INTO firmware_family (id, body, entered_at) VALUES (?, ?, ?) ON CONFLICT (id) DO UPDATE SET body = excluded.body, "
                                + "entered_at = excluded.entered_at")
                .params(family.id(), DialectTable.write(family), at.toString())
                .update();
        return family;
    }
}
