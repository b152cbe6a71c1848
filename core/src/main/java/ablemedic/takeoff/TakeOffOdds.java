package ablemedic.takeoff;

import ablemedic.family.Odds;

/** How often each sort of fault of take-off is met. All are common practice with no source. */
final class TakeOffOdds {
    private TakeOffOdds() {}

    static final Odds OUTPUTS_SWAPPED = new Odds(.02, .001, .012, .006, .0005, .0005, .004);
    static final Odds OUTPUTS_SHIFTED = new Odds(.006, .0005, .003, .012, .0002, .0002, .002);
    static final Odds OUTPUTS_OF_OTHER_CONVENTION = new Odds(.01, .0003, .003, .03, .0001, .0002, .002);
    static final Odds OUTPUTS_MIXED = new Odds(.002, .0002, .001, .003, .0001, .0001, .0005);
    static final Odds MOTOR_REVERSED = new Odds(.02, .0005, .02, .004, .0003, .0003, .004);
    static final Odds MOTOR_AND_PROP_REVERSED = new Odds(.006, .0003, .004, .001, .0001, .0001, .001);
    static final Odds ALL_REVERSED = new Odds(.006, .0002, .001, .006, .0001, .0001, .001);
    static final Odds CONVENTION_SET_WRONG = new Odds(.01, .0002, .001, .02, .0001, .0005, .002);
    static final Odds PROP_WRONG_HAND = new Odds(.03, .015, .02, .001, .001, .002, .01);
    static final Odds PROP_UPSIDE_DOWN = new Odds(.01, .006, .008, .0005, .0005, .001, .004);
    static final Odds PROP_DAMAGED = new Odds(.002, .05, .003, .001, .002, .004, .01);
    static final Odds MOTOR_DEAD = new Odds(.01, .02, .012, .003, .02, .006, .01);
    static final Odds MOTOR_WEAK = new Odds(.004, .02, .004, .001, .02, .008, .008);
    static final Odds MOTOR_LATE = new Odds(.006, .006, .008, .008, .006, .003, .004);
    static final Odds BOARD_TURNED = new Odds(.015, .001, .012, .0003, .0002, .0002, .002);
    static final Odds BOARD_TURNED_ODDLY = new Odds(.004, .0003, .003, .0001, .0001, .0001, .0005);
    static final Odds BOARD_LOOSE = new Odds(.006, .012, .006, .0005, .0005, .004, .006);
    static final Odds ALIGNMENT_TOLD_WRONG = new Odds(.006, .0003, .003, .02, .0002, .0005, .002);
    static final Odds LEVEL_OFF = new Odds(.01, .012, .006, .012, .003, .004, .005);
    static final Odds STICKS = new Odds(.008, .0003, .008, .008, .0002, .0005, .002);
    static final Odds STICK_ORDER = new Odds(.02, .0003, .015, .02, .0002, .0005, .004);
    static final Odds GAIN = new Odds(.008, .001, .006, .02, .0005, .0005, .002);
    static final Odds FILTER = new Odds(.004, .0003, .004, .012, .0002, .0003, .0015);
    static final Odds BALANCE = new Odds(.008, .004, .012, .0005, .0005, .003, .005);
    static final Odds OVERLOADED = new Odds(.004, .0005, .01, .0003, .002, .001, .003);
}
