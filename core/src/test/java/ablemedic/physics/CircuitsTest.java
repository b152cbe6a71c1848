package ablemedic.physics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ablemedic.craft.Craft;
import ablemedic.electrics.Electrics;
import ablemedic.electrics.Harm;
import ablemedic.electrics.Inner;
import ablemedic.electrics.Wiring;
import ablemedic.power.PowerCrafts;
import ablemedic.power.SenseChain;
import ablemedic.reading.Meter;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What each sort of harm does under the probes. */
class CircuitsTest {
  static Stream<Craft> crafts() {
    return Stream.of(PowerCrafts.separate(), PowerCrafts.stack());
  }

  private static PackOut under(Electrics electrics) {
    return PackOut.of(electrics, Meter.USUAL);
  }

  @ParameterizedTest
  @MethodSource("crafts")
  void anOpenLinkIsFurtherApartThanItWasAndNoPairIsNearer(Craft craft) {
    Electrics sound = craft.electrics();
    for (Wiring.Link link : sound.wiring().links()) {
      Electrics open = sound.with(new Harm.Open(link.id()));
      assertThat(under(open).ohms(link.a(), link.b())).as(link.label()).isGreaterThan(under(sound).ohms(link.a(), link.b()));
      for (Wiring.Link other : sound.wiring().links()) {
        assertThat(under(open).ohms(other.a(), other.b())).as("%s with %s open", other.label(), link.label())
            .isGreaterThanOrEqualTo(under(sound).ohms(other.a(), other.b()) - 1e-3);
      }
    }
  }

  @ParameterizedTest
  @MethodSource("crafts")
  void aPoorLinkLiesBetweenASoundOneAndAnOpenOne(Craft craft) {
    Electrics sound = craft.electrics();
    for (Wiring.Link link : sound.wiring().links()) {
      double before = under(sound).ohms(link.a(), link.b());
      double poor = under(sound.with(new Harm.Poor(link.id(), 4))).ohms(link.a(), link.b());
      double open = under(sound.with(new Harm.Open(link.id()))).ohms(link.a(), link.b());
      assertThat(poor).as(link.label()).isGreaterThan(before).isLessThanOrEqualTo(Math.min(4.01, open + 1e-6));
    }
  }

  @ParameterizedTest
  @MethodSource("crafts")
  void aBridgeBringsItsPadsTogetherAndIsTheSameFromBothSides(Craft craft) {
    Electrics sound = craft.electrics();
    for (Wiring.Neighbours n : sound.wiring().neighbours()) {
      PackOut bridged = under(sound.with(new Harm.Bridge(n.onePad(), n.otherPad(), 0.05)));
      assertThat(bridged.ohms(n.a(), n.b())).as(n.label()).isLessThanOrEqualTo(0.0501);
      assertThat(bridged.ohms(n.b(), n.a())).isCloseTo(bridged.ohms(n.a(), n.b()), within(1e-9));
      assertThat(bridged.climbs(n.a(), n.b())).as("a short does not climb").isFalse();
    }
  }

  @ParameterizedTest
  @MethodSource("crafts")
  void aShortedDriveIsAShortAcrossThePack(Craft craft) {
    Electrics sound = craft.electrics();
    int[] plug = sound.wiring().plug().orElseThrow();
    for (Wiring.At<Inner.Drive> drive : sound.wiring().all(Inner.Drive.class)) {
      PackOut craftUnder = under(sound.with(new Harm.DriveShort(drive.address(drive.of().plus()), 0.4)));
      assertThat(craftUnder.ohms(plug[0], plug[1])).isBetween(0.39, 0.6);
    }
  }

  @ParameterizedTest
  @MethodSource("crafts")
  void aBurstCapacitorShortsItsPads(Craft craft) {
    Electrics sound = craft.electrics();
    Wiring.At<Inner.Capacitance> bulky = sound.wiring().all(Inner.Capacitance.class).stream().filter(c -> c.of().bulky())
        .findFirst().orElseThrow();
    Electrics burst = sound.with(new Harm.BurstCapacitor(bulky.address(bulky.of().plus()), 0.8));
    int plus = Circuits.node(sound.wiring(), bulky, bulky.of().plus());
    int minus = Circuits.node(sound.wiring(), bulky, bulky.of().minus());
    assertThat(under(sound).climbs(plus, minus)).isTrue();
    assertThat(under(burst).climbs(plus, minus)).isFalse();
    assertThat(under(burst).ohms(plus, minus)).isLessThanOrEqualTo(0.801);
  }

  @ParameterizedTest
  @MethodSource("crafts")
  void harmThatNoMeterSeesWithThePackOutChangesNothingThere(Craft craft) {
    Electrics sound = craft.electrics();
    int[] plug = sound.wiring().plug().orElseThrow();
    double before = under(sound).ohms(plug[0], plug[1]);
    for (Harm harm : List.of(new Harm.DividerOff(2), new Harm.WornPack(2), new Harm.WeakCell(2), new Harm.OtherPack(2),
        new Harm.OtherDraw("FC", 2))) {
      assertThat(under(sound.with(harm)).ohms(plug[0], plug[1])).as(harm.toString()).isEqualTo(before);
    }
  }

  @ParameterizedTest
  @MethodSource("crafts")
  void aMovedSenseLeadReadsWhereItSits(Craft craft) {
    Electrics sound = craft.electrics();
    Wiring wiring = sound.wiring();
    if (wiring.senseLead().isEmpty()) {
      return;
    }
    int sense = Circuits.node(wiring, wiring.divider().orElseThrow(), wiring.divider().orElseThrow().of().sense());
    for (Wiring.At<Inner.Regulator> r : wiring.all(Inner.Regulator.class)) {
      int rail = Circuits.node(wiring, r, r.of().out());
      Electrics moved = sound.with(new Harm.LeadMoved(wiring.senseLead().orElseThrow().id(), r.address(r.of().out())));
      assertThat(under(moved).ohms(rail, sense)).isLessThan(0.1);
      assertThat(under(sound).ohms(rail, sense)).isGreaterThan(100);
      assertThat(SenseChain.at(craft.withElectrics(moved), 15.4).shownV()).isCloseTo(r.of().volts(), within(0.03 * r.of().volts()));
    }
  }
}
