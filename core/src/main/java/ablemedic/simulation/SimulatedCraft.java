package ablemedic.simulation;

import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.Case;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Gaussian;
import ablemedic.diagnosis.Hypothesis;
import ablemedic.diagnosis.Proof;
import ablemedic.diagnosis.Reading;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.diagnosis.Reading.Measured;
import ablemedic.diagnosis.Repair;
import java.util.List;
import java.util.Random;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * Somebody's craft on the bench, with what is wrong with it.
 *
 * @param <S> what the reasoning is about, mostly a craft
 * @param sheet what it is taken for, sound
 * @param body what it is without its faults; it may differ from the sheet in all that is only guessed
 * @param faults what is wrong with it; they need not be in the book
 * @param wrong how often a number that is read has nothing to do with the craft, 0 to 1
 * @param meter what a number that is read is multiplied by
 */
public record SimulatedCraft<S>(S sheet, S body, List<Fault<S>> faults, double wrong, double meter) {
    /**
     * So many owners of a craft are asked for one who has something to complain of; where none has, one is mistaken.
     */
    private static final int OWNERS = 10_000;

    /** One that is as the model has it. */
    public static <S> SimulatedCraft<S> asModelled(S sound, List<Fault<S>> faults) {
        return new SimulatedCraft<>(sound, sound, faults, 0, 1);
    }

    /** What it is after some repairs. */
    public S after(List<Repair<S>> repairs) {
        return Case.after(repairs, new Hypothesis<>(faults).applyTo(body));
    }

    /**
     * What its owner saw: something that a sound craft would not give, or nobody would have come.
     *
     * @param fine what nobody says who has something to complain of
     */
    public Reading complained(Check<S> complaint, Predicate<Reading> fine, Random random) {
        Distribution outlook = complaint.outlook(after(List.of()));
        return Stream.generate(() -> outlook.sample(random))
                .limit(OWNERS)
                .filter(seen -> !fine.test(seen) && !Proof.asExpected(complaint, seen, sheet))
                .findFirst()
                .orElseGet(() -> outlook.sample(random));
    }

    /**
     * What a check gives after some repairs: named answers are wrong as often as the check has it, numbers as often as
     * this craft's reader is.
     */
    public Reading read(Check<S> check, List<Repair<S>> repairs, Random random) {
        Distribution outlook = check.outlook(after(repairs));
        if (wrong == 0 || !(check.answers() instanceof Scale scale)) {
            return outlook.sample(random);
        }
        if (random.nextDouble() < wrong) {
            return scale.words().isEmpty() || random.nextBoolean()
                    ? new Measured(scale.at(random.nextDouble()))
                    : Chosen.of(scale.words()
                            .get(random.nextInt(scale.words().size()))
                            .id());
        }
        // What the check only guesses, this body has: its reading is the one that the guesses stand about.
        Distribution likeliest = outlook.likeliest();
        return likeliest instanceof Gaussian spread
                ? new Measured(meter * (spread.mean() + spread.spread() * random.nextGaussian()))
                : likeliest.mode();
    }

    /** Whether something that is wrong with it is put right by this remedy. */
    public boolean needs(String remedy) {
        return faults.stream().anyMatch(fault -> fault.fixes(sheet).stream()
                .anyMatch(fix -> fix.remedy().equals(remedy)));
    }

    /**
     * Whether nothing is wrong any more. A new part with its wires as they should be also mends wires that were
     * exchanged: what is left of the craft decides.
     */
    public boolean isHealed(List<Repair<S>> repairs) {
        return after(repairs).equals(body)
                || faults.stream().allMatch(fault -> repairs.stream().anyMatch(repair -> repair.remedy()
                        .equals(fault.fixes(sheet).get(0).remedy())));
    }
}
