package ablemedic.power;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Outlook;
import ablemedic.diagnosis.Outlook.Either;
import ablemedic.diagnosis.Outlook.Spread;
import ablemedic.electrics.Wiring;
import ablemedic.reading.Meter;
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
    public record Under(Outlook reading, List<String> faults) {}

    /** The reading of a sound craft, then those of faults, each with the faults that give it. */
    public record Answer(Outlook sound, List<Under> under) {}

    public static Answer of(Craft craft, Probe.Mode mode, int red, int black, Meter meter) {
        Wiring wiring = craft.electrics().wiring();
        Probe probe = new Probe(mode, wiring.points().get(red), wiring.points().get(black), meter);
        Craft whole = craft.withElectrics(craft.electrics().sound());
        Outlook sound = probe.outlook(whole);
        Map<Outlook, List<String>> byReading = new LinkedHashMap<>();
        for (Fault<Craft> fault : PowerFaults.of(whole)) {
            Outlook reading = probe.outlook(fault.applyTo(whole));
            if (different(sound, reading)) {
                Outlook alike = byReading.keySet().stream()
                        .filter(known -> !different(known, reading))
                        .findFirst()
                        .orElse(reading);
                byReading.computeIfAbsent(alike, r -> new ArrayList<>()).add(fault.describe(whole));
            }
        }
        return new Answer(
                sound,
                byReading.entrySet().stream()
                        .map(e -> new Under(e.getKey(), e.getValue()))
                        .toList());
    }

    /** Whether a meter would tell two readings apart. */
    public static boolean different(Outlook one, Outlook other) {
        if (one instanceof Either a && other instanceof Either b) {
            return different(a.likeliest(), b.likeliest());
        }
        if (one instanceof Spread a && other instanceof Spread b) {
            return Math.abs(a.mean() - b.mean()) > DIFFERENT * Math.min(a.spread(), b.spread());
        }
        return !one.equals(other);
    }
}
