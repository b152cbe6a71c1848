package ablemedic.app.storage;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;

/**
 * The last few of what was worked out. Working out goes on outside the lock, since it may ask the database; two who
 * come at once may both do it.
 */
public final class Recent<K, V> {
    private final Map<K, V> kept;

    /** @param bound how many are kept; the one unused for longest goes first */
    public Recent(int bound) {
        this.kept = new LinkedHashMap<>(16, 0.75f, true) {
            private static final long serialVersionUID = 1;

            @Override
            protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
                return size() > bound;
            }
        };
    }

    public V of(K key, Function<K, V> working) {
        synchronized (kept) {
            V known = kept.get(key);
            if (known != null) {
                return known;
            }
        }
        V made = working.apply(key);
        synchronized (kept) {
            V other = kept.putIfAbsent(key, made);
            return other == null ? made : other;
        }
    }

    public void put(K key, V value) {
        synchronized (kept) {
            kept.put(key, value);
        }
    }
}
