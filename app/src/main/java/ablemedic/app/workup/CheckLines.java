package ablemedic.app.workup;

import ablemedic.app.workup.WorkUpView.CheckLine;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Evidence.Finding;
import ablemedic.diagnosis.Plan;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The list of all checks of a work-up, with what each would take and tell. */
final class CheckLines {
    private CheckLines() {}

    static List<CheckLine> of(WorkUp workUp, Plan<Craft> plan, double routine) {
        Map<String, Plan.Step<Craft>> planned = new HashMap<>();
        plan.steps().forEach(step -> planned.put(step.check().id(), step));
        Craft sound = workUp.known().soundNow();
        List<CheckLine> lines = new ArrayList<>();
        Map<String, Check<Craft>> all = new LinkedHashMap<>();
        workUp.book().checks().forEach(check -> all.put(check.id(), check));
        plan.steps().forEach(step -> all.putIfAbsent(step.check().id(), step.check()));
        for (Check<Craft> check : all.values()) {
            if (!check.explores()) {
                continue;
            }
            Optional<Plan.Step<Craft>> step = Optional.ofNullable(planned.get(check.id()));
            lines.add(new CheckLine(
                    check.id(),
                    check.title(sound).plain(),
                    step.map(Plan.Step::bits).orElse(0.0),
                    check.minutes()
                            + step.flatMap(Plan.Step::route)
                                    .map(route -> route.minutesWith(routine))
                                    .orElse(0.0),
                    workUp.known().evidence().stream()
                            .anyMatch(ev -> ev instanceof Finding<Craft> f
                                    && f.check().id().equals(check.id())),
                    workUp.skipped().getOrDefault(check.id(), 0),
                    step.map(s -> !s.unlocks().isEmpty()).orElse(false)));
        }
        return lines;
    }
}
