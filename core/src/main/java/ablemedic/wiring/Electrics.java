package ablemedic.wiring;

import ablemedic.wiring.Defect.Slot;
import java.util.Collection;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;

/** The electrical side of a craft: how it is wired, and what has come to harm. */
public final class Electrics {
    /** A craft whose parts and leads nobody has entered. */
    public static final Electrics NONE =
            new Electrics(new ElectricSheet(List.of(), List.of(), new BatteryType(4, Chemistry.LIPO, 1500, 4)));

    private final Wiring wiring;
    private final Map<Slot, Defect> harm;
    private final int hash;

    /** As it should be. */
    public Electrics(ElectricSheet sheet) {
        this(new Wiring(sheet), Map.of());
    }

    private Electrics(Wiring wiring, Map<Slot, Defect> harm) {
        this.wiring = wiring;
        this.harm = Collections.unmodifiableMap(new TreeMap<>(harm));
        this.hash = 31 * wiring.sheetHash() + this.harm.hashCode();
    }

    public ElectricSheet sheet() {
        return wiring.sheet();
    }

    public Wiring wiring() {
        return wiring;
    }

    /** What has come to harm. */
    public Collection<Defect> harm() {
        return harm.values();
    }

    /** The same without any harm. */
    public Electrics sound() {
        return harm.isEmpty() ? this : new Electrics(wiring, Map.of());
    }

    /** The same with one harm, in place of another of its slot. */
    public Electrics with(Defect one) {
        Map<Slot, Defect> more = new TreeMap<>(harm);
        more.put(one.slot(), one);
        return new Electrics(wiring, more);
    }

    /** The same with one slot in order. */
    public Electrics without(Slot slot) {
        if (!harm.containsKey(slot)) {
            return this;
        }
        Map<Slot, Defect> fewer = new TreeMap<>(harm);
        fewer.remove(slot);
        return new Electrics(wiring, fewer);
    }

    /** The resistance of a link that is open or poor, ohms, infinite when open; nothing for a sound one. */
    public OptionalDouble spoilt(String linkId) {
        Defect found = harm.get(Defect.Poor.slot(linkId));
        if (found instanceof Defect.Poor poor) {
            return OptionalDouble.of(poor.ohms());
        }
        return found == null ? OptionalDouble.empty() : OptionalDouble.of(Double.POSITIVE_INFINITY);
    }

    public boolean crossed(String partId) {
        return harm.containsKey(new Defect.Crossed(partId).slot());
    }

    /** Whether the supply leads of any part are crossed. */
    public boolean anyCrossed() {
        return harm.values().stream().anyMatch(Defect.Crossed.class::isInstance);
    }

    /** Whether the drive with this supply pad is shorted inside. */
    public boolean driveShorted(String supplyPad) {
        return harm.containsKey(Defect.DriveShort.slot(supplyPad));
    }

    /** Whether a pad is joined with its neighbour. */
    public boolean bridged(String pad) {
        return harm.values().stream()
                .anyMatch(one ->
                        one instanceof Defect.Bridge bridge && bridge.places().contains(pad));
    }

    /** The share of its limit that a regulator gives, told by its output pad; 1 when sound. */
    public double regulatorShare(String outPad) {
        return harm.get(Defect.WeakRegulator.slot(outPad)) instanceof Defect.WeakRegulator weak ? weak.share() : 1;
    }

    /** What a part draws over its own; 1 when sound. */
    public double drawTimes(String partId) {
        return harm.get(Defect.OtherDraw.slot(partId)) instanceof Defect.OtherDraw other ? other.times() : 1;
    }

    /** What divider and converter give over what they should; 1 when sound. */
    public double sensedTimes() {
        return harm.get(Defect.DividerOff.SLOT) instanceof Defect.DividerOff off ? off.times() : 1;
    }

    /** The pack's resistance over its own; 1 when sound. */
    public double packOhmsTimes() {
        return harm.get(Defect.WornPack.SLOT) instanceof Defect.WornPack worn ? worn.times() : 1;
    }

    /** What the weak cell of the pack sags more than the others in a hover, volts; 0 when sound. */
    public double weakCellV() {
        return harm.get(Defect.WeakCell.SLOT) instanceof Defect.WeakCell weak ? weak.volts() : 0;
    }

    /** How many cells the pack has more than the sheet says. */
    public int cellsMore() {
        return harm.get(Defect.OtherPack.SLOT) instanceof Defect.OtherPack other ? other.cellsMore() : 0;
    }

    /** The same with a pack of the right cells, all of them strong. */
    public Electrics withPackAsOnSheet() {
        return without(Defect.OtherPack.SLOT).without(Defect.WeakCell.SLOT);
    }

    /** The pad that a lead was moved to, or the one given where it sits as it should. */
    public String movedTo(String leadId, String otherwise) {
        return harm.get(Defect.LeadMoved.slot(leadId)) instanceof Defect.LeadMoved moved ? moved.pad() : otherwise;
    }

    /** Whether the side of a port behind a pad is dead. */
    public boolean deadPort(String pad) {
        return harm.containsKey(Defect.DeadPortPad.slot(pad));
    }

    /** Whether the jumper at a pad is set the other way than it should. */
    public boolean otherJumper(String pad) {
        return harm.containsKey(Defect.OtherJumper.slot(pad));
    }

    /** Whether a line cannot work as the sheet has it joined. */
    public boolean cannotWork(String line) {
        return harm.containsKey(Defect.CannotWork.slot(line));
    }

    /** Whether a receiver is of the sort that sends no telemetry back. */
    public boolean sendsNoTelemetry(String partId) {
        return harm.containsKey(Defect.NoTelemetry.slot(partId));
    }

    /** What is wrong with the antenna of a part; nothing where it is whole and free. */
    public Optional<Defect.PoorAntenna.Why> poorAntenna(String partId) {
        return Optional.ofNullable(harm.get(Defect.PoorAntenna.slot(partId)))
                .map(one -> ((Defect.PoorAntenna) one).why());
    }

    /** What keeps a positioning module from seeing the sky; nothing where it sees it. */
    /** Why a part gives, passes or sends no picture though it has its supply. */
    public Optional<Defect.NoPicture.Why> noPicture(String partId) {
        return Optional.ofNullable(harm.get(Defect.NoPicture.slot(partId))).map(one -> ((Defect.NoPicture) one).why());
    }

    /** Whether no air reaches a part. */
    public boolean noAir(String partId) {
        return harm.containsKey(Defect.NoAir.slot(partId));
    }

    /** Whether the capacitor at a pad still takes up what it should. */
    public boolean takesUp(String plusPad) {
        return !harm.containsKey(Defect.BurstCapacitor.slot(plusPad));
    }

    public Optional<Defect.NoSky.Why> noSky(String partId) {
        return Optional.ofNullable(harm.get(Defect.NoSky.slot(partId))).map(one -> ((Defect.NoSky) one).why());
    }

    /** The pads that a pad is bridged with. */
    public List<String> bridgedWith(String pad) {
        return harm.values().stream()
                .filter(Defect.Bridge.class::isInstance)
                .map(Defect.Bridge.class::cast)
                .filter(bridge -> bridge.places().contains(pad))
                .map(bridge -> bridge.onePad().equals(pad) ? bridge.otherPad() : bridge.onePad())
                .toList();
    }

    /**
     * The regulated voltage, not on the sheet, on which the sense lead sits, volts; nothing where it sits on the sheet.
     */
    public Optional<Double> senseHeldV() {
        return wiring.senseLead()
                .map(lead -> harm.get(Defect.LeadMoved.slot(lead.id())))
                .filter(Defect.LeadOnOther.class::isInstance)
                .map(one -> ((Defect.LeadOnOther) one).volts());
    }

    @Override
    public boolean equals(Object o) {
        return o instanceof Electrics e
                && hash == e.hash
                && harm.equals(e.harm)
                && wiring.sheet().equals(e.wiring.sheet());
    }

    @Override
    public int hashCode() {
        return hash;
    }

    @Override
    public String toString() {
        return wiring.sheet().parts().size() + " parts, harm " + harm.values();
    }
}
