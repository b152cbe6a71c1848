package ablemedic.app.browser;

import ablemedic.app.RunningApp.App;
import ablemedic.app.browser.Patient.Answer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.openqa.selenium.Keys;
import tools.jackson.databind.JsonNode;

/**
 * Somebody at a work-up in the browser who does what it says, by mouse or by keyboard alone, on a craft with something
 * hidden.
 */
final class Walker {
    private static final int PATIENCE = 45;
    private static final int FIXES = 6;
    /** What the meter shows where that has to be told along with a check, volts. */
    private static final double TOLD = 16.0;
    /** Outcomes that have a key; what is beyond is pressed. */
    private static final int KEYS = 10;

    private final App app;
    private final Browser browser;
    private final Patient patient;
    private final String path;

    Walker(App app, Browser browser, Patient patient, String path) {
        this.app = app;
        this.browser = browser;
        this.patient = patient;
        this.path = path;
    }

    /**
     * Checks, fixes and proves until it can be closed as solved; gives the faults that were put right, in their order.
     */
    List<String> workUp(boolean mouse) {
        List<String> fixed = new ArrayList<>();
        while (true) {
            checkUntilSomethingStandsOut(mouse);
            JsonNode view = view();
            if (isProven(view)) {
                return fixed;
            }
            if (fixed.size() == FIXES) {
                throw new AssertionError("not proven after " + fixed);
            }
            String fault = view.get("fix").get("faultId").asString();
            fix(view, mouse);
            fixed.add(fault);
        }
    }

    /** Makes the first of the fixes that are offered. */
    private void fix(JsonNode view, boolean mouse) {
        JsonNode fix = view.get("fix");
        browser.seeText(fix.get("title").asString());
        if (mouse) {
            browser.press("Done this way");
        } else {
            browser.tabTo(".options .act");
            browser.keys(Keys.ENTER);
        }
        patient.fixed(
                fix.get("faultId").asString(),
                fix.get("options").get(0).get("fixId").asString());
        browser.await(() -> version() > view.get("version").asLong());
        browser.seeText("Prove it");
        browser.blur();
    }

    /** Does what the plan says until a fix is offered or the proof has passed. */
    void checkUntilSomethingStandsOut(boolean mouse) {
        for (int i = 0; i < PATIENCE; i++) {
            JsonNode view = view();
            if (view.get("stage").asString().equals("FIXING") || isProven(view)) {
                return;
            }
            check(view, mouse);
        }
        throw new AssertionError("nothing stood out after " + PATIENCE + " checks");
    }

    private void check(JsonNode view, boolean mouse) {
        JsonNode check = patient.next(path);
        try {
            check(view, check, mouse);
        } catch (RuntimeException e) {
            throw new AssertionError("at " + check.get("checkId").asString(), e);
        }
    }

    private void check(JsonNode view, JsonNode check, boolean mouse) {
        long version = view.get("version").asLong();
        browser.await(() -> browser.heading().equals(check.get("title").asString()));
        if (check.get("takesExport").asBoolean()) {
            // This technician has no cable at hand.
            browser.press("Set aside");
            browser.await(() -> version() > version);
            return;
        }
        if (check.get("steps").toString().contains("SHORT_TEST")) {
            app.runRoutine(view.get("craftId").asString());
            browser.open(path);
            browser.see(".card-layout");
            return;
        }
        if (!check.get("ready").asBoolean()) {
            makeReady(mouse);
            return;
        }
        record(check, mouse);
        browser.await(() -> version() > version);
        browser.await(() -> !browser.shows("[data-outcomes] [aria-pressed=true]"));
    }

    /** With the bench as it is then, another check may be quicker; so this is a step of its own. */
    private void makeReady(boolean mouse) {
        if (mouse) {
            browser.press("All of this is done");
        } else {
            browser.keys("b");
        }
        browser.await(() -> patient.next(path).get("ready").asBoolean());
        browser.await(() -> !browser.shows(".ready"));
    }

    /** Answers one question after the other: on their own pages where all are outcomes, else down the form. */
    private void record(JsonNode check, boolean mouse) {
        Optional<Double> told = Optional.empty();
        if (!check.path("told").isNull() && !check.path("told").isMissingNode()) {
            told = Optional.of(TOLD);
            browser.type("#told", String.valueOf(TOLD));
        }
        List<Answer> answers = patient.answers(check.get("checkId").asString(), told);
        boolean oneByOne = answers.size() > 1
                && answers.stream().allMatch(answer -> answer.written().isEmpty());
        int numbers = 0;
        for (int i = 0; i < answers.size(); i++) {
            Answer answer = answers.get(i);
            if (oneByOne) {
                browser.see(".several li:nth-child(" + (i + 1) + ") [aria-current]");
            }
            if (answer.written().isEmpty()) {
                choose(
                        oneByOne ? "[data-outcomes]" : "form > :nth-child(" + (i + 1) + ") [data-outcomes]",
                        answer.outcome(),
                        mouse || !oneByOne && i > 0);
            } else if (mouse || answers.size() > 1 || told.isPresent()) {
                browser.type(numbers++ == 0 ? "#reading" : "#reading-" + (i + 1), answer.written());
            } else {
                browser.keys(answer.written());
            }
        }
        boolean typed = answers.stream().anyMatch(answer -> !answer.written().isEmpty());
        if (!typed) {
            browser.see("[data-outcomes] [aria-pressed=true]");
        }
        if (mouse) {
            browser.click("form .act");
        } else {
            browser.keys(Keys.ENTER);
            if (typed) {
                browser.blur();
            }
        }
    }

    private void choose(String among, int outcome, boolean mouse) {
        if (mouse || outcome > KEYS) {
            browser.click(among + " button:nth-child(" + outcome + ")");
        } else {
            browser.keys(String.valueOf(outcome % 10));
        }
    }

    private JsonNode view() {
        return app.get("/api" + path);
    }

    private long version() {
        return view().get("version").asLong();
    }

    private static boolean isProven(JsonNode view) {
        return view.get("proof") != null && view.get("proof").get("passes").asBoolean();
    }
}
