package ablemedic.radio;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Text;
import ablemedic.catalogue.Words;
import ablemedic.craft.ModeRange;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Switches and modes on a picture of channel ranges: which mode is on at which position, what overlaps, what no
 * position reaches, and what the craft does at every combination. What is doubtful is common practice with no source.
 *
 * @param lanes one for each channel that has a mode or a switch, in their order
 * @param combinations of all positions, the resting ones first
 * @param remarks the gravest first
 */
public record ModePicture(List<Lane> lanes, List<Combination> combinations, List<Remark> remarks) {
    /** The mode that arms. */
    public static final String ARM = "arm";

    /** More combinations than these nobody goes through. */
    private static final int MOST = 81;
    /** A position nearer to an edge than this may flicker, microseconds. */
    private static final int EDGE_US = 30;

    private static final int MIDDLE_US = 1500;
    private static final Words WORDS = Radio.WORDS.name("modes");

    /** A mode and where it is on. */
    public record Mode(String name, ModeRange range) {
        boolean isArm() {
            return name.equals(ARM);
        }
    }

    /** A switch of the radio: what it sends at each of its positions, from at rest on, microseconds. */
    public record Switch(String name, int channel, List<Integer> positions) {
        public Switch {
            positions = List.copyOf(positions);
        }
    }

    /** One channel. */
    public record Lane(int channel, List<Mode> modes, List<Switch> switches) {}

    /** A position of each switch, by its name, and the modes that are on then. */
    public record Combination(Map<String, Integer> positions, List<String> on) {}

    /** How grave a remark is. */
    public enum Weight {
        HARMS,
        WRONG,
        DOUBTFUL
    }

    /** Something to look at. */
    public record Remark(Weight weight, String text) {}

    /** @param carried channels that the link carries */
    public static ModePicture of(List<Mode> modes, List<Switch> switches, int carried) {
        List<Mode> laid = modes.stream().filter(mode -> !mode.range().isNone()).toList();
        Map<Integer, Lane> lanes = new TreeMap<>();
        laid.forEach(mode -> lane(lanes, mode.range().channel()).modes().add(mode));
        switches.forEach(one -> lane(lanes, one.channel()).switches().add(one));
        return new ModePicture(
                lanes.values().stream()
                        .map(lane -> new Lane(lane.channel(), List.copyOf(lane.modes()), List.copyOf(lane.switches())))
                        .toList(),
                combinations(laid, switches),
                new Remarks(modes, laid, switches, carried).all());
    }

    private static Lane lane(Map<Integer, Lane> lanes, int channel) {
        return lanes.computeIfAbsent(channel, n -> new Lane(n, new ArrayList<>(), new ArrayList<>()));
    }

    /** Every position of every switch; none where they are too many to go through. */
    private static List<Combination> combinations(List<Mode> modes, List<Switch> switches) {
        long all = switches.stream()
                .mapToLong(one -> Math.max(1, one.positions().size()))
                .reduce(1, (a, b) -> a * b);
        if (all > MOST || switches.isEmpty()) {
            return List.of();
        }
        List<Map<String, Integer>> positions = new ArrayList<>(List.of(new TreeMap<>()));
        for (Switch one : switches) {
            List<Map<String, Integer>> more = new ArrayList<>();
            for (int us : one.positions()) {
                for (Map<String, Integer> before : positions) {
                    Map<String, Integer> with = new TreeMap<>(before);
                    with.put(one.name(), us);
                    more.add(with);
                }
            }
            positions = more;
        }
        return positions.stream()
                .map(at -> new Combination(
                        at,
                        modes.stream()
                                .filter(mode -> isOn(mode, switches, at))
                                .map(Mode::name)
                                .toList()))
                .toList();
    }

    /** Whether a mode is on; a channel without a switch stands in the middle. */
    private static boolean isOn(Mode mode, List<Switch> switches, Map<String, Integer> at) {
        return mode.range()
                .holds(switches.stream()
                        .filter(one -> one.channel() == mode.range().channel())
                        .map(one -> at.get(one.name()))
                        .reduce((first, last) -> last)
                        .orElse(MIDDLE_US));
    }

    /** The remarks as they are gathered. */
    private static final class Remarks {
        private final List<Mode> modes;
        private final List<Mode> laid;
        private final List<Switch> switches;
        private final int carried;
        private final List<Remark> found = new ArrayList<>();

        private Remarks(List<Mode> modes, List<Mode> laid, List<Switch> switches, int carried) {
            this.modes = modes;
            this.laid = laid;
            this.switches = switches;
            this.carried = carried;
        }

        List<Remark> all() {
            modes.stream()
                    .filter(mode -> mode.isArm() && mode.range().isNone())
                    .forEach(mode -> add(Weight.WRONG, WORDS.line("no-arm")));
            laid.forEach(this::reached);
            shared();
            switches.forEach(this::idleSwitch);
            switches.forEach(this::doubled);
            found.sort(Comparator.comparing(Remark::weight));
            return List.copyOf(found);
        }

        private void reached(Mode mode) {
            ModeRange range = mode.range();
            List<Switch> on = switches.stream()
                    .filter(one -> one.channel() == range.channel())
                    .toList();
            if (range.channel() > carried) {
                add(
                        Weight.WRONG,
                        of(mode).with("carried", Param.whole(carried, "")).line("not-carried"));
            } else if (on.isEmpty()) {
                add(
                        Weight.WRONG,
                        of(mode).with("always", Param.when(range.holds(MIDDLE_US)))
                                .line("unmoved"));
            }
            for (Switch one : on) {
                Words words = of(mode).with("switch", Param.written(one.name()));
                long holds = one.positions().stream().filter(range::holds).count();
                if (holds == 0) {
                    add(
                            Weight.WRONG,
                            words.with("range", Param.written(range.toString()))
                                    .with("sends", Param.written(one.positions().toString()))
                                    .line("unreached"));
                } else if (holds == one.positions().size()) {
                    add(mode.isArm() ? Weight.HARMS : Weight.DOUBTFUL, words.line("always"));
                } else if (mode.isArm() && range.holds(one.positions().get(0))) {
                    add(Weight.HARMS, words.line("rest"));
                }
                one.positions().stream()
                        .filter(us ->
                                Math.abs(us - range.fromUs()) <= EDGE_US || Math.abs(us - range.toUs()) <= EDGE_US)
                        .forEach(us -> add(
                                Weight.DOUBTFUL,
                                words.with("us", Param.whole(us, ""))
                                        .with("edge", Param.whole(EDGE_US, ""))
                                        .line("edge")));
            }
        }

        private void shared() {
            for (int i = 0; i < laid.size(); i++) {
                for (int j = i + 1; j < laid.size(); j++) {
                    Mode one = laid.get(i);
                    Mode other = laid.get(j);
                    boolean arms = one.isArm() || other.isArm();
                    Words words = of(one).with("other", Param.written(other.name()));
                    if (one.range().overlaps(other.range())) {
                        add(arms ? Weight.WRONG : Weight.DOUBTFUL, words.line("overlap"));
                    } else if (arms && one.range().channel() == other.range().channel()) {
                        add(Weight.DOUBTFUL, words.line("share"));
                    }
                }
            }
        }

        private void idleSwitch(Switch one) {
            List<Mode> on = laid.stream()
                    .filter(mode -> mode.range().channel() == one.channel())
                    .toList();
            if (on.isEmpty()) {
                add(Weight.DOUBTFUL, of(one).line("idle"));
            } else if (one.positions().size() > 2) {
                one.positions().stream()
                        .skip(1)
                        .filter(us -> on.stream().noneMatch(mode -> mode.range().holds(us)))
                        .forEach(us -> add(
                                Weight.DOUBTFUL,
                                of(one).with("us", Param.whole(us, "")).line("gap")));
            }
        }

        private void doubled(Switch one) {
            if (switches.indexOf(one) > 0
                    && switches.subList(0, switches.indexOf(one)).stream()
                            .anyMatch(before -> before.channel() == one.channel())) {
                add(Weight.WRONG, of(one).line("doubled"));
            }
        }

        private static Words of(Mode mode) {
            return WORDS.with("mode", Param.written(mode.name()))
                    .with("channel", Param.whole(mode.range().channel(), ""));
        }

        private static Words of(Switch one) {
            return WORDS.with("switch", Param.written(one.name())).with("channel", Param.whole(one.channel(), ""));
        }

        private void add(Weight weight, Text text) {
            found.add(new Remark(weight, text.plain()));
        }
    }
}
