package ablemedic.app.parts;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The workshop's own part types of parts: entered, used on a craft, changed, passed on. */
class PartsLibraryTest {
    @TempDir
    Path folder;

    private App app;

    @BeforeEach
    void start() {
        app = App.on(folder.resolve("shelf.db"));
        app.enterWired("OWN", "STACK");
    }

    @AfterEach
    void stop() {
        app.close();
    }

    private ObjectNode like(String id, String own) {
        ObjectNode sort = (ObjectNode) app.get("/api/parts-library")
                .valueStream()
                .map(s -> s.get("partType"))
                .filter(s -> s.get("id").asString().equals(id))
                .findFirst()
                .orElseThrow();
        return sort.put("id", own).put("label", "Spotting light, bright").put("shortName", "SPOT");
    }

    private void limit(ObjectNode sort, double amps) {
        ((ObjectNode) sort.get("loads").get(0)).put("amps", amps).put("poorAmps", amps);
    }

    private JsonNode chart() {
        return app.get("/api/crafts/OWN");
    }

    private JsonNode budget() {
        return app.ask("POST", "/api/instruments/rail-budget", "{\"craftId\": \"OWN\"}")
                .get("rails")
                .get(0);
    }

    @Test
    void anOwnSortIsFittedAndReckonedWithLikeAnyOther() {
        double before = budget().get("givesA").asDouble();
        ObjectNode sort = like("lights", "spotting-light");
        limit(sort, 0.5);
        assertThat(app.ask("POST", "/api/parts-library", sort.toString())
                        .get("own")
                        .asBoolean())
                .isTrue();
        app.ask("POST", "/api/crafts/OWN/parts", "{\"version\": 1, \"archetype\": \"spotting-light\"}");
        assertThat(chart().get("facts").toString()).contains("spotting light");
        assertThat(app.get("/api/checks?craft=OWN").toString()).contains("look-SPOT");
        assertThat(budget().get("givesA").asDouble()).isBetween(before + 0.4, before + 0.6);
        assertThat(app.get("/api/choices").get("parts").toString()).contains("spotting-light");
        app.ask("POST", "/api/crafts", """
        {"craftId": "NEXT", "name": "x", "craftClass": "INCH_5", "layout": "STACK", "parts": ["spotting-light"],
         "battery": {"cells": 4, "chemistry": "LIPO", "capacityMah": 1500, "cellMilliohms": 4}}""");
        assertThat(app.get("/api/crafts/NEXT").get("facts").toString()).contains("spotting light");
    }

    @Test
    void aCraftKeepsWhatItWasBuiltOfUntilItTakesTheChangeOver() {
        ObjectNode sort = like("lights", "spotting-light");
        limit(sort, 0.2);
        app.ask("POST", "/api/parts-library", sort.toString());
        app.ask("POST", "/api/crafts/OWN/parts", "{\"version\": 1, \"archetype\": \"spotting-light\"}");
        double built = budget().get("givesA").asDouble();
        assertThat(app.refused(409, "PUT", "/api/crafts/OWN/part-types", "{\"version\": 2}")
                        .get("detail")
                        .asString())
                .contains("as they are in the parts library");
        limit(sort, 0.6);
        app.ask("PUT", "/api/parts-library/spotting-light", sort.toString());
        assertThat(budget().get("givesA").asDouble()).isEqualTo(built);
        assertThat(chart().get("behindTheLibrary").get(0).asString()).isEqualTo("Spotting light, bright");
        app.ask("PUT", "/api/crafts/OWN/part-types", "{\"version\": 2}");
        assertThat(budget().get("givesA").asDouble()).isBetween(built + 0.35, built + 0.45);
        assertThat(chart().get("behindTheLibrary")).isEmpty();
        assertThat(app.get("/api/crafts/OWN/routine").get("state").asString()).isEqualTo("NOT_DONE");
        app.ask("DELETE", "/api/parts-library/spotting-light", "");
        assertThat(chart().get("facts").toString())
                .as("off the shelf, still on the craft")
                .contains("spotting light");
        app.refused(404, "DELETE", "/api/parts-library/spotting-light", "");
    }

    @Test
    void whatShipsStaysAsItIsAndAnIdIsTakenOnce() {
        String lights = like("lights", "lights").toString();
        assertThat(app.refused(409, "POST", "/api/parts-library", lights)
                        .get("detail")
                        .asString())
                .contains("another ID");
        assertThat(app.refused(409, "PUT", "/api/parts-library/lights", lights)
                        .get("detail")
                        .asString())
                .contains("ships with");
        assertThat(app.refused(409, "DELETE", "/api/parts-library/lights", "")
                        .get("detail")
                        .asString())
                .contains("ships with");
        app.refused(422, "POST", "/api/parts-library/own", "{\"partTypes\": [" + lights + "]}");
        String own = like("lights", "own-one").toString();
        app.ask("POST", "/api/parts-library", own);
        app.refused(409, "POST", "/api/parts-library", own);
        assertThat(app.refused(
                                422,
                                "PUT",
                                "/api/parts-library/own-one",
                                like("lights", "own-two").toString())
                        .get("errors")
                        .get(0)
                        .get("where")
                        .asString())
                .isEqualTo("id");
    }

    @Test
    void ownSortsGoOutAndComeInAgainAndTwiceGivesNoDoubles(@TempDir Path other) {
        app.ask("POST", "/api/parts-library", like("lights", "own-one").toString());
        app.ask("POST", "/api/parts-library", like("camera", "own-two").toString());
        String out = app.get("/api/parts-library/own").toString();
        try (App second = App.on(other.resolve("other.db"))) {
            assertThat(second.ask("POST", "/api/parts-library/own", out).toString())
                    .isEqualTo("{\"added\":2,\"changed\":0,\"same\":0}");
            assertThat(second.ask("POST", "/api/parts-library/own", out).toString())
                    .isEqualTo("{\"added\":0,\"changed\":0,\"same\":2}");
            assertThat(second.get("/api/parts-library/own").toString()).isEqualTo(out);
        }
    }

    @Test
    void aSortThatCannotBeIsRefusedWithThePlaceAndNothingIsTakenIn() {
        ObjectNode good = like("lights", "own-one");
        ObjectNode bad = like("camera", "own-two");
        ((ObjectNode) bad.get("pads").get(0)).put("name", "plus pad");
        JsonNode refusal =
                app.refused(422, "POST", "/api/parts-library/own", "{\"partTypes\": [" + good + ", " + bad + "]}");
        assertThat(refusal.get("errors").get(0).get("where").asString()).isEqualTo("partTypes[1].pads[0].name");
        assertThat(app.get("/api/parts-library/own").get("partTypes")).isEmpty();
    }
}
