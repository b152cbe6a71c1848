package ablemedic.bench;

import ablemedic.family.Family;
import ablemedic.power.Power;
import ablemedic.radio.Radio;
import ablemedic.serial.Serial;
import ablemedic.settings.SettingsAndFirmware;
import ablemedic.takeoff.TakeOff;
import ablemedic.video.Video;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * Prints the tables of the benchmark; with the word {@code speed} those of speed alone, with {@code load} those with
 * much in the data file, with {@code patients} what the reasoning does on patients that are not the model, with
 * {@code quick} the same on a few of them, in less than three minutes; with {@code pairs} what is expected of every
 * pair of wrong settings, which takes an hour.
 */
public final class Bench {
    private Bench() {}

    /** Patients of each craft, in the quick form and in the whole one. */
    private static final int ALL = 150;

    private static final int QUICK = 12;
    private static final long USUAL_SEED = 2026;

    public static void main(String[] args) throws Exception {
        Path scratch = Files.createTempDirectory("able-medic-bench");
        if (args.length > 0 && List.of("quick", "patients").contains(args[0])) {
            try (DemoApplication demo = DemoApplication.start(scratch)) {
                patients(
                        demo,
                        args[0].equals("quick") ? QUICK : ALL,
                        args.length > 1 ? Long.parseLong(args[1]) : USUAL_SEED);
            }
            return;
        }
        if (args.length > 0 && args[0].equals("load")) {
            new LoadTable(scratch).print();
            return;
        }
        if (args.length > 0 && args[0].equals("pairs")) {
            try (DemoApplication demo = DemoApplication.start(scratch)) {
                new PairsTable(List.of(
                                demo.crafts().get("CURLEW"), demo.crafts().get("FULMAR")))
                        .print();
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
        System.out.println("The program with much in it");
        new LoadTable(scratch).print();
        System.out.println();
        if (args.length > 0 && args[0].equals("speed")) {
            return;
        }
        try (DemoApplication demo = DemoApplication.start(scratch)) {
            patients(demo, ALL, USUAL_SEED);
        }
    }

    private static void patients(DemoApplication demo, int patients, long seed) {
        Map<String, Patients> crafts = new LinkedHashMap<>();
        for (String craftId : List.of("SKUA", "EIDER", "FULMAR", "CURLEW", "LAPWING")) {
            crafts.put(craftId, new Patients(craftId, demo.crafts().get(craftId), seed));
        }
        System.out.println(
                "Patients that are not the model: unlike their sheets, 5 % of what is seen wrong, faults left out of the book");
        new PatientsTable(List.copyOf(crafts.values()), patients).print();
        System.out.println();
        System.out.println("The same by family, beside the book's order and any check that tells something");
        new FamiliesTable(
                        List.of(
                                ward(TakeOff.FAMILY, crafts, "SKUA", "EIDER"),
                                ward(Power.FAMILY, crafts, "EIDER", "FULMAR"),
                                ward(Serial.FAMILY, crafts, "CURLEW", "LAPWING"),
                                ward(SettingsAndFirmware.FAMILY, crafts, "EIDER", "CURLEW"),
                                ward(Radio.FAMILY, crafts, "CURLEW", "EIDER"),
                                ward(Video.FAMILY, crafts, "FULMAR", "LAPWING")),
                        patients / 2)
                .print();
        System.out.println();
    }

    private static FamiliesTable.Ward ward(Family family, Map<String, Patients> crafts, String... craftIds) {
        return new FamiliesTable.Ward(
                family, Stream.of(craftIds).map(crafts::get).toList());
    }
}
