package ablemedic.app.workup;

import ablemedic.app.chart.PowerMap.WireState;
import ablemedic.app.routine.RoutineStore;
import ablemedic.app.routine.Routines;
import ablemedic.app.storage.Recent;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.configuration.Configuration;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Evidence;
import ablemedic.diagnosis.Evidence.Finding;
import ablemedic.diagnosis.Posterior;
import ablemedic.diagnosis.Reading;
import ablemedic.diagnosis.Suspect;
import ablemedic.family.Cleared;
import ablemedic.requirement.Recorded;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.Wiring.Link;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What is known of each wire of a craft, and what a reading has shown to be sound. */
@Component
class WireKnowledge {
    private static final Words SAID =
            Catalogue.beside(WireKnowledge.class, "words").of("wire-knowledge");
    private static final double DOUBTED = 0.06;
    private static final double BROKEN = 0.9;
    private static final int NAMED = 4;
    private static final int KEPT = 2_000;

    private final Diagnoses diagnoses;
    private final Recent<Seen, List<Link>> known = new Recent<>(KEPT);

    WireKnowledge(Diagnoses diagnoses) {
        this.diagnoses = diagnoses;
    }

    private record Seen(Electrics sound, Configuration told, String check, Reading reading) {}

    /** The links that a reading clears. */
    List<Link> cleared(Craft sound, Check<Craft> check, Reading reading) {
        if (sound.electrics().sheet().isEmpty() || !check.explores()) {
            return List.of();
        }
        return known.of(
                new Seen(sound.electrics(), sound.configuration(), check.key(), reading),
                seen -> Cleared.by(sound, check, reading));
    }

    /** The same in words, whole wires as one, and no more than a few. */
    List<String> clearedInWords(Craft sound, Check<Craft> check, Reading reading) {
        List<Link> links = cleared(sound, check, reading);
        Map<String, Long> perWire = sound.electrics().wiring().links().stream()
                .filter(l -> !l.wireId().isEmpty())
                .collect(Collectors.groupingBy(Link::wireId, Collectors.counting()));
        Map<String, Long> clearedPerWire = links.stream()
                .filter(l -> !l.wireId().isEmpty())
                .collect(Collectors.groupingBy(Link::wireId, Collectors.counting()));
        List<String> words = new ArrayList<>();
        Set<String> whole = new HashSet<>();
        for (Link link : links) {
            if (!link.wireId().isEmpty() && perWire.get(link.wireId()).equals(clearedPerWire.get(link.wireId()))) {
                if (whole.add(link.wireId())) {
                    words.add(SAID.with("wire", link.wireId().replace(">", " to "))
                            .line("wire")
                            .plain());
                }
            } else {
                words.add(link.label());
            }
        }
        if (words.size() <= NAMED) {
            return words;
        }
        List<String> few = new ArrayList<>(words.subList(0, NAMED));
        few.add("and " + (words.size() - NAMED) + " more");
        return few;
    }

    /** The states of the wires of a craft: from its routine where that holds, and from an open work-up. */
    Map<String, WireState> states(
            Routines.Standing routine, Craft sound, Optional<WorkUp> workUp, Optional<Posterior<Craft>> posterior) {
        if (sound.electrics().sheet().isEmpty()) {
            return Map.of();
        }
        Set<String> clear = new HashSet<>();
        if (routine.state() == ablemedic.diagnosis.BenchState.ShortTest.PASSED) {
            for (RoutineStore.Read read : routine.newest().orElseThrow().steps()) {
                diagnoses.of(Recorded.of(sound)).book().check(read.checkId()).ifPresent(check -> read.entered()
                        .reading(check.answers())
                        .ifPresent(reading -> cleared(sound, check, reading).forEach(l -> clear.add(l.id()))));
            }
        }
        workUp.ifPresent(w -> {
            for (Evidence<Craft> evidence : w.known().evidence()) {
                if (evidence instanceof Finding<Craft> finding
                        && finding.repairs().equals(w.known().repairs())) {
                    cleared(sound, finding.check(), finding.reading()).forEach(l -> clear.add(l.id()));
                }
            }
        });
        Map<String, Double> doubt = new HashMap<>();
        posterior.ifPresent(s -> s.suspects().forEach(suspect -> doubts(sound, suspect, doubt)));
        Map<String, WireState> states = new HashMap<>();
        sound.electrics().wiring().links().stream()
                .filter(l -> !l.wireId().isEmpty())
                .collect(Collectors.groupingBy(Link::wireId))
                .forEach((wire, links) -> {
                    double most = links.stream()
                            .mapToDouble(l -> doubt.getOrDefault(l.id(), 0.0))
                            .sum();
                    states.put(
                            wire,
                            most >= BROKEN
                                    ? WireState.BROKEN
                                    : most >= DOUBTED
                                            ? WireState.DOUBTED
                                            : links.stream().allMatch(l -> clear.contains(l.id()))
                                                    ? WireState.PROVEN
                                                    : WireState.UNKNOWN);
                });
        return states;
    }

    private static void doubts(Craft sound, Suspect<Craft> suspect, Map<String, Double> doubt) {
        for (Link link : sound.electrics().wiring().links()) {
            suspect.faults().stream()
                    .filter(b -> Cleared.sitsAt(b.fault(), link))
                    .forEach(b -> doubt.merge(link.id(), b.belief(), Double::sum));
        }
    }
}
