package ablemedic.diagnosis;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Function;

/**
 * Remembers the states of the stories that were told and what every check predicts from each facet of them, so that a
 * prediction is made once for all states that are equal in what it reads. Safe for several threads. States used least
 * lately go first; with them the predictions are forgotten when they are more than so many. A name is kept once however
 * many rows it stands in. Breaks off when its thread is interrupted.
 */
final class Predictions<S> {
    private static final int STATES = 6_000;
    private static final int ROWS = 12_000;
    /**
     * How often a check shows anything at all when the trouble is not in the book and shows in more than the complaint
     * and the flight. From memory.
     */
    static final double ODDLY = 0.1;

    private static final double ODDLY_IN_USE = 0.9;

    private final Map<Facet<S, ?>, Integer> numbers = new ConcurrentHashMap<>();
    private final Map<Facet<S, ?>, Map<Object, Row>> rows = new ConcurrentHashMap<>();
    private final AtomicInteger rowCount = new AtomicInteger();
    private final AtomicInteger facetCount = new AtomicInteger();
    private final Map<Told<S>, State<S>> states = new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Told<S>, State<S>> eldest) {
            return size() > STATES;
        }
    };

    /** What makes a state: a sound system, the faults of a story and the repairs made, these by their names. */
    private record Told<S>(S sound, List<String> faults, List<String> repairs) {}

    /** What the checks predict from one value of one facet, by their keys. */
    static final class Row {
        private final Map<String, Distribution> outlooks = new ConcurrentHashMap<>();
    }

    /** A system as a story leaves it, with what was read of it. */
    static final class State<S> {
        private final S system;
        private volatile Row[] rows = new Row[0];

        private State(S system) {
            this.system = system;
        }

        S system() {
            return system;
        }
    }

    /** The state of a story after repairs, which are known by their faults and the ways they were fixed. */
    State<S> state(S sound, Hypothesis<S> story, List<Repair<S>> repairs) {
        List<Repair<S>> felt = story.felt(sound, repairs);
        Told<S> told = new Told<>(
                sound,
                story.shown().stream().map(Fault::id).toList(),
                felt.isEmpty()
                        ? List.of()
                        : felt.stream()
                                .map(r -> (r.fault().id() + "/" + r.fix().id()).intern())
                                .toList());
        synchronized (states) {
            State<S> known = states.get(told);
            if (known != null) {
                return known;
            }
        }
        State<S> made = new State<>(Case.after(felt, story.applyTo(sound)));
        synchronized (states) {
            State<S> other = states.putIfAbsent(told, made);
            return other == null ? made : other;
        }
    }

    /** The row that all states share which are equal in a facet. */
    Row row(State<S> state, Facet<S, ?> facet) {
        return rows(facet).apply(state);
    }

    /** The same for many states of one facet. */
    Function<State<S>, Row> rows(Facet<S, ?> facet) {
        int number = numbers.computeIfAbsent(facet, f -> facetCount.getAndIncrement());
        return state -> row(state, facet, number);
    }

    private Row row(State<S> state, Facet<S, ?> facet, int number) {
        Row[] known = state.rows;
        if (number < known.length && known[number] != null) {
            return known[number];
        }
        Row row = rows.computeIfAbsent(facet, f -> new ConcurrentHashMap<>())
                .computeIfAbsent(facet.of(state.system), value -> {
                    rowCount.incrementAndGet();
                    return new Row();
                });
        synchronized (state) {
            Row[] longer = Arrays.copyOf(state.rows, Math.max(state.rows.length, number + 1));
            longer[number] = row;
            state.rows = longer;
        }
        forgetWhenFull();
        return row;
    }

    private void forgetWhenFull() {
        if (rowCount.get() > ROWS) {
            synchronized (states) {
                states.clear();
            }
            rows.clear();
            rowCount.set(0);
        }
    }

    /**
     * What a check predicts were the story true. What is not in the book leaves most checks as on a sound system, but
     * may show as anything.
     */
    Distribution of(Hypothesis<S> story, State<S> state, Check<S> check) {
        Distribution predicted = in(row(state, check.reads()), state, check);
        return outlook(story, check, predicted);
    }

    /** What a check predicts of a story, from what it predicts of the system that the faults of the story leave. */
    static Distribution outlook(Hypothesis<?> story, Check<?> check, Distribution predicted) {
        if (story.inBook() || check.explores() && !story.outside().get().shows()) {
            return predicted;
        }
        return predicted.loosened(
                check.explores() || story.outside().get().like().isPresent() ? ODDLY : ODDLY_IN_USE);
    }

    /** What a check predicts from the row of the facet that it reads. */
    Distribution in(Row row, State<S> state, Check<S> check) {
        Distribution known = row.outlooks.get(check.key());
        if (known != null) {
            return known;
        }
        if (Thread.currentThread().isInterrupted()) {
            throw new CancellationException("nobody waits for this any more");
        }
        Distribution made = check.outlook(state.system);
        Distribution other = row.outlooks.putIfAbsent(check.key().intern(), made);
        return other == null ? made : other;
    }
}
