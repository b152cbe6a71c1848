package ablemedic.bench;

import java.util.Collection;
import java.util.Locale;
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
        .include(ReasoningSpeed.class.getName()).verbosity(VerboseMode.SILENT).build()).run();
    double fixedWork = results.stream().filter(r -> r.getParams().getBenchmark().endsWith("fixedWork"))
        .mapToDouble(r -> r.getPrimaryResult().getScore()).findFirst().orElseThrow();
    System.out.printf("  %-32s %10s %16s%n", "", "ms", "x fixed work");
    for (RunResult result : results) {
      String name = result.getParams().getBenchmark().replaceAll(".*\\.", "");
      double ms = result.getPrimaryResult().getScore();
      System.out.printf(Locale.ROOT, "  %-32s %10.3f %16.2f%n", name, ms, ms / fixedWork);
    }
  }
}
