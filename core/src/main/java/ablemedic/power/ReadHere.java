package ablemedic.power;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Fault;
import ablemedic.reading.Meter;
import ablemedic.wiring.Wiring;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What a meter shows between two points of a craft when all is well, and under each fault that changes it. */
public final class ReadHere {
    /** Readings further apart than this many of their spreads are different. */
    private static final double DIFFERENT = 3;

    private ReadHere() {}

    /** A reading that some faults give. */
    public record Under(Distribution reading, List<String> faults) {}

    /** The reading of a sound craft, then those of faults, each with the faults that give it. */
    public record Answer(Distribution sound, List<Under> under) {}

    public static Answer of(Craft craft, Probe.Mode mode, int red, int black, Meter meter) {
        Wiring wiring = craft.electrics().wiring();
        Probe probe = new Probe(mode, wiring.points().get(red), wiring.points().get(black), meter);
        Craft whole = craft.withElectrics(craft.electrics().sound());
        Distribution sound = probe.outlook(whole);
        Map<Distribution, List<String>> byReading = new LinkedHashMap<>();
        for (Fault<Craft> fault : PowerFaults.of(whole)) {
            Distribution reading = probe.outlook(fault.applyTo(whole));
            if (different(sound, reading)) {
                Distribution alike = byReading.keySet().stream()
                        .filter(known -> !different(known, reading))
                        .findFirst()
                        .orElse(reading);
                byReading
                        .computeIfAbsent(alike, r -> new ArrayList<>())
                        .add(fault.describe(whole).plain());
            }
        }
        return new Answer(
                sound,
                byReading.entrySet().stream()
                        .map(e -> new Under(e.getKey(), e.getValue()))
                        .toList());
    }

    /** Whether a meter would tell two readings apart. */
    public static boolean different(Distribution one, Distribution other) {
        return !one.isWithin(other, DIFFERENT);
    }
}
