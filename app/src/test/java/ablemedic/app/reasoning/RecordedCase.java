package ablemedic.app.reasoning;

import ablemedic.Families;
import ablemedic.app.chart.PartsController;
import ablemedic.app.entry.Entered;
import ablemedic.craft.Craft;
import ablemedic.craft.CraftClass;
import ablemedic.craft.FlightMode;
import ablemedic.craft.MotorNumbering;
import ablemedic.craft.Rotation;
import ablemedic.craft.SpinConvention;
import ablemedic.diagnosis.Assumptions;
import ablemedic.diagnosis.BenchState;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Case;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Fix;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Posterior;
import ablemedic.diagnosis.Sureness;
import ablemedic.parts.PartsLibrary;
import ablemedic.parts.WiringLayout;
import ablemedic.reading.Meter;
import ablemedic.wiring.BatteryType;
import ablemedic.wiring.Chemistry;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A case with what the engine said of it when it was recorded.
 *
 * @param craft the name of one of the crafts below
 * @param steps findings and repairs in their order
 * @param beliefs of the suspects worth naming, by their leading fault
 * @param plan the first checks, each with its bits
 */
record RecordedCase(
        String craft,
        Occasion occasion,
        List<Step> steps,
        Map<String, Double> beliefs,
        double notInBook,
        double nothingLeft,
        List<Planned> plan) {
    private static final double WORTH_NAMING = 2e-3;
    private static final int PLANNED = 8;

    /** A finding, or a repair of a fault by a fix. */
    record Step(
            @Nullable String check,
            @Nullable Map<String, String> outcomes,
            @Nullable Double value,
            @Nullable String fault,
            @Nullable String fix) {}

    record Planned(String check, double bits, double minutes) {}

    private static final Map<String, Diagnosis<Craft>> REASONING = new HashMap<>();

    static final List<String> CRAFTS = List.of("bare", "stack", "separate", "plus", "large");

    static Craft craft(String name) {
        return switch (name) {
            case "stack" ->
                wired(
                        CraftClass.INCH_5,
                        WiringLayout.STACK,
                        4,
                        "receiver",
                        "camera",
                        "video",
                        "lights",
                        "capacitor-470");
            case "separate" ->
                wired(
                        CraftClass.INCH_7,
                        WiringLayout.SEPARATE,
                        4,
                        "receiver",
                        "gnss",
                        "video",
                        "camera",
                        "capacitor-1000");
            case "plus" ->
                wired(
                        CraftClass.INCH_5_PLUS,
                        WiringLayout.SEPARATE,
                        4,
                        "receiver-one-way",
                        "display",
                        "video",
                        "camera");
            case "large" ->
                wired(CraftClass.INCH_10, WiringLayout.SEPARATE, 6, "receiver", "gnss", "modem", "video", "camera");
            default ->
                CraftClass.sound(
                        CraftClass.INCH_5.airframe(),
                        SpinConvention.OUTWARD,
                        MotorNumbering.FRONT_RIGHT_FIRST,
                        Rotation.NONE,
                        FlightMode.RATE);
        };
    }

    private static Craft wired(CraftClass sort, WiringLayout layout, int cells, String... parts) {
        return PartsController.wired(
                CraftClass.sound(
                        sort.airframe(),
                        SpinConvention.INWARD,
                        MotorNumbering.REAR_RIGHT_FIRST,
                        Rotation.NONE,
                        FlightMode.LEVEL),
                layout,
                new BatteryType(cells, Chemistry.LIPO, 1500, 4),
                List.of(parts),
                id -> PartsLibrary.find(id).orElseThrow());
    }

    static Diagnosis<Craft> reasoning(String name) {
        return REASONING.computeIfAbsent(
                name, n -> new Diagnosis<>(Families.book(craft(n), Meter.USUAL), Assumptions.USUAL));
    }

    /** The same case with what the engine says of it now. */
    RecordedCase now() {
        return of(craft, occasion, steps);
    }

    static RecordedCase of(String name, Occasion occasion, List<Step> steps) {
        Diagnosis<Craft> diagnosis = reasoning(name);
        Book<Craft> book = diagnosis.book();
        Case<Craft> known = new Case<>(craft(name), occasion, List.of(), List.of());
        for (Step step : steps) {
            known = step.check() == null ? repaired(known, book, step) : found(known, book, step);
        }
        Posterior<Craft> posterior = diagnosis.posterior(known);
        Map<String, Double> beliefs = new HashMap<>();
        posterior.suspects().stream()
                .filter(s -> s.belief() > WORTH_NAMING)
                .forEach(s -> beliefs.put(s.leading().id(), s.belief()));
        List<Planned> plan = new ArrayList<>();
        diagnosis.planner(posterior).plan(BenchState.AT_INTAKE, List.of()).steps().stream()
                .limit(PLANNED)
                .forEach(s -> plan.add(new Planned(s.check().id(), s.bits(), s.minutes())));
        return new RecordedCase(name, occasion, steps, beliefs, posterior.notInBook(), posterior.nothingLeft(), plan);
    }

    private static Case<Craft> found(Case<Craft> known, Book<Craft> book, Step step) {
        Check<Craft> check = book.check(String.valueOf(step.check())).orElseThrow();
        Map<String, Entered.Number> numbers =
                step.value() == null ? Map.of() : Map.of(Entered.ONLY, new Entered.Number(step.value(), ""));
        return known.with(
                check,
                new Entered(step.outcomes() == null ? Map.of() : step.outcomes(), numbers)
                        .reading(check.answers())
                        .orElseThrow(),
                Sureness.SURE);
    }

    private static Case<Craft> repaired(Case<Craft> known, Book<Craft> book, Step step) {
        Fault<Craft> fault = book.fault(String.valueOf(step.fault())).orElseThrow();
        Fix<Craft> fix = fault.fixes(known.sound()).stream()
                .filter(f -> f.id().equals(step.fix()))
                .findFirst()
                .orElseThrow();
        return known.withRepair(fault, fix);
    }
}
