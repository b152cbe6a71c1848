package ablemedic.app.http;

import java.io.IOException;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Semaphore;

/**
 * How many may keep a thread waiting for what they send: a few in all, and fewer of one address, so that the rest go on. Whoever sends less
 * than a slow line carries is given up.
 */
final class SlowSenders {
  /** Of 24 threads of the network and 48 of the bench. */
  private static final int AT_ONCE = 10;
  private static final int OF_ONE = 5;
  private static final double NS = 1e9;
  /** A line may be silent so long at first, s, and then carries so much, bytes a second; below that it is given up. */
  private static final double SILENT_S = 3;
  private static final double SLOWEST = 8_192;

  private final Semaphore turns = new Semaphore(AT_ONCE);
  private final Map<String, Integer> of = new ConcurrentHashMap<>();

  /** A turn at sending. */
  interface Turn extends AutoCloseable {
    @Override
    void close();
  }

  /** A turn; none where too many send already. */
  Optional<Turn> begin(String address) {
    if (!turns.tryAcquire()) {
      return Optional.empty();
    }
    if (of.merge(address, 1, Integer::sum) > OF_ONE) {
      end(address);
      return Optional.empty();
    }
    return Optional.of(() -> end(address));
  }

  private void end(String address) {
    of.computeIfPresent(address, (key, count) -> count > 1 ? count - 1 : null);
    turns.release();
  }

  /** @throws IOException where less has come since than a slow line carries */
  static void check(long begunNs, long bytes) throws IOException {
    double seconds = (System.nanoTime() - begunNs) / NS;
    if (seconds > SILENT_S + bytes / SLOWEST) {
      throw new IOException("too slow");
    }
  }
}
