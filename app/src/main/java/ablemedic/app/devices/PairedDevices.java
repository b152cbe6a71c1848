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
 * The seats that are paired, by the hash of what each was given to show; a seat is paired for a working day at the
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
    private final Map<String, Seat> seats = new ConcurrentHashMap<>();
    private int numbered;

    PairedDevices(Clock clock, ApplicationEventPublisher told) {
        this.clock = clock;
        this.told = told;
    }

    /**
     * A seat.
     *
     * @param id shown at the bench; opens nothing
     * @param name as its user calls it
     * @param from the network address at pairing
     */
    record Seat(String id, String name, String from, Instant since, Instant lastSeen) {
        private Seat seenAt(Instant now) {
            return new Seat(id, name, from, since, now);
        }
    }

    /** Pairs a seat; gives the secret that it shows from now on, or nothing where there are too many. */
    synchronized Optional<String> pair(String name, String from) {
        drop();
        if (seats.size() >= MOST) {
            return Optional.empty();
        }
        byte[] secret = new byte[SECRET_BYTES];
        random.nextBytes(secret);
        String shown = HexFormat.of().formatHex(secret);
        Instant now = clock.instant();
        seats.put(hash(shown), new Seat("seat-" + ++numbered, name, from, now, now));
        return Optional.of(shown);
    }

    /** The seat that shows this secret; it was seen just now. */
    Optional<Seat> seen(String secret) {
        drop();
        return Optional.ofNullable(seats.computeIfPresent(hash(secret), (key, seat) -> seat.seenAt(clock.instant())));
    }

    /** Those that are paired, the oldest first. */
    List<Seat> all() {
        drop();
        return seats.values().stream()
                .sorted(Comparator.comparing(Seat::since).thenComparing(Seat::id))
                .toList();
    }

    /** Ends a seat; false where there is none of this id. */
    boolean end(String id) {
        boolean ended = seats.values().removeIf(seat -> seat.id().equals(id));
        if (ended) {
            told.publishEvent(new PairingEnded(id));
        }
        return ended;
    }

    private void drop() {
        Instant eldest = clock.instant().minus(LASTS);
        seats.values().stream()
                .filter(seat -> !seat.since().isAfter(eldest))
                .map(Seat::id)
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
