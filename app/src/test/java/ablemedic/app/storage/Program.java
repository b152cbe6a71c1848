package ablemedic.app.storage;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** The program as a process of its own, for what ends a process. */
final class Program {
  private Program() {}

  /** Runs it to its end and gives all that it said; fails when it does not end by itself with code 2. */
  static String failing(String... args) {
    try {
      Process process = start(args);
      String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
      if (!process.waitFor(60, TimeUnit.SECONDS) || process.exitValue() != 2) {
        throw new AssertionError("It did not refuse: " + said);
      }
      return said;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }

  private static Process start(String... args) throws IOException {
    List<String> command = new ArrayList<>(List.of(
        Path.of(System.getProperty("java.home"), "bin", "java").toString(), "-XX:TieredStopAtLevel=1",
        "-cp", System.getProperty("java.class.path"), "ablemedic.app.AbleMedic"));
    command.addAll(List.of(args));
    return new ProcessBuilder(command).redirectErrorStream(true).start();
  }
}
