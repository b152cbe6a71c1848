package ablemedic.takeoff;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.Rotation;
import ablemedic.craft.SpinConvention;
import ablemedic.craft.StickOrder;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.family.CheckBuilder;
import ablemedic.family.Observer;
import ablemedic.family.SettingTrouble;
import ablemedic.takeoff.BoardOrientation.Arrow;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** What is read of the settings that a take-off depends on. */
final class SettingChecks {
    private static final String OTHER = "other";
    /** From this many times the usual on, a gain or a filter stands out beside one that suits. */
    private static final double STANDS_OUT = 3;

    private final TakeOffChecks checks;

    SettingChecks(TakeOffChecks checks) {
        this.checks = checks;
    }

    void add() {
        Choices alignments = alignments(TakeOffChecks.words("read-alignment"));
        set("read-alignment", "alignment-setting")
                .with("right", craft -> Param.written(craft.mounted().angles().toString()))
                .minutes(0.7)
                .reads(
                        TakeOffSettings.ALIGNMENT,
                        alignments,
                        set -> Categorical.expecting(
                                alignments, Arrow.idOf(set).orElse(OTHER), Observer.READS.slips()));
        Choices directions = directions(TakeOffChecks.words("read-spin-school"));
        set("read-spin-school", "spin-setting")
                .minutes(0.5)
                .reads(
                        TakeOffSettings.SPINS,
                        directions,
                        set -> Categorical.expecting(directions, TakeOffSeen.id(set), Observer.READS.slips()));
        set("read-stick-order", "stick-order-setting")
                .minutes(0.5)
                .reads(TakeOffSettings.BOARD_ORDER, SettingChecks::order, Observer.READS);
        compared("read-gains", "gain-setting", TakeOffSettings.GAIN);
        compared("read-filter", "filter-setting", TakeOffSettings.FILTER);
    }

    private CheckBuilder set(String entry, String id) {
        return checks.ask(entry).id(id).needs(BenchNeeds.COMPUTER);
    }

    private void compared(String entry, String id, SettingTrouble<Double> trouble) {
        set(entry, id)
                .minutes(1)
                .reads(
                        trouble,
                        times -> times > STANDS_OUT ? "high" : times < 1 / STANDS_OUT ? "low" : "usual",
                        Observer.JUDGES);
    }

    private static String order(StickOrder order) {
        return order.equals(StickOrder.AETR) ? "aetr" : order.equals(StickOrder.TAER) ? "taer" : OTHER;
    }

    private static Choices alignments(Words words) {
        List<Outcome> outcomes = new ArrayList<>();
        for (boolean down : new boolean[] {false, true}) {
            for (Arrow arrow : Arrow.values()) {
                Rotation mounted = arrow.mounted(down);
                outcomes.add(Outcome.written(arrow.id(down), mounted.angles().toString()));
            }
        }
        outcomes.addAll(CheckBuilder.named(words, List.of(OTHER)));
        return Choices.of(words.line("ask"), outcomes);
    }

    private static Choices directions(Words words) {
        return Choices.of(
                words.line("ask"),
                Arrays.stream(SpinConvention.values())
                        .map(one -> Outcome.written(TakeOffSeen.id(one), one.label()))
                        .toList());
    }
}
