package ablemedic.bench;

import ablemedic.craft.Craft;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Prints the tables of the benchmark; with the word {@code speed} those of speed alone, with {@code quick} what the reasoning
 * does on a sample of patients, in less than three minutes.
 */
public final class Bench {
  private Bench() {}

  private static final int QUICK = 6;

  public static void main(String[] args) throws Exception {
    Path scratch = Files.createTempDirectory("able-medic-bench");
    if (args.length > 0 && args[0].equals("quick")) {
      try (DemoApplication demo = DemoApplication.start(scratch)) {
        patients(demo, QUICK);
      }
      return;
    }
    System.out.println("Speed of the reasoning");
    SpeedTable.print();
    System.out.println();
    System.out.println("The program on the demo bench");
    new ProgramTable(scratch).print();
    System.out.println();
    if (args.length > 0 && args[0].equals("speed")) {
      return;
    }
    try (DemoApplication demo = DemoApplication.start(scratch)) {
      patients(demo, 1);
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

  private static void patients(DemoApplication demo, int every) {
    System.out.println("Patients that are not the model: unlike their sheets, 5 % of what is seen wrong, faults left out of the book");
    Map<String, Craft> crafts = new LinkedHashMap<>();
    for (String mark : List.of("SKUA", "EIDER", "FULMAR")) {
      crafts.put(mark, demo.crafts().get(mark));
    }
    new PatientsTable(crafts, every).print();
    System.out.println();
  }
}
