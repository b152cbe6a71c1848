package ablemedic.torture;

import ablemedic.program.Server;
import java.nio.file.Path;
import java.time.Duration;
import java.util.HashSet;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;

/** Backs up while six write, restores each backup, and looks whether all that was acknowledged before it is in it. */
final class BackupUnderLoad implements Trial {
    @Override
    public String name() {
        return "backup under load";
    }

    @Override
    public Found run(Path folder, Duration time) {
        Path file = folder.resolve("load.db");
        Path other = folder.resolve("restored.db");
        Set<String> acknowledged = ConcurrentHashMap.newKeySet();
        AtomicInteger serial = new AtomicInteger();
        long end = System.nanoTime() + time.toNanos();
        int backups = 0;
        int lost = 0;
        int halves = 0;
        int refusedWhileRunning = 0;
        try (Server server = Server.on(file)) {
            server.enterWired("K");
            try (Writers writers = new Writers(server, "K", 6, acknowledged, serial)) {
                do {
                    Set<String> before = new HashSet<>(acknowledged);
                    Path backup = folder.resolve("backup" + backups + ".db");
                    if (Server.run(file, "backup", backup.toString()) != 0) {
                        return new Found(false, backups + " backups", "one failed");
                    }
                    refusedWhileRunning += Server.run(file, "restore", backup.toString()) == 2 ? 1 : 0;
                    if (Server.run(other, "restore", backup.toString()) != 0) {
                        return new Found(false, backups + " backups", "one could not be restored");
                    }
                    try (Server restored = Server.on(other)) {
                        AcknowledgedWrites stored = new AcknowledgedWrites(restored, "K");
                        lost += stored.lost(before);
                        halves += stored.halves();
                    }
                    backups++;
                } while (System.nanoTime() < end);
            }
        }
        return new Found(
                lost == 0 && halves == 0 && refusedWhileRunning == backups,
                backups + " backups restored elsewhere, " + acknowledged.size() + " writes meanwhile",
                lost + " lost, " + halves + " half written; restoring onto the running file refused "
                        + refusedWhileRunning + " times");
    }
}
