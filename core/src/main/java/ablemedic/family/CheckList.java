package ablemedic.family;

import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Check;
import java.util.ArrayList;
import java.util.List;

/** The checks of one craft as they are gathered. */
public final class CheckList {
    private final List<Check<Craft>> checks = new ArrayList<>();

    public boolean has(String id) {
        return checks.stream().anyMatch(check -> check.id().equals(id));
    }

    /** The check of an entry of a catalogue, to be declared. */
    public CheckBuilder ask(Words words) {
        return new CheckBuilder(this, words);
    }

    public void add(Check<Craft> check) {
        checks.add(check);
    }

    public List<Check<Craft>> all() {
        return List.copyOf(checks);
    }
}
