package ablemedic.wiring;

import java.util.List;

/**
 * One way in which the wiring differs from how it should be. Harms of one {@link #slot} take each other's place: a
 * joint is open or poor, never both.
 */
public sealed interface Defect {

    /** What it is that harms of one kind come to, such as a link or the pack's resistance. */
    record Slot(Sort sort, String where) implements Comparable<Slot> {
        /** The kinds of places. */
        public enum Sort {
            LINK,
            BRIDGE,
            CROSSED,
            DRIVE,
            REGULATOR,
            CAPACITOR,
            DRAW,
            LEAD,
            DIVIDER,
            PACK_OHMS,
            PACK_CELL,
            PACK_CELLS,
            PORT_PAD,
            JUMPER,
            SKY,
            ANTENNA,
            AS_BUILT,
            SORT,
            PICTURE,
            AIR
        }

        @Override
        public int compareTo(Slot other) {
            int bySort = sort.compareTo(other.sort);
            return bySort != 0 ? bySort : where.compareTo(other.where);
        }
    }

    Slot slot();

    /** The addresses of parts and pads that somebody would look at for it. */
    default List<String> places() {
        return List.of(slot().where());
    }

    /**
     * Whether it leaves the craft together with the part that it sits at; what is of leads, solder and places stays.
     */
    default boolean goesWithPart() {
        return switch (slot().sort()) {
            case LINK, BRIDGE, LEAD, SKY, AIR, AS_BUILT -> false;
            default -> true;
        };
    }

    /** Whether it sits at a part or one of its pads. */
    default boolean isAt(String partId) {
        return places().stream().anyMatch(place -> place.equals(partId) || place.startsWith(partId + "."));
    }

    /** A link that joins nothing any more. */
    record Open(String linkId) implements Defect {
        @Override
        public Slot slot() {
            return Poor.slot(linkId);
        }
    }

    /** A wire that is not there at all. */
    record LeadAbsent(String leadId) implements Defect {
        @Override
        public Slot slot() {
            return Poor.slot(leadId);
        }
    }

    /** A link that conducts badly. */
    record Poor(String linkId, double ohms) implements Defect {
        @Override
        public Slot slot() {
            return slot(linkId);
        }

        public static Slot slot(String linkId) {
            return new Slot(Slot.Sort.LINK, linkId);
        }
    }

    /** Two pads side by side that are joined. */
    record Bridge(String onePad, String otherPad, double ohms) implements Defect {
        @Override
        public Slot slot() {
            return slot(onePad, otherPad);
        }

        public static Slot slot(String onePad, String otherPad) {
            return new Slot(Slot.Sort.BRIDGE, onePad + "|" + otherPad);
        }

        @Override
        public List<String> places() {
            return List.of(onePad, otherPad);
        }
    }

    /** A part whose supply leads are crossed. */
    record Crossed(String partId) implements Defect {
        @Override
        public Slot slot() {
            return new Slot(Slot.Sort.CROSSED, partId);
        }
    }

    /** A drive that is shorted inside, told by its supply pad. */
    record DriveShort(String supplyPad, double ohms) implements Defect {
        @Override
        public Slot slot() {
            return slot(supplyPad);
        }

        public static Slot slot(String supplyPad) {
            return new Slot(Slot.Sort.DRIVE, supplyPad);
        }
    }

    /** A regulator that gives less than it should, told by its output pad: this share of its limit, 0 when dead. */
    record WeakRegulator(String outPad, double share) implements Defect {
        @Override
        public Slot slot() {
            return slot(outPad);
        }

        public static Slot slot(String outPad) {
            return new Slot(Slot.Sort.REGULATOR, outPad);
        }
    }

    /** A bulky capacitor that is burst and shorted, told by its plus pad. */
    record BurstCapacitor(String plusPad, double ohms) implements Defect {
        @Override
        public Slot slot() {
            return slot(plusPad);
        }

        public static Slot slot(String plusPad) {
            return new Slot(Slot.Sort.CAPACITOR, plusPad);
        }
    }

    /** A part that draws another current: so many times its own, 0 when dead. */
    record OtherDraw(String partId, double times) implements Defect {
        @Override
        public Slot slot() {
            return slot(partId);
        }

        public static Slot slot(String partId) {
            return new Slot(Slot.Sort.DRAW, partId);
        }
    }

    /** A lead whose far end sits on another pad than it should. */
    record LeadMoved(String leadId, String pad) implements Defect {
        @Override
        public Slot slot() {
            return slot(leadId);
        }

        public static Slot slot(String leadId) {
            return new Slot(Slot.Sort.LEAD, leadId);
        }
    }

    /** A sense lead whose far end sits on a regulated voltage that is not on the sheet, volts. */
    record LeadOnOther(String leadId, double volts) implements Defect {
        @Override
        public Slot slot() {
            return LeadMoved.slot(leadId);
        }
    }

    /** A divider or converter that gives so many times the voltage it should. */
    record DividerOff(double times) implements Defect {
        public static final Slot SLOT = new Slot(Slot.Sort.DIVIDER, "");

        @Override
        public Slot slot() {
            return SLOT;
        }
    }

    /** A pack whose resistance is so many times its own. */
    record WornPack(double times) implements Defect {
        public static final Slot SLOT = new Slot(Slot.Sort.PACK_OHMS, "");

        @Override
        public Slot slot() {
            return SLOT;
        }
    }

    /** A pack of which one cell sags more than the others, volts in a hover. */
    record WeakCell(double volts) implements Defect {
        public static final Slot SLOT = new Slot(Slot.Sort.PACK_CELL, "");

        @Override
        public Slot slot() {
            return SLOT;
        }
    }

    /** Another pack was fitted, of so many cells more, or less when negative. */
    record OtherPack(int cellsMore) implements Defect {
        public static final Slot SLOT = new Slot(Slot.Sort.PACK_CELLS, "");

        @Override
        public Slot slot() {
            return SLOT;
        }
    }

    /** A side of a port that is dead in the chip, told by its pad. */
    record DeadPortPad(String pad) implements Defect {
        @Override
        public Slot slot() {
            return slot(pad);
        }

        public static Slot slot(String pad) {
            return new Slot(Slot.Sort.PORT_PAD, pad);
        }
    }

    /** A solder jumper that turns the line at a pad round the other way than what is joined there wants. */
    record OtherJumper(String pad) implements Defect {
        @Override
        public Slot slot() {
            return slot(pad);
        }

        public static Slot slot(String pad) {
            return new Slot(Slot.Sort.JUMPER, pad);
        }
    }

    /** A positioning module that does not see the sky as it should. */
    record NoSky(String partId, Why why) implements Defect {
        /** What keeps it from seeing satellites. */
        public enum Why {
            FACE_DOWN,
            BESIDE_TRANSMITTER,
            NO_TIME_YET
        }

        @Override
        public Slot slot() {
            return slot(partId);
        }

        public static Slot slot(String partId) {
            return new Slot(Slot.Sort.SKY, partId);
        }
    }

    /** An antenna that hears less than it should. */
    record PoorAntenna(String partId, Why why) implements Defect {
        /** What is wrong with it. */
        public enum Why {
            BROKEN,
            BESIDE_CARBON
        }

        @Override
        public Slot slot() {
            return slot(partId);
        }

        public static Slot slot(String partId) {
            return new Slot(Slot.Sort.ANTENNA, partId);
        }
    }

    /** A line that cannot work as the sheet has it joined, told by its name. */
    record CannotWork(String partId, String line) implements Defect {
        @Override
        public Slot slot() {
            return slot(line);
        }

        public static Slot slot(String line) {
            return new Slot(Slot.Sort.AS_BUILT, line);
        }

        @Override
        public List<String> places() {
            return List.of(partId);
        }
    }

    /** A receiver of the sort that sends no telemetry back. */
    record NoTelemetry(String partId) implements Defect {
        @Override
        public Slot slot() {
            return slot(partId);
        }

        public static Slot slot(String partId) {
            return new Slot(Slot.Sort.SORT, partId);
        }
    }

    /** A part that gives, passes or sends no picture though it has its supply. */
    record NoPicture(String partId, Why why) implements Defect {
        /** What keeps it from that. */
        public enum Why {
            DEAD,
            LOOSE_CABLE
        }

        @Override
        public Slot slot() {
            return slot(partId);
        }

        public static Slot slot(String partId) {
            return new Slot(Slot.Sort.PICTURE, partId);
        }
    }

    /** A part that no air reaches. */
    record NoAir(String partId) implements Defect {
        @Override
        public Slot slot() {
            return slot(partId);
        }

        public static Slot slot(String partId) {
            return new Slot(Slot.Sort.AIR, partId);
        }
    }

    /** A bulky capacitor that has dried out and takes next to nothing up, told by its plus pad. */
    record DriedCapacitor(String plusPad) implements Defect {
        @Override
        public Slot slot() {
            return BurstCapacitor.slot(plusPad);
        }
    }
}
