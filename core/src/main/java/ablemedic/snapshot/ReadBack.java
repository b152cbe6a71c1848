package ablemedic.snapshot;

import ablemedic.configuration.Configuration;
import ablemedic.configuration.Device;
import ablemedic.configuration.Setting;
import ablemedic.craft.ArmingSettings;
import ablemedic.craft.Craft;
import ablemedic.craft.ModeRange;
import ablemedic.diagnosis.Repair;
import java.util.List;

/**
 * A settings export read back after a fix, against what the craft should be told by now.
 *
 * @param differs what of the board's settings in the settings export is not as it should be; the settings export is
 *     what comes after
 * @param outcome what that is as an answer to {@link #CHECK}, which compares with the sheet
 */
public record ReadBack(List<Configuration.Difference> differs, String outcome) {
    /** The check that it answers. */
    public static final String CHECK = "read-back";

    /** From so many on it looks as if everything were gone; on a craft that is told little, from most of that. */
    private static final int MANY = 6;

    private static final double MOST = 0.7;

    public ReadBack {
        differs = List.copyOf(differs);
    }

    /**
     * @param sheet the craft as on its sheet
     * @param now the craft as it should be after what was put right
     */
    public static ReadBack of(Snapshot snapshot, Craft sheet, Craft now) {
        return new ReadBack(
                ofBoard(snapshot, now), howMany(ofBoard(snapshot, sheet).size(), sheet));
    }

    /** Whether a repair entered something into the board. */
    public static boolean isOwed(Craft sheet, Repair<Craft> repair) {
        Craft faulty = repair.fault().applyTo(sheet);
        return faulty.configuration().differencesTo(repair.fix().applyTo(faulty).configuration()).stream()
                .anyMatch(one -> isOfBoard(one.setting()));
    }

    private static List<Configuration.Difference> ofBoard(Snapshot snapshot, Craft craft) {
        return snapshot.differencesFrom(craft.configuration()).stream()
                .filter(one -> isOfBoard(one.setting()))
                .toList();
    }

    /** How somebody says that so many settings differ from those of a sound craft. */
    public static String howMany(int differing, Craft sound) {
        long told = sound.configuration().differencesTo(erased(sound).configuration()).stream()
                .filter(one -> isOfBoard(one.setting()))
                .count();
        return differing == 0
                ? "none"
                : differing == 1 ? "one" : differing < Math.min(MANY, MOST * told) ? "some" : "all";
    }

    public static boolean isOfBoard(Setting<?> setting) {
        return setting.device() == Device.FLIGHT_BOARD;
    }

    public static Craft erased(Craft craft) {
        return craft.with(craft.configuration().taking(ReadBack::isOfBoard, Configuration.USUAL))
                .with(ArmingSettings.ARM, ModeRange.NONE)
                .with(ArmingSettings.LEVEL, ModeRange.NONE)
                .with(ArmingSettings.CALIBRATED, false);
    }
}
