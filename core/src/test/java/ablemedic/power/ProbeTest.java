package ablemedic.power;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ablemedic.Families;
import ablemedic.catalogue.Text;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Assumptions;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Case;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.diagnosis.Gaussian;
import ablemedic.diagnosis.Mixture;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Reading;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.diagnosis.Reading.Measured;
import ablemedic.diagnosis.Sureness;
import ablemedic.diagnosis.Survey;
import ablemedic.diagnosis.Suspect;
import ablemedic.physics.BatteryOut;
import ablemedic.reading.Meter;
import ablemedic.wiring.CopperDefect;
import ablemedic.wiring.Defect;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.Wiring;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class ProbeTest {
    private final Craft craft = PowerCrafts.separate();
    private final Electrics sound = craft.electrics();
    private final Wiring wiring = sound.wiring();

    private Probe probe(Probe.Mode mode, int red, int black) {
        return new Probe(mode, wiring.points().get(red), wiring.points().get(black), Meter.USUAL);
    }

    private Survey<Craft> survey(Probe.Mode mode) {
        return new ProbeSurvey(mode, wiring, Meter.USUAL);
    }

    private Craft with(Defect harm) {
        return craft.withElectrics(sound.with(harm));
    }

    @ParameterizedTest
    @EnumSource(Probe.Mode.class)
    void aCheckIsFoundAgainByItsId(Probe.Mode mode) {
        for (Check<Craft> check : survey(mode).routine()) {
            assertThat(survey(mode).check(check.id())).contains(check);
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "ohms",
                "ohms~PLUG.+",
                "ohms~PLUG.+~PLUG.+",
                "ohms~PLUG.+~nowhere",
                "volts~PLUG.+~PLUG.-",
                "ohms~PLUG.+~PLUG.-~PLUG.+",
                "~~",
                "shown-full"
            })
    void whatIsNotAPairOfPointsIsNoCheckOfTheSurvey(String id) {
        assertThat(survey(Probe.Mode.OHMS).check(id)).isEmpty();
    }

    @Test
    void theRoutineGoesOverEveryLeadAndTraceOnce() {
        List<String> ids =
                survey(Probe.Mode.OHMS).routine().stream().map(Check::id).toList();
        assertThat(ids).doesNotHaveDuplicates();
        long traces = wiring.links().stream()
                .filter(l -> l.kind() == Wiring.Kind.TRACE)
                .count();
        assertThat(ids).hasSize((int) traces + sound.sheet().wires().size());
    }

    /** With power on a tip that slips must not join two supplies: one probe is on a ground, or both are on one net. */
    @Test
    void liveProbingPutsTheBlackProbeOnAGroundWhereAPairWithOneTellsAnything() {
        List<Survey.Story<Craft>> stories = new ArrayList<>(List.of(new Survey.Story<>(craft, 1, 0)));
        wiring.links()
                .forEach(link ->
                        stories.add(new Survey.Story<>(with(new CopperDefect.Open(link.id())), 1, stories.size())));
        BatteryOut unpowered = BatteryOut.of(sound, Meter.USUAL);
        int minus = wiring.plug().orElseThrow()[1];
        List<Check<Craft>> promising = survey(Probe.Mode.VOLTS).promising(stories);
        assertThat(promising).isNotEmpty().allSatisfy(check -> {
            Probe probe = (Probe) check;
            assertThat(unpowered.ohms(minus, probe.black().node()) < 0.2
                            || unpowered.ohms(probe.red().node(), probe.black().node()) < 0.2)
                    .as(probe.id())
                    .isTrue();
            assertThat(steps(probe)).doesNotContain("Clip the black probe on");
        });
        int plus = wiring.plug().orElseThrow()[0];
        wiring.points().stream()
                .filter(point -> unpowered.ohms(minus, point.node()) > 20 && unpowered.ohms(plus, point.node()) > 20)
                .findFirst()
                .ifPresent(point -> assertThat(steps(probe(Probe.Mode.VOLTS, plus, point.node())))
                        .contains("Clip the black probe on"));
    }

    @Test
    void ohmsNeedThePackOutAndVoltsNeedItIn() {
        int[] plug = wiring.plug().orElseThrow();
        assertThat(probe(Probe.Mode.OHMS, plug[0], plug[1]).needs()).isEqualTo(BenchNeeds.UNPOWERED);
        assertThat(probe(Probe.Mode.VOLTS, plug[0], plug[1]).needs()).isEqualTo(BenchNeeds.POWERED);
        assertThat(probe(Probe.Mode.OHMS, plug[0], plug[1]).risk())
                .isLessThan(probe(Probe.Mode.VOLTS, plug[0], plug[1]).risk());
    }

    @Test
    void aPairReadsTheSameResistanceBothWaysAndTheOppositeVoltage() {
        for (Wiring.Link link : wiring.links()) {
            assertThat(probe(Probe.Mode.OHMS, link.a(), link.b()).outlook(craft))
                    .isEqualTo(probe(Probe.Mode.OHMS, link.b(), link.a()).outlook(craft));
        }
        int[] plug = wiring.plug().orElseThrow();
        Gaussian one = (Gaussian) probe(Probe.Mode.VOLTS, plug[0], plug[1]).outlook(craft);
        Gaussian other = (Gaussian) probe(Probe.Mode.VOLTS, plug[1], plug[0]).outlook(craft);
        assertThat(one.mean()).isPositive().isCloseTo(-other.mean(), within(1e-9));
        assertThat(one.spread()).isEqualTo(other.spread());
    }

    @Test
    void aReadingWordedOlIsLikelyAcrossABreakAndNotAcrossASoundLead() {
        for (Wiring.Link link : wiring.links()) {
            if (link.purpose() != Wiring.Purpose.SIGNAL) {
                continue;
            }
            Craft broken = with(new CopperDefect.Open(link.id()));
            Probe across = probe(Probe.Mode.OHMS, link.a(), link.b());
            double likely = across.outlook(broken).likelihood(Chosen.of(Probe.OVER));
            double unlikely = across.outlook(craft).likelihood(Chosen.of(Probe.OVER));
            assertThat(unlikely).as(link.label()).isLessThan(0.02);
            if (BatteryOut.of(broken.electrics(), Meter.USUAL).over(link.a(), link.b())) {
                assertThat(likely).as(link.label()).isGreaterThan(0.9);
            }
        }
    }

    @Test
    void aMeterWithAShorterRangeSaysOlSooner() {
        Meter small = new Meter(2000, 0.005, 2, 0.008, 3, 0.3, 1e5, 0.4);
        int over = 0;
        for (Wiring.Link link : wiring.links()) {
            Electrics broken = sound.with(new CopperDefect.Open(link.id()));
            boolean usual = BatteryOut.of(broken, Meter.USUAL).over(link.a(), link.b());
            assertThat(BatteryOut.of(broken, small).over(link.a(), link.b()) || !usual)
                    .as(link.label())
                    .isTrue();
            over += usual ? 1 : 0;
        }
        assertThat(over).isPositive();
    }

    private List<Survey.Story<Craft>> stories(List<Craft> states) {
        List<Survey.Story<Craft>> all = new ArrayList<>();
        for (int i = 0; i < states.size(); i++) {
            all.add(new Survey.Story<>(states.get(i), 1.0 / states.size(), i));
        }
        return all;
    }

    @Test
    void aSurveyNamesThePairsThatPartTheStories() {
        Wiring.Link cut = wiring.links().stream()
                .filter(l -> l.purpose() == Wiring.Purpose.SIGNAL && !l.wireId().isEmpty())
                .findFirst()
                .orElseThrow();
        Craft broken = with(new CopperDefect.Open(cut.id()));
        List<Check<Craft>> promising = survey(Probe.Mode.OHMS).promising(stories(List.of(craft, broken)));
        assertThat(promising).isNotEmpty().hasSizeLessThanOrEqualTo(24);
        assertThat(promising)
                .allSatisfy(check -> assertThat(ReadHere.different(check.outlook(craft), check.outlook(broken)))
                        .as(check.id())
                        .isTrue());
    }

    @Test
    void aSurveyHasNothingToSayOfStoriesThatReadAlike() {
        Craft sagging = with(new PowerDefect.WornBattery(3));
        assertThat(survey(Probe.Mode.OHMS).promising(stories(List.of(craft, sagging))))
                .isEmpty();
        assertThat(survey(Probe.Mode.OHMS).promising(List.of())).isEmpty();
    }

    @Test
    void redGoesOnTheMorePositivePoint() {
        Wiring.Neighbours n = wiring.neighbours().get(0);
        Craft bridged = with(new CopperDefect.Bridge(n.onePad(), n.otherPad(), 0.05));
        List<Check<Craft>> promising = survey(Probe.Mode.VOLTS).promising(stories(List.of(craft, bridged)));
        assertThat(promising).isNotEmpty();
        for (Check<Craft> check : promising) {
            assertThat(((Gaussian) check.outlook(craft)).mean()).as(check.id()).isGreaterThanOrEqualTo(-1e-6);
        }
    }

    private String steps(Check<Craft> check) {
        return Text.joined(check.steps(craft), " ").plain();
    }

    @Test
    void theWordsSayWhereEachProbeGoes() {
        int[] plug = wiring.plug().orElseThrow();
        Probe short_ = probe(Probe.Mode.OHMS, plug[0], plug[1]);
        assertThat(short_.title(craft).plain()).contains(wiring.label(plug[0]), wiring.label(plug[1]));
        assertThat(steps(short_)).startsWith("Unplug the battery and USB.");
        assertThat(steps(probe(Probe.Mode.VOLTS, plug[0], plug[1])))
                .startsWith("Motors stopped")
                .contains("One hand");
    }

    /**
     * From the signal pad of a dead arm to ground nothing gets through: the wire may be broken, or boards of this make
     * let nothing through anyway. The pad of an arm that turns tells which. Common practice.
     */
    @Test
    void aComparisonWithASoundArmIsWorthMoreThanANumber() {
        double alone = broken(Map.of());
        Mixture guessed = (Mixture) check("ohms~FC.S1~PLUG.-").outlook(craft);
        double shown = ((Gaussian) guessed.likeliest()).mean();
        assertThat(broken(Map.of("ohms~FC.S1~PLUG.-", new Measured(shown))))
                .as("a sound arm lets something through")
                .isGreaterThan(1.15 * alone);
        assertThat(broken(Map.of("ohms~FC.S1~PLUG.-", Chosen.of(Probe.OVER))))
                .as("no arm lets anything through")
                .isLessThan(alone / 1.15);
    }

    /** Belief in a break between board and controller of the dead arm, after OL there and what was read elsewhere. */
    private double broken(Map<String, Reading> elsewhere) {
        Book<Craft> book = Power.book(craft, Meter.USUAL);
        Case<Craft> known = new Case<>(craft, Occasion.CRASH, List.of(), List.of())
                .with(
                        Families.complaints(craft, Meter.USUAL).stream()
                                .filter(one -> one.id().equals("dead-arm"))
                                .findFirst()
                                .orElseThrow()
                                .seen(),
                        Chosen.of("front-right"),
                        Sureness.SURE)
                .with(check("ohms~FC.S2~PLUG.-"), Chosen.of(Probe.OVER), Sureness.SURE);
        for (Map.Entry<String, Reading> each : elsewhere.entrySet()) {
            known = known.with(check(each.getKey()), each.getValue(), Sureness.SURE);
        }
        return new Diagnosis<>(book, Assumptions.USUAL)
                .posterior(known).suspects().stream()
                        .filter(suspect -> suspect.leading().id().startsWith("open-FC_S2_CFR_S"))
                        .mapToDouble(Suspect::belief)
                        .sum();
    }

    private Check<Craft> check(String id) {
        return survey(Probe.Mode.OHMS).check(id).orElseThrow();
    }
}
