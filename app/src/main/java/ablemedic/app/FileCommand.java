package ablemedic.app;

import ablemedic.app.storage.Backup;
import ablemedic.app.storage.DatabaseFile;
import ablemedic.app.storage.DatabaseFile.UnusableException;
import ablemedic.app.storage.FileLock;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Arrays;
import java.util.List;

/**
 * What is done to the data file without starting the application: {@code backup FILE}, {@code restore FILE},
 * {@code forget}.
 */
final class FileCommand {
    private FileCommand() {}

    /** Does what the first argument says; false when it is none of these commands. */
    static boolean run(String... args) {
        List<String> words =
                Arrays.stream(args).filter(a -> !a.startsWith("--")).toList();
        if (words.isEmpty()) {
            return false;
        }
        Path database = AbleMedic.database(AbleMedic.told(args));
        switch (words.get(0)) {
            case "backup" -> {
                Path to = words.size() > 1 ? Path.of(words.get(1)) : database.resolveSibling("backup-" + now() + ".db");
                Backup.write(database, to);
                say("Backed up to " + to);
            }
            case "restore" -> {
                if (words.size() < 2) {
                    throw new UnusableException("Say which backup: ./medic restore FILE.");
                }
                try (FileLock lock = FileLock.take(database, "restoring")) {
                    Path aside = database.resolveSibling(database.getFileName() + ".before-" + now());
                    boolean kept = Backup.restore(Path.of(words.get(1)), database, aside);
                    say("Restored to " + database + (kept ? "; what was there is kept as " + aside : ""));
                }
            }
            case "forget" -> {
                if (Files.exists(database)) {
                    try (FileLock lock = FileLock.take(database, "forgetting")) {
                        DatabaseFile.delete(database);
                    } catch (IOException e) {
                        throw new UnusableException(
                                "The file " + database + " cannot be deleted (" + e.getMessage() + ").");
                    }
                }
            }
            default ->
                throw new UnusableException(
                        "There is no command “" + words.get(0) + "”; there is backup, restore, forget.");
        }
        return true;
    }

    private static String now() {
        return LocalDateTime.now().format(DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss"));
    }

    private static void say(String words) {
        System.out.println(words + ".");
    }
}
