package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import java.nio.file.Path;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * A set-up over HTTP: begun, judged step by step, broken off at a step that is wrong, taken up after its work-up,
 * ended.
 */
@ExtendWith(RunningApp.class)
class SetUpRunTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static JsonNode begin(App app, String craftId, String occasion) {
        app.enterWired(craftId, "STACK");
        return app.ask("POST", "/api/crafts/" + craftId + "/set-up", "{\"occasion\":\"" + occasion + "\"}")
                .get("run");
    }

    private static JsonNode step(JsonNode run, String id) {
        for (JsonNode one : run.get("todo")) {
            if (one.get("id").asString().equals(id)) {
                return one;
            }
        }
        throw new AssertionError("no step " + id + " in " + run.get("todo").findValuesAsString("id"));
    }

    private static String given(JsonNode run, String step, String outcome) {
        return "{\"version\":" + run.get("version") + ",\"stepId\":\"" + step + "\",\"outcomes\":{\"seen\":\"" + outcome
                + "\"}}";
    }

    @Test
    void eachOccasionSaysHowManyStepsItMakesAndWhyItLeavesOthersOut(App app) {
        app.enterWired("SET1", "STACK");
        JsonNode view = app.get("/api/crafts/SET1/set-up");
        assertThat(view.get("occasions")).hasSize(9);
        assertThat(view.get("occasions").get(0).get("steps").asInt())
                .isGreaterThan(view.get("occasions").get(6).get("steps").asInt());
        JsonNode run = app.ask("POST", "/api/crafts/SET1/set-up", "{\"occasion\":\"REST\"}")
                .get("run");
        assertThat(run.get("leftOut").toString()).contains("nothing of it was touched");
        assertThat(run.get("todo").findValuesAsString("id")).doesNotContain("hover");
        assertThat(run.get("waiting").get(0).get("id").asString()).isEqualTo("hover");
        assertThat(run.get("waiting").get(0).get("why").asString()).contains("motors were not seen");
        app.refused(409, "POST", "/api/crafts/SET1/set-up", "{\"occasion\":\"BUILD\"}");
        app.refused(400, "POST", "/api/crafts/SET1/set-up", "{\"occasion\":\"MONDAY\"}");
    }

    @Test
    void aStepThatIsWrongOpensAWorkUpWithAllReadingsAndIsMadeAgain(App app) {
        JsonNode run = begin(app, "SET2", "RADIO");
        assertThat(step(run, "order").get("ready").asBoolean())
                .as("order waits for the bind")
                .isFalse();
        app.refused(409, "POST", "/api/crafts/SET2/set-up/steps", given(run, "arms", "arms"));
        run = app.ask("POST", "/api/crafts/SET2/set-up/steps", given(run, "bind", "still"))
                .get("run");
        assertThat(step(run, "bind").get("given").toString()).contains("Nothing moves");
        JsonNode reading = step(run, "bind").get("reading");
        JsonNode opened = app.ask("POST", "/api/work-ups", """
        {"craftId":"SET2","kind":"%s","complaint":"Set-up: bind","occasion":"%s","seen":{},"before":[{"checkId":"%s","outcomes":%s,"numbers":%s}]}""".formatted(
                        step(run, "bind").get("complaint").asString(),
                        run.get("happened").asString(),
                        reading.get("checkId").asString(),
                        reading.get("outcomes"),
                        reading.get("numbers")));
        assertThat(opened.get("evidence").toString()).contains("Nothing moves");
        run = app.ask("POST", "/api/crafts/SET2/set-up/steps", given(run, "bind", "moves"))
                .get("run");
        assertThat(run.get("passed").get(0).get("given").toString()).contains("follows the stick");
        assertThat(step(run, "order").get("ready").asBoolean()).isTrue();
        assertThat(app.get("/api/crafts/SET2/log").toString())
                .contains("Set-up begun")
                .contains("not as it should be");
    }

    @Test
    void whatWasPassedStaysPassedUntilTheCraftIsTouchedOrTheOccasionIsAnother(App app) {
        String path = "/api/crafts/SET6/set-up";
        JsonNode run = begin(app, "SET6", "RADIO");
        int all = run.get("todo").size();
        run = app.ask("POST", path + "/steps", given(run, "bind", "moves")).get("run");
        app.ask("POST", path + "/end", "{\"version\":" + run.get("version") + ",\"reason\":\"tea\"}");
        run = app.ask("POST", path, "{\"occasion\":\"RADIO\"}").get("run");
        assertThat(run.get("todo")).hasSize(all - 1);
        assertThat(run.get("passed").toString()).contains("follows the stick");
        app.ask("POST", path + "/end", "{\"version\":" + run.get("version") + ",\"reason\":\"again\"}");
        app.ask("POST", "/api/crafts/SET6/log", "{\"kind\":\"PART\",\"text\":\"another receiver\"}");
        run = app.ask("POST", path, "{\"occasion\":\"RADIO\"}").get("run");
        assertThat(run.get("todo")).as("touched since").hasSize(all);
        run = app.ask("POST", path + "/steps", given(run, "bind", "moves")).get("run");
        app.ask("POST", path + "/end", "{\"version\":" + run.get("version") + ",\"reason\":\"other\"}");
        run = app.ask("POST", path, "{\"occasion\":\"SEASON\"}").get("run");
        assertThat(run.get("passed")).as("another occasion").isEmpty();
    }

    @Test
    void noPackBeforeThePrePowerRoutineAndAStaleWriteIsRefused(App app) {
        JsonNode run = begin(app, "SET3", "CRASH");
        JsonNode powered = null;
        for (JsonNode one : run.get("todo")) {
            powered = one.get("id").asString().equals("motors") ? one : powered;
        }
        assertThat(powered).isNotNull();
        run = app.ask("POST", "/api/crafts/SET3/set-up/steps", all(run, "arrow"))
                .get("run");
        run = app.ask("POST", "/api/crafts/SET3/set-up/steps", all(run, "alignment"))
                .get("run");
        assertThat(app.refused(409, "POST", "/api/crafts/SET3/set-up/steps", all(run, "motors"))
                        .get("detail")
                        .asString())
                .contains("pre-power checks");
        app.runRoutine("SET3");
        String before = all(run, "motors");
        run = app.ask("POST", "/api/crafts/SET3/set-up/steps", before).get("run");
        app.refused(409, "POST", "/api/crafts/SET3/set-up/steps", before);
        app.ask("POST", "/api/crafts/SET3/set-up/end", "{\"version\":" + run.get("version") + ",\"reason\":\"rain\"}");
        assertThat(app.get("/api/crafts/SET3/log").get(0).get("text").asString())
                .contains("steps open: rain");
        assertThat(app.get("/api/crafts/SET3/set-up")
                        .get("ended")
                        .get(0)
                        .get("passed")
                        .asInt())
                .isEqualTo(3);
        app.refused(409, "POST", "/api/crafts/SET3/set-up/end", "{\"version\":1,\"reason\":\"\"}");
    }

    /** The answers that its step expects, found by what it says in words. */
    private static String all(JsonNode run, String id) {
        JsonNode step = step(run, id);
        ObjectNode outcomes = JSON.createObjectNode();
        for (JsonNode question : step.get("questions")) {
            for (JsonNode outcome : question.get("outcomes")) {
                String expected = step.get("expected").asString();
                String said = step.get("questions").size() == 1
                        ? outcome.get("label").asString()
                        : question.get("text").asString() + ": "
                                + outcome.get("label").asString();
                if (step.get("questions").size() == 1
                        ? expected.equals(said)
                        : expected.contains(said)
                                || expected.startsWith(outcome.get("label").asString())) {
                    outcomes.put(
                            question.get("id").asString(), outcome.get("id").asString());
                }
            }
        }
        return "{\"version\":" + run.get("version") + ",\"stepId\":\"" + id + "\",\"outcomes\":" + outcomes + "}";
    }

    @Test
    void whatIsNoAnswerIsRefusedAndChangesNothing(App app) {
        JsonNode run = begin(app, "SET4", "BUILD");
        String path = "/api/crafts/SET4/set-up/steps";
        app.refused(404, "POST", path, given(run, "dance", "x"));
        app.refused(422, "POST", path, given(run, "arrow", "sideways"));
        app.refused(422, "POST", path, "{\"version\":" + run.get("version") + ",\"stepId\":\"arrow\",\"outcomes\":{}}");
        assertThat(app.get("/api/crafts/SET4/set-up").get("run").get("version").asLong())
                .isEqualTo(run.get("version").asLong());
    }

    @Test
    void newControllersMakeTheStartOfTheMotorsDueUntilItWasSeen(App app) {
        app.enterWired("SET9", "SEPARATE");
        app.runRoutine("SET9");
        assertThat(due(app, "SET9")).doesNotContain("start of the motors");
        app.ask("POST", "/api/crafts/SET9/log", "{\"kind\":\"PART\",\"text\":\"renewed a lead at a controller\"}");
        assertThat(due(app, "SET9")).as("a lead is no controller").doesNotContain("start of the motors");
        app.ask("POST", "/api/crafts/SET9/log", "{\"kind\":\"PART\",\"text\":\"Four new ESCs fitted\"}");
        assertThat(due(app, "SET9")).contains("start of the motors");
        app.runRoutine("SET9");
        JsonNode run = app.ask("POST", "/api/crafts/SET9/set-up", "{\"occasion\":\"CONTROLLERS\"}")
                .get("run");
        while (run.get("todo")
                .valueStream()
                .anyMatch(one -> one.get("id").asString().startsWith("idle"))) {
            JsonNode ready = run.get("todo")
                    .valueStream()
                    .filter(one -> one.get("ready").asBoolean())
                    .findFirst()
                    .orElseThrow();
            int before = run.get("todo").size();
            run = app.ask("POST", "/api/crafts/SET9/set-up/steps", asItShould(run, ready))
                    .get("run");
            assertThat(run.get("todo").size())
                    .as(ready.get("title") + ": " + ready.get("expected"))
                    .isLessThan(before);
        }
        assertThat(due(app, "SET9")).doesNotContain("start of the motors");
    }

    @Test
    void theBenchStandsAsTheLastStepLeftItUntilALongBreak(@TempDir Path folder) {
        Path file = folder.resolve("sitting.db");
        try (App app = App.on(file)) {
            JsonNode run = begin(app, "SIT", "RADIO");
            assertThat(step(run, "bind").get("bench").toString()).contains("Switch the radio on");
            run = app.ask("POST", "/api/crafts/SIT/set-up/steps", given(run, "bind", "moves"))
                    .get("run");
            assertThat(run.get("todo").get(0).get("bench").toString())
                    .as("the radio is on by now")
                    .doesNotContain("Switch the radio on");
        }
        try (App app = App.on(file, "--medic.clock-ahead=PT1H")) {
            assertThat(app.get("/api/crafts/SIT/set-up")
                            .get("run")
                            .get("todo")
                            .findValues("bench")
                            .toString())
                    .doesNotContain("Switch the radio on");
        }
        try (App app = App.on(file, "--medic.clock-ahead=PT3H")) {
            assertThat(app.get("/api/crafts/SIT/set-up")
                            .get("run")
                            .get("todo")
                            .findValues("bench")
                            .toString())
                    .as("nobody knows any more")
                    .contains("Switch the radio on");
        }
    }

    @Test
    void whatWasPassedIsSaidInTheWordsOfTheFrame(App app) {
        JsonNode passed = app.get("/api/crafts/SHAG/set-up").get("run").get("passed");
        assertThat(passed).isNotEmpty();
        assertThat(passed.toString()).doesNotContain("@");
    }

    private static String due(App app, String craftId) {
        return app.get("/api/crafts/" + craftId).get("due").toString();
    }

    /** Several questions are each expected by name; what one begins with may be the whole of another. */
    private static boolean says(String expected, JsonNode question, String label) {
        return (expected + ";").contains(question.get("text").asString() + ": " + label + ";")
                || expected.equals(label);
    }

    /** The answers that a craft as it should be gives, as the step itself says what those are. */
    private static String asItShould(JsonNode run, JsonNode step) {
        String outcomes = step.get("questions")
                .valueStream()
                .filter(one -> !one.get("outcomes").isEmpty())
                .map(one -> "\"" + one.get("id").asString() + "\":\""
                        + one.get("outcomes")
                                .valueStream()
                                .filter(outcome -> says(
                                        step.get("expected").asString(),
                                        one,
                                        outcome.get("label").asString()))
                                .findFirst()
                                .orElse(one.get("outcomes").get(0))
                                .get("id")
                                .asString()
                        + "\"")
                .collect(Collectors.joining(","));
        String numbers = step.get("questions")
                .valueStream()
                .filter(one -> one.get("outcomes").isEmpty())
                .map(one -> "\"" + one.get("id").asString() + "\":\""
                        + App.asSomebodyReads(step.get("expected").asString()) + "\"")
                .collect(Collectors.joining(","));
        return "{\"version\":" + run.get("version") + ",\"stepId\":\""
                + step.get("id").asString() + "\",\"outcomes\":{" + outcomes + "},\"numbers\":{" + numbers + "}"
                + (step.path("told").isObject() ? ",\"told\":\"16.0\"" : "") + "}";
    }
}
