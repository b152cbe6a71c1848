package ablemedic.simulation;

import ablemedic.craft.Airframe;
import ablemedic.craft.Craft;
import ablemedic.craft.Point;
import ablemedic.wiring.Archetype;
import ablemedic.wiring.ElectricSheet;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.InnerCircuit;
import ablemedic.wiring.Part;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

/**
 * A craft like the one on its sheet in all that the sheet knows, and unlike it in what is only guessed: leaks and
 * pull-downs ten times off or absent, draws by half, capacitors and traces by two, mass and balance by what scales and
 * rulers miss. One type of part differs alike wherever it sits on the craft, as boards of one make do.
 */
public final class SimulatedBody {
    private static final double ABSENT = 0.25;
    private static final double MASS_SHARE = 0.08;
    private static final double BALANCE_MM = 0.8;

    private final Random random;
    private final Map<String, Archetype> types = new HashMap<>();

    private SimulatedBody(long seed) {
        this.random = new Random(seed);
    }

    /** A craft drawn anew; the same for the same seed. */
    public static Craft of(Craft sheet, long seed) {
        return new SimulatedBody(seed).drawn(sheet);
    }

    private Craft drawn(Craft sheet) {
        Airframe frame = sheet.airframe();
        Point at = frame.balance();
        Airframe other = frame.withMassG(frame.massG() * (1 + MASS_SHARE * (2 * random.nextDouble() - 1)))
                .withBalance(new Point(at.forwardMm() + off(BALANCE_MM), at.rightMm() + off(BALANCE_MM)));
        Craft craft = new Craft(
                other, sheet.arms(), sheet.outputs(), sheet.mount(), sheet.configuration(), sheet.electrics());
        ElectricSheet wired = sheet.electrics().sheet();
        return wired.isEmpty()
                ? craft
                : craft.withElectrics(new Electrics(new ElectricSheet(
                        wired.parts().stream()
                                .map(part -> new Part(
                                        part.id(), type(part.archetype()), part.label(), part.arms(), part.draw()))
                                .toList(),
                        wired.wires(),
                        wired.battery())));
    }

    private double off(double most) {
        return most * (2 * random.nextDouble() - 1);
    }

    private Archetype type(Archetype one) {
        return types.computeIfAbsent(one.id(), id -> {
            double leaks = Math.pow(10, off(1));
            boolean absent = random.nextDouble() < ABSENT;
            double draws = 1 + off(0.5);
            List<InnerCircuit> inner = new ArrayList<>();
            for (InnerCircuit each : one.inner()) {
                if (each instanceof InnerCircuit.Leak leak) {
                    if (!absent) {
                        inner.add(new InnerCircuit.Leak(leak.a(), leak.b(), leak.ohms() * leaks));
                    }
                } else if (each instanceof InnerCircuit.Capacitance c) {
                    inner.add(new InnerCircuit.Capacitance(
                            c.plus(), c.minus(), c.farads() * Math.pow(2, off(1)), c.bulky()));
                } else if (each instanceof InnerCircuit.Trace trace) {
                    inner.add(new InnerCircuit.Trace(trace.a(), trace.b(), trace.ohms() * Math.pow(2, off(1))));
                } else if (each instanceof InnerCircuit.Load load) {
                    inner.add(new InnerCircuit.Load(
                            load.plus(), load.minus(), load.volts(), load.amps() * draws, load.poorAmps()));
                } else {
                    inner.add(each);
                }
            }
            return new Archetype(
                    one.id(),
                    one.label(),
                    one.shortName(),
                    one.kind(),
                    one.pads(),
                    inner,
                    one.lowestV(),
                    one.highestV());
        });
    }
}
