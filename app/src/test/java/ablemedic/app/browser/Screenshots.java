package ablemedic.app.browser;

import ablemedic.app.RunningApp;
import ablemedic.app.RunningApp.App;
import java.io.IOException;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Takes the pictures of the README from the demo bench. Not a test: {@code ./medic screenshots} runs it. */
@ExtendWith(RunningApp.class)
class Screenshots {
    private static final Path FOLDER = Path.of("../docs/screenshots");

    @Test
    void take(App app) throws IOException {
        try (Browser browser = new Browser(app.url(""), "light", 1280, 800)) {
            shot(browser, "/", "bench", "Needs attention");
            shot(browser, "/crafts/FULMAR", "chart", "Build sheet");
            browser.open("/work-ups/new?craft=EIDER");
            browser.see("input[name=kind]");
            browser.click("input[name=kind][value=take-off]");
            browser.click("input[name=seen-manner]");
            browser.seeText("Press the side");
            browser.picture(FOLDER.resolve("intake.png"));
            shot(browser, open(app, "PUFFIN"), "work-up", "Suspects");
            browser.blur();
            browser.keys("w");
            browser.seeText("Before anything was found");
            browser.picture(FOLDER.resolve("work-up-why.png"));
            shot(browser, open(app, "TERN"), "fix", "Done this way");
            shot(browser, open(app, "GANNET"), "proof", "Prove it");
            app.ask("POST", "/api/crafts/EIDER/set-up", "{\"occasion\": \"FLASH\"}");
            browser.open("/crafts/EIDER/set-up");
            browser.see("ol.steps");
            browser.picture(FOLDER.resolve("set-up.png"));
            browser.open("/instruments/capture");
            browser.click("form button.act");
            browser.seeText("Channels that move");
            browser.picture(FOLDER.resolve("capture.png"));
            shot(browser, "/instruments/port-planner", "port-planner", "No UART for telemetry");
            browser.open("/crafts/PETREL");
            browser.see("[data-point]");
            browser.scrollTo("#leads-heading");
            browser.picture(FOLDER.resolve("chart-power.png"));
            browser.open("/crafts/DUNLIN");
            browser.see("#serial-heading");
            browser.scrollTo("#serial-heading");
            browser.picture(FOLDER.resolve("serial-map.png"));
            shot(browser, "/batteries/A1", "battery", "When to land");
            browser.open("/crafts/PETREL/routine");
            browser.seeText("Step 1 of");
            browser.keys("1", org.openqa.selenium.Keys.ENTER);
            browser.seeText("Step 2 of");
            browser.picture(FOLDER.resolve("routine.png"));
            shot(browser, "/crafts/FULMAR/snapshots?n=2", "snapshots", "can cause: ");
            shot(browser, "/repair-log", "repair-log", "Comes back");
            shot(browser, "/handbook", "handbook", "Conventions");
        }
        try (Browser browser = new Browser(app.url(""), "dark", 1280, 800)) {
            shot(browser, open(app, "SKUA"), "work-up-night", "Suspects");
        }
        try (Browser browser = new Browser(app.url(""), "light", 820, 1100)) {
            shot(browser, open(app, "REDSHANK"), "work-up-tablet", "arm switch");
        }
    }

    /** Where the open work-up of a craft stands. */
    private static String open(App app, String craftId) {
        return "/work-ups/"
                + app.get("/api/bench")
                        .get("needing")
                        .valueStream()
                        .filter(summary -> summary.get("craftId").asString().equals(craftId))
                        .findFirst()
                        .orElseThrow()
                        .get("workUpId")
                        .asLong();
    }

    private static void shot(Browser browser, String path, String name, String settled) throws IOException {
        browser.open(path);
        browser.seeText(settled);
        browser.picture(FOLDER.resolve(name + ".png"));
    }
}
