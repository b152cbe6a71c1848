package ablemedic.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp;
import ablemedic.app.RunningApp.App;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.Keys;
import tools.jackson.databind.JsonNode;

/** The whole of a work-up in the browser: once by mouse by day, once by keyboard alone by night. */
@ExtendWith(RunningApp.class)
class WalkTest {
    private final App app;

    WalkTest(App app) {
        this.app = app;
    }

    private void settled(Browser browser) {
        browser.assertAccessible();
        browser.assertQuiet();
    }

    @Test
    void byMouseFromTheBenchToTheLedger() {
        Patient patient = new Patient(app, "EIDER", "prop-hand-rear-left");
        try (Browser browser = new Browser(app.url(""), "light", 1280, 800)) {
            browser.open("/");
            browser.seeText("Needs attention");
            settled(browser);

            browser.press("EIDER");
            browser.seeText("Build sheet");
            assertThat(browser.text("svg")).contains("FR").contains("RL");
            settled(browser);

            browser.press("Start a work-up");
            browser.see("#complaint");
            browser.choose("#occasion", "PART_SWAP");
            browser.type("#complaint", "Dips at the back and goes over");
            browser.click("input[name=kind][value=take-off]");
            browser.click("input[name=seen-manner]");
            browser.click("[role=radio][aria-label='Rear-left corner']");
            browser.seeText("Rear-left corner");
            settled(browser);
            browser.press("Start the work-up");
            browser.awaitPath("/work-ups/\\d+");
            browser.see(".card-layout");
            settled(browser);

            String path = browser.path();
            putAside(browser, patient, path);
            suspectAndTakeBack(browser);
            outOfTurn(browser, patient, path);
            new Walker(app, browser, patient, path).checkUntilSomethingStandsOut(true);

            browser.seeText("The rear-left prop is for the wrong rotation");
            settled(browser);
            JsonNode fix = app.get("/api" + path).get("fix");
            browser.press("Done this way");
            patient.fixed(
                    fix.get("faultId").asString(),
                    fix.get("options").get(0).get("fixId").asString());
            browser.seeText("Prove it");
            settled(browser);

            new Walker(app, browser, patient, path).checkUntilSomethingStandsOut(true);
            browser.seeText("Every test has passed");
            browser.press("Close as solved");
            browser.press("Close it");
            browser.seeText("Closed: solved and proven");
            settled(browser);

            browser.press("To the repair log");
            browser.seeText("Dips at the back");
            browser.seeText("The rear-left prop is for the wrong rotation");
            browser.seeText("Hover test");
            settled(browser);
            browser.open("/crafts/EIDER");
            browser.seeText("Work-up closed: solved and proven");
            browser.assertQuiet();
        }
    }

    private void putAside(Browser browser, Patient patient, String path) {
        String before = patient.next(path).get("checkId").asString();
        browser.press("Set aside");
        browser.await(() -> !patient.next(path).get("checkId").asString().equals(before));
        browser.seeText("Set aside:");
    }

    private void suspectAndTakeBack(Browser browser) {
        browser.press("Own suspicion or test");
        browser.see("#own-fault");
        browser.type("#own-fault", "rear-left weak");
        browser.click("input[name=about][value=motor-weak-rear-left]");
        browser.type("#own-words", "it has whined for weeks");
        browser.assertAccessible();
        browser.press("Record");
        browser.seeText("Own suspicion: The rear-left motor is weak");
        browser.click("button[aria-label^='Undo: Own suspicion']");
        browser.seeText("taken back");
    }

    private void outOfTurn(Browser browser, Patient patient, String path) {
        browser.press("Another check");
        browser.type("#other-check", "finger");
        browser.assertAccessible();
        browser.press("Turn each motor by finger");
        browser.seeText("Out of turn");
        browser.click("[data-outcomes] button:nth-child(" + patient.outcome("finger") + ")");
        long unrecorded = version(path);
        browser.click("form .act");
        browser.await(() -> version(path) > unrecorded);
        browser.seeText("All turn smoothly");
    }

    private long version(String path) {
        return app.get("/api" + path).get("version").asLong();
    }

    @Test
    void byKeyboardAloneByNight() {
        Patient patient = new Patient(app, "FULMAR", "outputs-2134");
        try (Browser browser = new Browser(app.url(""), "dark", 1280, 800)) {
            browser.open("/");
            browser.seeText("Needs attention");
            assertThat(browser.mode()).isEqualTo("dark");
            settled(browser);
            browser.keys("?");
            browser.seeText("Go to the repair log");
            browser.assertAccessible();
            browser.keys(Keys.ESCAPE);
        }
        try (Browser browser = new Browser(app.url(""), "dark", 1280, 800)) {
            browser.open("/");
            browser.seeText("Needs attention");
            browser.keys("/");
            browser.see("#finder");
            browser.keys("fulmar all");
            browser.seeText("FULMAR, All-round");
            settled(browser);
            browser.keys(Keys.ENTER);
            browser.awaitPath("/crafts/FULMAR");
            browser.seeText("Build sheet");
            settled(browser);

            browser.keys("n");
            browser.awaitPath("/work-ups/new");
            browser.see("#craft");
            browser.keys("FULMAR");
            browser.tabTo("#occasion");
            browser.keys("Firmware");
            browser.tabTo("#complaint");
            browser.keys("Flips since the flash");
            browser.tabTo("input[name=kind]");
            browser.keys(Keys.SPACE);
            browser.tabTo("input[name=seen-manner]:checked");
            browser.keys(Keys.ARROW_RIGHT);
            browser.tabTo("[role=radio]");
            browser.keys(Keys.SPACE);
            browser.seeText("Front edge");
            settled(browser);
            browser.tabTo("form > .do .act");
            browser.keys(Keys.ENTER);
            browser.awaitPath("/work-ups/\\d+");
            browser.see(".card-layout");
            browser.blur();
            settled(browser);

            String path = browser.path();
            String first = patient.next(path).get("checkId").asString();
            browser.keys("s");
            browser.await(() -> !patient.next(path).get("checkId").asString().equals(first));
            browser.seeText("Set aside:");
            browser.keys("u");
            browser.await(() -> patient.next(path).get("checkId").asString().equals(first));
            browser.keys("w");
            browser.seeText("Before anything was found");
            settled(browser);
            browser.keys("w");

            browser.keys("o");
            browser.see("#other-check");
            browser.keys("find the arrow", Keys.ENTER);
            browser.seeText("Out of turn");
            browser.keys(String.valueOf(patient.outcome("arrow")));
            browser.see("[data-outcomes] [aria-pressed=true]");
            browser.keys("d");
            long unrecorded = version(path);
            browser.keys(Keys.ENTER);
            browser.await(() -> version(path) > unrecorded);

            new Walker(app, browser, patient, path).checkUntilSomethingStandsOut(false);
            browser.seeText("Set the output order to 2-1-3-4");
            settled(browser);
            browser.tabTo(".options .act");
            browser.keys(Keys.ENTER);
            patient.fixed("outputs-2134", "order");
            browser.seeText("Prove it");
            browser.blur();
            new Walker(app, browser, patient, path).checkUntilSomethingStandsOut(false);
            browser.seeText("Every test has passed");
            settled(browser);
            browser.keys("c");
            browser.see("#close-reason");
            browser.tabTo("[role=dialog] .act");
            browser.assertAccessible();
            browser.keys(Keys.ENTER);
            browser.seeText("Closed: solved and proven");

            browser.blur();
            browser.keys("g", "l");
            browser.awaitPath("/repair-log");
            browser.seeText("Flips since the flash");
            browser.seeText("output order: 1-2-3-4 → 2-1-3-4");
            settled(browser);
        }
    }

    @Test
    void aDeadArmByKeyboardFromTheRoutineToTheProof() {
        app.enterWired("KITE", "STACK");
        Patient patient = new Patient(app, "KITE", "open-FC_S2_C4_S2_1");
        try (Browser browser = new Browser(app.url(""), "light", 1280, 800)) {
            browser.open("/crafts/KITE");
            browser.seeText("Wiring and power");
            browser.see("[data-point='PLUG.+']");
            settled(browser);
            browser.tabTo("[data-point]");
            browser.keys(Keys.ARROW_DOWN, Keys.ARROW_UP, Keys.ENTER);
            browser.seeText("Choose the point for black");
            browser.keys(Keys.ARROW_DOWN, Keys.ENTER);
            browser.awaitPath("/instruments/read-here");
            browser.seeText("All well");
            settled(browser);

            JsonNode view = app.openPower("KITE", "dead-arm", "front-right");
            String path = "/work-ups/" + view.get("id").asLong();
            browser.open("/crafts/KITE/routine?back=" + view.get("id").asLong());
            browser.seeText("Step 1 of");
            settled(browser);
            JsonNode steps = app.get("/api/crafts/KITE/routine").get("steps");
            for (int i = 0; i < steps.size(); i++) {
                browser.seeText("Step " + (i + 1) + " of");
                if (steps.get(i).get("question").get("outcomes").isEmpty()) {
                    browser.see("#routine-reading");
                    browser.keys(
                            App.asSomebodyReads(steps.get(i).get("expected").asString()), Keys.ENTER);
                } else {
                    browser.blur();
                    browser.keys("1");
                    browser.see("fieldset [aria-pressed=true]");
                    browser.keys(Keys.ENTER);
                }
            }
            browser.seeText("All of it passes");
            browser.blur();
            browser.keys(Keys.ENTER);
            browser.awaitPath(path);
            browser.see(".card-layout");
            browser.seeText("pre-power checks passed");

            new Walker(app, browser, patient, path).checkUntilSomethingStandsOut(false);
            browser.seeText("Open pin at FC S2");
            settled(browser);
            browser.tabTo(".options .act");
            browser.keys(Keys.ENTER);
            patient.fixed("open-FC_S2_C4_S2_1", "renew");
            browser.seeText("Prove it");
            browser.blur();
            new Walker(app, browser, patient, path).checkUntilSomethingStandsOut(false);
            browser.seeText("Every test has passed");
            settled(browser);
        }
    }

    @Test
    void onAnEmptyDatabaseAFirstCraftIsEnteredAndWorkedUp(@TempDir Path folder) {
        try (App empty = App.empty(folder);
                Browser browser = new Browser(empty.url(""), "light", 820, 1100)) {
            browser.open("/");
            browser.seeText("Start with a craft");
            settled(browser);
            browser.press("Enter the first craft");
            browser.see("#mark");
            browser.type("#mark", "KITE");
            browser.choose("#spins", "OUTWARD");
            settled(browser);
            browser.press("Enter it");
            browser.awaitPath("/crafts/KITE");
            browser.seeText("props out");
            browser.press("Start a work-up");
            browser.type("#complaint", "spins");
            browser.choose("#occasion", "BUILD");
            browser.click("input[name=kind][value=take-off]");
            browser.press("Start the work-up");
            browser.see(".card-layout");
            settled(browser);
        }
    }

    @Test
    void everyOtherViewIsQuietAndAccessibleInBothModes() {
        for (String mode : new String[] {"light", "dark"}) {
            try (Browser browser = new Browser(app.url(""), mode, 1280, 800)) {
                for (String path : new String[] {
                    "/instruments",
                    "/instruments/motor-map?craft=TERN",
                    "/instruments/board-orientation?craft=SKUA",
                    "/instruments/take-off-motion?craft=PETREL",
                    "/handbook",
                    "/handbook/hand-tilt",
                    "/repair-log",
                    "/new-craft",
                    "/work-ups/new",
                    "/work-ups/6",
                    "/work-ups/9",
                    "/nowhere",
                    "/crafts/EIDER/wiring",
                    "/crafts/SKUA/configuration",
                    "/crafts/SKUA/frame",
                    "/parts",
                    "/parts/new",
                    "/crafts/SKUA/wiring",
                    "/crafts/EIDER/routine",
                    "/batteries",
                    "/batteries/A1",
                    "/work-ups/10",
                    "/instruments/rail-budget?craft=EIDER",
                    "/instruments/scale-from-readings?craft=PETREL",
                    "/instruments/sense-chain",
                    "/instruments/pack?craft=EIDER",
                    "/instruments/lead-drop",
                    "/instruments/limiter-bulb",
                    "/instruments/meter",
                    "/instruments/read-here?craft=EIDER",
                    "/instruments/capture",
                    "/instruments/port-planner",
                    "/instruments/two-ends",
                    "/instruments/modem-chain",
                    "/instruments/signal-pad",
                    "/instruments/byte-budget",
                    "/instruments/baud-error",
                    "/instruments/channel-numbers",
                    "/instruments/version-search",
                    "/instruments/motor-protocols",
                    "/instruments/arming?craft=EIDER",
                    "/instruments/version-pairs",
                    "/instruments/channel-order?craft=EIDER",
                    "/instruments/trim-and-travel",
                    "/instruments/failsafe-timeline?craft=EIDER",
                    "/instruments/frame-time",
                    "/instruments/modes?craft=EIDER",
                    "/instruments/return-home?craft=REDSHANK",
                    "/instruments/radio-session?craft=EIDER",
                    "/instruments/output-pass",
                    "/in-and-out",
                    "/devices",
                    "/pair",
                    "/repair-log/trends",
                    "/instruments/video-channels",
                    "/instruments/screen-layout",
                    "/instruments/video-heat",
                    "/crafts/EIDER/radio-off",
                    "/crafts/EIDER/set-up",
                    "/firmware-dialects",
                    "/crafts/FULMAR/flash",
                    "/handbook/format-sbus"
                }) {
                    browser.open(path);
                    browser.await(() -> !browser.shows(".small:empty"));
                    settled(browser);
                }
            }
        }
    }

    /** A recording on disk: of an inverted receiver on a line of 5 V, and one that is no recording. */
    @Test
    void aRecordingFromDiskIsReadAndWhatIsNoneIsRefusedWithItsPlace(@TempDir Path folder) throws IOException {
        Path pad = Files.writeString(
                folder.resolve("pad.csv"),
                app.send("GET", "/api/instruments/signal?format=IBUS&form=VOLTS&inverted=true&highV=5&frames=6", "")
                        .body());
        Path letter = Files.writeString(folder.resolve("letter.csv"), "time,level\n0,1\nsoon,0\n");
        Path two = Files.writeString(folder.resolve("two.csv"), "t (us),TX,RX\n0,1,0\n10,0,1\n20,1,0\n30,0,0\n");
        try (Browser browser = new Browser(app.url(""), "light", 1280, 1000)) {
            browser.open("/instruments/capture");
            browser.give("input[type='file']", pad);
            browser.seeText("that damages a pad that takes 3.3 V only");
            browser.seeText("inverted, and IBUS is not");
            browser.seeText("115200 baud, 8N1");
            browser.give("input[type='file']", two);
            browser.seeText("It holds several signals");
            browser.press("TX");
            browser.seeText("3 changes");
            settled(browser);
            browser.give("input[type='file']", letter);
            browser.seeText("Line 3: “soon” is no number");
        }
    }

    /**
     * A settings export from the board clears and confirms, is kept on the chart, and what a flash took away is put
     * back.
     */
    @Test
    void aListingIsPastedOnTheCheckThatAsksForItAndTheChartSaysWhatChanged() {
        app.ask("POST", "/api/crafts", """
        {"mark": "W-LISTED", "name": "", "craftClass": "INCH_5", "spins": "INWARD", "numbering": "REAR_RIGHT_FIRST", "mode": "LEVEL"}""");
        app.sendAs(
                "POST",
                "/api/crafts/W-LISTED/snapshots?why=set%20up",
                "set board_turn = 0/0/0\nset gain_percent = 100\n".getBytes(StandardCharsets.UTF_8),
                "application/octet-stream");
        long id = app.ask("POST", "/api/work-ups", """
        {"mark": "W-LISTED", "kind": "take-off", "complaint": "flips since the flash", "occasion": "FLASH", "seen": {}}""").get("id").asLong();
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
          {"mark": "LOST", "kind": "failsafe-wrong", "complaint": "motors went on", "occasion": "PART_SWAP", "seen": {"seen": "on"}}""");
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
     * By keyboard alone, from the intake to the proof of a picture that a new camera lost; another device sees each
     * entry by itself.
     */
    @Test
    void aLostPictureByKeyboardWhileAnotherSeatLooksOn() {
        app.ask("POST", "/api/crafts", """
        {"mark": "PICTURE", "name": "made for a test", "craftClass": "INCH_5", "mode": "LEVEL", "layout": "STACK", "parts": ["board-f7", "receiver", "air-unit", "capacitor-470"]}""");
        app.runRoutine("PICTURE");
        Patient patient = new Patient(app, "PICTURE", "camera-not-paired");
        JsonNode view = app.ask("POST", "/api/work-ups", """
        {"mark": "PICTURE", "kind": "goggles-error", "complaint": "words and no picture", "occasion": "PART_SWAP", "seen": {"seen": "message"}}""");
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

    /** Who never saw it is told four lines where they help, and is rid of them at a press. */
    @Test
    void theFirstMinuteIsToldWhereItHelpsAndIsSkipped() {
        try (Browser browser = new Browser(app.url(""), "light", 820, 1000)) {
            browser.open("/");
            assertThat(browser.shows("aside[aria-label='First minute']")).isFalse();
            browser.remember("first-minute", "0");
            browser.open("/");
            browser.seeText("New here?");
            settled(browser);
            browser.open("/handbook");
            assertThat(browser.shows("aside[aria-label='First minute']")).isFalse();
            browser.open("/work-ups/6");
            browser.seeText("Answer the check by its digit");
            settled(browser);
            browser.press("Got it");
            browser.seeText("Each answer moves the suspects");
            browser.press("Skip all");
            browser.await(() -> !browser.shows("aside[aria-label='First minute']"));
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

    @Test
    void whatIsDoneAtTheRadioIsSeenOnTheStandInAndAModeThatArmsAtRestIsSaid() {
        try (Browser browser = new Browser(app.url(""), "light", 1280, 900)) {
            browser.open("/instruments/radio-session?craft=EIDER");
            browser.seeText("The guard time is over: motors off.");
            browser.press("8.7 s");
            browser.seeText("link lost");
            settled(browser);
            browser.open("/instruments/modes?craft=EIDER");
            browser.seeText("Nothing is on");
            browser.click("[aria-label='arm switch to 2000 µs']");
            browser.seeText("On: arm.");
            settled(browser);
            browser.open("/instruments/return-home?craft=EIDER");
            browser.seeText("No go");
            settled(browser);
        }
    }

    @Test
    void portsAreReplannedAsWishesChange() {
        try (Browser browser = new Browser(app.url(""), "light", 1280, 1000)) {
            browser.open("/instruments/port-planner");
            browser.seeText("No UART for telemetry");
            browser.choose("#board", "board-f7");
            browser.await(() -> !browser.text("section").contains("No UART for telemetry"));
            browser.seeText("inversion on.");
            settled(browser);
        }
    }

    @Test
    void aSortThatShipsIsTheBeginningOfAnOwnOne() {
        try (Browser browser = new Browser(app.url(""), "light", 1280, 1000)) {
            browser.open("/parts/board-f4-jumper");
            browser.press("duplicate one");
            browser.seeText("Add part type");
            browser.seeText("UART 6 is soft");
            settled(browser);
        }
    }

    /** From the map over a recording of a pad to the fault that it shows, and the ports told anew. */
    @Test
    void aDeadReceiverLineIsFoundByARecordingDroppedOnItsCheck(@TempDir Path folder) throws IOException {
        app.ask("POST", "/api/crafts", """
        {"mark": "LINES", "name": "", "craftClass": "INCH_5", "spins": "INWARD", "numbering": "REAR_RIGHT_FIRST", "mode": "LEVEL", "layout": "STACK",
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
          {"mark": "LINES", "kind": "no-sticks", "complaint": "no bar moves", "occasion": "BUILD", "seen": {"seen": "nothing"}}""");
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

    @Test
    void whatTurnedIsPressedOnTheDrawingAndGoesIntoTheOpenWorkUp() {
        App made = app;
        JsonNode view = made.openWorkUp("PRESS", "BUILD", "{\"manner\": \"flips\"}");
        view = made.benchFor(view, "motors");
        try (Browser browser = new Browser(made.url(""), "light", 1280, 900)) {
            browser.open("/instruments/motor-map?craft=PRESS");
            browser.seeText("first take all props off");
            assertThat(browser.shows("[aria-label='rear-right, clockwise']"))
                    .as("nothing is driven with props on")
                    .isFalse();
            browser.click(".props input");
            browser.see("[aria-label='rear-right, clockwise']");
            for (String rotor : List.of(
                    "rear-right, clockwise",
                    "front-right, counter-clockwise",
                    "rear-left, counter-clockwise",
                    "front-left, clockwise")) {
                browser.clickDrawn("[aria-label='" + rotor + "']", 0, 0);
            }
            browser.press("Enter the four motors into work-up " + view.get("id").asLong());
            browser.seeText("Entered.");
            assertThat(made.get("/api/work-ups/" + view.get("id").asLong())
                            .get("evidence")
                            .toString())
                    .contains("rear-right, clockwise")
                    .contains("front-left, clockwise");
            settled(browser);
        }
    }

    @Test
    void aMotorIsMovedAndALeadIsRunByPressingTheDrawing() {
        app.enterWired("POINT", "STACK");
        try (Browser browser = new Browser(app.url(""), "light", 1280, 1000)) {
            browser.open("/crafts/POINT/frame");
            browser.see("[aria-label='the front-left motor']");
            browser.clickDrawn("[aria-label='the front-left motor']", 0, 0);
            browser.type("#reason", "tape measure");
            browser.clickDrawn("[aria-label='the flight controller']", 0, 0);
            browser.press("A quarter to the right");
            browser.seeText("yaw 90°");
            browser.press("Save to the sheet");
            browser.awaitPath("/crafts/POINT");
            assertThat(app.get("/api/crafts/POINT/build-sheet")
                            .get("mounted")
                            .get("yawDeg")
                            .asInt())
                    .isEqualTo(90);

            int wires = app.get("/api/crafts/POINT/build-sheet")
                    .get("electrics")
                    .get("wires")
                    .size();
            browser.open("/crafts/POINT/wiring");
            browser.see("[data-point='FC.3V3']");
            browser.clickDrawn("[data-point='FC.3V3']", 0, 0);
            browser.seeText("Wires at FC 3V3");
            browser.clickDrawn("[data-point='RX.-']", 0, 0);
            browser.seeText("A wire can't run from FC.3V3 (supply output) to RX.- (ground)");
            browser.click("[aria-label='remove wire " + (wires + 1) + "']");
            browser.clickDrawn("[data-point='FC.3V3']", 0, 0);
            browser.clickDrawn("[data-point='FC.G4']", 0, 0);
            browser.clickDrawn("[data-point='CAM.-']", 0, 0);
            browser.seeText("Wires at FC G4");
            browser.type("#reason", "a second ground");
            browser.press("Save to the sheet");
            browser.awaitPath("/crafts/POINT");
            assertThat(app.get("/api/crafts/POINT/build-sheet").get("electrics").get("wires"))
                    .hasSize(wires + 1);
        }
    }

    @Test
    void aRefusalIsSaidOnThePageInTheServersWords() {
        try (Browser browser = new Browser(app.url(""), "light", 1280, 800)) {
            browser.open("/new-craft");
            browser.type("#mark", "gannet");
            browser.press("Enter it");
            assertThat(browser.text("[role=alert]")).contains("There is a craft “gannet” already");
        }
    }
}
