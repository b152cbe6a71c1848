package ablemedic.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp;
import ablemedic.app.RunningApp.App;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** Instruments, parts and drawings, as they are used. */
@ExtendWith(RunningApp.class)
class InstrumentWalkTest {
    private final App app;

    InstrumentWalkTest(App app) {
        this.app = app;
    }

    private void settled(Browser browser) {
        browser.assertAccessible();
        browser.assertQuiet();
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
}
