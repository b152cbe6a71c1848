package ablemedic.app.instruments;

import ablemedic.app.chart.CraftStore;
import ablemedic.app.radiooff.RadioOffTests;
import ablemedic.radio.ReturnHome;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Whether a first return-home try of a craft may be made, and how. */
@RestController
class ReturnHomeController {
    private final CraftStore crafts;
    private final RadioOffTests tests;

    ReturnHomeController(CraftStore crafts, RadioOffTests tests) {
        this.crafts = crafts;
        this.tests = tests;
    }

    /** What was seen; what nobody knows stays out. */
    record ReturnAsked(
            @NotBlank(message = "{names.a.craft}") String craftId,
            @Nullable Integer satellites,
            @Nullable Boolean homeNoted,
            @Nullable Double obstacleM,
            @Nullable Double windMs) {}

    record ReturnAnswer(boolean go, List<ReturnHome.Condition> conditions, List<String> plan) {}

    @PostMapping("/api/instruments/return-home")
    ReturnAnswer home(@RequestBody @Valid ReturnAsked asked) {
        String craftId = crafts.get(asked.craftId()).craftId();
        ReturnHome home = ReturnHome.of(
                crafts.newestCraft(craftId),
                new ReturnHome.Seen(
                        Optional.ofNullable(asked.satellites())
                                .map(n -> (int) Asked.within("satellites", n, 0, 60, "satellites")),
                        Optional.ofNullable(asked.homeNoted()),
                        Optional.ofNullable(asked.obstacleM()).map(m -> Asked.within("obstacleM", m, 0, 500, "m")),
                        Optional.ofNullable(asked.windMs()).map(ms -> Asked.within("windMs", ms, 0, 40, "m/s")),
                        Optional.of(tests.standing(craftId).state() == RadioOffTests.State.PASSED)));
        return new ReturnAnswer(home.isGo(), home.conditions(), home.plan());
    }
}
