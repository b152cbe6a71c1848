package ablemedic.parts;

import ablemedic.parts.PartType.PadOf;
import ablemedic.parts.PartType.PortsOf;
import ablemedic.parts.UnusablePartTypeException.Wrong;
import ablemedic.wiring.Archetype;
import ablemedic.wiring.InnerCircuit.Picture.Role;
import ablemedic.wiring.Pad;
import ablemedic.wiring.SerialBoard;
import ablemedic.wiring.SerialPad;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.IntStream;

/** What a sort of part must keep to. */
final class PartTypeRules {
    private static final int MOST_PADS = 80;
    private static final int MOST_INSIDE = 200;
    private static final int MOST_ROOM = 3;
    private static final int MOST_ROWS = 40;
    private static final double MOST_V = 60;
    private static final int MOST_SPOKEN = 4;
    private static final int MOST_LEVELS = 8;
    private static final int MOST_MW = 2000;
    /** The ports that a firmware counts. */
    private static final List<String> PORTS =
            IntStream.rangeClosed(1, 12).mapToObj(String::valueOf).toList();

    private final PartType sort;
    private final Map<String, PadOf> pads = new TreeMap<>();
    private final List<Wrong> wrong = new ArrayList<>();

    private PartTypeRules(PartType sort) {
        this.sort = sort;
    }

    /** @throws UnusablePartTypeException naming every place that is wrong */
    static void check(PartType sort) {
        PartTypeRules rules = new PartTypeRules(sort);
        rules.names();
        rules.pads();
        rules.inside();
        rules.ports();
        rules.spoken();
        rules.picture();
        if (!rules.wrong.isEmpty()) {
            throw new UnusablePartTypeException(rules.wrong);
        }
    }

    private void need(boolean holds, String where, String right) {
        if (!holds) {
            wrong.add(new Wrong(where, right));
        }
    }

    private void names() {
        need(
                sort.id() != null && sort.id().matches("[a-z0-9][a-z0-9-]{0,39}"),
                "id",
                "an id has 1 to 40 small letters, digits or dashes, such as receiver-long-range");
        need(
                sort.label() != null && !sort.label().isBlank() && sort.label().length() <= 60,
                "label",
                "a name has 1 to 60 letters");
        need(
                sort.shortName() != null && sort.shortName().matches("[A-Za-z0-9]{1,8}"),
                "shortName",
                "a short name has 1 to 8 letters or digits, such as RX");
        need(sort.kind() != null, "kind", "say what it is");
        need(
                sort.lowestV() >= 0 && sort.lowestV() <= sort.highestV(),
                "lowestV",
                "the least supply lies between 0 and the most that it stands");
        need(
                sort.highestV() > 0 && sort.highestV() <= MOST_V,
                "highestV",
                "the most that it stands lies between 0 and 60 V");
    }

    private void pads() {
        need(
                !sort.pads().isEmpty() && sort.pads().size() <= MOST_PADS,
                "pads",
                "a part has 1 to " + MOST_PADS + " pads");
        Set<String> names = new HashSet<>();
        for (int i = 0; i < sort.pads().size(); i++) {
            PadOf pad = sort.pads().get(i);
            String where = "pads[" + i + "]";
            if (pad == null || pad.name() == null || !pad.name().matches("[A-Za-z0-9+-]{1,8}")) {
                need(false, where + ".name", "a pad is named by 1 to 8 letters, digits, + or -, as printed");
                continue;
            }
            need(names.add(pad.name()), where + ".name", "there are two pads named " + pad.name());
            need(pad.kind() != null, where + ".kind", "say what the pad is for");
            need(
                    pad.volts() >= 0 && pad.volts() <= MOST_V,
                    where + ".volts",
                    "volts lie between 0, for the pack's, and 60");
            need(
                    pad.row() >= 0 && pad.row() < MOST_ROWS,
                    where + ".row",
                    "rows are counted from 0 to " + (MOST_ROWS - 1));
            need(
                    pad.room() >= 0 && pad.room() <= MOST_ROOM,
                    where + ".room",
                    "0 to 3 leads fit on a pad; 0 is a test point");
            pads.put(pad.name(), pad);
        }
    }

    private void inside() {
        need(
                sort.traces().size()
                                + sort.leaks().size()
                                + sort.capacitors().size()
                                + sort.regulators().size()
                                + sort.dividers().size()
                                + sort.loads().size()
                                + sort.drives().size()
                                + sort.currentSensors().size()
                        <= MOST_INSIDE,
                "traces",
                "at most " + MOST_INSIDE + " things lie between the pads of a part");
        each("traces", sort.traces(), (t, where) -> {
            between(where, t.from(), t.to());
            positive(where + ".ohms", t.ohms(), 10, "a trace has more than 0 and at most 10 ohm");
        });
        each("leaks", sort.leaks(), (l, where) -> {
            between(where, l.from(), l.to());
            positive(where + ".ohms", l.ohms(), 1e8, "a leak has more than 0 ohm and at most 100 megohm");
        });
        each("capacitors", sort.capacitors(), (c, where) -> {
            between(where, c.plus(), c.minus());
            positive(where + ".farads", c.farads(), 0.1, "a capacitor has more than 0 and at most 0.1 farad");
        });
        each("regulators", sort.regulators(), (r, where) -> {
            between(where, r.in(), r.out());
            pad(where + ".minus", r.minus());
            positive(where + ".volts", r.volts(), MOST_V, "a regulator gives more than 0 and at most 60 V");
            positive(where + ".limitA", r.limitA(), 100, "a regulator's limit is more than 0 and at most 100 A");
            PadOf out = pads.get(String.valueOf(r.out()));
            need(
                    out == null || out.kind() == Pad.Kind.FEED && out.volts() == r.volts(),
                    where + ".out",
                    "a regulator feeds a FEED pad of its own voltage");
        });
        each("dividers", sort.dividers(), (d, where) -> {
            between(where, d.sense(), d.minus());
            positive(where + ".topOhms", d.topOhms(), 1e8, "a resistor has more than 0 and at most 100 megohm");
            positive(where + ".bottomOhms", d.bottomOhms(), 1e8, "a resistor has more than 0 and at most 100 megohm");
        });
        each("loads", sort.loads(), (l, where) -> {
            between(where, l.plus(), l.minus());
            positive(where + ".volts", l.volts(), MOST_V, "a load is rated at more than 0 and at most 60 V");
            positive(where + ".amps", l.amps(), 100, "a load draws more than 0 and at most 100 A");
            need(
                    l.poorAmps() >= l.amps() && l.poorAmps() <= 100,
                    where + ".poorAmps",
                    "the poor sort draws at least what the good one does, and at most 100 A");
        });
        need(
                sort.loads().size() <= 1,
                "loads",
                "a part has one load; what it draws at several voltages is entered at one");
        each("drives", sort.drives(), (d, where) -> {
            between(where, d.plus(), d.minus());
            pad(where + ".signal", d.signal());
        });
        need(sort.drives().size() <= 4, "drives", "a part drives at most four motors");
        each("currentSensors", sort.currentSensors(), (pad, where) -> pad(where, pad));
    }

    private void ports() {
        Set<String> led = new HashSet<>();
        sort.ports().ifPresent(ports -> {
            int before = wrong.size();
            need(sort.kind() == Archetype.Kind.BOARD, "ports", "only a flight controller has UARTs");
            need(ports.processor() != null, "ports.processor", "say which class its processor is of");
            need(
                    ports.silent().length() <= 200,
                    "ports.silent",
                    "what the print does not tell has at most 200 letters");
            each("ports.pads", ports.pads(), (p, where) -> {
                serial(where + ".pad", p.pad());
                need(
                        p.port() != null && PORTS.contains(p.port()),
                        where + ".port",
                        "a port is a number from 1 to " + PORTS.size());
                need(p.side() != null, where + ".side", "say whether the pad hears (RX) or sends (TX)");
                need(p.inverter() != null, where + ".inverter", "say what can turn the line round, or NONE");
                led.add(p.pad());
            });
            if (wrong.size() == before) {
                board(ports);
            }
        });
        sort.pads().stream()
                .filter(pad -> pad != null && pad.kind() == Pad.Kind.SERIAL && sort.kind() == Archetype.Kind.BOARD)
                .forEach(pad -> need(
                        led.contains(pad.name()),
                        "ports.pads",
                        "pad " + pad.name() + " is serial: say which side of which port it is"));
    }

    private void board(PortsOf ports) {
        try {
            new SerialBoard(
                    sort.id(),
                    sort.label(),
                    ports.processor(),
                    ports.pads().stream()
                            .map(p -> new SerialPad(p.pad(), p.port(), p.side(), p.inverter(), p.bears5V()))
                            .toList(),
                    ports.computer(),
                    ports.soft(),
                    ports.silent());
        } catch (SerialBoard.UnusableException e) {
            need(false, "ports." + e.where(), e.getMessage());
        }
    }

    private void spoken() {
        need(sort.spoken().size() <= MOST_SPOKEN, "spoken", "a part speaks on at most " + MOST_SPOKEN + " lines");
        each("spoken", sort.spoken(), (s, where) -> {
            need(
                    sort.kind() == Archetype.Kind.PART,
                    where,
                    "only a part speaks on a line of its own; a flight controller has UARTs");
            need(s.job() != null, where + ".job", "say what the line is there for");
            need(
                    s.job() == null
                            || !s.formats().isEmpty() && s.job().formats().containsAll(s.formats()),
                    where + ".formats",
                    "it speaks one or more of the formats of its job");
            need(
                    !s.sends().isEmpty() || !s.hears().isEmpty(),
                    where + ".sends",
                    "it sends on a pad, hears on one, or both");
            need(
                    s.sends().isEmpty() || !s.sends().equals(s.hears()),
                    where + ".hears",
                    "it hears on another pad than it sends on");
            for (String pad : List.of(s.sends(), s.hears())) {
                if (!pad.isEmpty()) {
                    serial(where, pad);
                }
            }
            positive(where + ".highV", s.highV(), MOST_V, "its high level is more than 0 and at most 60 V");
        });
    }

    private void picture() {
        sort.picture().ifPresent(one -> {
            need(one.role() != null, "picture.role", "say what it does with the picture");
            if (one.role() != null) {
                Role role = one.role();
                end("picture.takes", one.takes(), role == Role.OVERLAY || role == Role.TRANSMITTER, "takes");
                end("picture.gives", one.gives(), role == Role.OVERLAY || role == Role.CAMERA, "gives");
                need(
                        one.takes().isEmpty() || !one.takes().equals(one.gives()),
                        "picture.gives",
                        "it gives the picture on another pad than it takes it on");
                need(
                        role.sends() == !one.milliwatts().isEmpty()
                                && one.milliwatts().size() <= MOST_LEVELS,
                        "picture.milliwatts",
                        role.sends()
                                ? "it sends with 1 to " + MOST_LEVELS + " levels"
                                : "only what sends through the air has levels");
                for (int i = 0; i < one.milliwatts().size(); i++) {
                    positive(
                            "picture.milliwatts[" + i + "]",
                            one.milliwatts().get(i),
                            MOST_MW,
                            "a level is more than 0 and at most " + MOST_MW + " mW");
                    need(
                            i == 0 || one.milliwatts().get(i) > one.milliwatts().get(i - 1),
                            "picture.milliwatts[" + i + "]",
                            "levels rise");
                }
            }
        });
    }

    private void end(String where, String name, boolean wanted, String does) {
        if (!wanted) {
            need(name.isEmpty(), where, "a part of this role " + does + " no picture on a pad");
            return;
        }
        pad(where, name);
        PadOf pad = pads.get(String.valueOf(name));
        need(pad == null || pad.kind() == Pad.Kind.VIDEO, where, "pad " + name + " is no video pad");
    }

    private void serial(String where, String name) {
        pad(where, name);
        PadOf pad = pads.get(String.valueOf(name));
        need(pad == null || pad.kind() == Pad.Kind.SERIAL, where, "pad " + name + " is no serial pad");
    }

    private interface Rule<T> {
        void check(T one, String where);
    }

    private <T> void each(String list, List<T> all, Rule<T> rule) {
        for (int i = 0; i < all.size(); i++) {
            rule.check(all.get(i), list + "[" + i + "]");
        }
    }

    private void between(String where, String one, String other) {
        pad(where, one);
        pad(where, other);
        need(one == null || !one.equals(other), where, "it lies between two pads, not one");
    }

    private void pad(String where, String name) {
        need(
                name != null && pads.containsKey(name),
                where,
                "there is no pad “" + name + "”; there is " + String.join(", ", pads.keySet()));
    }

    private void positive(String where, double value, double most, String right) {
        need(value > 0 && value <= most, where, right);
    }
}
