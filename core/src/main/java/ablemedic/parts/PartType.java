package ablemedic.parts;

import ablemedic.catalogue.Rejected;
import ablemedic.protocol.Format;
import ablemedic.wiring.Archetype;
import ablemedic.wiring.InnerCircuit;
import ablemedic.wiring.InnerCircuit.Picture.Role;
import ablemedic.wiring.Pad;
import ablemedic.wiring.Processor;
import ablemedic.wiring.SerialPad;
import ablemedic.wiring.UartFunction;
import com.fasterxml.jackson.annotation.JsonAlias;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A part type as it is written: its pads row by row and what lies between them. Pads are named as printed; volts of 0
 * are those of the battery.
 *
 * @param id stable name in kebab case
 * @param label for people; what stands before the first comma is what a part of it is called
 * @param shortName what a part of it is named by on a craft, such as RX
 * @param kind what it is
 * @param inner what lies between its pads
 * @param uarts of an FC
 * @param spoken the lines that a part speaks on
 * @param picture what it does with the picture
 */
@JsonInclude(Include.NON_EMPTY)
public record PartType(
        String id,
        String label,
        String shortName,
        Archetype.Kind kind,
        @JsonUnwrapped SupplyOf supply,
        List<PadOf> pads,
        @JsonUnwrapped InnerOf inner,
        @JsonAlias("ports") Optional<UartsOf> uarts,
        List<SpokenOf> spoken,
        Optional<PictureOf> picture) {

    /** The least supply that it takes and the most that it stands, volts. */
    public record SupplyOf(double lowestV, double highestV) {}

    /**
     * What lies between its pads.
     *
     * @param traces copper on the board
     * @param leaks what an unpowered chip lets through
     * @param capacitors between pads
     * @param regulators what each gives, and its limit
     * @param dividers that read the battery's voltage
     * @param loads what it draws
     * @param drives the stages that drive a motor each, in the order of their slots
     * @param currentSensors pads that carry the reading of one
     */
    @JsonInclude(Include.NON_EMPTY)
    public record InnerOf(
            List<TraceOf> traces,
            List<LeakOf> leaks,
            List<CapacitorOf> capacitors,
            List<RegulatorOf> regulators,
            List<DividerOf> dividers,
            List<LoadOf> loads,
            List<DriveOf> drives,
            List<String> currentSensors) {
        public InnerOf {
            traces = listed(traces);
            leaks = listed(leaks);
            capacitors = listed(capacitors);
            regulators = listed(regulators);
            dividers = listed(dividers);
            loads = listed(loads);
            drives = listed(drives);
            currentSensors = listed(currentSensors);
        }
    }

    /**
     * A pad: volts that it gives or takes, its row, whether it is live from the computer alone, how many wires fit on
     * it.
     */
    public record PadOf(String name, Pad.Kind kind, double volts, int row, boolean usb, int room) {}

    public record TraceOf(String from, String to, double ohms) {}

    public record LeakOf(String from, String to, double ohms) {}

    /** A capacitor, farads; a bulky one can burst. */
    public record CapacitorOf(String plus, String minus, double farads, boolean bulky) {}

    /** A regulator: volts given, amperes above which its output falls, whether it is linear. */
    public record RegulatorOf(String in, String out, String minus, double volts, double limitA, boolean linear) {}

    public record DividerOf(String sense, String minus, double topOhms, double bottomOhms) {}

    /** A draw at its voltage, amperes; and that in the worst case. */
    public record LoadOf(String plus, String minus, double volts, double amps, double poorAmps) {}

    public record DriveOf(String plus, String minus, String signal) {}

    /**
     * The UARTs of an FC.
     *
     * @param computer the UART that the computer's bridge takes while it is joined; empty where it has a way of its own
     * @param soft UARTs that the firmware makes out of a plain pin
     * @param silent what its print does not tell
     */
    public record UartsOf(
            Processor processor, String computer, List<String> soft, String silent, List<UartPadOf> pads) {
        public UartsOf {
            computer = computer == null ? "" : computer;
            silent = silent == null ? "" : silent;
            soft = listed(soft);
            pads = listed(pads);
        }
    }

    /** A serial pad: the UART that it is a side of, what can turn its line round, whether 5 V does it no harm. */
    public record UartPadOf(
            String pad,
            @JsonAlias("port") String uart,
            SerialPad.Side side,
            SerialPad.Inverter inverter,
            boolean bears5V) {}

    /**
     * A line that a part speaks on: its formats, the one that it comes with first, its pads, its high level in volts.
     */
    public record SpokenOf(UartFunction job, List<Format> formats, String sends, String hears, double highV) {
        public SpokenOf {
            formats = listed(formats);
            sends = sends == null ? "" : sends;
            hears = hears == null ? "" : hears;
        }
    }

    /**
     * What it does with the picture: the pads that it takes and gives it on, and the levels in milliwatts that it can
     * send with.
     */
    public record PictureOf(Role role, String takes, String gives, List<Integer> milliwatts) {
        public PictureOf {
            takes = takes == null ? "" : takes;
            gives = gives == null ? "" : gives;
            milliwatts = listed(milliwatts);
        }
    }

    public PartType {
        pads = listed(pads);
        uarts = uarts == null ? Optional.empty() : uarts;
        spoken = listed(spoken);
        picture = picture == null ? Optional.empty() : picture;
    }

    private static <T> List<T> listed(@Nullable List<T> list) {
        return list == null ? List.of() : List.copyOf(list);
    }

    /**
     * The archetype that it describes.
     *
     * @throws Rejected naming every place that is wrong
     */
    public Archetype archetype() {
        PartTypeRules.check(this);
        List<InnerCircuit> circuits = new ArrayList<>();
        inner.traces().forEach(t -> circuits.add(new InnerCircuit.Trace(t.from(), t.to(), t.ohms())));
        inner.dividers()
                .forEach(
                        d -> circuits.add(new InnerCircuit.Divider(d.sense(), d.minus(), d.topOhms(), d.bottomOhms())));
        inner.regulators()
                .forEach(r -> circuits.add(
                        new InnerCircuit.Regulator(r.in(), r.out(), r.minus(), r.volts(), r.limitA(), r.linear())));
        inner.leaks().forEach(l -> circuits.add(new InnerCircuit.Leak(l.from(), l.to(), l.ohms())));
        inner.capacitors()
                .forEach(c -> circuits.add(new InnerCircuit.Capacitance(c.plus(), c.minus(), c.farads(), c.bulky())));
        inner.loads()
                .forEach(l ->
                        circuits.add(new InnerCircuit.Load(l.plus(), l.minus(), l.volts(), l.amps(), l.poorAmps())));
        for (int slot = 0; slot < inner.drives().size(); slot++) {
            circuits.add(new InnerCircuit.Drive(
                    inner.drives().get(slot).plus(),
                    inner.drives().get(slot).minus(),
                    inner.drives().get(slot).signal(),
                    slot));
        }
        inner.currentSensors().forEach(pad -> circuits.add(new InnerCircuit.CurrentSensor(pad)));
        uarts.ifPresent(p -> {
            circuits.add(new InnerCircuit.Chip(p.processor(), p.computer(), p.soft(), p.silent()));
            p.pads()
                    .forEach(one -> circuits.add(
                            new SerialPad(one.pad(), one.uart(), one.side(), one.inverter(), one.bears5V())));
        });
        spoken.forEach(one ->
                circuits.add(new InnerCircuit.Spoken(one.job(), one.formats(), one.sends(), one.hears(), one.highV())));
        picture.ifPresent(
                one -> circuits.add(new InnerCircuit.Picture(one.role(), one.takes(), one.gives(), one.milliwatts())));
        return new Archetype(
                id,
                label,
                shortName,
                kind,
                pads.stream()
                        .map(p -> new Pad(p.name(), p.kind(), p.volts(), p.row(), p.usb(), p.room()))
                        .toList(),
                circuits,
                supply.lowestV(),
                supply.highestV());
    }

    /** A part type as it is written. */
    public static PartType of(Archetype a) {
        return new PartType(
                a.id(),
                a.label(),
                a.shortName(),
                a.kind(),
                new SupplyOf(a.lowestV(), a.highestV()),
                a.pads().stream()
                        .map(p -> new PadOf(p.name(), p.kind(), p.volts(), p.row(), p.usb(), p.room()))
                        .toList(),
                new InnerOf(
                        all(a, InnerCircuit.Trace.class)
                                .map(t -> new TraceOf(t.a(), t.b(), t.ohms()))
                                .toList(),
                        all(a, InnerCircuit.Leak.class)
                                .map(l -> new LeakOf(l.a(), l.b(), l.ohms()))
                                .toList(),
                        all(a, InnerCircuit.Capacitance.class)
                                .map(c -> new CapacitorOf(c.plus(), c.minus(), c.farads(), c.bulky()))
                                .toList(),
                        all(a, InnerCircuit.Regulator.class)
                                .map(r ->
                                        new RegulatorOf(r.in(), r.out(), r.minus(), r.volts(), r.limitA(), r.linear()))
                                .toList(),
                        all(a, InnerCircuit.Divider.class)
                                .map(d -> new DividerOf(d.sense(), d.minus(), d.topOhms(), d.bottomOhms()))
                                .toList(),
                        all(a, InnerCircuit.Load.class)
                                .map(l -> new LoadOf(l.plus(), l.minus(), l.volts(), l.amps(), l.poorAmps()))
                                .toList(),
                        all(a, InnerCircuit.Drive.class)
                                .map(d -> new DriveOf(d.plus(), d.minus(), d.signal()))
                                .toList(),
                        all(a, InnerCircuit.CurrentSensor.class)
                                .map(InnerCircuit.CurrentSensor::pad)
                                .toList()),
                all(a, InnerCircuit.Chip.class)
                        .findFirst()
                        .map(chip -> new UartsOf(
                                chip.processor(),
                                chip.computer(),
                                chip.soft(),
                                chip.silent(),
                                all(a, SerialPad.class)
                                        .map(p ->
                                                new UartPadOf(p.name(), p.uart(), p.side(), p.inverter(), p.bears5V()))
                                        .toList())),
                all(a, InnerCircuit.Spoken.class)
                        .map(s -> new SpokenOf(s.job(), s.formats(), s.sends(), s.hears(), s.highV()))
                        .toList(),
                all(a, InnerCircuit.Picture.class)
                        .findFirst()
                        .map(p -> new PictureOf(p.role(), p.takes(), p.gives(), p.milliwatts())));
    }

    private static <T extends InnerCircuit> Stream<T> all(Archetype archetype, Class<T> sort) {
        return archetype.inner().stream().filter(sort::isInstance).map(sort::cast);
    }
}
