package ablemedic.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp;
import ablemedic.app.RunningApp.App;
import java.nio.file.Path;
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
            browser.see("#craftId");
            browser.type("#craftId", "KITE");
            browser.choose("#spins", "OUTWARD");
            settled(browser);
            browser.press("Save craft");
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
}
