package ablemedic.wiring;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Param;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/**
 * The nodes and links that follow from a sheet. Every pad is a node; a wire in pieces has a node at each end, between
 * its joint or pin and its wire. Nodes are the points where a probe can be put, numbered from 0.
 */
public final class Wiring {
    private static final Catalogue WORDS = Catalogue.beside(Wiring.class, "links");
    private static final double JOINT_OHMS = 0.002;
    private static final double PIN_OHMS = 0.008;

    private final ElectricSheet sheet;
    private final int sheetHash;
    private final List<Point> points = new ArrayList<>();
    private final Map<String, Integer> index = new HashMap<>();
    private final List<Link> links = new ArrayList<>();
    private final List<At<InnerCircuit>> inner = new ArrayList<>();
    private final List<Neighbours> neighbours = new ArrayList<>();
    private final Set<String> reached = new HashSet<>();
    private final Set<String> fine = new HashSet<>();

    /**
     * A point where a probe can be put.
     *
     * @param id a pad's address, or a wire's end
     * @param label for people
     * @param pad the address of the pad that it is at
     */
    public record Point(int node, String id, String label, String pad) {}

    /** What a link is. */
    public enum Kind {
        TRACE,
        JOINT,
        PIN,
        WIRE,
        LEAD;

        /** Its name in kebab case. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** What a link is there for. */
    public enum Purpose {
        SUPPLY,
        GROUND,
        SIGNAL,
        SENSE
    }

    /**
     * A conductor between two nodes.
     *
     * @param wireId the wire that it belongs to, empty for a trace
     */
    public record Link(String id, Kind kind, Purpose purpose, int a, int b, double ohms, String label, String wireId) {}

    /** Something between the pads of a part, with the part. */
    public record At<T extends InnerCircuit>(Part part, T of) {
        /** The address of one of the part's pads. */
        public String address(String pad) {
            return part.address(pad);
        }
    }

    /** Two pads that lie side by side. */
    public record Neighbours(int a, int b, String onePad, String otherPad, String label) {
        public String id() {
            return onePad + "|" + otherPad;
        }
    }

    public Wiring(ElectricSheet sheet) {
        this.sheet = sheet;
        this.sheetHash = sheet.hashCode();
        sheet.wires().forEach(wire -> reached.addAll(List.of(wire.from(), wire.to())));
        for (Part part : sheet.parts()) {
            for (Pad pad : part.archetype().pads()) {
                point(part.address(pad.name()), part.label() + " " + pad.name(), part.address(pad.name()));
                if (pad.kind().isFine()) {
                    fine.add(part.address(pad.name()));
                }
            }
        }
        for (Part part : sheet.parts()) {
            inside(part);
        }
        sheet.wires().forEach(this::wire);
    }

    /** Worked out once, since a sheet is long. */
    int sheetHash() {
        return sheetHash;
    }

    private int point(String id, String label, String pad) {
        int node = points.size();
        points.add(new Point(node, id, label, pad));
        index.put(id, node);
        return node;
    }

    private void inside(Part part) {
        for (InnerCircuit one : part.archetype().inner()) {
            if (one instanceof InnerCircuit.Trace trace) {
                links.add(new Link(
                        part.address(trace.a()) + ">" + trace.b(),
                        Kind.TRACE,
                        purpose(sheet.pad(part.address(trace.b()))),
                        node(part.address(trace.a())),
                        node(part.address(trace.b())),
                        trace.ohms(),
                        WORDS.of("trace")
                                .with("from", Param.written(trace.a()))
                                .with("to", Param.written(trace.b()))
                                .with("part", Param.part(part.id(), part.label()))
                                .title()
                                .plain(),
                        ""));
            } else {
                inner.add(new At<>(part, one));
            }
        }
        List<Pad> pads = part.archetype().pads();
        for (int i = 0; i + 1 < pads.size(); i++) {
            Pad one = pads.get(i);
            Pad other = pads.get(i + 1);
            if (one.row() == other.row()
                    && one.room() > 0
                    && other.room() > 0
                    && part.archetype().kind() != Archetype.Kind.PLUG
                    && !isIdle(part, one)
                    && !isIdle(part, other)) {
                String a = part.address(one.name());
                String b = part.address(other.name());
                neighbours.add(new Neighbours(
                        node(a),
                        node(b),
                        a,
                        b,
                        WORDS.of("neighbours")
                                .with("one", Param.written(one.name()))
                                .with("other", Param.written(other.name()))
                                .with("part", Param.part(part.id(), part.label()))
                                .title()
                                .plain()));
            }
        }
    }

    /** A serial or video pad without a wire can be bridged with anything and nobody would know. */
    private boolean isIdle(Part part, Pad pad) {
        return pad.kind().isFine() && !reached.contains(part.address(pad.name()));
    }

    private void wire(Wire wire) {
        Pad to = sheet.pad(wire.to());
        Pad from = sheet.pad(wire.from());
        Purpose purpose = to.kind() == Pad.Kind.SENSE || from.kind() == Pad.Kind.CURRENT ? Purpose.SENSE : purpose(to);
        int a = node(wire.from());
        int b = node(wire.to());
        if (!wire.inPieces()) {
            links.add(new Link(
                    wire.id(),
                    Kind.LEAD,
                    purpose,
                    a,
                    b,
                    wire.ohms() + 2 * JOINT_OHMS,
                    between("wire", a, b),
                    wire.id()));
            return;
        }
        Kind end = wire.plugged() ? Kind.PIN : Kind.JOINT;
        double ohms = wire.plugged() ? PIN_OHMS : JOINT_OHMS;
        int wireA = point(wire.id() + "#1", at(wire.plugged() ? "crimp" : "wire-end", a), wire.from());
        int wireB = point(wire.id() + "#2", at(wire.plugged() ? "crimp" : "wire-end", b), wire.to());
        boolean shared = sheet.wires().stream()
                        .filter(l -> l.from().equals(wire.from()) || l.to().equals(wire.from()))
                        .count()
                > 1;
        links.add(new Link(
                wire.id() + "#1",
                end,
                purpose,
                a,
                wireA,
                ohms,
                shared ? between(end.id() + "-of", a, b) : at(end.id(), a),
                wire.id()));
        links.add(new Link(wire.id(), Kind.WIRE, purpose, wireA, wireB, wire.ohms(), between("wire", a, b), wire.id()));
        links.add(new Link(wire.id() + "#2", end, purpose, wireB, b, ohms, at(end.id(), b), wire.id()));
    }

    private String at(String entry, int node) {
        return WORDS.of(entry).with("pad", Param.written(label(node))).title().plain();
    }

    private String between(String entry, int from, int to) {
        return WORDS.of(entry)
                .with("from", Param.written(label(from)))
                .with("to", Param.written(label(to)))
                .title()
                .plain();
    }

    private static Purpose purpose(Pad pad) {
        return switch (pad.kind()) {
            case GROUND -> Purpose.GROUND;
            case OUTPUT, SIGNAL, SERIAL, VIDEO -> Purpose.SIGNAL;
            case SENSE, CURRENT -> Purpose.SENSE;
            default -> Purpose.SUPPLY;
        };
    }

    public ElectricSheet sheet() {
        return sheet;
    }

    public List<Point> points() {
        return Collections.unmodifiableList(points);
    }

    public List<Link> links() {
        return Collections.unmodifiableList(links);
    }

    public List<Neighbours> neighbours() {
        return Collections.unmodifiableList(neighbours);
    }

    /** The node of a point, which must exist. */
    public int node(String point) {
        return find(point).orElseThrow(() -> new IllegalArgumentException("no point " + point));
    }

    public Optional<Integer> find(String point) {
        return Optional.ofNullable(index.get(point));
    }

    public String label(int node) {
        return points.get(node).label();
    }

    /** Everything of one sort between the pads of the parts. */
    @SuppressWarnings("unchecked")
    public <T extends InnerCircuit> List<At<T>> all(Class<T> sort) {
        return inner.stream()
                .filter(at -> sort.isInstance(at.of()))
                .map(at -> (At<T>) at)
                .toList();
    }

    /** The divider that reads the battery's voltage, where there is one. */
    public Optional<At<InnerCircuit.Divider>> divider() {
        return all(InnerCircuit.Divider.class).stream().findFirst();
    }

    /** The wire that brings the battery's voltage to a sense pad of its own, where there is one. */
    public Optional<Wire> senseWire() {
        return sheet.wires().stream()
                .filter(wire -> sheet.pad(wire.to()).kind() == Pad.Kind.SENSE
                        || sheet.pad(wire.from()).kind() == Pad.Kind.SENSE)
                .findFirst();
    }

    /** Whether a point is at a serial or a video pad. */
    public boolean isFine(Point point) {
        return fine.contains(point.pad());
    }

    /** Whether a wire ends at the pad of a point. */
    public boolean isReached(Point point) {
        return reached.contains(point.pad());
    }

    /**
     * The end of a wire that may sit on another pad than it should: of a sense lead the one away from its pad, of any
     * other the one at the FC, or at what draws figures into the picture.
     */
    public String farEnd(Wire wire) {
        if (sheet.pad(wire.to()).kind() == Pad.Kind.SENSE) {
            return wire.from();
        }
        boolean toBoard = sheet.parts().stream()
                .filter(part -> wire.to().startsWith(part.id() + "."))
                .anyMatch(part -> part.archetype().kind() == Archetype.Kind.BOARD
                        || part.archetype().inner().stream()
                                .anyMatch(one -> one instanceof InnerCircuit.Picture picture
                                        && picture.role() == InnerCircuit.Picture.Role.OVERLAY));
        return sheet.pad(wire.from()).kind() == Pad.Kind.SENSE || toBoard ? wire.to() : wire.from();
    }

    /** The two pads of the battery plug, plus first. */
    public Optional<int[]> plug() {
        return sheet.parts().stream()
                .filter(p -> p.archetype().kind() == Archetype.Kind.PLUG)
                .findFirst()
                .map(p -> new int[] {node(p.address("+")), node(p.address("-"))});
    }

    /** The arm, 0 to 3, that each output of the FC, from 1, drives over its wire, as far as wires are entered. */
    public Map<Integer, Integer> armsByOutput() {
        Map<Integer, Integer> arms = new TreeMap<>();
        Optional<Part> board = sheet.flightBoard();
        if (board.isEmpty()) {
            return arms;
        }
        List<String> outputs = board.get().archetype().pads().stream()
                .filter(pad -> pad.kind() == Pad.Kind.OUTPUT)
                .map(pad -> board.get().address(pad.name()))
                .toList();
        drives().forEach((arm, drive) -> {
            String signal = drive.address(drive.of().signal());
            sheet.wires().stream()
                    .filter(wire -> wire.to().equals(signal) || wire.from().equals(signal))
                    .map(wire -> outputs.indexOf(wire.to().equals(signal) ? wire.from() : wire.to()))
                    .filter(output -> output >= 0)
                    .forEach(output -> arms.put(output + 1, arm));
        });
        return arms;
    }

    /** The drive of each arm, 0 to 3, as far as it is entered. */
    public Map<Integer, At<InnerCircuit.Drive>> drives() {
        Map<Integer, At<InnerCircuit.Drive>> drives = new LinkedHashMap<>();
        for (At<InnerCircuit.Drive> at : all(InnerCircuit.Drive.class)) {
            if (!at.part().arms().isEmpty()) {
                drives.put(at.part().arms().get(at.of().slot()), at);
            }
        }
        return drives;
    }
}
