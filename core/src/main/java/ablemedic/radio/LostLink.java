package ablemedic.radio;

import ablemedic.craft.ArmingSettings;
import ablemedic.craft.Craft;
import ablemedic.craft.FailsafeSettings;
import ablemedic.craft.FailsafeSettings.AfterGuardTime;
import ablemedic.craft.FailsafeSettings.HomeAt;
import ablemedic.craft.FcSettings;
import ablemedic.craft.FirmwareSettings;
import ablemedic.craft.ReceiverSettings;
import ablemedic.craft.ReceiverSettings.WhenLost;
import ablemedic.craft.Tilt;
import java.util.Optional;

/**
 * A link that is lost in flight: what receiver and flight controller do then, and how the craft flies.
 *
 * @param home whether a return can be had
 */
public record LostLink(ReceiverOnLoss receiver, FcOnLoss fc, Home home, Flight flight) {

    /** A level that is further off than this takes a return astray, degrees. Common practice, no source. */
    private static final double LEVEL_OFF = 5;

    /**
     * What the receiver does.
     *
     * @param gives what it gives out once it notices
     * @param noticeS how long that takes it, seconds
     * @param presetArm whether its failsafe values keep the arm switch on; for those only
     * @param presetThrottle percent; for failsafe values only
     */
    public record ReceiverOnLoss(WhenLost gives, double noticeS, boolean presetArm, double presetThrottle) {}

    /**
     * What the flight controller does.
     *
     * @param detectS how long frames must be missing until it calls the link lost
     * @param guardS how long it holds its fallback values then
     * @param afterGuardTime what it does once that is over
     * @param landingThrottle percent; for a landing
     * @param landingS after which a landing ends with the motors off
     */
    public record FcOnLoss(
            double detectS, double guardS, AfterGuardTime afterGuardTime, double landingThrottle, double landingS) {}

    /**
     * How it flies.
     *
     * @param speedMs over ground
     * @param heightM above ground
     * @param distanceM from home
     * @param windMs from home towards it: what a return flies against and what takes it away while it comes down
     * @param backS when the link is there again; nothing for never
     */
    public record Flight(double speedMs, double heightM, double distanceM, double windMs, Optional<Double> backS) {}

    /**
     * What a return home hangs on.
     *
     * @param fix whether it has a fix
     * @param homeSet whether it noted where home is
     * @param satellites that it sees
     * @param wanted satellites that it wants
     * @param leastM distance under which it lands instead
     * @param climbToM height that it climbs to first
     * @param levelSound whether it knows how it lies: level calibrated, and a compass that it goes by can be read
     * @param compassDeg how far what it takes for north is off
     * @param at when it noted home
     */
    public record Home(
            boolean fix,
            boolean homeSet,
            int satellites,
            int wanted,
            double leastM,
            double climbToM,
            boolean levelSound,
            double compassDeg,
            HomeAt at) {
        /** Satellites that a return wants; common practice, no source. */
        public static final int ENOUGH = 8;
        /** Off by more than this it flies by, degrees: beyond a right angle the way home grows longer. */
        private static final double ASTRAY = 90;
        /** Off by more than this it circles home. Common practice, no source. */
        static final double CIRCLES = 30;

        /** Whether it would fly home at all. */
        boolean isReady() {
            return fix && homeSet && satellites >= wanted && levelSound;
        }

        /** Whether it would never come there: each metre flown towards home so taken is one away from it. */
        boolean isAstray() {
            return Math.abs(compassDeg) >= ASTRAY;
        }
    }

    /**
     * A moment of a flight at which a link is lost.
     *
     * @param fix whether the flight controller has a fix
     * @param satellites that it sees
     */
    public record Moment(Flight flight, boolean fix, int satellites) {
        /** In the middle of a usual flight. */
        public static Moment usual(boolean fix) {
            return new Moment(new Flight(8, 20, 100, 0, Optional.empty()), fix, fix ? 12 : 0);
        }
    }

    /** The link of a craft, lost at a moment, as receiver and board are told. */
    public static LostLink of(Craft craft, Moment moment) {
        Tilt off = craft.setting(FcSettings.LEVEL_OFF);
        boolean level = craft.setting(ArmingSettings.CALIBRATED)
                && Math.hypot(off.rollDeg(), off.pitchDeg()) < LEVEL_OFF
                && FirmwareSettings.readsCompass(craft);
        Home home = new Home(
                moment.fix(),
                moment.fix(),
                moment.satellites(),
                craft.setting(FailsafeSettings.LEAST_SATELLITES),
                craft.setting(FailsafeSettings.LEAST_DISTANCE),
                craft.setting(FailsafeSettings.CLIMB_TO),
                level,
                craft.setting(FailsafeSettings.COMPASS_OFF),
                craft.setting(FailsafeSettings.HOME_AT));
        return new LostLink(
                new ReceiverOnLoss(
                        craft.setting(ReceiverSettings.WHEN_LOST),
                        craft.setting(ReceiverSettings.NOTICES),
                        craft.setting(ReceiverSettings.PRESET_ARM),
                        craft.setting(ReceiverSettings.PRESET_THROTTLE)),
                new FcOnLoss(
                        craft.setting(FailsafeSettings.DETECTS),
                        craft.setting(FailsafeSettings.GUARD),
                        craft.setting(FailsafeSettings.STAGE_2),
                        craft.setting(FailsafeSettings.LANDING_THROTTLE),
                        craft.setting(FailsafeSettings.LANDING_TIME)),
                home,
                moment.flight());
    }
}
