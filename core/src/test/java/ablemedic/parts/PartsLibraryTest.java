package ablemedic.parts;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.testing.OutsideCheck;
import ablemedic.wiring.Archetype;
import ablemedic.wiring.Archetype.Kind;
import ablemedic.wiring.InnerCircuit;
import ablemedic.wiring.Pad;
import ablemedic.wiring.SerialPad;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class PartsLibraryTest {
    static Stream<Archetype> library() {
        return PartsLibrary.all().stream();
    }

    private static List<String> padsOf(InnerCircuit inner) {
        if (inner instanceof InnerCircuit.Trace t) {
            return List.of(t.a(), t.b());
        } else if (inner instanceof InnerCircuit.Leak l) {
            return List.of(l.a(), l.b());
        } else if (inner instanceof InnerCircuit.Capacitance c) {
            return List.of(c.plus(), c.minus());
        } else if (inner instanceof InnerCircuit.Regulator r) {
            return List.of(r.in(), r.out(), r.minus());
        } else if (inner instanceof InnerCircuit.Divider d) {
            return List.of(d.sense(), d.minus());
        } else if (inner instanceof InnerCircuit.Load l) {
            return List.of(l.plus(), l.minus());
        } else if (inner instanceof InnerCircuit.Drive d) {
            return List.of(d.plus(), d.minus(), d.signal());
        }
        if (inner instanceof InnerCircuit.Spoken spoken) {
            return Stream.of(spoken.sends(), spoken.hears())
                    .filter(pad -> !pad.isEmpty())
                    .toList();
        } else if (inner instanceof SerialPad pad) {
            return List.of(pad.name());
        } else if (inner instanceof InnerCircuit.Picture picture) {
            return Stream.of(picture.takes(), picture.gives())
                    .filter(pad -> !pad.isEmpty())
                    .toList();
        } else if (inner instanceof InnerCircuit.Chip) {
            return List.of();
        }
        return List.of(((InnerCircuit.CurrentSensor) inner).pad());
    }

    @ParameterizedTest
    @MethodSource("library")
    void everythingInsideAPartLiesBetweenPadsThatItHas(Archetype archetype) {
        for (InnerCircuit inner : archetype.inner()) {
            assertThat(padsOf(inner))
                    .as(archetype.id() + " " + inner)
                    .allSatisfy(pad -> assertThat(archetype.pad(pad)).as(pad).isPresent());
        }
    }

    @ParameterizedTest
    @MethodSource("library")
    void padsHaveNamesOfTheirOwnAndRoomForALeadUnlessTheyAreTestPoints(Archetype archetype) {
        Set<String> names = new HashSet<>();
        for (Pad pad : archetype.pads()) {
            assertThat(names.add(pad.name()))
                    .as(archetype.id() + " " + pad.name())
                    .isTrue();
            assertThat(pad.room()).isBetween(0, 3);
            assertThat(pad.volts()).isBetween(0.0, 12.0);
        }
    }

    @ParameterizedTest
    @MethodSource("library")
    void whatAPartDrawsIsAtAVoltageThatItTakes(Archetype archetype) {
        archetype.load().ifPresent(load -> {
            if (archetype.kind() == Kind.PART) {
                assertThat(load.volts()).as(archetype.id()).isBetween(archetype.lowestV(), archetype.highestV());
            }
            assertThat(load.poorAmps()).isGreaterThanOrEqualTo(load.amps());
            assertThat(load.amps()).isPositive();
        });
    }

    @ParameterizedTest
    @MethodSource("library")
    void aRegulatorFeedsAPadOfItsVoltageAndHasMoreThanItsBoardTakes(Archetype archetype) {
        for (InnerCircuit inner : archetype.inner()) {
            if (inner instanceof InnerCircuit.Regulator r) {
                assertThat(archetype.pad(r.out()).orElseThrow().volts())
                        .as(archetype.id())
                        .isEqualTo(r.volts());
                assertThat(archetype.pad(r.out()).orElseThrow().kind()).isEqualTo(Pad.Kind.FEED);
                assertThat(r.limitA()).isGreaterThan(0.3);
            }
        }
    }

    @Test
    @OutsideCheck(
            kind = OutsideCheck.Kind.COMMON_PRACTICE,
            source =
                    "draws: receiver 40 to 100 mA, GNSS 30 to 60 mA, display board 100 mA good and up to 500 mA poor, twelve lights 0.2 A")
    void theDrawsAreTheTrades() {
        for (String id : List.of("receiver", "receiver-one-way")) {
            InnerCircuit.Load load = PartsLibrary.find(id).orElseThrow().load().orElseThrow();
            assertThat(load.amps()).isBetween(0.04, 0.1);
            assertThat(load.poorAmps()).isBetween(0.04, 0.1);
        }
        for (String id : List.of("gnss", "gnss-3v3")) {
            assertThat(PartsLibrary.find(id).orElseThrow().load().orElseThrow().amps())
                    .isBetween(0.03, 0.06);
        }
        InnerCircuit.Load display =
                PartsLibrary.find("display").orElseThrow().load().orElseThrow();
        assertThat(display.amps()).isEqualTo(0.1);
        assertThat(display.poorAmps()).isEqualTo(0.5);
        assertThat(PartsLibrary.find("lights")
                        .orElseThrow()
                        .load()
                        .orElseThrow()
                        .amps())
                .isEqualTo(0.2);
    }

    @Test
    void idsAreOnesOwnAndUnknownOnesAreNotFound() {
        assertThat(library().map(Archetype::id)).doesNotHaveDuplicates();
        assertThat(PartsLibrary.find("teapot")).isEmpty();
    }

    @Test
    @OutsideCheck(
            kind = OutsideCheck.Kind.COMMON_PRACTICE,
            source = "separate regulators are sold for 3.3, 5, 9 and 12 V at 0.5, 1, 2 and 3 A")
    void aRegulatorOfEachUsualVoltageAndCurrentIsThere() {
        for (double volts : new double[] {3.3, 5, 9, 12}) {
            for (double amps : new double[] {0.5, 1, 2, 3}) {
                assertThat(library()
                                .filter(a -> a.id().startsWith("regulator-"))
                                .flatMap(a -> a.inner().stream())
                                .filter(i -> i instanceof InnerCircuit.Regulator r
                                        && r.volts() == volts
                                        && r.limitA() == amps))
                        .as("%s V, %s A", volts, amps)
                        .hasSize(1);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("library")
    void aSortIsWrittenAndReadBackAsItWas(Archetype archetype) {
        assertThat(PartType.of(archetype).archetype())
                .usingRecursiveComparison()
                .isEqualTo(archetype);
    }
}
