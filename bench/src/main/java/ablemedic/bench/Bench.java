package ablemedic.bench;

import java.nio.file.Files;
import java.nio.file.Path;

/** Prints the tables of the benchmark. */
public final class Bench {
  private Bench() {}

  public static void main(String[] args) throws Exception {
    System.out.println("Speed of the reasoning");
    SpeedTable.print();
    System.out.println();
    Path folder = Files.createTempDirectory("able-medic-bench");
    try (DemoApplication demo = DemoApplication.start(folder)) {
      System.out.println("The application on the demo bench");
      demo.report();
      System.out.println();
      System.out.println("Work-ups of a simulated technician, one for every shipped fault on every demo craft");
      new TechnicianTable(demo.crafts()).print();
    }
  }
}
