package ablemedic.app.workup;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Standing;
import ablemedic.line.CraftLines;
import ablemedic.settings.Arming;
import ablemedic.settings.Arming.Reason;
import ablemedic.settings.Arming.State;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * A lock that a craft waits for before it arms, by all that is known in its work-up.
 *
 * @param label what it is about
 * @param shut  probability that it is shut, 0 to 1
 */
record LockBelief(String id, String label, double shut) {
  static List<LockBelief> of(Standing<Craft> standing) {
    Craft sound = standing.known().sound();
    Optional<CraftLines> lines = CraftLines.of(sound.withElectrics(sound.electrics().sound()));
    Map<Craft, Set<Reason>> known = new ConcurrentHashMap<>();
    return Arrays.stream(Reason.values()).map(reason -> new LockBelief(reason.id(), reason.label(),
        standing.beliefThat(craft -> known.computeIfAbsent(craft, one -> Arming.of(lines, one, State.ofPilot(one, true)).shut()).contains(reason)))).toList();
  }
}
