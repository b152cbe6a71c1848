package ablemedic.app.demo;

import ablemedic.app.chart.CraftStore;
import ablemedic.app.demo.DemoPart.Happened;
import ablemedic.app.storage.Json;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Component;

/** Fills an empty database with the demo bench. */
@Component
public class DemoBench {
    private final CraftStore crafts;
    private final List<DemoPart> parts;
    private final Json json;
    private final Clock clock;

    DemoBench(CraftStore crafts, List<DemoPart> parts, Json json, Clock clock) {
        this.crafts = crafts;
        this.parts = parts;
        this.json = json;
        this.clock = clock;
    }

    /** Fills the database when it holds no craft, in the order in which things happened. */
    public void fill() {
        if (!crafts.all().isEmpty()) {
            return;
        }
        DemoScript script = json.read(text(), DemoScript.class);
        Instant now = clock.instant();
        parts.stream()
                .flatMap(part -> part.of(script, now).stream())
                .sorted(Comparator.comparing(Happened::at))
                .forEach(happened -> happened.entering().run());
    }

    private static String text() {
        try (InputStream in = DemoBench.class.getResourceAsStream("/demo/skerry-loft.json")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
