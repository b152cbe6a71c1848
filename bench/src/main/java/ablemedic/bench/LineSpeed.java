package ablemedic.bench;

import ablemedic.capture.CaptureWriter;
import ablemedic.capture.Captures;
import ablemedic.parts.SerialBoards;
import ablemedic.protocol.Format;
import ablemedic.protocol.Frames;
import ablemedic.protocol.Sender;
import ablemedic.serial.UartPlanner;
import ablemedic.uart.UartRequest;
import ablemedic.wiring.UartFunction;
import ch.randelshofer.fastdoubleparser.JavaDoubleParser;
import de.siegmar.fastcsv.reader.AbstractBaseCsvCallbackHandler;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.FieldMismatchStrategy;
import io.dronefleet.mavlink.protocol.MavlinkPacketReader;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import net.sf.marineapi.nmea.parser.SentenceFactory;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * Reading of lines, each beside the library that reads the same: a table of samples, packets, sentences; and the port
 * planner.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 1)
@Measurement(iterations = 3, time = 1)
@Fork(1)
public class LineSpeed {
    private static final int PACKETS = 20_000;
    private static final int SENTENCES = 5_000;

    private byte[] table;
    private byte[] packets;
    private byte[] sentences;
    private List<String> lines;
    private List<UartRequest> wishes;

    /** A recording of 30 MB in volts, and what comes over a line in half an hour. */
    @Setup
    public void make() throws IOException {
        Sender sender = Sender.usual(Format.IBUS);
        StringBuilder file = new StringBuilder();
        CaptureWriter writer = CaptureWriter.volts(file, "pad", 5e-7, 3.3, 0.05, 1);
        for (int frame = 0; file.length() < 30_000_000; frame++) {
            sender.send(Collections.nCopies(14, 1500.0), frame, writer);
        }
        table = file.toString().getBytes(StandardCharsets.US_ASCII);
        packets = repeated(Sender.usual(Format.MAVLINK), PACKETS);
        sentences = repeated(Sender.usual(Format.NMEA), SENTENCES);
        lines = new String(sentences, StandardCharsets.US_ASCII).lines().toList();
        wishes = IntStream.range(0, 10)
                .mapToObj(i -> {
                    UartFunction job = UartFunction.values()[i % UartFunction.values().length];
                    List<Format> formats = job.formats();
                    return new UartRequest(job.label() + i, job, formats.get(i / 5 % formats.size()), false, "");
                })
                .toList();
    }

    private static byte[] repeated(Sender sender, int count) throws IOException {
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        for (int i = 0; i < count; i++) {
            all.write(sender.bytes(List.of(), i));
        }
        return all.toByteArray();
    }

    @Benchmark
    public Object capture() throws IOException {
        return Captures.read(new ByteArrayInputStream(table), Optional.empty(), bytes -> {});
    }

    @Benchmark
    public double captureByTheLibraryAlone() throws IOException {
        Numbers numbers = new Numbers();
        try (CsvReader<Numbers> reader = CsvReader.builder()
                .missingFieldStrategy(FieldMismatchStrategy.IGNORE)
                .build(numbers, new InputStreamReader(new ByteArrayInputStream(table), StandardCharsets.UTF_8))) {
            double sum = 0;
            for (Numbers row : reader) {
                sum += row.sum;
            }
            return sum;
        }
    }

    @Benchmark
    public long packets() {
        return read(Format.MAVLINK, packets);
    }

    @Benchmark
    public long packetsByTheLibrary() throws IOException {
        MavlinkPacketReader reader = new MavlinkPacketReader(new ByteArrayInputStream(packets));
        long count = 0;
        try {
            while (reader.next() != null) {
                count++;
            }
        } catch (EOFException e) {
            return count;
        }
        return count;
    }

    @Benchmark
    public long sentences() {
        return read(Format.NMEA, sentences);
    }

    @Benchmark
    public int sentencesByTheLibrary() {
        int sum = 0;
        for (String line : lines) {
            sum += SentenceFactory.getInstance().createParser(line).getFieldCount();
        }
        return sum;
    }

    @Benchmark
    public Object plannerOfTenParts() {
        return UartPlanner.plan(SerialBoards.find("board-h7").orElseThrow(), wishes);
    }

    private static long read(Format format, byte[] bytes) {
        Frames frames = Frames.of(format);
        for (byte value : bytes) {
            frames.take(0, value);
        }
        frames.end();
        return frames.good();
    }

    private static final class Numbers extends AbstractBaseCsvCallbackHandler<Numbers> {
        private double sum;

        @Override
        protected void handleBegin(long line) {
            sum = 0;
        }

        @Override
        protected void handleField(int index, char[] buffer, int from, int length, boolean quoted) {
            if (buffer[from] <= '9') {
                sum += JavaDoubleParser.parseDouble(buffer, from, length);
            }
        }

        @Override
        protected Numbers buildRecord() {
            return this;
        }
    }
}
