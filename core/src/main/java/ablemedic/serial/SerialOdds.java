package ablemedic.serial;

import ablemedic.family.Odds;

/** How often each sort of fault of a serial line is met. All are common practice with no source. */
final class SerialOdds {
    static final Odds BY_SHEET = new Odds(6, 2, 6, 4, 2, 2, 4);
    static final Odds WIRES_EXCHANGED = new Odds(.02, .0003, .02, .0003, .0002, .0002, .003);
    static final Odds WRONG_PAD = new Odds(.006, .0002, .006, .0002, .0002, .0002, .001);
    static final Odds UART_PAD_DEAD = new Odds(.002, .002, .003, .0005, .006, .0005, .001);
    static final Odds JUMPER = new Odds(.015, .0003, .012, .0003, .0003, .0002, .002);
    static final Odds JOB_MISSING = new Odds(.02, .0005, .012, .05, .0005, .002, .006);
    static final Odds JOB_ELSEWHERE = new Odds(.012, .0002, .01, .01, .0002, .001, .003);
    static final Odds JOB_TWICE = new Odds(.006, .0002, .005, .006, .0002, .0005, .002);
    static final Odds FORMAT = new Odds(.015, .0003, .015, .025, .0003, .001, .004);
    static final Odds PART_FORMAT = new Odds(.012, .0003, .015, .002, .0003, .001, .003);
    static final Odds RATE = new Odds(.01, .0003, .01, .015, .0003, .001, .003);
    static final Odds INVERSION = new Odds(.012, .0002, .01, .015, .0002, .001, .003);
    static final Odds HALF_DUPLEX = new Odds(.012, .0002, .01, .02, .0002, .001, .003);
    static final Odds SOFT = new Odds(.02, .0002, .01, .03, .0002, .001, .003);
    static final Odds SOFT_MISSING = new Odds(.006, .0001, .004, .012, .0001, .0003, .001);
    static final Odds NO_TELEMETRY = new Odds(.01, .0002, .015, .0003, .0002, .0003, .002);
    static final Odds FEATURE = new Odds(.012, .0003, .008, .04, .0003, .002, .005);
    static final Odds SENSORS = new Odds(.03, .001, .025, .008, .001, .004, .01);
    static final Odds AT_RADIO = new Odds(.008, .001, .01, .003, .001, .004, .004);
    static final Odds BOUND = new Odds(.015, .003, .02, .004, .001, .004, .005);
    static final Odds VERSION = new Odds(.002, .0001, .0005, .02, .0001, .0003, .002);
    static final Odds LEFT_BEHIND = new Odds(.001, .0001, .0003, .012, .0001, .0003, .001);
    static final Odds MODEM = new Odds(.012, .0005, .012, .004, .0005, .002, .004);
    static final Odds FACE_DOWN = new Odds(.004, .003, .003, .0001, .0001, .0001, .001);
    static final Odds BESIDE_TRANSMITTER = new Odds(.01, .001, .01, .0005, .0002, .0005, .004);
    static final Odds GNSS_HZ = new Odds(.012, .0002, .012, .004, .0002, .0005, .003);
    static final Odds NO_TIME_YET = new Odds(.02, .004, .01, .004, .004, .03, .01);
    static final Odds CABLE = new Odds(.015, .012, .015, .015, .01, .015, .015);
    static final Odds DRIVER = new Odds(.01, .002, .004, .012, .002, .006, .006);
    static final Odds UART_GIVEN_AWAY = new Odds(.02, .0005, .015, .008, .0005, .001, .006);

    private SerialOdds() {}
}
