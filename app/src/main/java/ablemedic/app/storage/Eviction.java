package ablemedic.app.storage;

import com.zaxxer.hikari.SQLExceptionOverride;
import java.sql.SQLException;
import org.sqlite.SQLiteErrorCode;

/**
 * Throws a connection away after any failure but a broken rule of the schema. When {@code BEGIN} fails on a busy file
 * the driver has already noted that a transaction runs; handed back, such a connection would never begin one again.
 */
public final class Eviction implements SQLExceptionOverride {
    private static final int PRIMARY = 0xff;

    @java.lang.Override
    public SQLExceptionOverride.Override adjudicate(SQLException e) {
        return (e.getErrorCode() & PRIMARY) == SQLiteErrorCode.SQLITE_CONSTRAINT.code
                ? SQLExceptionOverride.Override.DO_NOT_EVICT
                : SQLExceptionOverride.Override.MUST_EVICT;
    }
}
