package ablemedic.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp;
import ablemedic.app.RunningApp.App;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.openqa.selenium.Keys;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A set-up of a craft whose record can't be right stops at that, says what to move or enter, and goes on once it is
 * settled.
 */
@ExtendWith(RunningApp.class)
class WrongRecordWalkTest {
    private static final String CONFLICT = ".card article";

    private final App app;

    WrongRecordWalkTest(App app) {
        this.app = app;
    }

    private void record(String craftId, Consumer<ObjectNode> change) {
        ObjectNode sheet = (ObjectNode) app.get("/api/crafts/" + craftId + "/build-sheet");
        change.accept(sheet);
        app.ask(
                "PUT",
                "/api/crafts/" + craftId + "/build-sheet",
                "{\"version\": " + app.get("/api/crafts/" + craftId).get("version")
                        + ", \"reason\": \"as it is\", \"sheet\": " + sheet + "}");
    }

    private JsonNode run(String craftId) {
        return app.get("/api/crafts/" + craftId + "/set-up").get("run");
    }

    private boolean waits(String craftId, String title) {
        return run(craftId).get("waiting").valueStream().anyMatch(one -> one.get("title")
                .asString()
                .contains(title));
    }

    @Test
    void aBoardMountedOnItsBackAndConfiguredUpright() {
        app.enterWired("ONITSBACK", "STACK");
        record("ONITSBACK", sheet -> ((ObjectNode) sheet.get("mounted")).put("rollDeg", 180));
        try (Browser browser = new Browser(app.url(""), "light", 1280, 800)) {
            browser.open("/crafts/ONITSBACK/set-up");
            browser.seeText("What is it for?");
            browser.keys("1");
            browser.seeText("First: the record can’t be right");
            assertThat(browser.text(CONFLICT))
                    .contains("mounted turned roll 180°")
                    .contains("Set board alignment to roll 180°")
                    .contains("Turn the FC to roll 0°");
            browser.assertAccessible();
            assertThat(waits("ONITSBACK", "over")).as("tilts and hover wait").isTrue();
            browser.tabTo(CONFLICT + " button.quiet");
            browser.keys(Keys.ENTER);
            browser.await(() -> run("ONITSBACK").get("conflicts").isEmpty());
            assertThat(app.get("/api/crafts/ONITSBACK/build-sheet")
                            .get("configuration")
                            .get("alignment")
                            .asString())
                    .isEqualTo("180/0/0");
            assertThat(waits("ONITSBACK", "over")).isFalse();
            browser.assertQuiet();
        }
    }

    @Test
    void aGnssModuleWhoseTransmitterIsJoinedToNothing() {
        app.ask("POST", "/api/crafts", """
        {"craftId": "NOWIRE", "name": "", "craftClass": "INCH_5", "mode": "LEVEL", "layout": "STACK", "parts": ["board-f7", "receiver", "gnss", "capacitor-470"],
         "battery": {"cells": 4, "chemistry": "LIPO", "capacityMah": 1500, "cellMilliohms": 4}}""");
        record("NOWIRE", sheet -> {
            ArrayNode wires = (ArrayNode) sheet.get("electrics").get("wires");
            wires.removeIf(wire -> wire.toString().contains("GNSS.TX"));
        });
        try (Browser browser = new Browser(app.url(""), "light", 1280, 800)) {
            browser.open("/crafts/NOWIRE/set-up");
            browser.seeText("What is it for?");
            browser.click(".occasions li:first-child button");
            browser.seeText("First: the record can’t be right");
            assertThat(browser.text(CONFLICT))
                    .contains("GNSS module")
                    .contains("goes nowhere")
                    .contains("Wire GNSS.TX to FC.R2");
            browser.press("Done on the craft");
            browser.await(() -> run("NOWIRE").get("conflicts").isEmpty());
            assertThat(app.get("/api/crafts/NOWIRE/build-sheet").toString()).contains("GNSS.TX");
            assertThat(app.get("/api/crafts/NOWIRE/routine").get("state").asString())
                    .as("something was soldered")
                    .isEqualTo("NOT_DONE");
            browser.assertQuiet();
        }
    }
}
