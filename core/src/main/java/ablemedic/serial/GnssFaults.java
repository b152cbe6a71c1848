package ablemedic.serial;

import ablemedic.catalogue.Names;
import ablemedic.catalogue.Param;
import ablemedic.craft.Craft;
import ablemedic.craft.SpokenSettings;
import ablemedic.family.Odds;
import ablemedic.serial.SerialDefect.NoSky;
import ablemedic.serial.SerialDefect.NoSky.Why;
import ablemedic.uart.CraftLine;
import ablemedic.uart.GnssLoad;
import ablemedic.uart.JoinedPart;
import ablemedic.wiring.InnerCircuit;
import ablemedic.wiring.UartFunction;
import java.util.Optional;
import java.util.stream.Stream;

/** What can be wrong with a GNSS module besides its line: too many positions, or no view of the sky. */
final class GnssFaults {
    private final SerialFaults faults;
    private final Craft craft;

    GnssFaults(SerialFaults faults) {
        this.faults = faults;
        this.craft = faults.sound();
    }

    void addTo(CraftLine line) {
        if (line.job() != UartFunction.GNSS) {
            return;
        }
        overloading(line).ifPresent(hz -> faults.wrong(
                        "gnss-rate-too-high",
                        "gnss-hz-" + line.id(),
                        SerialSettings.GNSS_HZ,
                        SerialOdds.GNSS_HZ,
                        was -> hz)
                .with("line", SerialFaults.line(line))
                .with("hz", Param.whole(hz, ""))
                .with("right", faults.said(SpokenSettings.GNSS_HZ))
                .fix("set", 6));
        noSky(line, Why.FACE_DOWN, SerialOdds.FACE_DOWN, 8);
        if (hasTransmitter()) {
            noSky(line, Why.BESIDE_TRANSMITTER, SerialOdds.BESIDE_TRANSMITTER, 15);
        }
        noSky(line, Why.NO_TIME_YET, SerialOdds.NO_TIME_YET, 6);
    }

    private boolean hasTransmitter() {
        return craft.electrics().sheet().parts().stream()
                .flatMap(part -> part.archetype().inner().stream())
                .anyMatch(
                        one -> one instanceof InnerCircuit.Spoken spoken && spoken.job() == UartFunction.VIDEO_CONTROL);
    }

    /** The lowest usual number of positions a second that its line does not carry. Common practice, no source. */
    private Optional<Integer> overloading(CraftLine line) {
        JoinedPart joined = faults.lines().joined(line, craft, false);
        return Stream.of(5, 10, 25)
                .filter(hz -> hz > craft.setting(SpokenSettings.GNSS_HZ)
                        && GnssLoad.of(joined, hz).share() > 1)
                .findFirst();
    }

    /** Each cause has a fix of its own, which does nothing for the others. */
    private void noSky(CraftLine line, Why why, Odds prior, double minutes) {
        String part = line.part().id();
        String name = Names.id(why);
        faults.add("no-sky", "sky-" + name + "-" + part)
                .site("serial sky " + part)
                .prior(prior)
                .with("line", SerialFaults.line(line))
                .with("why", new Param.Choice(name))
                .defect(new NoSky(part, why))
                .remedy("sky " + name + " " + part)
                .fix("put-right", minutes);
    }
}
