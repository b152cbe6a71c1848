package ablemedic.radio;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.craft.LinkSettings;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Gaussian;
import ablemedic.family.CheckList;
import ablemedic.family.Place;
import ablemedic.wiring.Defect.PoorAntenna;
import java.util.List;

/** The checks of how strong the radio is heard. Observers' error rates are common practice. */
final class RangeChecks {
    static final String STRENGTH = "strength-at-ten-metres";

    private static final double MISREAD = 0.05;
    /** Strength over a field differs by place and by how the craft is held, dB. Common practice, no source. */
    private static final double PLACE_DB = 3;

    private static final double WEAKER_DB = 6;

    private RangeChecks() {}

    static void addTo(CheckList checks, RadioChain chain) {
        Scale dbm = new Scale("strength, dBm", "", -130, 10);
        double sound = chain.strength(chain.sound());
        checks.add(
                STRENGTH,
                "radio-strength",
                "Read the strength at ten metres",
                "Outdoors, craft on the ground, props off, nobody between; radio ten metres away, its antenna not pointing at the craft. About "
                        + Math.round(sound)
                        + " dBm is right; where only percent show, compare with another craft on the same radio.",
                dbm,
                from(
                        Facet.of(
                                "strength at ten metres",
                                craft -> new Heard(chain.isLinked(craft), chain.strength(craft))),
                        heard -> heard.linked()
                                ? new Gaussian(dbm, heard.dbm(), PLACE_DB, MISREAD)
                                : new Gaussian(dbm, -125, 5, 0.3)),
                3,
                0.1,
                BenchNeeds.OUTDOORS);
        chain.receiver().ifPresent(line -> {
            Choices looks = Choices.of(
                    "How does it look?",
                    List.of(
                            new Outcome("well", "whole, plugged in, in the open"),
                            new Outcome("broken", "broken, or off its plug"),
                            new Outcome("hidden", "along carbon or the leads")));
            String part = line.part().id();
            checks.add(
                    "antenna-look",
                    "antenna-look",
                    "Look at the antenna of the " + line.label(),
                    "Follow it from plug to tip. After a crash look here first.",
                    looks,
                    from(
                            Facet.of("antenna of the receiver", craft -> craft.electrics()
                                    .poorAntenna(part)),
                            why -> Categorical.expecting(
                                    looks,
                                    why.map(w -> w == PoorAntenna.Why.BROKEN ? "broken" : "hidden")
                                            .orElse("well"),
                                    0.08)),
                    0.5,
                    0,
                    BenchNeeds.NOTHING,
                    new Place.OnePart(part));
        });
        double milliwatts = chain.sound().told(LinkSettings.POWER);
        Choices power = Choices.of(
                "What is it?",
                List.of(new Outcome("as-told", Math.round(milliwatts) + " mW, or more"), new Outcome("less", "less")));
        checks.add(RangeFaults.POWER
                .read(
                        "radio-power-setting",
                        "read-at-radio",
                        c -> "What power is the module set to?",
                        c -> "In its own page at the radio; one that follows the distance begins low.",
                        power,
                        told -> Categorical.expecting(power, told >= 0.7 * milliwatts ? "as-told" : "less", MISREAD),
                        0.5)
                .needing(BenchNeeds.RADIO));
        Choices other = Choices.of(
                "How does the other radio compare?",
                List.of(
                        new Outcome("alike", "as strong, within " + Math.round(WEAKER_DB) + " dB"),
                        new Outcome("stronger", "clearly stronger")));
        checks.add(
                "other-radio",
                "other-radio",
                "Compare with another radio of the same sort",
                "Another craft and its radio, or a module lent: same power, same place, read the strength of both.",
                other,
                from(
                        Facet.of("output of the radio", craft -> LinkBudget.lossDb(craft, "", milliwatts) > WEAKER_DB),
                        weak -> Categorical.expecting(other, weak ? "stronger" : "alike", 0.1)),
                6,
                0.1,
                BenchNeeds.RADIO);
    }

    private record Heard(boolean linked, double dbm) {}
}
