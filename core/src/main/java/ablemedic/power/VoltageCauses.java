package ablemedic.power;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.configuration.Configuration;
import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.diagnosis.Assumptions;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Case;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Posterior;
import ablemedic.diagnosis.Reading.Measured;
import ablemedic.diagnosis.Sureness;
import ablemedic.diagnosis.Suspect;
import ablemedic.parts.WiringLayout;
import ablemedic.physics.Memory;
import ablemedic.power.ScaleFromReadings.Cause;
import ablemedic.power.ScaleFromReadings.Pair;
import ablemedic.reading.Meter;
import ablemedic.wiring.Electrics;
import java.util.ArrayList;
import java.util.List;

/** What is behind a wrong voltage, weighed by the reasoning from nothing but readings beside the meter. */
final class VoltageCauses {
    private static final int SHOWN = 6;
    private static final double WORTH_SHOWING = 0.01;
    private static final double SCALE_DIFFERS = 0.015;
    private static final Memory<Wired, Diagnosis<Craft>> KNOWN = new Memory<>(8);

    private VoltageCauses() {}

    private record Wired(Electrics electrics, Configuration told, Meter meter) {}

    /** The causes, the most believed first. What is shown is taken to what the sheet's own scale would have shown. */
    static List<Cause> of(List<Pair> pairs, double setScale, Craft asked, Meter meter) {
        boolean usual = asked.electrics().wiring().divider().isEmpty();
        Craft craft = usual ? usual(asked) : asked;
        Craft sound = craft.withElectrics(craft.electrics().sound())
                .with(FcSettings.VOLTAGE_SCALE, SenseChain.rightScale(craft));
        Diagnosis<Craft> diagnosis = KNOWN.of(
                new Wired(sound.electrics(), SenseChain.SENSED.of(sound).told(), meter),
                key -> new Diagnosis<>(
                        new Book<>(PowerFaults.of(sound), PowerChecks.of(sound, meter)), Assumptions.USUAL));
        double toSheet = usual ? 1 : sound.setting(FcSettings.VOLTAGE_SCALE) / setScale;
        Case<Craft> known = new Case<>(sound, Occasion.NOTHING_KNOWN, List.of(), List.of());
        for (Pair pair : pairs) {
            Check<Craft> check =
                    diagnosis.book().check(PowerChecks.SHOWN_FULL).orElseThrow().told(pair.trueV());
            known = known.with(check, new Measured(pair.shownV() * toSheet), Sureness.SURE);
        }
        Posterior<Craft> posterior = diagnosis.posterior(known);
        Words words = ScaleFromReadings.words();
        List<Cause> causes = new ArrayList<>();
        double right = posterior.nothingLeft();
        boolean scaleDiffers = Math.abs(toSheet - 1) > SCALE_DIFFERS;
        causes.add(new Cause(
                scaleDiffers
                        ? words.with("set", Param.number(setScale, ""))
                                .with("right", Param.number(sound.setting(FcSettings.VOLTAGE_SCALE), ""))
                                .line("differs")
                                .plain()
                        : words.line("sound").plain(),
                right,
                volts(sound, pairs.get(0), toSheet)));
        for (Suspect<Craft> suspect : posterior.suspects()) {
            if (suspect.belief() >= WORTH_SHOWING && posterior.explaining().contains(suspect.remedy())) {
                Fault<Craft> fault = suspect.leading();
                causes.add(new Cause(
                        fault.describe(craft).plain(),
                        suspect.belief(),
                        volts(fault.applyTo(sound), pairs.get(0), toSheet)));
            }
        }
        causes.add(new Cause(words.line("unknown").plain(), posterior.notInBook(), ""));
        return causes.stream()
                .filter(c -> c.belief() >= WORTH_SHOWING)
                .sorted((a, b) -> Double.compare(b.belief(), a.belief()))
                .limit(SHOWN)
                .toList();
    }

    private static String volts(Craft craft, Pair pair, double toSheet) {
        double shown = SenseChain.at(craft, pair.trueV()).shownV() / toSheet;
        return ScaleFromReadings.words()
                .with("volts", new Param.Quantity(shown, "V", 2))
                .line("shows")
                .plain();
    }

    /** A usual craft with a sense wire; the scale that is set is taken to suit its divider. */
    private static Craft usual(Craft craft) {
        return craft.withElectrics(new Electrics(WiringLayout.SEPARATE.sheet(
                        List.of(0, 1, 2, 3),
                        Corner.ALL.stream()
                                .map(craft.airframe().shape()::shortName)
                                .toList(),
                        craft.airframe().reachMm(),
                        craft.electrics().sheet().battery(),
                        List.of("receiver"))))
                .with(Configuration.USUAL);
    }
}
