package ablemedic.app.storage;

import ablemedic.catalogue.Names;
import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.Optional;
import org.sqlite.SQLiteErrorCode;

/** What can go wrong with the file, each with its own sentence: what it is and what to do. */
public enum Trouble {
    LOCKED,
    FULL,
    READ_ONLY,
    DAMAGED,
    NOT_A_DATABASE,
    UNREACHABLE,
    FAILING,
    CROWDED;

    private static final int PRIMARY = 0xff;
    /** Another holds the file of shared memory beside the database. */
    private static final int SHARED_MEMORY_LOCKED = SQLiteErrorCode.SQLITE_IOERR_SHMLOCK.code;

    /** The whole sentence about a file, such as {@code file medic.db}. */
    public String of(String file) {
        return Names.words(Trouble.class)
                .with("file", file)
                .line(Names.id(this))
                .plain();
    }

    /** Whether it passes by itself, so that the same may be tried again. */
    public boolean passes() {
        return this == LOCKED || this == CROWDED;
    }

    /** The trouble behind something thrown, where it is one of the file's. */
    public static Optional<Trouble> behind(Throwable thrown) {
        for (Throwable t = thrown; t != null; t = t.getCause()) {
            if (t instanceof BusyException || t instanceof SQLTransientConnectionException) {
                return Optional.of(CROWDED);
            }
            if (t instanceof IOException io) {
                Optional<Trouble> found = ofFileSystem(io);
                if (found.isPresent()) {
                    return found;
                }
            }
            if (t instanceof SQLException sql) {
                Optional<Trouble> found = sql.getErrorCode() == SHARED_MEMORY_LOCKED
                        ? Optional.of(LOCKED)
                        : ofCode(sql.getErrorCode() & PRIMARY);
                if (found.isPresent()) {
                    return found;
                }
            }
        }
        return Optional.empty();
    }

    /** By what the system says; Java has no code for it. */
    private static Optional<Trouble> ofFileSystem(IOException e) {
        String said = String.valueOf(e.getMessage());
        return said.contains("No space left")
                ? Optional.of(FULL)
                : said.contains("Read-only") || e instanceof AccessDeniedException
                        ? Optional.of(READ_ONLY)
                        : Optional.empty();
    }

    /** By SQLite's primary result codes, as its documentation numbers them. */
    private static Optional<Trouble> ofCode(int code) {
        return Optional.ofNullable(
                switch (code) {
                    case 5, 6, 15 -> LOCKED;
                    case 8 -> READ_ONLY;
                    case 10 -> FAILING;
                    case 11 -> DAMAGED;
                    case 13 -> FULL;
                    case 14 -> UNREACHABLE;
                    case 26 -> NOT_A_DATABASE;
                    default -> null;
                });
    }
}
