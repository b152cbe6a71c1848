package ablemedic.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp;
import ablemedic.app.RunningApp.App;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Every view, by day and by night. */
@ExtendWith(RunningApp.class)
class ViewsWalkTest {
    private final App app;

    ViewsWalkTest(App app) {
        this.app = app;
    }

    private void settled(Browser browser) {
        browser.assertAccessible();
        browser.assertQuiet();
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

    @Test
    void aRefusalIsSaidOnThePageInTheServersWords() {
        try (Browser browser = new Browser(app.url(""), "light", 1280, 800)) {
            browser.open("/new-craft");
            browser.type("#craftId", "gannet");
            browser.press("Save craft");
            assertThat(browser.text("[role=alert]")).contains("There is a craft “gannet” already");
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
}
