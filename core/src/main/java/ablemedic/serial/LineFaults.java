package ablemedic.serial;

import static ablemedic.serial.SerialSettings.elsewhere;
import static ablemedic.serial.SerialSettings.entered;

import ablemedic.configuration.Setting;
import ablemedic.craft.AsFormat;
import ablemedic.craft.Craft;
import ablemedic.craft.FirmwareSettings;
import ablemedic.craft.SpokenSettings;
import ablemedic.craft.UartSettings;
import ablemedic.diagnosis.Fix;
import ablemedic.family.CraftFault;
import ablemedic.family.FaultList;
import ablemedic.family.Odds;
import ablemedic.family.SettingTrouble;
import ablemedic.protocol.Format;
import ablemedic.protocol.Format.Back;
import ablemedic.uart.CraftLine;
import ablemedic.uart.CraftLine.End;
import ablemedic.uart.CraftLines;
import ablemedic.uart.GnssLoad;
import ablemedic.uart.JoinedPart;
import ablemedic.wiring.Defect;
import ablemedic.wiring.Defect.NoSky.Why;
import ablemedic.wiring.InnerCircuit;
import ablemedic.wiring.SerialPad;
import ablemedic.wiring.SerialPad.Inverter;
import ablemedic.wiring.UartFunction;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.stream.Stream;

/** All faults that each serial line of one craft can have: of its leads, pads, port, part and settings. */
final class LineFaults {
    private static final int ELSEWHERE = 2;
    private static final int WRONG_PADS = 3;

    private final Craft craft;
    private final CraftLines lines;
    private final FaultList faults;

    private LineFaults(Craft craft, CraftLines lines, FaultList faults) {
        this.craft = craft;
        this.lines = lines;
        this.faults = faults;
    }

    /** @param craft a sound one */
    static void addTo(FaultList faults, Craft craft, CraftLines lines) {
        LineFaults all = new LineFaults(craft, lines, faults);
        for (CraftLine line : lines.joined()) {
            all.asBuilt(line);
            all.wires(line);
            all.port(line);
            all.format(line);
            all.part(line);
        }
        all.pads();
    }

    /** What the sheet alone shows: it is all but known, and only the sheet can be wrong. */
    private void asBuilt(CraftLine line) {
        List<JoinedPart.Judged> wrong = lines.bySheet(line);
        if (!wrong.isEmpty()) {
            faults.harmed(
                    "cannot-work-" + line.id(),
                    "cannot-work-as-joined",
                    "serial wires " + line.id(),
                    SerialOdds.BY_SHEET,
                    "As the sheet has it the " + line.label() + " cannot work. "
                            + wrong.get(0).text(),
                    e -> e.with(new Defect.CannotWork(line.part().id(), line.id())),
                    SerialFixes.asBuilt(lines, line, wrong));
        }
    }

    private void wires(CraftLine line) {
        if (line.sends().isPresent() && line.hears().isPresent()) {
            End one = line.sends().get();
            End other = line.hears().get();
            String name = line.label();
            faults.harmed(
                    "exchanged-" + line.id(),
                    "wires-exchanged",
                    "serial wires " + line.id(),
                    SerialOdds.WIRES_EXCHANGED,
                    "TX and RX of the " + name + " are exchanged",
                    e -> e.with(new Defect.LeadMoved(
                                    one.lead().id(), e.movedTo(other.lead().id(), other.boardPad())))
                            .with(new Defect.LeadMoved(
                                    other.lead().id(), e.movedTo(one.lead().id(), one.boardPad()))),
                    SerialFixes.wires(
                            "Exchange the two wires of the " + name,
                            "wires of the " + name,
                            "TX on TX",
                            "TX on RX",
                            List.of(
                                    Defect.LeadMoved.slot(one.lead().id()),
                                    Defect.LeadMoved.slot(other.lead().id()))));
        }
        for (End end : line.needed()) {
            for (String wrong : plausible(end)) {
                faults.harmed(
                        "moved-" + plain(end.partPad()) + "-" + plain(wrong),
                        "wire-on-wrong-pad",
                        "serial wires " + line.id(),
                        SerialOdds.WRONG_PAD,
                        "The wire from " + label(end.partPad()) + " lies on pad " + End.printed(wrong) + " instead of "
                                + end.printed(),
                        e -> e.with(new Defect.LeadMoved(end.lead().id(), wrong)),
                        SerialFixes.wires(
                                "Move the wire from " + label(end.partPad()) + " to pad " + end.printed(),
                                "wire from " + label(end.partPad()),
                                "on " + End.printed(wrong),
                                "on " + end.printed(),
                                List.of(Defect.LeadMoved.slot(end.lead().id()))));
            }
        }
    }

    /**
     * Pads on which a wire may lie by mistake: its neighbours, the other pad of its side, and the pads of its side at
     * the next ports.
     */
    private List<String> plausible(End end) {
        Set<String> wrong = new LinkedHashSet<>();
        Optional<SerialPad> right = lines.pad(end.boardPad());
        if (right.isEmpty()) {
            return List.of();
        }
        List<SerialPad> all = lines.board().pads();
        int at = all.indexOf(right.get());
        for (SerialPad pad : all) {
            boolean twin = pad.port().equals(right.get().port())
                    && pad.side() == right.get().side();
            boolean beside = Math.abs(all.indexOf(pad) - at) == 1;
            boolean likeIt = pad.side() == right.get().side() && Math.abs(all.indexOf(pad) - at) <= 2;
            if (!pad.equals(right.get()) && (twin || beside || likeIt)) {
                wrong.add(lines.boardPart().address(pad.name()));
            }
        }
        return wrong.stream()
                .filter(pad -> craft.electrics().sheet().leads().stream()
                        .noneMatch(l -> l.from().equals(pad) || l.to().equals(pad)))
                .limit(WRONG_PADS)
                .toList();
    }

    /** What is told to the port that a line lies on. */
    private void port(CraftLine line) {
        Optional<String> port = lines.portOf(line);
        if (port.isEmpty()) {
            return;
        }
        String p = port.get();
        UartFunction job = line.job();
        Setting<List<UartFunction>> jobs = UartSettings.jobsOf(p);
        BiFunction<Craft, Craft, List<Fix<Craft>>> fixing = entered(
                SerialSettings.jobs(p),
                jobs,
                craft,
                "On the board's page of ports give port " + p + " the job of " + job.label() + ".");
        faults.told(
                SerialSettings.jobs(p),
                "job-missing-" + line.id(),
                "job-missing",
                jobs,
                SerialOdds.JOB_MISSING,
                was -> without(was, job),
                "Port " + p + " was not given the job of " + job.label(),
                fixing);
        for (UartFunction other : UartFunction.values()) {
            boolean carried = job == UartFunction.RECEIVER
                    && other == UartFunction.TELEMETRY
                    && line.format().back() == Back.TWO_WAY;
            if (other != job
                    && !carried
                    && List.of(UartFunction.GNSS, UartFunction.TELEMETRY).contains(other)
                    && UartSettings.portsWith(other, craft).isEmpty()) {
                faults.told(
                        SerialSettings.jobs(p),
                        "job-twice-" + line.id(),
                        "job-twice",
                        jobs,
                        SerialOdds.JOB_TWICE,
                        was -> with(was, other),
                        "Port " + p + " was given " + other.label() + " besides " + job.label(),
                        fixing);
                break;
            }
        }
        lines.board().ports().stream()
                .filter(other -> !other.equals(p)
                        && craft.told(UartSettings.jobsOf(other)).isEmpty())
                .limit(ELSEWHERE)
                .forEach(other -> faults.add(new CraftFault(
                        "job-at-" + other + "-" + line.id(),
                        "job-elsewhere",
                        "setting " + jobs.id(),
                        any -> "The job of " + job.label() + " was given to port " + other
                                + ", and the wires lie on port " + p,
                        SerialOdds.JOB_ELSEWHERE,
                        any -> any.changing(jobs, was -> without(was, job))
                                .changing(UartSettings.jobsOf(other), was -> with(was, job)),
                        SerialFixes.job(craft, job, p, other))));
        turned(line, p);
        if (line.format() == Format.POLLED) {
            faults.told(
                    SerialSettings.oneWire(p),
                    "half-duplex-off-" + line.id(),
                    "half-duplex-wrong",
                    UartSettings.oneWire(p),
                    SerialOdds.HALF_DUPLEX,
                    was -> AsFormat.OFF,
                    "Half duplex of port " + p + " is off",
                    entered(
                            SerialSettings.oneWire(p),
                            UartSettings.oneWire(p),
                            craft,
                            line.format().label() + " goes both ways over one wire: half duplex of port " + p
                                    + " on, or left to the format."));
        }
        if (line.format().bauds().size() > 1 && line.format() != Format.CRSF) {
            for (int wrong : otherRates(soundBaud(line, p), line.format())) {
                faults.told(
                        SerialSettings.baud(p),
                        "rate-" + wrong + "-" + line.id(),
                        "rate-wrong",
                        UartSettings.baud(p),
                        SerialOdds.RATE.times(0.5),
                        was -> wrong,
                        "Port " + p + " is set to " + wrong + " baud, and the " + line.label() + " speaks at "
                                + soundBaud(line, p),
                        entered(
                                SerialSettings.baud(p),
                                UartSettings.baud(p),
                                craft,
                                "Set port " + p + " to " + soundBaud(line, p) + " baud."));
            }
            List<Integer> comesAs = line.format().bauds().stream()
                    .filter(rate -> rate != soundBaud(line, p))
                    .toList();
            for (int wrong : comesAs) {
                faults.told(
                        SerialSettings.partBaud(job),
                        "part-rate-" + wrong + "-" + line.id(),
                        "part-rate-wrong",
                        SpokenSettings.baud(job),
                        SerialOdds.RATE.times(1.0 / comesAs.size()),
                        was -> wrong,
                        "The " + line.label() + " speaks at " + wrong + " baud, and port " + p + " is set to "
                                + soundBaud(line, p),
                        elsewhere(
                                SerialSettings.partBaud(job),
                                SpokenSettings.baud(job),
                                craft,
                                "Set the " + line.label() + " to " + soundBaud(line, p) + " baud",
                                6,
                                "With its own tool, or through the board if that passes the port through: "
                                        + soundBaud(line, p) + " baud.",
                                "Take its power and give it back, and read the rate again: some keep it only when told to."));
            }
        }
        if (lines.board().isSoft(p)) {
            faults.told(
                    SerialSettings.SOFT_BUILT,
                    "soft-not-built",
                    "soft-serial-missing",
                    FirmwareSettings.SOFT_BUILT,
                    SerialOdds.SOFT_MISSING,
                    was -> false,
                    "This version has no soft serial on that pin",
                    elsewhere(
                            SerialSettings.SOFT_BUILT,
                            FirmwareSettings.SOFT_BUILT,
                            craft,
                            "Flash a version that has soft serial on that pin",
                            25,
                            "Save all settings as text, and note target and version.",
                            "Or move the " + line.label() + " to a port of the chip.",
                            SettingTrouble.SAVE));
            faults.told(
                    SerialSettings.SOFT,
                    "soft-off",
                    "soft-serial-off",
                    UartSettings.SOFT,
                    SerialOdds.SOFT,
                    was -> false,
                    "Soft serial is off",
                    entered(
                            SerialSettings.SOFT,
                            UartSettings.SOFT,
                            craft,
                            "Switch soft serial on; the port appears after the restart."));
        }
    }

    private void turned(CraftLine line, String port) {
        List<SerialPad> used = lines.pads(line);
        boolean wants = line.format().inverted();
        if (used.stream().anyMatch(pad -> pad.inverter() == Inverter.CHIP || pad.inverter() == Inverter.SOFTWARE)
                && !lines.board().isSoft(port)) {
            faults.told(
                    SerialSettings.inversion(port),
                    "inversion-" + line.id(),
                    "inversion-wrong",
                    UartSettings.inversion(port),
                    SerialOdds.INVERSION,
                    was -> wants ? AsFormat.OFF : AsFormat.ON,
                    "Inversion of port " + port + " is " + (wants ? "off" : "on") + ", and "
                            + line.format().label() + " idles " + (wants ? "low" : "high"),
                    entered(
                            SerialSettings.inversion(port),
                            UartSettings.inversion(port),
                            craft,
                            line.format().label() + " idles " + (wants ? "low: inversion on" : "high: inversion off")
                                    + ", or left to the format."));
        }
        used.stream()
                .filter(pad -> pad.inverter() == Inverter.JUMPER)
                .findFirst()
                .ifPresent(pad -> {
                    String address = lines.boardPart().address(pad.name());
                    faults.harmed(
                            "jumper-" + line.id(),
                            "jumper-wrong",
                            "serial jumper " + address,
                            SerialOdds.JUMPER,
                            "The jumper of pad " + pad.name() + " is bridged for " + (wants ? "a plain" : "an inverted")
                                    + " line",
                            e -> e.with(new Defect.OtherJumper(address)),
                            SerialFixes.harm(
                                    "jumper " + address,
                                    "Bridge the jumper of pad " + pad.name() + " for "
                                            + (wants ? "an inverted" : "a plain") + " line",
                                    "jumper of pad " + pad.name(),
                                    wants ? "plain" : "inverted",
                                    wants ? "inverted" : "plain",
                                    8,
                                    Defect.OtherJumper.slot(address),
                                    "Wick the bridge off and set it across the other pair of its three spots."));
                });
    }

    private void format(CraftLine line) {
        UartFunction job = line.job();
        for (Format other : job.formats()) {
            if (other != line.format()) {
                faults.told(
                        SerialSettings.format(job),
                        "format-" + other.id() + "-" + line.id(),
                        "format-wrong",
                        UartSettings.format(job),
                        SerialOdds.FORMAT.times(0.5),
                        was -> other,
                        "The board was told that the " + line.label() + " speaks " + other.label() + ", and it speaks "
                                + line.format().label(),
                        entered(
                                SerialSettings.format(job),
                                UartSettings.format(job),
                                craft,
                                "Choose " + line.format().label() + " as the format of the " + job.label() + "."));
            }
        }
        List<Format> others = new ArrayList<>(line.spoken().formats());
        if (job == UartFunction.RECEIVER && others.size() > 1) {
            others.add(Format.PPM);
        }
        others.remove(line.format());
        for (Format other : others) {
            faults.told(
                    SerialSettings.partFormat(job),
                    "speaks-" + other.id() + "-" + line.id(),
                    "part-speaks-otherwise",
                    SpokenSettings.format(job),
                    SerialOdds.PART_FORMAT.times(1.0 / others.size()),
                    was -> Optional.of(other),
                    "The " + line.label() + " was set to speak " + other.label() + " instead of "
                            + line.format().label(),
                    elsewhere(
                            SerialSettings.partFormat(job),
                            SpokenSettings.format(job),
                            craft,
                            "Set the " + line.label() + " to " + line.format().label(),
                            5,
                            job == UartFunction.RECEIVER
                                    ? "In the radio's bind settings choose an output with "
                                            + line.format().label() + ", and bind again if it asks for that."
                                    : "With its own tool choose "
                                            + line.format().label()
                                            + ". A copy of a module may lack it: then tell the board what it does speak.",
                            "Read it back."));
        }
    }

    private void part(CraftLine line) {
        if (line.job() == UartFunction.GNSS) {
            overloading(line)
                    .ifPresent(hz -> faults.told(
                            SerialSettings.GNSS_HZ,
                            "gnss-hz-" + line.id(),
                            "gnss-rate-too-high",
                            SpokenSettings.GNSS_HZ,
                            SerialOdds.GNSS_HZ,
                            was -> hz,
                            "The " + line.label() + " is set to " + hz
                                    + " positions a second, more than its line carries",
                            elsewhere(
                                    SerialSettings.GNSS_HZ,
                                    SpokenSettings.GNSS_HZ,
                                    craft,
                                    "Set the " + line.label() + " to "
                                            + craft.told().said(SpokenSettings.GNSS_HZ),
                                    6,
                                    "With its own tool, or through the FC if that passes the UART through.",
                                    "Or raise the rate at both ends.",
                                    SettingTrouble.SAVE)));
            noSky(
                    line,
                    Why.FACE_DOWN,
                    SerialOdds.FACE_DOWN,
                    " lies face down",
                    "Turn the " + line.label() + " round: its ceramic face to the sky",
                    8);
            if (craft.electrics().sheet().parts().stream().anyMatch(part -> part.archetype().inner().stream()
                    .anyMatch(one -> one instanceof InnerCircuit.Spoken s && s.job() == UartFunction.VIDEO_CONTROL))) {
                noSky(
                        line,
                        Why.BESIDE_TRANSMITTER,
                        SerialOdds.BESIDE_TRANSMITTER,
                        " lies beside the video transmitter",
                        "Move the " + line.label() + " away from the video transmitter, on top",
                        15);
            }
            noSky(
                    line,
                    Why.NO_TIME_YET,
                    SerialOdds.NO_TIME_YET,
                    " had no time for its first fix",
                    "Leave it outdoors, powered and still, for five minutes",
                    6);
        }
    }

    /** The lowest usual number of positions a second that its line does not carry. Common practice, no source. */
    private Optional<Integer> overloading(CraftLine line) {
        JoinedPart joined = lines.joined(line, craft, false);
        return Stream.of(5, 10, 25)
                .filter(hz -> hz > craft.told(SpokenSettings.GNSS_HZ)
                        && GnssLoad.of(joined, hz).share() > 1)
                .findFirst();
    }

    private void noSky(CraftLine line, Why why, Odds odds, String words, String title, double minutes) {
        String part = line.part().id();
        String name = why.name().toLowerCase(Locale.ROOT).replace('_', '-');
        faults.harmed(
                "sky-" + name + "-" + part,
                "no-sky",
                "serial sky " + part,
                odds,
                "The " + line.label() + words,
                e -> e.with(new Defect.NoSky(part, why)),
                SerialFixes.sky(name + " " + part, title, line.label(), minutes, part, why));
    }

    /** Sides of ports that are dead in the chip. */
    private void pads() {
        Set<String> done = new HashSet<>();
        for (CraftLine line : lines.joined()) {
            for (End end : line.needed().stream()
                    .filter(one -> done.add(one.boardPad()))
                    .toList()) {
                faults.harmed(
                        "dead-pad-" + plain(end.boardPad()),
                        "port-pad-dead",
                        "serial pad " + end.boardPad(),
                        SerialOdds.PORT_PAD_DEAD,
                        "The chip behind pad " + end.printed() + " is dead",
                        e -> e.with(new Defect.DeadPortPad(end.boardPad())),
                        SerialFixes.otherPort(craft, lines, line, end));
            }
        }
    }

    private int soundBaud(CraftLine line, String port) {
        int told = craft.told(UartSettings.baud(port));
        return told > 0 ? told : line.format().bauds().get(0);
    }

    /** The usual rates next to the right one. */
    static List<Integer> otherRates(int right, Format format) {
        List<Integer> sorted = format.bauds().stream().sorted().toList();
        List<Integer> near = new ArrayList<>();
        sorted.stream().filter(rate -> rate < right).reduce((a, b) -> b).ifPresent(near::add);
        sorted.stream().filter(rate -> rate > right).findFirst().ifPresent(near::add);
        return near;
    }

    private static List<UartFunction> without(List<UartFunction> jobs, UartFunction job) {
        return jobs.stream().filter(other -> other != job).toList();
    }

    private static List<UartFunction> with(List<UartFunction> jobs, UartFunction job) {
        return Stream.concat(jobs.stream(), Stream.of(job)).distinct().sorted().toList();
    }

    private String label(String address) {
        return craft.electrics().wiring().label(craft.electrics().wiring().node(address));
    }

    /** A name without the marks that paths and files part by. */
    private static String plain(String address) {
        return address.replace('.', '_').replace("+", "p");
    }
}
