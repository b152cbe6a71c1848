package ablemedic.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp;
import ablemedic.app.RunningApp.App;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.Keys;
import tools.jackson.databind.JsonNode;

/** From a chart to its tests and exports, and back. */
@ExtendWith(RunningApp.class)
class ChartWalkTest {
    private final App app;

    ChartWalkTest(App app) {
        this.app = app;
    }

    private void settled(Browser browser) {
        browser.assertAccessible();
        browser.assertQuiet();
    }

    /**
     * A settings export from the board clears and confirms, is kept on the chart, and what a flash took away is put
     * back.
     */
    @Test
    void aListingIsPastedOnTheCheckThatAsksForItAndTheChartSaysWhatChanged() {
        app.ask("POST", "/api/crafts", """
        {"craftId": "W-LISTED", "name": "", "craftClass": "INCH_5", "spins": "INWARD", "numbering": "REAR_RIGHT_FIRST", "mode": "LEVEL"}""");
        app.sendAs(
                "POST",
                "/api/crafts/W-LISTED/snapshots?why=set%20up",
                "set board_turn = 0/0/0\nset gain_percent = 100\n".getBytes(StandardCharsets.UTF_8),
                "application/octet-stream");
        long id = app.ask("POST", "/api/work-ups", """
        {"craftId": "W-LISTED", "kind": "take-off", "complaint": "flips since the flash", "occasion": "FLASH", "seen": {}}""").get("id").asLong();
        try (Browser browser = new Browser(app.url(""), "light", 1280, 900)) {
            browser.open("/work-ups/" + id);
            browser.keys("o");
            browser.type("#other-check", "export the fc");
            browser.press("Export the FC's settings");
            browser.keys("b");
            browser.type("#pasted", "set board_turn = 180/0/0\nset gain_percent = 100");
            browser.press("Record");
            browser.seeText("Settings export, snapshot 2");
            browser.seeText("Board alignment setting is off: upside down");
            settled(browser);
            browser.open("/crafts/W-LISTED/snapshots");
            browser.seeText("Enter the board alignment 0/0/0");
            browser.seeText("can cause: ");
            browser.seeText("Flips, tips, spins");
            browser.seeText("times likelier");
            browser.seeText("set board_turn = 0/0/0");
            settled(browser);
        }
    }

    /**
     * By keyboard alone: a receiver that holds fails the test, and the work-up that follows ends with a passed one on
     * the chart.
     */
    @Test
    void theRadioOffTestByKeyboardFromTheChartOverAWorkUpToTheChart() {
        app.enterWired("LOST", "STACK");
        Patient patient = new Patient(app, "LOST", "receiver-holds");
        try (Browser browser = new Browser(app.url(""), "dark", 1280, 900)) {
            browser.open("/crafts/LOST/radio-off");
            browser.seeText("The pre-power checks are due");
            app.runRoutine("LOST");
            browser.open("/crafts/LOST");
            browser.see("a[href='/crafts/LOST/radio-off']");
            browser.tabTo("a[href='/crafts/LOST/radio-off']");
            browser.keys(Keys.ENTER);
            browser.seeText("Keep a hand on the battery plug");
            settled(browser);
            browser.keys("5");
            browser.seeText("It does not pass.");
            browser.seeText("the receiver holds last");
            settled(browser);
            browser.tabTo(".props input");
            browser.keys(Keys.SPACE);
            browser.tabTo(".card .act");
            browser.keys(Keys.ENTER);
            browser.awaitPath("/crafts/LOST");
            browser.seeText("not passed");

            JsonNode view = app.ask("POST", "/api/work-ups", """
          {"craftId": "LOST", "kind": "failsafe-wrong", "complaint": "motors went on", "occasion": "PART_SWAP", "seen": {"seen": "on"}}""");
            String path = "/work-ups/" + view.get("id").asLong();
            browser.open(path);
            browser.see(".card-layout");
            new Walker(app, browser, patient, path).checkUntilSomethingStandsOut(false);
            browser.seeText("Receiver set to hold last");
            settled(browser);
            browser.tabTo(".options .act");
            browser.keys(Keys.ENTER);
            patient.fixed("receiver-holds", "set");
            browser.seeText("Prove it");
            settled(browser);
        }
    }

    /**
     * By keyboard alone: a set-up after a crash, a step that is wrong, and the work-up that it opens with what was
     * read.
     */
    @Test
    void aSetUpByKeyboardOpensAWorkUpWhereAStepIsWrong() {
        app.enterWired("SETUP", "STACK");
        try (Browser browser = new Browser(app.url(""), "light", 1280, 900)) {
            browser.open("/crafts/SETUP/set-up");
            browser.seeText("What is it for?");
            settled(browser);
            browser.keys("4");
            browser.seeText("Find the arrow on the FC");
            settled(browser);
            browser.keys("1");
            browser.see("fieldset [aria-pressed=true]");
            browser.keys(Keys.ENTER);
            browser.seeText("1 of ");
            browser.seeText("Forward, face up");
            browser.press("Tip it right");
            browser.await(() -> browser.text(".card").contains("Tip it right"));
            browser.blur();
            browser.keys("1", "1", "1", "1");
            browser.keys(Keys.ENTER);
            browser.seeText("It gave");
            settled(browser);
            browser.press("Open a work-up with all readings so far");
            browser.awaitPath("/work-ups/\\d+");
            browser.seeText("Forward, face up");
            settled(browser);
        }
    }

    /** From the map over a recording of a pad to the fault that it shows, and the ports told anew. */
    @Test
    void aDeadReceiverLineIsFoundByARecordingDroppedOnItsCheck(@TempDir Path folder) throws IOException {
        app.ask("POST", "/api/crafts", """
        {"craftId": "LINES", "name": "", "craftClass": "INCH_5", "spins": "INWARD", "numbering": "REAR_RIGHT_FIRST", "mode": "LEVEL", "layout": "STACK",
         "parts": ["board-f7", "receiver-one-way", "gnss"], "battery": {"cells": 4, "chemistry": "LIPO", "capacityMah": 1500, "cellMilliohms": 4}}""");
        Path pad = Files.writeString(
                folder.resolve("pad.vcd"),
                app.send("GET", "/api/crafts/LINES/signal?pad=R1&fault=speaks-ibus-RX-receiver", "")
                        .body());
        try (Browser browser = new Browser(app.url(""), "light", 1280, 1000)) {
            browser.open("/crafts/LINES");
            browser.seeText("SBUS, 100000 baud, idles low");
            browser.press("Set UARTs from the wiring");
            browser.seeText("UARTs set from the wiring");
            settled(browser);
            JsonNode view = app.ask("POST", "/api/work-ups", """
          {"craftId": "LINES", "kind": "no-sticks", "complaint": "no bar moves", "occasion": "BUILD", "seen": {"seen": "nothing"}}""");
            app.benchFor(view, "signal-at-pad-R1");
            browser.open("/work-ups/" + view.get("id").asLong());
            browser.seeText("Suspects");
            browser.blur();
            browser.keys("o");
            browser.press("Look at pad R1 with a logic analyser or scope");
            browser.seeText("Drop a recording of this pad here");
            browser.give(".next input[type='file']", pad);
            browser.seeText("IBUS: 30 sound frames");
            browser.press("Record it: Another protocol");
            browser.await(() -> app.get("/api/work-ups/" + view.get("id").asLong())
                    .get("suspects")
                    .get(0)
                    .get("faultId")
                    .asString()
                    .startsWith("speaks-"));
            assertThat(app.get("/api/work-ups/" + view.get("id").asLong() + "/captures")
                            .get(0)
                            .get("name")
                            .asString())
                    .isEqualTo("pad.vcd");
            settled(browser);
        }
    }

    /**
     * By keyboard alone, from the intake to the proof of a picture that a new camera lost; another device sees each
     * entry by itself.
     */
    @Test
    void aLostPictureByKeyboardWhileAnotherSeatLooksOn() {
        app.ask("POST", "/api/crafts", """
        {"craftId": "PICTURE", "name": "made for a test", "craftClass": "INCH_5", "mode": "LEVEL", "layout": "STACK", "parts": ["board-f7", "receiver", "air-unit", "capacitor-470"]}""");
        app.runRoutine("PICTURE");
        Patient patient = new Patient(app, "PICTURE", "camera-not-paired");
        JsonNode view = app.ask("POST", "/api/work-ups", """
        {"craftId": "PICTURE", "kind": "goggles-error", "complaint": "words and no picture", "occasion": "PART_SWAP", "seen": {"seen": "message"}}""");
        String path = "/work-ups/" + view.get("id").asLong();
        try (Browser browser = new Browser(app.url(""), "dark", 1280, 900);
                Browser tablet = new Browser(app.url(""), "light", 820, 1100)) {
            tablet.open(path);
            tablet.see(".card-layout");
            browser.open(path);
            browser.see(".card-layout");
            new Walker(app, browser, patient, path).checkUntilSomethingStandsOut(false);
            browser.seeText("Camera not paired with the air unit");
            browser.seeText("USB alone is not enough");
            settled(browser);
            JsonNode evidence = app.get("/api" + path).get("evidence");
            tablet.seeText(evidence.get(evidence.size() - 1).get("title").asString());
            browser.tabTo(".options .act");
            browser.keys(Keys.ENTER);
            patient.fixed("camera-not-paired", "pair");
            browser.seeText("Prove it");
            tablet.seeText("Prove it");
            settled(tablet);
        }
    }
}
