package ablemedic.torture;

import ablemedic.program.Server;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;

/** Kills the process at random moments while six write, and looks after each start whether all is there. */
final class KillsWhileWriting implements Trial {
    @Override
    public String name() {
        return "killed while writing";
    }

    @Override
    public Found run(Path folder, Duration time) throws InterruptedException {
        Path file = folder.resolve("kills.db");
        Random random = new Random(41);
        Set<String> acknowledged = ConcurrentHashMap.newKeySet();
        AtomicInteger serial = new AtomicInteger();
        long end = System.nanoTime() + time.toNanos();
        int kills = 0;
        int lost = 0;
        int halves = 0;
        try (Server first = Server.on(file)) {
            first.enterWired("K");
        }
        while (System.nanoTime() < end) {
            Server server = Server.on(file);
            AcknowledgedWrites stored = new AcknowledgedWrites(server, "K");
            lost += stored.lost(acknowledged);
            halves += stored.halves();
            try (Writers writers = new Writers(server, "K", 6, acknowledged, serial)) {
                Thread.sleep(50 + random.nextInt(1500));
                server.kill();
                kills++;
            }
        }
        try (Server last = Server.on(file)) {
            AcknowledgedWrites stored = new AcknowledgedWrites(last, "K");
            lost += stored.lost(acknowledged);
            halves += stored.halves();
        }
        return new Found(
                lost == 0 && halves == 0 && kills > 0,
                kills + " kills, " + acknowledged.size() + " writes acknowledged",
                lost + " lost, " + halves + " half written; every start took the file");
    }
}
