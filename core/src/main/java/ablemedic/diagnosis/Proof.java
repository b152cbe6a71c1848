package ablemedic.diagnosis;

import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.Evidence.Finding;
import ablemedic.diagnosis.Outlook.Branch;
import ablemedic.diagnosis.Outlook.Branches;
import ablemedic.diagnosis.Outlook.Either;
import ablemedic.diagnosis.Outlook.Spread;
import ablemedic.diagnosis.Outlook.Ways;
import ablemedic.diagnosis.Outlook.Worded;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.diagnosis.Reading.Measured;
import ablemedic.diagnosis.Reading.Several;
import java.util.ArrayList;
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
    /** A way that a check can go at least so often on a sound system is as good as the likeliest. */
    private static final double ONE_OF_THE_WAYS = 0.2;
    /** A way that one reading can come out at least so often, where a guess makes several. */
    private static final double NOT_RULED_OUT = 0.02;

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
        return asExpected(check.outlook(system), reading);
    }

    static boolean asExpected(Outlook outlook, Reading reading) {
        if (outlook instanceof Branches branches && reading instanceof Several several) {
            return branches.branches().stream()
                    .anyMatch(branch -> branch.share() >= ONE_OF_THE_WAYS && asExpected(branches, branch, several));
        }
        if (outlook instanceof Either either) {
            return either.ways().stream()
                    .anyMatch(way -> way.share() >= NOT_RULED_OUT && asExpected(way.outlook(), reading));
        }
        if (outlook instanceof Spread spread && reading instanceof Measured measured) {
            return Math.abs(measured.value() - spread.mean()) <= 3 * spread.spread();
        }
        if (outlook instanceof Worded worded) {
            return reading.equals(Chosen.of(worded.word()));
        }
        return outlook instanceof Ways ways
                && reading instanceof Chosen chosen
                && mostProbable(ways).id().equals(chosen.outcomes().get(first(ways)));
    }

    private static boolean asExpected(Branches branches, Branch branch, Several several) {
        for (int q = 0; q < branch.parts().size(); q++) {
            Reading part = several.parts().get(branches.mixed().items().get(q).id());
            if (part != null && !asExpected(branch.parts().get(q), part)) {
                return false;
            }
        }
        return true;
    }

    /** What a system like this most probably gives, in words. */
    public static <S> String expected(Check<S> check, S system) {
        return expected(check.outlook(system));
    }

    /** What is most probable by an outlook, in words. */
    public static String expected(Outlook outlook) {
        if (outlook instanceof Branches branches) {
            return String.join(
                    ", ",
                    mostProbable(branches).parts().stream().map(Proof::expected).toList());
        }
        if (outlook instanceof Either either) {
            return expected(either.likeliest());
        }
        if (outlook instanceof Worded worded) {
            Scale scale = worded.scale();
            return scale.words().get(scale.indexOf(worded.word()).orElseThrow()).label();
        }
        return outlook instanceof Spread spread
                ? String.format(
                        Locale.ROOT,
                        "%.3g %s",
                        Math.abs(spread.mean()) < NOTHING * spread.spread() ? 0 : spread.mean(),
                        spread.scale().unit())
                : mostProbable((Ways) outlook).label();
    }

    /** What is most probable by an outlook, as a reading. */
    public static Reading likeliest(Outlook outlook) {
        if (outlook instanceof Branches branches) {
            Branch likeliest = mostProbable(branches);
            Map<String, Reading> parts = new LinkedHashMap<>();
            for (int q = 0; q < likeliest.parts().size(); q++) {
                parts.put(
                        branches.mixed().items().get(q).id(),
                        likeliest(likeliest.parts().get(q)));
            }
            return new Several(parts);
        } else if (outlook instanceof Either either) {
            return likeliest(either.likeliest());
        } else if (outlook instanceof Worded worded) {
            return Chosen.of(worded.word());
        } else if (outlook instanceof Spread spread) {
            return new Measured(spread.mean());
        }
        Ways ways = (Ways) outlook;
        Map<String, String> chosen = new LinkedHashMap<>();
        for (int q = 0; q < ways.choices().questions().size(); q++) {
            chosen.put(
                    ways.choices().questions().get(q).id(),
                    mostProbable(ways, q).id());
        }
        return new Chosen(chosen);
    }

    private static Outcome mostProbable(Ways ways, int question) {
        List<Outcome> outcomes = ways.choices().questions().get(question).outcomes();
        double[] p = new double[outcomes.size()];
        for (Outlook.Way way : ways.ways()) {
            for (int o = 0; o < p.length; o++) {
                p[o] += way.share() * way.probabilities()[question][o];
            }
        }
        int best = 0;
        for (int o = 1; o < p.length; o++) {
            best = p[o] > p[best] ? o : best;
        }
        return outcomes.get(best);
    }

    private static Branch mostProbable(Branches branches) {
        return branches.branches().stream()
                .max(Comparator.comparingDouble(Branch::share))
                .orElseThrow();
    }

    private static String first(Ways ways) {
        return ways.choices().questions().get(0).id();
    }

    private static Outcome mostProbable(Ways ways) {
        Choices choices = ways.choices();
        List<Outcome> outcomes = new ArrayList<>(choices.questions().get(0).outcomes());
        Outcome best = outcomes.get(0);
        double most = -1;
        for (int i = 0; i < outcomes.size(); i++) {
            if (ways.probability(i) > most) {
                most = ways.probability(i);
                best = outcomes.get(i);
            }
        }
        return best;
    }
}
