package ablemedic.radio;

import ablemedic.family.Odds;

/** How often each sort of fault of radio, modes and failsafe is met. All are common practice with no source. */
final class RadioOdds {
    static final Odds MODEL = new Odds(.006, .0005, .01, .002, .0005, .003, .004);
    static final Odds PROTOCOL = new Odds(.008, .0002, .02, .003, .0002, .001, .003);
    static final Odds GENERATION = new Odds(.012, .0001, .015, .02, .0001, .004, .004);
    static final Odds BESIDE = new Odds(.01, .0005, .01, .004, .0005, .003, .004);
    static final Odds TRIM = new Odds(.006, .0005, .006, .002, .0002, .002, .003);
    static final Odds TRAVEL = new Odds(.006, .0002, .008, .002, .0002, .0005, .002);
    static final Odds MIXING = new Odds(.006, .0001, .01, .0005, .0001, .0003, .001);
    static final Odds FRAMES = new Odds(.005, .0001, .008, .003, .0001, .0003, .001);
    static final Odds CHANNELS = new Odds(.006, .0001, .008, .001, .0001, .0003, .001);
    static final Odds WRONG_END = new Odds(.01, .0002, .008, .006, .0001, .0005, .002);
    static final Odds LEVEL_LOST = new Odds(.012, .0002, .002, .03, .0001, .0008, .003);
    static final Odds LEVEL_ELSEWHERE = new Odds(.012, .0002, .015, .006, .0001, .0008, .003);
    static final Odds ANTENNA_BROKEN = new Odds(.002, .06, .004, .0003, .001, .002, .008);
    static final Odds ANTENNA_HIDDEN = new Odds(.02, .006, .015, .0003, .0005, .001, .005);
    static final Odds POWER_LOW = new Odds(.004, .0005, .008, .006, .0002, .003, .004);
    static final Odds OUTPUT_WEAK = new Odds(.002, .002, .002, .0005, .001, .002, .003);
    static final Odds HOLDS = new Odds(.05, .002, .05, .01, .001, .005, .015);
    static final Odds PRESETS_ARMED = new Odds(.015, .0005, .015, .002, .0003, .001, .004);
    static final Odds PRESETS_OFF = new Odds(.01, .0003, .01, .002, .0003, .001, .003);
    static final Odds STAGE_2 = new Odds(.02, .0005, .004, .04, .0003, .002, .006);
    static final Odds GUARD = new Odds(.004, .0001, .001, .01, .0001, .0005, .002);
    static final Odds LANDING = new Odds(.012, .0002, .004, .015, .0001, .0005, .003);
    static final Odds RETURN = new Odds(.012, .0005, .004, .012, .0003, .001, .003);
    static final Odds COMPASS = new Odds(.015, .006, .01, .006, .0005, .001, .004);

    private RadioOdds() {}
}
