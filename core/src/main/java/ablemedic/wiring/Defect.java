package ablemedic.wiring;

import java.util.List;

/**
 * One way in which the parts and wires of a craft differ from how they should be. Each family has its own; what one
 * does to the craft, it says in the effects that physics knows. Defects of one {@link #slot} take each other's place: a
 * joint is open or poor, never both.
 */
public interface Defect {

    /**
     * What it is that defects of one kind come to.
     *
     * @param what such as a link, or the battery's resistance
     * @param where the id of the part, pad, wire or link; empty where there is only one
     */
    record Slot(String what, String where) implements Comparable<Slot> {
        @Override
        public int compareTo(Slot other) {
            int byWhat = what.compareTo(other.what);
            return byWhat != 0 ? byWhat : where.compareTo(other.where);
        }
    }

    /** What is to blame for a defect. */
    enum Culprit {
        /** A part itself: the defect leaves the craft together with it. */
        PART,
        BATTERY,
        /** Wires, solder and plugs. */
        WIRING,
        /** How a part was chosen or mounted: another of its kind would do no better there. */
        PLACING
    }

    Slot slot();

    /** What it does to the craft, as physics knows it; nothing where only its own family can tell. */
    default List<Effect> effects(Wiring wiring) {
        return List.of();
    }

    default Culprit culprit() {
        return Culprit.PART;
    }

    /** The addresses of parts and pads that somebody would look at for it. */
    default List<String> places() {
        return List.of(slot().where());
    }

    /** Whether it sits at a part or one of its pads. */
    default boolean isAt(String partId) {
        return places().stream().anyMatch(place -> isOf(partId, place));
    }

    /** Whether an address is that of a part or of one of its pads. */
    static boolean isOf(String partId, String place) {
        return place.equals(partId) || place.startsWith(partId + ".");
    }
}
