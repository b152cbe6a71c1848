package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A chart that leaves one workshop, comes into another, and comes back. */
@ExtendWith(RunningApp.class)
class BundleTest {
    @TempDir
    Path folder;

    private static ObjectNode bundle(App app, String craftId) {
        return (ObjectNode) app.get("/api/crafts/" + craftId + "/bundle");
    }

    private static JsonNode take(App app, JsonNode bundle) {
        var response = app.sendAs(
                "POST", "/api/bundles", bundle.toString().getBytes(StandardCharsets.UTF_8), "application/octet-stream");
        assertThat(response.statusCode()).as(response.body()).isEqualTo(200);
        return app.json.readTree(response.body());
    }

    private static String refused(App app, int status, JsonNode bundle) {
        var response = app.sendAs(
                "POST", "/api/bundles", bundle.toString().getBytes(StandardCharsets.UTF_8), "application/octet-stream");
        assertThat(response.statusCode()).as(response.body()).isEqualTo(status);
        return response.body();
    }

    /** What of a chart means something elsewhere too: without numbers that a database gives. */
    private static String meaning(App app, String craftId) {
        ObjectNode chart = (ObjectNode) app.get("/api/crafts/" + craftId);
        chart.remove("version");
        ArrayNode log = (ArrayNode) chart.get("log");
        log.forEach(line -> ((ObjectNode) line).remove(List.of("id", "workUpId")));
        for (int i = log.size() - 1; i >= 0; i--) {
            if (log.get(i).get("kind").asString().equals("bundle")) {
                log.remove(i);
            }
        }
        StringBuilder all = new StringBuilder();
        for (JsonNode workUp : chart.get("workUps")) {
            ObjectNode view =
                    (ObjectNode) app.get("/api/work-ups/" + workUp.get("id").asLong());
            all.append(view.get("evidence").toString().replaceAll("\"(number|id)\":\\d+", ""))
                    .append(rounded(view.get("suspects")))
                    .append(view.get("stage"))
                    .append(view.get("ended"))
                    .append('\n');
            ((ObjectNode) workUp).remove("id");
        }
        return chart.toString().replaceAll("work-up \\d+: ", "work-up: ") + "\n" + all;
    }

    private static String rounded(JsonNode suspects) {
        List<String> all = new ArrayList<>();
        suspects.forEach(one -> all.add(
                one.get("title").asString() + " " + Math.round(one.get("belief").asDouble() * 1000)));
        return all.toString();
    }

    @Test
    void aChartMeansTheSameInAnotherWorkshopAndTheSameTwiceGivesNoDoubles(App app) {
        try (App other = App.empty(folder)) {
            for (String craftId : List.of("GANNET", "WHIMBREL", "EIDER", "DUNLIN", "LAPWING")) {
                ObjectNode bundle = bundle(app, craftId);
                JsonNode taken = take(other, bundle).get("taken").get(0);
                assertThat(taken.get("news").asBoolean()).isTrue();
                assertThat(meaning(other, craftId)).as(craftId).isEqualTo(meaning(app, craftId));
                assertThat(take(other, bundle).get("taken").get(0).get("added").asInt())
                        .as(craftId + " twice")
                        .isZero();
                assertThat(meaning(other, craftId)).as(craftId + " twice").isEqualTo(meaning(app, craftId));
                ObjectNode again = bundle(other, craftId);
                for (String part :
                        List.of("sheets", "workUps", "routines", "setUps", "snapshots", "batteries", "families")) {
                    assertThat(again.get(part)).as(craftId + " " + part).isEqualTo(bundle.get(part));
                }
            }
            assertThat(other.get("/api/repair-log").get("all").asInt()).isPositive();
        }
    }

    @Test
    void twoWorkshopsPassACraftOnAndBack(App app) {
        try (App there = App.on(folder.resolve("there.db"));
                App here = App.on(folder.resolve("here.db"))) {
            take(here, bundle(app, "DOTTEREL"));
            take(there, bundle(here, "DOTTEREL"));
            long workUp = there.get("/api/crafts/DOTTEREL")
                    .get("workUps")
                    .get(0)
                    .get("id")
                    .asLong();
            JsonNode view = there.get("/api/work-ups/" + workUp);
            there.ask(
                    "POST",
                    "/api/work-ups/" + workUp + "/findings",
                    "{\"version\":" + view.get("version")
                            + ",\"checkId\":\"radio-model-setting\",\"outcomes\":{\"seen\":\"this\"},\"numbers\":{},\"sureness\":\"SURE\"}");
            ObjectNode back = bundle(there, "DOTTEREL");
            assertThat(take(here, back).get("taken").get(0).get("added").asInt())
                    .isPositive();
            assertThat(meaning(here, "DOTTEREL")).isEqualTo(meaning(there, "DOTTEREL"));
            assertThat(take(here, back).get("taken").get(0).get("added").asInt())
                    .isZero();
            assertThat(take(there, bundle(here, "DOTTEREL"))
                            .get("taken")
                            .get(0)
                            .get("added")
                            .asInt())
                    .as("the line of taking it in")
                    .isEqualTo(1);
        }
    }

    @Test
    void aChartOfTheFormBeforeIsTakenInWithoutWhatItDoesNotTell(App app) {
        ObjectNode bundle = bundle(app, "EIDER");
        assertThat(bundle.get("craft").get("builder").asString()).isEqualTo("the loft");
        bundle.put("form", 1);
        ((ObjectNode) bundle.get("craft")).remove("builder");
        bundle.get("workUps").forEach(one -> one.get("repairLog").forEach(end -> {
            ((ObjectNode) end).remove("parts");
            List.of("causes", "fixes", "changes", "proof").forEach(list -> join(end, list, "; "));
            join(end, "kinds", " ");
        }));
        JsonNode then = app.get("/api/repair-log?craft=EIDER").get("entries");
        bundle.get("files").forEach(one -> ((ObjectNode) one).remove("line"));
        bundle.get("workUps").forEach(one -> rename(one, "repairLog", "ledger"));
        bundle.get("batteries").forEach(one -> rename(one, "battery", "pack"));
        rename(bundle, "batteries", "packs");
        rename(bundle.get("craft"), "craftId", "mark");
        try (App other = App.empty(folder)) {
            assertThat(take(other, bundle).get("taken").get(0).get("news").asBoolean())
                    .isTrue();
            assertThat(other.get("/api/crafts/EIDER").get("builder").asString()).isEmpty();
            assertThat(other.get("/api/repair-log/trends").get("parts")).isEmpty();
            JsonNode now = other.get("/api/repair-log").get("entries");
            assertThat(now).hasSameSizeAs(then);
            for (int i = 0; i < now.size(); i++) {
                assertThat(now.get(i).get("causes")).isEqualTo(then.get(i).get("causes"));
                assertThat(now.get(i).get("kinds")).isEqualTo(then.get(i).get("kinds"));
            }
            bundle.put("form", 900);
            assertThat(refused(other, 422, bundle)).contains("newer version");
        }
    }

    /** A list as it was written before form 6. */
    private static void join(JsonNode record, String list, String between) {
        ((ObjectNode) record)
                .put(
                        list,
                        record.get(list).values().stream()
                                .map(JsonNode::asString)
                                .collect(Collectors.joining(between)));
    }

    private static void rename(JsonNode record, String now, String then) {
        ((ObjectNode) record).set(then, ((ObjectNode) record).remove(now));
    }

    @Test
    void whereBothWentOnNothingIsTakenIn(App app) {
        try (App one = App.on(folder.resolve("one.db"));
                App other = App.on(folder.resolve("other.db"))) {
            ObjectNode bundle = bundle(app, "DOTTEREL");
            take(one, bundle);
            take(other, bundle);
            find(one, "this");
            find(other, "other");
            String before = meaning(one, "DOTTEREL");
            assertThat(refused(one, 409, bundle(other, "DOTTEREL")))
                    .contains("workUps[0].events")
                    .contains("went on differently");
            assertThat(meaning(one, "DOTTEREL")).isEqualTo(before);
            one.ask(
                    "POST",
                    "/api/crafts",
                    "{\"craftId\":\"TERN\",\"name\":\"\",\"craftClass\":\"INCH_5\",\"spins\":\"INWARD\",\"numbering\":\"REAR_RIGHT_FIRST\",\"mode\":\"LEVEL\"}");
            assertThat(refused(one, 409, bundle(app, "TERN"))).contains("There is another craft");
        }
    }

    private static void find(App app, String model) {
        long workUp =
                app.get("/api/crafts/DOTTEREL").get("workUps").get(0).get("id").asLong();
        app.ask(
                "POST",
                "/api/work-ups/" + workUp + "/findings",
                "{\"version\":" + app.get("/api/work-ups/" + workUp).get("version")
                        + ",\"checkId\":\"radio-model-setting\",\"outcomes\":{\"seen\":\"" + model
                        + "\"},\"numbers\":{},\"sureness\":\"SURE\"}");
    }

    @Test
    @OutsideCheck(kind = Kind.REFERENCE_LIBRARY, source = "networknt JSON Schema validator, draft 2020-12")
    void everyChartOfTheDemoBenchKeepsToThePublishedSchemaAndAWrongOneDoesNot(App app) throws IOException {
        Schema schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("../docs/chart-bundle.schema.json")), InputFormat.JSON);
        for (JsonNode craft : app.get("/api/crafts")) {
            assertThat(schema.validate(
                            bundle(app, craft.get("craftId").asString()).toString(), InputFormat.JSON))
                    .as(craft.get("craftId").asString())
                    .isEmpty();
        }
        ZippedCharts.of(app.bytes("/api/bundles")).files().forEach((name, file) -> {
            if (name.endsWith("/chart.json")) {
                assertThat(schema.validate(new String(file, StandardCharsets.UTF_8), InputFormat.JSON))
                        .as(name)
                        .isEmpty();
            }
        });
        ObjectNode wrong = bundle(app, "EIDER");
        wrong.remove("batteries");
        ((ObjectNode) wrong.get("craft")).put("state", "FLYING");
        assertThat(schema.validate(wrong.toString(), InputFormat.JSON)).hasSize(2);
    }

    @Test
    void wholeBenchGoesAsAZipOfChartsAndComesInAgain(App app) throws IOException {
        byte[] zip = app.bytes("/api/bundles");
        List<String> names = ZippedCharts.of(zip).names();
        assertThat(names)
                .hasSizeGreaterThan(app.get("/api/crafts").size())
                .anyMatch(name -> name.endsWith(" SHAG/chart.json"));
        assertThat(names.get(names.size() - 1)).isEqualTo("manifest.json");
        try (App other = App.empty(folder)) {
            JsonNode arrived = app.json.readTree(other.sendAs("POST", "/api/bundles", zip, "application/octet-stream")
                    .body());
            assertThat(arrived.get("refused")).isEmpty();
            assertThat(arrived.get("taken")).hasSameSizeAs(app.get("/api/crafts"));
            assertThat(other.get("/api/bench").get("unreadable")).isEmpty();
        }
        try (App other = App.on(folder.resolve("cut.db"))) {
            for (int cut : new int[] {3, 40, zip.length / 2, zip.length - 30}) {
                assertThat(other.sendAs("POST", "/api/bundles", Arrays.copyOf(zip, cut), "application/octet-stream")
                                .statusCode())
                        .as("cut at " + cut)
                        .isEqualTo(422);
            }
            assertThat(other.get("/api/crafts")).isEmpty();
        }
    }

    @Test
    void whatIsNoChartIsRefusedWithThePlaceAndChangesNothing(App app) throws IOException {
        try (App other = App.empty(folder)) {
            ObjectNode sound = bundle(app, "EIDER");
            assertThat(refused(other, 422, sound.deepCopy().put("form", 900))).contains("newer version");
            assertThat(refused(other, 422, sound.deepCopy().put("format", "other")))
                    .contains("format");
            assertThat(refused(other, 422, sound.deepCopy().put("more", 1))).contains("more");
            assertThat(refused(other, 422, sound.deepCopy().without("craft"))).contains("craft");
            ObjectNode state = sound.deepCopy();
            ((ObjectNode) state.get("craft")).put("state", "FLYING");
            assertThat(refused(other, 422, state)).contains("craft.state");
            ObjectNode sheet = sound.deepCopy();
            ((ObjectNode) sheet.get("sheets").get(0)).putObject("sheet").put("form", 2);
            assertThat(refused(other, 422, sheet)).contains("sheets[0].sheet");
            ObjectNode newer = sound.deepCopy();
            ((ObjectNode) newer.get("sheets").get(0).get("sheet")).put("form", 900);
            assertThat(refused(other, 422, newer)).contains("newer version");
            ObjectNode event = sound.deepCopy();
            ((ObjectNode) event.get("workUps").get(0).get("events").get(0))
                    .putObject("event")
                    .put("kind", "danced");
            assertThat(refused(other, 422, event)).contains("workUps[0].events[0].event");
            ObjectNode line = sound.deepCopy();
            ((ObjectNode) line.get("log").get(0)).put("workUp", 77);
            assertThat(refused(other, 422, line)).contains("log[0].workUp");
            for (byte[] none : List.of(
                    gzip("good morning".getBytes(StandardCharsets.UTF_8)),
                    gzip(new byte[64 * 1024 * 1024]),
                    new byte[] {1, 2, 3})) {
                ObjectNode export = bundle(app, "REDSHANK");
                ((ObjectNode) export.get("snapshots").get(0))
                        .put("packed", Base64.getEncoder().encodeToString(none));
                assertThat(refused(other, 422, export))
                        .contains("snapshots[0].packed")
                        .contains("no settings export");
            }
            ObjectNode late = sound.deepCopy();
            ((ObjectNode) late.get("log").get(0)).put("at", "+999999999-01-01T00:00:00Z");
            assertThat(refused(other, 422, late)).contains("log[0].at").contains("2000 to 2199");
            assertThat(other.get("/api/crafts")).isEmpty();
            assertThat(other.sendAs("POST", "/api/bundles", new byte[0], "application/octet-stream")
                            .statusCode())
                    .isEqualTo(422);
        }
    }

    @Test
    void noBytesAtAllMakeAServerError(App app) {
        byte[] sound = bundle(app, "LAPWING").toString().getBytes(StandardCharsets.UTF_8);
        Random random = new Random(11);
        try (App other = App.empty(folder)) {
            for (int i = 0; i < 60; i++) {
                byte[] bytes = i % 3 == 0 ? new byte[random.nextInt(600)] : sound.clone();
                if (i % 3 == 0) {
                    random.nextBytes(bytes);
                }
                for (int k = 0; i % 3 == 1 && k < 4; k++) {
                    bytes[random.nextInt(bytes.length)] = (byte) random.nextInt(128);
                }
                byte[] sent = i % 3 == 2 ? Arrays.copyOf(bytes, random.nextInt(bytes.length)) : bytes;
                assertThat(other.sendAs("POST", "/api/bundles", sent, "application/octet-stream")
                                .statusCode())
                        .as("round " + i)
                        .isBetween(200, 499);
            }
            assertThat(other.get("/api/bench").get("unreadable")).isEmpty();
        }
    }

    private static byte[] gzip(byte[] file) throws IOException {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (OutputStream into = new GZIPOutputStream(packed)) {
            into.write(file);
        }
        return packed.toByteArray();
    }
}
