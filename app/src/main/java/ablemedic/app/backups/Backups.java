package ablemedic.app.backups;

import ablemedic.app.storage.Backup;
import ablemedic.app.storage.Settings;
import ablemedic.app.storage.StoredForm;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** The backups of the workshop, the newest first, and the schedule of its owner. */
@Component
class Backups {
  private static final String NAME = "backup-schedule";
  private static final StoredForm<Schedule> FORM = StoredForm.of(NAME, Schedule.class);
  private static final Schedule USUAL = new Schedule(Every.NEVER, 5);
  private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss-SSS").withZone(ZoneOffset.UTC);
  private static final Pattern OURS = Pattern.compile("medic-(\\d{8}-\\d{6}-\\d{3})\\.db");

  private final Settings settings;
  private final Clock clock;
  private final Path database;

  Backups(Settings settings, Clock clock, @Value("${medic.database}") String database) {
    this.settings = settings;
    this.clock = clock;
    this.database = Path.of(database).toAbsolutePath();
  }

  /** How often one is made without being asked for. */
  enum Every {
    NEVER(Duration.ZERO), DAY(Duration.ofDays(1)), WEEK(Duration.ofDays(7));

    private final Duration length;

    Every(Duration length) {
      this.length = length;
    }
  }

  /** How often, and how many are kept. */
  record Schedule(Every every, int keep) {}

  /** One that is there. */
  record BackupMade(String name, Instant at, long bytes) {}

  Path folder() {
    return database.resolveSibling("backups");
  }

  Schedule schedule() {
    return settings.get(NAME, FORM, USUAL);
  }

  void set(Schedule schedule) {
    settings.set(NAME, FORM, schedule);
    thin();
  }

  /** Those that are there, the newest first. */
  List<BackupMade> all() {
    if (!Files.isDirectory(folder())) {
      return List.of();
    }
    try (Stream<Path> files = Files.list(folder())) {
      return files.flatMap(file -> made(file).stream()).sorted(Comparator.comparing(BackupMade::at).reversed()).toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Optional<BackupMade> made(Path file) {
    var named = OURS.matcher(file.getFileName().toString());
    try {
      return named.matches() ? Optional.of(new BackupMade(file.getFileName().toString(), STAMP.parse(named.group(1), Instant::from), Files.size(file))) : Optional.empty();
    } catch (IOException | java.time.DateTimeException e) {
      return Optional.empty();
    }
  }

  /** Makes one now, and lets the oldest beyond those that are kept go. */
  synchronized BackupMade make() {
    Path file = folder().resolve("medic-" + STAMP.format(clock.instant()) + ".db");
    Backup.write(database, file);
    thin();
    return made(file).orElseThrow();
  }

  /** Makes one where the schedule asks for it. */
  synchronized void makeWhereDue() {
    Schedule now = schedule();
    boolean due = now.every() != Every.NEVER && all().stream().findFirst().map(newest -> !newest.at().plus(now.every().length).isAfter(clock.instant())).orElse(true);
    if (due) {
      make();
    }
  }

  private void thin() {
    all().stream().skip(schedule().keep()).forEach(old -> {
      try {
        Files.deleteIfExists(folder().resolve(old.name()));
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    });
  }
}
