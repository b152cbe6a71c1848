package ablemedic.catalogue;

import ablemedic.catalogue.Rejected.Wrong;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/** Gathers what is wrong with something that was entered, in the words of one entry of a catalogue. */
public final class EntryCheck {
    private final Words words;
    private final List<Wrong> wrong = new ArrayList<>();

    public EntryCheck(Words words) {
        this.words = words;
    }

    /** What must hold at a place, else the line says what would be right. */
    public void need(boolean holds, String where, String line) {
        need(holds, where, line, filled -> filled);
    }

    /** The same with one gap in the line. */
    public void need(boolean holds, String where, String line, String gap, Object value) {
        need(holds, where, line, filled -> filled.with(gap, Param.written(String.valueOf(value))));
    }

    public void need(boolean holds, String where, String line, UnaryOperator<Words> filling) {
        if (!holds) {
            wrong.add(new Wrong(where, line, filling.apply(words).line(line).plain()));
        }
    }

    /** What was found wrong by others. */
    public void addAll(List<Wrong> found) {
        wrong.addAll(found);
    }

    public boolean isFine() {
        return wrong.isEmpty();
    }

    /** @throws Rejected naming every place that is wrong, where any is */
    public void end() {
        if (!wrong.isEmpty()) {
            throw new Rejected(wrong);
        }
    }
}
