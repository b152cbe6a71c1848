package ablemedic.snapshot;

import ablemedic.configuration.Configuration;
import ablemedic.configuration.Setting;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Evidence;
import ablemedic.family.Complaint;
import ablemedic.snapshot.Consequence.Likely;
import java.util.List;

/**
 * A setting that changed between two snapshots.
 *
 * @param before as a person says it
 * @param causes what owners would complain of with this change alone, by the physics of the craft
 * @param ends what they would complain of no more
 * @param weight how many times likelier it makes what was found in the open work-up; 1 where none is open
 */
public record Change(
        Setting<?> setting,
        String before,
        String after,
        List<Consequence> causes,
        List<Consequence> ends,
        double weight) {
    private static final double FAINTEST = 1e-12;

    /**
     * What changed, group by group, and in a group first what explains most.
     *
     * @param sound the craft as on its sheet
     * @param complaints those that it can give cause for
     * @param found what was found in an open work-up
     */
    public static List<Change> between(
            Snapshot before, Snapshot after, Craft sound, List<Complaint> complaints, List<Evidence<Craft>> found) {
        Craft was = before.on(sound);
        Likely likely = Likely.on(was, complaints);
        return after.differencesFrom(was.configuration()).stream()
                .filter(one -> before.held().contains(one.setting()))
                .map(one -> change(one, after.told(), was, likely, found))
                .sorted((a, b) -> a.setting().group().equals(b.setting().group())
                        ? Double.compare(b.weight(), a.weight())
                        : a.setting().group().compareTo(b.setting().group()))
                .toList();
    }

    private static Change change(
            Configuration.Difference difference,
            Configuration now,
            Craft was,
            Likely likely,
            List<Evidence<Craft>> found) {
        Craft changed = was.with(was.configuration().taking(difference.setting()::equals, now));
        Likely then = Likely.on(changed, likely.complaints());
        return new Change(
                difference.setting(),
                difference.before(),
                difference.after(),
                Consequence.of(likely, then),
                Consequence.of(then, likely),
                weight(was, changed, found));
    }

    private static double weight(Craft was, Craft changed, List<Evidence<Craft>> found) {
        double weight = 1;
        for (Evidence<Craft> one : found) {
            if (one instanceof Evidence.Finding<Craft> finding) {
                weight *= Math.max(FAINTEST, finding.check().outlook(changed).likelihood(finding.reading()))
                        / Math.max(FAINTEST, finding.check().outlook(was).likelihood(finding.reading()));
            }
        }
        return weight;
    }
}
