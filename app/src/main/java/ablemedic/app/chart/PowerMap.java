package ablemedic.app.chart;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.wiring.Archetype.Kind;
import ablemedic.wiring.ElectricSheet;
import ablemedic.wiring.Pad;
import ablemedic.wiring.Part;
import ablemedic.wiring.Wire;
import ablemedic.wiring.Wiring;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The wire and power map of a craft, laid out from its build sheet: parts as boxes in columns from the battery to what
 * it feeds, pads along their sides, wires between them. Lengths are in units of the drawing.
 *
 * @param width of the drawing
 * @param height of the drawing
 */
public record PowerMap(double width, double height, List<Box> boxes, List<Spot> points, List<WireRun> wires) {
    private static final Words SAID = Catalogue.beside(PowerMap.class, "words").of("power-map");
    private static final double PAD_STEP = 30;
    private static final double BOX_WIDTH = 138;
    private static final double GAP = 124;
    private static final double TITLE = 30;
    private static final double BETWEEN = 22;
    private static final double MARGIN = 14;
    private static final double LANE = 9;
    private static final double END = 22;

    /** A part. */
    public record Box(String partId, String label, double x, double y, double width, double height) {}

    /**
     * A point where a probe can be put.
     *
     * @param pad whether it is a pad and not the end of a wire
     * @param right whether it lies on the right side of its part
     */
    public record Spot(
            String id, String label, String name, String partId, double x, double y, boolean pad, boolean right) {}

    /**
     * A wire as a line of corners.
     *
     * @param state what is known of it: proven, doubted, broken or unknown
     */
    public record WireRun(String id, String label, String purpose, String state, List<Double> corners) {}

    /** What is known of a wire. */
    public enum WireState {
        PROVEN,
        DOUBTED,
        BROKEN,
        UNKNOWN
    }

    /** The map of a wiring with what is known of its wires, by their ids. */
    public static PowerMap of(Wiring wiring, Map<String, WireState> known) {
        return new Drawing(wiring, known).map();
    }

    /** Lays one map out. */
    private static final class Drawing {
        private final Wiring wiring;
        private final ElectricSheet sheet;
        private final Map<String, WireState> known;
        private final Map<String, Integer> columns = new HashMap<>();
        private final Map<String, Box> boxes = new LinkedHashMap<>();
        private final Map<String, Spot> spots = new LinkedHashMap<>();
        private final Map<Integer, Integer> lanes = new HashMap<>();
        private double bottom;

        Drawing(Wiring wiring, Map<String, WireState> known) {
            this.wiring = wiring;
            this.sheet = wiring.sheet();
            this.known = known;
        }

        PowerMap map() {
            sheet.parts().forEach(part -> columns.put(part.id(), column(part)));
            List<Integer> used = columns.values().stream().distinct().sorted().toList();
            columns.replaceAll((id, c) -> used.indexOf(c));
            double tallest = 0;
            for (int c = 0; c < used.size(); c++) {
                tallest = Math.max(tallest, height(c));
            }
            for (int c = 0; c < used.size(); c++) {
                place(c, MARGIN + (tallest - height(c)) / 2);
            }
            bottom = tallest + 2 * MARGIN;
            List<WireRun> runs = sheet.wires().stream().map(this::run).toList();
            double width = 2 * MARGIN + used.size() * BOX_WIDTH + Math.max(0, used.size() - 1) * GAP;
            double height = bottom + lanes.getOrDefault(-1, 0) * LANE + MARGIN;
            return new PowerMap(width, height, List.copyOf(boxes.values()), List.copyOf(spots.values()), runs);
        }

        private int column(Part part) {
            return switch (part.archetype().kind()) {
                case PLUG -> 0;
                case POWER_BOARD -> 1;
                case CONTROLLER -> part.archetype().slots() > 1 ? 1 : 2;
                case BOARD -> 3;
                case CAPACITOR -> 0;
                case PART ->
                    feeder(part)
                            .map(f -> f.archetype().kind() == Kind.BOARD ? 4 : 0)
                            .orElse(4);
            };
        }

        private java.util.Optional<Part> feeder(Part part) {
            return sheet.wires().stream()
                    .filter(l ->
                            part(l.to()).equals(part.id()) || part(l.from()).equals(part.id()))
                    .map(l -> part(l.to()).equals(part.id()) ? part(l.from()) : part(l.to()))
                    .findFirst()
                    .flatMap(sheet::part);
        }

        private static String part(String address) {
            return address.substring(0, address.indexOf('.'));
        }

        private List<Part> partsIn(int column) {
            return sheet.parts().stream()
                    .filter(p -> columns.get(p.id()) == column)
                    .toList();
        }

        /** Pads on one side of a part: those whose wires go that way, in the order of the sheet. */
        private List<Pad> side(Part part, boolean right) {
            List<Pad> pads = new ArrayList<>();
            for (Pad pad : part.archetype().pads()) {
                if (goesRight(part, pad) == right) {
                    pads.add(pad);
                }
            }
            return pads;
        }

        private boolean goesRight(Part part, Pad pad) {
            String address = part.id() + "." + pad.name();
            return sheet.wires().stream()
                    .filter(l -> l.endsAt(address))
                    .map(l -> part(l.otherEnd(address)))
                    .map(other -> columns.get(other) > columns.get(part.id()))
                    .findFirst()
                    .orElse(pad.kind() == Pad.Kind.FEED
                            || pad.kind() == Pad.Kind.OUTPUT
                            || pad.room() == 0
                            || part.archetype().kind() == Kind.BOARD && pad.kind() == Pad.Kind.GROUND);
        }

        private double height(Part part) {
            return TITLE
                    + PAD_STEP
                            * Math.max(
                                    side(part, true).size(), side(part, false).size())
                    + 6;
        }

        private double height(int column) {
            List<Part> parts = partsIn(column);
            return parts.stream().mapToDouble(this::height).sum() + BETWEEN * Math.max(0, parts.size() - 1);
        }

        private void place(int column, double top) {
            double x = MARGIN + column * (BOX_WIDTH + GAP);
            double y = top;
            for (Part part : partsIn(column)) {
                boxes.put(part.id(), new Box(part.id(), part.label(), x, y, BOX_WIDTH, height(part)));
                spots(part, x, y);
                y += height(part) + BETWEEN;
            }
        }

        private void spots(Part part, double x, double y) {
            for (boolean right : new boolean[] {false, true}) {
                double at = y + TITLE + PAD_STEP / 2;
                for (Pad pad : side(part, right)) {
                    String id = part.id() + "." + pad.name();
                    spots.put(
                            id,
                            new Spot(
                                    id,
                                    wiring.label(wiring.node(id)),
                                    pad.name(),
                                    part.id(),
                                    right ? x + BOX_WIDTH : x,
                                    at,
                                    true,
                                    right));
                    at += PAD_STEP;
                }
            }
        }

        private WireRun run(Wire wire) {
            Spot a = spots.get(wire.from());
            Spot b = spots.get(wire.to());
            List<Double> corners = corners(a, b);
            if (wire.inPieces()) {
                end(wire, 1, a);
                end(wire, 2, b);
            }
            Wiring.Link link = wiring.links().stream()
                    .filter(l -> l.wireId().equals(wire.id()))
                    .min(Comparator.comparing((Wiring.Link l) -> !l.id().equals(wire.id())))
                    .orElseThrow();
            return new WireRun(
                    wire.id(),
                    SAID.with("from", a.label())
                            .with("to", b.label())
                            .line("wire")
                            .plain(),
                    link.purpose().name(),
                    known.getOrDefault(wire.id(), WireState.UNKNOWN).name(),
                    corners);
        }

        private void end(Wire wire, int which, Spot pad) {
            String id = wire.id() + "#" + which;
            long already = spots.values().stream()
                    .filter(s -> !s.pad() && s.y() == pad.y() && Math.abs(s.x() - pad.x()) < 60)
                    .count();
            double out = END + already * 14;
            spots.put(
                    id,
                    new Spot(
                            id,
                            wiring.label(wiring.node(id)),
                            wire.plugged() ? "crimp" : "end",
                            pad.partId(),
                            pad.x() + (pad.right() ? out : -out),
                            pad.y(),
                            false,
                            pad.right()));
        }

        private List<Double> corners(Spot a, Spot b) {
            int one = gap(a);
            int other = gap(b);
            double laneA = lane(one);
            if (one == other) {
                return List.of(a.x(), a.y(), laneA, a.y(), laneA, b.y(), b.x(), b.y());
            }
            double laneB = lane(other);
            double under = bottom + lanes.merge(-1, 1, Integer::sum) * LANE;
            return List.of(a.x(), a.y(), laneA, a.y(), laneA, under, laneB, under, laneB, b.y(), b.x(), b.y());
        }

        /**
         * The gap between columns that a pad looks into, counted by the column on its left; -1 is left of the first.
         */
        private int gap(Spot spot) {
            return columns.get(spot.partId()) - (spot.right() ? 0 : 1);
        }

        /** A line down a gap that no other wire takes, spread over its width. */
        private double lane(int gap) {
            int n = lanes.merge(gap, 1, Integer::sum) - 1;
            double left = MARGIN + (gap + 1) * BOX_WIDTH + gap * GAP;
            return left + 44 + n * 7 % (GAP - 88);
        }
    }
}
