package ablemedic.torture;

import ablemedic.program.Server;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.time.Duration;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;

/** Another program holds the write lock for eight seconds at a time. */
final class LockedByAnother implements Trial {
    private static final int HELD_MS = 8000;

    @Override
    public String name() {
        return "locked by another";
    }

    @Override
    public Found run(Path folder, Duration time) throws Exception {
        Path file = folder.resolve("locked.db");
        Set<String> acknowledged = ConcurrentHashMap.newKeySet();
        AtomicInteger serial = new AtomicInteger();
        long end = System.nanoTime() + time.toNanos();
        int locks = 0;
        try (Server server = Server.on(file)) {
            server.enterWired("K");
            Writers done;
            try (Writers writers = new Writers(server, "K", 8, acknowledged, serial)) {
                done = writers;
                do {
                    try (Connection other = DriverManager.getConnection("jdbc:sqlite:" + file);
                            var statement = other.createStatement()) {
                        statement.execute("PRAGMA busy_timeout = 10000");
                        statement.execute("BEGIN IMMEDIATE");
                        Thread.sleep(HELD_MS);
                        statement.execute("ROLLBACK");
                    }
                    locks++;
                    Thread.sleep(1500);
                } while (System.nanoTime() < end);
            }
            AcknowledgedWrites stored = new AcknowledgedWrites(server, "K");
            int lost = stored.lost(acknowledged);
            int written = stored.written(done.refused());
            return new Found(
                    lost == 0 && written == 0 && stored.halves() == 0 && done.serverErrors() == 0,
                    locks + " locks of " + HELD_MS / 1000 + " s, " + acknowledged.size() + " writes acknowledged, "
                            + done.count(503) + " told to try again",
                    lost + " lost, " + written + " written though refused, " + stored.halves() + " half written, "
                            + done.serverErrors() + " server errors"
                            + stored.writtenOf(done.refused())
                                    .map(text -> "; refused and written: " + done.said(text))
                                    .orElse(""));
        }
    }
}
