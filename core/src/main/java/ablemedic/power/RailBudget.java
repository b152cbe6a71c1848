package ablemedic.power;

import ablemedic.catalogue.Param;
import ablemedic.physics.BatteryOut;
import ablemedic.physics.Circuits;
import ablemedic.physics.Powered;
import ablemedic.physics.UsbPower;
import ablemedic.power.PowerDefect.OtherDraw;
import ablemedic.reading.Meter;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.InnerCircuit;
import ablemedic.wiring.Part;
import ablemedic.wiring.Wiring.At;
import java.util.ArrayList;
import java.util.List;

/**
 * What is on each regulator of a craft, and what is to spare. Draws follow from the powered network, so that a rail fed
 * from another counts there as well; 20 % spare is common practice.
 */
public final class RailBudget {
    /** Share of a regulator's rating to leave free. */
    public static final double SPARE = 0.2;

    private RailBudget() {}

    /**
     * A regulator and its load.
     *
     * @param givesA amperes with typical parts
     * @param spareA rating less the spare share less what it gives; negative when the budget is broken
     * @param parts what is on it directly
     * @param poor what happens when one part is a poor one
     */
    public record Rail(
            String name,
            double volts,
            double limitA,
            double givesA,
            double givesV,
            double spareA,
            List<Draw> parts,
            List<Poor> poor) {}

    /** A part on a rail and its own draw, amperes. */
    public record Draw(String part, double amps, boolean fromUsb) {}

    /** The rail with one part of the poor sort. */
    public record Poor(String part, double amps, double givesA, double givesV, boolean holds) {}

    /** The rails of a craft with the battery in and everything on. */
    public static List<Rail> of(Electrics electrics) {
        Powered good = Powered.onBench(electrics);
        List<Rail> rails = new ArrayList<>();
        for (int k = 0; k < good.outputs().size(); k++) {
            Powered.Output output = good.outputs().get(k);
            List<At<InnerCircuit.Load>> loads = on(electrics, output);
            List<Poor> poor = new ArrayList<>();
            for (At<InnerCircuit.Load> load : loads) {
                double times = load.of().poorAmps() / Powered.draw(load);
                if (times > 1.01) {
                    Powered with = Powered.onBench(
                            electrics.with(new OtherDraw(load.part().id(), times)));
                    Powered.Output then = with.outputs().get(k);
                    poor.add(new Poor(
                            load.part().label(),
                            load.of().poorAmps(),
                            then.givesA(),
                            then.givesV(),
                            with.works(load.part()) && then.givesV() > 0.95 * then.volts()));
                }
            }
            rails.add(new Rail(
                    Power.WORDS
                            .catalogue("instruments")
                            .of("rail-budget")
                            .with("volts", Param.number(output.volts(), "V"))
                            .with(
                                    "part",
                                    Param.part(output.part().id(), output.part().label()))
                            .line("rail")
                            .plain(),
                    output.volts(),
                    output.limitA(),
                    output.givesA(),
                    output.givesV(),
                    (1 - SPARE) * output.limitA() - output.givesA(),
                    loads.stream()
                            .map(l -> new Draw(l.part().label(), Powered.draw(l), UsbPower.feeds(electrics, l.part())))
                            .toList(),
                    poor));
        }
        return rails;
    }

    /** Parts that come on from the computer alone. */
    public static List<String> fromUsb(Electrics electrics) {
        return electrics.sheet().parts().stream()
                .filter(p -> p.archetype().load().isPresent())
                .filter(p -> UsbPower.feeds(electrics, p))
                .map(Part::label)
                .toList();
    }

    /** Loads whose supply hangs on a regulator's output by copper. */
    private static List<At<InnerCircuit.Load>> on(Electrics electrics, Powered.Output output) {
        BatteryOut craft = BatteryOut.of(electrics.sound(), Meter.USUAL);
        int node = electrics.wiring().node(output.part().id() + "." + output.pad());
        return electrics.wiring().all(InnerCircuit.Load.class).stream()
                .filter(l -> craft.ohms(node, Circuits.node(electrics.wiring(), l, l.of().plus())) < 1)
                .toList();
    }
}
