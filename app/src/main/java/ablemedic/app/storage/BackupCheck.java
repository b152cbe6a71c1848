package ablemedic.app.storage;

import ablemedic.app.storage.DatabaseFile.UnusableException;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/**
 * Whether a backup holds all that was in the database: as long as it says, sound, every table there, every record
 * readable.
 */
public final class BackupCheck {
    private static final Words SAID =
            Catalogue.beside(BackupCheck.class, "words").of("backup-check");
    private static final byte[] MAGIC = "SQLite format 3\0".getBytes(StandardCharsets.US_ASCII);
    /** Places in the first page, by the file format of SQLite, https://www.sqlite.org/fileformat.html section 1.3. */
    private static final int PAGE_SIZE_AT = 16;

    private static final int PAGES_AT = 28;
    private static final int HEADER = 100;
    private static final int LARGEST_PAGE = 65_536;
    private static final Pattern TABLE = Pattern.compile("(?m)^(?:CREATE TABLE|ALTER TABLE (\\w+) RENAME TO) (\\w+)");
    private static final Pattern MIGRATION = Pattern.compile("V(\\d+)__.*\\.sql");

    private BackupCheck() {}

    /** What is wrong with its length, at a summary; nothing where it is as long as its first page says. */
    public static Optional<String> cut(Path file) {
        try (InputStream in = Files.newInputStream(file)) {
            byte[] header = in.readNBytes(HEADER);
            if (header.length < HEADER || !java.util.Arrays.equals(header, 0, MAGIC.length, MAGIC, 0, MAGIC.length)) {
                return Optional.of(SAID.line("empty").plain());
            }
            int written = Short.toUnsignedInt(ByteBuffer.wrap(header).getShort(PAGE_SIZE_AT));
            long size = written == 1 ? LARGEST_PAGE : written;
            long pages = Integer.toUnsignedLong(ByteBuffer.wrap(header).getInt(PAGES_AT));
            return Files.size(file) == size * pages
                    ? Optional.empty()
                    : Optional.of(SAID.with("has", Files.size(file))
                            .with("needs", size * pages)
                            .line("cut-off")
                            .plain());
        } catch (IOException e) {
            return Optional.of(SAID.line("cant-read").plain());
        }
    }

    /** @throws UnusableException where it is not whole, with what is missing */
    public static void whole(Path file) {
        cut(file).ifPresent(why -> {
            throw new UnusableException(
                    SAID.with("file", file).with("why", why).line("not-whole").plain());
        });
        DatabaseFile.check(file);
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement statement = connection.createStatement()) {
            List<String> found = texts(statement, "PRAGMA integrity_check(1)");
            if (!found.equals(List.of("ok"))) {
                throw new UnusableException(Trouble.DAMAGED.of("file " + file.toString()));
            }
            Set<String> missing = tables(Integer.parseInt(texts(
                            statement,
                            "SELECT max(CAST(version AS INTEGER)) FROM flyway_schema_history WHERE success = 1")
                    .get(0)));
            texts(statement, "SELECT name FROM sqlite_schema WHERE type = 'table'")
                    .forEach(missing::remove);
            if (!missing.isEmpty()) {
                throw new UnusableException(SAID.with("file", file)
                        .with("missing", String.join(", ", missing))
                        .line("lacks")
                        .plain());
            }
            for (String table : texts(
                    statement, "SELECT name FROM sqlite_schema WHERE type = 'table' AND name NOT LIKE 'sqlite_%'")) {
                read(statement, table);
            }
        } catch (SQLException e) {
            throw new UnusableException(SAID.with("file", file)
                    .with("e", e.getMessage())
                    .line("unreadable")
                    .plain());
        }
    }

    private static void read(Statement statement, String table) throws SQLException {
        try (ResultSet rows = statement.executeQuery("SELECT * FROM \"" + table + "\"")) {
            int columns = rows.getMetaData().getColumnCount();
            while (rows.next()) {
                for (int i = 1; i <= columns; i++) {
                    rows.getBytes(i);
                }
            }
        }
    }

    private static List<String> texts(Statement statement, String query) throws SQLException {
        List<String> texts = new java.util.ArrayList<>();
        try (ResultSet rows = statement.executeQuery(query)) {
            while (rows.next()) {
                texts.add(String.valueOf(rows.getString(1)));
            }
        }
        return texts;
    }

    /** The tables that a database of a schema has, as the migrations make and rename them. */
    private static Set<String> tables(int schema) {
        SortedMap<Integer, Resource> migrations = new TreeMap<>();
        Set<String> tables = new TreeSet<>();
        try {
            for (Resource migration :
                    new PathMatchingResourcePatternResolver().getResources("classpath:db/migration/V*.sql")) {
                Matcher named = MIGRATION.matcher(String.valueOf(migration.getFilename()));
                if (named.matches() && Integer.parseInt(named.group(1)) <= schema) {
                    migrations.put(Integer.parseInt(named.group(1)), migration);
                }
            }
            for (Resource migration : migrations.values()) {
                Matcher named = TABLE.matcher(migration.getContentAsString(StandardCharsets.UTF_8));
                while (named.find()) {
                    if (named.group(1) != null) {
                        tables.remove(named.group(1));
                    }
                    tables.add(named.group(2));
                }
            }
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
        return tables;
    }
}
