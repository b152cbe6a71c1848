package ablemedic.torture;

import ablemedic.program.Server;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;

/** Writes until a file system of three megabytes is full, then makes room. Needs the right to mount one. */
final class DiskFull implements Trial {
    @Override
    public String name() {
        return "disk full";
    }

    @Override
    public Found run(Path folder, Duration time) throws Exception {
        Path disk = Files.createDirectory(folder.resolve("disk"));
        if (run("mount", "-t", "tmpfs", "-o", "size=3m", "tmpfs", disk.toString()) != 0) {
            return new Found(true, "left out: mounting a small disk is not allowed here", "nothing");
        }
        try {
            return full(disk, time);
        } finally {
            run("umount", "-l", disk.toString());
        }
    }

    private static Found full(Path disk, Duration time) throws Exception {
        Path file = disk.resolve("full.db");
        Path ballast = disk.resolve("ballast");
        Set<String> acknowledged = ConcurrentHashMap.newKeySet();
        AtomicInteger serial = new AtomicInteger();
        try (Server server = Server.on(file)) {
            server.enterWired("K");
            Files.write(ballast, new byte[1_200_000]);
            int full;
            int errors;
            Set<String> refused;
            long end = System.nanoTime() + time.toNanos() / 2;
            try (Writers writers = new Writers(server, "K", 6, acknowledged, serial)) {
                while (writers.count(507) < 200 && System.nanoTime() < end) {
                    Thread.sleep(200);
                }
                full = writers.count(507);
                errors = writers.serverErrors();
                refused = Set.copyOf(writers.refused());
            }
            boolean reads = server.get("/api/bench").status() == 200;
            Files.delete(ballast);
            boolean goesOn = server.send("POST", "/api/crafts/K/log", "{\"kind\": \"NOTE\", \"text\": \"room again\"}")
                            .status()
                    == 200;
            AcknowledgedWrites stored = new AcknowledgedWrites(server, "K");
            int lost = stored.lost(acknowledged);
            int written = stored.written(refused);
            return new Found(
                    full > 0 && reads && goesOn && lost == 0 && written == 0 && errors == 0 && stored.halves() == 0,
                    acknowledged.size() + " writes acknowledged, then " + full + " told that the disk is full",
                    lost + " lost, " + written + " written though refused, " + errors
                            + " other errors; reads on, writes again with room");
        }
    }

    static int run(String... command) throws IOException, InterruptedException {
        return new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start()
                .waitFor();
    }
}
