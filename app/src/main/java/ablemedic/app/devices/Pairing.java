package ablemedic.app.devices;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/**
 * The pairing code: eight digits, for five minutes, for one device. An address that tried five wrong ones is heard no
 * more for that code. After twenty wrong ones within ten minutes only addresses are heard that have not guessed yet,
 * each once, so that a guesser keeps nobody out; after a hundred more of these nobody is. So guessers have 120 in 100
 * million for each ten minutes that somebody at the bench makes new codes, from however many addresses.
 */
@Component
class Pairing {
    static final Duration LASTS = Duration.ofMinutes(5);
    static final int TRIES = 5;
    static final int MOST_WRONG = 20;
    static final int MOST_FRESH = 100;
    static final Duration REMEMBERED = Duration.ofMinutes(10);
    private static final int DIGITS = 8;

    private final Clock clock;
    private final SecureRandom random = new SecureRandom();
    private final Deque<Guess> wrong = new ArrayDeque<>();
    private final Map<String, Integer> triesOfCode = new HashMap<>();
    private Optional<Code> code = Optional.empty();

    Pairing(Clock clock) {
        this.clock = clock;
    }

    /** @param triesLeft of the address that tried most */
    record Code(String digits, Instant until, int triesLeft) {}

    private record Guess(Instant at, String from) {}

    /** What came of a try. */
    enum Tried {
        PAIRED,
        WRONG,
        NO_CODE,
        TOO_MANY
    }

    /** Makes a new code; one that was open is void. */
    synchronized Code renew() {
        String digits = String.format("%0" + DIGITS + "d", random.nextInt((int) Math.pow(10, DIGITS)));
        Code made = new Code(digits, clock.instant().plus(LASTS), TRIES);
        code = Optional.of(made);
        triesOfCode.clear();
        return made;
    }

    /** The code that is open now. */
    synchronized Optional<Code> open() {
        code = code.filter(one -> clock.instant().isBefore(one.until()));
        return code;
    }

    /**
     * Tries a code; the right one is used up. Spaces and dashes do not count.
     *
     * @param from the address that tries
     */
    synchronized Tried attempt(String said, String from) {
        Instant now = clock.instant();
        wrong.removeIf(guess -> guess.at().plus(REMEMBERED).isBefore(now));
        boolean fresh = wrong.stream().noneMatch(guess -> guess.from().equals(from));
        if (wrong.size() >= (fresh ? MOST_WRONG + MOST_FRESH : MOST_WRONG)) {
            return Tried.TOO_MANY;
        }
        Optional<Code> open = open();
        int tried = triesOfCode.getOrDefault(from, 0);
        if (open.isEmpty() || tried >= TRIES) {
            wrong.add(new Guess(now, from));
            return Tried.NO_CODE;
        }
        if (MessageDigest.isEqual(bytes(open.get().digits()), bytes(said.replaceAll("[ -]", "")))) {
            code = Optional.empty();
            return Tried.PAIRED;
        }
        wrong.add(new Guess(now, from));
        triesOfCode.put(from, tried + 1);
        code = Optional.of(new Code(
                open.get().digits(), open.get().until(), Math.min(open.get().triesLeft(), TRIES - tried - 1)));
        return Tried.WRONG;
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
