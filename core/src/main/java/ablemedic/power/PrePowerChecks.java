package ablemedic.power;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Facet;
import ablemedic.family.CheckList;
import ablemedic.family.Observer;
import ablemedic.family.PrePowerConvention;
import ablemedic.physics.Circuits;
import ablemedic.physics.Powered;
import ablemedic.reading.Meter;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.InnerCircuit;
import ablemedic.wiring.Wiring;
import ablemedic.wiring.Wiring.At;
import java.util.List;
import java.util.Map;

/**
 * What is done before the battery goes in, after every build, repair and crash: look, short test, polarity and
 * continuity, first power through a limiter, rails. The steps are checks like any other, on the points of this craft;
 * each passes when it gives what a sound craft gives. A craft whose wiring is not entered gets the steps that need none
 * of it.
 */
public final class PrePowerChecks {
    private final CheckList checks = new CheckList();

    private PrePowerChecks() {}

    /**
     * The steps for a craft as it should be, in their order; those of the quick way are among those of the full one.
     */
    public static List<Check<Craft>> of(Craft craft, Meter meter, PrePowerConvention convention) {
        PrePowerChecks routine = new PrePowerChecks();
        Electrics electrics = craft.electrics().sound();
        routine.ask("routine-look", 0.8, BenchNeeds.BATTERY_OUT);
        if (electrics.wiring().plug().isPresent()) {
            routine.unpowered(electrics, meter, convention);
        } else {
            routine.withoutSheet(convention);
        }
        routine.ask("routine-limiter", 1, BenchNeeds.POWERED);
        routine.rails(electrics, meter);
        return routine.checks.all();
    }

    private void withoutSheet(PrePowerConvention convention) {
        ask("routine-short", 0.5, BenchNeeds.UNPOWERED);
        if (convention == PrePowerConvention.FULL) {
            ask("routine-polarity", 2, BenchNeeds.UNPOWERED);
        }
    }

    private void unpowered(Electrics electrics, Meter meter, PrePowerConvention convention) {
        Wiring wiring = electrics.wiring();
        int[] plug = wiring.plug().orElseThrow();
        probe(wiring, Probe.Mode.OHMS, plug[0], plug[1], meter);
        if (convention == PrePowerConvention.QUICK) {
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
        if (red != black && !checks.has(probe.id())) {
            checks.add(probe);
        }
    }

    /** A step of which the catalogue names first what a sound craft gives. */
    private void ask(String id, double minutes, BenchNeeds needs) {
        checks.ask(Power.WORDS.catalogue("routine").of(id))
                .kind("pre-power")
                .shows(
                        Facet.nothing(),
                        (asked, nothing) -> Categorical.expecting(
                                asked,
                                asked.questions().get(0).outcomes().get(0).id(),
                                Observer.READS.slips()))
                .needs(needs)
                .minutes(minutes)
                .risk(0.1)
                .exploresNothing()
                .add();
    }
}
