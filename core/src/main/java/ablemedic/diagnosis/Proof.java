package ablemedic.diagnosis;

import ablemedic.catalogue.Text;
import ablemedic.diagnosis.Answers.Question;
import ablemedic.diagnosis.Evidence.Finding;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * What shows that a fix was the fix: the checks that had shown the fault, made again, and then the flight. It passes
 * when each has given what a sound system gives.
 */
public record Proof<S>(List<Test<S>> tests) {
    public Proof {
        tests = List.copyOf(tests);
    }

    /** What is less than this share of its own spread is nothing. */
    private static final double NOTHING = 1e-3;

    /** How a test of the proof stands. */
    public enum State {
        TO_DO,
        PASSED,
        FAILED
    }

    /**
     * One test.
     *
     * @param check what to do
     * @param state whether it was done since the last fix, and passed
     */
    public record Test<S>(Check<S> check, State state) {}

    public boolean passes() {
        return !tests.isEmpty() && tests.stream().allMatch(test -> test.state() == State.PASSED);
    }

    /** The first test that is still to be done. */
    public Optional<Test<S>> next() {
        return tests.stream().filter(test -> test.state() == State.TO_DO).findFirst();
    }

    /**
     * The proof that a case owes after its last fix.
     *
     * @param last the last tests of every proof of this complaint, in their order
     * @param before what has to be seen before one of them that is a flight
     * @return no tests when no fix was made
     */
    public static <S> Proof<S> of(Case<S> known, Book<S> book, List<Check<S>> last, BeforeFlight<S> before) {
        if (known.repairs().isEmpty()) {
            return new Proof<>(List.of());
        }
        Map<String, Check<S>> checks = new LinkedHashMap<>();
        for (Evidence<S> evidence : known.evidence()) {
            if (evidence instanceof Finding<S> finding
                    && finding.check().proves()
                    && last.stream()
                            .noneMatch(test -> test.id().equals(finding.check().id()))
                    && finding.repairs().size() < known.repairs().size()
                    && !asExpected(finding.check(), finding.reading(), known.soundNow())) {
                String id = finding.check().id();
                checks.put(id, book.check(id).orElse(finding.check()));
            }
        }
        if (checks.isEmpty()) {
            mostTelling(known, book).ifPresent(check -> checks.put(check.id(), check));
        }
        List<Check<S>> beforeFlight = last.stream().anyMatch(before::isFlight) ? before.checks() : List.of();
        beforeFlight.forEach(check -> checks.put(check.id(), check));
        last.forEach(test -> checks.put(test.id(), test));
        return new Proof<>(checks.values().stream()
                .map(check -> new Test<>(
                        check, beforeFlight.contains(check) ? before.state(known, check) : state(known, check)))
                .toList());
    }

    /** Of all checks that tell the system as fixed from what it was before the last fix, the quickest. */
    private static <S> Optional<Check<S>> mostTelling(Case<S> known, Book<S> book) {
        S broken = known.repairs().get(known.repairs().size() - 1).fault().applyTo(known.sound());
        S sound = known.soundNow();
        return book.checks().stream()
                .filter(Check::proves)
                .filter(check -> !expected(check, broken).equals(expected(check, sound)))
                .min(Comparator.comparingDouble(Check::minutes));
    }

    private static <S> State state(Case<S> known, Check<S> check) {
        State state = State.TO_DO;
        for (Evidence<S> evidence : known.evidence()) {
            if (evidence instanceof Evidence.CameDown<S>) {
                state = State.TO_DO;
            } else if (evidence instanceof Finding<S> finding
                    && finding.check().id().equals(check.id())
                    && finding.repairs().equals(known.repairs())) {
                state = judged(finding, known.soundNow());
            }
        }
        return state;
    }

    /** Passed as a whole, failed, or still to do where it was broken off and nothing was amiss. */
    static <S> State judged(Finding<S> finding, S sound) {
        return !asExpected(finding.check(), finding.reading(), sound)
                ? State.FAILED
                : finding.reading().isWhole(finding.check().answers()) ? State.PASSED : State.TO_DO;
    }

    /** Whether a reading is what a system like this most probably gives. */
    public static <S> boolean asExpected(Check<S> check, Reading reading, S system) {
        return check.outlook(system).contains(reading);
    }

    /** What a system like this most probably gives, in words. */
    public static <S> Text expected(Check<S> check, S system) {
        return expected(check.outlook(system));
    }

    /** What is most probable by a distribution, in words. */
    public static Text expected(Distribution outlook) {
        Distribution likeliest = outlook.likeliest();
        if (likeliest instanceof Joint joint) {
            return Text.joined(joint.parts().stream().map(Proof::expected).toList(), ", ");
        }
        if (likeliest instanceof FixedWord fixed) {
            return fixed.label();
        }
        if (likeliest instanceof Gaussian number) {
            double shown = Math.abs(number.mean()) < NOTHING * number.spread() ? 0 : number.mean();
            return Text.written(
                    String.format(Locale.ROOT, "%.3g %s", shown, number.scale().unit()));
        }
        Question first = ((Categorical) likeliest).choices().questions().get(0);
        String mode = ((Categorical) likeliest).mode().outcomes().get(first.id());
        return first.labelOf(mode).orElseThrow();
    }
}
