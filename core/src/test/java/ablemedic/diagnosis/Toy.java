package ablemedic.diagnosis;

import ablemedic.catalogue.Text;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.IntStream;

/** Small systems to prove the reasoning on: a system is the set of the names of what is wrong with it. */
final class Toy {
    private Toy() {}

    /** A fault that adds its name to the set. */
    static Fault<Set<String>> fault(String id, String site, String remedy, double odds) {
        return new Fault<>() {
            @Override
            public String id() {
                return id;
            }

            @Override
            public String kind() {
                return "toy";
            }

            @Override
            public String site() {
                return site;
            }

            @Override
            public Text describe(Set<String> sound) {
                return Text.written(id);
            }

            @Override
            public double odds(Occasion occasion) {
                return odds;
            }

            @Override
            public Set<String> applyTo(Set<String> system) {
                Set<String> more = new TreeSet<>(system);
                more.add(id);
                return Set.copyOf(more);
            }

            @Override
            public List<Fix<Set<String>>> fixes(Set<String> sound) {
                return List.of(
                        new Fix<>("remove", remedy, Text.written("remove " + id), List.of(), List.of(), 1, system -> {
                            Set<String> fewer = new TreeSet<>(system);
                            fewer.remove(id);
                            return Set.copyOf(fewer);
                        }));
            }
        };
    }

    /** A check with numbered outcomes. */
    static Check<Set<String>> check(
            String id, int outcomes, double minutes, BenchNeeds needs, Function<Set<String>, double[]> probabilities) {
        Choices answers = Choices.of(
                Text.written(id + "?"),
                IntStream.range(0, outcomes)
                        .mapToObj(i -> Outcome.written(String.valueOf(i), String.valueOf(i)))
                        .toList());
        return new Any(id, answers, system -> Categorical.of(answers, probabilities.apply(system)), minutes, needs);
    }

    /** A check of any form. */
    record Any(
            String id,
            Answers answers,
            Function<Set<String>, Distribution> predicting,
            double minutes,
            BenchNeeds needs,
            Facet<Set<String>, ?> reads)
            implements Check<Set<String>> {
        /** One that reads all of the system. */
        Any(
                String id,
                Answers answers,
                Function<Set<String>, Distribution> predicting,
                double minutes,
                BenchNeeds needs) {
            this(id, answers, predicting, minutes, needs, Facet.whole());
        }

        @Override
        public String kind() {
            return "toy";
        }

        @Override
        public Text title(Set<String> sound) {
            return Text.written(id);
        }

        @Override
        public List<Text> steps(Set<String> sound) {
            return List.of(Text.written(id));
        }

        @Override
        public Distribution outlook(Set<String> system) {
            return predicting.apply(system);
        }

        @Override
        public double risk() {
            return 0;
        }
    }

    /** A check as it opens a work-up: it explores nothing. */
    record Opening(Check<Set<String>> of) implements Check<Set<String>> {
        @Override
        public String id() {
            return of.id();
        }

        @Override
        public String kind() {
            return of.kind();
        }

        @Override
        public Text title(Set<String> sound) {
            return of.title(sound);
        }

        @Override
        public List<Text> steps(Set<String> sound) {
            return of.steps(sound);
        }

        @Override
        public Answers answers() {
            return of.answers();
        }

        @Override
        public Distribution outlook(Set<String> system) {
            return of.outlook(system);
        }

        @Override
        public double minutes() {
            return of.minutes();
        }

        @Override
        public double risk() {
            return of.risk();
        }

        @Override
        public BenchNeeds needs() {
            return of.needs();
        }

        @Override
        public boolean explores() {
            return false;
        }
    }

    /** All probability on one outcome. */
    static double[] surely(int outcome, int outcomes) {
        double[] p = new double[outcomes];
        p[outcome] = 1;
        return p;
    }

    static Case<Set<String>> opened() {
        return new Case<>(Set.of(), Occasion.NOTHING_KNOWN, List.of(), List.of());
    }

    static Case<Set<String>> found(Case<Set<String>> known, Check<Set<String>> check, int outcome) {
        return known.with(check, Reading.Chosen.of(String.valueOf(outcome)), Sureness.SURE);
    }
}
