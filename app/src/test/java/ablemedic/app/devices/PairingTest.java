package ablemedic.app.devices;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.devices.Pairing.Tried;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.HashSet;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

class PairingTest {
    private final Moved clock = new Moved();
    private final Pairing pairing = new Pairing(clock);

    /** A clock that stands until it is moved. */
    private static final class Moved extends Clock {
        private Instant now = Instant.parse("2026-11-27T12:00:00Z");

        @Override
        public ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return this;
        }

        @Override
        public Instant instant() {
            return now;
        }

        private void by(Duration ahead) {
            now = now.plus(ahead);
        }
    }

    private static String other(String digits) {
        return (digits.charAt(0) == '9' ? '0' : (char) (digits.charAt(0) + 1)) + digits.substring(1);
    }

    @Test
    void theCodePairsOneSeatHoweverItIsSpaced() {
        String digits = pairing.renew().digits();
        assertThat(digits).matches("\\d{8}");
        assertThat(pairing.attempt(" " + digits.substring(0, 4) + " " + digits.substring(4) + "-", "one"))
                .isEqualTo(Tried.PAIRED);
        assertThat(pairing.attempt(digits, "one")).as("used up").isEqualTo(Tried.NO_CODE);
        assertThat(pairing.open()).isEmpty();
    }

    @Test
    void itIsVoidAfterFiveMinutesToTheSecond() {
        String digits = pairing.renew().digits();
        clock.by(Pairing.LASTS.minusSeconds(1));
        assertThat(pairing.open()).isPresent();
        clock.by(Duration.ofSeconds(1));
        assertThat(pairing.attempt(digits, "one")).isEqualTo(Tried.NO_CODE);
    }

    @Test
    void aNewCodeMakesTheOldOneVoid() {
        String old = pairing.renew().digits();
        String fresh = pairing.renew().digits();
        assertThat(pairing.attempt(old, "one")).isEqualTo(old.equals(fresh) ? Tried.PAIRED : Tried.WRONG);
    }

    @Test
    void afterFiveWrongTriesTheRightOneIsNoUse() {
        String digits = pairing.renew().digits();
        for (int i = 0; i < Pairing.TRIES; i++) {
            assertThat(pairing.attempt(other(digits), "one")).isEqualTo(Tried.WRONG);
        }
        assertThat(pairing.attempt(digits, "one")).isEqualTo(Tried.NO_CODE);
    }

    @Test
    void aGuesserIsShutOutForTenMinutesWhateverCodesAreMade() {
        for (int i = 0; i < Pairing.MOST_WRONG; i++) {
            assertThat(pairing.attempt(other(pairing.renew().digits()), "one")).isEqualTo(Tried.WRONG);
        }
        assertThat(pairing.attempt(pairing.renew().digits(), "one")).isEqualTo(Tried.TOO_MANY);
        clock.by(Pairing.REMEMBERED.plusSeconds(1));
        assertThat(pairing.attempt(pairing.renew().digits(), "one")).isEqualTo(Tried.PAIRED);
    }

    /**
     * A guesser who never repeats, and a bench that makes codes as fast as it can: tries within any ten minutes stay
     * bounded.
     */
    @Test
    void howeverItIsTriedNoMoreThanTwentyAreHeardInTenMinutes() {
        Random random = new Random(5);
        Set<Instant> heard = new HashSet<>();
        for (int i = 0; i < 2_000; i++) {
            clock.by(Duration.ofMillis(1 + random.nextInt(20_000)));
            if (random.nextInt(3) == 0 || pairing.open().isEmpty()) {
                pairing.renew();
            }
            if (pairing.attempt(other(pairing.open().orElseThrow().digits()), "one") != Tried.TOO_MANY) {
                heard.add(clock.instant());
                Instant from = clock.instant().minus(Pairing.REMEMBERED);
                assertThat(heard.stream().filter(at -> at.isAfter(from)).count())
                        .isLessThanOrEqualTo(Pairing.MOST_WRONG);
            }
        }
        assertThat(heard).hasSizeGreaterThan(100);
    }

    @Test
    void aGuesserKeepsNobodyElseOut() {
        String digits = pairing.renew().digits();
        for (int i = 0; i < Pairing.TRIES; i++) {
            assertThat(pairing.attempt(other(digits), "guesser")).isEqualTo(Tried.WRONG);
        }
        assertThat(pairing.attempt(digits, "tablet"))
                .as("the code is open for others")
                .isEqualTo(Tried.PAIRED);
        for (int i = 0; i < Pairing.MOST_WRONG; i++) {
            pairing.attempt(other(pairing.renew().digits()), "guesser");
        }
        assertThat(pairing.attempt(pairing.renew().digits(), "guesser")).isEqualTo(Tried.TOO_MANY);
        String open = pairing.renew().digits();
        assertThat(pairing.attempt(other(open), "second tablet")).as("once").isEqualTo(Tried.WRONG);
        assertThat(pairing.attempt(open, "second tablet")).as("and not again").isEqualTo(Tried.TOO_MANY);
        assertThat(pairing.attempt(open, "third tablet")).isEqualTo(Tried.PAIRED);
    }

    /** From a new address each time, as a guesser with a network of its own would. */
    @Test
    void fromHoweverManyAddressesNoMoreThanAHundredAndTwentyAreHeardInTenMinutes() {
        int heard = 0;
        for (int i = 0; i < 1_000; i++) {
            clock.by(Duration.ofMillis(500));
            heard += pairing.attempt(other(pairing.renew().digits()), "address " + i) == Tried.TOO_MANY ? 0 : 1;
        }
        assertThat(heard).isEqualTo(Pairing.MOST_WRONG + Pairing.MOST_FRESH);
    }
}
