package ablemedic.settings;

import ablemedic.configuration.Configuration;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Repair;
import ablemedic.snapshot.Snapshot;
import java.util.List;

/**
 * A listing read back after a fix, against what the craft should be told by now.
 *
 * @param differs what of the board's settings in the listing is not as it should be; the listing is what comes after
 * @param outcome what that is as an answer to {@link #CHECK}, which compares with the sheet
 */
public record ReadBack(List<Configuration.Difference> differs, String outcome) {
    /** The check that it answers. */
    public static final String CHECK = FlashChecks.READ_BACK;

    public ReadBack {
        differs = List.copyOf(differs);
    }

    /**
     * @param sheet the craft as on its sheet
     * @param now the craft as it should be after what was put right
     */
    public static ReadBack of(Snapshot snapshot, Craft sheet, Craft now) {
        return new ReadBack(
                ofBoard(snapshot, now),
                FlashChecks.howMany(ofBoard(snapshot, sheet).size(), sheet));
    }

    /** Whether a repair entered something into the board. */
    public static boolean isOwed(Craft sheet, Repair<Craft> repair) {
        Craft faulty = repair.fault().applyTo(sheet);
        return faulty.told().differencesTo(repair.fix().applyTo(faulty).told()).stream()
                .anyMatch(one -> FlashFaults.isOfBoard(one.setting()));
    }

    private static List<Configuration.Difference> ofBoard(Snapshot snapshot, Craft craft) {
        return snapshot.differencesFrom(craft.told()).stream()
                .filter(one -> FlashFaults.isOfBoard(one.setting()))
                .toList();
    }
}
