package db.migration;

import ablemedic.app.storage.Folded;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;

/**
 * Marks and labels that differ only in case are one, in every script and not in ASCII alone; what cannot be read can be
 * put aside; and how a work-up ended is found without reading all of it. In Java, since SQLite folds ASCII only.
 */
public final class V3__KeptApart extends BaseJavaMigration {
    @Override
    public void migrate(Context context) throws SQLException {
        try (Statement statement = context.getConnection().createStatement()) {
            statement.execute("ALTER TABLE craft ADD COLUMN folded TEXT");
            statement.execute("ALTER TABLE pack ADD COLUMN folded TEXT");
            statement.execute("ALTER TABLE craft ADD COLUMN aside TEXT");
            statement.execute("ALTER TABLE work_up ADD COLUMN aside TEXT");
            statement.execute("CREATE INDEX craft_by_folded ON craft (folded)");
            statement.execute("CREATE INDEX pack_by_folded ON pack (folded)");
            statement.execute("""
          CREATE INDEX work_up_ending ON work_up_event (work_up_id, n)
          WHERE substr(body, 1, 16) IN ('{"kind":"closed"', '{"kind":"reopene')""");
            statement.execute("CREATE INDEX log_entry_in_order ON log_entry (mark, id)");
        }
        fold(context, "SELECT mark FROM craft", "UPDATE craft SET folded = ? WHERE mark = ?");
        fold(context, "SELECT label FROM pack", "UPDATE pack SET folded = ? WHERE label = ?");
    }

    private static void fold(Context context, String names, String update) throws SQLException {
        try (Statement statement = context.getConnection().createStatement();
                ResultSet rows = statement.executeQuery(names);
                PreparedStatement folding = context.getConnection().prepareStatement(update)) {
            while (rows.next()) {
                folding.setString(1, Folded.of(rows.getString(1)));
                folding.setString(2, rows.getString(1));
                folding.addBatch();
            }
            folding.executeBatch();
        }
    }
}
