package ablemedic.power;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.catalogue.Names;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Item;
import ablemedic.diagnosis.Answers.Mixed;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.Answers.Question;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Categorical.Way;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Gaussian;
import ablemedic.diagnosis.Joint;
import ablemedic.diagnosis.Prediction;
import ablemedic.diagnosis.Reading;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.diagnosis.Reading.Several;
import ablemedic.family.CheckBuilder;
import ablemedic.family.Complaint;
import ablemedic.physics.Drives;
import ablemedic.physics.FedArm;
import ablemedic.physics.Powered;
import ablemedic.reading.Meter;
import ablemedic.wiring.Archetype;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.InnerCircuit;
import ablemedic.wiring.Part;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What an owner can say of power and voltage, and how a craft with each fault would look to an owner. */
final class PowerComplaints {
    private static final double TOLD_WRONG = 0.08;
    /** A hard punch, over the current at full throttle. Common practice. */
    private static final double PUNCH = 0.5;

    private static final double LOW_CELL_V = 3.3;
    /** How far off a number is that is told from memory. Common practice, no source. */
    private static final double REMEMBERED_V = 0.15;

    private static final double REMEMBERED_SHARE = 0.02;

    private final Electrics sound;
    private final List<Check<Craft>> checks;
    private final Check<Craft> flight;
    private final List<Complaint> complaints = new ArrayList<>();

    private PowerComplaints(Electrics sound, List<Check<Craft>> checks, Check<Craft> flight) {
        this.sound = sound;
        this.checks = checks;
        this.flight = flight;
    }

    private static final Reading FINE = Chosen.of(PowerChecks.NONE);
    private static final Chosen RIGHT = Chosen.of("right");

    /** @param craft a sound one */
    static List<Complaint> of(Craft craft, Meter meter, Check<Craft> flight) {
        PowerComplaints all = new PowerComplaints(craft.electrics(), PowerChecks.of(craft, meter), flight);
        all.deadArm();
        all.shorts();
        all.noPower();
        all.voltage();
        all.current();
        all.cutsOut();
        all.brownsOut();
        return List.copyOf(all.complaints);
    }

    private void deadArm() {
        Words words = Power.WORDS.complaint("dead-arm");
        List<Outcome> outcomes = new ArrayList<>();
        for (Corner corner : Corner.ALL) {
            String id = armId(corner);
            outcomes.add(
                    new Outcome(id, words.with("corner", new Param.Corner(id)).outcome("corner")));
        }
        outcomes.addAll(CheckBuilder.named(words, List.of("all", "several", PowerChecks.NONE)));
        Choices answers = new Choices(List.of(
                new Question("seen", words.line("ask"), outcomes),
                new Question("how", words.line("how"), CheckBuilder.named(words, List.of("dead", "stutters")))));
        add(words, answers, from(Facet.of("arms-dead-or-late", Arms::of), arms -> arms.told(answers)), FINE, flight);
    }

    private static String armId(Corner corner) {
        return Names.id(corner);
    }

    /** The arms that are dead or late, by their corners, and how many of them turn in the end. */
    private record Arms(List<Integer> affected, int late) {
        /** How often several are told of as such, and not by one of their names. From memory. */
        private static final double TOLD_AS_SEVERAL = 0.5;

        private static final double ALL_TOLD_AS_SEVERAL = 0.15;
        private static final int ALL = 4;
        private static final int SEVERAL = 5;
        private static final int NONE = 6;

        static Arms of(Craft craft) {
            List<Integer> affected = new ArrayList<>();
            int late = 0;
            for (Corner corner : Corner.ALL) {
                FedArm arm = Drives.at(craft, corner);
                if (!arm.turns() || arm.startsLate()) {
                    affected.add(corner.ordinal());
                    late += arm.turns() ? 1 : 0;
                }
            }
            return new Arms(affected, late);
        }

        Distribution told(Choices answers) {
            double[] which = new double[answers.questions().get(0).outcomes().size()];
            Arrays.fill(which, TOLD_WRONG / which.length);
            if (affected.isEmpty()) {
                which[NONE] += 1 - TOLD_WRONG;
            } else if (affected.size() == 1) {
                which[affected.get(0)] += 1 - TOLD_WRONG;
            } else {
                double several = (1 - TOLD_WRONG) * (affected.size() == ALL ? ALL_TOLD_AS_SEVERAL : TOLD_AS_SEVERAL);
                which[SEVERAL] += several;
                double rest = 1 - TOLD_WRONG - several;
                affected.forEach(corner -> which[affected.size() == ALL ? ALL : corner] += rest / affected.size());
            }
            double stutters = affected.isEmpty() ? 0.5 : TOLD_WRONG + (1 - 2 * TOLD_WRONG) * late / affected.size();
            return new Categorical(answers, List.of(new Way(1, new double[][] {which, {1 - stutters, stutters}})));
        }
    }

    private void shorts() {
        Words words = Power.WORDS.complaint("shorts");
        List<Outcome> outcomes = new ArrayList<>(CheckBuilder.named(words, List.of("pack")));
        List<Part> parts = sound.sheet().parts().stream()
                .filter(p -> p.archetype().kind() != Archetype.Kind.PLUG)
                .toList();
        parts.forEach(p -> outcomes.add(new Outcome(
                p.id(), words.with("part", Param.part(p.id(), p.label())).outcome("part"))));
        outcomes.addAll(CheckBuilder.named(words, List.of(PowerChecks.NONE)));
        Choices answers = Choices.of(words.line("ask"), outcomes);
        add(words, answers, from(PowerChecks.WIRED, e -> smoke(answers, parts, e)), FINE, check(PowerChecks.LIMITER));
    }

    private static Distribution smoke(Choices answers, List<Part> parts, Electrics electrics) {
        List<Integer> seen = new ArrayList<>();
        if (PowerChecks.bulb(electrics).equals("bright")) {
            seen.add(0);
        }
        Powered idle = Powered.onBench(electrics);
        for (int i = 0; i < parts.size(); i++) {
            Part part = parts.get(i);
            boolean over =
                    idle.supply(part).orElse(0.0) > 1.15 * part.archetype().highestV();
            if (electrics.smokes(part.id()) || over) {
                seen.add(i + 1);
            }
        }
        return named(answers, seen.isEmpty() ? List.of(parts.size() + 1) : seen);
    }

    private void noPower() {
        Words words = Power.WORDS.complaint("no-power");
        Choices answers = PowerChecks.which(words, sound, PowerChecks::draws);
        add(
                words,
                answers,
                from(PowerChecks.WIRED, e -> PowerChecks.dark(answers, e, Powered.onBench(e)::works)),
                FINE,
                check(PowerChecks.ALL_ON));
    }

    private void voltage() {
        if (sound.wiring().divider().isEmpty()) {
            return;
        }
        Words words = Power.WORDS.complaint("voltage");
        Item against = Item.of("seen", words.line("ask"), CheckBuilder.named(words, words.outcomes()));
        Scale shownV =
                new Scale(words.line("measure").plain(), "V", 0, ScaleFromReadings.HIGHEST_SHOWN_V, 0.5, List.of());
        Mixed answers = new Mixed(List.of(against, new Item("shown", shownV)));
        add(
                words,
                answers,
                from(
                        Facet.of("voltage-as-shown", Told::of),
                        told -> Joint.of(
                                answers,
                                Categorical.expecting((Choices) against.form(), told.as(), TOLD_WRONG),
                                new Gaussian(
                                        shownV,
                                        told.chargedV(),
                                        REMEMBERED_V + REMEMBERED_SHARE * told.chargedV(),
                                        TOLD_WRONG))),
                new Several(Map.of(against.id(), RIGHT)),
                check(PowerChecks.SHOWN_FULL),
                check(PowerChecks.SHOWN_CELLS));
    }

    /** What an owner tells of the shown voltage: how it is wrong, and the number with a charged battery, volts. */
    private record Told(String as, double chargedV) {
        static Told of(Craft craft) {
            return new Told(
                    shownAs(craft),
                    SenseChain.at(craft, craft.electrics().sheet().battery().restingV(0.95))
                            .shownV());
        }
    }

    private static String shownAs(Craft craft) {
        Electrics electrics = craft.electrics();
        SenseChain full = SenseChain.at(craft, electrics.sheet().battery().restingV(0.95));
        SenseChain low = SenseChain.at(craft, electrics.sheet().battery().restingV(0.2));
        double ratio = full.shownV() / Math.max(0.1, full.trueV());
        int cells = electrics.sheet().battery().cells() + electrics.cellsMore();
        if (full.shownV() < 0.7) {
            return "zero";
        } else if (Math.abs(full.shownV() - low.shownV()) < 0.25 * Math.abs(full.trueV() - low.trueV())) {
            return "fixed";
        } else if (ratio < 0.96 || ratio > 1.04) {
            return ratio < 1 ? "low" : "high";
        }
        return full.cells() == cells ? "right" : "cells";
    }

    private void current() {
        if (sound.wiring().all(InnerCircuit.CurrentSensor.class).isEmpty()) {
            return;
        }
        Words words = Power.WORDS.complaint("current");
        Choices answers = CheckBuilder.asked(words, words.outcomes());
        add(
                words,
                answers,
                from(
                        Facet.of("current-as-shown", PowerComplaints::current),
                        shown -> Categorical.expecting(answers, shown, TOLD_WRONG)),
                RIGHT,
                check(PowerChecks.SHOWN_CURRENT));
    }

    private static String current(Craft craft) {
        double flows = 4 * Drives.hoverA(craft);
        SenseChain.Sensed sensed = SenseChain.SENSED.of(craft);
        double rest = ShownCurrent.shown(sensed, 0);
        double ratio = (ShownCurrent.shown(sensed, flows) - rest) / flows;
        if (Math.abs(rest) > 1) {
            return "rest";
        }
        return ratio < 0.05 ? "zero" : ratio < 0.9 ? "low" : ratio > 1.1 ? "high" : "right";
    }

    private void cutsOut() {
        Words words = Power.WORDS.complaint("cuts-out");
        Choices answers = CheckBuilder.asked(words, words.outcomes());
        add(
                words,
                answers,
                from(
                        Facet.of("cuts-out-in-a-punch", PowerComplaints::underLoad),
                        does -> Categorical.expecting(answers, does, 0.15)),
                FINE,
                flight);
    }

    private static String underLoad(Craft craft) {
        // Momentum theory: power, and so current, goes with thrust to the power 3/2.
        Powered punch =
                Drives.flying(craft, 0.5, PUNCH * Math.pow(craft.airframe().thrustToWeight(), 1.5));
        Electrics electrics = craft.electrics();
        boolean board = electrics.sheet().flightBoard().map(punch::works).orElse(true);
        long weak = Drives.feeds(craft).stream().filter(feed -> feed < 0.93).count();
        if (!board || weak >= 3) {
            return "all";
        } else if (weak > 0) {
            return "arm";
        } else if (electrics.sheet().parts().stream()
                .anyMatch(p -> p.archetype().load().isPresent() && !punch.works(p))) {
            return "part";
        }
        return punch.plugV() / electrics.sheet().battery().cells() < LOW_CELL_V ? "early" : PowerChecks.NONE;
    }

    private void brownsOut() {
        Words words = Power.WORDS.complaint("browns-out");
        Choices answers = PowerChecks.which(words, sound, PowerChecks::draws);
        add(
                words,
                answers,
                from(
                        Facet.of("cuts-out-in-a-hover", PowerComplaints::failing),
                        failing -> PowerChecks.dark(answers, sound, part -> !failing.contains(part.id()))),
                FINE,
                check(PowerChecks.ALL_STEADY));
    }

    private static List<String> failing(Craft craft) {
        Powered hover = Drives.flying(craft, 0.4, 1);
        return craft.electrics().sheet().parts().stream()
                .filter(part -> !hover.works(part))
                .map(Part::id)
                .toList();
    }

    private Check<Craft> check(String id) {
        return checks.stream().filter(c -> c.id().equals(id)).findFirst().orElseThrow();
    }

    /** Any of those that are so may be named. */
    private static Distribution named(Choices answers, List<Integer> so) {
        double[] p = new double[answers.questions().get(0).outcomes().size()];
        Arrays.fill(p, TOLD_WRONG / p.length);
        for (int i : so) {
            p[i] += (1 - TOLD_WRONG) / so.size();
        }
        return Categorical.of(answers, p);
    }

    @SafeVarargs
    private void add(
            Words words, Answers answers, Prediction<Craft, ?> prediction, Reading fine, Check<Craft>... proof) {
        complaints.add(
                Complaint.told(words.id(), words.title(), answers, prediction, Optional.of(fine), List.of(proof)));
    }
}
