package ablemedic.electrics;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** The electrical side of a craft: how it is wired, what the board was told, and what has come to harm. */
public final class Electrics {
  /** A craft whose parts and leads nobody has entered. */
  public static final Electrics NONE = new Electrics(new ElectricSheet(List.of(), List.of(),
      new PackKind(4, Chemistry.LIPO, 1500, 4)), Told.USUAL);

  private final Wiring wiring;
  private final Told told;
  private final Map<Harm, Double> harm;
  private final int hash;

  /** As it should be. */
  public Electrics(ElectricSheet sheet, Told told) {
    this(new Wiring(sheet), told, Map.of());
  }

  private Electrics(Wiring wiring, Told told, Map<Harm, Double> harm) {
    this.wiring = wiring;
    this.told = told;
    this.harm = Collections.unmodifiableMap(new TreeMap<>(harm));
    this.hash = 31 * (31 * wiring.sheetHash() + told.hashCode()) + this.harm.hashCode();
  }

  public ElectricSheet sheet() {
    return wiring.sheet();
  }

  public Wiring wiring() {
    return wiring;
  }

  public Told told() {
    return told;
  }

  /** What has come to harm, with the number that goes with each kind. */
  public Map<Harm, Double> harm() {
    return harm;
  }

  /** The number of a harm, or what it is when there is none. */
  public double harm(Harm.Kind kind, String where, double otherwise) {
    return harm.getOrDefault(new Harm(kind, where), otherwise);
  }

  /** The same without any harm. */
  public Electrics sound() {
    return harm.isEmpty() ? this : new Electrics(wiring, told, Map.of());
  }

  public Electrics with(Harm one, double number) {
    Map<Harm, Double> more = new TreeMap<>(harm);
    more.put(one, number);
    return new Electrics(wiring, told, more);
  }

  public Electrics without(Harm one) {
    Map<Harm, Double> fewer = new TreeMap<>(harm);
    fewer.remove(one);
    return new Electrics(wiring, told, fewer);
  }

  public Electrics withTold(Told other) {
    return told.equals(other) ? this : new Electrics(wiring, other, harm);
  }

  /** The voltage-sensing value that suits this craft's divider; that told where it has none. */
  public double rightScale() {
    return wiring.divider().map(d -> d.of().ratio()).orElse(told.scale());
  }

  @Override
  public boolean equals(Object o) {
    return o instanceof Electrics e && hash == e.hash && harm.equals(e.harm) && told.equals(e.told)
        && wiring.sheet().equals(e.wiring.sheet());
  }

  @Override
  public int hashCode() {
    return hash;
  }

  @Override
  public String toString() {
    return wiring.sheet().parts().size() + " parts, told " + told + ", harm " + harm;
  }
}
