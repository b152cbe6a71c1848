package ablemedic.bench;

import ablemedic.diagnosis.Assumptions;
import ablemedic.diagnosis.BenchState;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Case;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.diagnosis.Sureness;
import java.lang.management.ManagementFactory;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.VerboseMode;

/** Runs the speed measurements and prints them, in milliseconds and over the fixed work of the same run. */
final class SpeedTable {
    private SpeedTable() {}

    static void print() throws RunnerException {
        Collection<RunResult> results = new Runner(new OptionsBuilder()
                        .include(ReasoningSpeed.class.getName())
                        .verbosity(VerboseMode.SILENT)
                        .build())
                .run();
        double fixedWork = results.stream()
                .filter(r -> r.getParams().getBenchmark().endsWith("fixedWork"))
                .mapToDouble(r -> r.getPrimaryResult().getScore())
                .findFirst()
                .orElseThrow();
        System.out.printf(
                "  %-32s %10s %16s%n",
                "", "ms", "x fixed work (target of standingAndPlanWithLinesWarm 12, of allFamiliesWarm 28)");
        for (RunResult result : results) {
            String name = result.getParams().getBenchmark().replaceAll(".*\\.", "");
            double ms = result.getPrimaryResult().getScore();
            System.out.printf(Locale.ROOT, "  %-32s %10.3f %16.2f%n", name, ms, ms / fixedWork);
        }
        System.out.printf(Locale.ROOT, "  what all families keep in memory %9.0f MB (target under 60)%n", keptMb());
    }

    /** What the reasoning of the made-up book holds after twenty posteriors and plans, each with a finding more. */
    private static double keptMb() {
        Book<List<Integer>> book = MadeUp.book();
        Diagnosis<List<Integer>> diagnosis = new Diagnosis<>(book, Assumptions.USUAL);
        double before = usedMb();
        Case<List<Integer>> known = MadeUp.known(book);
        for (int i = 0; i < 20; i++) {
            known = known.with(book.checks().get(100 + i), Chosen.of("0"), Sureness.SURE);
            diagnosis.planner(diagnosis.posterior(known)).plan(BenchState.AT_INTAKE, Set.of());
        }
        double after = usedMb();
        // Still reachable here, so that it was not swept away before it was measured.
        return diagnosis.book().faults().isEmpty() ? 0 : after - before;
    }

    private static double usedMb() {
        for (int i = 0; i < 3; i++) {
            System.gc();
        }
        return ManagementFactory.getMemoryMXBean().getHeapMemoryUsage().getUsed() / 1e6;
    }
}
