package ablemedic.app.workup;

import ablemedic.app.routine.Routines;
import ablemedic.app.workup.WorkUpEvent.BenchSet;
import ablemedic.app.workup.WorkUpEvent.CameDown;
import ablemedic.app.workup.WorkUpEvent.Closed;
import ablemedic.app.workup.WorkUpEvent.Fixed;
import ablemedic.app.workup.WorkUpEvent.Found;
import ablemedic.app.workup.WorkUpEvent.Reopened;
import ablemedic.app.workup.WorkUpEvent.Skipped;
import ablemedic.app.workup.WorkUpEvent.Suspected;
import ablemedic.app.workup.WorkUpEvent.TakenBack;
import ablemedic.app.workup.WorkUpEvent.Tested;
import ablemedic.app.workup.WorkUpStore.Numbered;
import ablemedic.app.workup.WorkUpStore.Opened;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.BenchState;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Case;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Evidence;
import ablemedic.diagnosis.Evidence.Finding;
import ablemedic.diagnosis.Evidence.Opinion;
import ablemedic.diagnosis.Fix;
import ablemedic.diagnosis.Reading;
import ablemedic.diagnosis.Repair;
import ablemedic.requirement.Required;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** A work-up as its events have made it. */
public final class WorkUp {
    /** Odds ratio of a suspicion, of a strong test and of a weak one. Common practice, no source. */
    private static final double SUSPICION = 5;

    private static final double STRONG = 12;
    private static final double WEAK = 3;
    /** A pause longer than this does not count as work. */
    private static final Duration LONGEST_PAUSE = Duration.ofMinutes(15);

    private final Opened opened;
    private final Required required;
    private final Book<Craft> book;
    private final List<Numbered> events;
    private final Routines.Standing routine;
    private final Set<Integer> takenBack = new HashSet<>();
    private final Map<Integer, Repair<Craft>> repairs = new LinkedHashMap<>();
    private final List<Integer> evidenceNumbers = new ArrayList<>();
    private final Map<String, Integer> skipped = new LinkedHashMap<>();
    private BenchState bench = BenchState.AT_INTAKE;
    private long benchLine;
    private Optional<Closed> closed = Optional.empty();
    private Case<Craft> known;

    /**
     * @param required what the craft of the work-up should be
     * @param routine how the craft's pre-power routine stands by its log; what the events say of it is history
     */
    WorkUp(Opened opened, Required required, Book<Craft> book, List<Numbered> events, Routines.Standing routine) {
        this.opened = opened;
        this.required = required;
        this.book = book;
        this.events = events;
        this.routine = routine;
        this.known = new Case<>(required.craft(), opened.occasion(), List.of(), List.of());
        for (Numbered numbered : events) {
            if (numbered.event() instanceof TakenBack back) {
                takenBack.add(back.n());
            }
        }
        for (Numbered numbered : events) {
            fold(numbered);
        }
    }

    /** The same work-up after one event more. */
    WorkUp with(Numbered more) {
        List<Numbered> all = new ArrayList<>(events);
        all.add(more);
        return new WorkUp(opened, required, book, all, routine);
    }

    /** The same work-up with the craft's pre-power routine standing otherwise. */
    WorkUp with(Routines.Standing other) {
        return new WorkUp(opened, required, book, events, other);
    }

    private void fold(Numbered numbered) {
        WorkUpEvent event = numbered.event();
        int n = numbered.n();
        if (event instanceof TakenBack back && repairs.remove(back.n()) != null) {
            known = new Case<>(known.sound(), known.occasion(), known.evidence(), List.copyOf(repairs.values()));
        }
        if (event instanceof Fixed fixed && repair(fixed).isPresent()) {
            repairs.put(n, repair(fixed).get());
            known = new Case<>(known.sound(), known.occasion(), known.evidence(), List.copyOf(repairs.values()));
        }
        if (takenBack.contains(n)) {
            return;
        }
        if (event instanceof Found found) {
            answered(found)
                    .ifPresent(check -> evidence(
                            n, new Finding<>(check, reading(check, found), found.sureness(), known.repairs())));
        } else if (event instanceof Suspected suspected) {
            opinion(n, suspected.faultId(), SUSPICION);
        } else if (event instanceof Tested tested) {
            double ratio = tested.strong() ? STRONG : WEAK;
            opinion(n, tested.faultId(), tested.speaksFor() ? ratio : 1 / ratio);
        } else if (event instanceof CameDown) {
            evidence(n, new Evidence.CameDown<>(known.repairs()));
        } else if (event instanceof Skipped skip) {
            skipped.put(skip.checkId(), n);
        } else if (event instanceof BenchSet set) {
            bench = set.state();
            benchLine = set.line();
        } else if (event instanceof Closed end) {
            closed = Optional.of(end);
        } else if (event instanceof Reopened) {
            closed = Optional.empty();
        }
    }

    /** Weighs an opinion of a fault that the book still has. */
    private void opinion(int n, String faultId, double ratio) {
        if (book.fault(faultId).isPresent()) {
            evidence(n, new Opinion<>(faultId, ratio, known.repairs()));
        }
    }

    private void evidence(int n, Evidence<Craft> evidence) {
        evidenceNumbers.add(n);
        known = known.withEvidence(evidence);
    }

    /**
     * The check of a finding, where the book still has it and it can still be answered so; else the finding is not
     * weighed.
     */
    Optional<Check<Craft>> answered(Found found) {
        return answered(book, found);
    }

    /** The same in any book. */
    static Optional<Check<Craft>> answered(Book<Craft> book, Found found) {
        return book.check(found.checkId())
                .filter(check -> check.toTell().isPresent() == (found.told() != null))
                .map(check -> found.told() == null ? check : check.told(found.told()))
                .filter(check -> found.entered().reading(check.answers()).isPresent());
    }

    /** A repair, where the book still has its fault and the way it was fixed. */
    Optional<Repair<Craft>> repair(Fixed fixed) {
        return book.fault(fixed.faultId())
                .flatMap(fault -> fix(book, known.sound(), fixed).map(fix -> new Repair<>(fault, fix)));
    }

    /** The way in which a fault was fixed, where a book has it. */
    static Optional<Fix<Craft>> fix(Book<Craft> book, Craft sound, Fixed fixed) {
        return book.fault(fixed.faultId()).flatMap(fault -> fault.fixes(sound).stream()
                .filter(fix -> fix.id().equals(fixed.fixId()))
                .findFirst());
    }

    /** The craft as required, and as recorded. */
    Required required() {
        return required;
    }

    Book<Craft> book() {
        return book;
    }

    /** What was answered, in the words of the craft. */
    static List<String> answers(Check<Craft> check, Found found, Craft sound) {
        return found.entered().inWordsOf(check, sound);
    }

    static Reading reading(Check<Craft> check, Found found) {
        return found.entered().reading(check.answers()).orElseThrow();
    }

    Opened opened() {
        return opened;
    }

    List<Numbered> events() {
        return events;
    }

    Case<Craft> known() {
        return known;
    }

    /** How the craft's pre-power routine stands. */
    Routines.Standing routine() {
        return routine;
    }

    BenchState bench() {
        return closed.isEmpty() && routine.line() > benchLine ? bench.with(routine.state()) : bench;
    }

    Optional<Closed> closed() {
        return closed;
    }

    boolean isTakenBack(int n) {
        return takenBack.contains(n);
    }

    /** Whether a fault was fixed here, and still is. */
    boolean isFixed(String faultId) {
        return repairs.values().stream().anyMatch(repair -> repair.fault().id().equals(faultId));
    }

    /** Fixes in force, by the number of their event. */
    Map<Integer, Repair<Craft>> repairs() {
        return repairs;
    }

    /** Checks put aside, with the number of their event. */
    Map<String, Integer> skipped() {
        return skipped;
    }

    /** What a check gave last on the craft as it is now, in words; nothing where it was not made since the last fix. */
    List<String> gave(Check<Craft> check) {
        List<String> gave = List.of();
        for (int k = 0; k < evidenceNumbers.size(); k++) {
            if (known.evidence().get(k) instanceof Finding<Craft> finding
                    && finding.check().id().equals(check.id())
                    && finding.repairs().equals(known.repairs())
                    && events.get(evidenceNumbers.get(k) - 1).event() instanceof Found found) {
                gave = answers(finding.check(), found, known.sound());
            }
        }
        return gave;
    }

    /** The event numbers of the evidence of the case, in its order. */
    List<Integer> evidenceNumbers() {
        return evidenceNumbers;
    }

    long version() {
        return events.isEmpty() ? 0 : events.get(events.size() - 1).n();
    }

    /** Minutes at work: the times between events, long pauses counted as the longest. */
    double minutes() {
        double minutes = 0;
        Instant before = opened.openedAt();
        for (Numbered numbered : events) {
            Duration gap = Duration.between(before, numbered.at());
            // A clock that was put back gives no time at all instead of a negative one.
            Duration worked = gap.isNegative() ? Duration.ZERO : gap.compareTo(LONGEST_PAUSE) > 0 ? LONGEST_PAUSE : gap;
            minutes += worked.toSeconds() / 60.0;
            before = numbered.at();
        }
        return minutes;
    }
}
