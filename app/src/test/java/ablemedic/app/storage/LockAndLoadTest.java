package ablemedic.app.storage;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

class LockAndLoadTest {
    @TempDir
    private static Path folder;

    private static Path file;
    private static App app;

    @BeforeAll
    static void start() {
        file = folder.resolve("load.db");
        app = App.on(file, "--spring.datasource.hikari.data-source-properties.busy_timeout=300");
    }

    @AfterAll
    static void stop() {
        app.close();
    }

    private static HttpResponse<String> enter(String craftId) {
        return app.send("POST", "/api/crafts", "{\"craftId\": \"" + craftId + "\", \"name\": \"\"}");
    }

    private static List<Integer> atOnce(int clients, Callable<HttpResponse<String>> asking)
            throws InterruptedException, ExecutionException {
        ExecutorService pool = Executors.newFixedThreadPool(clients);
        try {
            List<Future<HttpResponse<String>>> answers = new ArrayList<>();
            for (int i = 0; i < clients; i++) {
                answers.add(pool.submit(asking));
            }
            List<Integer> codes = new ArrayList<>();
            for (Future<HttpResponse<String>> answer : answers) {
                codes.add(answer.get().statusCode());
            }
            return codes;
        } finally {
            pool.shutdownNow();
        }
    }

    @Test
    void aWriteAgainstAnotherProgramsLockIsRefusedAndLeavesNothingBehindAndLaterOnesAreWholeAgain()
            throws SQLException {
        try (Connection other = DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = other.createStatement()) {
            statement.execute("BEGIN IMMEDIATE");
            for (int i = 0; i < 12; i++) {
                HttpResponse<String> refused = enter("LOCKED" + i);
                assertThat(refused.statusCode()).as(refused.body()).isEqualTo(503);
                assertThat(refused.body()).contains("locked by another program").contains("Nothing was written");
            }
            assertThat(app.send("GET", "/api/bench", "").statusCode())
                    .as("reading goes on")
                    .isEqualTo(200);
            statement.execute("ROLLBACK");
        }
        assertThat(app.get("/api/crafts").toString()).doesNotContain("LOCKED");
        for (int i = 0; i < 12; i++) {
            assertThat(enter("AFTER" + i).statusCode()).isEqualTo(201);
            assertThat(enter("AFTER" + i).statusCode()).as("a second time").isEqualTo(409);
            assertThat(app.get("/api/crafts/AFTER" + i + "/log"))
                    .as("with its line in the log")
                    .hasSize(1);
        }
    }

    @Test
    void oneOfManyPacksOfOneLabelIsEnteredAndTheOthersAreToldSo() throws InterruptedException, ExecutionException {
        List<Integer> codes = atOnce(
                12,
                () -> app.send("POST", "/api/batteries", """
        {"label": "SAME", "rule": "EARLY",
         "kind": {"cells": 4, "chemistry": "LIPO", "capacityMah": 1300, "cellMilliohms": 5}}""".replace(
                        "EARLY",
                        app.get("/api/landing-voltage-rules").get(0).get("id").asString())));
        assertThat(codes).containsOnlyOnce(201).filteredOn(c -> c != 201).containsOnly(409);
    }

    @Test
    void oneWorkUpIsOpenedOnACraftHoweverManyAskAtOnce() throws InterruptedException, ExecutionException {
        enter("BUSY");
        List<Integer> codes = atOnce(
                12,
                () -> app.send(
                        "POST",
                        "/api/work-ups",
                        "{\"craftId\": \"BUSY\", \"complaint\": \"flips\", \"occasion\": \"BUILD\", \"seen\": {}}"));
        assertThat(codes).containsOnlyOnce(201).filteredOn(c -> c != 201).containsOnly(409);
        assertThat(app.get("/api/crafts/BUSY").get("workUps")).hasSize(1);
    }

    @Test
    void ofManyFindingsOnOneVersionOfAWorkUpOneIsTaken() throws InterruptedException, ExecutionException {
        enter("BOTH");
        JsonNode view = app.ask(
                "POST",
                "/api/work-ups",
                "{\"craftId\": \"BOTH\", \"complaint\": \"flips\", \"occasion\": \"BUILD\", \"seen\": {}}");
        List<Integer> codes = atOnce(
                8,
                () -> app.send(
                        "POST",
                        "/api/work-ups/" + view.get("id") + "/findings",
                        "{\"version\": " + view.get("version")
                                + ", \"checkId\": \"arrow\", \"outcomes\": {\"seen\": \"forward\"}, \"sureness\": \"SURE\"}"));
        assertThat(codes).containsOnlyOnce(200).filteredOn(c -> c != 200).containsOnly(409);
        assertThat(app.get("/api/work-ups/" + view.get("id")).get("evidence"))
                .as("that the complaint is true, and one finding")
                .hasSize(2);
    }

    @Test
    void ofManyRevisionsOfOneSheetOneIsTakenAndTheOthersChangeNothing()
            throws InterruptedException, ExecutionException {
        enter("SHEET");
        JsonNode chart = app.get("/api/crafts/SHEET");
        List<Integer> codes = atOnce(
                8,
                () -> app.send(
                        "PUT",
                        "/api/crafts/SHEET/build-sheet",
                        "{\"version\": "
                                + chart.get("version") + ", \"reason\": \"weighed\", \"sheet\": "
                                + chart.get("sheet").toString().replaceFirst("\"massG\":[0-9.]+", "\"massG\":700")
                                + "}"));
        assertThat(codes).containsOnlyOnce(200).filteredOn(c -> c != 200).containsOnly(409);
        assertThat(app.get("/api/crafts/SHEET").get("revisions")).hasSize(2);
    }

    @Test
    void ofManyWritesOnOneVersionOneIsTakenAndNoOtherIsHalfWritten() throws InterruptedException, ExecutionException {
        app.enterWired("MANY", "STACK");
        JsonNode before = app.get("/api/crafts/MANY");
        List<Integer> codes = atOnce(
                10,
                () -> app.send(
                        "POST",
                        "/api/crafts/MANY/parts",
                        "{\"version\": " + before.get("version") + ", \"archetype\": \"beeper\"}"));
        assertThat(codes).containsOnlyOnce(200).filteredOn(c -> c != 200).containsOnly(409);
        JsonNode after = app.get("/api/crafts/MANY");
        assertThat(after.get("revisions").size() - before.get("revisions").size())
                .as("revisions")
                .isEqualTo(1);
        assertThat(after.get("log").size() - before.get("log").size())
                .as("lines of the log")
                .isEqualTo(1);
    }

    @Test
    void writersAndReadersOfAllViewsGetNoServerError() throws InterruptedException, ExecutionException {
        enter("SHARED");
        app.ask(
                "POST",
                "/api/work-ups",
                "{\"craftId\": \"SHARED\", \"complaint\": \"x\", \"occasion\": \"BUILD\", \"seen\": {}}");
        long id = app.get("/api/crafts/SHARED").get("workUps").get(0).get("id").asLong();
        List<Integer> codes = atOnce(24, () -> {
            HttpResponse<String> last = app.send("GET", "/api/bench", "");
            for (int i = 0; i < 4; i++) {
                last = app.send("POST", "/api/crafts/SHARED/log", "{\"kind\": \"NOTE\", \"text\": \"seen\"}");
                assertThat(last.statusCode()).as(last.body()).isEqualTo(200);
                assertThat(app.send("GET", "/api/work-ups/" + id, "").statusCode())
                        .isEqualTo(200);
                assertThat(app.send("GET", "/api/crafts/SHARED", "").statusCode())
                        .isEqualTo(200);
            }
            return last;
        });
        assertThat(codes).containsOnly(200);
        assertThat(app.get("/api/crafts/SHARED/log")).hasSize(2 + 24 * 4);
    }
}
