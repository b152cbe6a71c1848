package ablemedic.protocol;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ablemedic.protocol.Heard.Channel;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.DoubleStream;
import net.sf.marineapi.nmea.parser.SentenceFactory;
import net.sf.marineapi.nmea.sentence.SentenceValidator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What stands on the wire: checksums, timings, frames. */
class WireTest {
    private static final byte[] CHECK = "123456789".getBytes(StandardCharsets.US_ASCII);

    private static Frames read(Format format, byte[]... parts) {
        Frames frames = Frames.of(format);
        for (byte[] part : parts) {
            for (byte value : part) {
                frames.take(0, value);
            }
        }
        frames.end();
        return frames;
    }

    @OutsideCheck(
            kind = Kind.PUBLISHED,
            source = "Catalogue of parametrised CRC algorithms: check values of CRC-8/DVB-S2 and CRC-16/MCRF4XX")
    @Test
    void checksumsGiveTheCheckValuesOfTheCatalogue() {
        assertThat(Crc.dvbS2(CHECK, 0, CHECK.length)).isEqualTo(0xBC);
        assertThat(Crc.mcrf4xx(CHECK, 0, CHECK.length)).isEqualTo(0x6F91);
    }

    @OutsideCheck(kind = Kind.REFERENCE_LIBRARY, source = "Apache Commons Codec, Crc16.mcrf4xx")
    @Test
    void theChecksumOfPacketsIsThatOfAnotherLibrary() {
        Random random = new Random(7);
        for (int i = 0; i < 500; i++) {
            byte[] bytes = new byte[random.nextInt(300)];
            random.nextBytes(bytes);
            org.apache.commons.codec.digest.Crc16 other = org.apache.commons.codec.digest.Crc16.mcrf4xx();
            other.update(bytes, 0, bytes.length);
            assertThat(Crc.mcrf4xx(bytes, 0, bytes.length)).isEqualTo((int) other.getValue());
        }
    }

    /** 25 bytes of 12 bits at 100 000 baud; 10 bits at 9600; 16 bits at 600 000: by hand. */
    @OutsideCheck(kind = Kind.PUBLISHED, source = "Worked by hand: bits over bits a second")
    @Test
    void framesLastAsLongAsTheirBits() {
        assertThat(lasts(Format.SBUS)).isCloseTo(3.0e-3, within(1e-9));
        assertThat(lasts(Format.IBUS)).isCloseTo(32 * 10 / 115_200.0, within(1e-9));
        assertThat(lasts(Format.CRSF)).isCloseTo(26 * 10 / 416_666.0, within(1e-9));
        assertThat(lasts(Format.DSHOT)).isCloseTo(16 / 150_000.0, within(0.7 / 150_000));
        assertThat(Framing.N1.bits() / 9600.0).isCloseTo(1.0417e-3, within(1e-7));
        assertThat(Framing.E2.bits()).isEqualTo(12);
        assertThat(Framing.E2).hasToString("8E2");
    }

    /** From the first edge to where it rests until the next frame, less the stop bits that look like rest. */
    private static double lasts(Format format) {
        List<double[]> stretches = stretches(Sender.usual(format), List.of());
        double all = stretches.stream().mapToDouble(s -> s[1]).sum() - stretches.get(stretches.size() - 1)[1];
        int unseen = format.framing()
                .map(f -> trailingOnes(Sender.usual(format).bytes(List.of(), 0), f))
                .orElse(0);
        return all + (unseen == 0 ? 0 : unseen / (double) format.bauds().get(0));
    }

    private static int trailingOnes(byte[] bytes, Framing framing) {
        int ones = framing.stopBits();
        int last = bytes[bytes.length - 1] & 0xFF;
        if (framing.parity() != Framing.Parity.NONE) {
            if (framing.parityBit(last) == 0) {
                return ones;
            }
            ones++;
        }
        for (int bit = 7; bit >= 0 && (last >> bit & 1) == 1; bit--) {
            ones++;
        }
        return ones;
    }

    static List<double[]> stretches(Sender sender, List<Double> channels) {
        List<double[]> stretches = new ArrayList<>();
        sender.send(channels, 0, (high, seconds) -> stretches.add(new double[] {high ? 1 : 0, seconds}));
        return stretches;
    }

    @ParameterizedTest
    @EnumSource(
            value = Format.class,
            names = {"SBUS", "IBUS", "CRSF"})
    void channelsComeOutAsTheyWentIn(Format format) {
        List<Double> sent = DoubleStream.of(988, 1012, 1500, 1999, 1234, 1777, 1001, 1600)
                .boxed()
                .toList();
        byte[] frame = Sender.usual(format).bytes(sent, 0);
        Frames read = read(
                format,
                frame,
                frame,
                Sender.usual(format).bytes(DoubleStream.of(988, 1500).boxed().toList(), 1));
        assertThat(read.good()).isEqualTo(3);
        assertThat(read.coverage()).isEqualTo(1);
        assertThat(read.channels().get(0).lastUs()).isCloseTo(988, within(0.7));
        assertThat(read.channels().get(1)).satisfies(channel -> {
            assertThat(channel.leastUs()).isCloseTo(1012, within(0.7));
            assertThat(channel.mostUs()).isCloseTo(1500, within(0.7));
            assertThat(channel.moved()).isTrue();
        });
        assertThat(read.channels()).extracting(Channel::number).startsWith(1, 2, 3);
    }

    /** A frame written out by hand: all channels at raw 992 (1500 µs), bits 01111100000 least first. */
    @OutsideCheck(kind = Kind.PUBLISHED, source = "Worked by hand: 16 times 11 bits of 992, least bit first")
    @Test
    void aFrameOfCentredChannelsIsAsWrittenByHand() {
        String bits = "00000111110".repeat(16);
        byte[] byHand = new byte[25];
        byHand[0] = 0x0F;
        for (int i = 0; i < bits.length(); i++) {
            byHand[1 + i / 8] |= (byte) (bits.charAt(i) == '1' ? 1 << i % 8 : 0);
        }
        Frames read = read(Format.SBUS, byHand, byHand);
        assertThat(read.good()).isEqualTo(2);
        assertThat(read.channels()).hasSize(16).allSatisfy(channel -> assertThat(channel.lastUs())
                .isCloseTo(1500, within(0.5)));
        assertThat(Sender.usual(Format.SBUS).bytes(java.util.Collections.nCopies(16, 1500.2), 0))
                .isEqualTo(byHand);
    }

    @Test
    void theFlagsOfTheReceiverAreTold() {
        byte[] frame = Sender.usual(Format.SBUS).bytes(List.of(), 0);
        frame[23] = 0x0C;
        assertThat(read(Format.SBUS, frame, frame).said())
                .hasSize(2)
                .anySatisfy(said -> assertThat(said).contains("failsafe flag in 2 of 2"))
                .anySatisfy(said -> assertThat(said).contains("lost"));
    }

    @ParameterizedTest
    @EnumSource(
            value = Format.class,
            names = {"IBUS", "CRSF", "MAVLINK", "NMEA"})
    void everyBitThatIsTurnedInAFrameIsNoticed(Format format) {
        byte[] frame = Sender.usual(format).bytes(List.of(1100.0, 1900.0), 3);
        int text = format == Format.NMEA ? frame.length - 2 : frame.length;
        for (int bit = 0; bit < 8 * text; bit++) {
            byte[] turned = frame.clone();
            turned[bit / 8] ^= (byte) (1 << bit % 8);
            Frames read = read(format, turned);
            boolean caseOfADigit =
                    format == Format.NMEA && bit / 8 >= text - 2 && bit % 8 == 5 && Character.isLetter(frame[bit / 8]);
            assertThat(read.good()).as("bit %d", bit).isEqualTo(caseOfADigit ? 1 : 0);
        }
        assertThat(read(format, frame).good()).isEqualTo(1);
    }

    @ParameterizedTest
    @EnumSource(
            value = Format.class,
            names = {"SBUS", "IBUS", "CRSF", "MAVLINK", "NMEA"})
    void framesAreFoundFromTheMiddleAndAfterNoise(Format format) {
        byte[] frame = Sender.usual(format).bytes(List.of(1500.0), 0);
        Random random = new Random(11);
        for (int cut = 1; cut < frame.length; cut += 3) {
            byte[] noise = new byte[random.nextInt(40)];
            random.nextBytes(noise);
            Frames read = read(
                    format, Arrays.copyOfRange(frame, cut, frame.length), frame, frame, noise, frame, frame, frame);
            assertThat(read.good()).as("cut at %d", cut).isBetween(4L, 6L);
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void randomBytesAreNoFrames(long seed) {
        byte[] noise = new byte[200_000];
        new Random(seed).nextBytes(noise);
        assertThat(read(Format.IBUS, noise).good()).isZero();
        assertThat(read(Format.NMEA, noise).good()).isZero();
        assertThat(read(Format.MAVLINK, noise).coverage()).isLessThan(0.02);
        assertThat(read(Format.CRSF, noise).coverage()).isLessThan(0.02);
        assertThat(read(Format.SBUS, noise).coverage()).isLessThan(0.02);
    }

    @OutsideCheck(
            kind = Kind.PUBLISHED,
            source = "Example sentences as printed in introductions to NMEA 0183, from memory, with their checksums")
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "$GPGGA,123519,4807.038,N,01131.000,E,1,08,0.9,545.4,M,46.9,M,,*47|It has a position, 8 satellites used.",
                "$GPRMC,123519,A,4807.038,N,01131.000,E,022.4,084.4,230394,003.1,W*6A|1 sentence GPRMC."
            })
    void publishedSentencesAreRead(String sentence, String said) {
        assertThat(SentenceValidator.isValid(sentence)).isTrue();
        Frames read = read(Format.NMEA, (sentence + "\r\n").getBytes(StandardCharsets.US_ASCII));
        assertThat(read.good()).isEqualTo(1);
        assertThat(read.said()).contains(said);
    }

    @OutsideCheck(kind = Kind.REFERENCE_LIBRARY, source = "marineapi: SentenceValidator and SentenceFactory")
    @Test
    void sentencesAreSoundWhereAnotherLibrarySaysSo() {
        Random random = new Random(5);
        String sound = new String(Sender.usual(Format.NMEA).bytes(List.of(), 0), StandardCharsets.US_ASCII).strip();
        assertThat(SentenceFactory.getInstance().createParser(sound).isValid()).isTrue();
        int agreed = 0;
        for (int i = 0; i < 2000; i++) {
            StringBuilder mutated = new StringBuilder(sound);
            int at = 1 + random.nextInt(sound.length() - 1);
            mutated.setCharAt(at, "0123456789,.*NEMW".charAt(random.nextInt(17)));
            String text = mutated.toString();
            boolean theirs = text.contains("*") && SentenceValidator.isValid(text);
            boolean ours = read(Format.NMEA, (text + "\r\n").getBytes(StandardCharsets.US_ASCII))
                            .good()
                    == 1;
            // The other library takes a sentence without a mark for a checksum as sound; nobody could tell it from
            // noise.
            agreed += theirs == ours ? 1 : 0;
        }
        assertThat(agreed).isEqualTo(2000);
    }

    @Test
    void theFormatsAreEachWithWhatTheyNeed() {
        assertThat(Format.values()).allSatisfy(format -> {
            assertThat(format.label()).isNotBlank();
            assertThat(format.wires()).isBetween(1, 2);
            assertThat(format.framing().isPresent() && format.bauds().isEmpty()).isFalse();
        });
        assertThat(Sender.FORMATS).allSatisfy(format -> {
            assertThat(Sender.usual(format).everyS()).isPositive();
            assertThat(stretches(Sender.usual(format), List.of(1500.0)).stream()
                            .mapToDouble(s -> s[1])
                            .sum())
                    .isCloseTo(
                            Sender.usual(format).everyS(),
                            within(1e-3 * Sender.usual(format).everyS()));
        });
    }
}
