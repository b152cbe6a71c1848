package ablemedic.takeoff;

import ablemedic.catalogue.Param;
import ablemedic.craft.BoardMount;
import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.craft.Rotation;
import ablemedic.craft.Tilt;
import ablemedic.family.FaultBuilder;
import ablemedic.family.Odds;

/** An FC that is mounted otherwise than it is configured for, is loose, or was calibrated on a slope. */
final class MountFaults {
    private static final int QUARTER = 90;
    private static final int FULL = 360;

    private final TakeOffFaults faults;

    MountFaults(TakeOffFaults faults) {
        this.faults = faults;
    }

    void add() {
        for (boolean upsideDown : new boolean[] {false, true}) {
            for (int yaw = upsideDown ? 0 : QUARTER; yaw < FULL; yaw += QUARTER) {
                turned(upsideDown, yaw);
            }
        }
        faults.add("board-loose", "board-loose")
                .site("board mount")
                .prior(TakeOffOdds.BOARD_LOOSE)
                .changes(Effects::boardLoose)
                .fixedBy(
                        "fasten",
                        (sound, faulty) -> "board-tight",
                        (sound, faulty) -> craft -> craft.withMount(BoardMount.firm(craft.mounted())),
                        8)
                .add();
        level("right", 1, 0);
        level("left", -1, 0);
        level("back", 0, 1);
        level("front", 0, -1);
    }

    private void turned(boolean upsideDown, int yaw) {
        Rotation turn = upsideDown ? Rotation.yaw(yaw).after(Rotation.UPSIDE_DOWN) : Rotation.yaw(yaw);
        boolean oddly = upsideDown && yaw != 0;
        String name = (upsideDown ? "upside-down" : "") + (oddly ? "-" : "") + (yaw == 0 ? "" : yaw);
        Param said = new Param.Nested(TakeOffWords.WORDS
                .name("turned")
                .with("degrees", Param.whole(yaw, ""))
                .outcome(oddly ? "both" : upsideDown ? "upside-down" : "yaw"));
        aligned(faults.add("board-turned", "board-" + name)
                .site("board seat")
                .prior(oddly ? TakeOffOdds.BOARD_TURNED_ODDLY : TakeOffOdds.BOARD_TURNED)
                .changes(Effects.boardTurned(turn))
                .with("turn", said));
        Odds set = oddly ? TakeOffOdds.BOARD_TURNED_ODDLY : TakeOffOdds.ALIGNMENT_TOLD_WRONG;
        aligned(faults.add("alignment-told-wrong", "told-" + name)
                .site("alignment")
                .prior(set)
                .changes(craft -> craft.changing(FcSettings.ALIGNMENT, turn::after))
                .with("turn", said));
    }

    /** The alignment set to how it is mounted, or the FC turned to how it should be. */
    private static void aligned(FaultBuilder fault) {
        fault.with(
                        "angles",
                        (sound, faulty) ->
                                Param.written(faulty.mounted().angles().toString()))
                .with(
                        "was",
                        (sound, faulty) -> Param.written(faulty.configuration().said(FcSettings.ALIGNMENT)))
                .with(
                        "right",
                        (sound, faulty) ->
                                Param.written(sound.mounted().angles().toString()))
                .fixedBy(
                        TakeOffWords.WORDS.fix("alignment"),
                        (sound, faulty) -> remedy(faulty),
                        (sound, faulty) -> craft -> craft.with(FcSettings.ALIGNMENT, faulty.mounted()),
                        4)
                .fixedBy(
                        TakeOffWords.WORDS.fix("turn"),
                        (sound, faulty) -> remedy(faulty),
                        (sound, faulty) -> craft -> craft.withMounted(sound.mounted()),
                        25)
                .onlyIf((sound, faulty) -> !faulty.mounted().equals(sound.mounted()))
                .add();
    }

    private static String remedy(Craft faulty) {
        return "alignment " + faulty.mounted().angles();
    }

    private void level(String side, int roll, int pitch) {
        faults.add("level-off", "level-off-" + side)
                .site("level")
                .prior(TakeOffOdds.LEVEL_OFF)
                .changes(craft -> craft.changing(FcSettings.LEVEL_OFF, was -> Effects.levelOff(roll, pitch)))
                .with("side", new Param.Choice(side))
                .with(
                        "was",
                        (sound, faulty) -> Param.written(faulty.configuration().said(FcSettings.LEVEL_OFF)))
                .with("right", Param.written(FcSettings.LEVEL_OFF.form().said(Tilt.NONE)))
                .fixedBy(
                        "calibrate",
                        (sound, faulty) -> "level-calibrated",
                        (sound, faulty) -> craft -> craft.with(FcSettings.LEVEL_OFF, Tilt.NONE),
                        3)
                .add();
    }
}
