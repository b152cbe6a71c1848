package ablemedic.family;

import ablemedic.wiring.Defect;
import ablemedic.wiring.Effect;
import ablemedic.wiring.Effect.LineStopped;
import ablemedic.wiring.Wiring;
import java.util.List;

/** A line that can't work as it is wired, such as one whose UART has no inverter. */
public record StoppedLine(String partId, String line) implements Defect {
    @Override
    public Slot slot() {
        return new Slot("as-wired", line);
    }

    @Override
    public Culprit culprit() {
        return Culprit.PLACING;
    }

    @Override
    public List<String> places() {
        return List.of(partId);
    }

    @Override
    public List<Effect> effects(Wiring wiring) {
        return List.of(new LineStopped(line));
    }
}
