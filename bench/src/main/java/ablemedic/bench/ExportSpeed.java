package ablemedic.bench;

import ablemedic.Families;
import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.export.SettingsExport;
import ablemedic.family.Complaint;
import ablemedic.firmware.Dictionary;
import ablemedic.firmware.FirmwareDialects;
import ablemedic.firmware.Understood;
import ablemedic.reading.Meter;
import ablemedic.requirement.Violation;
import ablemedic.snapshot.Change;
import ablemedic.snapshot.Snapshot;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
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

/** A settings export of 2000 lines: read, compared with another, and held against the craft. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 6, time = 1)
@Measurement(iterations = 3, time = 1)
@Fork(1)
public class ExportSpeed {
    private static final int LINES = 2000;

    private final Dictionary dictionary =
            new Dictionary(FirmwareDialects.shipped().get(0), "2");
    private Craft craft;
    private List<Complaint> complaints;
    private byte[] before;
    private byte[] after;

    @Setup
    public void make() {
        craft = ReasoningSpeed.lined();
        complaints = Families.complaints(craft, Meter.USUAL);
        before = export(craft);
        after = export(craft.with(craft.configuration()
                .withWritten(FcSettings.ALIGNMENT, "0/0/180")
                .with(FcSettings.CELLS, 6)));
    }

    private byte[] export(Craft told) {
        String known = dictionary.export(told.configuration());
        String more = IntStream.range(0, LINES - (int) known.lines().count())
                .mapToObj(i -> "set unknown_" + i + " = " + i)
                .collect(Collectors.joining("\n"));
        return (known + more).getBytes(StandardCharsets.UTF_8);
    }

    private Snapshot read(byte[] file) {
        Understood understood = dictionary.read(SettingsExport.read(file));
        return new Snapshot(understood.told(), understood.held());
    }

    @Benchmark
    public int readComparedAndHeldAgainstTheCraft() {
        Snapshot now = read(after);
        List<Change> changes = Change.between(read(before), now, craft, complaints, List.of());
        List<Violation> lint = Families.violations(now.on(craft));
        return changes.size() + lint.size();
    }
}
