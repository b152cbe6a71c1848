package ablemedic.wiring;

import ablemedic.wiring.Defect.Culprit;
import ablemedic.wiring.Defect.Slot;
import ablemedic.wiring.Effect.Absent;
import ablemedic.wiring.Effect.AntennaLoss;
import ablemedic.wiring.Effect.BatteryOhmsTimes;
import ablemedic.wiring.Effect.CellSag;
import ablemedic.wiring.Effect.CellsMore;
import ablemedic.wiring.Effect.Conductance;
import ablemedic.wiring.Effect.Draw;
import ablemedic.wiring.Effect.DriveOff;
import ablemedic.wiring.Effect.Joined;
import ablemedic.wiring.Effect.LineStopped;
import ablemedic.wiring.Effect.RegulatorShare;
import ablemedic.wiring.Effect.RippleStays;
import ablemedic.wiring.Effect.Seen;
import ablemedic.wiring.Effect.SensedTimes;
import ablemedic.wiring.Effect.SkyHidden;
import ablemedic.wiring.Effect.Smoke;
import ablemedic.wiring.Effect.SupplyExchanged;
import ablemedic.wiring.Effect.UartPadDead;
import ablemedic.wiring.Effect.UartPadInverted;
import ablemedic.wiring.Effect.WireEnd;
import ablemedic.wiring.Effect.WireHeldAt;
import java.util.Collection;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** The electrical side of a craft: how it is wired, and what is wrong with it. */
public final class Electrics {
    /** A craft whose parts and wires nobody has entered. */
    public static final Electrics NONE =
            new Electrics(new ElectricSheet(List.of(), List.of(), new BatteryType(4, Chemistry.LIPO, 1500, 4)));

    private final Wiring wiring;
    private final Map<Slot, Defect> defects;
    private final int hash;
    /** Worked out when it is first asked for. */
    private volatile @Nullable List<Effect> effects;

    /** As it should be. */
    public Electrics(ElectricSheet sheet) {
        this(new Wiring(sheet), Map.of());
    }

    private Electrics(Wiring wiring, Map<Slot, Defect> defects) {
        this.wiring = wiring;
        this.defects = Collections.unmodifiableMap(new TreeMap<>(defects));
        this.hash = 31 * wiring.sheetHash() + this.defects.hashCode();
    }

    public ElectricSheet sheet() {
        return wiring.sheet();
    }

    public Wiring wiring() {
        return wiring;
    }

    /** What is wrong with it. */
    public Collection<Defect> defects() {
        return defects.values();
    }

    /** The same without any defect. */
    public Electrics sound() {
        return defects.isEmpty() ? this : new Electrics(wiring, Map.of());
    }

    /** The same with one defect, in place of another of its slot. */
    public Electrics with(Defect one) {
        Map<Slot, Defect> more = new TreeMap<>(defects);
        more.put(one.slot(), one);
        return new Electrics(wiring, more);
    }

    /** The same once a part was replaced: what is wrong with the part itself goes with it. */
    public Electrics withNew(String partId) {
        Electrics after = this;
        for (Defect one : defects.values()) {
            if (one.culprit() == Culprit.PART && one.isAt(partId)) {
                after = after.without(one.slot());
            }
        }
        return after;
    }

    /** The same with one slot in order. */
    public Electrics without(Slot slot) {
        if (!defects.containsKey(slot)) {
            return this;
        }
        Map<Slot, Defect> fewer = new TreeMap<>(defects);
        fewer.remove(slot);
        return new Electrics(wiring, fewer);
    }

    /** What all that is wrong does to the craft, in the order of the defects. */
    public List<Effect> effects() {
        List<Effect> known = effects;
        if (known == null) {
            known = defects.values().stream()
                    .flatMap(one -> one.effects(wiring).stream())
                    .toList();
            effects = known;
        }
        return known;
    }

    private <E extends Effect> Stream<E> effects(Class<E> kind) {
        List<Effect> all = effects();
        return all.isEmpty()
                ? Stream.empty()
                : all.stream().filter(kind::isInstance).map(kind::cast);
    }

    private <E extends Effect> Optional<E> effect(Class<E> kind, String at) {
        for (Effect one : effects()) {
            if (kind.isInstance(one) && one.at().equals(at)) {
                return Optional.of(kind.cast(one));
            }
        }
        return Optional.empty();
    }

    /** The defect of a kind at a part, for the family that it is of; nothing where there is none. */
    public <D extends Defect> Optional<D> defect(Class<D> kind, String partId) {
        return defects.values().stream()
                .filter(kind::isInstance)
                .map(kind::cast)
                .filter(one -> one.isAt(partId))
                .findFirst();
    }

    /** The resistance of a link that is open or poor, ohms, infinite when open; nothing for a sound one. */
    public OptionalDouble spoilt(String linkId) {
        return effect(Absent.class, linkId).isPresent()
                ? OptionalDouble.of(Double.POSITIVE_INFINITY)
                : effect(Conductance.class, linkId)
                        .map(one -> OptionalDouble.of(1 / one.siemens()))
                        .orElse(OptionalDouble.empty());
    }

    /** Whether the supply wires of a part are exchanged. */
    public boolean isSupplyExchanged(String partId) {
        return effect(SupplyExchanged.class, partId).isPresent();
    }

    public boolean isAnySupplyExchanged() {
        return effects(SupplyExchanged.class).findAny().isPresent();
    }

    /** Whether the drive with this supply pad turns no motor. */
    public boolean isDriveOff(String supplyPad) {
        return effect(DriveOff.class, supplyPad).isPresent();
    }

    /** Whether a pad is joined with its neighbour. */
    public boolean bridged(String pad) {
        return effects(Joined.class).anyMatch(one -> one.touches(pad));
    }

    /** The pads that a pad is bridged with. */
    public List<String> bridgedWith(String pad) {
        return effects(Joined.class)
                .filter(one -> one.touches(pad))
                .map(one -> one.at().equals(pad) ? one.otherPad() : one.at())
                .toList();
    }

    /** The share of its limit that a regulator gives, by its output pad; 1 when sound. */
    public double regulatorShare(String outPad) {
        return effect(RegulatorShare.class, outPad).map(RegulatorShare::share).orElse(1.0);
    }

    /** What a part draws over its own; 1 when sound. */
    public double drawTimes(String partId) {
        return effect(Draw.class, partId).map(Draw::times).orElse(1.0);
    }

    /** What divider and converter give over what they should; 1 when sound. */
    public double sensedTimes() {
        return effect(SensedTimes.class, "").map(SensedTimes::times).orElse(1.0);
    }

    /** The battery's resistance over its own; 1 when sound. */
    public double batteryOhmsTimes() {
        return effect(BatteryOhmsTimes.class, "").map(BatteryOhmsTimes::times).orElse(1.0);
    }

    /** What the weak cell of the battery sags more than the others in a hover, volts; 0 when sound. */
    public double weakCellV() {
        return effect(CellSag.class, "").map(CellSag::volts).orElse(0.0);
    }

    /** How many cells the battery has more than the sheet says. */
    public int cellsMore() {
        return effect(CellsMore.class, "").map(CellsMore::cells).orElse(0);
    }

    /** The pad that a wire was moved to, or the one given where it sits as it should. */
    public String movedTo(String wireId, String otherwise) {
        return effect(WireEnd.class, wireId).map(WireEnd::pad).orElse(otherwise);
    }

    /**
     * The regulated voltage, not on the sheet, on which the sense wire sits, volts; nothing where it sits on the sheet.
     */
    public Optional<Double> senseHeldV() {
        return wiring.senseWire()
                .flatMap(wire -> effect(WireHeldAt.class, wire.id()))
                .map(WireHeldAt::volts);
    }

    /** Whether the side of a UART behind a pad is dead. */
    public boolean deadUart(String pad) {
        return effect(UartPadDead.class, pad).isPresent();
    }

    /** Whether the jumper at a pad is set the other way than it should. */
    public boolean otherJumper(String pad) {
        return effect(UartPadInverted.class, pad).isPresent();
    }

    /** Whether a line can't work as it is wired. */
    public boolean cannotWork(String line) {
        return effect(LineStopped.class, line).isPresent();
    }

    /** What the antenna of a part loses, dB; 0 where it is whole and free. */
    public double antennaLossDb(String partId) {
        return effect(AntennaLoss.class, partId).map(AntennaLoss::db).orElse(0.0);
    }

    /** Whether a GNSS module sees the sky well enough for a position. */
    public boolean seesSky(String partId) {
        return effect(SkyHidden.class, partId).isEmpty();
    }

    /** Whether the capacitor at a pad still takes up what it should. */
    public boolean takesUp(String plusPad) {
        return effect(RippleStays.class, plusPad).isEmpty();
    }

    /** What a close look at a part may show. */
    public Stream<Seen> seenAt(String partId) {
        return effects(Seen.class).filter(one -> one.isAt(partId));
    }

    /** Whether a part lets its smoke out. */
    public boolean smokes(String partId) {
        return effects(Smoke.class).anyMatch(one -> Defect.isOf(partId, one.at()));
    }

    @Override
    public boolean equals(Object o) {
        return o instanceof Electrics e
                && hash == e.hash
                && defects.equals(e.defects)
                && wiring.sheet().equals(e.wiring.sheet());
    }

    @Override
    public int hashCode() {
        return hash;
    }

    @Override
    public String toString() {
        return wiring.sheet().parts().size() + " parts, defects " + defects.values();
    }
}
