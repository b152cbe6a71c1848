package ablemedic.app.chart;

import ablemedic.app.chart.ElectricEntry.LeadEntry;
import ablemedic.app.chart.ElectricEntry.PartEntry;
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
    private SheetChanges() {}

    /** One entry that changed. */
    record Change(String what, String before, String after) {}

    static List<Change> between(BuildSheet before, BuildSheet after) {
        List<Change> changes = new ArrayList<>();
        add(changes, "frame shape", before.shape().label(), after.shape().label());
        add(changes, "motor places", before.motors(), after.motors());
        add(changes, "all-up mass", grams(before.massG()), grams(after.massG()));
        add(changes, "mass of a motor", grams(before.motorMassG()), grams(after.motorMassG()));
        add(changes, "prop diameter", before.propDiameterMm() + " mm", after.propDiameterMm() + " mm");
        add(changes, "thrust to weight", before.thrustToWeight(), after.thrustToWeight());
        add(changes, "balance point", place(before), place(after));
        for (Corner corner : Corner.ALL) {
            int c = corner.ordinal();
            add(
                    changes,
                    "motor and prop " + after.shape().name(corner),
                    before.propSpins().get(c).label(),
                    after.propSpins().get(c).label());
        }
        List<Corner> drove = before.toCraft().wiring();
        List<Corner> drives = after.toCraft().wiring();
        for (int output = 1; output <= 4; output++) {
            add(
                    changes,
                    "output " + output,
                    before.shape().name(drove.get(output - 1)),
                    after.shape().name(drives.get(output - 1)));
        }
        add(changes, "board seat", angles(before.mounted()), angles(after.mounted()));
        before.toCraft()
                .told()
                .differencesTo(after.toCraft().told())
                .forEach(told -> changes.add(new Change(told.setting().label(), told.before(), told.after())));
        electrics(changes, before.electrics(), after.electrics());
        return changes;
    }

    private static void electrics(List<Change> changes, @Nullable ElectricEntry before, @Nullable ElectricEntry after) {
        if (before == null || after == null) {
            add(
                    changes,
                    "parts and leads",
                    before == null ? "not entered" : "entered",
                    after == null ? "not entered" : "entered");
            return;
        }
        add(changes, "pack", pack(before), pack(after));
        moved(
                changes,
                "part ",
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
                "lead ",
                before.leads().stream().collect(Collectors.toMap(SheetChanges::route, SheetChanges::copper)),
                after.leads().stream().collect(Collectors.toMap(SheetChanges::route, SheetChanges::copper)),
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
                String label = what.equals("part ") ? name.apply(id) : id;
                changes.add(new Change(
                        what + id,
                        before.containsKey(id) ? what.equals("part ") ? label : before.get(id) : "none",
                        after.containsKey(id) ? what.equals("part ") ? label : after.get(id) : "none"));
            }
        }
    }

    private static String route(LeadEntry lead) {
        return lead.from() + " to " + lead.to();
    }

    private static String copper(LeadEntry lead) {
        return "gauge " + lead.gaugeAwg() + ", " + Math.round(lead.lengthMm()) + " mm"
                + (lead.plugged() ? ", plugged" : "");
    }

    private static String pack(ElectricEntry entry) {
        return entry.pack().cells() + " cells " + entry.pack().chemistry().label() + ", "
                + Math.round(entry.pack().capacityMah()) + " mAh";
    }

    private static String grams(double g) {
        return Math.round(g) + " g";
    }

    private static String angles(BuildSheet.Turn turn) {
        return "roll " + turn.rollDeg() + "°, pitch " + turn.pitchDeg() + "°, yaw " + turn.yawDeg() + "°";
    }

    private static String place(BuildSheet sheet) {
        return sheet.balance() == null
                ? "under the centre of thrust"
                : Math.round(sheet.balance().forwardMm()) + " mm forward, "
                        + Math.round(sheet.balance().rightMm()) + " mm right";
    }

    private static void add(List<Change> changes, String what, Object before, Object after) {
        if (!Objects.equals(before, after)) {
            changes.add(new Change(what, String.valueOf(before), String.valueOf(after)));
        }
    }
}
