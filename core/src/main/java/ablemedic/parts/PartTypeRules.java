package ablemedic.parts;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.EntryCheck;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Rejected;
import ablemedic.parts.PartType.PadOf;
import ablemedic.parts.PartType.UartsOf;
import ablemedic.wiring.Archetype;
import ablemedic.wiring.InnerCircuit.Picture.Role;
import ablemedic.wiring.Pad;
import ablemedic.wiring.SerialBoard;
import ablemedic.wiring.SerialPad;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.IntStream;

/** What a type of part must keep to. */
final class PartTypeRules {
    private static final int MOST_PADS = 80;
    private static final int MOST_INSIDE = 200;
    private static final int MOST_ROOM = 3;
    private static final int MOST_ROWS = 40;
    private static final double MOST_V = 60;
    private static final int MOST_SPOKEN = 4;
    private static final int MOST_LEVELS = 8;
    private static final int MOST_MW = 2000;
    /** The UARTs that a firmware counts. */
    private static final List<String> UARTS =
            IntStream.rangeClosed(1, 12).mapToObj(String::valueOf).toList();

    private final PartType type;
    private final Map<String, PadOf> pads = new TreeMap<>();
    private final EntryCheck check = new EntryCheck(Catalogue.beside(PartTypeRules.class, "refusals")
            .of("part-type")
            .with("mostPads", Param.whole(MOST_PADS, ""))
            .with("lastRow", Param.whole(MOST_ROWS - 1, ""))
            .with("mostInside", Param.whole(MOST_INSIDE, ""))
            .with("mostUarts", Param.whole(UARTS.size(), ""))
            .with("mostSpoken", Param.whole(MOST_SPOKEN, ""))
            .with("mostLevels", Param.whole(MOST_LEVELS, ""))
            .with("mostMw", Param.whole(MOST_MW, "")));

    private PartTypeRules(PartType type) {
        this.type = type;
    }

    /** @throws Rejected naming every place that is wrong */
    static void check(PartType type) {
        PartTypeRules rules = new PartTypeRules(type);
        rules.names();
        rules.pads();
        rules.inside();
        rules.uarts();
        rules.spoken();
        rules.picture();
        rules.check.end();
    }

    private void names() {
        check.need(type.id() != null && type.id().matches("[a-z0-9][a-z0-9-]{0,39}"), "id", "id");
        check.need(
                type.label() != null && !type.label().isBlank() && type.label().length() <= 60, "label", "label");
        check.need(type.shortName() != null && type.shortName().matches("[A-Za-z0-9]{1,8}"), "shortName", "short-name");
        check.need(type.kind() != null, "kind", "kind");
        check.need(
                type.supply().lowestV() >= 0
                        && type.supply().lowestV() <= type.supply().highestV(),
                "lowestV",
                "lowest-v");
        check.need(type.supply().highestV() > 0 && type.supply().highestV() <= MOST_V, "highestV", "highest-v");
    }

    private void pads() {
        check.need(!type.pads().isEmpty() && type.pads().size() <= MOST_PADS, "pads", "pads");
        Set<String> names = new HashSet<>();
        for (int i = 0; i < type.pads().size(); i++) {
            PadOf pad = type.pads().get(i);
            String where = "pads[" + i + "]";
            if (pad == null || pad.name() == null || !pad.name().matches("[A-Za-z0-9+-]{1,8}")) {
                check.need(false, where + ".name", "pad-name");
                continue;
            }
            check.need(names.add(pad.name()), where + ".name", "same-pad", "pad", pad.name());
            check.need(pad.kind() != null, where + ".kind", "pad-kind");
            check.need(pad.volts() >= 0 && pad.volts() <= MOST_V, where + ".volts", "pad-volts");
            check.need(pad.row() >= 0 && pad.row() < MOST_ROWS, where + ".row", "pad-row");
            check.need(pad.room() >= 0 && pad.room() <= MOST_ROOM, where + ".room", "pad-room");
            pads.put(pad.name(), pad);
        }
    }

    private void inside() {
        check.need(
                type.inner().traces().size()
                                + type.inner().leaks().size()
                                + type.inner().capacitors().size()
                                + type.inner().regulators().size()
                                + type.inner().dividers().size()
                                + type.inner().loads().size()
                                + type.inner().drives().size()
                                + type.inner().currentSensors().size()
                        <= MOST_INSIDE,
                "traces",
                "inside");
        each("traces", type.inner().traces(), (t, where) -> {
            between(where, t.from(), t.to());
            positive(where + ".ohms", t.ohms(), 10, "trace");
        });
        each("leaks", type.inner().leaks(), (l, where) -> {
            between(where, l.from(), l.to());
            positive(where + ".ohms", l.ohms(), 1e8, "leak");
        });
        each("capacitors", type.inner().capacitors(), (c, where) -> {
            between(where, c.plus(), c.minus());
            positive(where + ".farads", c.farads(), 0.1, "capacitor");
        });
        each("regulators", type.inner().regulators(), (r, where) -> {
            between(where, r.in(), r.out());
            pad(where + ".minus", r.minus());
            positive(where + ".volts", r.volts(), MOST_V, "regulator-volts");
            positive(where + ".limitA", r.limitA(), 100, "regulator-limit");
            PadOf out = pads.get(String.valueOf(r.out()));
            check.need(
                    out == null || out.kind() == Pad.Kind.FEED && out.volts() == r.volts(),
                    where + ".out",
                    "regulator-out");
        });
        each("dividers", type.inner().dividers(), (d, where) -> {
            between(where, d.sense(), d.minus());
            positive(where + ".topOhms", d.topOhms(), 1e8, "resistor");
            positive(where + ".bottomOhms", d.bottomOhms(), 1e8, "resistor");
        });
        each("loads", type.inner().loads(), (l, where) -> {
            between(where, l.plus(), l.minus());
            positive(where + ".volts", l.volts(), MOST_V, "load-volts");
            positive(where + ".amps", l.amps(), 100, "load-amps");
            check.need(l.poorAmps() >= l.amps() && l.poorAmps() <= 100, where + ".poorAmps", "load-poor");
        });
        check.need(type.inner().loads().size() <= 1, "loads", "one-load");
        each("drives", type.inner().drives(), (d, where) -> {
            between(where, d.plus(), d.minus());
            pad(where + ".signal", d.signal());
        });
        check.need(type.inner().drives().size() <= 4, "drives", "drives");
        each("currentSensors", type.inner().currentSensors(), (pad, where) -> pad(where, pad));
    }

    private void uarts() {
        Set<String> led = new HashSet<>();
        type.uarts().ifPresent(uarts -> {
            check.need(type.kind() == Archetype.Kind.BOARD, "uarts", "uarts-of-fc");
            check.need(uarts.processor() != null, "uarts.processor", "processor");
            check.need(uarts.silent().length() <= 200, "uarts.silent", "silent");
            each("uarts.pads", uarts.pads(), (p, where) -> {
                serial(where + ".pad", p.pad());
                check.need(p.uart() != null && UARTS.contains(p.uart()), where + ".port", "uart");
                check.need(p.side() != null, where + ".side", "side");
                check.need(p.inverter() != null, where + ".inverter", "inverter");
                led.add(p.pad());
            });
            if (check.isFine()) {
                board(uarts);
            }
        });
        type.pads().stream()
                .filter(pad -> pad != null && pad.kind() == Pad.Kind.SERIAL && type.kind() == Archetype.Kind.BOARD)
                .forEach(pad -> check.need(led.contains(pad.name()), "uarts.pads", "serial-pad", "pad", pad.name()));
    }

    private void board(UartsOf uarts) {
        try {
            new SerialBoard(
                    type.id(),
                    type.label(),
                    uarts.processor(),
                    uarts.pads().stream()
                            .map(p -> new SerialPad(p.pad(), p.uart(), p.side(), p.inverter(), p.bears5V()))
                            .toList(),
                    uarts.computer(),
                    uarts.soft(),
                    uarts.silent());
        } catch (Rejected e) {
            check.addAll(e.within("uarts.").wrong());
        }
    }

    private void spoken() {
        check.need(type.spoken().size() <= MOST_SPOKEN, "spoken", "spoken");
        each("spoken", type.spoken(), (s, where) -> {
            check.need(type.kind() == Archetype.Kind.PART, where, "spoken-of-part");
            check.need(s.job() != null, where + ".job", "function");
            check.need(
                    s.job() == null
                            || !s.formats().isEmpty() && s.job().formats().containsAll(s.formats()),
                    where + ".formats",
                    "formats");
            check.need(!s.sends().isEmpty() || !s.hears().isEmpty(), where + ".sends", "sends-or-hears");
            check.need(s.sends().isEmpty() || !s.sends().equals(s.hears()), where + ".hears", "other-pad");
            for (String pad : List.of(s.sends(), s.hears())) {
                if (!pad.isEmpty()) {
                    serial(where, pad);
                }
            }
            positive(where + ".highV", s.highV(), MOST_V, "high-v");
        });
    }

    private void picture() {
        type.picture().ifPresent(one -> {
            check.need(one.role() != null, "picture.role", "role");
            if (one.role() != null) {
                Role role = one.role();
                end("picture.takes", one.takes(), role == Role.OVERLAY || role == Role.TRANSMITTER, "takes");
                end("picture.gives", one.gives(), role == Role.OVERLAY || role == Role.CAMERA, "gives");
                check.need(one.takes().isEmpty() || !one.takes().equals(one.gives()), "picture.gives", "video-pads");
                check.need(
                        role.sends() == !one.milliwatts().isEmpty()
                                && one.milliwatts().size() <= MOST_LEVELS,
                        "picture.milliwatts",
                        role.sends() ? "levels" : "no-levels");
                for (int i = 0; i < one.milliwatts().size(); i++) {
                    positive("picture.milliwatts[" + i + "]", one.milliwatts().get(i), MOST_MW, "level");
                    check.need(
                            i == 0 || one.milliwatts().get(i) > one.milliwatts().get(i - 1),
                            "picture.milliwatts[" + i + "]",
                            "levels-rise");
                }
            }
        });
    }

    private void end(String where, String name, boolean wanted, String does) {
        if (!wanted) {
            check.need(name.isEmpty(), where, "no-video-" + does);
            return;
        }
        pad(where, name);
        PadOf pad = pads.get(String.valueOf(name));
        check.need(pad == null || pad.kind() == Pad.Kind.VIDEO, where, "not-video", "pad", name);
    }

    private void serial(String where, String name) {
        pad(where, name);
        PadOf pad = pads.get(String.valueOf(name));
        check.need(pad == null || pad.kind() == Pad.Kind.SERIAL, where, "not-serial", "pad", name);
    }

    private interface Rule<T> {
        void apply(T one, String where);
    }

    private <T> void each(String list, List<T> all, Rule<T> rule) {
        for (int i = 0; i < all.size(); i++) {
            rule.apply(all.get(i), list + "[" + i + "]");
        }
    }

    private void between(String where, String one, String other) {
        pad(where, one);
        pad(where, other);
        check.need(one == null || !one.equals(other), where, "two-pads");
    }

    private void pad(String where, String name) {
        check.need(name != null && pads.containsKey(name), where, "no-pad", filled -> filled.with(
                        "pad", Param.written(String.valueOf(name)))
                .with("pads", Param.written(String.join(", ", pads.keySet()))));
    }

    private void positive(String where, double value, double most, String line) {
        check.need(value > 0 && value <= most, where, line);
    }
}
