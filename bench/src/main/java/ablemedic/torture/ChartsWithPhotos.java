package ablemedic.torture;

import ablemedic.program.Server;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Random;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import java.util.zip.ZipFile;

/**
 * Crafts with more photos than the program has memory go out as one ZIP and into another workshop, twice at once, while
 * the views are asked for.
 */
final class ChartsWithPhotos implements Trial {
    private static final int PHOTO = 2 * 1024 * 1024;
    private static final int EACH = 30;
    private static final List<String> MARKS = List.of("A", "B", "C", "D");

    @Override
    public String name() {
        return "charts with photos";
    }

    @Override
    public Found run(Path folder, Duration time) throws Exception {
        try (Server here = Server.on(folder.resolve("here.db"));
                Server there = Server.on(folder.resolve("there.db"))) {
            Random random = new Random(28);
            byte[] photo = new byte[PHOTO];
            for (String craftId : MARKS) {
                here.enterWired(craftId);
                for (int i = 0; i < EACH; i++) {
                    random.nextBytes(photo);
                    System.arraycopy(new byte[] {(byte) 0xFF, (byte) 0xD8, (byte) 0xFF, (byte) 0xE0}, 0, photo, 0, 4);
                    if (here.upload("/api/crafts/" + craftId + "/files?name=" + i + ".jpg", photo)
                                    .status()
                            != 201) {
                        return new Found(false, i + " photos of " + craftId, "the next one was not taken");
                    }
                }
            }
            Views views = new Views(List.of(here, there));
            List<Path> zips = IntStream.range(0, 2)
                    .mapToObj(i -> folder.resolve(i + ".zip"))
                    .toList();
            List<CompletableFuture<Integer>> out = zips.stream()
                    .map(zip -> CompletableFuture.supplyAsync(() -> here.download("/api/bundles", zip)))
                    .toList();
            boolean given = out.stream().allMatch(one -> one.join() == 200);
            boolean whole = given
                    && files(zips.get(0)) == files(zips.get(1))
                    && files(zips.get(0)) == MARKS.size() * (EACH + 1) + 1;
            List<CompletableFuture<Integer>> in = zips.stream()
                    .map(zip -> CompletableFuture.supplyAsync(
                            () -> there.upload("/api/bundles", zip).status()))
                    .toList();
            boolean taken = in.stream().allMatch(one -> one.join() == 200);
            int kept = 0;
            for (String craftId : MARKS) {
                kept += taken
                        ? there.get("/api/crafts/" + craftId + "/files").json().size()
                        : 0;
            }
            int failed = views.end();
            return new Found(
                    whole && taken && kept == MARKS.size() * EACH && failed == 0,
                    MARKS.size() * EACH + " photos of 2 MB out and in, twice at once, " + views.asked()
                            + " views asked for",
                    kept + " kept, " + failed + " views failed; " + Math.round(here.residentMb()) + " and "
                            + Math.round(there.residentMb()) + " MB resident");
        }
    }

    private static long files(Path zip) throws IOException {
        try (ZipFile opened = new ZipFile(zip.toFile())) {
            return opened.size();
        }
    }

    /** Asks for the bench of each program again and again. */
    private static final class Views {
        private final List<Server> servers;
        private final Thread asking = new Thread(this::ask);
        private volatile boolean ended;
        private volatile int asked;
        private volatile int failed;

        Views(List<Server> servers) {
            this.servers = servers;
            asking.start();
        }

        private void ask() {
            while (!ended) {
                for (Server server : servers) {
                    asked++;
                    failed += server.get("/api/bench").status() == 200 ? 0 : 1;
                }
            }
        }

        int asked() {
            return asked;
        }

        int end() throws InterruptedException {
            ended = true;
            asking.join();
            return failed;
        }
    }
}
