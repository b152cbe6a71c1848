package ablemedic.app.storage;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Rejected;
import ablemedic.catalogue.Words;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient.StatementSpec;
import org.springframework.stereotype.Component;

/**
 * What of the records can't be read. It is left out of its list, or something stands in for it, so that one record
 * never takes a view down; and it is noted here, so that the bench can name it.
 */
@Component
public class Unreadables {
    private static final Words SAID =
            Catalogue.beside(Unreadables.class, "words").of("unreadables");
    private static final Words RECORDS =
            Catalogue.beside(Unreadables.class, "words").of("records");
    private static final Logger LOG = LoggerFactory.getLogger(Unreadables.class);
    /** Stands in for a time. */
    private static final Instant UNKNOWN = Instant.EPOCH;
    /** Charts that come in are bounded so too; a list by weeks to the year 999,999,999 would have no end. */
    private static final Instant LATEST = Instant.parse("2200-01-01T00:00:00Z");

    private static final int MOST = 1_000;

    private final Map<Unread, Boolean> noted = new ConcurrentHashMap<>();

    /**
     * Something that can't be read.
     *
     * @param table in which it is kept
     * @param key of the record
     * @param what a person calls it, and what of it
     */
    public record Unread(String table, String key, String what) {}

    /** Everything that was met so far. */
    public List<Unread> all() {
        return noted.keySet().stream()
                .sorted(Comparator.comparing(Unread::what))
                .toList();
    }

    /** A time; a stand-in where it is none. */
    public Instant time(String table, ResultSet row, String column) throws SQLException {
        try {
            Instant time = Instant.parse(String.valueOf(row.getString(column)));
            if (!time.isBefore(UNKNOWN) && time.isBefore(LATEST)) {
                return time;
            }
        } catch (DateTimeException e) {
            // The same as a year that never was.
        }
        note(table, row, Optional.of(SAID.line("time").plain()));
        return UNKNOWN;
    }

    /** A named value; what stands in for it where it is none. */
    public <E extends Enum<E>> E named(String table, ResultSet row, String column, Class<E> type, E standIn)
            throws SQLException {
        String stored = row.getString(column);
        for (E one : type.getEnumConstants()) {
            if (one.name().equals(stored)) {
                return one;
            }
        }
        note(table, row, Optional.of(SAID.with("column", column).line("column").plain()));
        return standIn;
    }

    /** The records that can be read. */
    public <T> List<T> rows(String table, StatementSpec query, RowMapper<T> mapper) {
        return query.query((row, n) -> readable(table, row, n, mapper)).list().stream()
                .flatMap(Optional::stream)
                .toList();
    }

    private <T> Optional<T> readable(String table, ResultSet row, int n, RowMapper<T> mapper) throws SQLException {
        try {
            return Optional.ofNullable(mapper.mapRow(row, n));
        } catch (UnreadableRecordException | Rejected | DateTimeException | NoSuchElementException e) {
            note(table, row);
            return Optional.empty();
        }
    }

    /** Notes a record that can't be read and is left out. */
    public void note(String table, ResultSet row) throws SQLException {
        note(table, row, Optional.empty());
    }

    private void note(String table, ResultSet row, Optional<String> part) throws SQLException {
        List<String> columns = new ArrayList<>();
        for (int i = 1; i <= row.getMetaData().getColumnCount(); i++) {
            columns.add(row.getMetaData().getColumnLabel(i));
        }
        String owner = value(row, columns, "craft_id", "label");
        String number = value(row, columns, "number", "revision", "n", "id");
        String key = value(row, columns, "id");
        String what = name(table, number, owner);
        Unread unread = new Unread(
                table,
                key.isEmpty() ? owner + " " + number : key,
                part.map(of -> SAID.with("part", of)
                                .with("what", what)
                                .line("part")
                                .plain())
                        .orElse(what));
        if (noted.size() < MOST && noted.putIfAbsent(unread, true) == null) {
            LOG.warn("Can't be read: {}", unread.what());
        }
    }

    /** What a record of a table is called. */
    private static String name(String table, String number, String owner) {
        Words words = RECORDS.with("n", number).with("of", owner);
        String key = table.replace('_', '-');
        return words.outcomes().contains(key) ? words.outcome(key).plain() : table + " " + number;
    }

    private static String value(ResultSet row, List<String> columns, String... names) throws SQLException {
        Optional<String> there = Stream.of(names).filter(columns::contains).findFirst();
        return there.isPresent() ? String.valueOf(row.getString(there.get())) : "";
    }
}
