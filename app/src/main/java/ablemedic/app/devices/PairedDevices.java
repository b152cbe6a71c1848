package ablemedic.app.devices;

import ablemedic.app.http.PairingEnded;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;

/**
 * The devices that are paired, by the hash of what each was given to show; a device is paired for a working day at the
 * most.
 */
@Component
class PairedDevices {
    static final Duration LASTS = Duration.ofHours(12);
    static final int MOST = 12;
    private static final int SECRET_BYTES = 32;

    private final Clock clock;
    private final ApplicationEventPublisher told;
    private final SecureRandom random = new SecureRandom();
    private final Map<String, Device> devices = new ConcurrentHashMap<>();
    private int numbered;

    PairedDevices(Clock clock, ApplicationEventPublisher told) {
        this.clock = clock;
        this.told = told;
    }

    /**
     * A device.
     *
     * @param id shown at the bench; opens nothing
     * @param name as its user calls it
     * @param from the network address at pairing
     */
    record Device(String id, String name, String from, Instant since, Instant lastSeen) {
        private Device seenAt(Instant now) {
            return new Device(id, name, from, since, now);
        }
    }

    /** Pairs a device; gives the secret that it shows from now on, or nothing where there are too many. */
    synchronized Optional<String> pair(String name, String from) {
        drop();
        if (devices.size() >= MOST) {
            return Optional.empty();
        }
        byte[] secret = new byte[SECRET_BYTES];
        random.nextBytes(secret);
        String shown = HexFormat.of().formatHex(secret);
        Instant now = clock.instant();
        devices.put(hash(shown), new Device("seat-" + ++numbered, name, from, now, now));
        return Optional.of(shown);
    }

    /** The device that shows this secret; it was seen just now. */
    Optional<Device> seen(String secret) {
        drop();
        return Optional.ofNullable(
                devices.computeIfPresent(hash(secret), (key, device) -> device.seenAt(clock.instant())));
    }

    /** Those that are paired, the oldest first. */
    List<Device> all() {
        drop();
        return devices.values().stream()
                .sorted(Comparator.comparing(Device::since).thenComparing(Device::id))
                .toList();
    }

    /** Ends a device; false where there is none of this id. */
    boolean end(String id) {
        boolean ended = devices.values().removeIf(device -> device.id().equals(id));
        if (ended) {
            told.publishEvent(new PairingEnded(id));
        }
        return ended;
    }

    private void drop() {
        Instant eldest = clock.instant().minus(LASTS);
        devices.values().stream()
                .filter(device -> !device.since().isAfter(eldest))
                .map(Device::id)
                .toList()
                .forEach(this::end);
    }

    private static String hash(String secret) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(secret.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}
