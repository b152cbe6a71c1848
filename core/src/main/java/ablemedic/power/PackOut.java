package ablemedic.power;

import ablemedic.circuit.Network;
import ablemedic.electrics.Electrics;
import ablemedic.electrics.ElectricSheet;
import ablemedic.electrics.Harm;
import ablemedic.electrics.Inner;
import ablemedic.electrics.Wiring;
import ablemedic.reading.Meter;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** A craft with its pack out, under the probes of a meter set to resistance. */
public final class PackOut {
  /** A reading that takes longer than this to settle is seen to climb, seconds. Common practice. */
  static final double CLIMBS_S = 0.8;

  private static final int KEPT = 3_000;
  private static final Memory<ElectricSheet, Network> SOUND = new Memory<>(64);
  private static final Map<Meter, Memory<Electrics, PackOut>> KNOWN = new ConcurrentHashMap<>();

  private final Network network;
  private final Meter meter;

  private PackOut(Network network, Meter meter) {
    this.network = network;
    this.meter = meter;
  }

  /** The craft as its harm has it. */
  public static PackOut of(Electrics electrics, Meter meter) {
    return KNOWN.computeIfAbsent(meter, m -> new Memory<>(KEPT))
        .of(electrics, key -> new PackOut(network(electrics, meter), meter));
  }

  private static Network network(Electrics electrics, Meter meter) {
    Wiring wiring = electrics.wiring();
    Network sound = SOUND.of(electrics.sheet(), sheet ->
        Network.of(wiring.points().size(), Circuits.links(wiring), Circuits.capacitors(wiring)));
    Network network = Circuits.harmed(sound, electrics);
    double junction = meter.ofJunctionOhms();
    if (Double.isInfinite(junction)) {
      return network;
    }
    for (Wiring.At<Inner.Drive> d : wiring.all(Inner.Drive.class)) {
      if (electrics.harm().containsKey(new Harm(Harm.Kind.CROSSED, d.part().id()))) {
        network = network.bridged(Circuits.node(wiring, d, d.of().plus()), Circuits.node(wiring, d, d.of().minus()),
            1 / junction);
      }
    }
    return network;
  }

  /** Resistance between two points without the meter's leads, ohms; infinite where nothing joins them. */
  public double ohms(int a, int b) {
    return network.ohms(a, b);
  }

  /** Whether the meter shows OL between two points. */
  public boolean over(int a, int b) {
    return network.ohms(a, b) > meter.highestOhms();
  }

  /** Whether the reading climbs while capacitors charge. */
  public boolean climbs(int a, int b) {
    return network.settlingS(a, b) > CLIMBS_S;
  }
}
