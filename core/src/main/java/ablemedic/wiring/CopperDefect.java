package ablemedic.wiring;

import ablemedic.wiring.Effect.Absent;
import ablemedic.wiring.Effect.Conductance;
import ablemedic.wiring.Effect.Joined;
import ablemedic.wiring.Effect.Seen;
import ablemedic.wiring.Effect.Sign;
import ablemedic.wiring.Effect.WireEnd;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What can be wrong with wires, joints and solder, which all families share. How often each can be seen is common
 * practice with no source.
 */
public sealed interface CopperDefect extends Defect {
    double BRIDGE_SEEN = 0.7;

    @Override
    default Culprit culprit() {
        return Culprit.WIRING;
    }

    /** A link that joins nothing any more. */
    record Open(String linkId) implements CopperDefect {
        @Override
        public Slot slot() {
            return ofLink(linkId);
        }

        @Override
        public List<Effect> effects(Wiring wiring) {
            return link(wiring, linkId, 0);
        }
    }

    /** A link that conducts badly. */
    record Poor(String linkId, double ohms) implements CopperDefect {
        @Override
        public Slot slot() {
            return ofLink(linkId);
        }

        @Override
        public List<Effect> effects(Wiring wiring) {
            return link(wiring, linkId, 1 / ohms);
        }
    }

    /** A wire that is not there at all. */
    record WireAbsent(String wireId) implements CopperDefect {
        @Override
        public Slot slot() {
            return ofLink(wireId);
        }

        @Override
        public List<Effect> effects(Wiring wiring) {
            return List.of(new Absent(wireId));
        }
    }

    /** A wire whose far end sits on another pad than it should. */
    record WireMoved(String wireId, String pad) implements CopperDefect {
        @Override
        public Slot slot() {
            return ofWireEnd(wireId);
        }

        @Override
        public List<Effect> effects(Wiring wiring) {
            return List.of(new WireEnd(wireId, pad));
        }
    }

    /** Two pads side by side that are joined. */
    record Bridge(String onePad, String otherPad, double ohms) implements CopperDefect {
        @Override
        public Slot slot() {
            return new Slot("bridge", onePad + "|" + otherPad);
        }

        @Override
        public List<String> places() {
            return List.of(onePad, otherPad);
        }

        @Override
        public List<Effect> effects(Wiring wiring) {
            return List.of(new Joined(onePad, otherPad, ohms), new Seen(places(), Sign.BRIDGE, BRIDGE_SEEN));
        }
    }

    /** What defects of a link come to. */
    static Slot ofLink(String linkId) {
        return new Slot("link", linkId);
    }

    /** What defects of a wire's far end come to. */
    static Slot ofWireEnd(String wireId) {
        return new Slot("wire-end", wireId);
    }

    private static List<Effect> link(Wiring wiring, String linkId, double siemens) {
        return Stream.concat(Stream.of(new Conductance(linkId, siemens)), look(wiring, linkId).stream())
                .toList();
    }

    private static Optional<Effect> look(Wiring wiring, String linkId) {
        return wiring.links().stream()
                .filter(link -> link.id().equals(linkId))
                .findFirst()
                .map(link -> new Seen(
                        Stream.of(link.a(), link.b())
                                .map(node -> wiring.points().get(node).pad())
                                .toList(),
                        link.kind() == Wiring.Kind.TRACE ? Sign.BURNT : Sign.JOINT,
                        switch (link.kind()) {
                            case JOINT, LEAD -> 0.5;
                            case PIN -> 0.25;
                            case WIRE -> 0.3;
                            case TRACE -> 0.2;
                        }));
    }
}
