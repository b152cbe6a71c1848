package ablemedic.bench;

import ablemedic.Families;
import ablemedic.craft.Craft;
import ablemedic.craft.CraftClass;
import ablemedic.craft.MotorNumbering;
import ablemedic.craft.Rotation;
import ablemedic.craft.SpinConvention;
import ablemedic.diagnosis.Assumptions;
import ablemedic.diagnosis.BenchState;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Case;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.diagnosis.Evidence;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Plan;
import ablemedic.diagnosis.Posterior;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.diagnosis.Sureness;
import ablemedic.parts.PartsLibrary;
import ablemedic.parts.WiringLayout;
import ablemedic.reading.Meter;
import ablemedic.takeoff.TakeOff;
import ablemedic.uart.UartsFromWiring;
import ablemedic.wiring.BatteryType;
import ablemedic.wiring.Chemistry;
import ablemedic.wiring.ElectricSheet;
import ablemedic.wiring.Electrics;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Standing and plan for a full craft with twelve findings, warm and cold, beside a piece of fixed work. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class ReasoningSpeed {
    private final Diagnosis<Craft> warm = new Diagnosis<>(TakeOff.book(), Assumptions.USUAL);
    private final Case<Craft> twelve = twelveFindings();
    private int turn;

    private static Case<Craft> twelveFindings() {
        Craft sound = CraftClass.INCH_7.sound(SpinConvention.INWARD, MotorNumbering.REAR_RIGHT_FIRST, Rotation.NONE);
        Case<Craft> known = new Case<>(sound, Occasion.CRASH, List.of(), List.of())
                .with(TakeOff.seen(), new Chosen(Map.of("manner", "flips", "edge", "front-right")), Sureness.SURE);
        String[][] found = {
            {"prop-front-right", "ccw"},
            {"prop-rear-right", "cw"},
            {"prop-rear-left", "ccw"},
            {"finger", "none"},
            {"arrow", "forward"},
            {"tilt-right", "right-down"},
            {"tilt-nose", "nose-down"},
            {"turn-right", "nose-right"},
            {"spin-setting", "inward"},
            {"gain-setting", "usual"},
            {"flat", "level"}
        };
        for (String[] f : found) {
            known = known.with(TakeOff.book().check(f[0]).orElseThrow(), Chosen.of(f[1]), Sureness.FAIRLY);
        }
        return known;
    }

    /** The same findings in another order each time, since the posterior of the last cases is kept. */
    private <S> Plan<S> standingAndPlan(Diagnosis<S> diagnosis, Case<S> known) {
        List<Evidence<S>> turned = new ArrayList<>(known.evidence());
        Collections.rotate(turned, ++turn % turned.size());
        Posterior<S> posterior =
                diagnosis.posterior(new Case<>(known.sound(), known.occasion(), turned, known.repairs()));
        return diagnosis.planner(posterior).plan(BenchState.AT_INTAKE, Set.of());
    }

    /** Target: under 50 ms. */
    @Benchmark
    public Plan<Craft> standingAndPlanWarm() {
        return standingAndPlan(warm, twelve);
    }

    /** The same with every prediction worked out anew, as on the first look at a craft. */
    @Benchmark
    public Plan<Craft> standingAndPlanCold() {
        return standingAndPlan(new Diagnosis<>(TakeOff.book(), Assumptions.USUAL), twelve);
    }

    private final Craft wired = wired();
    private final Diagnosis<Craft> wiredWarm = new Diagnosis<>(Families.book(wired, Meter.USUAL), Assumptions.USUAL);
    private final Case<Craft> power = new Case<>(wired, Occasion.CRASH, List.of(), List.of())
            .with(wiredWarm.book().check("told-dead-arm").orElseThrow(), Chosen.of("front-right"), Sureness.SURE)
            .with(wiredWarm.book().check("look-C4").orElseThrow(), Chosen.of("clean"), Sureness.SURE)
            .with(wiredWarm.book().check("ohms~PLUG.+~PLUG.-").orElseThrow(), Chosen.of("climbing"), Sureness.SURE);

    private static Craft wired() {
        Craft craft = CraftClass.INCH_5.sound(SpinConvention.INWARD, MotorNumbering.REAR_RIGHT_FIRST, Rotation.NONE);
        return craft.withElectrics(new Electrics(WiringLayout.STACK.sheet(
                List.of(1, 0, 2, 3),
                List.of("FR", "RR", "RL", "FL"),
                85,
                new BatteryType(4, Chemistry.LIPO, 1500, 4),
                List.of("receiver", "camera", "video", "capacitor-470"))));
    }

    /** Both families, some 270 faults, all pairs of points under the probes. */
    @Benchmark
    public Plan<Craft> standingAndPlanWithPowerWarm() {
        return standingAndPlan(wiredWarm, power);
    }

    private final Craft lined = lined();
    private final Diagnosis<Craft> linedWarm = new Diagnosis<>(Families.book(lined, Meter.USUAL), Assumptions.USUAL);
    private final Case<Craft> telemetry = new Case<>(lined, Occasion.BUILD, List.of(), List.of())
            .with(linedWarm.book().check("told-telemetry").orElseThrow(), Chosen.of("nothing"), Sureness.SURE)
            .with(linedWarm.book().check("jobs-telemetry").orElseThrow(), Chosen.of("2"), Sureness.SURE)
            .with(linedWarm.book().check("telemetry-setting").orElseThrow(), Chosen.of("on"), Sureness.SURE);

    static Craft lined() {
        Craft craft = CraftClass.INCH_7.sound(SpinConvention.INWARD, MotorNumbering.REAR_RIGHT_FIRST, Rotation.NONE);
        ElectricSheet sheet = WiringLayout.STACK.bare(
                List.of(1, 0, 2, 3),
                List.of("FR", "RR", "RL", "FL"),
                120,
                new BatteryType(4, Chemistry.LIPO, 1500, 4),
                PartsLibrary.find("board-f7").orElseThrow());
        for (String part : List.of("receiver", "modem", "gnss", "video", "display", "camera", "capacitor-1000")) {
            sheet = WiringLayout.withPart(sheet, PartsLibrary.find(part).orElseThrow());
        }
        return UartsFromWiring.told(craft.withElectrics(new Electrics(sheet)));
    }

    /** A craft with all five sorts of serial line besides. */
    @Benchmark
    public Plan<Craft> standingAndPlanWithLinesWarm() {
        return standingAndPlan(linedWarm, telemetry);
    }

    private final Book<List<Integer>> madeUp = MadeUp.book();
    private final Diagnosis<List<Integer>> madeUpWarm = new Diagnosis<>(madeUp, Assumptions.USUAL);
    private final Case<List<Integer>> madeUpKnown = MadeUp.known(madeUp);

    /** 900 faults, 400 checks, 12 facets. Target: 60 ms. */
    @Benchmark
    public Plan<List<Integer>> allFamiliesWarm() {
        return standingAndPlan(madeUpWarm, madeUpKnown);
    }

    /** The same with nothing worked out before. Target: 600 ms. */
    @Benchmark
    public Plan<List<Integer>> allFamiliesCold() {
        return standingAndPlan(new Diagnosis<>(madeUp, Assumptions.USUAL), madeUpKnown);
    }

    /** A million square roots summed, to compare with. */
    @Benchmark
    public double fixedWork() {
        return FixedWork.sum();
    }
}
