package ablemedic.bench;

import ablemedic.app.AbleMedic;
import ablemedic.app.chart.CraftStore;
import ablemedic.craft.Craft;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.context.ConfigurableApplicationContext;

/** The real application on the demo data, for its crafts. */
final class DemoApplication implements AutoCloseable {
    private final ConfigurableApplicationContext context;

    private DemoApplication(ConfigurableApplicationContext context) {
        this.context = context;
    }

    static DemoApplication start(Path folder) {
        return new DemoApplication(AbleMedic.start(
                "--server.port=0", "--medic.demo=true", "--medic.database=" + folder.resolve("crafts.db")));
    }

    /** The demo crafts as on their newest build sheets, by craft ID. */
    Map<String, Craft> crafts() {
        CraftStore store = context.getBean(CraftStore.class);
        Map<String, Craft> crafts = new LinkedHashMap<>();
        store.all().forEach(row -> crafts.put(row.craftId(), store.newestCraft(row.craftId())));
        return crafts;
    }

    @Override
    public void close() {
        context.close();
    }
}
