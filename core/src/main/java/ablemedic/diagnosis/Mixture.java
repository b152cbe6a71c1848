package ablemedic.diagnosis;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;

/**
 * A reading on one scale that may come out in one of several ways: a board that has a pull-down or none, a value that
 * is read or the one that was expected in its place.
 *
 * @param ways each a {@link Gaussian} or {@link FixedWord} of one scale, with its share; the shares sum to 1
 * @param redrawn whether the way is drawn anew with each reading, as what the observer does is; what the system is
 *     stays
 */
public record Mixture(List<Share> ways, boolean redrawn) implements Distribution {
    /** A way with a share of at least this may well be how it comes out. */
    private static final double NOT_RULED_OUT = 0.02;
    /** Shares nearer than this, as a part of one of them, are equal. */
    private static final double EQUAL = 1e-9;

    public Mixture {
        ways = List.copyOf(ways);
        Shares.check(ways.stream().mapToDouble(Share::share));
    }

    /** One way that a reading may come out, with its probability. */
    public record Share(double share, Distribution outlook) {}

    /** Of a system that is one of these, nobody knows which. */
    public Mixture(List<Share> ways) {
        this(ways, false);
    }

    /** What is there, or in a share of the times what the observer takes it for. */
    static Mixture slipping(Distribution there, double share, Distribution takenFor) {
        return new Mixture(List.of(new Share(1 - share, there), new Share(share, takenFor)), true);
    }

    @Override
    public Answers answers() {
        return ways.get(0).outlook().answers();
    }

    @Override
    public List<Alternative> alternatives() {
        return ways.stream()
                .flatMap(way -> way.outlook().alternatives().stream()
                        .map(one -> new Alternative(one.reading(), way.share(), one.spread())))
                .toList();
    }

    @Override
    public double likelihood(Reading reading) {
        return ways.stream()
                .mapToDouble(way -> way.share() * way.outlook().likelihood(reading))
                .sum();
    }

    @Override
    public Reading mode() {
        return likeliest().mode();
    }

    @Override
    public Reading sample(Random random) {
        double[] shares = ways.stream().mapToDouble(Share::share).toArray();
        return ways.get(Shares.pick(shares, random)).outlook().sample(random);
    }

    @Override
    public boolean contains(Reading reading) {
        return ways.stream()
                .anyMatch(way -> way.share() >= NOT_RULED_OUT && way.outlook().contains(reading));
    }

    @Override
    public boolean isAssumed() {
        return !redrawn;
    }

    @Override
    public boolean isLike(Distribution other) {
        return other instanceof Mixture that
                && ways.size() == that.ways.size()
                && IntStream.range(0, ways.size())
                        .allMatch(i ->
                                ways.get(i).outlook().isLike(that.ways.get(i).outlook()));
    }

    @Override
    public boolean isWithin(Distribution other, double deviations) {
        return likeliest().isWithin(other, deviations);
    }

    @Override
    public Mixture mixedWith(Distribution other, double share) {
        return slipping(this, share, other);
    }

    @Override
    public Mixture loosened(double share) {
        return new Mixture(
                ways.stream()
                        .map(way -> new Share(way.share(), way.outlook().loosened(share)))
                        .toList(),
                redrawn);
    }

    /** The ways of one assumption stand in one order, so that the n-th of one reading is the n-th of another. */
    @Override
    public Distribution knowing(Distribution then, ToDoubleFunction<Distribution> read, double alike) {
        if (redrawn || !(then instanceof Mixture other) || other.ways.size() != ways.size()) {
            return this;
        }
        double[] likely = other.ways.stream()
                .mapToDouble(way -> read.applyAsDouble(way.outlook()))
                .toArray();
        double onTheWhole = 0;
        for (int i = 0; i < likely.length; i++) {
            onTheWhole += other.ways.get(i).share() * likely[i];
        }
        double[] shares = new double[likely.length];
        for (int i = 0; i < likely.length; i++) {
            shares[i] = ways.get(i).share() * (alike * likely[i] + (1 - alike) * onTheWhole);
        }
        double total = Arrays.stream(shares).sum();
        List<Share> weighed = new ArrayList<>();
        for (int i = 0; i < shares.length; i++) {
            weighed.add(new Share(shares[i] / total, ways.get(i).outlook()));
        }
        return total > 0 ? new Mixture(weighed) : this;
    }

    /**
     * What would be named for it: the word that is likelier than any number, or else the likeliest number, the one in
     * the middle of the list where several are alike.
     */
    @Override
    public Distribution likeliest() {
        Map<Distribution, Double> words = new LinkedHashMap<>();
        List<Share> numbers = new ArrayList<>();
        ways.forEach(way -> {
            if (way.outlook() instanceof FixedWord) {
                words.merge(way.outlook(), way.share(), Double::sum);
            } else {
                numbers.add(way);
            }
        });
        double number = numbers.stream().mapToDouble(Share::share).sum();
        return words.entrySet().stream()
                .filter(word -> word.getValue() > number)
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElseGet(() -> middle(numbers));
    }

    private static Distribution middle(List<Share> numbers) {
        double most = numbers.stream().mapToDouble(Share::share).max().orElseThrow();
        List<Share> alike =
                numbers.stream().filter(way -> way.share() > most * (1 - EQUAL)).toList();
        return alike.get((alike.size() - 1) / 2).outlook();
    }
}
