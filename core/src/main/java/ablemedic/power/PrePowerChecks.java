package ablemedic.power;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Prediction;
import ablemedic.family.CraftCheck;
import ablemedic.family.PrePowerConvention;
import ablemedic.physics.Circuits;
import ablemedic.physics.Powered;
import ablemedic.reading.Meter;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.InnerCircuit;
import ablemedic.wiring.Wiring;
import ablemedic.wiring.Wiring.At;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * What is done before the pack goes in, after every build, repair and crash: look, short test, polarity and continuity,
 * first power through a limiter, rails. The steps are checks like any other, on the points of this craft; each passes
 * when it gives what a sound craft gives. A craft whose wiring is not entered gets the steps that need none of it.
 */
public final class PrePowerChecks {
    private final List<Check<Craft>> steps = new ArrayList<>();

    private PrePowerChecks() {}

    /**
     * The steps for a craft as it should be, in their order; those of the quick school are among those of the full one.
     */
    public static List<Check<Craft>> of(Craft craft, Meter meter, PrePowerConvention school) {
        PrePowerChecks routine = new PrePowerChecks();
        Electrics electrics = craft.electrics().sound();
        routine.look();
        if (electrics.wiring().plug().isPresent()) {
            routine.unpowered(electrics, meter, school);
        } else {
            routine.withoutSheet(school);
        }
        routine.limiter();
        routine.rails(electrics, meter);
        return List.copyOf(routine.steps);
    }

    private void look() {
        ask(
                "routine-look",
                "Look it over",
                "Good light. No lead pinched, no bridge, no stray strand, no brown part; props off; "
                        + "every transmitter has its antenna; plus and minus where they belong.",
                "What is to be seen?",
                List.of(
                        new Outcome("sound", "all as it should be"),
                        new Outcome("trouble", "something that should not be")),
                0.8,
                BenchNeeds.PACK_OUT);
    }

    private void withoutSheet(PrePowerConvention school) {
        ask(
                "routine-short",
                "Short test across the pack leads",
                "Pack out, computer out, meter on ohms, red on the plus lead. "
                        + "Near zero and staying is a short: do not power it.",
                "What does it show?",
                List.of(
                        new Outcome("climbs", "climbing, or some kilohms"),
                        new Outcome("zero", "near zero, and staying"),
                        new Outcome("open", "OL from the start")),
                0.5,
                BenchNeeds.UNPOWERED);
        if (school == PrePowerConvention.QUICK) {
            return;
        }
        ask(
                "routine-polarity",
                "Follow plus and minus",
                "Meter on ohms: plus lead to the plus pad of each controller near zero, "
                        + "minus to each minus pad near zero, never across.",
                "What does it show?",
                List.of(new Outcome("right", "near zero on each, never across"), new Outcome("wrong", "anything else")),
                2,
                BenchNeeds.UNPOWERED);
    }

    private void unpowered(Electrics electrics, Meter meter, PrePowerConvention school) {
        Wiring wiring = electrics.wiring();
        int[] plug = wiring.plug().orElseThrow();
        probe(wiring, Probe.Mode.OHMS, plug[0], plug[1], meter);
        if (school == PrePowerConvention.QUICK) {
            return;
        }
        for (Map.Entry<Integer, At<InnerCircuit.Drive>> one : wiring.drives().entrySet()) {
            At<InnerCircuit.Drive> drive = one.getValue();
            probe(
                    wiring,
                    Probe.Mode.OHMS,
                    plug[0],
                    Circuits.node(wiring, drive, drive.of().plus()),
                    meter);
            if (drive.of().slot() == 0) {
                probe(
                        wiring,
                        Probe.Mode.OHMS,
                        plug[1],
                        Circuits.node(wiring, drive, drive.of().minus()),
                        meter);
            }
        }
        electrics
                .sheet()
                .flightBoard()
                .ifPresent(board -> probe(
                        wiring,
                        Probe.Mode.OHMS,
                        plug[1],
                        wiring.node(board.id() + "." + Powered.groundPad(board)),
                        meter));
        for (At<InnerCircuit.Regulator> r : wiring.all(InnerCircuit.Regulator.class)) {
            probe(
                    wiring,
                    Probe.Mode.OHMS,
                    Circuits.node(wiring, r, r.of().out()),
                    Circuits.node(wiring, r, r.of().minus()),
                    meter);
        }
    }

    private void limiter() {
        ask(
                "routine-limiter",
                "First power through the limiter",
                "Limiter between pack and craft, hands off; watch, touch, "
                        + "smell. Bright and staying: pack out at once.",
                "What does the limiter do?",
                List.of(
                        new Outcome("glows-dark", "a glow, then dark"),
                        new Outcome("bright", "bright, or it trips"),
                        new Outcome("dark", "dark from the start")),
                1,
                BenchNeeds.POWERED);
    }

    private void rails(Electrics electrics, Meter meter) {
        Wiring wiring = electrics.wiring();
        wiring.plug().ifPresent(plug -> {
            for (At<InnerCircuit.Regulator> r : wiring.all(InnerCircuit.Regulator.class)) {
                probe(
                        wiring,
                        Probe.Mode.VOLTS,
                        Circuits.node(wiring, r, r.of().out()),
                        Circuits.node(wiring, r, r.of().minus()),
                        meter);
            }
        });
    }

    private void probe(Wiring wiring, Probe.Mode mode, int red, int black, Meter meter) {
        Probe probe = new Probe(mode, wiring.points().get(red), wiring.points().get(black), meter);
        if (red != black && steps.stream().noneMatch(step -> step.id().equals(probe.id()))) {
            steps.add(probe);
        }
    }

    private void ask(
            String id,
            String title,
            String instruction,
            String question,
            List<Outcome> outcomes,
            double minutes,
            BenchNeeds needs) {
        Choices answers = Choices.of(question, outcomes);
        steps.add(new CraftCheck(
                id,
                "pre-power",
                c -> title,
                c -> instruction,
                answers,
                Prediction.from(
                        Facet.nothing(),
                        nothing ->
                                Categorical.expecting(answers, outcomes.get(0).id(), 0.05)),
                minutes,
                0.1,
                needs,
                false));
    }
}
