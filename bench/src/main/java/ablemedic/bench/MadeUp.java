package ablemedic.bench;

import ablemedic.catalogue.Text;
import ablemedic.diagnosis.Answers;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Case;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Fix;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.diagnosis.Sureness;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;

/**
 * A made-up system of the size that a craft has with all families: 900 faults and 400 checks over 12 facets. Each fault
 * changes one facet, each check reads one; which outcome a check gives follows from the value by a hash.
 */
final class MadeUp {
    private static final int FACETS = 12;
    private static final int FAULTS = 900;
    private static final int CHECKS = 400;
    private static final int FINDINGS = 12;

    private static final List<Facet<List<Integer>, Integer>> READ = IntStream.range(0, FACETS)
            .mapToObj(f -> Facet.<List<Integer>, Integer>of("facet " + f, s -> s.get(f)))
            .toList();

    private MadeUp() {}

    static Book<List<Integer>> book() {
        List<Fault<List<Integer>>> faults = new ArrayList<>();
        for (int i = 0; i < FAULTS; i++) {
            faults.add(new MadeUpFault(i));
        }
        List<Check<List<Integer>>> checks = new ArrayList<>();
        for (int i = 0; i < CHECKS; i++) {
            checks.add(new MadeUpCheck(i));
        }
        return new Book<>(faults, checks);
    }

    /** A dozen findings, as the first fault gives them. */
    static Case<List<Integer>> known(Book<List<Integer>> book) {
        List<Integer> sound = Collections.nCopies(FACETS, 0);
        List<Integer> faulty = book.faults().get(0).applyTo(sound);
        Case<List<Integer>> known = new Case<>(sound, Occasion.CRASH, List.of(), List.of());
        for (int i = 0; i < FINDINGS; i++) {
            MadeUpCheck check = (MadeUpCheck) book.checks().get(i * 7);
            known = known.with(check, Chosen.of(String.valueOf(check.shows(faulty))), Sureness.FAIRLY);
        }
        return known;
    }

    private record MadeUpFault(int number) implements Fault<List<Integer>> {
        @Override
        public String id() {
            return "fault-" + number;
        }

        @Override
        public String kind() {
            return "made-up";
        }

        @Override
        public String site() {
            return "site-" + number;
        }

        @Override
        public Text describe(List<Integer> sound) {
            return Text.written(id());
        }

        @Override
        public double odds(Occasion occasion) {
            return 0.002;
        }

        @Override
        public List<Integer> applyTo(List<Integer> system) {
            return with(system, 31 * system.get(number % FACETS) + number + 1);
        }

        private List<Integer> with(List<Integer> system, int value) {
            List<Integer> changed = new ArrayList<>(system);
            changed.set(number % FACETS, value);
            return List.copyOf(changed);
        }

        @Override
        public List<Fix<List<Integer>>> fixes(List<Integer> sound) {
            return List.of(new Fix<>(
                    "fix",
                    "as built " + number,
                    Text.written("Put it right"),
                    List.of(),
                    List.of(),
                    5,
                    system -> with(system, sound.get(number % FACETS))));
        }
    }

    private record MadeUpCheck(int number) implements Check<List<Integer>> {
        private static final int OUTCOMES = 4;
        private static final Choices ANSWERS = Choices.of(
                Text.written("What?"),
                IntStream.range(0, OUTCOMES)
                        .mapToObj(o -> Outcome.written(String.valueOf(o), String.valueOf(o)))
                        .toList());

        /** The outcome on a system: 0 on a sound one, and on most others. */
        int shows(List<Integer> system) {
            int value = READ.get(number % FACETS).of(system);
            int mixed = Integer.hashCode(value * 0x9E3779B1 + number * 0x85EBCA6B) >>> 20;
            return value == 0 || mixed % 3 != 0 ? 0 : 1 + mixed % (OUTCOMES - 1);
        }

        @Override
        public String id() {
            return "check-" + number;
        }

        @Override
        public String kind() {
            return "made-up";
        }

        @Override
        public Text title(List<Integer> sound) {
            return Text.written(id());
        }

        @Override
        public List<Text> steps(List<Integer> sound) {
            return List.of(title(sound));
        }

        @Override
        public Answers answers() {
            return ANSWERS;
        }

        @Override
        public Distribution outlook(List<Integer> system) {
            return Categorical.expecting(ANSWERS, String.valueOf(shows(system)), 0.05);
        }

        @Override
        public Facet<List<Integer>, ?> reads() {
            return READ.get(number % FACETS);
        }

        @Override
        public double minutes() {
            return 1;
        }

        @Override
        public double risk() {
            return 0;
        }

        @Override
        public BenchNeeds needs() {
            return BenchNeeds.NOTHING;
        }
    }
}
