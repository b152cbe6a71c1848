package ablemedic.diagnosis;

import ablemedic.diagnosis.Answers.Mixed;
import ablemedic.diagnosis.Reading.Several;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.Function;
import java.util.stream.IntStream;

/**
 * Several questions at once, as a mixture of ways it can go. Within one way the questions are answered independently.
 *
 * @param mixed what is asked
 * @param branches each with its share; the shares sum to 1
 */
public record Joint(Mixed mixed, List<Branch> branches) implements Distribution {
    private static final double EVEN = 0.5;
    /** A way that is expected at all. */
    private static final double ONE_OF_THE_WAYS = 0.2;

    public Joint {
        branches = List.copyOf(branches);
        Shares.check(branches.stream().mapToDouble(Branch::share));
        for (Branch branch : branches) {
            if (branch.parts().size() != mixed.items().size()) {
                throw new IllegalArgumentException("a way says what becomes of each of the "
                        + mixed.items().size() + " questions");
            }
        }
    }

    /** One way it can go: its share, and a distribution for each question in order. */
    public record Branch(double share, List<Distribution> parts) {
        public Branch {
            parts = List.copyOf(parts);
        }
    }

    /** It can go one way only, with a distribution for each question in order. */
    public static Joint of(Mixed mixed, Distribution... parts) {
        return new Joint(mixed, List.of(new Branch(1, List.of(parts))));
    }

    /** The way that has the greatest share. */
    private Branch likeliestWay() {
        return branches.stream().max(Comparator.comparingDouble(Branch::share)).orElseThrow();
    }

    /** The distribution of one question: how likely each of its answers is over all ways. */
    public Map<Distribution, Double> of(int question) {
        Map<Distribution, Double> shares = new LinkedHashMap<>();
        branches.forEach(branch -> shares.merge(branch.parts().get(question), branch.share(), Double::sum));
        return shares;
    }

    @Override
    public Mixed answers() {
        return mixed;
    }

    @Override
    public List<Alternative> alternatives() {
        return List.of();
    }

    @Override
    public List<Distribution> parts() {
        return likeliestWay().parts();
    }

    @Override
    public double likelihood(Reading reading) {
        if (!(reading instanceof Several several)) {
            throw new IllegalArgumentException("this check asks several questions");
        }
        for (String id : several.parts().keySet()) {
            if (mixed.item(id).isEmpty()) {
                throw new IllegalArgumentException("no question " + id + " among " + mixed.items());
            }
        }
        double sum = 0;
        for (Branch branch : branches) {
            double p = branch.share();
            for (int q = 0; q < mixed.items().size(); q++) {
                Reading part = several.parts().get(mixed.items().get(q).id());
                if (part != null) {
                    p *= branch.parts().get(q).likelihood(part);
                }
            }
            sum += p;
        }
        return sum;
    }

    @Override
    public Several mode() {
        return each(likeliestWay(), Distribution::mode);
    }

    @Override
    public Several sample(Random random) {
        Branch branch = branches.get(
                Shares.pick(branches.stream().mapToDouble(Branch::share).toArray(), random));
        return each(branch, part -> part.sample(random));
    }

    private Several each(Branch branch, Function<Distribution, Reading> reading) {
        Map<String, Reading> parts = new LinkedHashMap<>();
        for (int q = 0; q < branch.parts().size(); q++) {
            parts.put(mixed.items().get(q).id(), reading.apply(branch.parts().get(q)));
        }
        return new Several(parts);
    }

    @Override
    public boolean contains(Reading reading) {
        return reading instanceof Several several
                && branches.stream().anyMatch(branch -> branch.share() >= ONE_OF_THE_WAYS && contains(branch, several));
    }

    private boolean contains(Branch branch, Several several) {
        for (int q = 0; q < branch.parts().size(); q++) {
            Reading part = several.parts().get(mixed.items().get(q).id());
            if (part != null && !branch.parts().get(q).contains(part)) {
                return false;
            }
        }
        return true;
    }

    @Override
    public boolean isLike(Distribution other) {
        return other instanceof Joint that
                && branches.size() == that.branches.size()
                && IntStream.range(0, branches.size())
                        .allMatch(i -> areAlike(
                                branches.get(i).parts(), that.branches.get(i).parts()));
    }

    private static boolean areAlike(List<Distribution> one, List<Distribution> other) {
        return IntStream.range(0, one.size()).allMatch(q -> one.get(q).isLike(other.get(q)));
    }

    @Override
    public Joint surerOf(Reading fine, double times) {
        Map<String, Reading> parts = ((Several) fine).parts();
        return new Joint(
                mixed,
                branches.stream()
                        .map(branch -> new Branch(
                                branch.share(),
                                IntStream.range(0, branch.parts().size())
                                        .mapToObj(q -> {
                                            Reading part = parts.get(
                                                    mixed.items().get(q).id());
                                            Distribution of = branch.parts().get(q);
                                            return part == null ? of : of.surerOf(part, times);
                                        })
                                        .toList()))
                        .toList());
    }

    @Override
    public Joint mixedWith(Distribution other, double share) {
        List<Branch> all = new ArrayList<>();
        branches.forEach(branch -> all.add(new Branch((1 - share) * branch.share(), branch.parts())));
        ((Joint) other).branches.forEach(branch -> all.add(new Branch(share * branch.share(), branch.parts())));
        return new Joint(mixed, all);
    }

    /** Of several questions some are answered as before even then: which, nobody knows. */
    @Override
    public Joint loosened(double share) {
        List<Branch> loose = new ArrayList<>();
        branches.forEach(branch -> {
            loose.add(new Branch((1 - share) * branch.share(), branch.parts()));
            loose.add(new Branch(
                    share * branch.share(),
                    branch.parts().stream().map(part -> part.loosened(EVEN)).toList()));
        });
        return new Joint(mixed, loose);
    }
}
