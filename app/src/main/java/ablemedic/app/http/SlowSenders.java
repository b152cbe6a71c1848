package ablemedic.app.http;

import java.io.IOException;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;

/**
 * How many may keep a thread waiting for what they send: a few in all, and fewer of one address of the network, so that
 * the rest go on. Some more wait a moment for a turn, since most have sent all within milliseconds. Whoever sends less
 * than a slow line carries is given up.
 */
final class SlowSenders {
    /** With those who wait, less than the 24 threads of the network and the 48 of the bench. */
    private static final int AT_ONCE = 10;
    /** So many more of addresses that send nothing else: a few that fill the turns keep nobody out. */
    private static final int MORE = 4;

    private static final int WAITING = 8;
    private static final int OF_ONE = 5;
    private static final long MOMENT_NS = TimeUnit.MILLISECONDS.toNanos(1_500);
    private static final Set<String> HERE = Set.of("127.0.0.1", "0:0:0:0:0:0:0:1", "::1");
    private static final double NS = 1e9;
    /**
     * A line may be silent so long at first, s, and then carries so much, bytes a second; below that it is given up.
     */
    private static final double SILENT_S = 3;

    private static final double SLOWEST = 8_192;

    private final Map<String, Integer> sending = new HashMap<>();
    private int turns;
    private int waiting;

    /** A turn at sending. */
    interface Turn extends AutoCloseable {
        @Override
        void close();
    }

    /** A turn; none where too many send already, and too many wait, or none ends in a moment. */
    synchronized Optional<Turn> begin(String address) {
        long until = System.nanoTime() + MOMENT_NS;
        while (!isFree(address)) {
            long left = TimeUnit.NANOSECONDS.toMillis(until - System.nanoTime());
            if (left <= 0 || waiting >= WAITING || !aMoment(left)) {
                return Optional.empty();
            }
        }
        turns++;
        sending.merge(address, 1, Integer::sum);
        return Optional.of(() -> end(address));
    }

    private boolean isFree(String address) {
        int own = sending.getOrDefault(address, 0);
        return turns < (own == 0 ? AT_ONCE + MORE : AT_ONCE) && own < (HERE.contains(address) ? AT_ONCE : OF_ONE);
    }

    private boolean aMoment(long ms) {
        waiting++;
        try {
            wait(ms);
            return true;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        } finally {
            waiting--;
        }
    }

    private synchronized void end(String address) {
        turns--;
        sending.computeIfPresent(address, (key, count) -> count > 1 ? count - 1 : null);
        notifyAll();
    }

    /** @throws IOException where less has come since than a slow line carries */
    static void check(long begunNs, long bytes) throws IOException {
        double seconds = (System.nanoTime() - begunNs) / NS;
        if (seconds > SILENT_S + bytes / SLOWEST) {
            throw new IOException("too slow");
        }
    }
}
