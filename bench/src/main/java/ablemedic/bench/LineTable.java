package ablemedic.bench;

import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.VerboseMode;

/** Prints how fast lines are read, as ratios to the libraries that read the same. */
final class LineTable {
    private LineTable() {}

    static void print() throws RunnerException {
        Map<String, Double> ms = new Runner(new OptionsBuilder()
                        .include(LineSpeed.class.getName())
                        .include(ExportSpeed.class.getName())
                        .verbosity(VerboseMode.SILENT)
                        .build())
                .run().stream()
                        .collect(Collectors.toMap(
                                r -> r.getParams().getBenchmark().replaceAll(".*\\.", ""),
                                r -> r.getPrimaryResult().getScore()));
        ratio("capture of 30 MB of volts", ms, "capture", "captureByTheLibraryAlone", 0.4);
        ratio("20 000 packets", ms, "packets", "packetsByTheLibrary", 1);
        ratio("5000 sentences", ms, "sentences", "sentencesByTheLibrary", 3);
        System.out.printf(
                Locale.ROOT,
                "  %-32s %10.3f ms (target under 50)%n",
                "ports for ten parts",
                ms.get("plannerOfTenParts"));
        System.out.printf(
                Locale.ROOT,
                "  %-32s %10.3f ms (target under 20)%n",
                "listing of 2000 lines",
                ms.get("readComparedAndHeldAgainstTheCraft"));
    }

    private static void ratio(String what, Map<String, Double> ms, String ours, String theirs, double target) {
        System.out.printf(
                Locale.ROOT,
                "  %-32s %10.1f ms, the library %8.1f ms: %.2f of its speed (target at least %.1f)%n",
                what,
                ms.get(ours),
                ms.get(theirs),
                ms.get(theirs) / ms.get(ours),
                target);
    }
}
