package ablemedic.bench;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Occasion;
import ablemedic.power.Power;
import ablemedic.serial.Serial;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Prints the tables of the benchmark; with the word {@code speed} those of speed alone, with {@code patients} what the
 * reasoning does on patients that are not the model, with {@code quick} the same on a few of them, in less than three minutes.
 */
public final class Bench {
  private Bench() {}

  /** Patients of each craft, in the quick form and in the whole one. */
  private static final int ALL = 240;
  private static final int QUICK = 30;
  private static final long USUAL_SEED = 2026;

  public static void main(String[] args) throws Exception {
    Path scratch = Files.createTempDirectory("able-medic-bench");
    if (args.length > 0 && List.of("quick", "patients").contains(args[0])) {
      try (DemoApplication demo = DemoApplication.start(scratch)) {
        patients(demo, args[0].equals("quick") ? QUICK : ALL, args.length > 1 ? Long.parseLong(args[1]) : USUAL_SEED);
      }
      return;
    }
    if (args.length > 0 && args[0].equals("serial")) {
      try (DemoApplication demo = DemoApplication.start(scratch)) {
        serial(demo);
      }
      return;
    }
    if (args.length == 0 || !args[0].equals("lines")) {
      System.out.println("Speed of the reasoning");
      SpeedTable.print();
      System.out.println();
    }
    System.out.println("Reading of lines");
    LineTable.print();
    System.out.println();
    if (args.length > 0 && args[0].equals("lines")) {
      return;
    }
    System.out.println("The program on the demo bench");
    new ProgramTable(scratch).print();
    System.out.println();
    if (args.length > 0 && args[0].equals("speed")) {
      return;
    }
    try (DemoApplication demo = DemoApplication.start(scratch)) {
      patients(demo, ALL, USUAL_SEED);
      System.out.println("Take-off: a simulated technician, one work-up for every shipped fault on every demo craft");
      new TechnicianTable(demo.crafts()).print();
      System.out.println();
      System.out.println("Power: the same, for every fault that a craft of each layout can have");
      new FamilyTable(some(demo, "EIDER", "FULMAR"), Power.SPECIALITY, Occasion.CRASH).print();
      serial(demo);
    }
  }

  private static void serial(DemoApplication demo) {
    System.out.println("Serial lines: the same, for every fault of a line after a rebuild");
    new FamilyTable(some(demo, "CURLEW", "WHIMBREL"), Serial.SPECIALITY, Occasion.BUILD).print();
  }

  private static Map<String, Craft> some(DemoApplication demo, String... marks) {
    Map<String, Craft> crafts = demo.crafts();
    Map<String, Craft> some = new LinkedHashMap<>();
    for (String mark : marks) {
      some.put(mark, crafts.get(mark));
    }
    return some;
  }

  private static void patients(DemoApplication demo, int patients, long seed) {
    System.out.println("Patients that are not the model: unlike their sheets, 5 % of what is seen wrong, faults left out of the book");
    new PatientsTable(some(demo, "SKUA", "EIDER", "FULMAR"), patients, seed).print();
    System.out.println();
  }
}
