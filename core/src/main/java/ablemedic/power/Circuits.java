package ablemedic.power;

import ablemedic.circuit.Network;
import ablemedic.circuit.Network.Capacitor;
import ablemedic.circuit.Network.Link;
import ablemedic.electrics.Electrics;
import ablemedic.electrics.Harm;
import ablemedic.electrics.Inner;
import ablemedic.electrics.Lead;
import ablemedic.electrics.Pad;
import ablemedic.electrics.Wiring;
import ablemedic.electrics.Wiring.At;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Makes a network of a wiring, and alters it by what has come to harm. */
final class Circuits {
  private Circuits() {}

  /** Links of copper, then leaks and dividers, in the order of the wiring. */
  static List<Link> links(Wiring wiring) {
    List<Link> links = new ArrayList<>();
    wiring.links().forEach(link -> links.add(new Link(link.a(), link.b(), 1 / link.ohms())));
    for (At<Inner.Leak> leak : wiring.all(Inner.Leak.class)) {
      links.add(new Link(node(wiring, leak, leak.of().a()), node(wiring, leak, leak.of().b()), 1 / leak.of().ohms()));
    }
    for (At<Inner.Divider> d : wiring.all(Inner.Divider.class)) {
      links.add(new Link(node(wiring, d, d.of().sense()), node(wiring, d, d.of().minus()),
          1 / (d.of().topOhms() + d.of().bottomOhms())));
    }
    return links;
  }

  static List<Capacitor> capacitors(Wiring wiring) {
    return wiring.all(Inner.Capacitance.class).stream()
        .map(c -> new Capacitor(node(wiring, c, c.of().plus()), node(wiring, c, c.of().minus()), c.of().farads()))
        .toList();
  }

  static int node(Wiring wiring, At<?> at, String pad) {
    return wiring.node(at.address(pad));
  }

  /** A sound network of these links, altered by the harm that shows in resistances. */
  static Network harmed(Network sound, Electrics electrics) {
    Network network = sound;
    for (Map.Entry<Harm, Double> one : electrics.harm().entrySet()) {
      network = harmed(network, electrics.wiring(), one.getKey(), one.getValue());
    }
    return network;
  }

  private static Network harmed(Network network, Wiring wiring, Harm harm, double number) {
    return switch (harm.kind()) {
      case LINK -> link(wiring, harm.where()).map(i -> network.with(i, 1 / number)).orElse(network);
      case BRIDGE -> {
        String[] ends = harm.where().split("\\|");
        yield network.bridged(wiring.node(ends[0]), wiring.node(ends[1]), 1 / number);
      }
      case CROSSED -> crossed(network, wiring, harm.where());
      case DRIVE_SHORT -> wiring.all(Inner.Drive.class).stream()
          .filter(d -> d.address(d.of().plus()).equals(harm.where())).findFirst()
          .map(d -> network.bridged(node(wiring, d, d.of().plus()), node(wiring, d, d.of().minus()), 1 / number))
          .orElse(network);
      case CAPACITOR -> capacitor(network, wiring, harm.where(), number);
      case SENSE_LEAD -> wiring.senseLead().map(lead -> moved(network, wiring, lead, (int) number)).orElse(network);
      default -> network;
    };
  }

  private static Optional<Integer> link(Wiring wiring, String id) {
    for (int i = 0; i < wiring.links().size(); i++) {
      if (wiring.links().get(i).id().equals(id)) {
        return Optional.of(i);
      }
    }
    return Optional.empty();
  }

  /** The last link of a part's plus lead ends on its minus pad and the other way round. */
  private static Network crossed(Network network, Wiring wiring, String partId) {
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
    return network.with(plus.get(), 0).with(minus.get(), 0)
        .bridged(plusEnd, minusPad, 1 / one.ohms()).bridged(minusEnd, plusPad, 1 / other.ohms());
  }

  private static Optional<Integer> lastLink(Wiring wiring, String pad) {
    int node = wiring.find(pad).orElse(-1);
    for (int i = 0; i < wiring.links().size(); i++) {
      Wiring.Link link = wiring.links().get(i);
      if (!link.leadId().isEmpty() && (link.a() == node || link.b() == node)) {
        return Optional.of(i);
      }
    }
    return Optional.empty();
  }

  private static Network capacitor(Network network, Wiring wiring, String plus, double ohms) {
    List<At<Inner.Capacitance>> all = wiring.all(Inner.Capacitance.class);
    for (int i = 0; i < all.size(); i++) {
      At<Inner.Capacitance> c = all.get(i);
      if (c.address(c.of().plus()).equals(plus)) {
        Network gone = network.withoutCapacitor(i);
        return Double.isInfinite(ohms) ? gone
            : gone.bridged(node(wiring, c, c.of().plus()), node(wiring, c, c.of().minus()), 1 / ohms);
      }
    }
    return network;
  }

  private static Network moved(Network network, Wiring wiring, Lead lead, int target) {
    int i = link(wiring, lead.id()).orElseThrow();
    Wiring.Link link = wiring.links().get(i);
    String sense = wiring.sheet().pad(lead.to()).kind() == Pad.Kind.SENSE ? lead.to() : lead.from();
    return network.with(i, 0).bridged(target, wiring.node(sense), 1 / link.ohms());
  }
}
