package ablemedic.app.workup;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Posterior;
import ablemedic.settings.Arming;
import ablemedic.settings.Arming.Reason;
import ablemedic.settings.Arming.State;
import ablemedic.uart.CraftLines;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A lock that a craft waits for before it arms, by all that is known in its work-up.
 *
 * @param label what it is about
 * @param shut probability that it is shut, 0 to 1
 */
record BlockerBelief(String id, String label, double shut) {
    static List<BlockerBelief> of(Posterior<Craft> standing) {
        Craft sound = standing.known().sound();
        Optional<CraftLines> lines = CraftLines.onSheet(sound);
        Map<Reason, Double> shut = standing.beliefs(
                craft -> Arming.of(lines, craft, State.ofPilot(craft, true)).shut());
        return Arrays.stream(Reason.values())
                .map(reason -> new BlockerBelief(reason.id(), reason.label(), shut.getOrDefault(reason, 0.0)))
                .toList();
    }
}
