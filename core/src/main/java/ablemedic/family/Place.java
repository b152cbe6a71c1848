package ablemedic.family;

import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.Stick;
import ablemedic.diagnosis.Check;
import ablemedic.wiring.Wiring;
import java.util.List;

/** Where on a craft a check acts; a screen draws each kind in its own way. */
public sealed interface Place {
    /** No place of its own. */
    Place NOWHERE = new Nowhere();

    /** The place of a check. */
    static Place of(Check<Craft> check) {
        return check instanceof Placed placed ? placed.place() : NOWHERE;
    }

    /** A check that knows its place. */
    interface Placed extends Check<Craft> {
        Place place();
    }

    /** Nothing to point at. */
    record Nowhere() implements Place {}

    /** Corners of the craft. */
    record Corners(List<Corner> corners) implements Place {
        public Corners {
            corners = List.copyOf(corners);
        }
    }

    /** The eight edges and corners, of which one answers a question. */
    record Edges(String questionId) implements Place {}

    /** Two points under the probes of a meter, with the craft powered or not. */
    record Probes(boolean powered, Wiring.Point red, Wiring.Point black) implements Place {}

    /** One part, to be looked at or measured as a whole. */
    record OnePart(String partId) implements Place {}

    /** One stick of the radio, pushed to its positive end. */
    record OneStick(Stick stick) implements Place {}
}
