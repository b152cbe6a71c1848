package ablemedic.wiring;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.EntryCheck;
import ablemedic.catalogue.Names;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Rejected;
import ablemedic.catalogue.Words;
import ablemedic.wiring.Archetype.Kind;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * The electrical side of a craft as it is built.
 *
 * @param parts in any order, each with a name of its own
 * @param wires between their pads
 * @param battery the battery it flies with
 */
public record ElectricSheet(List<Part> parts, List<Wire> wires, BatteryType battery) {
    private static final Catalogue WORDS = Catalogue.beside(ElectricSheet.class, "refusals");
    private static final Words MISSING = WORDS.of("missing");
    private static final int MOST_PARTS = 40;
    private static final double LONGEST_MM = 3000;

    /** @throws Rejected naming every place that is wrong; what is only missing is no error, see {@link #missing()} */
    public ElectricSheet {
        parts = List.copyOf(parts);
        wires = List.copyOf(wires);
        EntryCheck check = new EntryCheck(WORDS.of("sheet"));
        checkParts(parts, check);
        checkWires(parts, wires, check);
        check.end();
    }

    private static void checkParts(List<Part> parts, EntryCheck check) {
        check.need(parts.size() <= MOST_PARTS, "parts", "parts", "most", MOST_PARTS);
        Set<String> ids = new HashSet<>();
        Set<Integer> arms = new HashSet<>();
        for (int i = 0; i < parts.size(); i++) {
            Part part = parts.get(i);
            String where = "parts[" + i + "]";
            UnaryOperator<Words> named = words -> words.with("part", Param.written(part.id()))
                    .with("draw", Param.written(String.valueOf(part.draw())))
                    .with("motors", new Param.Count(part.archetype().slots()))
                    .with("given", new Param.Count(part.arms().size()));
            check.need(part.id().matches("[A-Za-z0-9][A-Za-z0-9-]{0,11}"), where + ".id", "id", named);
            check.need(ids.add(part.id()), where + ".id", "same-id", named);
            check.need(part.draw() >= 0 && part.draw() <= 100, where + ".draw", "draw", named);
            check.need(
                    part.arms().isEmpty()
                            || part.arms().size() == part.archetype().slots(),
                    where + ".arms",
                    "motors",
                    named);
            for (int arm : part.arms()) {
                check.need(arm >= 0 && arm <= 3, where + ".arms", "arm", "given", arm);
                check.need(arm < 0 || arm > 3 || arms.add(arm), where + ".arms", "same-arm");
            }
        }
    }

    private static void checkWires(List<Part> parts, List<Wire> wires, EntryCheck check) {
        Map<String, Integer> used = new HashMap<>();
        Set<String> ids = new HashSet<>();
        for (int i = 0; i < wires.size(); i++) {
            Wire wire = wires.get(i);
            String where = "wires[" + i + "]";
            check.need(
                    wire.lengthMm() > 0 && wire.lengthMm() <= LONGEST_MM,
                    where + ".lengthMm",
                    "length",
                    words -> words.with("most", Param.whole(Math.round(LONGEST_MM), "mm"))
                            .with("given", Param.written(String.valueOf(wire.lengthMm()))));
            Optional<Pad> from = pad(parts, wire.from(), where + ".from", check);
            Optional<Pad> to = pad(parts, wire.to(), where + ".to", check);
            if (from.isEmpty() || to.isEmpty()) {
                continue;
            }
            UnaryOperator<Words> ends = words -> words.with("from", Param.written(wire.from()))
                    .with("to", Param.written(wire.to()))
                    .with("fromKind", Param.written(Names.of(from.get().kind())))
                    .with("toKind", Param.written(Names.of(to.get().kind())));
            check.need(ids.add(wire.id()) && ids.add(wire.to() + ">" + wire.from()), where, "twice", ends);
            check.need(Pad.fit(from.get().kind(), to.get().kind()), where, "no-fit", ends);
            room(wire.from(), from.get(), used, where + ".from", check);
            room(wire.to(), to.get(), used, where + ".to", check);
        }
    }

    private static void room(String address, Pad pad, Map<String, Integer> used, String where, EntryCheck check) {
        check.need(used.merge(address, 1, Integer::sum) != pad.room() + 1, where, "full", words -> words.with(
                        "pad", Param.written(address))
                .with("room", new Param.Count(pad.room())));
    }

    private static Optional<Pad> pad(List<Part> parts, String address, String where, EntryCheck check) {
        Optional<Part> part =
                parts.stream().filter(p -> address.startsWith(p.id() + ".")).findFirst();
        check.need(part.isPresent(), where, "no-part", words -> words.with("pad", Param.written(address))
                .with(
                        "parts",
                        Param.written(
                                String.join(", ", parts.stream().map(Part::id).toList()))));
        if (part.isEmpty()) {
            return Optional.empty();
        }
        Optional<Pad> pad =
                part.get().archetype().pad(address.substring(part.get().id().length() + 1));
        check.need(pad.isPresent(), where, "no-pad", words -> words.with("pad", Param.written(address))
                .with("part", Param.written(part.get().id()))
                .with(
                        "pads",
                        Param.written(String.join(
                                ", ",
                                part.get().archetype().pads().stream()
                                        .map(Pad::name)
                                        .toList()))));
        return pad;
    }

    /** Whether anything was entered at all. */
    public boolean isEmpty() {
        return parts.isEmpty();
    }

    /** The FC. */
    public Optional<Part> flightBoard() {
        return parts.stream()
                .filter(part -> part.archetype().kind() == Kind.BOARD)
                .findFirst();
    }

    public Optional<Part> part(String id) {
        return parts.stream().filter(part -> part.id().equals(id)).findFirst();
    }

    /** The pad at an address such as {@code RX.+}, which must exist. */
    public Pad pad(String address) {
        return pad(parts, address, "", new EntryCheck(WORDS.of("sheet"))).orElseThrow();
    }

    /** What is not said yet, or looks dangerous, in words, each with what it keeps from being worked out. */
    public List<String> missing() {
        List<String> missing = new ArrayList<>();
        if (parts.isEmpty()) {
            return List.of(MISSING.line("all").plain());
        }
        for (Kind kind : List.of(Kind.PLUG, Kind.BOARD, Kind.CONTROLLER)) {
            if (parts.stream().noneMatch(part -> part.archetype().kind() == kind)) {
                missing.add(MISSING.with("kind", Param.written(kind.label()))
                        .line("kind")
                        .plain());
            }
        }
        Set<String> reached = new HashSet<>();
        wires.forEach(wire -> reached.addAll(List.of(wire.from(), wire.to())));
        for (Part part : parts) {
            Words named = MISSING.with("part", Param.part(part.id(), part.label()));
            for (Pad pad : part.archetype().pads()) {
                boolean needed = pad.kind() == Pad.Kind.SUPPLY
                        || pad.kind() == Pad.Kind.GROUND && pad.row() == 0
                        || pad.kind() == Pad.Kind.SIGNAL && !part.arms().isEmpty();
                if (needed && pad.room() > 0 && !reached.contains(part.address(pad.name()))) {
                    missing.add(named.with("pad", Param.written(pad.name()))
                            .line("floats")
                            .plain());
                }
            }
            if (hasUarts()
                    && part.archetype().inner().stream()
                            .anyMatch(one -> one instanceof InnerCircuit.Spoken spoken
                                    && Stream.of(spoken.sends(), spoken.hears())
                                            .noneMatch(pad -> reached.contains(part.address(pad))))) {
                missing.add(named.line("no-line").plain());
            }
            if (part.archetype().kind() == Kind.CONTROLLER && part.arms().isEmpty()) {
                missing.add(named.line("no-arm").plain());
            }
        }
        missing.addAll(destroyed());
        wires.forEach(wire -> fed(wire).filter(Fed::starves).ifPresent(fed -> missing.add(fed.said("starves"))));
        return missing;
    }

    /** Whether the UARTs of the FC are entered. */
    private boolean hasUarts() {
        return flightBoard()
                .filter(board -> board.archetype().inner().stream().anyMatch(InnerCircuit.Chip.class::isInstance))
                .isPresent();
    }

    /** What the first power would destroy by these wires alone, in words; a craft entered so gets no power. */
    public List<String> destroyed() {
        return wires.stream()
                .flatMap(wire -> fed(wire).filter(Fed::destroys).stream())
                .map(fed -> fed.said("destroys"))
                .toList();
    }

    /**
     * A part that a wire feeds, with the least and the most that stands on the pad it comes from.
     *
     * @param at the address of its supply pad
     * @param from the address of the pad that feeds it
     * @param usb whether that is live from the computer alone
     */
    public record Fed(Part part, String at, String from, double leastV, double mostV, boolean usb) {
        /** Whether the part does not stand it. */
        public boolean destroys() {
            return mostV > part.archetype().highestV();
        }

        private String said(String line) {
            return MISSING.with("part", Param.part(part.id(), part.label()))
                    .with("least", Param.number(part.archetype().lowestV(), "V"))
                    .with("most", Param.number(part.archetype().highestV(), "V"))
                    .with("feed", Param.number(rounded(destroys() ? mostV : leastV), "V"))
                    .line(line)
                    .plain();
        }

        /** Whether it is too little for the part. */
        public boolean starves() {
            return !destroys() && leastV < part.archetype().lowestV();
        }
    }

    /** What feeds which part, by the wires of the sheet. */
    public List<Fed> fed() {
        return wires.stream().flatMap(wire -> fed(wire).stream()).toList();
    }

    /** Whether a wire ends at an address. */
    public boolean isWired(String address) {
        return wires.stream().anyMatch(wire -> wire.endsAt(address));
    }

    /** Whether a pad has room for one more wire. */
    public boolean hasRoom(String address) {
        return wires.stream().filter(wire -> wire.endsAt(address)).count()
                < pad(address).room();
    }

    private Optional<Fed> fed(Wire wire) {
        Pad from = pad(wire.from());
        String fed = from.kind() == Pad.Kind.FEED ? wire.to() : wire.from();
        Pad feed = from.kind() == Pad.Kind.FEED ? from : pad(wire.to());
        Part part = parts.stream()
                .filter(p -> fed.startsWith(p.id() + "."))
                .findFirst()
                .orElseThrow();
        if (feed.kind() != Pad.Kind.FEED || pad(fed).kind() != Pad.Kind.SUPPLY) {
            return Optional.empty();
        }
        String source = from.kind() == Pad.Kind.FEED ? wire.from() : wire.to();
        return Optional.of(
                feed.volts() == 0
                        ? new Fed(part, fed, source, battery.cells() * 3.3, battery.fullV(), feed.usb())
                        : new Fed(part, fed, source, feed.volts(), feed.volts(), feed.usb()));
    }

    private static double rounded(double volts) {
        return Math.round(volts * 10) / 10.0;
    }
}
