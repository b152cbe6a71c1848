package ablemedic.physics;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;

/** Remembers what was worked out, up to a bound, past which it begins anew. Safe for several threads. */
public final class Memory<K, V> {
    private final int bound;
    private final Map<K, V> known = new ConcurrentHashMap<>();

    public Memory(int bound) {
        this.bound = bound;
    }

    public V of(K key, Function<K, V> working) {
        V value = known.get(key);
        if (value == null) {
            if (known.size() >= bound) {
                known.clear();
            }
            value = working.apply(key);
            known.put(key, value);
        }
        return value;
    }
}
