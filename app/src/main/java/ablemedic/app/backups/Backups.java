package ablemedic.app.backups;

import ablemedic.app.storage.Backup;
import ablemedic.app.storage.BackupCheck;
import ablemedic.app.storage.DatabaseFile.UnusableException;
import ablemedic.app.storage.Recent;
import ablemedic.app.storage.Settings;
import ablemedic.app.storage.StoredForm;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import java.io.IOException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * The backups of this data file, and the schedule of its owner. Others may lie in the folder: of another data file, of
 * an older version, or damaged; they are listed, and none of them is deleted or counted.
 */
@Component
class Backups {
    private static final Words SAID = Catalogue.beside(Backups.class, "words").of("backups");
    private static final Logger LOG = LoggerFactory.getLogger(Backups.class);
    private static final String NAME = "backup-schedule";
    private static final StoredForm<Schedule> FORM = StoredForm.of(NAME, Schedule.class);
    private static final Schedule USUAL = new Schedule(Every.NEVER, 5);
    private static final int CHECKED = 100;

    private final Settings settings;
    private final Clock clock;
    private final OwnIdentity own;
    private final Path database;
    private final Recent<Looked, Boolean> whole = new Recent<>(CHECKED);

    Backups(Settings settings, Clock clock, OwnIdentity own, @Value("${medic.database}") String database) {
        this.settings = settings;
        this.clock = clock;
        this.own = own;
        this.database = Path.of(database).toAbsolutePath();
    }

    /** How often one is made without being asked for. */
    enum Every {
        NEVER(Duration.ZERO),
        DAY(Duration.ofDays(1)),
        WEEK(Duration.ofDays(7));

        private final Duration length;

        Every(Duration length) {
            this.length = length;
        }
    }

    /** How often, and how many are kept. */
    record Schedule(Every every, int keep) {}

    /**
     * One that is there.
     *
     * @param number counted up with each backup of one data file; 0 where it bears none
     * @param own whether it is of this data file
     * @param trouble why it can't be gone back to; empty where nothing is seen at a summary
     */
    record BackupMade(String name, int number, Instant at, long bytes, boolean own, String trouble) {}

    /** A file as it was when it was looked through. */
    private record Looked(String name, long bytes, Instant changed) {}

    Path folder() {
        return database.resolveSibling("backups");
    }

    Schedule schedule() {
        return settings.get(NAME, FORM, USUAL);
    }

    synchronized void set(Schedule schedule) {
        settings.set(NAME, FORM, schedule);
        try {
            thin();
        } catch (UnusableException e) {
            LOG.warn("{}", e.getMessage());
        }
    }

    /**
     * Those of this data file, the newest first by their number; then the others. @throws UnusableException where the
     * folder can't be read
     */
    List<BackupMade> all() {
        if (!Files.exists(folder())) {
            return List.of();
        }
        String identity = own.name();
        try (Stream<Path> files = Files.list(folder())) {
            return files.flatMap(file -> made(file, identity).stream())
                    .sorted(Comparator.comparing(BackupMade::own)
                            .thenComparing(BackupMade::number)
                            .thenComparing(BackupMade::at)
                            .reversed())
                    .toList();
        } catch (IOException e) {
            throw new UnusableException(
                    SAID.with("folder", folder()).with("e", e).line("folder").plain());
        }
    }

    private static Optional<BackupMade> made(Path file, String identity) {
        String name = file.getFileName().toString();
        return BackupName.read(name).flatMap(named -> {
            try {
                return Optional.of(new BackupMade(
                        name,
                        named.number(),
                        named.at(),
                        Files.size(file),
                        named.identity().equals(identity),
                        BackupCheck.cut(file).orElse("")));
            } catch (IOException e) {
                // Whoever tidies the folder may have taken it away meanwhile.
                return Optional.empty();
            }
        });
    }

    /**
     * Makes one now, and lets the oldest beyond those that are kept go. @throws UnusableException where it can't be
     * made
     */
    synchronized void make() {
        leftOvers(own.name());
        int newest = all().stream()
                .filter(BackupMade::own)
                .mapToInt(BackupMade::number)
                .max()
                .orElse(0);
        Backup.write(database, folder().resolve(new BackupName(own.name(), newest + 1, clock.instant()).file()));
        thin();
    }

    /** What a program that was killed had begun to write. */
    private void leftOvers(String identity) {
        if (!Files.isDirectory(folder())) {
            return;
        }
        try (DirectoryStream<Path> begun = Files.newDirectoryStream(folder(), "medic-" + identity + "-*.db.part*")) {
            for (Path file : begun) {
                Files.deleteIfExists(file);
            }
        } catch (IOException e) {
            LOG.warn(
                    "What is left in {} of a backup that was broken off can't be deleted: {}",
                    folder(),
                    e.getMessage());
        }
    }

    /** Makes one where the schedule asks for it. */
    synchronized void makeWhereDue() {
        Schedule now = schedule();
        if (now.every() != Every.NEVER
                && all().stream()
                        .filter(BackupMade::own)
                        .filter(this::isGood)
                        .findFirst()
                        .map(newest -> isOlder(newest.at(), now.every().length))
                        .orElse(true)) {
            make();
        }
    }

    /** Also where the clock was ahead when it was made. */
    private boolean isOlder(Instant at, Duration length) {
        Instant now = clock.instant();
        return at.isAfter(now) || !at.plus(length).isAfter(now);
    }

    /** Deletes what is older than the newest good ones that are kept; with fewer good ones than that, nothing. */
    private void thin() {
        int keep = schedule().keep();
        int good = 0;
        for (BackupMade one : all()) {
            if (!one.own()) {
                continue;
            }
            if (good >= keep) {
                delete(one);
            } else if (isGood(one)) {
                good++;
            }
        }
    }

    private void delete(BackupMade old) {
        try {
            Files.deleteIfExists(folder().resolve(old.name()));
        } catch (IOException e) {
            LOG.warn("The old backup {} can't be deleted: {}", old.name(), e.getMessage());
        }
    }

    /** Whether it was looked through and can be gone back to. */
    private boolean isGood(BackupMade one) {
        Path file = folder().resolve(one.name());
        try {
            return whole.of(
                    new Looked(
                            one.name(),
                            one.bytes(),
                            Files.getLastModifiedTime(file).toInstant()),
                    looked -> isWhole(file));
        } catch (IOException e) {
            return false;
        }
    }

    private static boolean isWhole(Path file) {
        try {
            BackupCheck.whole(file);
            return true;
        } catch (UnusableException e) {
            LOG.warn("{}", e.getMessage());
            return false;
        }
    }
}
