package ablemedic.bench;

import ablemedic.craft.Craft;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Prints the tables of the benchmark; with the word {@code speed} those of speed alone. */
public final class Bench {
  private Bench() {}

  public static void main(String[] args) throws Exception {
    System.out.println("Speed of the reasoning");
    SpeedTable.print();
    System.out.println();
    Path folder = Files.createTempDirectory("able-medic-bench");
    System.out.println("The program on the demo bench");
    new ProgramTable(folder).print();
    System.out.println();
    if (args.length > 0 && args[0].equals("speed")) {
      return;
    }
    try (DemoApplication demo = DemoApplication.start(folder)) {
      System.out.println("Take-off: a simulated technician, one work-up for every shipped fault on every demo craft");
      new TechnicianTable(demo.crafts()).print();
      System.out.println();
      System.out.println("Power: the same, for every fault that a craft of each layout can have");
      Map<String, Craft> wired = new LinkedHashMap<>();
      for (String mark : List.of("EIDER", "FULMAR")) {
        wired.put(mark, demo.crafts().get(mark));
      }
      new PowerTable(wired).print();
    }
  }
}
