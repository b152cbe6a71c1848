package ablemedic.physics;

import ablemedic.circuit.Network;
import ablemedic.circuit.Network.Capacitor;
import ablemedic.circuit.Network.Link;
import ablemedic.wiring.Effect;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.InnerCircuit;
import ablemedic.wiring.Part;
import ablemedic.wiring.Wire;
import ablemedic.wiring.Wiring;
import ablemedic.wiring.Wiring.At;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Makes a network of a wiring, and alters it by what is wrong. */
public final class Circuits {
    /**
     * What the pin of an unpowered chip lets through to its ground, ohms. From memory; boards differ by decades, and
     * some let nothing through.
     */
    private static final double PIN_OHMS = 25_000;

    private Circuits() {}

    /**
     * Links of copper, then leaks, dividers and the pins of chips on serial and video lines, in the order of the
     * wiring.
     */
    public static List<Link> links(Wiring wiring) {
        List<Link> links = new ArrayList<>();
        wiring.links().forEach(link -> links.add(new Link(link.a(), link.b(), 1 / link.ohms())));
        for (At<InnerCircuit.Leak> leak : wiring.all(InnerCircuit.Leak.class)) {
            links.add(new Link(
                    node(wiring, leak, leak.of().a()),
                    node(wiring, leak, leak.of().b()),
                    1 / leak.of().ohms()));
        }
        for (At<InnerCircuit.Divider> d : wiring.all(InnerCircuit.Divider.class)) {
            links.add(new Link(
                    node(wiring, d, d.of().sense()),
                    node(wiring, d, d.of().minus()),
                    1 / (d.of().topOhms() + d.of().bottomOhms())));
        }
        for (Part part : wiring.sheet().parts()) {
            part.archetype().pads().stream()
                    .filter(pad -> pad.kind().isFine())
                    .map(pad -> wiring.node(part.address(pad.name())))
                    .filter(pad -> wiring.isReached(wiring.points().get(pad)))
                    .forEach(pad -> wiring.find(part.address(Powered.groundPad(part)))
                            .ifPresent(ground -> links.add(new Link(pad, ground, 1 / PIN_OHMS))));
        }
        return links;
    }

    static List<Capacitor> capacitors(Wiring wiring) {
        return wiring.all(InnerCircuit.Capacitance.class).stream()
                .map(c ->
                        new Capacitor(node(wiring, c, c.of().plus()), node(wiring, c, c.of().minus()), c.of().farads()))
                .toList();
    }

    public static int node(Wiring wiring, At<?> at, String pad) {
        return wiring.node(at.address(pad));
    }

    /** A sound network of these links, altered by what is wrong and shows in resistances. */
    static Network altered(Network sound, Electrics electrics) {
        Network network = sound;
        for (Effect one : electrics.effects()) {
            network = altered(network, electrics.wiring(), one);
        }
        return network;
    }

    private static Network altered(Network network, Wiring wiring, Effect effect) {
        if (effect instanceof Effect.Conductance other) {
            return cut(network, wiring, other.at(), other.siemens());
        } else if (effect instanceof Effect.Absent || effect instanceof Effect.WireHeldAt) {
            return cut(network, wiring, effect.at(), 0);
        } else if (effect instanceof Effect.Joined joined) {
            return network.bridged(wiring.node(joined.at()), wiring.node(joined.otherPad()), 1 / joined.ohms());
        } else if (effect instanceof Effect.SupplyExchanged exchanged) {
            return exchanged(network, wiring, exchanged.at());
        } else if (effect instanceof Effect.CapacitanceGone gone) {
            return withoutCapacitor(network, wiring, gone.at());
        } else if (effect instanceof Effect.WireEnd end) {
            return wiring.sheet().wires().stream()
                    .filter(wire -> wire.id().equals(end.at()))
                    .findFirst()
                    .map(wire -> moved(network, wiring, wire, wiring.node(end.pad())))
                    .orElse(network);
        }
        return network;
    }

    private static Network cut(Network network, Wiring wiring, String linkId, double siemens) {
        return link(wiring, linkId).map(i -> network.with(i, siemens)).orElse(network);
    }

    private static Optional<Integer> link(Wiring wiring, String id) {
        for (int i = 0; i < wiring.links().size(); i++) {
            if (wiring.links().get(i).id().equals(id)) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    /** The last link of a part's plus wire ends on its minus pad and the other way round. */
    private static Network exchanged(Network network, Wiring wiring, String partId) {
        Optional<Integer> plus = lastLink(wiring, partId + ".+");
        Optional<Integer> minus = lastLink(wiring, partId + ".-");
        if (plus.isEmpty() || minus.isEmpty()) {
            return network;
        }
        int plusPad = wiring.node(partId + ".+");
        int minusPad = wiring.node(partId + ".-");
        Wiring.Link one = wiring.links().get(plus.get());
        Wiring.Link other = wiring.links().get(minus.get());
        int plusEnd = one.a() == plusPad ? one.b() : one.a();
        int minusEnd = other.a() == minusPad ? other.b() : other.a();
        return network.with(plus.get(), 0)
                .with(minus.get(), 0)
                .bridged(plusEnd, minusPad, 1 / one.ohms())
                .bridged(minusEnd, plusPad, 1 / other.ohms());
    }

    private static Optional<Integer> lastLink(Wiring wiring, String pad) {
        int node = wiring.find(pad).orElse(-1);
        for (int i = 0; i < wiring.links().size(); i++) {
            Wiring.Link link = wiring.links().get(i);
            if (!link.wireId().isEmpty() && (link.a() == node || link.b() == node)) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    private static Network withoutCapacitor(Network network, Wiring wiring, String plusPad) {
        List<At<InnerCircuit.Capacitance>> all = wiring.all(InnerCircuit.Capacitance.class);
        for (int i = 0; i < all.size(); i++) {
            if (all.get(i).address(all.get(i).of().plus()).equals(plusPad)) {
                return network.withoutCapacitor(i);
            }
        }
        return network;
    }

    private static Network moved(Network network, Wiring wiring, Wire wire, int target) {
        int i = link(wiring, wire.id()).orElseThrow();
        Wiring.Link link = wiring.links().get(i);
        String kept = wiring.farEnd(wire).equals(wire.from()) ? wire.to() : wire.from();
        return network.with(i, 0).bridged(target, wiring.node(kept), 1 / link.ohms());
    }
}
