package ablemedic.power;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Survey;
import ablemedic.physics.BatteryOut;
import ablemedic.physics.Powered;
import ablemedic.reading.Meter;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.Wiring;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiPredicate;
import java.util.stream.IntStream;

/**
 * All pairs of points of a craft under the probes. For each pair the stories are sorted by what the meter would show,
 * coarsely, and the pairs whose sorting says most about what is owed are handed on; with power on, only pairs with a
 * ground or of one net while any of these tells anything. That paths are split by halves comes out of this; nothing
 * here knows a path.
 */
final class ProbeSurvey implements Survey<Craft> {
    private static final int PROMISING = 24;
    private static final int STORIES = 120;
    private static final double NEGLIGIBLE = 1e-4;
    private static final int CLASSES = 64;
    /** Two points closer than this cannot be told apart with a handheld meter. */
    private static final double SAME_OHMS = 0.2;

    private static final double SAME_V = 0.004;
    private static final int OVER = 0;
    /** Voltages from which on the classes count one more, volts: even steps near nothing, even ratios far from it. */
    private static final double[] STEPS = IntStream.range(0, CLASSES / 2)
            .mapToDouble(k -> 0.3 * Math.expm1((k + 0.5) / 6))
            .toArray();
    /** A pair that is as good but easier to touch goes first by this much. */
    private static final double EASE = 0.97;

    /** Pairs that tell the same but for the last figures stand in the order of the points. */
    private static final double EQUAL = 1e-9;

    private final Probe.Mode mode;
    private final Wiring wiring;
    private final Meter meter;

    ProbeSurvey(Probe.Mode mode, Wiring wiring, Meter meter) {
        this.mode = mode;
        this.wiring = wiring;
        this.meter = meter;
    }

    @Override
    public Optional<Check<Craft>> check(String id) {
        String[] parts = id.split("~");
        if (parts.length != 3 || !parts[0].equals(mode.prefix())) {
            return Optional.empty();
        }
        Optional<Integer> red = wiring.find(parts[1]);
        Optional<Integer> black = wiring.find(parts[2]);
        return red.isPresent()
                        && black.isPresent()
                        && !red.equals(black)
                        && foretold(red.get())
                        && foretold(black.get())
                ? Optional.of(probe(red.get(), black.get()))
                : Optional.empty();
    }

    private boolean foretold(int node) {
        return mode == Probe.Mode.OHMS || !wiring.isFine(wiring.points().get(node));
    }

    private Probe probe(int red, int black) {
        return new Probe(mode, wiring.points().get(red), wiring.points().get(black), meter);
    }

    @Override
    public List<Check<Craft>> promising(List<Story<Craft>> all) {
        List<Story<Craft>> stories = all.stream()
                .filter(story -> story.belief() > NEGLIGIBLE)
                .sorted(Comparator.comparingDouble((Story<Craft> story) -> story.belief())
                        .reversed())
                .limit(STORIES)
                .sorted(Comparator.comparingInt(Story::group))
                .toList();
        if (stories.isEmpty()) {
            return List.of();
        }
        Crafts crafts = new Crafts(stories);
        Electrics sound = stories.get(0).state().electrics().sound();
        BitSet grounds = mode == Probe.Mode.VOLTS ? grounds(sound) : new BitSet();
        List<Integer> apart = apart(crafts);
        List<Scored> scored =
                scored(stories, crafts, apart, mode == Probe.Mode.OHMS ? (a, b) -> true : safeLive(sound, grounds));
        if (scored.isEmpty() && mode == Probe.Mode.VOLTS) {
            scored = scored(stories, crafts, apart, (a, b) -> true);
        }
        return scored.stream()
                .sorted(Comparator.comparingDouble(Scored::score).reversed())
                .limit(PROMISING)
                .map(s -> (Check<Craft>) oriented(s.red, s.black, sound, grounds))
                .toList();
    }

    private List<Scored> scored(
            List<Story<Craft>> stories, Crafts crafts, List<Integer> apart, BiPredicate<Integer, Integer> allowed) {
        List<Scored> scored = new ArrayList<>();
        for (int red : apart) {
            for (int black : apart) {
                if (black <= red || !allowed.test(red, black)) {
                    continue;
                }
                double nats = information(stories, crafts, red, black);
                if (nats > 1e-4) {
                    scored.add(new Scored(red, black, Math.rint(nats * ease(red) * ease(black) / EQUAL) * EQUAL));
                }
            }
        }
        return scored;
    }

    /** The points that are ground on a craft as it should be: as good as one with the battery's minus. */
    private BitSet grounds(Electrics sound) {
        BitSet grounds = new BitSet();
        wiring.plug().ifPresent(plug -> {
            BatteryOut craft = BatteryOut.of(sound, meter);
            wiring.points().stream()
                    .filter(point -> craft.ohms(plug[1], point.node()) < SAME_OHMS)
                    .forEach(point -> grounds.set(point.node()));
        });
        return grounds;
    }

    /**
     * With power on, one probe is on a ground, or both on what is one net: elsewhere a tip that slips joins two
     * supplies.
     */
    private BiPredicate<Integer, Integer> safeLive(Electrics sound, BitSet grounds) {
        BatteryOut craft = BatteryOut.of(sound, meter);
        return (a, b) -> grounds.get(a) || grounds.get(b) || craft.ohms(a, b) < SAME_OHMS;
    }

    /** Every wire and trace from end to end, as a technician without a plan would go. */
    @Override
    public List<Check<Craft>> routine() {
        List<Check<Craft>> all = new ArrayList<>();
        wiring.sheet().wires().stream()
                .map(wire -> probe(wiring.node(wire.from()), wiring.node(wire.to())))
                .filter(probe -> check(probe.id()).isPresent())
                .forEach(all::add);
        wiring.links().stream()
                .filter(link -> link.kind() == Wiring.Kind.TRACE)
                .forEach(link -> all.add(probe(link.a(), link.b())));
        return all;
    }

    /**
     * Points of which no two are one and the same in every story: of those that are, the first pad stands for all, so
     * that a pad stands for a wire's end, and the plug for whatever hangs on it soundly.
     */
    private List<Integer> apart(Crafts crafts) {
        List<BiPredicate<Integer, Integer>> same =
                crafts.different.stream().map(this::same).toList();
        List<Integer> points = new ArrayList<>();
        wiring.points().stream()
                .filter(this::speaks)
                .sorted(Comparator.comparing((Wiring.Point p) -> !p.id().equals(p.pad()))
                        .thenComparingInt(Wiring.Point::node))
                .forEach(p -> {
                    if (points.stream().noneMatch(kept -> same.stream().allMatch(one -> one.test(kept, p.node())))) {
                        points.add(p.node());
                    }
                });
        return points;
    }

    /**
     * Whether a reading at a point says anything: a serial or video line moves when it is powered, and such a pad
     * without a wire is joined to nothing.
     */
    private boolean speaks(Wiring.Point point) {
        return !wiring.isFine(point) || mode == Probe.Mode.OHMS && wiring.isReached(point);
    }

    private BiPredicate<Integer, Integer> same(Electrics electrics) {
        if (mode == Probe.Mode.OHMS) {
            BatteryOut craft = BatteryOut.of(electrics, meter);
            return (a, b) -> craft.ohms(a, b) < SAME_OHMS;
        }
        Powered craft = Powered.onBench(electrics);
        return (a, b) -> Math.abs(craft.between(a, b)) < SAME_V;
    }

    private record Scored(int red, int black, double score) {}

    /** The class of the reading of a pair on one craft. */
    private interface Shown {
        int of(int red, int black);
    }

    /** The crafts of some stories. Crafts of the same harm read the same, so each is looked at once. */
    private final class Crafts {
        private final List<Electrics> different;
        private final List<Shown> shown;
        /** For each story which of the crafts is its own. */
        private final int[] ofStory;

        Crafts(List<Story<Craft>> stories) {
            Map<Electrics, Integer> places = new LinkedHashMap<>();
            ofStory = stories.stream()
                    .mapToInt(story -> places.computeIfAbsent(story.state().electrics(), electrics -> places.size()))
                    .toArray();
            different = List.copyOf(places.keySet());
            shown = different.stream().map(ProbeSurvey.this::shown).toList();
        }

        /** The class of the reading by each story; none where all read alike. */
        Optional<int[]> classes(int red, int black) {
            int[] byCraft = new int[shown.size()];
            boolean varies = false;
            for (int c = 0; c < byCraft.length; c++) {
                byCraft[c] = shown.get(c).of(red, black);
                varies |= byCraft[c] != byCraft[0];
            }
            return varies
                    ? Optional.of(Arrays.stream(ofStory).map(c -> byCraft[c]).toArray())
                    : Optional.empty();
        }
    }

    private Shown shown(Electrics electrics) {
        if (mode == Probe.Mode.OHMS) {
            BatteryOut craft = BatteryOut.of(electrics, meter);
            return (red, black) -> craft.classed(red, black, (a, b) -> decade(craft.ohms(a, b)));
        }
        Powered craft = Powered.onBench(electrics);
        return (red, black) -> {
            double v = craft.between(red, black);
            return clamp(CLASSES / 2 + (v < 0 ? -1 : 1) * step(Math.abs(v)));
        };
    }

    /**
     * Where nothing but a chip or a pull-down joins two points, what the meter shows rests on a guess: all of that is
     * one class with nothing at all, so that only copper, its absence and shorts make a pair promising.
     */
    private static int decade(double ohms) {
        return ohms > Probe.CHIP_OHMS ? OVER : clamp(OVER + 1 + (int) Math.round(3 * Math.log1p(ohms / 0.5)));
    }

    private static int step(double volts) {
        int at = Arrays.binarySearch(STEPS, volts);
        return at < 0 ? -at - 1 : at + 1;
    }

    private static int clamp(int c) {
        return Math.max(0, Math.min(CLASSES - 1, c));
    }

    /**
     * Mutual information between what is owed and the class of the reading, in nats. Stories of one group stand
     * together.
     */
    private static double information(List<Story<Craft>> stories, Crafts crafts, int red, int black) {
        Optional<int[]> told = crafts.classes(red, black);
        if (told.isEmpty()) {
            return 0;
        }
        int[] classes = told.get();
        double[] marginal = new double[CLASSES];
        double[] inGroup = new double[CLASSES];
        double total = 0;
        double within = 0;
        for (int from = 0, to; from < classes.length; from = to) {
            double weight = 0;
            boolean alike = true;
            for (to = from;
                    to < classes.length
                            && stories.get(to).group() == stories.get(from).group();
                    to++) {
                double belief = stories.get(to).belief();
                marginal[classes[to]] += belief;
                weight += belief;
                alike &= classes[to] == classes[from];
            }
            total += weight;
            if (!alike) {
                Arrays.fill(inGroup, 0);
                for (int s = from; s < to; s++) {
                    inGroup[classes[s]] += stories.get(s).belief();
                }
                within += entropy(inGroup, weight);
            }
        }
        return (entropy(marginal, total) - within) / total;
    }

    /** Entropy times the total weight, in nats. */
    private static double entropy(double[] weights, double total) {
        double sum = 0;
        for (double w : weights) {
            if (w > 0 && w < total) {
                sum -= w * Math.log(w / total);
            }
        }
        return sum;
    }

    private double ease(int point) {
        Wiring.Point p = wiring.points().get(point);
        return p.id().equals(p.pad()) ? 1 : EASE;
    }

    /** Black on a ground where one of the two is; else red on the point that is more positive with the battery in. */
    private Probe oriented(int a, int b, Electrics sound, BitSet grounds) {
        if (grounds.get(a) != grounds.get(b)) {
            return grounds.get(b) ? probe(a, b) : probe(b, a);
        }
        return Powered.onBench(sound).between(a, b) >= 0 ? probe(a, b) : probe(b, a);
    }
}
