package ablemedic.app.demo;

import ablemedic.app.chart.CraftStore;
import ablemedic.app.chart.SnapshotStore;
import ablemedic.app.demo.DemoScript.DemoSnapshot;
import ablemedic.app.firmware.FirmwareDialectStore;
import ablemedic.firmware.Dictionary;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** The settings exports of the demo. */
@Component
@Order(3)
class DemoSnapshots implements DemoPart {
    private final CraftStore crafts;
    private final SnapshotStore snapshots;
    private final FirmwareDialectStore families;

    DemoSnapshots(CraftStore crafts, SnapshotStore snapshots, FirmwareDialectStore families) {
        this.crafts = crafts;
        this.snapshots = snapshots;
        this.families = families;
    }

    @Override
    public List<Happened> of(DemoScript script, Instant now) {
        return script.snapshots().stream()
                .map(snapshot -> {
                    Instant at = DemoPart.ago(now, snapshot.daysAgo());
                    return new Happened(at, () -> listed(snapshot, at));
                })
                .toList();
    }

    private void listed(DemoSnapshot demo, Instant at) {
        Dictionary dictionary = families.dictionary(demo.family(), demo.version());
        String export =
                dictionary.export(DemoSettings.configured(demo.configuration(), crafts.newestCraft(demo.craftId()))
                                .configuration())
                        + (demo.more() == null ? "" : String.join("\n", demo.more()) + "\n");
        snapshots.add(
                demo.craftId(),
                dictionary,
                new SnapshotStore.Export(
                        demo.target() == null ? "" : demo.target(),
                        demo.why(),
                        demo.craftId().toLowerCase(Locale.ROOT) + ".txt",
                        export.getBytes(StandardCharsets.UTF_8)),
                at);
    }
}
