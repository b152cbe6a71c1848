package ablemedic.power;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Gaussian;
import ablemedic.family.CheckBuilder;
import ablemedic.family.CheckList;
import ablemedic.family.Observer;
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
import java.util.function.Predicate;
import java.util.stream.Collectors;

/** The checks of power that are not a probe on two points. */
final class PowerChecks {
    /** First power through the current limiter. */
    static final String LIMITER = "first-power";
    /** Whether every part comes on. */
    static final String ALL_ON = "parts-on";

    static final String ALL_STEADY = "parts-steady";
    static final String SHOWN_FULL = "shown-full";
    static final String SHOWN_LOW = "shown-low";
    static final String SHOWN_CELLS = "shown-cells";
    static final String SHOWN_CURRENT = "shown-current";
    static final String NONE = "none";

    private static final String MORE_CELLS = "more";
    private static final int MOST_CELLS = 8;
    private static final double LIMITER_BRIGHT_OHMS = 8;
    /** How far what a part draws is known from its type. From memory. */
    private static final double DRAW_SHARE = 0.3;

    /** Wiring and its defects, however the FC is configured. */
    static final Facet<Craft, Electrics> WIRED = Facet.of("wired", Craft::electrics);

    private final Craft craft;
    private final Electrics sound;
    private final Meter meter;
    private final CheckList checks = new CheckList();

    private PowerChecks(Craft craft, Meter meter) {
        this.craft = craft;
        this.sound = craft.electrics();
        this.meter = meter;
    }

    /** @param craft a sound one */
    static List<Check<Craft>> of(Craft craft, Meter meter) {
        PowerChecks all = new PowerChecks(craft, meter);
        all.parts();
        all.battery();
        all.voltageSettings();
        all.currentSettings();
        all.powered();
        all.draws();
        all.screen();
        return all.checks.all();
    }

    private CheckBuilder ask(String entry) {
        return checks.ask(Power.WORDS.check(entry));
    }

    /** One that reads a setting of the FC. */
    private CheckBuilder set(String entry) {
        return ask(entry).needs(BenchNeeds.COMPUTER);
    }

    /** Whether a part draws anything of note. */
    static boolean draws(Electrics electrics, Part part) {
        return part.archetype().load().isPresent();
    }

    private void parts() {
        for (Part part : sound.sheet().parts()) {
            if (part.archetype().kind() != Archetype.Kind.PLUG) {
                ask("look-at-part")
                        .id("look-" + part.id())
                        .at(part)
                        .shows(WIRED, (asked, electrics) -> PartLook.outlook(asked, electrics, part.id()))
                        .needs(BenchNeeds.BATTERY_OUT)
                        .minutes(0.7)
                        .add();
            }
        }
    }

    private void battery() {
        double own = sound.sheet().battery().ohms();
        ask("pack-resistance")
                .with("milliohms", Param.whole(Math.round(own * 1000), "mΩ"))
                .shows(
                        words -> new Scale(words.line("measure").plain(), "ohm", 0, 2),
                        scale -> from(
                                Facet.of("battery-resistance", (Craft c) -> c.electrics()
                                        .batteryOhmsTimes()),
                                times -> new Gaussian(scale, own * times, 0.2 * own + 0.003, Observer.READS.slips())))
                .needs(BenchNeeds.BATTERY_OUT)
                .minutes(1.5)
                .add();
        ask("pack-cells")
                .shows(
                        Facet.of("weak-cell", (Craft c) -> c.electrics().weakCellV()),
                        weak -> weak > 0.2 ? "one-low" : "alike",
                        Observer.LOOKS_CLOSELY)
                .needs(BenchNeeds.BATTERY_OUT)
                .minutes(1.5)
                .risk(0.05)
                .add();
        int cells = sound.sheet().battery().cells();
        ask("count-cells")
                .with("cells", Param.whole(cells, ""))
                .shows(
                        PowerChecks::cellCount,
                        asked -> from(
                                Facet.of("cells-too-many", (Craft c) -> c.electrics()
                                        .cellsMore()),
                                more -> counted(asked, cells + more)))
                .minutes(0.2)
                .add();
    }

    private static Choices cellCount(Words words) {
        Words names = Power.WORDS.name("cell-count");
        return Choices.of(words.line("ask"), CheckBuilder.named(names, names.outcomes()));
    }

    private static Distribution counted(Choices asked, int cells) {
        String id = cells > MOST_CELLS ? MORE_CELLS : String.valueOf(Math.max(0, cells));
        return Categorical.expecting(asked, id, Observer.READS.slips());
    }

    private void voltageSettings() {
        if (sound.wiring().divider().isEmpty()) {
            return;
        }
        set("source-setting").kind("read-voltage-source").minutes(0.5).reads(PowerSettings.SOURCE);
        double right = craft.setting(FcSettings.VOLTAGE_SCALE);
        CheckBuilder scale = set("scale-setting")
                .kind("read-voltage-scale")
                .with("right", Param.number(right, ""))
                .minutes(0.5);
        Scale form = new Scale(scale.measured(), "", 0, 1000, 1, List.of());
        scale.reads(
                PowerSettings.SCALE, right, form, set -> new Gaussian(form, set, 0.01 * right, Observer.READS.slips()));
        Choices cells = cellCount(Power.WORDS.check("cells-setting"));
        set("cells-setting")
                .kind("read-cell-count")
                .minutes(0.5)
                .reads(PowerSettings.CELLS, craft.setting(FcSettings.CELLS), cells, set -> counted(cells, set));
    }

    private void currentSettings() {
        if (sound.wiring().all(InnerCircuit.CurrentSensor.class).isEmpty()) {
            return;
        }
        set("current-setting").kind("read-current-settings").minutes(0.5).reads(PowerSettings.CURRENT);
        CheckBuilder scale =
                set("current-scale-setting").kind("read-current-settings").minutes(0.8);
        Scale form = new Scale(scale.measured(), "", 0, 100, 0.3, List.of());
        scale.reads(
                PowerSettings.CURRENT_SCALE,
                craft.setting(FcSettings.CURRENT_SCALE),
                form,
                set -> new Gaussian(form, set, 0.03, Observer.READS.slips()));
    }

    private void powered() {
        List<Part> fromUsb = sound.sheet().parts().stream()
                .filter(part -> UsbPower.feeds(sound, part))
                .toList();
        if (!fromUsb.isEmpty()) {
            ask("parts-on-usb")
                    .with(
                            "parts",
                            Param.written(fromUsb.stream().map(Part::label).collect(Collectors.joining(", "))))
                    .shows(
                            words -> which(words, sound, UsbPower::feeds),
                            asked -> from(WIRED, e -> dark(asked, e, part -> UsbPower.works(e, part))))
                    .needs(BenchNeeds.COMPUTER)
                    .minutes(0.6)
                    .risk(0.05)
                    .add();
        }
        ask(LIMITER)
                .shows(WIRED, PowerChecks::bulb, Observer.READS)
                .needs(BenchNeeds.POWERED_THROUGH_LIMITER)
                .minutes(1)
                .risk(0.4)
                .add();
        allWork(ALL_ON, 0.7, 0.2);
        allWork(ALL_STEADY, 3.5, 0.25);
    }

    private void allWork(String entry, double minutes, double risk) {
        ask(entry)
                .shows(
                        words -> which(words, sound, PowerChecks::draws),
                        asked -> from(WIRED, e -> dark(asked, e, Powered.onBench(e)::works)))
                .needs(BenchNeeds.POWERED)
                .minutes(minutes)
                .risk(risk)
                .add();
    }

    private void draws() {
        for (At<InnerCircuit.Load> load : sound.wiring().all(InnerCircuit.Load.class)) {
            if (load.of().hasPoorSort()) {
                double own = Powered.draw(load);
                ask("draw-of-part")
                        .id("draw-" + load.part().id())
                        .at(load.part())
                        .with("typical", Param.number(own, "A"))
                        .shows(
                                words -> new Scale(words.line("measure").plain(), "A", 0, 5),
                                amps -> from(
                                        WIRED,
                                        e -> new Gaussian(
                                                amps,
                                                drawn(e, load),
                                                DRAW_SHARE * own + 0.004,
                                                Observer.READS.slips())))
                        .needs(BenchNeeds.POWERED)
                        .minutes(3)
                        .risk(0.3)
                        .add();
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
        boolean crossed = electrics.isAnySupplyExchanged();
        BatteryOut craft = BatteryOut.of(electrics, Meter.USUAL);
        return crossed || craft.ohms(plug[0], plug[1]) < LIMITER_BRIGHT_OHMS
                ? "bright"
                : craft.over(plug[0], plug[1]) ? "dark" : "glows-dark";
    }

    /** A question for the part that stays dark, with "none" first. */
    static Choices which(Words words, Electrics sound, BiPredicate<Electrics, Part> asked) {
        Words names = Power.WORDS.name("which-part");
        List<Outcome> outcomes = new ArrayList<>(CheckBuilder.named(names, List.of(NONE)));
        for (Part part : sound.sheet().parts()) {
            if (asked.test(sound, part)) {
                outcomes.add(new Outcome(
                        part.id(),
                        names.with("part", Param.part(part.id(), part.label())).outcome("part")));
            }
        }
        outcomes.addAll(CheckBuilder.named(names, List.of("all")));
        return Choices.of(words.line("ask"), outcomes);
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
        Arrays.fill(p, Observer.READS.slips() / p.length);
        for (int i : dark) {
            p[i] += (1 - Observer.READS.slips()) / dark.size();
        }
        return Categorical.of(answers, p);
    }

    private void screen() {
        if (sound.wiring().divider().isPresent()) {
            checks.add(new ShownVoltage(SHOWN_FULL, 0.95, meter));
            checks.add(new ShownVoltage(SHOWN_LOW, 0.25, meter));
            ask(SHOWN_CELLS)
                    .shows(
                            PowerChecks::cellCount,
                            asked -> from(
                                    SenseChain.SENSED,
                                    s -> counted(
                                            asked,
                                            s.at(s.electrics().sheet().battery().restingV(0.95))
                                                    .cells())))
                    .needs(BenchNeeds.POWERED)
                    .minutes(0.5)
                    .risk(0.15)
                    .add();
        }
        if (!sound.wiring().all(InnerCircuit.CurrentSensor.class).isEmpty()) {
            checks.add(new ShownCurrent(SHOWN_CURRENT));
            checks.add(new CountedCharge("counted-charge"));
        }
    }
}
