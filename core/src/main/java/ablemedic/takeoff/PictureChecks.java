package ablemedic.takeoff;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.catalogue.Param;
import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.craft.Tilt;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Facet;
import ablemedic.family.Observer;
import ablemedic.takeoff.BoardOrientation.Lie;
import ablemedic.takeoff.BoardOrientation.Motion;
import ablemedic.takeoff.BoardOrientation.Picture;

/** What the computer's picture of the craft does while the craft is moved by hand or lies flat. */
final class PictureChecks {
    /** Less than this is taken for level, degrees. */
    private static final double LEVEL_DEG = 2;

    private final TakeOffChecks checks;

    PictureChecks(TakeOffChecks checks) {
        this.checks = checks;
    }

    void add() {
        HandTilts.ask(checks.ask(TakeOffChecks.TILTS)).add();
        HandTilts.MOTIONS.forEach(this::one);
        checks.ask("flat-on-table")
                .id("flat")
                .shows(Facet.of("picture-flat", PictureChecks::lies), lies -> lies, Observer.TELLS)
                .needs(BenchNeeds.COMPUTER)
                .minutes(1)
                .add();
    }

    /** One motion of the hand alone, whichever picture it is. */
    private void one(String id, Motion hand) {
        checks.add(checks.ask("hand-tilt")
                .id(id)
                .with("motion", new Param.Choice(TakeOffSeen.id(hand)))
                .with("named", Param.written(hand.label()))
                .shows(
                        words -> HandTilts.answers("seen", words.line("ask")),
                        asked -> from(
                                HandTilts.MISALIGNMENT, turn -> HandTilts.shown(asked, hand, turn, Picture.ATTITUDE)
                                        .or(HandTilts.RATES_SHARE, HandTilts.shown(asked, hand, turn, Picture.RATES))))
                .needs(BenchNeeds.COMPUTER)
                .minutes(0.4)
                .made()
                .unplanned());
    }

    /** How the picture of a craft lies that lies flat itself: tilted against what it took for level. */
    private static String lies(Craft craft) {
        Lie lie = Lie.of(craft.misalignment());
        if (lie != Lie.LEVEL) {
            return TakeOffSeen.id(lie);
        }
        Tilt off = craft.setting(FcSettings.LEVEL_OFF);
        if (Math.hypot(off.rollDeg(), off.pitchDeg()) < LEVEL_DEG) {
            return TakeOffSeen.id(Lie.LEVEL);
        }
        if (Math.abs(off.rollDeg()) > Math.abs(off.pitchDeg())) {
            return TakeOffSeen.id(off.rollDeg() > 0 ? Lie.LEFT_DOWN : Lie.RIGHT_DOWN);
        }
        return TakeOffSeen.id(off.pitchDeg() > 0 ? Lie.NOSE_DOWN : Lie.NOSE_UP);
    }
}
