package ablemedic.takeoff;

import ablemedic.configuration.Configuration;
import ablemedic.configuration.Setting;
import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.craft.RadioSettings;
import ablemedic.craft.Stick;
import ablemedic.diagnosis.Facet;
import ablemedic.physics.Drives;
import ablemedic.physics.FedArm;
import ablemedic.physics.Memory;
import ablemedic.wiring.Electrics;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What an ensemble of take-offs of a craft would be seen to do. Remembered, since crafts that differ only in their
 * wires take off alike.
 */
final class Sightings {
    private static final Memory<Flying, List<Sight>> SEEN = new Memory<>(4_000);

    /** The settings that a take-off feels; of all others it knows nothing. */
    private static final Set<Setting<?>> FELT = Stream.of(
                    FcSettings.ALL.stream().filter(setting -> !FcSettings.isOfPower(setting)),
                    Stream.of(RadioSettings.STICK_ORDER),
                    Arrays.stream(Stick.values()).map(RadioSettings::reversed))
            .<Setting<?>>flatMap(all -> all)
            .collect(Collectors.toUnmodifiableSet());

    /** All that a take-off depends on: the craft without its wiring, and the arms as that lets them run. */
    record Flying(Craft body, List<FedArm> arms) {}

    static final Facet<Craft, Flying> FLIGHT = Facet.of(
            "take-off",
            craft -> new Flying(
                    craft.withElectrics(Electrics.NONE)
                            .with(craft.configuration()
                                    .taking(setting -> !FELT.contains(setting), Configuration.USUAL)),
                    Drives.of(craft)));

    private Sightings() {}

    static List<Sight> of(Craft craft) {
        return of(FLIGHT.of(craft));
    }

    static List<Sight> of(Flying flying) {
        return SEEN.of(flying, alike -> {
            List<Sight> moves = new LinearMotion(new Loop(alike.body(), alike.arms())).sights(Disturbance.USUAL);
            return vibrates(alike)
                    ? IntStream.range(0, moves.size())
                            .mapToObj(i -> i % 2 == 0 ? moves.get(i).vibrating() : moves.get(i))
                            .toList()
                    : moves;
        });
    }

    /**
     * Whether a prop out of balance shakes it. Somebody standing by sees that about every other time; common practice,
     * no source.
     */
    private static boolean vibrates(Flying flying) {
        return Corner.ALL.stream()
                .anyMatch(corner -> flying.body().arm(corner).prop().damaged()
                        && flying.arms().get(corner.ordinal()).turns());
    }
}
