package ablemedic;

import ablemedic.configuration.Setting;
import ablemedic.configuration.ValueForm;
import ablemedic.craft.Craft;
import ablemedic.craft.Settings;
import ablemedic.diagnosis.Check;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Records of a craft that differ in one setting or in two, each at its few values or at the ends of its range. */
public final class OtherRecords {
    private OtherRecords() {}

    /** Two other settings at once. */
    public record Pair(Craft one, Craft other) {
        /** A record with both. */
        public Craft on(Craft craft) {
            return one.with(one.configuration()
                    .taking(
                            setting -> !other.configuration().get(setting).equals(craft.setting(setting)),
                            other.configuration()));
        }
    }

    /** A record with each setting in turn at each of its other values. */
    public static List<Craft> singly(Craft craft) {
        Set<Craft> all = new LinkedHashSet<>();
        for (Setting<?> setting : Settings.ALL) {
            values(craft, setting).filter(other -> !other.equals(craft)).forEach(all::add);
        }
        return List.copyOf(all);
    }

    /** Every two values of different settings. */
    public static List<Pair> pairs(Craft craft) {
        List<Craft> singly = singly(craft);
        List<Pair> pairs = new ArrayList<>();
        for (int i = 0; i < singly.size(); i++) {
            for (int j = i + 1; j < singly.size(); j++) {
                if (!changed(craft, singly.get(i)).equals(changed(craft, singly.get(j)))) {
                    pairs.add(new Pair(singly.get(i), singly.get(j)));
                }
            }
        }
        return pairs;
    }

    /**
     * Those of them in which both settings change what one of these checks reads; one that reads every setting is none.
     */
    public static List<Pair> pairsOfOneFacet(Craft craft, Collection<Check<Craft>> checks) {
        Map<Craft, Set<String>> read =
                singly(craft).stream().collect(Collectors.toMap(one -> one, one -> readers(craft, one, checks)));
        Set<String> readsAll = new TreeSet<>(read.values().iterator().next());
        read.values().forEach(readsAll::retainAll);
        read.values().forEach(readers -> readers.removeAll(readsAll));
        return pairs(craft).stream()
                .filter(pair -> !Collections.disjoint(read.get(pair.one()), read.get(pair.other())))
                .toList();
    }

    private static Set<String> readers(Craft craft, Craft other, Collection<Check<Craft>> checks) {
        return checks.stream()
                .filter(check -> !check.reads().of(craft).equals(check.reads().of(other)))
                .map(Check::id)
                .collect(Collectors.toSet());
    }

    private static Set<String> changed(Craft craft, Craft other) {
        return craft.configuration().differencesTo(other.configuration()).stream()
                .map(one -> one.setting().id())
                .collect(Collectors.toCollection(TreeSet::new));
    }

    /** As many of these, evenly from all of them. */
    public static <T> List<T> evenly(List<T> all, int most) {
        int step = Math.max(1, (all.size() + most - 1) / most);
        return Stream.iterate(0, at -> at < all.size(), at -> at + step)
                .map(all::get)
                .toList();
    }

    private static <T> Stream<Craft> values(Craft craft, Setting<T> setting) {
        if (setting.form() instanceof ValueForm.Choice<T> choice) {
            return choice.values().stream().map(value -> craft.with(setting, value));
        }
        List<String> written = setting.form() instanceof ValueForm.Range range
                ? List.of(
                        range.written(range.least()),
                        range.written(range.most()),
                        range.written(1.4 * (Double) craft.setting(setting)))
                : setting.form() instanceof ValueForm.Count count
                        ? List.of(
                                String.valueOf(count.least()),
                                String.valueOf(count.most()),
                                String.valueOf((Integer) craft.setting(setting) + 1))
                        : switch (setting.id()) {
                            case "output-order" -> List.of("4-2-1-3");
                            case "alignment" -> List.of("180/0/0", "0/0/90");
                            case "level-off" -> List.of("8/0");
                            case "stick-order", "radio-stick-order" -> List.of("TAER");
                            case "mode-arm", "mode-level", "mode-sounder" ->
                                List.of("none", "9 1700-2100", "5 900-2100");
                            default -> List.of("none", "gnss", "telemetry");
                        };
        return written.stream()
                .flatMap(text -> setting.form().read(text).stream())
                .map(value -> craft.with(setting, value));
    }
}
