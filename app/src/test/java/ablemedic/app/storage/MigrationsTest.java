package ablemedic.app.storage;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What migrations do to what stands in a data file. */
class MigrationsTest {
    @TempDir
    Path folder;

    private String url() {
        return "jdbc:sqlite:" + folder.resolve("medic.db");
    }

    private void migrateTo(String version) {
        Flyway.configure().dataSource(url(), null, null).target(version).load().migrate();
    }

    @Test
    void whereOlderCausesLayIsCalledAsToday() throws SQLException {
        migrateTo("17");
        try (Connection connection = DriverManager.getConnection(url());
                Statement statement = connection.createStatement()) {
            for (String parts : List.of(
                    "",
                    "Pack",
                    "Leads and joints; Pack; Settings and firmware",
                    "Flight board; Packet radio; Propeller",
                    "Seat of the board; Speed controller")) {
                statement.executeUpdate("INSERT INTO ledger_entry "
                        + "(work_up_id, mark, closed_at, complaint, ended, reason, causes, kinds, parts, fixes, changes, proof, minutes)"
                        + " VALUES (1, 'A', '', '', '', '', '', '', '" + parts + "', '', '', '', 0)");
            }
        }
        migrateTo("latest");
        List<String> now = new ArrayList<>();
        try (Connection connection = DriverManager.getConnection(url());
                Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("SELECT parts FROM repair_log_entry ORDER BY id")) {
            while (rows.next()) {
                now.add(rows.getString(1));
            }
        }
        assertThat(now)
                .containsExactly(
                        "[]",
                        "[\"Battery\"]",
                        "[\"Wires and joints\",\"Battery\",\"Settings and firmware\"]",
                        "[\"Flight controller\",\"Packet radio\",\"Prop\"]",
                        "[\"FC mount\",\"ESC\"]");
    }

    @Test
    void whatWasSetAsideIsFoundUnderTheNewNameOfItsTable() throws SQLException {
        migrateTo("19");
        try (Connection connection = DriverManager.getConnection(url());
                Statement statement = connection.createStatement()) {
            for (String table : List.of("ledger_entry", "routine_run", "pack", "pack_entry", "part_sort", "craft")) {
                statement.executeUpdate("INSERT INTO set_aside VALUES ('" + table + "', '1', 'it', 'r', 'once')");
            }
        }
        migrateTo("latest");
        try (Connection connection = DriverManager.getConnection(url());
                Statement statement = connection.createStatement()) {
            List<String> lost = new ArrayList<>();
            try (ResultSet rows = statement.executeQuery(
                    "SELECT kept_in FROM set_aside WHERE kept_in NOT IN (SELECT name FROM sqlite_schema)")) {
                while (rows.next()) {
                    lost.add(rows.getString(1));
                }
            }
            assertThat(lost).isEmpty();
            statement.executeUpdate("PRAGMA foreign_keys = ON");
            try (ResultSet broken = statement.executeQuery("PRAGMA foreign_key_check")) {
                assertThat(broken.next()).isFalse();
            }
        }
    }
}
