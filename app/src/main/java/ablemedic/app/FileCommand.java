package ablemedic.app;

import ablemedic.app.storage.Backup;
import ablemedic.app.storage.DatabaseFile;
import ablemedic.app.storage.DatabaseFile.UnusableException;
import ablemedic.app.storage.FileLock;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
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
    private static final Words SAID =
            Catalogue.beside(FileCommand.class, "words").of("file-command");

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
                say(SAID.with("to", to).line("backed-up").plain());
            }
            case "restore" -> {
                if (words.size() < 2) {
                    throw new UnusableException(SAID.line("which-backup").plain());
                }
                try (FileLock lock = FileLock.take(database, "restoring")) {
                    Path aside = database.resolveSibling(database.getFileName() + ".before-" + now());
                    boolean kept = Backup.restore(Path.of(words.get(1)), database, aside);
                    say(SAID.with("database", database)
                            .with("kept", Param.when(kept))
                            .with("aside", aside)
                            .line("restored")
                            .plain());
                }
            }
            case "forget" -> {
                if (Files.exists(database)) {
                    try (FileLock lock = FileLock.take(database, "forgetting")) {
                        DatabaseFile.delete(database);
                    } catch (IOException e) {
                        throw new UnusableException(SAID.with("database", database)
                                .with("e", e.getMessage())
                                .line("delete")
                                .plain());
                    }
                }
            }
            default ->
                throw new UnusableException(
                        SAID.with("get", words.get(0)).line("no-command").plain());
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
