package ablemedic.parts;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Names;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Rejected;
import ablemedic.wiring.Archetype;
import ablemedic.wiring.BatteryType;
import ablemedic.wiring.ElectricSheet;
import ablemedic.wiring.Gauge;
import ablemedic.wiring.Pad;
import ablemedic.wiring.Pad.Kind;
import ablemedic.wiring.Part;
import ablemedic.wiring.Wire;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Usual ways to wire a quad, to start a sheet from. Gauges and lengths follow the size of the craft. */
public enum WiringLayout {
    SEPARATE("board-5v", List.of("5V", "G", "VS", "GS", "S1", "S2", "S3", "S4")),
    STACK("board-pack", List.of("VB", "G", "C", "S1", "S2", "S3", "S4"));

    private static final Catalogue WORDS = Catalogue.beside(WiringLayout.class, "refusals");

    private final String board;
    private final List<String> boardPads;

    WiringLayout(String board, List<String> boardPads) {
        this.board = board;
        this.boardPads = boardPads;
    }

    /** The id of the FC that it has where none is chosen. */
    public String board() {
        return board;
    }

    /** Whether a sort of FC has the pads that it is wired to. */
    public boolean takes(Archetype sort) {
        return sort.kind() == Archetype.Kind.BOARD
                && boardPads.stream().allMatch(pad -> sort.pad(pad).isPresent());
    }

    public String label() {
        return Names.of(this);
    }

    /**
     * A sheet of this layout.
     *
     * @param armOfOutput the arm, 0 to 3, that each board output, 1 to 4, drives
     * @param armNames short names of the arms 0 to 3, such as FR
     * @param reachMm motors from the middle, millimetres
     * @param battery the battery it flies with
     * @param parts ids of sorts that ship, to fit besides
     */
    public ElectricSheet sheet(
            List<Integer> armOfOutput, List<String> armNames, double reachMm, BatteryType battery, List<String> parts) {
        ElectricSheet sheet = bare(
                armOfOutput,
                armNames,
                reachMm,
                battery,
                PartsLibrary.find(board).orElseThrow());
        for (String id : parts) {
            sheet = withPart(
                    sheet,
                    PartsLibrary.find(id)
                            .orElseThrow(() -> new Rejected(
                                    "archetype",
                                    WORDS.of("layout")
                                            .with("part", Param.written(id))
                                            .with(
                                                    "parts",
                                                    Param.written(String.join(
                                                            ", ",
                                                            PartsLibrary.all().stream()
                                                                    .map(Archetype::id)
                                                                    .toList())))
                                            .line("no-part-type"))));
        }
        return sheet;
    }

    /**
     * The same with nothing fitted besides.
     *
     * @param flightBoard one that it {@link #takes}
     */
    public ElectricSheet bare(
            List<Integer> armOfOutput,
            List<String> armNames,
            double reachMm,
            BatteryType battery,
            Archetype flightBoard) {
        if (!takes(flightBoard)) {
            throw new Rejected(
                    "board",
                    WORDS.of("layout")
                            .with("board", Param.written(flightBoard.label()))
                            .with("pads", Param.written(String.join(", ", boardPads)))
                            .line("not-its-pads"));
        }
        Gauge main = new Gauge(reachMm > 150 ? 10 : reachMm > 90 ? 12 : 14);
        Gauge branch = new Gauge(reachMm > 150 ? 14 : reachMm > 90 ? 16 : 18);
        List<Part> fitted = new ArrayList<>(List.of(
                named("PLUG", "plug", WORDS.of("layout-parts").line("plug").plain(), List.of())));
        List<Wire> wires = new ArrayList<>();
        if (this == SEPARATE) {
            fitted.add(named(
                    "PB",
                    "power-board-5v",
                    WORDS.of("layout-parts").line("power-board").plain(),
                    List.of()));
            fitted.add(new Part("FC", flightBoard, "FC", List.of(), 0));
            both(wires, "PLUG.", "PB.IN", main, 90);
            for (int arm = 0; arm < 4; arm++) {
                String id = "C" + armNames.get(arm);
                fitted.add(named(id, "controller", "ESC " + armNames.get(arm), List.of(arm)));
                int spot = arm + 1;
                both(wires, "PB." + spot, id + ".", branch, Math.round(reachMm * 0.6));
                wires.add(new Wire(
                        "FC.S" + (armOfOutput.indexOf(arm) + 1),
                        id + ".S",
                        new Gauge(26),
                        Math.round(reachMm * 0.8),
                        true));
            }
            wires.add(new Wire("PB.5V", "FC.5V", new Gauge(22), 60, false));
            wires.add(new Wire("PB.G5", "FC.G", new Gauge(22), 60, false));
            wires.add(new Wire("PB.B+", "FC.VS", new Gauge(26), 60, false));
            wires.add(new Wire("PB.B-", "FC.GS", new Gauge(26), 60, false));
        } else {
            fitted.add(named("C4", "controller-four", "4-in-1 ESC", armOfOutput));
            fitted.add(new Part("FC", flightBoard, "FC", List.of(), 0));
            both(wires, "PLUG.", "C4.IN", main, 100);
            wires.add(new Wire("C4.VB", "FC.VB", new Gauge(26), 40, true));
            wires.add(new Wire("C4.G", "FC.G", new Gauge(26), 40, true));
            for (int n = 1; n <= 4; n++) {
                wires.add(new Wire("FC.S" + n, "C4.S" + n, new Gauge(28), 40, true));
            }
            wires.add(new Wire("C4.C", "FC.C", new Gauge(28), 40, true));
        }
        return new ElectricSheet(fitted, wires, battery);
    }

    private static Part named(String id, String archetype, String label, List<Integer> arms) {
        return new Part(id, PartsLibrary.find(archetype).orElseThrow(), label, arms, 0);
    }

    private static void both(List<Wire> wires, String from, String to, Gauge gauge, double mm) {
        wires.add(new Wire(from + "+", to + "+", gauge, mm, false));
        wires.add(new Wire(from + "-", to + "-", gauge, mm, false));
    }

    /**
     * The sheet with one more part of a sort, its wires run to the first pads that fit it; where none is free it stays
     * without, which {@link ElectricSheet#missing()} says.
     */
    public static ElectricSheet withPart(ElectricSheet sheet, Archetype archetype) {
        String stem = archetype.shortName();
        String id = stem;
        for (int n = 2; sheet.part(id).isPresent(); n++) {
            id = stem + n;
        }
        String label = called(archetype) + (id.equals(stem) ? "" : " " + id.substring(stem.length()));
        Part part = new Part(id, archetype, label, List.of(), 0);
        List<Part> parts = new ArrayList<>(sheet.parts());
        parts.add(part);
        List<Wire> wires = new ArrayList<>(sheet.wires());
        if (archetype.pad("+").isPresent() && archetype.pad("-").isPresent()) {
            feedFor(sheet, archetype).ifPresent(feed -> {
                Gauge gauge = new Gauge(archetype.kind() == Archetype.Kind.CAPACITOR ? 20 : 28);
                wires.add(new Wire(feed, part.address("+"), gauge, 80, false));
                groundBeside(sheet, feed)
                        .ifPresent(ground -> wires.add(new Wire(ground, part.address("-"), gauge, 80, false)));
            });
        }
        wires.addAll(SerialWires.of(sheet, part));
        return new ElectricSheet(parts, VideoWires.run(parts, wires), sheet.battery());
    }

    private static String called(Archetype archetype) {
        String name = archetype.label().split(",")[0];
        return Character.isUpperCase(name.charAt(1)) ? name : name.toLowerCase(java.util.Locale.ROOT);
    }

    private static Optional<String> feedFor(ElectricSheet sheet, Archetype archetype) {
        if (archetype.kind() == Archetype.Kind.CAPACITOR) {
            return sheet.parts().stream()
                    .filter(p -> p.archetype().pad("IN+").isPresent())
                    .map(p -> p.address("IN+"))
                    .findFirst();
        }
        double wanted = archetype.pad("+").orElseThrow().volts();
        Optional<String> exact = freeFeed(sheet, pad -> pad.volts() == wanted);
        return exact.isPresent()
                ? exact
                : freeFeed(sheet, pad -> pad.volts() == 0 && sheet.battery().fullV() <= archetype.highestV());
    }

    private static Optional<String> freeFeed(ElectricSheet sheet, java.util.function.Predicate<Pad> fits) {
        Map<String, Integer> used = new HashMap<>();
        sheet.wires().forEach(wire -> List.of(wire.from(), wire.to()).forEach(end -> used.merge(end, 1, Integer::sum)));
        return sheet.parts().stream()
                .filter(part -> part.archetype().kind() != Archetype.Kind.PLUG)
                .flatMap(part -> part.archetype().pads().stream()
                        .filter(pad -> pad.kind() == Kind.FEED && fits.test(pad))
                        .map(pad -> Map.entry(part.address(pad.name()), used.getOrDefault(part.address(pad.name()), 0)))
                        .filter(free -> free.getValue() < 2))
                .min(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey);
    }

    /** The ground that stands after a feed in the order of its part's pads. */
    private static Optional<String> groundBeside(ElectricSheet sheet, String feed) {
        Part part = sheet.parts().stream()
                .filter(p -> feed.startsWith(p.id() + "."))
                .findFirst()
                .orElseThrow();
        boolean past = false;
        for (Pad pad : part.archetype().pads()) {
            past |= part.address(pad.name()).equals(feed);
            if (past && pad.kind() == Kind.GROUND) {
                return Optional.of(part.address(pad.name()));
            }
        }
        return Optional.empty();
    }
}
