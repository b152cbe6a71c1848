package ablemedic.electrics;

/**
 * One way in which the wiring differs from how it should be.
 *
 * @param kind  what
 * @param where the link, node, part or lead that it sits at
 */
public record Harm(Kind kind, String where) implements Comparable<Harm> {

  /** What can come to harm; the number that goes with it is given in brackets. */
  public enum Kind {
    /** A link has another resistance (ohms, infinite when open). */
    LINK,
    /** Two pads side by side are joined (ohms); {@code where} is {@code a|b}. */
    BRIDGE,
    /** The supply leads of a part are crossed (1). */
    CROSSED,
    /** A drive is shorted (ohms); {@code where} is its supply pad. */
    DRIVE_SHORT,
    /** A regulator gives less current (share of its limit, 0 when dead); {@code where} is its output pad. */
    REGULATOR,
    /** A bulky capacitor is burst (ohms across it, infinite when it is only gone). */
    CAPACITOR,
    /** A part draws another current (times its own, 0 when dead). */
    DRAW,
    /** The sense lead sits on another pad (index of its node). */
    SENSE_LEAD,
    /** The divider or converter gives another voltage (times what it should). */
    SENSED,
    /** The pack's resistance (times its own). */
    PACK_OHMS,
    /** One cell of the pack sags more than the others (volts in a hover). */
    WEAK_CELL,
    /** Another pack was fitted (cells more or less). */
    PACK_CELLS
  }

  @Override
  public int compareTo(Harm other) {
    int byKind = kind.compareTo(other.kind);
    return byKind != 0 ? byKind : where.compareTo(other.where);
  }
}
