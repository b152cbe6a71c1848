package ablemedic.wiring;

import ablemedic.wiring.Archetype.Kind;
import ablemedic.wiring.UnusableSheetException.Wrong;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * The electrical side of a craft as it is built.
 *
 * @param parts in any order, each with a name of its own
 * @param leads between their pads
 * @param pack the pack it flies with
 */
public record ElectricSheet(List<Part> parts, List<Wire> leads, BatteryType pack) {
    private static final int MOST_PARTS = 40;
    private static final double LONGEST_MM = 3000;

    /**
     * @throws UnusableSheetException naming every place that is wrong; what is only missing is no error, see
     *     {@link #missing()}
     */
    public ElectricSheet {
        parts = List.copyOf(parts);
        leads = List.copyOf(leads);
        List<Wrong> wrong = new ArrayList<>();
        wrongParts(parts, wrong);
        wrongLeads(parts, leads, wrong);
        if (!wrong.isEmpty()) {
            throw new UnusableSheetException(wrong);
        }
    }

    private static void wrongParts(List<Part> parts, List<Wrong> wrong) {
        if (parts.size() > MOST_PARTS) {
            wrong.add(new Wrong("parts", "a craft has at most " + MOST_PARTS + " parts"));
        }
        Set<String> ids = new HashSet<>();
        Set<Integer> arms = new HashSet<>();
        for (int i = 0; i < parts.size(); i++) {
            Part part = parts.get(i);
            String where = "parts[" + i + "]";
            if (!part.id().matches("[A-Za-z0-9][A-Za-z0-9-]{0,11}")) {
                wrong.add(new Wrong(
                        where + ".id",
                        "the short name “" + part.id() + "” has 1 to 12 letters, digits or dashes, such as RX"));
            }
            if (!ids.add(part.id())) {
                wrong.add(new Wrong(
                        where + ".id", "there are two parts named " + part.id() + "; give each a name of its own"));
            }
            if (!(part.draw() >= 0 && part.draw() <= 100)) {
                wrong.add(new Wrong(
                        where + ".draw", "the draw of " + part.id() + " lies between 0 and 100 A, not " + part.draw()));
            }
            if (!part.arms().isEmpty() && part.arms().size() != part.archetype().slots()) {
                wrong.add(new Wrong(
                        where + ".arms",
                        part.id() + " drives " + part.archetype().slots() + " motors, not "
                                + part.arms().size()));
            }
            for (int arm : part.arms()) {
                if (arm < 0 || arm > 3) {
                    wrong.add(new Wrong(where + ".arms", "arms are numbered 0 to 3, not " + arm));
                } else if (!arms.add(arm)) {
                    wrong.add(new Wrong(where + ".arms", "two controllers drive one arm; each arm has one"));
                }
            }
        }
    }

    private static void wrongLeads(List<Part> parts, List<Wire> leads, List<Wrong> wrong) {
        Map<String, Integer> used = new HashMap<>();
        Set<String> ids = new HashSet<>();
        for (int i = 0; i < leads.size(); i++) {
            Wire lead = leads.get(i);
            String where = "leads[" + i + "]";
            if (!(lead.lengthMm() > 0 && lead.lengthMm() <= LONGEST_MM)) {
                wrong.add(new Wrong(
                        where + ".lengthMm",
                        "a lead is longer than 0 and at most " + Math.round(LONGEST_MM) + " mm, not "
                                + lead.lengthMm()));
            }
            Optional<Pad> from = pad(parts, lead.from(), where + ".from", wrong);
            Optional<Pad> to = pad(parts, lead.to(), where + ".to", wrong);
            if (from.isEmpty() || to.isEmpty()) {
                continue;
            }
            if (!ids.add(lead.id()) || !ids.add(lead.to() + ">" + lead.from())) {
                wrong.add(new Wrong(where, "the lead from " + lead.from() + " to " + lead.to() + " is there twice"));
            }
            if (!Pad.fit(from.get().kind(), to.get().kind())) {
                wrong.add(new Wrong(
                        where,
                        "a lead cannot run from " + lead.from() + " ("
                                + from.get().kind() + ") to " + lead.to()
                                + " (" + to.get().kind()
                                + "): a feed goes to a supply or sense pad, ground to ground, an output to a "
                                + "signal"));
            }
            full(lead.from(), from.get(), used, where + ".from", wrong);
            full(lead.to(), to.get(), used, where + ".to", wrong);
        }
    }

    private static void full(String address, Pad pad, Map<String, Integer> used, String where, List<Wrong> wrong) {
        if (used.merge(address, 1, Integer::sum) == pad.room() + 1) {
            wrong.add(new Wrong(
                    where,
                    (pad.room() == 1 ? "one lead fits" : pad.room() + " leads fit") + " on " + address
                            + "; move the other to a pad of its own"));
        }
    }

    private static Optional<Pad> pad(List<Part> parts, String address, String where, List<Wrong> wrong) {
        Optional<Part> part =
                parts.stream().filter(p -> address.startsWith(p.id() + ".")).findFirst();
        if (part.isEmpty()) {
            wrong.add(new Wrong(
                    where,
                    "there is no part for “" + address + "”; the parts are "
                            + String.join(", ", parts.stream().map(Part::id).toList())));
            return Optional.empty();
        }
        Optional<Pad> pad =
                part.get().archetype().pad(address.substring(part.get().id().length() + 1));
        if (pad.isEmpty()) {
            wrong.add(new Wrong(
                    where,
                    "there is no pad “" + address + "”; " + part.get().id() + " has "
                            + String.join(
                                    ", ",
                                    part.get().archetype().pads().stream()
                                            .map(Pad::name)
                                            .toList())));
        }
        return pad;
    }

    /** Whether anything was entered at all. */
    public boolean isEmpty() {
        return parts.isEmpty();
    }

    /** The flight board. */
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
        return pad(parts, address, "", new ArrayList<>()).orElseThrow();
    }

    /** What is not said yet, or looks dangerous, in words, each with what it keeps from being worked out. */
    public List<String> missing() {
        List<String> missing = new ArrayList<>();
        if (parts.isEmpty()) {
            return List.of("The parts and leads are not entered: no reading between points can be predicted.");
        }
        for (Kind kind : List.of(Kind.PLUG, Kind.BOARD, Kind.CONTROLLER)) {
            if (parts.stream().noneMatch(part -> part.archetype().kind() == kind)) {
                missing.add("No " + kind.label() + " is entered: what hangs on it is not predicted.");
            }
        }
        Set<String> reached = new HashSet<>();
        leads.forEach(lead -> reached.addAll(List.of(lead.from(), lead.to())));
        for (Part part : parts) {
            for (Pad pad : part.archetype().pads()) {
                boolean needed = pad.kind() == Pad.Kind.SUPPLY
                        || pad.kind() == Pad.Kind.GROUND && pad.row() == 0
                        || pad.kind() == Pad.Kind.SIGNAL && !part.arms().isEmpty();
                if (needed && pad.room() > 0 && !reached.contains(part.address(pad.name()))) {
                    missing.add(part.label() + " floats: no lead to its pad " + pad.name()
                            + ". Enter the lead; until then nothing is predicted past it.");
                }
            }
            if (hasPorts()
                    && part.archetype().inner().stream()
                            .anyMatch(one -> one instanceof InnerCircuit.Spoken spoken
                                    && Stream.of(spoken.sends(), spoken.hears())
                                            .noneMatch(pad -> reached.contains(part.address(pad))))) {
                missing.add(part.label() + " speaks on no lead that is entered: what comes over it is not predicted.");
            }
            if (part.archetype().kind() == Kind.CONTROLLER && part.arms().isEmpty()) {
                missing.add(part.label() + " is not said to drive an arm: its motor is not predicted.");
            }
        }
        missing.addAll(destroyed());
        leads.forEach(lead -> fed(lead)
                .filter(Fed::starves)
                .ifPresent(fed -> missing.add(fed.part().label() + " needs "
                        + fed.part().archetype().lowestV() + " V and is fed from a pad of " + rounded(fed.leastV())
                        + " V: it will not work there.")));
        return missing;
    }

    /** Whether the ports of the flight board are entered. */
    private boolean hasPorts() {
        return flightBoard()
                .filter(board -> board.archetype().inner().stream().anyMatch(InnerCircuit.Chip.class::isInstance))
                .isPresent();
    }

    /** What the first power would destroy by these leads alone, in words; a craft entered so gets no power. */
    public List<String> destroyed() {
        return leads.stream()
                .flatMap(lead -> fed(lead).filter(Fed::destroys).stream())
                .map(fed -> "For the " + fed.part().label()
                        + " " + fed.part().archetype().highestV() + " V is the most, and the pad that feeds it has "
                        + rounded(fed.mostV())
                        + " V: that destroys it. Move its lead before the pack goes in.")
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

        /** Whether it is too little for the part. */
        public boolean starves() {
            return !destroys() && leastV < part.archetype().lowestV();
        }
    }

    /** What feeds which part, by the wires of the sheet. */
    public List<Fed> fed() {
        return leads.stream().flatMap(lead -> fed(lead).stream()).toList();
    }

    /** Whether a pad has room for one more wire. */
    public boolean hasRoom(String address) {
        return leads.stream()
                        .filter(lead -> lead.from().equals(address) || lead.to().equals(address))
                        .count()
                < pad(address).room();
    }

    private Optional<Fed> fed(Wire lead) {
        Pad from = pad(lead.from());
        String fed = from.kind() == Pad.Kind.FEED ? lead.to() : lead.from();
        Pad feed = from.kind() == Pad.Kind.FEED ? from : pad(lead.to());
        Part part = parts.stream()
                .filter(p -> fed.startsWith(p.id() + "."))
                .findFirst()
                .orElseThrow();
        if (feed.kind() != Pad.Kind.FEED || pad(fed).kind() != Pad.Kind.SUPPLY) {
            return Optional.empty();
        }
        String source = from.kind() == Pad.Kind.FEED ? lead.from() : lead.to();
        return Optional.of(
                feed.volts() == 0
                        ? new Fed(part, fed, source, pack.cells() * 3.3, pack.fullV(), feed.usb())
                        : new Fed(part, fed, source, feed.volts(), feed.volts(), feed.usb()));
    }

    private static double rounded(double volts) {
        return Math.round(volts * 10) / 10.0;
    }
}
