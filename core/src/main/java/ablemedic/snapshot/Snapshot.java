package ablemedic.snapshot;

import ablemedic.configuration.Configuration;
import ablemedic.configuration.Setting;
import ablemedic.craft.ArmingSettings;
import ablemedic.craft.Craft;
import ablemedic.craft.ModeRange;
import java.util.Collections;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.function.Predicate;

/**
 * What a settings export says that a craft was told.
 *
 * @param told what it holds; the rest as usual
 * @param held the settings that it holds; of the others it says nothing
 */
public record Snapshot(Configuration told, SortedSet<Setting<?>> held) {
    /** A settings export rounds its numbers, to this share of them or better. */
    private static final double LISTED_TO = 1e-5;

    /** One that holds less of what an earlier one held is a part of a settings export. Common practice, no source. */
    private static final double WHOLE = 0.5;

    public Snapshot {
        held = Collections.unmodifiableSortedSet(new TreeSet<>(held));
    }

    /**
     * This settings export where an earlier one had lines of switches that it lacks: a settings export of all settings
     * leaves a switch out that has no range, so they have none any more.
     *
     * @param named whether the version has a name for a setting; of what it can't name its exports say nothing
     */
    public Snapshot since(Snapshot before, Predicate<Setting<?>> named) {
        List<Setting<ModeRange>> gone = ArmingSettings.SWITCHES.stream()
                .filter(before.held::contains)
                .filter(one -> !held.contains(one))
                .filter(named)
                .toList();
        long still = before.held.stream().filter(held::contains).count();
        if (gone.isEmpty() || still < WHOLE * (before.held.size() - gone.size())) {
            return this;
        }
        Configuration lost = told;
        SortedSet<Setting<?>> more = new TreeSet<>(held);
        for (Setting<ModeRange> one : gone) {
            lost = lost.with(one, ModeRange.NONE);
            more.add(one);
        }
        return new Snapshot(lost, more);
    }

    /** The craft with what the settings export holds in place of what its sheet has. */
    public Craft on(Craft craft) {
        return craft.with(craft.configuration().taking(held::contains, told));
    }

    /**
     * Where what was told differs from what the settings export holds, by setting; the settings export is what comes
     * after.
     */
    public List<Configuration.Difference> differencesFrom(Configuration other) {
        return differencesFrom(other, LISTED_TO);
    }

    /**
     * The same for whom numbers that lie near one another are alike.
     *
     * @param near a share of the greater
     */
    List<Configuration.Difference> differencesFrom(Configuration other, double near) {
        return other.only(held::contains).differencesTo(told.only(held::contains)).stream()
                .filter(one -> !near(one.setting(), other, near))
                .toList();
    }

    /** Whether another was told the same of a setting, to what a settings export can tell. */
    boolean isAlike(Setting<?> setting, Configuration other) {
        return told.get(setting).equals(other.get(setting)) || near(setting, other, LISTED_TO);
    }

    private <T> boolean near(Setting<T> setting, Configuration other, double near) {
        return told.get(setting) instanceof Double a
                && other.get(setting) instanceof Double b
                && Math.abs(a - b) <= near * Math.max(Math.abs(a), Math.abs(b));
    }
}
