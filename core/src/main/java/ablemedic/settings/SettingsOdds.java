package ablemedic.settings;

import ablemedic.family.Odds;

/** How often each sort of fault of settings and firmware is met. All are common practice with no source. */
final class SettingsOdds {
    static final Odds MODE_LOST = new Odds(.02, .0003, .002, .06, .0002, .001, .004);
    static final Odds MODE_OUT_OF_REACH = new Odds(.006, .0002, .006, .006, .0002, .0005, .002);
    static final Odds SWITCH_ELSEWHERE = new Odds(.015, .0003, .02, .006, .0002, .002, .004);
    static final Odds SWITCH_SHORT = new Odds(.006, .0002, .008, .002, .0002, .0005, .002);
    static final Odds THROTTLE = new Odds(.015, .003, .015, .006, .0005, .006, .006);
    static final Odds WAITS = new Odds(.008, .0002, .004, .015, .0002, .0005, .002);
    static final Odds NOT_CALIBRATED = new Odds(.012, .0003, .004, .04, .0003, .0005, .003);
    static final Odds WITH_COMPUTER = new Odds(.02, .004, .015, .025, .004, .008, .01);
    static final Odds STANDS_STEEP = new Odds(.012, .01, .006, .006, .004, .008, .01);
    static final Odds ON_AT_POWER = new Odds(.015, .006, .01, .006, .004, .01, .008);
    static final Odds CONTROLLERS_LACK = new Odds(.015, .0002, .02, .03, .0002, .0005, .003);
    static final Odds TWO_WAY = new Odds(.01, .0002, .01, .02, .0002, .0005, .002);
    static final Odds ENDS = new Odds(.03, .0003, .03, .02, .0003, .001, .004);
    static final Odds IDLE = new Odds(.006, .0002, .006, .015, .0002, .0005, .002);
    static final Odds ERASED = new Odds(.004, .0002, .002, .03, .0005, .0015, .002);
    static final Odds IMAGE = new Odds(.002, .0001, .0005, .02, .0003, .0002, .0005);
    static final Odds LEFT_OUT = new Odds(.004, .0001, .002, .02, .0001, .0002, .001);

    private SettingsOdds() {}
}
