package ablemedic.power;

import ablemedic.catalogue.Param;
import ablemedic.family.Cleared;
import ablemedic.family.Odds;
import ablemedic.physics.BatteryOut;
import ablemedic.reading.Meter;
import ablemedic.wiring.CopperDefect.Bridge;
import ablemedic.wiring.CopperDefect.Open;
import ablemedic.wiring.CopperDefect.Poor;
import ablemedic.wiring.Defect;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.Wire;
import ablemedic.wiring.Wiring;
import ablemedic.wiring.Wiring.Kind;
import ablemedic.wiring.Wiring.Link;
import ablemedic.wiring.Wiring.Purpose;

/** What can be wrong with copper: a link that is open or has a high resistance, and a bridge between two pads. */
final class CopperFaults {
    /** A bad joint or pin in a supply, and a corroded signal, ohms. Common practice. */
    private static final double POOR_SUPPLY_OHMS = 1.5;

    private static final double POOR_SIGNAL_OHMS = 4_000;
    /** How often a link has a high resistance, over how often it is open. From memory. */
    private static final double POOR_OVER_OPEN = 0.35;
    /** Less than this past an open link is not to be told from the link with a handheld meter. */
    private static final double DOUBLED_OHMS = 0.6;

    private static final double BRIDGE_OHMS = 0.05;
    private static final double BYPASS_MINUTES = 25;
    private static final double RENEW_MINUTES = 12;

    private final PowerFaults faults;
    private final Electrics sound;
    private final Wiring wiring;

    CopperFaults(PowerFaults faults) {
        this.faults = faults;
        this.sound = faults.electrics();
        this.wiring = sound.wiring();
    }

    void add() {
        wiring.links().stream().filter(link -> !isDoubled(link)).forEach(this::link);
        wiring.neighbours().stream().filter(pads -> !areOneNet(pads)).forEach(this::bridge);
    }

    private void link(Link link) {
        Odds open = PowerOdds.open(link.kind());
        double ohms = link.purpose() == Purpose.SIGNAL || link.purpose() == Purpose.SENSE
                ? POOR_SIGNAL_OHMS
                : POOR_SUPPLY_OHMS;
        at(link, "link-open", "open-", open, new Open(link.id()));
        at(link, "link-poor", "poor-", open.times(POOR_OVER_OPEN), new Poor(link.id(), ohms));
    }

    private void at(Link link, String entry, String prefix, Odds odds, Defect defect) {
        Wire wire = wiring.sheet().wires().stream()
                .filter(one -> one.id().equals(link.wireId()))
                .findFirst()
                .orElse(null);
        faults.add(entry, prefix + PowerFaults.plain(link.id()))
                .site(Cleared.site(link.id()))
                .prior(odds)
                .with("link", Param.wire(link.id(), link.label()))
                .with(
                        "how",
                        new Param.Choice(
                                link.kind() == Kind.LEAD
                                        ? Kind.JOINT.id()
                                        : link.kind().id()))
                .with("pad", pad(link.b()))
                .with("awg", Param.whole(wire == null ? 0 : wire.gauge().awg(), ""))
                .with("length", Param.whole(wire == null ? 0 : Math.round(wire.lengthMm()), "mm"))
                .with("ohms", Param.number(defect instanceof Poor poor ? poor.ohms() : 0, "Ω"))
                .defectInPlace(defect)
                .remedy("sound " + link.id())
                .fix("renew", link.kind() == Kind.TRACE ? BYPASS_MINUTES : RENEW_MINUTES);
    }

    /** The pad that a point is at, which may be the end of a wire there. */
    private Param pad(int node) {
        String pad = wiring.points().get(node).pad();
        return Param.pad(pad, wiring.label(wiring.node(pad)));
    }

    /** Whether another way of copper goes past a link, so that neither meter nor craft would miss it. */
    private boolean isDoubled(Link link) {
        Electrics open = sound.with(new Open(link.id()));
        return BatteryOut.of(open, Meter.USUAL).ohms(link.a(), link.b()) < DOUBLED_OHMS;
    }

    private void bridge(Wiring.Neighbours pads) {
        faults.add("bridge", "bridge-" + PowerFaults.plain(pads.id()))
                .site("power " + pads.id())
                .prior(PowerOdds.BRIDGE)
                .with("pads", Param.written(pads.label()))
                .defectInPlace(new Bridge(pads.onePad(), pads.otherPad(), BRIDGE_OHMS))
                .remedy("no bridge " + pads.id())
                .fix("clear", 8);
    }

    /** Two pads of one net are no neighbours to fear. */
    private boolean areOneNet(Wiring.Neighbours pads) {
        return BatteryOut.of(sound, Meter.USUAL).ohms(pads.a(), pads.b()) < 1;
    }
}
