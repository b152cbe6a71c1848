package ablemedic.power;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.diagnosis.Answers;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Gaussian;
import ablemedic.diagnosis.Prediction;
import ablemedic.family.CraftCheck;
import ablemedic.family.Place;
import ablemedic.physics.BatteryOut;
import ablemedic.physics.Powered;
import ablemedic.physics.UsbPower;
import ablemedic.reading.Meter;
import ablemedic.wiring.Archetype;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.InnerCircuit;
import ablemedic.wiring.Part;
import ablemedic.wiring.Wiring.At;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.BiPredicate;
import java.util.function.Function;
import java.util.function.Predicate;

/** The checks of power that are not a probe on two points. Observers' error rates are common practice. */
final class PowerChecks {
    /** First power through the limiter. */
    static final String LIMITER = "first-power";
    /** Whether every part comes on. */
    static final String ALL_ON = "parts-on";

    static final String ALL_STEADY = "parts-steady";
    static final String SHOWN_FULL = "shown-full";
    static final String SHOWN_LOW = "shown-low";
    static final String SHOWN_CELLS = "shown-cells";
    static final String SHOWN_CURRENT = "shown-current";
    static final String NONE = "none";

    private static final String IN_POWER_SETTINGS = "In the board's power settings.";
    private static final double MISREAD = 0.05;
    private static final double LIMITER_BRIGHT_OHMS = 8;
    /** How far what a part draws is known from its sort. From memory. */
    private static final double DRAW_SHARE = 0.3;

    /** Wiring and its harm, whatever was told. */
    static final Facet<Craft, Electrics> WIRED = Facet.of("wiring and its harm", Craft::electrics);

    private final Craft craft;
    private final Electrics sound;
    private final Meter meter;
    private final List<Check<Craft>> checks = new ArrayList<>();

    private PowerChecks(Craft craft, Meter meter) {
        this.craft = craft;
        this.sound = craft.electrics();
        this.meter = meter;
    }

    private static <V> Facet<Craft, V> pack(String name, Function<Electrics, V> reading) {
        return Facet.of(name, c -> reading.apply(c.electrics()));
    }

    /** @param craft a sound one */
    static List<Check<Craft>> of(Craft craft, Meter meter) {
        PowerChecks all = new PowerChecks(craft, meter);
        all.byEye();
        all.byPack();
        all.bySettings();
        all.byPower();
        all.byScreen();
        return List.copyOf(all.checks);
    }

    private void byEye() {
        for (Part part : sound.sheet().parts()) {
            if (part.archetype().kind() == Archetype.Kind.PLUG) {
                continue;
            }
            Choices answers = Choices.of(
                    "What is to be seen?",
                    Arrays.stream(PartLook.Sign.values())
                            .map(s -> new Outcome(s.id(), s.label()))
                            .toList());
            add(
                    "look-" + part.id(),
                    "look-at-part",
                    "Look closely at the " + part.label(),
                    "Good light, a lens. The " + part.label()
                            + " from both sides: joints dull, cracked or lifted, a lead off, a "
                            + "solder bridge or a strand across two pads, brown or burst parts, plus and minus where the sheet has them.",
                    answers,
                    from(WIRED, e -> PartLook.outlook(answers, e, part.id())),
                    0.7,
                    0,
                    BenchNeeds.PACK_OUT,
                    new Place.OnePart(part.id()));
        }
    }

    private void byPack() {
        Scale milli = new Scale("resistance of the whole pack", "ohm", 0, 2);
        double own = sound.sheet().pack().ohms();
        add(
                "pack-resistance",
                "pack-resistance",
                "Read the pack's resistance on the charger",
                "Let the charger measure, and add up its cells; or (volts at rest − volts under load) / amperes. A sound one of this "
                        + "kind has about " + Math.round(own * 1000) + " milliohms.",
                milli,
                from(
                        pack("resistance of the pack", Electrics::packOhmsTimes),
                        times -> new Gaussian(milli, own * times, 0.2 * own + 0.003, MISREAD)),
                1.5,
                0,
                BenchNeeds.PACK_OUT);
        Choices cells = Choices.of(
                "How do the cells stand, under a load or right after the flight?",
                List.of(new Outcome("alike", "all within 0.1 V"), new Outcome("one-low", "one well below the others")));
        add(
                "pack-cells",
                "pack-cells",
                "Compare the cells of the pack at the balance lead",
                "Each cell at the balance plug, with a load on the pack or within a minute after it.",
                cells,
                from(
                        pack("weak cell", Electrics::weakCellV),
                        weak -> Categorical.expecting(cells, weak > 0.2 ? "one-low" : "alike", 0.06)),
                1.5,
                0.05,
                BenchNeeds.PACK_OUT);
        Choices count = count();
        add(
                "count-cells",
                "count-cells",
                "Count the cells of the pack that is used",
                "The label, or the wires of the balance plug less one. The sheet says "
                        + sound.sheet().pack().cells() + ".",
                count,
                from(
                        pack("cells too many", Electrics::cellsMore),
                        more -> Categorical.expecting(
                                count, cell(sound.sheet().pack().cells() + more), MISREAD)),
                0.2,
                0,
                BenchNeeds.NOTHING);
    }

    private static Choices count() {
        List<Outcome> outcomes = new ArrayList<>();
        outcomes.add(new Outcome("0", "guess, or none"));
        for (int n = 1; n <= 8; n++) {
            outcomes.add(new Outcome(String.valueOf(n), n + (n == 1 ? " cell" : " cells")));
        }
        outcomes.add(new Outcome("more", "more"));
        return Choices.of("How many?", outcomes);
    }

    private static String cell(int n) {
        return n > 8 ? "more" : String.valueOf(Math.max(0, n));
    }

    private void bySettings() {
        if (sound.wiring().divider().isPresent()) {
            checks.add(PowerFixes.SOURCE.read(
                    "source-setting",
                    "read-voltage-source",
                    "Read where the board takes the voltage from",
                    IN_POWER_SETTINGS,
                    0.5));
            double right = craft.told(FcSettings.VOLTAGE_SCALE);
            Scale scale = new Scale("voltage scale", "", 0, 1000, 1, List.of());
            checks.add(PowerFixes.SCALE.read(
                    "scale-setting",
                    "read-voltage-scale",
                    c -> "Read the voltage scale that is set",
                    c -> "In the board's power settings, as pad voltage over converter voltage. The sheet says "
                            + PowerFaults.number(right) + ".",
                    scale,
                    right,
                    told -> new Gaussian(scale, told, 0.01 * right, MISREAD),
                    0.5));
            Choices cells = count();
            checks.add(PowerFixes.CELLS.read(
                    "cells-setting",
                    "read-cell-count",
                    c -> "Read the number of cells that is set",
                    c -> "In the board's power settings; 0 or automatic means that it guesses.",
                    cells,
                    craft.told(FcSettings.CELLS),
                    told -> Categorical.expecting(cells, cell(told), MISREAD),
                    0.5));
        }
        if (!sound.wiring().all(InnerCircuit.CurrentSensor.class).isEmpty()) {
            checks.add(PowerFixes.CURRENT.read(
                    "current-setting",
                    "read-current-settings",
                    "Read whether the board reads its current sensor",
                    IN_POWER_SETTINGS,
                    0.5));
            Scale scale =
                    new Scale("current scale over that which is right for the sensor", "", 0, 100, 0.3, List.of());
            checks.add(PowerFixes.CURRENT_SCALE.read(
                    "current-scale-setting",
                    "read-current-settings",
                    c -> "Compare the current scale that is set with the sensor's own",
                    c ->
                            "In the board's power settings; set over right, 1 when they agree. The sensor's own is in its booklet.",
                    scale,
                    craft.told(FcSettings.CURRENT_SCALE),
                    told -> new Gaussian(scale, told, 0.03, MISREAD),
                    0.8));
        }
    }

    private void byPower() {
        Choices usb = which("Which part stays dark?", sound, UsbPower::feeds);
        if (usb.questions().get(0).outcomes().size() > 2) {
            add(
                    "parts-on-usb",
                    "parts-on-usb",
                    "Plug in the computer: does a part stay dark?",
                    "Pack out. Only parts that are fed from the computer can come on: "
                            + String.join(
                                    ", ",
                                    sound.sheet().parts().stream()
                                            .filter(p -> UsbPower.feeds(sound, p))
                                            .map(Part::label)
                                            .toList())
                            + ".",
                    usb,
                    from(WIRED, e -> dark(usb, e, p -> UsbPower.works(e, p))),
                    0.6,
                    0.05,
                    BenchNeeds.COMPUTER);
        }
        Choices bulb = Choices.of(
                "What does the limiter do?",
                List.of(
                        new Outcome("glows-dark", "glows for a moment, then goes dark"),
                        new Outcome("bright", "stays bright, or trips"),
                        new Outcome("dark", "stays dark from the start")));
        add(
                LIMITER,
                "first-power",
                "First power through the limiter",
                "Limiter between pack and craft, hands off, watch and smell. A glow that dies is capacitors charging.",
                bulb,
                from(WIRED, e -> Categorical.expecting(bulb, bulb(e), MISREAD)),
                1,
                0.4,
                BenchNeeds.POWERED_THROUGH_LIMITER);
        Choices on = which(
                "Which part stays dark?", sound, (e, p) -> p.archetype().load().isPresent());
        add(
                ALL_ON,
                "parts-on",
                "Put the pack in: does a part stay dark?",
                "Their lights, their tones, a picture. Say which one stays dark.",
                on,
                from(WIRED, e -> dark(on, e, Powered.onBench(e)::works)),
                0.7,
                0.2,
                BenchNeeds.POWERED);
        Choices steady = which(
                "Which one gives way?", sound, (e, p) -> p.archetype().load().isPresent());
        add(
                ALL_STEADY,
                "parts-steady",
                "Run everything for three minutes: does any part give way?",
                "Antenna on, video at its lowest power, lights on, motors stopped. Cool air over the video transmitter.",
                steady,
                from(WIRED, e -> dark(steady, e, Powered.onBench(e)::works)),
                3.5,
                0.25,
                BenchNeeds.POWERED);
        for (At<InnerCircuit.Load> load : sound.wiring().all(InnerCircuit.Load.class)) {
            if (load.of().hasPoorSort()) {
                Scale amps = new Scale("current into the " + load.part().label(), "A", 0, 5);
                double own = Powered.draw(load);
                add(
                        "draw-" + load.part().id(),
                        "draw-of-part",
                        "Measure what the " + load.part().label() + " draws",
                        "Take the pack out, put a small ammeter in its supply lead so that nothing can touch, then put the pack in. "
                                + "The good sort draws about " + PowerFaults.number(own) + " A, and stays cool.",
                        amps,
                        from(WIRED, e -> new Gaussian(amps, drawn(e, load), DRAW_SHARE * own + 0.004, MISREAD)),
                        3,
                        0.3,
                        BenchNeeds.POWERED,
                        new Place.OnePart(load.part().id()));
            }
        }
    }

    private static double drawn(Electrics electrics, At<InnerCircuit.Load> load) {
        double volts =
                Math.max(0, Powered.onBench(electrics).supply(load.part()).orElse(0.0));
        return Powered.draw(load)
                * electrics.drawTimes(load.part().id())
                * volts
                / load.of().volts();
    }

    static String bulb(Electrics electrics) {
        int[] plug = electrics.wiring().plug().orElse(null);
        if (plug == null) {
            return "glows-dark";
        }
        boolean crossed = electrics.anyCrossed();
        BatteryOut craft = BatteryOut.of(electrics, Meter.USUAL);
        return crossed || craft.ohms(plug[0], plug[1]) < LIMITER_BRIGHT_OHMS
                ? "bright"
                : craft.over(plug[0], plug[1]) ? "dark" : "glows-dark";
    }

    /** A question for the part that stays dark, with "none" first. */
    static Choices which(String text, Electrics sound, BiPredicate<Electrics, Part> asked) {
        List<Outcome> outcomes = new ArrayList<>(List.of(new Outcome(NONE, "none, all come on and stay on")));
        for (Part part : sound.sheet().parts()) {
            if (asked.test(sound, part)) {
                outcomes.add(new Outcome(part.id(), "the " + part.label()));
            }
        }
        outcomes.add(new Outcome("all", "every one: nothing comes on"));
        return Choices.of(text, outcomes);
    }

    /** What is answered when some parts do not work; with several, any of them may be named. */
    static Distribution dark(Choices answers, Electrics electrics, Predicate<Part> works) {
        List<Outcome> outcomes = answers.questions().get(0).outcomes();
        List<Integer> dark = new ArrayList<>();
        for (int i = 1; i < outcomes.size() - 1; i++) {
            Part part = electrics.sheet().part(outcomes.get(i).id()).orElseThrow();
            if (!works.test(part)) {
                dark.add(i);
            }
        }
        if (dark.size() == outcomes.size() - 2 && dark.size() > 1) {
            dark = List.of(outcomes.size() - 1);
        } else if (dark.isEmpty()) {
            dark = List.of(0);
        }
        double[] p = new double[outcomes.size()];
        Arrays.fill(p, MISREAD / p.length);
        for (int i : dark) {
            p[i] += (1 - MISREAD) / dark.size();
        }
        return Categorical.of(answers, p);
    }

    private void byScreen() {
        if (sound.wiring().divider().isPresent()) {
            checks.add(new ShownVoltage(SHOWN_FULL, "with a charged pack", 0.95, meter));
            checks.add(new ShownVoltage(SHOWN_LOW, "with a pack that is well down", 0.25, meter));
            Choices cells = count();
            add(
                    SHOWN_CELLS,
                    "shown-cells",
                    "Read how many cells the board takes the pack to have",
                    "Right after plug-in, with a charged pack: on the screen or on the computer.",
                    cells,
                    from(
                            SenseChain.SENSED,
                            s -> Categorical.expecting(
                                    cells,
                                    cell(s.at(s.electrics().sheet().pack().restingV(0.95))
                                            .cells()),
                                    MISREAD)),
                    0.5,
                    0.15,
                    BenchNeeds.POWERED);
        }
        if (!sound.wiring().all(InnerCircuit.CurrentSensor.class).isEmpty()) {
            checks.add(new ShownCurrent(SHOWN_CURRENT));
            checks.add(new CountedCharge("counted-charge"));
        }
    }

    private void add(
            String id,
            String kind,
            String title,
            String instruction,
            Answers answers,
            Prediction<Craft, ?> prediction,
            double minutes,
            double risk,
            BenchNeeds needs) {
        add(id, kind, title, instruction, answers, prediction, minutes, risk, needs, Place.NOWHERE);
    }

    private void add(
            String id,
            String kind,
            String title,
            String instruction,
            Answers answers,
            Prediction<Craft, ?> prediction,
            double minutes,
            double risk,
            BenchNeeds needs,
            Place place) {
        checks.add(new CraftCheck(
                id, kind, c -> title, c -> instruction, answers, prediction, minutes, risk, needs, true, true, place));
    }
}
