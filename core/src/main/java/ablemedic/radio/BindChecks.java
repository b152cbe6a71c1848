package ablemedic.radio;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.craft.LinkSettings;
import ablemedic.craft.RadioSettings;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Facet;
import ablemedic.family.CheckList;
import ablemedic.family.SettingTrouble;
import java.util.List;

/** The checks of whether module and receiver know one another. Observers' error rates are common practice. */
final class BindChecks {
    static final String MOVES = "bind-proof";

    private static final double MISREAD = 0.05;

    private BindChecks() {}

    static void addTo(CheckList checks, RadioChain chain) {
        boolean byComputer = chain.receiverByComputer();
        Choices moves = Choices.of(
                "Does anything move?",
                List.of(
                        new Outcome("moves", "a bar or an output follows the stick"),
                        new Outcome("still", "nothing moves")));
        checks.add(
                MOVES,
                "bind-proof",
                "Prove the bind: push a stick, two metres away",
                "Radio on, this craft's model, two metres between radio and receiver"
                        + (byComputer ? "" : ", pack in and props off")
                        + ". Bars of the receiver's page, or a servo on an output. A lamp or a voltage at the radio is only a hint.",
                moves,
                from(
                        Facet.of("link and line", chain::isHeard),
                        heard -> Categorical.expecting(moves, heard ? "moves" : "still", MISREAD)),
                1,
                0.05,
                chain.barsNeed());
        Choices lamp = Choices.of(
                "What does the module's lamp do?",
                List.of(
                        new Outcome("dark", "dark"),
                        new Outcome("slow", "blinks slowly"),
                        new Outcome("solid", "solid"),
                        new Outcome("fast", "blinks fast")));
        checks.add(
                "module-lamp",
                "module-lamp",
                "Look at the lamp of the radio's module",
                "Craft powered, props off. Dark: off, or another protocol chosen. Slow: it waits for a receiver. Solid: linked. Fast: it updates; leave both on.",
                lamp,
                from(
                        Facet.of(
                                "lamp of the module",
                                craft -> !craft.told(RadioSettings.MODULE) || !craft.told(LinkSettings.PROTOCOL)
                                        ? "dark"
                                        : chain.isLinked(craft) && chain.isAlive(craft) ? "solid" : "slow"),
                        now -> Categorical.expecting(lamp, now, 0.1)),
                0.3,
                0.1,
                BenchNeeds.POWERED_AND_RADIO);
        atRadio(
                checks,
                BindFaults.MODEL,
                "radio-model-setting",
                "Which model has the radio chosen?",
                "The name on its first page, and the number that its receiver was bound under.",
                0.3);
        atRadio(
                checks,
                BindFaults.PROTOCOL,
                "radio-protocol-setting",
                "Which protocol is the module set to?",
                "In the model's page of modules. The receiver's print names its own.",
                0.5);
        generation(
                checks,
                BindFaults.RADIO_GENERATION,
                chain.sound().told(LinkSettings.RADIO_GENERATION),
                "radio-generation-setting",
                "Read the first number of the module's version",
                "At the radio, the module's page.",
                BenchNeeds.RADIO);
        generation(
                checks,
                BindFaults.RECEIVER_GENERATION,
                chain.sound().told(LinkSettings.RECEIVER_GENERATION),
                "receiver-generation-setting",
                "Read the first number of the receiver's version",
                "Its own page over the air or through the board, or its label if nobody updated it.",
                byComputer ? BenchNeeds.COMPUTER : BenchNeeds.POWERED);
        Choices stood = Choices.of(
                "Where is the radio?",
                List.of(
                        new Outcome("away", "a step or two away"),
                        new Outcome("beside", "on the bench, right beside the craft")));
        checks.add(BindFaults.BESIDE
                .read(
                        "radio-distance",
                        "radio-distance",
                        c -> "How far is the radio from the receiver?",
                        c -> "Look. Closer than a step it may swamp it.",
                        stood,
                        beside -> Categorical.expecting(stood, beside ? "beside" : "away", MISREAD),
                        0.1)
                .needing(BenchNeeds.NOTHING));
    }

    static void atRadio(
            CheckList checks, SettingTrouble<?> trouble, String id, String title, String how, double minutes) {
        checks.add(trouble.read(id, "read-at-radio", title, how, minutes).needing(BenchNeeds.RADIO));
    }

    private static void generation(
            CheckList checks,
            SettingTrouble<Integer> trouble,
            int sound,
            String id,
            String title,
            String how,
            BenchNeeds needs) {
        Choices number = Choices.of(
                "Which is it?",
                List.of(
                        new Outcome("as-told", String.valueOf(sound)),
                        new Outcome("older", "less than " + sound),
                        new Outcome("newer", "more than " + sound)));
        checks.add(trouble.read(
                        id,
                        "read-generation",
                        c -> title,
                        c -> how + " Both must be of one.",
                        number,
                        told -> Categorical.expecting(
                                number, told == sound ? "as-told" : told < sound ? "older" : "newer", MISREAD),
                        1)
                .needing(needs));
    }
}
