package ablemedic.torture;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;

/**
 * Makes all trials, one after the other, and prints a line for each. The first argument is how many minutes in all, the
 * second a word of the trials that are wanted.
 */
public final class Torture {
    private static final List<Trial> TRIALS = List.of(
            new KillsWhileWriting(),
            new LockedByAnother(),
            new DiskFull(),
            new FullForEachKind(),
            new ClockMoved(),
            new BackupUnderLoad(),
            new RandomRequests(),
            new FiftyClients(),
            new ChartsWithPhotos(),
            new Upgrades());

    private Torture() {}

    public static void main(String[] args) throws Exception {
        double minutes = args.length == 0 ? 10 : Double.parseDouble(args[0]);
        List<Trial> trials = TRIALS.stream()
                .filter(t -> args.length < 2 || t.name().contains(args[1]))
                .toList();
        Duration each = Duration.ofMillis(Math.round(minutes * 60_000 / trials.size()));
        boolean all = true;
        System.out.printf("%-22s %-6s %-62s %s%n", "trial", "holds", "did", "saw");
        for (Trial trial : trials) {
            Path folder = Files.createTempDirectory("able-medic-torture");
            Trial.Found found;
            try {
                found = trial.run(folder, each);
            } catch (Exception e) {
                found = new Trial.Found(false, "could not be made", String.valueOf(e));
            }
            all &= found.holds();
            System.out.printf(
                    "%-22s %-6s %-62s %s%n", trial.name(), found.holds() ? "yes" : "NO", found.did(), found.saw());
        }
        System.exit(all ? 0 : 1);
    }
}
