package ablemedic.app.chart;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ablemedic.app.chart.ElectricEntry.BatteryOnSheet;
import ablemedic.app.chart.ElectricEntry.PartEntry;
import ablemedic.app.chart.ElectricEntry.WireEntry;
import ablemedic.catalogue.Rejected;
import ablemedic.craft.Craft;
import ablemedic.craft.CraftClass;
import ablemedic.craft.MotorNumbering;
import ablemedic.craft.Rotation;
import ablemedic.craft.SpinConvention;
import ablemedic.parts.WiringLayout;
import ablemedic.wiring.BatteryType;
import ablemedic.wiring.Chemistry;
import ablemedic.wiring.Electrics;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class ElectricEntryTest {
    private static Electrics wired(WiringLayout layout) {
        return new Electrics(layout.sheet(
                List.of(2, 0, 3, 1),
                List.of("FR", "RR", "RL", "FL"),
                110,
                new BatteryType(6, Chemistry.LIPO_HIGH_VOLTAGE, 1300, 3.5),
                List.of("receiver", "video", "camera")));
    }

    private static ElectricEntry wires(ElectricEntry entry, UnaryOperator<List<WireEntry>> change) {
        return new ElectricEntry(
                entry.parts(), change.apply(new ArrayList<>(entry.wires())), entry.battery(), entry.partTypes());
    }

    private static ElectricEntry parts(ElectricEntry entry, UnaryOperator<List<PartEntry>> change) {
        return new ElectricEntry(
                change.apply(new ArrayList<>(entry.parts())), entry.wires(), entry.battery(), entry.partTypes());
    }

    @ParameterizedTest
    @EnumSource(WiringLayout.class)
    void anEntryMadeOfACraftMakesTheSameCraftAgain(WiringLayout layout) {
        Electrics electrics = wired(layout);
        assertThat(ElectricEntry.of(electrics).toElectrics()).isEqualTo(electrics);
    }

    @Test
    void everyWrongPartAndGaugeIsNamedAtOnce() {
        ElectricEntry entry = ElectricEntry.of(wired(WiringLayout.SEPARATE));
        ElectricEntry wrong = parts(
                wires(entry, all -> {
                    WireEntry wire = all.get(2);
                    all.set(2, new WireEntry(wire.from(), wire.to(), 99, wire.lengthMm(), wire.plugged()));
                    return all;
                }),
                all -> {
                    PartEntry part = all.get(1);
                    all.set(1, new PartEntry(part.id(), "flux-box", part.label(), part.arms(), 0));
                    return all;
                });
        assertThatThrownBy(wrong::toElectrics).isInstanceOfSatisfying(Rejected.class, e -> assertThat(e.wrong())
                .extracting(w -> w.where())
                .containsExactly("electrics.parts[1].archetype", "electrics.wires[2].gaugeAwg"));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, -5, Double.NaN, Double.POSITIVE_INFINITY, 1e9})
    void aLengthThatNoLeadHasIsRefused(double length) {
        ElectricEntry wrong = wires(ElectricEntry.of(wired(WiringLayout.STACK)), all -> {
            WireEntry wire = all.get(0);
            all.set(0, new WireEntry(wire.from(), wire.to(), wire.gaugeAwg(), length, wire.plugged()));
            return all;
        });
        assertThatThrownBy(wrong::toElectrics).isInstanceOf(Rejected.class);
    }

    @Test
    void aLeadToNowhereAndAPartTwiceAreRefused() {
        ElectricEntry entry = ElectricEntry.of(wired(WiringLayout.SEPARATE));
        assertThatThrownBy(wires(entry, all -> {
                    all.add(new WireEntry("PLUG.+", "MOON.+", 20, 50, false));
                    return all;
                })::toElectrics)
                .isInstanceOf(Rejected.class);
        assertThatThrownBy(parts(entry, all -> {
                    all.add(all.get(0));
                    return all;
                })::toElectrics)
                .isInstanceOf(Rejected.class);
    }

    private static BuildSheet sheet(ElectricEntry entry) {
        Craft craft = CraftClass.INCH_5.sound(SpinConvention.INWARD, MotorNumbering.REAR_RIGHT_FIRST, Rotation.NONE);
        return BuildSheet.of(entry == null ? craft : craft.withElectrics(entry.toElectrics()));
    }

    private static List<String> changed(ElectricEntry before, ElectricEntry after) {
        return SheetChanges.between(sheet(before), sheet(after)).stream()
                .map(c -> c.what() + ": " + c.before() + " -> " + c.after())
                .toList();
    }

    @Test
    void whatDidNotChangeIsNotNamed() {
        assertThat(changed(ElectricEntry.of(wired(WiringLayout.STACK)), ElectricEntry.of(wired(WiringLayout.STACK))))
                .isEmpty();
    }

    @Test
    void aLeadThatWasReplacedIsNamedWithItsCopper() {
        ElectricEntry before = ElectricEntry.of(wired(WiringLayout.STACK));
        WireEntry wire = before.wires().get(0);
        ElectricEntry after = wires(before, all -> {
            all.set(0, new WireEntry(wire.from(), wire.to(), 10, 80, wire.plugged()));
            return all;
        });
        assertThat(changed(before, after))
                .singleElement()
                .asString()
                .startsWith("wire " + wire.from() + " to " + wire.to())
                .contains("AWG 10, 80 mm");
    }

    @Test
    void aLeadThatIsGoneAndAPackThatIsAnotherAreNamed() {
        ElectricEntry before = ElectricEntry.of(wired(WiringLayout.SEPARATE));
        ElectricEntry without = wires(before, all -> all.subList(0, all.size() - 1));
        assertThat(changed(before, without)).singleElement().asString().endsWith("-> none");
        ElectricEntry packed =
                new ElectricEntry(before.parts(), before.wires(), new BatteryOnSheet(4, Chemistry.LIPO, 1500, 4), null);
        assertThat(changed(before, packed)).singleElement().asString().contains("6 cells", "4 cells");
    }

    @Test
    void theFirstEntryOfPartsAndLeadsIsOneChange() {
        assertThat(changed(null, ElectricEntry.of(wired(WiringLayout.SEPARATE))))
                .contains("parts and wires: not entered -> entered");
    }
}
