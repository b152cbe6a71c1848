package ablemedic;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.craft.Craft;
import ablemedic.craft.CraftClass;
import ablemedic.craft.MotorNumbering;
import ablemedic.craft.Rotation;
import ablemedic.craft.SpinConvention;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Fault;
import ablemedic.parts.WiringLayout;
import ablemedic.reading.Meter;
import ablemedic.wiring.BatteryType;
import ablemedic.wiring.Chemistry;
import ablemedic.wiring.Electrics;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Over the whole book: what a check predicts follows from the facet that it reads. */
class FacetsTest {
    private static final int PAIRS = 300;
    private final Craft sound = wired();
    private final Book<Craft> book = Families.book(sound, Meter.USUAL);

    private static Craft wired() {
        Craft craft = CraftClass.INCH_5.sound(SpinConvention.INWARD, MotorNumbering.REAR_RIGHT_FIRST, Rotation.NONE);
        return craft.withElectrics(new Electrics(WiringLayout.SEPARATE.sheet(
                List.of(1, 0, 2, 3),
                List.of("FR", "RR", "RL", "FL"),
                85,
                new BatteryType(4, Chemistry.LIPO, 1500, 4),
                List.of("receiver", "camera", "video", "capacitor-470"))));
    }

    private List<Craft> states() {
        List<Craft> states = new ArrayList<>(List.of(sound));
        book.faults().forEach(fault -> states.add(fault.applyTo(sound)));
        Random random = new Random(8);
        for (int i = 0; i < PAIRS; i++) {
            Fault<Craft> one = book.faults().get(random.nextInt(book.faults().size()));
            Fault<Craft> other = book.faults().get(random.nextInt(book.faults().size()));
            states.add(other.applyTo(one.applyTo(sound)));
        }
        return states;
    }

    @Test
    void equalFacetsMeanEqualOutlooksForEveryCheckOnEveryFaultAndManyPairs() {
        List<Craft> states = states();
        int shared = 0;
        for (Check<Craft> check : book.checks()) {
            Map<Object, Distribution> byFacet = new HashMap<>();
            for (Craft state : states) {
                Distribution outlook = check.outlook(state);
                Distribution before = byFacet.putIfAbsent(check.reads().of(state), outlook);
                if (before != null) {
                    shared++;
                    assertThat(outlook).as(check.id()).isEqualTo(before);
                }
            }
        }
        assertThat(shared)
                .as("most predictions are shared")
                .isGreaterThan(book.checks().size() * states.size() / 2);
    }

    @Test
    void everyCheckOfTheBookSaysWhatItReads() {
        assertThat(book.checks())
                .allSatisfy(check -> assertThat(check.reads()).as(check.id()).isNotSameAs(Facet.whole()));
    }
}
