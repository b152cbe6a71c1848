package ablemedic.app.backups;

import java.time.DateTimeException;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * What the name of a backup tells.
 *
 * @param identity of the data file it is of; empty of one that was made before backups bore one
 * @param number counted up with each of that file, whatever the clock said
 */
record BackupName(String identity, int number, Instant at) {
    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss-SSS").withZone(ZoneOffset.UTC);
    private static final Pattern OURS =
            Pattern.compile("medic-(?:([0-9a-f]{12})-(\\d{4,9})-)?(\\d{8}-\\d{6}-\\d{3})\\.db");

    static Optional<BackupName> read(String file) {
        var named = OURS.matcher(file);
        try {
            return !named.matches()
                    ? Optional.empty()
                    : Optional.of(new BackupName(
                            named.group(1) == null ? "" : named.group(1),
                            named.group(2) == null ? 0 : Integer.parseInt(named.group(2)),
                            STAMP.parse(named.group(3), Instant::from)));
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }

    String file() {
        return String.format(Locale.ROOT, "medic-%s-%04d-%s.db", identity, number, STAMP.format(at));
    }
}
