package ablemedic.app.workup;

import ablemedic.app.chart.SnapshotStore;
import ablemedic.app.http.TextPart;
import ablemedic.app.workup.WorkUpView.FixCard;
import ablemedic.app.workup.WorkUpView.FixOption;
import ablemedic.app.workup.WorkUpView.ValueView;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Fix;
import ablemedic.diagnosis.Posterior;
import ablemedic.diagnosis.Suspect;
import ablemedic.firmware.Dictionary;
import ablemedic.snapshot.RestoreCommands;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/**
 * How a fault is put right on one craft, with the text to paste where it is a setting that its firmware has a name for.
 */
@Component
class FixCards {
    private final SnapshotStore snapshots;

    FixCards(SnapshotStore snapshots) {
        this.snapshots = snapshots;
    }

    FixCard of(Suspect<Craft> suspect, Posterior<Craft> posterior, WorkUp workUp) {
        return of(suspect.leading(), suspect.belief(), posterior.standsOut().isEmpty(), workUp);
    }

    FixCard of(Fault<Craft> fault, double belief, boolean trial, WorkUp workUp) {
        Craft sound = workUp.known().sound();
        Craft faulty = fault.applyTo(workUp.known().soundNow());
        Optional<Dictionary> names = snapshots.names(workUp.opened().craftId());
        return new FixCard(
                fault.id(),
                fault.kind(),
                fault.describe(sound).plain(),
                belief,
                trial,
                fault.fixes(sound).stream()
                        .map(fix -> new FixOption(
                                fix.id(),
                                fix.title().plain(),
                                TextPart.of(fix.steps(), sound.naming()),
                                values(fix),
                                names.map(all -> RestoreCommands.of(faulty, fix.applyTo(faulty), all))
                                        .orElse(""),
                                fix.minutes()))
                        .toList());
    }

    static List<ValueView> values(Fix<Craft> fix) {
        return fix.values().stream()
                .map(v -> new ValueView(v.what(), v.before(), v.after()))
                .toList();
    }
}
