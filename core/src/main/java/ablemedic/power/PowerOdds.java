package ablemedic.power;

import ablemedic.family.Odds;
import ablemedic.wiring.Wiring.Kind;

/** How often each sort of fault of power is met. All are common practice with no source. */
final class PowerOdds {
    static final Odds BRIDGE = new Odds(.004, .0008, .003, .0001, .004, .0002, .001);
    static final Odds CROSSED = new Odds(.006, .0002, .006, .0001, .0001, .0001, .0008);
    static final Odds DRIVE_SHORT = new Odds(.003, .01, .003, .0005, .01, .001, .003);
    static final Odds REGULATOR_DEAD = new Odds(.004, .004, .004, .0005, .01, .002, .003);
    static final Odds REGULATOR_WEAK = new Odds(.003, .003, .003, .0005, .004, .002, .003);
    static final Odds CAPACITOR = new Odds(.004, .006, .004, .0003, .004, .002, .002);
    static final Odds PART_DEAD = new Odds(.005, .008, .005, .001, .01, .002, .004);
    static final Odds PART_GREEDY = new Odds(.008, .002, .008, .0005, .002, .0005, .003);
    static final Odds SENSE_ON_RAIL = new Odds(.012, .0002, .008, .0002, .0002, .0002, .002);
    static final Odds DIVIDER = new Odds(.003, .003, .002, .0003, .005, .001, .002);
    static final Odds CONVERTER = new Odds(.002, .0005, .001, .001, .001, .0005, .001);
    static final Odds SCALE = new Odds(.01, .0005, .006, .012, .0005, .001, .004);
    static final Odds CELLS = new Odds(.008, .0003, .004, .008, .0003, .001, .004);
    static final Odds SOURCE = new Odds(.012, .0003, .006, .02, .0003, .001, .004);
    static final Odds CURRENT = new Odds(.012, .0005, .008, .015, .0005, .001, .006);
    static final Odds PACK_WORN = new Odds(.004, .004, .004, .002, .003, .015, .012);
    static final Odds CELL_WEAK = new Odds(.003, .008, .003, .001, .003, .012, .008);
    static final Odds OTHER_BATTERY = new Odds(.004, .0005, .006, .002, .0003, .002, .003);

    private static final Odds JOINT = new Odds(.006, .005, .005, .0001, .0008, .0005, .002);
    private static final Odds PIN = new Odds(.004, .008, .005, .0002, .002, .001, .003);
    private static final Odds WIRE = new Odds(.002, .006, .002, .0001, .0005, .0005, .002);
    private static final Odds TRACE = new Odds(.0015, .002, .001, .0001, .001, .0004, .001);
    private static final Odds LEAD = new Odds(.006, .006, .006, .0001, .001, .0006, .003);

    private PowerOdds() {}

    static Odds open(Kind kind) {
        return switch (kind) {
            case JOINT -> JOINT;
            case PIN -> PIN;
            case WIRE -> WIRE;
            case TRACE -> TRACE;
            case LEAD -> LEAD;
        };
    }
}
