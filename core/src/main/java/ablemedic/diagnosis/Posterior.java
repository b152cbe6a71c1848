package ablemedic.diagnosis;

import ablemedic.catalogue.Text;
import ablemedic.diagnosis.Suspect.Blamed;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/** What is believed of a case: every story weighed, and from them the suspects. */
public final class Posterior<S> {
    /** A finding is explained by a fault that makes it this much likelier, as a logarithm. */
    static final double EXPLAINS = Math.log(1.5);

    private final Case<S> known;
    private final Assumptions assumptions;
    private final List<Weighed<S>> stories;
    private final Remedies<S> remedies;
    private final Predictions<S> predictions;
    private final List<Suspect<S>> suspects;
    private final List<Suspect<S>> apart;
    private final Set<String> explaining;
    /** Remedies of what is recorded wrong and explains nothing that was found. */
    private final Set<String> bystanders;

    /**
     * A hypothesis with what speaks for it.
     *
     * @param logPrior natural logarithm of its weight before anything was found, not normalised
     * @param logLikelihoods of each piece of evidence, in the order of the case
     * @param belief probability, 0 to 1; all of a posterior sum to 1
     */
    public record Weighed<S>(Hypothesis<S> hypothesis, double logPrior, double[] logLikelihoods, double belief) {}

    Posterior(
            Case<S> known,
            Assumptions assumptions,
            List<Weighed<S>> stories,
            Remedies<S> remedies,
            Predictions<S> predictions) {
        this.predictions = predictions;
        this.known = known;
        this.assumptions = assumptions;
        this.stories = List.copyOf(stories);
        this.remedies = remedies;
        Set<String> explains = explains();
        List<Suspect<S>> ranked = rank();
        this.explaining = explains.isEmpty() ? all() : explains;
        this.bystanders = ranked.stream()
                .filter(one -> one.leading().isRecorded())
                .map(Suspect::remedy)
                .filter(remedy -> !explaining.contains(remedy))
                .collect(Collectors.toSet());
        this.suspects = ranked.stream()
                .filter(one -> !bystanders.contains(one.remedy()))
                .toList();
        this.apart =
                ranked.stream().filter(one -> bystanders.contains(one.remedy())).toList();
    }

    public Case<S> known() {
        return known;
    }

    Assumptions assumptions() {
        return assumptions;
    }

    public List<Weighed<S>> stories() {
        return stories;
    }

    /** Suspects by falling belief. */
    public List<Suspect<S>> suspects() {
        return suspects;
    }

    /** What the record has wrong and the complaint does not concern, by falling belief: something else to put right. */
    public List<Suspect<S>> apart() {
        return apart;
    }

    /** The suspect that is worth acting on, where one stands out. */
    public Optional<Suspect<S>> standsOut() {
        return suspects.stream().findFirst().filter(first -> first.belief() >= assumptions.standsOutAt());
    }

    /** Probability that nothing in the book is wrong any more: every fault held is put right, and no fix was astray. */
    public double nothingLeft() {
        return sum(h -> h.inBook() && owedHere(h).isEmpty() && !isAstray(h));
    }

    /** The remedies that a story still owes, those apart from what was complained of left out. */
    private Set<String> owedHere(Hypothesis<S> hypothesis) {
        Set<String> owed = owed(hypothesis);
        owed.removeAll(bystanders);
        return owed;
    }

    /**
     * Probability that nothing is left which explains anything that was found, and no fix was astray; what may be wrong
     * besides is a bystander.
     */
    public double explained() {
        return sum(h -> h.inBook() && !isAstray(h) && Collections.disjoint(owed(h), explaining));
    }

    /** Probability that nothing is left but faults of one sort, or nothing at all. */
    public double nothingLeftBut(Predicate<Fault<S>> sort) {
        return sum(h -> h.inBook()
                && !isAstray(h)
                && h.faults().stream()
                        .filter(fault -> !fault.isHarmless() && !remedies.healed(fault, known.repairs()))
                        .allMatch(sort));
    }

    /**
     * The whole of the belief beside some suspects that are listed. What is listed, less what of it is counted twice,
     * the small ones, nothing and what is outside the book make one.
     *
     * @param twice how much of the listed beliefs is counted with two of them, since both are there at once
     * @param small belief that something else of the book is wrong and none of the listed
     * @param nothing belief that nothing is to be put right
     */
    public record Whole(double twice, double small, double nothing) {}

    /** The whole of the belief, with the suspects of these remedies listed. */
    public Whole whole(Set<String> listed) {
        double twice = 0;
        double small = 0;
        double nothing = 0;
        for (Weighed<S> story : stories) {
            if (!story.hypothesis().inBook()) {
                continue;
            }
            Set<String> owed = owedHere(story.hypothesis());
            long shown = owed.stream().filter(listed::contains).count();
            twice += Math.max(0, shown - 1) * story.belief();
            small += shown == 0 && !owed.isEmpty() ? story.belief() : 0;
            nothing += owed.isEmpty() ? story.belief() : 0;
        }
        return new Whole(twice, small, nothing);
    }

    /**
     * A finding that does not fit what all the others say.
     *
     * @param evidence its place in the evidence of the case
     * @param expected what would fit, in words
     */
    public record Misfit(int evidence, Text expected) {}

    /**
     * The findings that do not fit the story that is believed most, where one is believed more than all others
     * together.
     */
    public List<Misfit> misfits() {
        Weighed<S> most = stories.stream()
                .max(Comparator.comparingDouble(Weighed::belief))
                .orElseThrow();
        List<Misfit> misfits = new ArrayList<>();
        for (int k = 0; k < known.evidence().size() && most.belief() > 0.5; k++) {
            if (known.evidence().get(k) instanceof Evidence.Finding<S> finding
                    && finding.check().explores()) {
                Distribution outlook = predictions.of(
                        most.hypothesis(),
                        predictions.state(known.sound(), most.hypothesis(), finding.repairs()),
                        finding.check());
                if (!outlook.contains(finding.reading())) {
                    misfits.add(new Misfit(k, Proof.expected(outlook)));
                }
            }
        }
        return misfits;
    }

    /** Probability of each thing that holds of the system as it is now; what is not named holds by no story. */
    public <K> Map<K, Double> beliefs(Function<S, ? extends Collection<K>> holding) {
        Map<K, Double> beliefs = new HashMap<>();
        for (Weighed<S> w : stories) {
            if (w.belief() > 0) {
                S now = Case.after(
                        w.hypothesis().felt(known.sound(), known.repairs()),
                        w.hypothesis().applyTo(known.sound()));
                holding.apply(now).forEach(one -> beliefs.merge(one, w.belief(), Double::sum));
            }
        }
        beliefs.replaceAll((one, belief) -> Math.min(1, belief));
        return beliefs;
    }

    /** Probability that something is wrong that the book does not hold. */
    public double notInBook() {
        return sum(h -> !h.inBook());
    }

    /** Probability that a fix was made which was not needed and has changed the system. */
    public double astray() {
        return sum(this::isAstray);
    }

    /** Probability that the named fault is, or was when the work-up began, present. */
    public double everHeld(String faultId) {
        return sum(h -> h.holds(faultId));
    }

    /**
     * Remedies of the faults that explain something that was found, by making it likelier than a sound system would.
     * The others are bystanders: they may be there as well, but minutes spent on them do not cure the complaint. All
     * remedies where nothing was found that needs explaining.
     */
    public Set<String> explaining() {
        return explaining;
    }

    private Set<String> all() {
        return stories.stream()
                .filter(w -> w.hypothesis().inBook() && w.hypothesis().faults().size() == 1)
                .flatMap(w -> owedEver(w.hypothesis()).stream())
                .collect(Collectors.toSet());
    }

    private Set<String> explains() {
        double[] sound = stories.stream()
                .filter(w -> w.hypothesis().inBook() && w.hypothesis().faults().isEmpty())
                .findFirst()
                .orElseThrow()
                .logLikelihoods();
        Set<String> explains = new HashSet<>();
        for (Weighed<S> w : stories) {
            if (w.hypothesis().inBook() && w.hypothesis().faults().size() == 1) {
                Set<String> owed = owedEver(w.hypothesis());
                for (int k = 0; k < sound.length; k++) {
                    if (w.logLikelihoods()[k] - sound[k] > EXPLAINS) {
                        explains.addAll(owed);
                    }
                }
            }
        }
        return explains;
    }

    /** Minimal sets of remedies each of which alone explains all that was found, by falling belief. */
    public List<Set<String>> minimalExplanations(double floor) {
        List<Set<String>> sets = new ArrayList<>();
        stories.stream()
                .filter(w -> w.belief() > floor && w.hypothesis().inBook())
                .sorted(Comparator.comparingInt(
                                (Weighed<S> w) -> owed(w.hypothesis()).size())
                        .thenComparing(Comparator.comparingDouble((Weighed<S> w) -> w.belief())
                                .reversed()))
                .map(w -> owed(w.hypothesis()))
                .forEach(owed -> {
                    if (sets.stream().noneMatch(owed::containsAll)) {
                        sets.add(owed);
                    }
                });
        return sets;
    }

    /** Why a suspect is believed as it is: every piece of evidence with its weight. */
    public Why why(String remedy) {
        return why(h -> owedEver(h).contains(remedy));
    }

    /** Why something outside the book is believed as it is. */
    public Why whyNotInBook() {
        return why(h -> !h.inBook());
    }

    private Why why(Predicate<Hypothesis<S>> holds) {
        double[] weights = new double[stories.size()];
        double greatest = stories.stream().mapToDouble(Weighed::logPrior).max().orElse(0);
        for (int i = 0; i < weights.length; i++) {
            weights[i] = Math.exp(stories.get(i).logPrior() - greatest);
        }
        boolean[] inside = new boolean[weights.length];
        for (int i = 0; i < weights.length; i++) {
            inside[i] = holds.test(stories.get(i).hypothesis());
        }
        double start = total(weights, inside, true) / total(weights, inside, false);
        List<Double> ratios = new ArrayList<>();
        double before = start;
        for (int k = 0; k < known.evidence().size(); k++) {
            double scale = Double.NEGATIVE_INFINITY;
            for (int i = 0; i < weights.length; i++) {
                if (weights[i] > 0) {
                    scale = Math.max(scale, stories.get(i).logLikelihoods()[k]);
                }
            }
            for (int i = 0; i < weights.length; i++) {
                weights[i] *= Math.exp(stories.get(i).logLikelihoods()[k] - scale);
            }
            double after = total(weights, inside, true) / total(weights, inside, false);
            ratios.add(after / before);
            before = after;
        }
        return new Why(start, ratios);
    }

    private static double total(double[] weights, boolean[] inside, boolean side) {
        double sum = Double.MIN_NORMAL;
        for (int i = 0; i < weights.length; i++) {
            if (inside[i] == side) {
                sum += weights[i];
            }
        }
        return sum;
    }

    /** The remedies a story still owes; what is not in the book owes one that nobody knows. */
    public Set<String> owed(Hypothesis<S> hypothesis) {
        return hypothesis.owed(remedies, known.repairs());
    }

    private Set<String> owedEver(Hypothesis<S> hypothesis) {
        return hypothesis.owed(remedies, List.of());
    }

    boolean isAstray(Hypothesis<S> hypothesis) {
        if (!hypothesis.inBook() || known.repairs().isEmpty()) {
            return false;
        }
        Set<String> needed = owedEver(hypothesis);
        List<Repair<S>> repairs = known.repairs();
        for (int i = 0; i < repairs.size(); i++) {
            if (!needed.contains(repairs.get(i).remedy())
                    && !after(hypothesis, i + 1).equals(after(hypothesis, i))) {
                return true;
            }
        }
        return false;
    }

    /** The system of a story after the first repairs. */
    private S after(Hypothesis<S> hypothesis, int repairs) {
        return predictions
                .state(known.sound(), hypothesis, known.repairs().subList(0, repairs))
                .system();
    }

    private double sum(Predicate<Hypothesis<S>> which) {
        return stories.stream()
                .filter(w -> which.test(w.hypothesis()))
                .mapToDouble(Weighed::belief)
                .sum();
    }

    private List<Suspect<S>> rank() {
        Map<String, Double> byRemedy = new LinkedHashMap<>();
        Map<String, Double> byFault = new HashMap<>();
        Map<String, List<Fault<S>>> faults = new HashMap<>();
        for (Weighed<S> weighed : stories) {
            for (Fault<S> fault : weighed.hypothesis().faults()) {
                if (fault.isHarmless() || remedies.healed(fault, known.repairs())) {
                    continue;
                }
                if (byFault.merge(fault.id(), weighed.belief(), Double::sum) == weighed.belief()) {
                    List<Fault<S>> known = faults.computeIfAbsent(remedies.of(fault), r -> new ArrayList<>());
                    if (!known.contains(fault)) {
                        known.add(fault);
                    }
                }
            }
            for (String remedy : owed(weighed.hypothesis())) {
                byRemedy.merge(remedy, weighed.belief(), Double::sum);
            }
        }
        return byRemedy.entrySet().stream()
                .map(entry -> new Suspect<>(
                        entry.getKey(),
                        entry.getValue(),
                        faults.get(entry.getKey()).stream()
                                .map(fault -> new Blamed<>(fault, byFault.get(fault.id())))
                                .sorted(Comparator.comparingDouble((Blamed<S> b) -> b.belief())
                                        .reversed())
                                .toList()))
                .sorted(Comparator.comparingDouble((Suspect<S> s) -> s.belief()).reversed())
                .toList();
    }
}
