package ablemedic.radio;

import ablemedic.catalogue.Param;
import ablemedic.craft.LinkSettings;
import ablemedic.craft.RadioSettings;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Facet;
import ablemedic.family.CheckBuilder;
import ablemedic.family.CheckList;
import ablemedic.family.Observer;
import ablemedic.family.SettingTrouble;

/** The checks of whether module and receiver know one another. Observers' error rates are common practice. */
final class BindChecks {
    static final String MOVES = "bind-proof";

    /** The page of what is read at the radio; it belongs to serial wiring. */
    private static final String AT_RADIO = "read-at-radio";

    private BindChecks() {}

    static void addTo(CheckList checks, RadioChain chain) {
        checks.ask(Radio.WORDS.check(MOVES))
                .with("usb", Param.when(chain.receiverByComputer()))
                .shows(Facet.of("link-and-line", chain::isHeard), heard -> heard ? "moves" : "still", Observer.READS)
                .needs(chain.barsNeed())
                .minutes(1)
                .risk(0.05)
                .add();
        checks.ask(Radio.WORDS.check("module-lamp"))
                .shows(
                        Facet.of(
                                "module-led",
                                craft -> !craft.setting(RadioSettings.MODULE) || !craft.setting(LinkSettings.PROTOCOL)
                                        ? "dark"
                                        : chain.isLinked(craft) && chain.isAlive(craft) ? "solid" : "slow"),
                        now -> now,
                        Observer.JUDGES)
                .needs(BenchNeeds.POWERED_AND_RADIO)
                .minutes(0.3)
                .risk(0.1)
                .add();
        atRadio(checks, "radio-model-setting").minutes(0.3).reads(BindFaults.MODEL);
        atRadio(checks, "radio-protocol-setting").minutes(0.5).reads(BindFaults.PROTOCOL);
        generation(checks, chain, BindFaults.RADIO_GENERATION, "radio-generation-setting", BenchNeeds.RADIO);
        generation(
                checks,
                chain,
                BindFaults.RECEIVER_GENERATION,
                "receiver-generation-setting",
                chain.receiverByComputer() ? BenchNeeds.COMPUTER : BenchNeeds.POWERED);
        checks.ask(Radio.WORDS.check("radio-distance"))
                .minutes(0.1)
                .reads(BindFaults.BESIDE, beside -> beside ? "beside" : "away", Observer.READS);
    }

    /** One that reads a setting at the radio. */
    static CheckBuilder atRadio(CheckList checks, String id) {
        return checks.ask(Radio.WORDS.check(id)).kind(AT_RADIO).needs(BenchNeeds.RADIO);
    }

    private static void generation(
            CheckList checks, RadioChain chain, SettingTrouble<Integer> trouble, String id, BenchNeeds needs) {
        int right = chain.sound().setting(trouble.setting());
        checks.ask(Radio.WORDS.check(id))
                .kind("read-generation")
                .with("right", Param.whole(right, ""))
                .needs(needs)
                .minutes(1)
                .reads(trouble, is -> is == right ? "as-told" : is < right ? "older" : "newer", Observer.READS);
    }
}
