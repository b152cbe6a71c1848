package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ablemedic.app.RunningApp.App;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What keeps power and props away from a craft that is not ready for them. */
@ExtendWith(RunningApp.class)
class SafetyTest {
    private final App app;

    SafetyTest(App app) {
        this.app = app;
    }

    private String listed(String list) {
        return app.get("/api/bench").get(list).toString();
    }

    private String fitness(String craftId) {
        return app.get("/api/crafts/" + craftId).get("fitness").asString();
    }

    @Test
    void aCraftIsFitToFlyOnlyWithItsRoutinePassedAndNoWorkUpOpen() {
        app.enterWired("FIT", "STACK");
        assertThat(fitness("FIT")).isEqualTo("DUE");
        assertThat(listed("due")).contains("\"FIT\"");
        assertThat(listed("fit")).doesNotContain("\"FIT\"");
        app.runRoutine("FIT");
        assertThat(fitness("FIT")).as("its radio-off test was never made").isEqualTo("DUE");
        app.radioOff("FIT", "{\"outcomes\": {\"does\": \"stop\"}, \"after\": \"1.7\"}");
        assertThat(fitness("FIT")).as("its motors were never seen").isEqualTo("DUE");
        motorsSeen("FIT");
        assertThat(fitness("FIT")).isEqualTo("FIT");
        assertThat(listed("fit")).contains("\"FIT\"");
        JsonNode view = app.openPower("FIT", "voltage", "low");
        assertThat(fitness("FIT")).isEqualTo("AT_WORK");
        assertThat(listed("fit")).doesNotContain("\"FIT\"");
        app.ask("POST", "/api/work-ups/" + view.get("id").asLong() + "/close", """
        {"version": %d, "end": "HANDED_OVER", "reason": "the owner took it home"}""".formatted(
                        view.get("version").asLong()));
        assertThat(fitness("FIT")).as("handed over without a cause").isEqualTo("GROUNDED");
        assertThat(app.refused(422, "POST", "/api/crafts/FIT/sign-off", signingOff("fine"))
                        .get("detail")
                        .asString())
                .contains("few words");
        app.ask("POST", "/api/crafts/FIT/sign-off", signingOff("a cell of the battery was empty"));
        assertThat(fitness("FIT")).as("a crash was told at intake").isEqualTo("DUE");
        app.runRoutine("FIT");
        app.ask("PATCH", "/api/crafts/FIT", """
        {"version": %d, "name": "", "state": "GROUNDED", "reason": "arm cracked"}""".formatted(
                        app.get("/api/crafts/FIT").get("version").asLong()));
        assertThat(fitness("FIT")).isEqualTo("GROUNDED");
    }

    /** The set-up of motors and props alone, all as it should be. */
    private void motorsSeen(String craftId) {
        String at = "/api/crafts/" + craftId + "/set-up";
        JsonNode run = app.ask("POST", at, "{\"occasion\": \"MOTORS\"}").get("run");
        while (!run.get("todo").isEmpty()) {
            JsonNode step = run.get("todo").get(0);
            String outcomes = step.get("checkId").asString().equals("motors")
                    ? "{\"spin-1\": \"rear-right-cw\", \"spin-2\": \"front-right-ccw\", \"spin-3\": \"rear-left-ccw\", \"spin-4\": \"front-left-cw\"}"
                    : "{\"prop-front-right\": \"ccw\", \"prop-rear-right\": \"cw\", \"prop-rear-left\": \"ccw\", \"prop-front-left\": \"cw\"}";
            run = app.ask(
                            "POST",
                            at + "/steps",
                            "{\"version\": %d, \"stepId\": \"%s\", \"outcomes\": %s}"
                                    .formatted(
                                            run.get("version").asLong(),
                                            step.get("id").asString(),
                                            outcomes))
                    .get("run");
            assertThat(run.get("todo").findValuesAsString("given")).isEmpty();
        }
        app.ask("POST", at + "/end", "{\"version\": " + run.get("version") + ", \"reason\": \"\"}");
    }

    private String signingOff(String reason) {
        return "{\"version\": " + app.get("/api/crafts/FIT").get("version") + ", \"reason\": \"" + reason + "\"}";
    }

    @Test
    void theOccasionAsksForOneOfTwoSchoolsOfTheRoutineAndEitherUnlocks() {
        app.enterWired("TWO", "STACK");
        assertThat(app.get("/api/crafts/TWO/routine").get("convention").asString())
                .as("never done")
                .isEqualTo("FULL");
        int full = app.get("/api/crafts/TWO/routine").get("steps").size();
        app.runRoutine("TWO");
        app.ask("POST", "/api/crafts/TWO/log", "{\"kind\": \"PART\", \"text\": \"new camera\"}");
        JsonNode due = app.get("/api/crafts/TWO/routine");
        assertThat(due.get("state").asString()).isEqualTo("NOT_DONE");
        assertThat(due.get("convention").asString()).as("opened at one place").isEqualTo("QUICK");
        app.ask("PUT", "/api/pre-power-convention", "{\"convention\": \"FULL\"}");
        assertThat(app.get("/api/crafts/TWO/routine").get("convention").asString())
                .as("the owner holds to the full one")
                .isEqualTo("FULL");
        app.ask("PUT", "/api/pre-power-convention", "{\"convention\": \"QUICK\"}");
        assertThat(due.get("steps").size()).isLessThan(full);
        assertThat(app.get("/api/crafts/TWO/routine?convention=FULL")
                        .get("steps")
                        .size())
                .isEqualTo(full);
        assertThat(app.runRoutine("TWO").get("state").asString()).isEqualTo("PASSED");
        app.ask("POST", "/api/crafts/TWO/log", "{\"kind\": \"CRASH\", \"text\": \"into the burn\"}");
        assertThat(app.get("/api/crafts/TWO/routine").get("convention").asString())
                .as("after a crash")
                .isEqualTo("FULL");
    }

    /** A long rest asks for no routine, and the part that was changed before it for the quick one. */
    @Test
    void aPlanCountsForTheRoutineWhatItsPageCounts() {
        app.enterWired("COUNT", "STACK");
        app.runRoutine("COUNT");
        app.ask("POST", "/api/crafts/COUNT/log", "{\"kind\": \"PART\", \"text\": \"new camera\"}");
        long id = app.ask("POST", "/api/work-ups", """
        {"craftId": "COUNT", "kind": "voltage", "complaint": "reads low", "occasion": "LONG_REST", "seen": {"seen": "low"}}""").get("id").asLong();
        double quick = routineMinutesOfThePlan(id);
        assertThat(quick)
                .isEqualTo(app.get("/api/crafts/COUNT/routine").get("minutes").asDouble())
                .isBetween(2.0, 5.0);
        app.ask("PUT", "/api/pre-power-convention", "{\"convention\": \"FULL\"}");
        assertThat(routineMinutesOfThePlan(id))
                .isEqualTo(app.get("/api/crafts/COUNT/routine").get("minutes").asDouble())
                .isGreaterThan(quick + 3);
        app.ask("PUT", "/api/pre-power-convention", "{\"convention\": \"QUICK\"}");
        assertThat(routineMinutesOfThePlan(id)).isEqualTo(quick);
    }

    private double routineMinutesOfThePlan(long id) {
        JsonNode card = app.get("/api/work-ups/" + id + "/checks/shown-full");
        double steps = card.get("steps")
                .valueStream()
                .mapToDouble(step -> step.get("minutes").asDouble())
                .sum();
        assertThat(card.get("minutes").asDouble())
                .isCloseTo(card.get("ownMinutes").asDouble() + steps, within(1e-9));
        JsonNode line = app.get("/api/work-ups/" + id)
                .get("checks")
                .valueStream()
                .filter(one -> one.get("checkId").asString().equals("shown-full"))
                .findFirst()
                .orElseThrow();
        assertThat(line.get("minutes").asDouble())
                .as("in the list of checks")
                .isCloseTo(card.get("minutes").asDouble(), within(1e-9));
        return card.get("steps")
                .valueStream()
                .filter(step -> step.get("step").asString().equals("SHORT_TEST"))
                .findFirst()
                .orElseThrow()
                .get("minutes")
                .asDouble();
    }

    @Test
    void aRoutineThatFailedLeavesNoCraftFit() {
        app.enterWired("SHORT", "STACK");
        app.ask("POST", "/api/crafts/SHORT/routine", """
        {"minutes": 2, "readings": {"routine-look": {"outcomes": {"seen": "sound"}},
          "ohms~PLUG.+~PLUG.-": {"written": "0.4"}}}""");
        assertThat(fitness("SHORT")).isEqualTo("DUE");
        assertThat(listed("fit")).doesNotContain("\"SHORT\"");
    }

    /** A work-up in which nothing speaks against a flight but what a test adds. */
    private JsonNode readyToHover(String craftId) {
        JsonNode view = app.openWorkUp(craftId, "NOTHING_KNOWN", "{\"manner\": \"flies\"}");
        return app.propsAndTilts(app.motorsTurn(app.record(view, "finger", "none")));
    }

    @Test
    void aFlipInTheHoverIsACrash() {
        JsonNode view = app.benchFor(readyToHover("FLIP"), "hover");
        view = app.ask("POST", "/api/work-ups/" + view.get("id").asLong() + "/findings", """
        {"version": %d, "checkId": "hover", "outcomes": {"seen": "slides"}, "sureness": "SURE", "override": "its owner had flown it"}""".formatted(
                        view.get("version").asLong()));
        assertThat(view.get("bench").get("shortTest").asString())
                .as("it came down on its feet")
                .isEqualTo("PASSED");
        view = app.ask("POST", "/api/work-ups/" + view.get("id").asLong() + "/findings", """
        {"version": %d, "checkId": "hover", "outcomes": {"seen": "flips"}, "sureness": "SURE", "override": "tried once more here"}""".formatted(
                        view.get("version").asLong()));
        assertThat(view.get("bench").get("shortTest").asString()).isEqualTo("NOT_DONE");
        assertThat(app.get("/api/crafts/FLIP/routine").get("state").asString()).isEqualTo("NOT_DONE");
        assertThat(app.get("/api/crafts/FLIP/log").get(0).get("kind").asString())
                .isEqualTo("crash");
    }

    @Test
    void aFlipThatIsToldAtIntakeIsACrashToo() {
        app.ask("POST", "/api/crafts", """
        {"craftId": "TOLD", "name": "", "craftClass": "INCH_5", "mode": "RATE"}""");
        app.runRoutine("TOLD");
        JsonNode view = app.ask("POST", "/api/work-ups", """
        {"craftId": "TOLD", "complaint": "goes over", "occasion": "FLASH", "seen": {"manner": "flips"}}""");
        assertThat(view.get("bench").get("shortTest").asString()).isEqualTo("NOT_DONE");
        assertThat(app.get("/api/crafts/TOLD/log").get(0).get("kind").asString())
                .isEqualTo("crash");
    }

    private String refusedHover(JsonNode view) {
        return app.refused(409, "POST", "/api/work-ups/" + view.get("id").asLong() + "/findings", """
        {"version": %d, "checkId": "hover", "outcomes": {"seen": "flies"}, "sureness": "SURE"}""".formatted(
                                view.get("version").asLong()))
                .get("detail")
                .asString();
    }

    @Test
    void aHoverComesAfterEveryMotorWasSeenToTurnSinceTheLastRepair() {
        JsonNode view = app.openWorkUp(
                "ARM", "CRASH", "{\"manner\": \"flips\", \"edge\": \"front-right\", \"repeat\": \"same\"}");
        assertThat(refusedHover(view)).contains("Spin each motor alone");
        view = app.record(view, "start", "dead-front-right");
        view = app.recordAll(view, "motors", "{\"spin-2\": \"none\"}");
        view = app.fix(view, "motor-dead-front-right", "replace");
        JsonNode proof = view.get("proof");
        assertThat(proof.get("tests").toString()).contains("motors").contains("hover");
        assertThat(proof.get("next").get("checkId").asString()).isNotEqualTo("hover");
        assertThat(refusedHover(view)).contains("Spin each motor alone");
        view = app.record(view, "start", "together");
        view = app.recordAll(view, "motors", "{\"spin-1\": \"rear-right-cw\", \"spin-2\": \"front-right-ccw\"}");
        assertThat(refusedHover(view)).as("broken off").contains("Spin each motor alone");
        view = app.propsAndTilts(app.motorsTurn(view));
        assertThat(view.get("proof").get("next").get("checkId").asString()).isEqualTo("hover");
        assertThat(view.get("notYetFlown").asString()).isEmpty();
    }

    @Test
    void afterARepairOfTheOrientationTheCraftIsTippedAndTurnedByHandFirst() {
        JsonNode view = app.openWorkUp("TIP", "PART_SWAP", "{\"manner\": \"flips\", \"repeat\": \"different\"}");
        view = app.recordAll(
                view,
                "tilts",
                "{\"picture\": \"attitude\", \"tilt-right\": \"nose-up\", \"tilt-nose\": \"right-down\"}");
        String leading = view.get("suspects").get(0).get("faultId").asString();
        view = app.motorsTurn(app.fix(view, leading, option(view, leading)));
        assertThat(refusedHover(view)).contains("Tip it right, tip its nose, turn it");
        view = app.propsAndTilts(view);
        assertThat(view.get("proof").get("next").get("checkId").asString()).isEqualTo("hover");
    }

    @Test
    void nobodyIsSentIntoTheAirWhileSomethingIsLikelyStillWrong() {
        JsonNode view = app.openWorkUp(
                "LOW", "BUILD", "{\"manner\": \"flips\", \"edge\": \"front-right\", \"repeat\": \"same\"}");
        view = app.fix(view, "gain-too-high", option(view, "gain-too-high"));
        view = app.propsAndTilts(app.record(app.motorsTurn(view), "gain-setting", "usual"));
        assertThat(view.get("nothingLeft").asDouble()).isLessThan(0.5);
        assertThat(view.get("stage").asString()).isNotEqualTo("PROVING");
        assertThat(refusedHover(view)).contains("Don't fly yet", "only");
    }

    private String option(JsonNode view, String faultId) {
        return app.get("/api/work-ups/" + view.get("id").asLong() + "/fixes/" + faultId)
                .get("options")
                .get(0)
                .get("fixId")
                .asString();
    }

    @Test
    void aSheetByWhichPowerDestroysAPartPassesNoRoutineAndLetsNoPackIn() {
        app.enterWired("DOOM", "STACK");
        app.runRoutine("DOOM");
        ObjectNode sheet = (ObjectNode) app.get("/api/crafts/DOOM").get("sheet");
        sheet.get("electrics")
                .get("wires")
                .valueStream()
                .filter(wire -> wire.get("to").asString().equals("RX.+"))
                .forEach(wire -> ((ObjectNode) wire).put("from", "FC.9V"));
        app.ask(
                "PUT",
                "/api/crafts/DOOM/build-sheet",
                "{\"version\": " + app.get("/api/crafts/DOOM").get("version")
                        + ", \"reason\": \"lead moved\", \"sheet\": " + sheet + "}");
        JsonNode routine = app.get("/api/crafts/DOOM/routine");
        assertThat(routine.get("state").asString()).isEqualTo("NOT_DONE");
        assertThat(routine.get("destroyed").get(0).asString()).contains("6 V at most", "feeds it 9.0 V");
        assertThat(app.refused(409, "POST", "/api/crafts/DOOM/routine", "{\"minutes\": 2, \"readings\": {}}")
                        .get("detail")
                        .asString())
                .contains("destroys it");

        JsonNode view = app.openPower("DOOM", "no-power", "RX");
        assertThat(view.get("hazards").get(0).asString()).contains("destroys it");
        assertThat(app.refused(409, "PUT", "/api/work-ups/" + view.get("id").asLong() + "/bench-state", """
        {"version": %d, "state": {"propsOn": false, "batteryIn": true, "limiterIn": true, "usbIn": false,
         "antennaOn": true, "radioOn": false, "atField": false, "shortTest": "PASSED"}}""".formatted(
                                        view.get("version").asLong()))
                        .get("detail")
                        .asString())
                .contains("destroys it");
    }
}
