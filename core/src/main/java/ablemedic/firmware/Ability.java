package ablemedic.firmware;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Names;
import ablemedic.catalogue.Words;
import ablemedic.craft.MotorProtocol;
import ablemedic.protocol.Format;
import ablemedic.wiring.UartFunction;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Something that versions of a firmware can do, or that can be built into them.
 *
 * @param what one of {@link #KNOWN}
 * @param since the first version that has it, counted from 1
 * @param until the last version that has it; 0 where it still stands
 * @param leftOut whether a build of these versions may leave it out to save room
 */
public record Ability(String what, int since, int until, boolean leftOut) {
    /** The id of reading a compass. */
    public static final String COMPASS = "compass";

    /** All that a craft can need of its firmware, by id, in words. */
    public static final Map<String, String> KNOWN = known();

    public Ability {
        if (!KNOWN.containsKey(what)) {
            throw new IllegalArgumentException("no ability " + what);
        }
    }

    private static Map<String, String> known() {
        Words words = Catalogue.beside(Ability.class, "names").of("ability");
        Map<String, String> all = new LinkedHashMap<>();
        for (UartFunction job : UartFunction.values()) {
            all.put(of(job), job.label());
        }
        for (Format format : Format.values()) {
            all.put(of(format), format.label());
        }
        for (MotorProtocol protocol : MotorProtocol.values()) {
            all.put(
                    of(protocol),
                    words.with("protocol", protocol.label()).line("motors").plain());
        }
        for (String what : List.of("two-way-motors", "soft-serial", COMPASS)) {
            all.put(what, words.outcome(what).plain());
        }
        return all;
    }

    /** The id of being able to do a job. */
    public static String of(UartFunction job) {
        return "job-" + job.id();
    }

    /** The id of speaking a format. */
    public static String of(Format format) {
        return "format-" + format.id();
    }

    /** The id of speaking a protocol to the motors. */
    public static String of(MotorProtocol protocol) {
        return "motors-" + Names.id(protocol);
    }

    /** Whether a version, counted from 1, has it or can have it built in. */
    public boolean isIn(int version) {
        return version >= since && (until == 0 || version <= until);
    }
}
