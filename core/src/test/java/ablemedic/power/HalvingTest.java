package ablemedic.power;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.craft.Craft;
import ablemedic.craft.CraftClass;
import ablemedic.craft.MotorNumbering;
import ablemedic.craft.Rotation;
import ablemedic.craft.SpinConvention;
import ablemedic.diagnosis.Assumptions;
import ablemedic.diagnosis.BenchState;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Case;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.FixedWord;
import ablemedic.diagnosis.Gaussian;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Posterior;
import ablemedic.diagnosis.Reading;
import ablemedic.diagnosis.Sureness;
import ablemedic.family.CraftFault;
import ablemedic.family.Odds;
import ablemedic.reading.Meter;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import ablemedic.wiring.Archetype;
import ablemedic.wiring.ElectricSheet;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.InnerCircuit;
import ablemedic.wiring.Pad;
import ablemedic.wiring.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A chain of traces, each as likely to be open as the next. Nothing tells the plan that it is a chain. */
class HalvingTest {
    private static final Odds EQUAL = new Odds(.01, .01, .01, .01, .01, .01, .01);

    private static Craft chain(int segments) {
        List<Pad> pads = new ArrayList<>();
        List<InnerCircuit> traces = new ArrayList<>();
        for (int i = 0; i <= segments; i++) {
            pads.add(new Pad("P" + i, Pad.Kind.GROUND, 0, i, false, 1));
            if (i > 0) {
                traces.add(new InnerCircuit.Trace("P" + (i - 1), "P" + i, 0.01));
            }
        }
        Archetype strip = new Archetype("strip", "Strip", "S", Archetype.Kind.PART, pads, traces, 0, 60);
        Craft craft = CraftClass.INCH_5.sound(SpinConvention.INWARD, MotorNumbering.REAR_RIGHT_FIRST, Rotation.NONE);
        return craft.withElectrics(new Electrics(new ElectricSheet(
                List.of(new Part("S", strip, "strip", List.of(), 0)), List.of(), PowerCrafts.FOUR_CELLS)));
    }

    private static List<Fault<Craft>> openings(Craft craft) {
        return PowerFaults.of(craft).stream()
                .filter(f -> f.kind().equals("link-open"))
                .map(f -> (Fault<Craft>) new CraftFault(
                        f.id(), f.kind(), f.site(), f::describe, EQUAL, f::applyTo, (sound, faulty) -> f.fixes(sound)))
                .toList();
    }

    @ParameterizedTest
    @ValueSource(ints = {2, 3, 4, 5, 7, 8, 11, 16})
    @OutsideCheck(
            kind = Kind.PUBLISHED,
            source =
                    "Binary search: n equally likely places take ceil(log2 n) yes-or-no questions (Shannon 1948); one more to be sure")
    void aBreakInAChainIsFoundByHalves(int segments) {
        Craft sound = chain(segments);
        List<Fault<Craft>> faults = openings(sound);
        assertThat(faults).hasSize(segments);
        ProbeSurvey survey = new ProbeSurvey(Probe.Mode.OHMS, sound.electrics().wiring(), Meter.USUAL);
        Diagnosis<Craft> diagnosis =
                new Diagnosis<>(new Book<>(faults, List.of(), List.of(survey)), new Assumptions(0, 1e-4, 1e-4, 0.92));
        Check<Craft> whole = survey.check("ohms~S.P0~S.P" + segments).orElseThrow();
        int most = (int) Math.ceil(Math.log(segments) / Math.log(2)) + 1;
        for (Fault<Craft> fault : faults) {
            Craft broken = fault.applyTo(sound);
            Case<Craft> known = new Case<>(sound, Occasion.BUILD, List.of(), List.of())
                    .with(whole, Reading.Chosen.of(Probe.OVER), Sureness.SURE);
            int measured = 0;
            Posterior<Craft> posterior = diagnosis.posterior(known);
            while (posterior.standsOut().isEmpty()) {
                Check<Craft> next = diagnosis
                        .planner(posterior)
                        .plan(BenchState.AT_INTAKE, Set.of())
                        .next()
                        .orElseThrow()
                        .check();
                known = known.with(next, exact(next.outlook(broken)), Sureness.SURE);
                measured++;
                assertThat(measured).as(fault.id()).isLessThanOrEqualTo(most);
                posterior = diagnosis.posterior(known);
            }
            assertThat(posterior.suspects().get(0).leading().id()).isEqualTo(fault.id());
        }
    }

    private static Reading exact(Distribution outlook) {
        return outlook instanceof Gaussian spread
                ? new Reading.Measured(spread.mean())
                : Reading.Chosen.of(((FixedWord) outlook).word());
    }
}
