package ablemedic.app.chart;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.chart.PowerMap.Box;
import ablemedic.app.chart.PowerMap.Spot;
import ablemedic.app.chart.PowerMap.WireRun;
import ablemedic.app.chart.PowerMap.WireState;
import ablemedic.parts.WiringLayout;
import ablemedic.wiring.BatteryType;
import ablemedic.wiring.Chemistry;
import ablemedic.wiring.ElectricSheet;
import ablemedic.wiring.Wire;
import ablemedic.wiring.Wiring;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** The map is drawn well for every layout and outfit: what a hand would see at a summary. */
class PowerMapTest {
    private static final List<List<String>> OUTFITS = List.of(
            List.of(),
            List.of("receiver"),
            List.of("receiver", "video", "camera", "capacitor-470"),
            List.of("receiver", "gnss", "video", "camera", "lights", "display", "modem", "capacitor-470"));

    static Stream<Arguments> wirings() {
        return Stream.of(WiringLayout.values())
                .flatMap(layout -> OUTFITS.stream().map(outfit -> Arguments.of(layout, outfit)));
    }

    private static Wiring wiring(WiringLayout layout, List<String> outfit) {
        return new Wiring(layout.sheet(
                List.of(0, 1, 2, 3),
                List.of("FR", "RR", "RL", "FL"),
                110,
                new BatteryType(4, Chemistry.LIPO, 1500, 4),
                outfit));
    }

    private static Map<String, Spot> spots(PowerMap map) {
        return map.points().stream().collect(Collectors.toMap(Spot::id, Function.identity()));
    }

    @ParameterizedTest
    @MethodSource("wirings")
    void noPartLiesOnAnotherAndAllLieInTheDrawing(WiringLayout layout, List<String> outfit) {
        PowerMap map = PowerMap.of(wiring(layout, outfit), Map.of());
        for (Box a : map.boxes()) {
            assertThat(a.x()).isNotNegative();
            assertThat(a.y()).isNotNegative();
            assertThat(a.x() + a.width()).as(a.label()).isLessThanOrEqualTo(map.width());
            assertThat(a.y() + a.height()).as(a.label()).isLessThanOrEqualTo(map.height());
            for (Box b : map.boxes()) {
                boolean apart = a.x() + a.width() <= b.x()
                        || b.x() + b.width() <= a.x()
                        || a.y() + a.height() <= b.y()
                        || b.y() + b.height() <= a.y();
                assertThat(a == b || apart)
                        .as("%s and %s", a.label(), b.label())
                        .isTrue();
            }
        }
    }

    @ParameterizedTest
    @MethodSource("wirings")
    void everyPointOfTheCraftIsOnTheMapOnceAndNoTwoCoincide(WiringLayout layout, List<String> outfit) {
        Wiring wiring = wiring(layout, outfit);
        PowerMap map = PowerMap.of(wiring, Map.of());
        assertThat(map.points())
                .extracting(Spot::id)
                .containsExactlyInAnyOrderElementsOf(
                        wiring.points().stream().map(Wiring.Point::id).toList());
        for (Spot a : map.points()) {
            for (Spot b : map.points()) {
                assertThat(a == b || Math.hypot(a.x() - b.x(), a.y() - b.y()) >= 10)
                        .as("%s and %s", a.id(), b.id())
                        .isTrue();
            }
        }
    }

    @ParameterizedTest
    @MethodSource("wirings")
    void aPadLiesOnTheSideOfItsPart(WiringLayout layout, List<String> outfit) {
        PowerMap map = PowerMap.of(wiring(layout, outfit), Map.of());
        Map<String, Box> boxes = map.boxes().stream().collect(Collectors.toMap(Box::partId, Function.identity()));
        for (Spot spot : map.points()) {
            Box box = boxes.get(spot.partId());
            assertThat(spot.y()).as(spot.id()).isBetween(box.y(), box.y() + box.height());
            if (spot.pad()) {
                assertThat(spot.x()).isEqualTo(spot.right() ? box.x() + box.width() : box.x());
            }
        }
    }

    @ParameterizedTest
    @MethodSource("wirings")
    void aLeadRunsFromPadToPadInRightAnglesAndInsideTheDrawing(WiringLayout layout, List<String> outfit) {
        Wiring wiring = wiring(layout, outfit);
        PowerMap map = PowerMap.of(wiring, Map.of());
        Map<String, Spot> spots = spots(map);
        Map<String, Wire> wires =
                wiring.sheet().wires().stream().collect(Collectors.toMap(Wire::id, Function.identity()));
        assertThat(map.wires()).extracting(WireRun::id).containsExactlyInAnyOrderElementsOf(wires.keySet());
        for (WireRun run : map.wires()) {
            List<Double> at = run.corners();
            int last = at.size() - 2;
            assertThat(List.of(at.get(0), at.get(1)))
                    .as(run.label())
                    .isEqualTo(List.of(
                            spots.get(wires.get(run.id()).from()).x(),
                            spots.get(wires.get(run.id()).from()).y()));
            assertThat(List.of(at.get(last), at.get(last + 1)))
                    .isEqualTo(List.of(
                            spots.get(wires.get(run.id()).to()).x(),
                            spots.get(wires.get(run.id()).to()).y()));
            for (int i = 0; i < last; i += 2) {
                boolean straight =
                        at.get(i).equals(at.get(i + 2)) || at.get(i + 1).equals(at.get(i + 3));
                assertThat(straight).as(run.label()).isTrue();
                assertThat(at.get(i)).isBetween(0.0, map.width());
                assertThat(at.get(i + 1)).isBetween(0.0, map.height());
            }
        }
    }

    @ParameterizedTest
    @MethodSource("wirings")
    void noLeadRunsThroughAPart(WiringLayout layout, List<String> outfit) {
        PowerMap map = PowerMap.of(wiring(layout, outfit), Map.of());
        for (WireRun run : map.wires()) {
            List<Double> at = run.corners();
            for (int i = 2; i + 5 < at.size(); i += 2) {
                double left = Math.min(at.get(i), at.get(i + 2));
                double right = Math.max(at.get(i), at.get(i + 2));
                double top = Math.min(at.get(i + 1), at.get(i + 3));
                double bottom = Math.max(at.get(i + 1), at.get(i + 3));
                for (Box box : map.boxes()) {
                    boolean through = right > box.x()
                            && left < box.x() + box.width()
                            && bottom > box.y()
                            && top < box.y() + box.height();
                    assertThat(through)
                            .as("%s through %s", run.label(), box.label())
                            .isFalse();
                }
            }
        }
    }

    @Test
    void whatIsKnownOfALeadIsOnIt() {
        Wiring wiring = wiring(WiringLayout.SEPARATE, List.of("receiver"));
        ElectricSheet sheet = wiring.sheet();
        String first = sheet.wires().get(0).id();
        PowerMap map = PowerMap.of(wiring, Map.of(first, WireState.BROKEN));
        assertThat(map.wires())
                .allSatisfy(run -> assertThat(run.state()).isEqualTo(run.id().equals(first) ? "BROKEN" : "UNKNOWN"));
    }
}
