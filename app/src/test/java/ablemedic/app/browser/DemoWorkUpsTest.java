package ablemedic.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openqa.selenium.Keys;
import tools.jackson.databind.JsonNode;

/**
 * Every work-up that the demo leaves open is walked from where it stands to its close, every other one by keyboard
 * alone.
 */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class DemoWorkUpsTest {
    private App app;

    @BeforeAll
    void start(@TempDir Path folder) {
        app = App.on(folder.resolve("demo.db"), "--medic.demo=true");
    }

    @AfterAll
    void stop() {
        app.close();
    }

    private JsonNode open(String craftId) {
        for (JsonNode one : app.get("/api/work-ups")) {
            if (one.get("open").asBoolean() && one.get("craftId").asString().equals(craftId)) {
                return one;
            }
        }
        throw new AssertionError("no open work-up of " + craftId);
    }

    @ParameterizedTest
    @CsvSource({
        "TERN,      outputs-2413,                       true,  light",
        "SKUA,      board-180,                          false, dark",
        "PETREL,    sense-on-PB_5V,                     true,  dark",
        "DUNLIN,    cannot-work-RX-telemetry,           false, light",
        "CURLEW,    ground-modem-38400 modem-flow,      true,  light",
        "GANNET,    '',                                 false, dark",
        "PUFFIN,    open-FC_S3_C4_S3_2,                 true,  light",
        "REDSHANK,  arm-range-lost,                     false, light",
        "DOTTEREL,  receiver-holds,                     true,  dark",
        "LAPWING,   camera-not-paired,                  false, dark",
        "WHIMBREL,  motor-reversed-rear-right told-90,  true,  light"
    })
    void isWalkedToItsClose(String craftId, String hidden, boolean mouse, String mode) {
        List<String> faults = hidden.isBlank() ? List.of() : List.of(hidden.split(" "));
        Patient patient = new Patient(app, craftId, faults.toArray(String[]::new));
        String path = "/work-ups/" + open(craftId).get("id").asLong();
        try (Browser browser = new Browser(app.url(""), mode, 1280, 900)) {
            browser.open(path);
            browser.see(".card-layout");
            List<String> fixed = new Walker(app, browser, patient, path).workUp(mouse);
            // A kept export that shows the one fault stands for it.
            assertThat(fixed.stream()
                            .map(id -> id.startsWith("as-settings-listing") ? faults.get(0) : id)
                            .toList())
                    .containsExactlyInAnyOrderElementsOf(faults);
            browser.seeText("Every test has passed");
            if (mouse) {
                browser.press("Close as solved");
                browser.press("Close it");
            } else {
                browser.keys("c");
                browser.see("#close-reason");
                browser.tabTo("[role=dialog] .act");
                browser.keys(Keys.ENTER);
            }
            browser.seeText("Closed: solved and proven");
            browser.assertQuiet();
        }
    }

    @Test
    void noneIsForgotten() throws NoSuchMethodException {
        String walked = String.join(
                " ",
                DemoWorkUpsTest.class
                        .getDeclaredMethod(
                                "isWalkedToItsClose", String.class, String.class, boolean.class, String.class)
                        .getAnnotation(CsvSource.class)
                        .value());
        for (JsonNode one : app.get("/api/work-ups")) {
            if (one.get("open").asBoolean()) {
                assertThat(walked).contains(one.get("craftId").asString());
            }
        }
    }
}
