package ablemedic.app.storage;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** The small forms of what ./medic torture does for longer. */
class PowerCutTest {
    @TempDir
    private Path folder;

    @Test
    void whatWasAcknowledgedIsThereAfterTheProcessWasKilled() throws IOException, InterruptedException {
        Path file = folder.resolve("kill.db");
        Set<String> acknowledged = ConcurrentHashMap.newKeySet();
        try (Program program = Program.on(file)) {
            assertThat(program.post("/api/crafts", "{\"craftId\": \"K\", \"name\": \"\"}")
                            .statusCode())
                    .isEqualTo(201);
            Thread[] writers = new Thread[4];
            for (int w = 0; w < writers.length; w++) {
                int writer = w;
                writers[w] = new Thread(() -> {
                    for (int i = 0; ; i++) {
                        String text = "note-" + writer + "-" + i + ".";
                        try {
                            HttpResponse<String> answer = program.post(
                                    "/api/crafts/K/log", "{\"kind\": \"NOTE\", \"text\": \"" + text + "\"}");
                            if (answer.statusCode() == 200) {
                                acknowledged.add(text);
                            }
                        } catch (IOException e) {
                            return;
                        }
                    }
                });
                writers[w].start();
            }
            while (acknowledged.size() < 60) {
                Thread.sleep(10);
            }
            program.kill();
            for (Thread writer : writers) {
                writer.join();
            }
        }
        try (App app = App.on(file)) {
            assertThat(app.get("/api/crafts/K/log").toString()).contains(acknowledged);
        }
    }

    @Test
    void aFullDiskIsSaidAndLeavesNothingHalfWritten() {
        try (App app = App.on(
                folder.resolve("full.db"), "--spring.datasource.hikari.data-source-properties.max_page_count=110")) {
            app.enterWired("FULL", "STACK");
            HttpResponse<String> answer;
            int noted = 0;
            do {
                answer = app.send(
                        "POST", "/api/crafts/FULL/log", "{\"kind\": \"NOTE\", \"text\": \"" + "x".repeat(390) + "\"}");
                noted += answer.statusCode() == 200 ? 1 : 0;
            } while (answer.statusCode() == 200 && noted < 2000);
            assertThat(answer.statusCode()).as(answer.body()).isEqualTo(507);
            assertThat(answer.body()).contains("disk is full").contains("Nothing was written");
            JsonNode before = app.get("/api/crafts/FULL");
            assertThat(before.get("log")).hasSize(1 + noted);
            assertThat(app.send(
                                    "POST",
                                    "/api/crafts/FULL/parts",
                                    "{\"version\": " + before.get("version") + ", \"archetype\": \"beeper\"}")
                            .statusCode())
                    .isEqualTo(507);
            assertThat(app.get("/api/crafts/FULL"))
                    .as("neither sheet nor line of the log")
                    .isEqualTo(before);
        }
    }
}
