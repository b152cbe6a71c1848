package ablemedic.serial;

import ablemedic.craft.Craft;
import ablemedic.craft.UartSettings;
import ablemedic.diagnosis.Fix;
import ablemedic.diagnosis.Fix.Value;
import ablemedic.family.SettingTrouble;
import ablemedic.uart.CraftLine;
import ablemedic.uart.CraftLine.End;
import ablemedic.uart.CraftLines;
import ablemedic.uart.JoinedPart;
import ablemedic.wiring.Defect;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.SerialPad;
import ablemedic.wiring.UartFunction;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.stream.Stream;

/** The ways to put the wires and ports of a craft right, in its own labels. */
final class SerialFixes {
    private static final String PACK_OUT = "Pack out, computer out.";
    private static final String ROUTINE = "Then the pre-power routine, before the pack goes in again.";

    private SerialFixes() {}

    /** Wires that lie on other pads than they should. */
    static BiFunction<Craft, Craft, List<Fix<Craft>>> wires(
            String title, String what, String before, String after, List<Defect.Slot> moved) {
        return (sound, faulty) -> List.of(new Fix<>(
                "move",
                title,
                title,
                List.of(
                        PACK_OUT,
                        title + ". Fine tip, little solder, no strand across two pads.",
                        "Each part's TX goes to the board's RX and the reverse; a line of one wire goes to the board's TX.",
                        ROUTINE),
                List.of(new Value(what, before, after)),
                8,
                craft -> {
                    Electrics e = craft.electrics();
                    for (Defect.Slot slot : moved) {
                        e = e.without(slot);
                    }
                    return craft.withElectrics(e);
                }));
    }

    /** One harm that a hand puts right. */
    static BiFunction<Craft, Craft, List<Fix<Craft>>> harm(
            String remedy,
            String title,
            String what,
            String before,
            String after,
            double minutes,
            Defect.Slot slot,
            String how) {
        return (sound, faulty) -> List.of(new Fix<>(
                "put-right",
                remedy,
                title,
                List.of(title + ".", how),
                List.of(new Value(what, before, after)),
                minutes,
                craft -> craft.withElectrics(craft.electrics().without(slot))));
    }

    /** What hides the sky from a module; each cause has a remedy of its own, which does nothing for the others. */
    static BiFunction<Craft, Craft, List<Fix<Craft>>> sky(
            String remedy, String title, String module, double minutes, String part, Defect.NoSky.Why why) {
        return (sound, faulty) -> List.of(new Fix<>(
                "put-right",
                "sky " + remedy,
                title,
                List.of(title + ".", "It faces the sky, away from the video transmitter and from carbon over it."),
                List.of(new Value("sky over the " + module, "hidden", "free")),
                minutes,
                craft -> craft.electrics().noSky(part).filter(why::equals).isPresent()
                        ? craft.withElectrics(craft.electrics().without(Defect.NoSky.slot(part)))
                        : craft));
    }

    /** A job that was given to another port than the wires lie on. */
    static BiFunction<Craft, Craft, List<Fix<Craft>>> job(Craft sound, UartFunction job, String right, String wrong) {
        List<UartFunction> jobs = sound.told(UartSettings.jobsOf(right));
        List<UartFunction> others = sound.told(UartSettings.jobsOf(wrong));
        return (any, faulty) -> List.of(new Fix<>(
                "set",
                "job of " + job.label() + " at port " + right,
                "Give the job of " + job.label() + " to port " + right,
                List.of(
                        "On the board's page of ports: take " + job.label() + " from port " + wrong
                                + ", give it to port " + right + ". That is quicker than the iron.",
                        SettingTrouble.SAVE),
                List.of(new Value("job of " + job.label(), "port " + wrong, "port " + right)),
                3,
                craft -> craft.with(UartSettings.jobsOf(right), jobs).with(UartSettings.jobsOf(wrong), others)));
    }

    /** A line that cannot work as it is joined: what the rules say, and a port of this board that would do. */
    static BiFunction<Craft, Craft, List<Fix<Craft>>> asBuilt(
            CraftLines lines, CraftLine line, List<JoinedPart.Judged> wrong) {
        List<String> taken = takenBesides(lines, line);
        List<String> planned = UartPlanner.elsewhere(lines.board(), line.wish(line.format()), taken, "");
        List<String> steps = new ArrayList<>(List.of(PACK_OUT));
        wrong.forEach(found -> steps.add(found.text() + " " + found.remedy()));
        steps.addAll(planned);
        steps.add("Enter on the sheet where the leads lie then; the map judges it anew.");
        steps.add(ROUTINE);
        return (sound, faulty) -> List.of(new Fix<>(
                "rejoin",
                "sound line " + line.id(),
                wrong.get(0).remedy(),
                steps,
                List.of(new Value(line.label(), "cannot work as joined", "joined so that it can")),
                15,
                craft -> craft.withElectrics(craft.electrics().without(Defect.CannotWork.slot(line.id())))));
    }

    /** What is joined and set to have a line at another port than its own; empty where none is free that speaks it. */
    static List<String> elsewhere(CraftLines lines, CraftLine line) {
        return UartPlanner.elsewhere(
                lines.board(),
                line.wish(line.format()),
                takenBesides(lines, line),
                lines.portOf(line).orElse(""));
    }

    private static List<String> takenBesides(CraftLines lines, CraftLine line) {
        return lines.joined().stream()
                .filter(other -> !other.equals(line))
                .flatMap(other -> lines.pads(other).stream())
                .map(SerialPad::port)
                .distinct()
                .toList();
    }

    /**
     * A side of a port that is dead: the line goes to another port that speaks its format, or the board is replaced.
     */
    static BiFunction<Craft, Craft, List<Fix<Craft>>> otherPort(
            Craft sound, CraftLines lines, CraftLine line, End end) {
        List<String> how = elsewhere(lines, line);
        return (any, faulty) -> List.of(new Fix<>(
                "other-port",
                "sound port for " + line.id(),
                how.isEmpty()
                        ? "Replace the flight board: no other port speaks "
                                + line.format().label()
                        : "Move the " + line.label() + " to another port",
                how.isEmpty()
                        ? List.of(
                                PACK_OUT,
                                "Every other port is taken or cannot hear "
                                        + line.format().label() + ".",
                                ROUTINE)
                        : Stream.of(List.of(PACK_OUT), how, List.of(ROUTINE))
                                .flatMap(List::stream)
                                .toList(),
                List.of(new Value("pad " + end.boardPad(), "dead", how.isEmpty() ? "sound" : "left unused")),
                how.isEmpty() ? 60 : 15,
                craft -> craft.withElectrics(craft.electrics().without(Defect.DeadPortPad.slot(end.boardPad())))));
    }
}
