package ablemedic.torture;

import ablemedic.program.Server;
import ablemedic.program.Server.Answer;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * A disk that is full when each kind of write is sent: each is refused in words and leaves nothing in any table; with
 * room each goes through.
 */
final class FullForEachKind implements Trial {
    private static final int LITTLE = 4096;

    @Override
    public String name() {
        return "disk full, each write";
    }

    @Override
    public Found run(Path folder, Duration time) throws Exception {
        Path disk = Files.createDirectory(folder.resolve("disk"));
        if (DiskFull.run("mount", "-t", "tmpfs", "-o", "size=6m", "tmpfs", disk.toString()) != 0) {
            return new Found(true, "left out: mounting a small disk is not allowed here", "nothing");
        }
        try {
            return full(disk);
        } finally {
            DiskFull.run("umount", "-l", disk.toString());
        }
    }

    private static Found full(Path disk) throws SQLException {
        Path file = disk.resolve("full.db");
        Path ballast = disk.resolve("ballast");
        List<String> wrong = new ArrayList<>();
        try (Server server = Server.on(file)) {
            server.enterWired("K");
            server.enterWired("L");
            server.ask("POST", "/api/crafts/K/log", "{\"kind\": \"NOTE\", \"text\": \"first\"}");
            EachKindOfWrite writes = new EachKindOfWrite("K", server.open("K", "take-off"), "L");
            server.get("/api/bench");
            fill(ballast);
            // What fits into pages that are there already is no full disk: write until nothing fits.
            while (server.send(
                                    "POST",
                                    "/api/crafts/K/log",
                                    "{\"kind\": \"NOTE\", \"text\": \"" + "x".repeat(300) + "\"}")
                            .status()
                    == 200) {
                fill(ballast);
            }
            Map<String, Long> before = rows(file);
            Map<String, Answer> refused = writes.send(server);
            refused.forEach((kind, answer) -> {
                if (answer.status() != 507) {
                    wrong.add(kind + " gave " + answer.status() + " on a full disk");
                }
            });
            if (!rows(file).equals(before)) {
                wrong.add("something was left: " + before + " became " + rows(file));
            }
            for (String view :
                    List.of("/api/bench", "/api/crafts/K", "/api/batteries", "/api/repair-log", "/api/parts-library")) {
                if (server.get(view).status() != 200) {
                    wrong.add(view + " is not shown on a full disk");
                }
            }
            Files.delete(ballast);
            writes.send(server).forEach((kind, answer) -> {
                if (answer.status() / 100 != 2) {
                    wrong.add(kind + " gave " + answer.status() + " with room again: " + answer.body());
                }
            });
            return new Found(
                    wrong.isEmpty(),
                    refused.size() + " kinds of write on a full disk, and with room again",
                    wrong.isEmpty() ? "each refused and nothing left, then each done" : String.join("; ", wrong));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void fill(Path ballast) {
        try (var out = Files.newOutputStream(ballast, StandardOpenOption.CREATE, StandardOpenOption.APPEND)) {
            byte[] some = new byte[LITTLE];
            for (int i = 0; i < 100_000; i++) {
                out.write(some);
            }
        } catch (IOException e) {
            // It is full now.
        }
    }

    /** How many rows each table has; what is remembered of views apart, which may be lost. */
    private static Map<String, Long> rows(Path file) throws SQLException {
        Map<String, Long> rows = new TreeMap<>();
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:file:" + file + "?mode=ro");
                var statement = connection.createStatement()) {
            List<String> tables = new ArrayList<>();
            try (var names = statement.executeQuery(
                    "SELECT name FROM sqlite_schema WHERE type = 'table' AND name NOT LIKE 'sqlite_%' AND name NOT IN ('work_up_summary', 'work_up_shown')")) {
                while (names.next()) {
                    tables.add(names.getString(1));
                }
            }
            for (String table : tables) {
                try (var count = statement.executeQuery("SELECT count(*) FROM " + table)) {
                    rows.put(table, count.getLong(1));
                }
            }
        }
        return rows;
    }
}
