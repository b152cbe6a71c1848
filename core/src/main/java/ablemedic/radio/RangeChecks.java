package ablemedic.radio;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.catalogue.Param;
import ablemedic.craft.LinkSettings;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Gaussian;
import ablemedic.family.AntennaDefect;
import ablemedic.family.CheckList;
import ablemedic.family.Observer;
import ablemedic.wiring.Part;

/** The checks of how strong the radio is heard. Observers' error rates are common practice. */
final class RangeChecks {
    static final String STRENGTH = "strength-at-ten-metres";

    /** Strength over a field differs by place and by how the craft is held, dB. Common practice, no source. */
    private static final double PLACE_DB = 3;

    private static final double WEAKER_DB = 6;

    private RangeChecks() {}

    static void addTo(CheckList checks, RadioChain chain) {
        double slips = Observer.READS.slips();
        checks.ask(Radio.WORDS.check(STRENGTH))
                .kind("radio-strength")
                .with("right", Param.whole(Math.round(chain.strength(chain.sound())), ""))
                .shows(
                        words -> new Scale(words.line("measure").plain(), "", -130, 10),
                        dbm -> from(
                                Facet.of("strength", craft -> new Heard(chain.isLinked(craft), chain.strength(craft))),
                                heard -> heard.linked()
                                        ? new Gaussian(dbm, heard.dbm(), PLACE_DB, slips)
                                        : new Gaussian(dbm, -125, 5, 0.3)))
                .needs(BenchNeeds.OUTDOORS)
                .minutes(3)
                .risk(0.1)
                .add();
        chain.receiver().ifPresent(line -> {
            Part part = line.part();
            checks.ask(Radio.WORDS.check("antenna-look"))
                    .at(part)
                    .with("part", Param.part(part.id(), line.label()))
                    .shows(
                            Facet.of("receiver-antenna", craft -> AntennaDefect.why(craft, part)),
                            why -> why.map(w -> w == AntennaDefect.Why.BROKEN ? "broken" : "hidden")
                                    .orElse("well"),
                            Observer.TELLS)
                    .minutes(0.5)
                    .add();
        });
        double milliwatts = chain.sound().setting(LinkSettings.POWER);
        BindChecks.atRadio(checks, "radio-power-setting")
                .with("right", Param.whole(Math.round(milliwatts), ""))
                .minutes(0.5)
                .reads(RangeFaults.POWER, is -> is >= 0.7 * milliwatts ? "as-told" : "less", Observer.READS);
        checks.ask(Radio.WORDS.check("other-radio"))
                .with("within", Param.whole(Math.round(WEAKER_DB), ""))
                .shows(
                        Facet.of("radio-output", craft -> LinkBudget.lossDb(craft, "", milliwatts) > WEAKER_DB),
                        weak -> weak ? "stronger" : "alike",
                        Observer.JUDGES)
                .needs(BenchNeeds.RADIO)
                .minutes(6)
                .risk(0.1)
                .add();
    }

    private record Heard(boolean linked, double dbm) {}
}
