package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import java.nio.file.Path;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** A clock that was two days ahead and is put right. */
class ClockTest {
    @TempDir
    private Path folder;

    private static JsonNode open(App app, String craftId) {
        return app.ask(
                "POST",
                "/api/work-ups",
                "{\"craftId\": \"" + craftId
                        + "\", \"kind\": \"voltage\", \"complaint\": \"as told\", \"occasion\": \"LONG_REST\", \"seen\": {}}");
    }

    @Test
    void aCrashAfterTheClockWasPutRightMakesTheRoutineDueAndKeepsThePackOut() {
        Path file = folder.resolve("clock.db");
        long id;
        try (App ahead = App.on(file, "--medic.clock-ahead=PT48H")) {
            ahead.enterWired("AHEAD", "STACK");
            id = open(ahead, "AHEAD").get("id").asLong();
            ahead.runRoutine("AHEAD");
            assertThat(ahead.get("/api/crafts/AHEAD/routine").get("state").asString())
                    .isEqualTo("PASSED");
        }
        try (App right = App.on(file)) {
            assertThat(right.get("/api/crafts/AHEAD/routine").get("state").asString())
                    .isEqualTo("PASSED");
            right.ask("POST", "/api/crafts/AHEAD/log", "{\"kind\": \"CRASH\", \"text\": \"into the fence\"}");
            assertThat(right.get("/api/crafts/AHEAD/routine").get("state").asString())
                    .isEqualTo("NOT_DONE");
            assertThat(right.get("/api/crafts/AHEAD/routine").get("why").asString())
                    .isEqualTo("into the fence");
            assertThat(right.get("/api/crafts/AHEAD/log").get(0).get("text").asString())
                    .as("newest first")
                    .isEqualTo("into the fence");
            JsonNode view = right.get("/api/work-ups/" + id);
            assertThat(view.get("bench").get("shortTest").asString()).isEqualTo("NOT_DONE");
            assertThat(right.refused(409, "PUT", "/api/work-ups/" + id + "/bench-state", """
          {"version": %s, "state": {"propsOn": false, "batteryIn": true, "limiterIn": true, "usbIn": false, "antennaOn": true,
           "radioOn": false, "atField": false, "shortTest": "PASSED"}}""".formatted(
                                            view.get("version")))
                            .get("detail")
                            .asString())
                    .contains("due")
                    .contains("into the fence");
        }
    }

    @Test
    void minutesNeverComeOutNegative() {
        Path file = folder.resolve("minutes.db");
        long id;
        try (App ahead = App.on(file, "--medic.clock-ahead=PT48H")) {
            id = ahead.openWorkUp("AHEAD", "BUILD", "{\"manner\": \"flips\"}")
                    .get("id")
                    .asLong();
        }
        try (App right = App.on(file)) {
            JsonNode view = right.get("/api/work-ups/" + id);
            JsonNode closed = right.ask(
                    "POST",
                    "/api/work-ups/" + id + "/close",
                    "{\"version\": " + view.get("version") + ", \"end\": \"HANDED_OVER\", \"reason\": \"none\"}");
            assertThat(closed.get("minutes").asDouble()).isBetween(0.0, 1.0);
            JsonNode entry = right.get("/api/repair-log").get("entries").get(0);
            assertThat(entry.get("minutes").asDouble()).isBetween(0.0, 1.0);
            assertThat(Instant.parse(
                            right.get("/api/crafts/AHEAD/log").get(1).get("at").asString()))
                    .as("what was recorded ahead keeps its time")
                    .isAfter(Instant.now());
        }
    }

    @Test
    void aWorkUpIsToldOfACrashThatWasNotedWhileThePackWasIn() {
        try (App app = App.on(folder.resolve("crash.db"))) {
            app.enterWired("HOT", "STACK");
            long id = open(app, "HOT").get("id").asLong();
            app.runRoutine("HOT");
            JsonNode view = app.get("/api/work-ups/" + id);
            JsonNode powered =
                    app.ask("PUT", "/api/work-ups/" + id + "/bench-state", """
          {"version": %s, "state": {"propsOn": false, "batteryIn": true, "limiterIn": true, "usbIn": false, "antennaOn": true,
           "radioOn": false, "atField": false, "shortTest": "PASSED"}}""".formatted(view.get("version")));
            assertThat(powered.get("bench").get("batteryIn").asBoolean()).isTrue();
            app.ask("POST", "/api/crafts/HOT/log", "{\"kind\": \"CRASH\", \"text\": \"fell off the bench\"}");
            JsonNode bench = app.get("/api/work-ups/" + id).get("bench");
            assertThat(bench.get("shortTest").asString()).isEqualTo("NOT_DONE");
            assertThat(bench.get("batteryIn").asBoolean())
                    .as("the pack comes out")
                    .isFalse();
        }
    }

    @Test
    void rewiringMakesTheRoutineDueAndARenamedCraftDoesNot() {
        try (App app = App.on(folder.resolve("wire.db"))) {
            app.enterWired("WIRE", "STACK");
            app.runRoutine("WIRE");
            app.ask(
                    "PATCH",
                    "/api/crafts/WIRE",
                    "{\"version\": 1, \"name\": \"other\", \"state\": \"FIT\", \"reason\": \"\"}");
            assertThat(app.get("/api/crafts/WIRE/routine").get("state").asString())
                    .isEqualTo("PASSED");
            app.ask("PUT", "/api/crafts/WIRE/layout", """
          {"version": 2, "layout": "SEPARATE", "parts": ["receiver"],
           "battery": {"cells": 4, "chemistry": "LIPO", "capacityMah": 1500, "cellMilliohms": 4}}""");
            assertThat(app.get("/api/crafts/WIRE/routine").get("state").asString())
                    .isEqualTo("NOT_DONE");
            app.runRoutine("WIRE");
            JsonNode chart = app.get("/api/crafts/WIRE");
            var sheet = (tools.jackson.databind.node.ObjectNode) chart.get("sheet");
            ((tools.jackson.databind.node.ObjectNode) sheet.get("configuration")).put("gain", "1.1");
            app.ask(
                    "PUT",
                    "/api/crafts/WIRE/build-sheet",
                    "{\"version\": 3, \"reason\": \"gain\", \"sheet\": " + sheet + "}");
            assertThat(app.get("/api/crafts/WIRE/routine").get("state").asString())
                    .as("a setting alone")
                    .isEqualTo("PASSED");
            ((tools.jackson.databind.node.ArrayNode) sheet.get("electrics").get("wires")).remove(0);
            app.ask(
                    "PUT",
                    "/api/crafts/WIRE/build-sheet",
                    "{\"version\": 4, \"reason\": \"lead\", \"sheet\": " + sheet + "}");
            assertThat(app.get("/api/crafts/WIRE/routine").get("state").asString())
                    .isEqualTo("NOT_DONE");
        }
    }
}
