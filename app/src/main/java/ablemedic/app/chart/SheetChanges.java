package ablemedic.app.chart;

import ablemedic.app.chart.ElectricEntry.PartEntry;
import ablemedic.app.chart.ElectricEntry.WireEntry;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.Corner;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What changed from one revision of a build sheet to the next, in words. */
final class SheetChanges {
    private static final Words SAID =
            Catalogue.beside(SheetChanges.class, "words").of("sheet-changes");

    private SheetChanges() {}

    /** One entry that changed. */
    record Change(String what, String before, String after) {}

    static List<Change> between(BuildSheet before, BuildSheet after) {
        List<Change> changes = new ArrayList<>();
        add(
                changes,
                SAID.line("shape").plain(),
                before.shape().label(),
                after.shape().label());
        add(changes, SAID.line("places").plain(), before.motors(), after.motors());
        add(
                changes,
                SAID.line("mass").plain(),
                grams(before.sizes().massG()),
                grams(after.sizes().massG()));
        add(
                changes,
                SAID.line("motor-mass").plain(),
                grams(before.sizes().motorMassG()),
                grams(after.sizes().motorMassG()));
        add(
                changes,
                SAID.line("prop").plain(),
                before.sizes().propDiameterMm() + " mm",
                after.sizes().propDiameterMm() + " mm");
        add(
                changes,
                SAID.line("thrust").plain(),
                before.sizes().thrustToWeight(),
                after.sizes().thrustToWeight());
        add(changes, SAID.line("balance").plain(), place(before), place(after));
        for (Corner corner : Corner.ALL) {
            int c = corner.ordinal();
            add(
                    changes,
                    SAID.with("corner", after.shape().name(corner))
                            .line("motor")
                            .plain(),
                    before.propSpins().get(c).label(),
                    after.propSpins().get(c).label());
        }
        List<Corner> drove = before.toCraft().outputs();
        List<Corner> drives = after.toCraft().outputs();
        for (int output = 1; output <= 4; output++) {
            add(
                    changes,
                    SAID.with("output", output).line("output").plain(),
                    before.shape().name(drove.get(output - 1)),
                    after.shape().name(drives.get(output - 1)));
        }
        add(changes, SAID.line("mount").plain(), angles(before.mounted()), angles(after.mounted()));
        before.toCraft()
                .configuration()
                .differencesTo(after.toCraft().configuration())
                .forEach(told -> changes.add(new Change(told.setting().label(), told.before(), told.after())));
        electrics(changes, before.electrics(), after.electrics());
        return changes;
    }

    private static void electrics(List<Change> changes, @Nullable ElectricEntry before, @Nullable ElectricEntry after) {
        if (before == null || after == null) {
            add(
                    changes,
                    SAID.line("wiring").plain(),
                    SAID.with("is", Param.when(before != null))
                            .line("entered-before")
                            .plain(),
                    SAID.with("is", Param.when(after != null))
                            .line("entered-after")
                            .plain());
            return;
        }
        add(changes, SAID.line("battery").plain(), battery(before), battery(after));
        moved(
                changes,
                "part",
                before.parts().stream().collect(Collectors.toMap(PartEntry::id, PartEntry::toString)),
                after.parts().stream().collect(Collectors.toMap(PartEntry::id, PartEntry::toString)),
                id -> after.parts().stream()
                        .filter(p -> p.id().equals(id))
                        .findFirst()
                        .or(() -> before.parts().stream()
                                .filter(p -> p.id().equals(id))
                                .findFirst())
                        .orElseThrow()
                        .label());
        moved(
                changes,
                "wire",
                before.wires().stream().collect(Collectors.toMap(SheetChanges::route, SheetChanges::copper)),
                after.wires().stream().collect(Collectors.toMap(SheetChanges::route, SheetChanges::copper)),
                id -> id);
    }

    private static void moved(
            List<Change> changes,
            String what,
            Map<String, String> before,
            Map<String, String> after,
            UnaryOperator<String> name) {
        Set<String> all = new TreeSet<>(before.keySet());
        all.addAll(after.keySet());
        for (String id : all) {
            if (!Objects.equals(before.get(id), after.get(id))) {
                boolean part = what.equals("part");
                String label = part ? name.apply(id) : id;
                changes.add(new Change(
                        SAID.with("id", id).line(what).plain(),
                        before.containsKey(id)
                                ? part ? label : before.get(id)
                                : SAID.line("none").plain(),
                        after.containsKey(id)
                                ? part ? label : after.get(id)
                                : SAID.line("none").plain()));
            }
        }
    }

    private static String route(WireEntry wire) {
        return SAID.with("from", wire.from())
                .with("to", wire.to())
                .line("route")
                .plain();
    }

    private static String copper(WireEntry wire) {
        return SAID.with("gauge", wire.gaugeAwg())
                .with("length", Math.round(wire.lengthMm()))
                .with("plugged", Param.when(wire.plugged()))
                .line("wire-is")
                .plain();
    }

    private static String battery(ElectricEntry entry) {
        return SAID.with("cells", new Param.Count(entry.battery().cells()))
                .with("chemistry", entry.battery().chemistry().label())
                .with("capacity", Math.round(entry.battery().capacityMah()))
                .line("battery-is")
                .plain();
    }

    private static String grams(double g) {
        return Math.round(g) + " g";
    }

    private static String angles(BuildSheet.Turn turn) {
        return SAID.with("roll", turn.rollDeg())
                .with("pitch", turn.pitchDeg())
                .with("yaw", turn.yawDeg())
                .line("turn")
                .plain();
    }

    private static String place(BuildSheet sheet) {
        return sheet.sizes().balance() == null
                ? SAID.line("balanced").plain()
                : SAID.with("forward", Math.round(sheet.sizes().balance().forwardMm()))
                        .with("right", Math.round(sheet.sizes().balance().rightMm()))
                        .line("off")
                        .plain();
    }

    private static void add(List<Change> changes, String what, Object before, Object after) {
        if (!Objects.equals(before, after)) {
            changes.add(new Change(what, String.valueOf(before), String.valueOf(after)));
        }
    }
}
