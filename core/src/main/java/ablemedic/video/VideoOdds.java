package ablemedic.video;

import ablemedic.family.Odds;

/** How often each sort of fault of video is met. All are common practice with no source. */
final class VideoOdds {
    static final Odds CAMERA = new Odds(.004, .04, .006, .0003, .02, .003, .008);
    static final Odds OVERLAY = new Odds(.003, .006, .004, .0005, .01, .001, .003);
    static final Odds EXCHANGED = new Odds(.03, .0002, .02, .0001, .0001, .0001, .003);
    static final Odds OUTPUT = new Odds(.01, .03, .01, .0003, .006, .003, .008);
    static final Odds ANTENNA = new Odds(.01, .08, .01, .0003, .001, .004, .012);
    static final Odds HIDDEN = new Odds(.015, .006, .01, .0002, .0003, .001, .004);
    static final Odds GOGGLES_CHANNEL = new Odds(.04, .004, .03, .004, .002, .03, .02);
    static final Odds CHANNEL = new Odds(.02, .003, .03, .02, .001, .004, .008);
    static final Odds INPUT = new Odds(.01, .001, .008, .001, .001, .015, .006);
    static final Odds DEAF = new Odds(.003, .002, .006, .002, .004, .006, .006);
    static final Odds PIT = new Odds(.015, .0005, .015, .02, .0003, .004, .006);
    static final Odds POWER_HIGH = new Odds(.03, .001, .02, .01, .0003, .002, .01);
    static final Odds TABLE = new Odds(.03, .0002, .03, .03, .0001, .0005, .006);
    static final Odds CLOSED_IN = new Odds(.02, .004, .02, .0002, .0003, .001, .005);
    static final Odds FIELDS = new Odds(.015, .0005, .02, .015, .0002, .0005, .004);
    static final Odds ITEMS = new Odds(.04, .0002, .004, .05, .0001, .0005, .006);
    static final Odds DRIED = new Odds(.0005, .006, .001, .0001, .006, .006, .006);
    static final Odds NO_CAPACITOR = new Odds(.06, .002, .02, .002, .0005, .002, .03);
    static final Odds PAIRING = new Odds(.02, .01, .12, .006, .001, .001, .008);
    static final Odds CABLE = new Odds(.01, .05, .03, .0003, .004, .001, .008);
    static final Odds UNIT = new Odds(.02, .0005, .03, .003, .0003, .006, .008);
    static final Odds BOUND = new Odds(.03, .002, .04, .03, .001, .004, .01);

    private VideoOdds() {}
}
