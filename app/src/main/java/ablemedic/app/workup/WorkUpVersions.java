package ablemedic.app.workup;

import ablemedic.app.chart.CraftLog;
import ablemedic.app.meter.MeterStore;
import ablemedic.app.routine.OwnersConvention;
import ablemedic.family.PrePowerConvention;
import ablemedic.reading.Meter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** What the view of a work-up depends on, in a few numbers, so that one that was made can be shown again. */
@Component
public class WorkUpVersions {
    private final JdbcClient database;
    private final MeterStore meters;
    private final OwnersConvention owners;

    WorkUpVersions(JdbcClient database, MeterStore meters, OwnersConvention owners) {
        this.database = database;
        this.meters = meters;
        this.owners = owners;
    }

    /**
     * Equal stamps, equal views.
     *
     * @param event the last of the work-up
     * @param craft the craft's version
     * @param log the newest line of the craft's log that speaks of the pre-power routine
     * @param listed the newest snapshot of its settings
     * @param owners the owner's convention of the pre-power routine, which says what that takes
     */
    public record Stamp(
            long workUp, long event, long craft, long log, long listed, Meter meter, PrePowerConvention owners) {}

    private static final String NUMBERS = """
      SELECT w.id, (SELECT coalesce(max(n), 0) FROM work_up_event e WHERE e.work_up_id = w.id) AS event,
        (SELECT version FROM craft c WHERE c.craft_id = w.craft_id) AS craft,
        (SELECT coalesce(max(id), 0) FROM log_entry l WHERE l.craft_id = w.craft_id AND l.kind IN (:kinds)) AS log,
        (SELECT coalesce(max(number), 0) FROM snapshot s WHERE s.craft_id = w.craft_id) AS listed
      FROM work_up w WHERE w.id IN (:ids)""";

    Stamp of(long id) {
        return of(List.of(id)).get(id);
    }

    Map<Long, Stamp> of(List<Long> ids) {
        Meter meter = meters.get();
        PrePowerConvention convention = owners.get();
        Map<Long, Stamp> stamps = new LinkedHashMap<>();
        if (!ids.isEmpty()) {
            database.sql(NUMBERS)
                    .param("ids", new ArrayList<>(ids))
                    .param("kinds", CraftLog.OF_ROUTINE)
                    .query((rs, n) -> new Stamp(
                            rs.getLong("id"),
                            rs.getLong("event"),
                            rs.getLong("craft"),
                            rs.getLong("log"),
                            rs.getLong("listed"),
                            meter,
                            convention))
                    .list()
                    .forEach(stamp -> stamps.put(stamp.workUp(), stamp));
        }
        return stamps;
    }
}
