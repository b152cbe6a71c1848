package ablemedic.app.transfer;

import ablemedic.app.chart.CraftLog;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.http.Refusal;
import ablemedic.app.storage.Json;
import ablemedic.app.workup.EndStore;
import ablemedic.app.workup.WorkUpStore;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/**
 * Puts everything of a craft into the database: what is there already stays, what is new is added behind it. Where both
 * sides went on from the same point, nothing is written.
 */
@Repository
class BundleWriter {
    private static final Words SAID =
            Catalogue.beside(BundleWriter.class, "words").of("bundle-writer");
    private static final Words REFUSALS =
            Catalogue.beside(BundleWriter.class, "refusals").of("bundle-writer");
    private final JdbcClient database;
    private final Json json;
    private final CraftStore crafts;
    private final CraftLog log;
    private final WorkUpStore workUps;
    private final EndStore ends;

    BundleWriter(JdbcClient database, Json json, CraftStore crafts, CraftLog log, WorkUpStore workUps, EndStore ends) {
        this.database = database;
        this.json = json;
        this.crafts = crafts;
        this.log = log;
        this.workUps = workUps;
        this.ends = ends;
    }

    /**
     * What came of a document.
     *
     * @param added how many records were new
     * @param news whether the craft itself was
     */
    record TakenIn(String craftId, int added, boolean news) {}

    /**
     * Takes in a chart that was checked.
     *
     * @throws Refusal where it does not go with what is here, with the place; nothing is written then
     */
    @Transactional
    TakenIn take(ChartBundle came, Instant at) {
        String craftId = came.craft().craftId();
        AddedRows rows = new AddedRows(database, json, craftId);
        CraftRows craftRows = new CraftRows(rows);
        WorkUpRows workUpRows = new WorkUpRows(rows, ends);
        BesideRows besideRows = new BesideRows(rows);
        Optional<CraftStore.Row> known = crafts.find(craftId);
        craftRows.craft(came.craft(), known);
        came.sheets().forEach(craftRows::sheet);
        came.snapshots().forEach(craftRows::snapshot);
        List<Long> numbers = came.workUps().stream().map(workUpRows::workUp).toList();
        List<Long> lines = craftRows.lines(came.log(), numbers, log);
        LocalNumbers local = new LocalNumbers(
                numbers, lines, LocalNumbers.of(database, craftId).snapshots());
        came.sheets()
                .forEach(sheet -> database.sql("UPDATE build_sheet SET reason = ? WHERE craft_id = ? AND revision = ?")
                        .params(local.local(sheet.reason()), craftId, sheet.revision())
                        .update());
        for (int i = 0; i < numbers.size(); i++) {
            workUpRows.happened(i, came.workUps().get(i), numbers.get(i), local);
        }
        besideRows.runs(came.runs());
        besideRows.dialects(came.families());
        besideRows.batteries(came.batteries());
        came.files().forEach(one -> craftRows.file(one, numbers, lines));
        if (workUps.of(craftId).stream().filter(WorkUpStore.Opened::isOpen).count() > 1) {
            throw Refusal.conflict("workUps", REFUSALS.with("craftId", craftId), "both-open");
        }
        if (rows.added() > 0) {
            log.add(
                    craftId,
                    at,
                    "bundle",
                    SAID.with("day", came.heading().writtenAt().toString().substring(0, 10))
                            .with("added", new Param.Count(rows.added()))
                            .line("imported")
                            .plain(),
                    null);
            database.sql("UPDATE craft SET version = max(version + 1, ?) WHERE craft_id = ?")
                    .params(came.craft().version(), craftId)
                    .update();
        }
        return new TakenIn(craftId, rows.added(), known.isEmpty());
    }
}
