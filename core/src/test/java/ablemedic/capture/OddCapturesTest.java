package ablemedic.capture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ablemedic.catalogue.Rejected;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Recordings that are odd: several signals, none, broken off, random bytes. */
class OddCapturesTest {
    @Test
    void ofSeveralSignalsOneIsChosen() {
        String file = "Time (us),TX,RX\n0,1,0\n10,0,1\n20,1,1\n";
        assertThat(CapturesTest.read(file.getBytes(StandardCharsets.UTF_8), null))
                .satisfies(read -> {
                    assertThat(read.signals()).containsExactly("TX", "RX");
                    assertThat(read.report()).isEmpty();
                });
        assertThat(CapturesTest.read(file.getBytes(StandardCharsets.UTF_8), "RX")
                        .report()
                        .orElseThrow()
                        .edges())
                .isEqualTo(1);
        assertThatThrownBy(() -> CapturesTest.read(file.getBytes(StandardCharsets.UTF_8), "CTS"))
                .isInstanceOf(Rejected.class)
                .hasMessageContaining("there is TX, RX");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "$timescale 1 us $end\\n$var wire 1 ! TX $end\\n| cut off",
                "$timescale 1 us $end\\n$var wire 1 ! TX $end\\n$enddefinitions $end\\n#0\\n0!\\n#9\\n1!\\n#5\\n0!\\n| time runs back",
                "$timescale 1 furlong $end\\n| no time scale",
                "$var wire 1 ! TX $end\\n$enddefinitions $end\\n#0\\n| no $timescale",
                "$timescale 1 us $end\\n$enddefinitions $end\\n#0\\n| no signal",
                "$timescale 1 s $end\\n$var wire 1 ! TX $end\\n$enddefinitions $end\\n#0\\n0!\\n#999999999999\\n1!\\n| not one of a capture",
                "$timescale 1 us $end\\n$var wire 1 ! TX $end\\n$enddefinitions $end\\nhello\\n| Line 4",
                "time,level\\n0,1\\n5,0\\n3,1\\n| time runs back",
                "time,level\\n0,1\\n5 ms,0\\n| Line 3",
                "time,level\\n0,1\\n1e300,0\\n| not one of a capture",
                "to whom it may concern\\nnothing to see\\n| no row",
                "0F A4 0| one digit only",
                "0F A4 0Z 11| Line 1"
            })
    void whatCannotBeReadIsSaidWithItsPlace(String file, String said) {
        assertThatThrownBy(() -> CapturesTest.report(file.replace("\\n", "\n")))
                .isInstanceOf(Rejected.class)
                .hasMessageContaining(said.strip());
    }

    @Test
    void aTableInWhichNoTimePassesIsAnsweredWithoutARate() {
        assertThat(CapturesTest.report("t,v\n" + "5,0\n5,1\n".repeat(40)).serial())
                .isEmpty();
    }

    @Test
    void anEmptyFileIsRefusedAndAMillionSignalsToo() {
        assertThatThrownBy(() -> CapturesTest.report("")).isInstanceOf(Rejected.class);
        StringBuilder many = new StringBuilder("$timescale 1 us $end\n");
        for (int i = 0; i < 100_000; i++) {
            many.append("$var wire 1 a").append(i).append(" D").append(i).append(" $end\n");
        }
        assertThatThrownBy(() -> CapturesTest.report(many + "$enddefinitions $end\n#0\n"))
                .isInstanceOf(Rejected.class)
                .hasMessageContaining("100000 signals");
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void randomBytesAreAnsweredOrRefusedAndNothingElse(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 150; i++) {
            byte[] bytes = new byte[1 + random.nextInt(3000)];
            random.nextBytes(bytes);
            String head = List.of(
                            "",
                            "$timescale 1 us $end\n$var wire 1 ! a $end\n$enddefinitions $end\n",
                            "t,v\n",
                            "0,1\n",
                            "0F 0F ")
                    .get(i % 5);
            if (i % 3 == 0) {
                for (int k = 0; k < bytes.length; k++) {
                    bytes[k] = (byte) "0123456789.,;#!\n eE-+xz".charAt((bytes[k] & 0xFF) % 23);
                }
            }
            byte[] file = CapturesTest.concat(head.getBytes(StandardCharsets.US_ASCII), bytes);
            try {
                assertThat(CapturesTest.read(file, null)).isNotNull();
            } catch (Rejected e) {
                assertThat(e.getMessage()).isNotBlank();
            }
        }
    }

    /**
     * The memory that a recording takes does not grow with it: a table of 60 MB is read through a heap that keeps none
     * of it.
     */
    @Test
    void aLongRecordingIsReadToItsEndWithProgressAndCanBeBrokenOff() throws IOException {
        long[] told = {0};
        CaptureReport report = Captures.read(new Endless(60_000_000), Optional.empty(), bytes -> told[0] = bytes)
                .report()
                .orElseThrow();
        assertThat(told[0]).isGreaterThan(58_000_000);
        assertThat(report.edges()).isGreaterThan(3_000_000);
        Thread.currentThread().interrupt();
        assertThatThrownBy(() -> Captures.read(new Endless(60_000_000), Optional.empty(), bytes -> {}))
                .isInstanceOf(CancellationException.class);
        assertThat(Thread.interrupted()).isTrue();
    }

    /** Rows of a line that changes every 10 µs, made as they are read. */
    private static final class Endless extends InputStream {
        private final long length;
        private long given;
        private long row;
        private byte[] now = "Time (us),pad\n".getBytes(StandardCharsets.US_ASCII);
        private int at;

        Endless(long length) {
            this.length = length;
        }

        @Override
        public int read() {
            if (at == now.length) {
                if (given >= length) {
                    return -1;
                }
                now = (10 * row + "," + row % 2 + "\n").getBytes(StandardCharsets.US_ASCII);
                row++;
                at = 0;
            }
            given++;
            return now[at++];
        }

        @Override
        public int read(byte[] to, int from, int count) {
            int n = 0;
            for (int one = 0; n < count && (one = read()) >= 0; n++) {
                to[from + n] = (byte) one;
            }
            return n == 0 ? -1 : n;
        }
    }
}
