package ablemedic.bench;

import ablemedic.Families;
import ablemedic.OtherRecords;
import ablemedic.catalogue.Rejected;
import ablemedic.craft.Craft;
import ablemedic.craft.Rotation;
import ablemedic.diagnosis.Assumptions;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Hypothesis;
import ablemedic.diagnosis.Occasion;
import ablemedic.family.Complaint;
import ablemedic.reading.Meter;
import ablemedic.requirement.Conflict;
import ablemedic.requirement.Recorded;
import ablemedic.requirement.Required;
import ablemedic.simulation.SimulatedBody;
import ablemedic.wiring.ElectricSheet;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.Wire;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A patient of whose record one or two settings, wires or mounts are wrong. Of half of them the craft is right and the
 * record out of date, and it has another fault; the other half has on it what the record has, and that is its fault.
 */
final class Misrecorded {
    private static final double WIRE = 0.3;
    private static final double MOUNT = 0.1;
    private static final List<Rotation> MOUNTS =
            List.of(Rotation.UPSIDE_DOWN, Rotation.of(0, 0, 90), Rotation.of(0, 0, 180));
    private static final double JOINED_TO_NOTHING = 0.5;
    private static final double TWO = 0.3;

    private final Craft truth;
    private final long seed;
    private final Random random;

    private Misrecorded(Craft truth, long seed) {
        this.truth = truth;
        this.seed = seed;
        this.random = new Random(seed);
    }

    /**
     * One who came to the bench.
     *
     * @param sheet the craft as required of its record
     * @param body what the craft is without its faults
     * @param diagnosis by the book of the record
     */
    record Drawn(
            Craft sheet,
            Craft body,
            List<Fault<Craft>> faults,
            Complaint complaint,
            Occasion occasion,
            Diagnosis<Craft> diagnosis) {
        /** What is wrong, as one word. */
        String said() {
            return faults.stream().map(Fault::id).collect(Collectors.joining("+"));
        }
    }

    /** A patient of a craft that is like this one; the same for the same seed. */
    static Drawn draw(Craft truth, long seed) {
        Misrecorded drawn = new Misrecorded(truth, seed);
        return Stream.generate(drawn::any).flatMap(Optional::stream).findFirst().orElseThrow();
    }

    private Optional<Drawn> any() {
        Craft record = wrong(truth);
        record = random.nextDouble() < TWO ? wrong(record) : record;
        Required required = Families.required(Recorded.of(record));
        boolean outOfDate = random.nextBoolean();
        if (record.equals(truth) || !outOfDate && required.conflicts().isEmpty()) {
            return Optional.empty();
        }
        Craft unlike = SimulatedBody.of(required.craft(), seed);
        Optional<Craft> body = outOfDate ? asInTruth(unlike, record, required) : Optional.of(unlike);
        Occasion occasion = Occasion.values()[random.nextInt(Occasion.values().length)];
        Diagnosis<Craft> diagnosis = new Diagnosis<>(Families.book(required, Meter.USUAL), Assumptions.USUAL);
        return body.flatMap(
                is -> Stream.generate(() -> outOfDate ? other(diagnosis, occasion) : recorded(diagnosis, required))
                        .limit(9)
                        .flatMap(faults -> complaint(required.craft(), is, faults)
                                .map(complaint -> complaining(
                                        new Drawn(required.craft(), is, faults, complaint, occasion, diagnosis)))
                                .stream())
                        .findFirst());
    }

    /**
     * Of several conflicts those that the complaint is of; the others stay on the craft, and its record tells of them
     * until they are settled.
     */
    private static Drawn complaining(Drawn drawn) {
        List<Fault<Craft>> of = drawn.faults().stream()
                .filter(fault -> drawn.complaint().isMadeOf(fault.applyTo(drawn.body())))
                .toList();
        if (of.isEmpty() || of.size() == drawn.faults().size()) {
            return drawn;
        }
        Craft body = new Hypothesis<>(drawn.faults().stream()
                        .filter(fault -> !of.contains(fault))
                        .toList())
                .applyTo(drawn.body());
        return new Drawn(drawn.sheet(), body, of, drawn.complaint(), drawn.occasion(), drawn.diagnosis());
    }

    /** A record with one more entry wrong. */
    private Craft wrong(Craft record) {
        double what = random.nextDouble();
        if (what < WIRE) {
            return rewired(record).orElse(record);
        } else if (what < WIRE + MOUNT) {
            return record.withMounted(MOUNTS.get(random.nextInt(MOUNTS.size())));
        }
        List<Craft> others = OtherRecords.singly(record);
        return others.get(random.nextInt(others.size()));
    }

    /** A fine wire recorded on another pad, or not at all. */
    private Optional<Craft> rewired(Craft record) {
        ElectricSheet sheet = record.electrics().sheet();
        List<Wire> fine = sheet.wires().stream()
                .filter(wire -> finePads(sheet).contains(wire.to()))
                .toList();
        if (fine.isEmpty()) {
            return Optional.empty();
        }
        Wire wire = fine.get(random.nextInt(fine.size()));
        List<Wire> wires = new ArrayList<>(sheet.wires());
        wires.remove(wire);
        if (random.nextDouble() > JOINED_TO_NOTHING) {
            List<String> pads = finePads(sheet).stream()
                    .filter(pad -> !pad.equals(wire.to()) && part(pad).equals(part(wire.to())))
                    .toList();
            if (pads.isEmpty()) {
                return Optional.empty();
            }
            wires.add(new Wire(
                    wire.from(), pads.get(random.nextInt(pads.size())), wire.gauge(), wire.lengthMm(), wire.plugged()));
        }
        try {
            return Optional.of(
                    record.withElectrics(new Electrics(new ElectricSheet(sheet.parts(), wires, sheet.battery()))));
        } catch (Rejected e) {
            return Optional.empty();
        }
    }

    private static List<String> finePads(ElectricSheet sheet) {
        return sheet.parts().stream()
                .flatMap(part -> part.archetype().pads().stream()
                        .filter(pad -> pad.kind().isFine())
                        .map(pad -> part.address(pad.name())))
                .toList();
    }

    private static String part(String pad) {
        return pad.substring(0, pad.indexOf('.'));
    }

    /** The craft as it truly is, said of the record's sheet; nothing where that can't say it. */
    private Optional<Craft> asInTruth(Craft unlike, Craft record, Required required) {
        Optional<Craft> wired = joined(record).equals(joined(truth))
                ? Optional.of(unlike)
                : required.conflicts().stream()
                        .flatMap(conflict -> IntStream.range(0, conflict.ways().size())
                                .filter(way ->
                                        joined(conflict.onSheet(record, way)).equals(joined(truth)))
                                .mapToObj(way -> conflict.otherwise(unlike, way)))
                        .findFirst();
        return wired.map(craft -> craft.with(truth.configuration()).withMounted(truth.mounted()));
    }

    private static Set<Set<String>> joined(Craft craft) {
        return craft.electrics().sheet().wires().stream()
                .map(wire -> Set.of(wire.from(), wire.to()))
                .collect(Collectors.toSet());
    }

    /** Some fault that has nothing to do with the record. */
    private List<Fault<Craft>> other(Diagnosis<Craft> diagnosis, Occasion occasion) {
        return List.of(FaultDraw.of(
                diagnosis.book().faults().stream()
                        .filter(fault -> !fault.isRecorded())
                        .toList(),
                occasion,
                random));
    }

    /** What the record has wrong, as faults. */
    private static List<Fault<Craft>> recorded(Diagnosis<Craft> diagnosis, Required required) {
        Set<String> ids = required.conflicts().stream().map(Conflict::id).collect(Collectors.toSet());
        return diagnosis.book().faults().stream()
                .filter(fault -> ids.contains(fault.id()))
                .toList();
    }

    private static Optional<Complaint> complaint(Craft sheet, Craft body, List<Fault<Craft>> faults) {
        Craft faulty = new Hypothesis<>(faults).applyTo(body);
        return Families.complaints(sheet, Meter.USUAL).stream()
                .filter(complaint -> complaint.isMadeOf(faulty) && !complaint.isMadeOf(body))
                .findFirst();
    }
}
