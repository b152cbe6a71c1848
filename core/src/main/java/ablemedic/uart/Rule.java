package ablemedic.uart;

import ablemedic.catalogue.Names;

/** What is asked of a line. */
public enum Rule {
    OVERFED,
    FIVE_VOLTS_IN,
    NO_SUPPLY,
    NO_GROUND,
    ONE_WIRE_ABSENT,
    ONE_WIRE_ON_RX,
    SENDS_TO_NOTHING,
    SENDS_TO_TX,
    HEARS_NOTHING,
    HEARS_RX,
    NO_INVERTER,
    INVERSION,
    UNREAD,
    TWO_UARTS,
    FUNCTION_ELSEWHERE,
    NO_FUNCTION,
    OTHER_FUNCTION,
    SEVERAL_FUNCTIONS,
    FORMAT,
    RATE,
    TWO_WIRES_FOR_ONE,
    ONE_WIRE_FOR_TWO,
    HELD_BY_COMPUTER,
    SHARED_WITH_COMPUTER,
    TOO_FAST_FOR_SOFT,
    SOFT_OFF,
    ONE_WAY,
    SHARED_PAD,
    OVERLOADED,
    NOT_ENTERED;

    /** Its entry in the catalogue. */
    String id() {
        return Names.id(this);
    }
}
