package ablemedic.app.workup;

import ablemedic.app.workup.WorkUpEvent.BenchSet;
import ablemedic.app.workup.WorkUpEvent.CameDown;
import ablemedic.app.workup.WorkUpEvent.Closed;
import ablemedic.app.workup.WorkUpEvent.Fixed;
import ablemedic.app.workup.WorkUpEvent.Found;
import ablemedic.app.workup.WorkUpEvent.RecordCorrected;
import ablemedic.app.workup.WorkUpEvent.Reopened;
import ablemedic.app.workup.WorkUpEvent.Skipped;
import ablemedic.app.workup.WorkUpEvent.Suspected;
import ablemedic.app.workup.WorkUpEvent.Tested;
import ablemedic.app.workup.WorkUpStore.Numbered;
import ablemedic.app.workup.WorkUpView.Noted;
import ablemedic.app.workup.WorkUps.AsOpened;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Fix;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * What happened in a work-up, line by line. What no longer applies to the craft keeps its words, and says that it is
 * not weighed.
 */
final class NotedLines {
    private static final Words SAID =
            Catalogue.beside(NotedLines.class, "words").of("noted-lines");
    private static final String NOT_WEIGHED = SAID.line("not-weighed").plain();

    private final WorkUp workUp;
    private final Craft sound;
    private final Supplier<AsOpened> opening;
    private final WireKnowledge wires;
    private final int lastFix;
    private @Nullable AsOpened opened;

    /** @param opening asked only where something no longer applies */
    NotedLines(WorkUp workUp, Supplier<AsOpened> opening, WireKnowledge wires) {
        this.workUp = workUp;
        this.sound = workUp.known().sound();
        this.opening = opening;
        this.wires = wires;
        this.lastFix = workUp.repairs().keySet().stream().max(Integer::compare).orElse(0);
    }

    List<Noted> all() {
        return workUp.events().stream().flatMap(one -> of(one).stream()).toList();
    }

    /** The line of an event; none for one that only moves the bench or takes another back. */
    Optional<Noted> of(Numbered e) {
        WorkUpEvent event = e.event();
        if (event instanceof Found found) {
            return Optional.of(found(e, found));
        }
        if (event instanceof Suspected s) {
            return Optional.of(line(
                    e,
                    "suspicion",
                    SAID.with("fault", fault(s.faultId())).line("suspicion").plain(),
                    words(s.words()),
                    weighed(s.faultId(), ""),
                    true));
        }
        if (event instanceof Tested t) {
            return Optional.of(line(
                    e,
                    "own test",
                    SAID.with("speaks", Param.when(t.speaksFor()))
                            .with("fault", fault(t.faultId()))
                            .line("test")
                            .plain(),
                    words(t.words()),
                    weighed(t.faultId(), t.strong() ? "strong" : "weak"),
                    true));
        }
        if (event instanceof Skipped s) {
            return Optional.of(line(
                    e,
                    "skipped",
                    SAID.with("check", check(s.checkId())).line("skipped").plain(),
                    List.of(),
                    "",
                    true));
        }
        if (event instanceof Fixed f) {
            return Optional.of(fixed(e, f));
        }
        if (event instanceof BenchSet b && !b.override().isBlank()) {
            return Optional.of(line(e, "override", SAID.line("override").plain(), List.of(b.override()), "", false));
        }
        if (event instanceof RecordCorrected c) {
            return Optional.of(line(e, "record", SAID.line("record").plain(), words(c.words()), "", false));
        }
        if (event instanceof CameDown c) {
            return Optional.of(line(e, "crash", SAID.line("crash").plain(), words(c.words()), "", false));
        }
        if (event instanceof Closed c) {
            return Optional.of(line(
                    e,
                    "closed",
                    SAID.with("end", c.end().label()).line("closed").plain(),
                    words(c.reason()),
                    "",
                    false));
        }
        if (event instanceof Reopened r) {
            return Optional.of(line(e, "reopened", SAID.line("reopened").plain(), words(r.reason()), "", false));
        }
        return Optional.empty();
    }

    private Noted found(Numbered e, Found found) {
        String sureness = SAID.with("sureness", found.sureness().label())
                .with("over", Param.when(found.override() != null))
                .line("sureness")
                .plain();
        Optional<Check<Craft>> check = workUp.answered(found);
        if (check.isEmpty()) {
            return WorkUp.answered(opened().book(), found)
                    .map(then -> line(
                            e,
                            "finding",
                            then.title(opened().craft()).plain(),
                            WorkUp.answers(then, found, opened().craft()),
                            NOT_WEIGHED,
                            true))
                    .orElseGet(() -> line(e, "finding", lost("check", found.checkId()), List.of(), "", true));
        }
        Noted line = line(
                e,
                "finding",
                check.get().title(sound).plain(),
                WorkUp.answers(check.get(), found, sound),
                sureness,
                true);
        return line.takenBack()
                ? line
                : line.clearing(wires.clearedInWords(sound, check.get(), WorkUp.reading(check.get(), found)));
    }

    private Noted fixed(Numbered e, Fixed fixed) {
        Optional<Fix<Craft>> now = WorkUp.fix(workUp.book(), sound, fixed);
        Optional<Fix<Craft>> fix = now.or(() -> WorkUp.fix(opened().book(), opened().craft(), fixed));
        return line(
                e,
                "fix",
                SAID.with("fix", fix.map(made -> made.title().plain()).orElseGet(() -> lost("fix", fixed.faultId())))
                        .line("fixed")
                        .plain(),
                fix.map(made -> made.values().stream()
                                .map(v -> v.what() + ": " + v.before() + " → " + v.after())
                                .toList())
                        .orElse(List.of()),
                now.isPresent() || fix.isEmpty() ? "" : NOT_WEIGHED,
                true);
    }

    private String check(String id) {
        return workUp.book()
                .check(id)
                .map(check -> check.title(sound).plain())
                .or(() -> opened().book().check(id).map(check -> check.title(opened().craft())
                        .plain()))
                .orElseGet(() -> lost("check", id));
    }

    private String fault(String id) {
        return workUp.book()
                .fault(id)
                .map(fault -> fault.describe(sound).plain())
                .or(() -> opened().book().fault(id).map(fault -> fault.describe(opened().craft())
                        .plain()))
                .orElseGet(() -> lost("fault", id));
    }

    private String weighed(String faultId, String how) {
        return workUp.book().fault(faultId).isPresent() ? how : NOT_WEIGHED;
    }

    private AsOpened opened() {
        AsOpened known = opened;
        if (known == null) {
            known = opening.get();
            opened = known;
        }
        return known;
    }

    /** A check or fault that was in the catalogue when it was recorded. */
    private static String lost(String what, String id) {
        return SAID.with("what", new Param.Choice(what))
                .with("id", id)
                .line("lost")
                .plain();
    }

    private Noted line(
            Numbered e, String sort, String title, List<String> answers, String sureness, boolean canTakeBack) {
        boolean back = workUp.isTakenBack(e.n());
        return new Noted(
                e.n(),
                e.at(),
                sort,
                title,
                answers,
                sureness,
                back,
                e.n() < lastFix,
                canTakeBack && !back && workUp.closed().isEmpty(),
                List.of());
    }

    private static List<String> words(String words) {
        return words.isBlank() ? List.of() : List.of(words);
    }
}
