package ablemedic.app.lan;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import org.springframework.stereotype.Component;

/**
 * The pairing code: eight digits, for five minutes, for one seat. After five wrong tries it is void, and after twenty within ten
 * minutes no code is taken at all until those are over: a guesser has 20 in 100 million for each ten minutes that somebody at the
 * bench makes new codes.
 */
@Component
class Pairing {
  static final Duration LASTS = Duration.ofMinutes(5);
  static final int TRIES = 5;
  static final int MOST_WRONG = 20;
  static final Duration REMEMBERED = Duration.ofMinutes(10);
  private static final int DIGITS = 8;

  private final Clock clock;
  private final SecureRandom random = new SecureRandom();
  private final Deque<Instant> wrong = new ArrayDeque<>();
  private Optional<Code> code = Optional.empty();

  Pairing(Clock clock) {
    this.clock = clock;
  }

  /** A code that is open, and until when. */
  record Code(String digits, Instant until, int triesLeft) {}

  /** What came of a try. */
  enum Tried {
    PAIRED, WRONG, NO_CODE, TOO_MANY
  }

  /** Makes a new code; one that was open is void. */
  synchronized Code renew() {
    String digits = String.format("%0" + DIGITS + "d", random.nextInt((int) Math.pow(10, DIGITS)));
    Code made = new Code(digits, clock.instant().plus(LASTS), TRIES);
    code = Optional.of(made);
    return made;
  }

  /** The code that is open now. */
  synchronized Optional<Code> open() {
    code = code.filter(one -> clock.instant().isBefore(one.until()));
    return code;
  }

  /** Tries a code; the right one is used up. Spaces and dashes do not count. */
  synchronized Tried attempt(String said) {
    Instant now = clock.instant();
    wrong.removeIf(at -> at.plus(REMEMBERED).isBefore(now));
    if (wrong.size() >= MOST_WRONG) {
      return Tried.TOO_MANY;
    }
    Optional<Code> open = open();
    if (open.isEmpty()) {
      wrong.add(now);
      return Tried.NO_CODE;
    }
    if (MessageDigest.isEqual(bytes(open.get().digits()), bytes(said.replaceAll("[ -]", "")))) {
      code = Optional.empty();
      return Tried.PAIRED;
    }
    wrong.add(now);
    int left = open.get().triesLeft() - 1;
    code = left > 0 ? Optional.of(new Code(open.get().digits(), open.get().until(), left)) : Optional.empty();
    return Tried.WRONG;
  }

  private static byte[] bytes(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }
}
