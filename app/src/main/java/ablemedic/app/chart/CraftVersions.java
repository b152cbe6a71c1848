package ablemedic.app.chart;

import ablemedic.app.chart.CraftStore.Row;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** What says of every craft at once, in a few numbers, whether anything was written that concerns how it stands. */
@Component
public class CraftVersions {
    private static final String OF_CRAFTS = """
      SELECT c.craft_id,
        (SELECT max(revision) FROM build_sheet s WHERE s.craft_id = c.craft_id) AS sheet,
        (SELECT coalesce(max(id), 0) FROM log_entry l WHERE l.craft_id = c.craft_id) AS log,
        (SELECT coalesce(max(number), 0) FROM snapshot s WHERE s.craft_id = c.craft_id) AS snapshot,
        (SELECT coalesce(max(id), 0) FROM pre_power_run r WHERE r.craft_id = c.craft_id) AS routine,
        (SELECT coalesce(max(id) || '/' || sum(version) || '/' || count(ended_at), '') FROM set_up s WHERE s.craft_id = c.craft_id) AS set_up,
        (SELECT count(*) || '/' || count(w.aside) FROM work_up w LEFT JOIN work_up_event e ON e.work_up_id = w.id WHERE w.craft_id = c.craft_id) AS work_ups
      FROM craft c""";
    /**
     * What concerns all crafts: conventions and the meter, part types, firmware dialects, entries that were corrected.
     */
    private static final String OF_ALL = """
      SELECT (SELECT coalesce(group_concat(name || body), '') FROM setting)
        || (SELECT count(*) || coalesce(max(entered_at), '') FROM part_type)
        || (SELECT count(*) || coalesce(max(entered_at), '') FROM firmware_family)
        || (SELECT coalesce(max(id), 0) FROM correction)""";

    private final JdbcClient database;

    CraftVersions(JdbcClient database) {
        this.database = database;
    }

    /** Equal stamps, and the craft stands as it stood. */
    public record CraftStamp(
            Row row, int sheet, long log, long snapshot, long routine, String setUp, String workUps, String all) {}

    public Map<String, CraftStamp> of(List<Row> crafts) {
        Map<String, Row> rows = new HashMap<>();
        crafts.forEach(row -> rows.put(row.craftId(), row));
        String all = database.sql(OF_ALL).query(String.class).single();
        Map<String, CraftStamp> stamps = new HashMap<>();
        database.sql(OF_CRAFTS)
                .query((rs, n) -> rows.containsKey(rs.getString("craft_id"))
                        ? stamps.put(
                                rs.getString("craft_id"),
                                new CraftStamp(
                                        rows.get(rs.getString("craft_id")),
                                        rs.getInt("sheet"),
                                        rs.getLong("log"),
                                        rs.getLong("snapshot"),
                                        rs.getLong("routine"),
                                        String.valueOf(rs.getString("set_up")),
                                        rs.getString("work_ups"),
                                        all))
                        : null)
                .list();
        return stamps;
    }
}
