package ablemedic.app.storage;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * The newest of what was made of each thing, good as long as its stamp is the same. Whoever comes while it is being
 * made waits for it instead of making it too.
 */
public final class Newest<K, S, V> {
    private final Map<K, Made<S, V>> kept;

    /** @param bound how many things are kept; the one unused for longest goes first */
    public Newest(int bound) {
        this.kept = new LinkedHashMap<>(16, 0.75f, true) {
            private static final long serialVersionUID = 1;

            @Override
            protected boolean removeEldestEntry(Map.Entry<K, Made<S, V>> eldest) {
                return size() > bound;
            }
        };
    }

    private record Made<S, V>(S stamp, CompletableFuture<V> value) {}

    public V of(K key, S stamp, Supplier<V> making) {
        CompletableFuture<V> mine = new CompletableFuture<>();
        CompletableFuture<V> other = begin(key, stamp, mine);
        if (other != null) {
            try {
                return other.join();
            } catch (CancellationException | CompletionException e) {
                // Whoever made it has gone, or failed for a reason of its own: this one makes it for itself.
                return making.get();
            }
        }
        try {
            V value = making.get();
            mine.complete(value);
            return value;
        } catch (RuntimeException | Error e) {
            forget(key, mine);
            mine.completeExceptionally(e);
            throw e;
        }
    }

    /** What was made of a thing already; nothing while it is being made. */
    public Optional<V> known(K key, S stamp) {
        synchronized (kept) {
            Made<S, V> made = kept.get(key);
            return made != null
                            && made.stamp().equals(stamp)
                            && made.value().isDone()
                            && !made.value().isCompletedExceptionally()
                    ? Optional.of(made.value().join())
                    : Optional.empty();
        }
    }

    /** What another made or makes for this stamp; nothing where it is up to the caller. */
    private @Nullable CompletableFuture<V> begin(K key, S stamp, CompletableFuture<V> mine) {
        synchronized (kept) {
            Made<S, V> made = kept.get(key);
            if (made != null && made.stamp().equals(stamp)) {
                return made.value();
            }
            kept.put(key, new Made<>(stamp, mine));
            return null;
        }
    }

    private void forget(K key, CompletableFuture<V> mine) {
        synchronized (kept) {
            Made<S, V> made = kept.get(key);
            if (made != null && made.value() == mine) {
                kept.remove(key);
            }
        }
    }
}
