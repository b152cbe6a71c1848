package ablemedic.app.instruments;

import ablemedic.app.http.Refusal;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.settings.VersionSearch;
import ablemedic.settings.VersionSearch.Standing;
import ablemedic.settings.VersionSearch.Trial;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Finds the version that broke something. */
@RestController
class VersionSearchController {
    private static final Words SAID =
            Catalogue.beside(VersionSearchController.class, "words").of("version-search-controller");
    private static final Words REFUSALS =
            Catalogue.beside(VersionSearchController.class, "refusals").of("version-search-controller");
    private static final double MOST_FLAKES = 0.45;

    /**
     * @param versions by name, the oldest first: it works, and the newest does not
     * @param seemsToWork how often a broken one works in a trial
     * @param seemsBroken how often a sound one fails in a trial
     */
    record SearchAsked(
            @NotNull @Size(min = 2, max = 200, message = "{between}")
            List<@NotNull @Size(min = 1, max = 40, message = "{between.letters}") String> versions,

            @NotNull @Size(max = 200, message = "{most}") List<@NotNull @Valid TrialMade> trials,

            double seemsToWork,
            double seemsBroken) {}

    record TrialMade(@NotNull String version, boolean works) {}

    /**
     * @param next the version to try; none once the step is found
     * @param left trials that are still to be expected
     * @param proof what to do once it is found, so that the fix is known to be the fix
     */
    record SearchAnswer(
            List<StepBelief> steps,
            @Nullable String next,
            double left,
            @Nullable String found,
            List<String> proof) {}

    /** How likely it is that this version broke it. */
    record StepBelief(String version, String before, double belief, int worked, int failed) {}

    @PostMapping("/api/instruments/version-search")
    SearchAnswer search(@RequestBody @Valid SearchAsked asked) {
        List<String> versions = asked.versions().stream().map(String::strip).toList();
        if (versions.stream().distinct().count() != versions.size()) {
            throw Refusal.wrong("versions", REFUSALS, "version-twice");
        }
        VersionSearch search = new VersionSearch(
                versions.size(),
                Asked.within("seemsToWork", asked.seemsToWork(), 0, MOST_FLAKES, ""),
                Asked.within("seemsBroken", asked.seemsBroken(), 0, MOST_FLAKES, ""));
        List<Trial> trials = new ArrayList<>();
        for (int i = 0; i < asked.trials().size(); i++) {
            String version = asked.trials().get(i).version().strip();
            if (!versions.contains(version)) {
                throw Refusal.wrong(
                        "trials[" + i + "].version",
                        REFUSALS.with("version", Refusal.shortened(version)),
                        "no-version");
            }
            trials.add(
                    new Trial(versions.indexOf(version), asked.trials().get(i).works()));
        }
        Standing posterior = search.after(trials);
        return new SearchAnswer(
                IntStream.range(1, versions.size())
                        .mapToObj(i -> new StepBelief(
                                versions.get(i),
                                versions.get(i - 1),
                                posterior.beliefs().get(i - 1),
                                count(trials, i, true),
                                count(trials, i, false)))
                        .toList(),
                posterior.next().isPresent() ? versions.get(posterior.next().getAsInt()) : null,
                posterior.left(),
                posterior.found().map(versions::get).orElse(null),
                posterior
                        .found()
                        .map(broken -> proof(versions.get(broken), versions.get(broken - 1)))
                        .orElse(List.of()));
    }

    private static int count(List<Trial> trials, int version, boolean works) {
        return (int) trials.stream()
                .filter(trial -> trial.version() == version && trial.works() == works)
                .count();
    }

    private static List<String> proof(String broken, String works) {
        return List.of(
                SAID.with("works", works).line("good").plain(),
                SAID.with("broken", broken).line("bad").plain(),
                SAID.with("works", works).with("broken", broken).line("stay").plain());
    }
}
