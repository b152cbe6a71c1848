package ablemedic.circuit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealMatrix;

/**
 * A network of conductances between nodes 0 to n−1, with capacitances that count only for how long a reading takes.
 * Nodal analysis: G·V = I, so that with Z = G⁻¹ the resistance between i and j is Zii + Zjj − 2·Zij. One node of each
 * part that hangs together is tied to earth, which fixes its potential; no current flows in the tie, so it changes
 * nothing that is read.
 *
 * <p>An altered network keeps Z of the one it came from and a correction of rank one for each change (Sherman and
 * Morrison 1950). A change that cuts the network in two needs none: what is read within either part stays the same. Two
 * parts that are joined lose one of their ties; only where what was cut is joined again by another way is it solved
 * anew.
 */
public final class Network {
    /** What ties each part to earth, siemens; no current flows in it, and a stout tie keeps the figures exact. */
    private static final double TIE = 1;

    /**
     * A conductance between two nodes.
     *
     * @param siemens not negative; 0 where it is open
     */
    public record Link(int a, int b, double siemens) {
        public Link {
            if (!(siemens >= 0) || Double.isInfinite(siemens)) {
                throw new IllegalArgumentException("a conductance is 0 or more and finite, not " + siemens);
            }
        }
    }

    /** A capacitance between two nodes, in farads. */
    public record Capacitor(int a, int b, double farads) {}

    private final int nodes;
    private final List<Capacitor> capacitors;
    private final double[][] inverse;
    private final Link[] links;
    private final Correction[] corrections;
    private final int[] part;
    /** For each node the node at which what Z takes it to hang on is tied to earth. */
    private final int[] tiedAt;

    /** Z changes by −factor·w·wᵀ. */
    private record Correction(double factor, double[] w) {}

    private Network(
            int nodes,
            List<Capacitor> capacitors,
            double[][] inverse,
            Link[] links,
            Correction[] corrections,
            int[] tiedAt) {
        this.tiedAt = tiedAt;
        this.nodes = nodes;
        this.capacitors = capacitors;
        this.inverse = inverse;
        this.links = links;
        this.corrections = corrections;
        this.part = parts(nodes, links);
    }

    /**
     * Solves a network from scratch.
     *
     * @param nodes how many; the ends of links and capacitors lie below it
     * @param links in an order that {@link #with} refers to
     * @param capacitors may be empty
     */
    public static Network of(int nodes, List<Link> links, List<Capacitor> capacitors) {
        RealMatrix conductance = new Array2DRowRealMatrix(nodes, nodes);
        for (Link link : links) {
            conductance.addToEntry(link.a(), link.a(), link.siemens());
            conductance.addToEntry(link.b(), link.b(), link.siemens());
            conductance.addToEntry(link.a(), link.b(), -link.siemens());
            conductance.addToEntry(link.b(), link.a(), -link.siemens());
        }
        Link[] all = links.toArray(Link[]::new);
        int[] part = parts(nodes, all);
        for (int i = 0; i < nodes; i++) {
            if (part[i] == i) {
                conductance.addToEntry(i, i, TIE);
            }
        }
        double[][] inverse = new LUDecomposition(conductance, Double.MIN_NORMAL)
                .getSolver()
                .getInverse()
                .getData();
        return new Network(nodes, List.copyOf(capacitors), inverse, all, new Correction[0], part);
    }

    /** This network with another conductance in place of that of the link at an index, counted from 0. */
    public Network with(int link, double siemens) {
        Link old = links[link];
        Link[] changed = links.clone();
        changed[link] = new Link(old.a(), old.b(), siemens);
        return altered(old.a(), old.b(), siemens - old.siemens(), changed);
    }

    /** This network with one more conductance between two nodes. */
    public Network bridged(int a, int b, double siemens) {
        Link[] more = Arrays.copyOf(links, links.length + 1);
        more[links.length] = new Link(a, b, siemens);
        return altered(a, b, siemens, more);
    }

    /** This network with more, or less, of a conductance that is there between two nodes and stays greater than 0. */
    public Network adjusted(int a, int b, double siemens) {
        return altered(a, b, siemens, links);
    }

    /** This network without the capacitor at an index, counted from 0; itself where it has none such. */
    public Network withoutCapacitor(int capacitor) {
        if (capacitor >= capacitors.size()) {
            return this;
        }
        List<Capacitor> fewer = new ArrayList<>(capacitors);
        fewer.set(capacitor, new Capacitor(0, 0, 0));
        return new Network(nodes, List.copyOf(fewer), inverse, links, corrections, tiedAt);
    }

    private Network altered(int a, int b, double change, Link[] changed) {
        int[] after = parts(nodes, changed);
        boolean joins = part[a] != part[b] && after[a] == after[b];
        if (joins && tiedAt[a] == tiedAt[b]) {
            return of(nodes, List.of(changed), capacitors);
        }
        if (change == 0 || after[a] != after[b]) {
            return new Network(nodes, capacitors, inverse, changed, corrections, tiedAt);
        }
        double[] w = new double[nodes];
        for (int i = 0; i < nodes; i++) {
            w[i] = entry(i, a) - entry(i, b);
        }
        Network corrected = corrected(changed, new Correction(change / (1 + change * resistance(a, b)), w), tiedAt);
        return joins ? corrected.untied(tiedAt[b], tiedAt[a]) : corrected;
    }

    private Network corrected(Link[] changed, Correction correction, int[] ties) {
        Correction[] more = Arrays.copyOf(corrections, corrections.length + 1);
        more[corrections.length] = correction;
        return new Network(nodes, capacitors, inverse, changed, more, ties);
    }

    /** This network, whose parts tied at two nodes hang together now, with only one of the ties. */
    private Network untied(int tie, int kept) {
        double[] w = new double[nodes];
        int[] ties = tiedAt.clone();
        for (int i = 0; i < nodes; i++) {
            w[i] = entry(i, tie);
            ties[i] = ties[i] == tie ? kept : ties[i];
        }
        return corrected(links, new Correction(-TIE / (1 - TIE * w[tie]), w), ties);
    }

    /** Whether current can flow between two nodes at all. */
    public boolean connected(int a, int b) {
        return part[a] == part[b];
    }

    /** Resistance between two nodes, ohms; infinite where they do not hang together. */
    public double ohms(int a, int b) {
        return connected(a, b) ? Math.max(0, resistance(a, b)) : Double.POSITIVE_INFINITY;
    }

    /**
     * How long the reading of a current source between two nodes takes to settle, seconds: the mean delay of its step
     * (Elmore 1948), Σ C·v² / R with v the voltage that a unit current puts on each capacitor. 0 without capacitors
     * between them, infinite where nothing but capacitors joins them.
     */
    public double settlingS(int a, int b) {
        double sum = 0;
        for (Capacitor c : capacitors) {
            if (connected(a, c.a()) || connected(a, c.b())) {
                double v = entry(a, c.a()) - entry(a, c.b()) - entry(b, c.a()) + entry(b, c.b());
                sum += c.farads() * v * v;
            }
        }
        double ohms = ohms(a, b);
        return ohms == 0 ? 0 : sum / ohms;
    }

    /**
     * Voltages that currents put on the nodes.
     *
     * @param amperes into each node; they sum to 0 over each part of the network
     * @return volts against the mean of each part's tie to earth; take differences
     */
    public double[] volts(double[] amperes) {
        double[] v = new double[nodes];
        for (int j = 0; j < nodes; j++) {
            if (amperes[j] != 0) {
                for (int i = 0; i < nodes; i++) {
                    if (part[i] == part[j]) {
                        v[i] += entry(i, j) * amperes[j];
                    }
                }
            }
        }
        return v;
    }

    private double resistance(int a, int b) {
        double r = inverse[a][a] + inverse[b][b] - 2 * inverse[a][b];
        for (Correction c : corrections) {
            double across = c.w[a] - c.w[b];
            r -= c.factor * across * across;
        }
        return r;
    }

    private double entry(int i, int j) {
        double z = inverse[i][j];
        for (Correction c : corrections) {
            z -= c.factor * c.w[i] * c.w[j];
        }
        return z;
    }

    /** For each node the lowest node of its part. */
    private static int[] parts(int nodes, Link[] links) {
        int[] part = new int[nodes];
        for (int i = 0; i < nodes; i++) {
            part[i] = i;
        }
        for (Link link : links) {
            if (link.siemens() > 0) {
                int a = root(part, link.a());
                int b = root(part, link.b());
                part[Math.max(a, b)] = Math.min(a, b);
            }
        }
        for (int i = 0; i < nodes; i++) {
            part[i] = root(part, i);
        }
        return part;
    }

    private static int root(int[] part, int i) {
        int at = i;
        while (part[at] != at) {
            part[at] = part[part[at]];
            at = part[at];
        }
        return at;
    }
}
