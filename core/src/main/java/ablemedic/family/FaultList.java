package ablemedic.family;

import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Fault;
import java.util.ArrayList;
import java.util.List;

/** The faults of one craft as they are gathered. */
public final class FaultList {
    private final List<Fault<Craft>> faults = new ArrayList<>();

    /** The fault of an entry of a catalogue, to be declared. */
    public FaultBuilder add(Words words) {
        return new FaultBuilder(this, words);
    }

    /** The id itself, with a number where it is taken: legal names of two places can come to one. */
    public String free(String id) {
        int n = 1;
        String own = id;
        while (has(own)) {
            n++;
            own = id + "-" + n;
        }
        return own;
    }

    private boolean has(String id) {
        return faults.stream().anyMatch(fault -> fault.id().equals(id));
    }

    public void add(Fault<Craft> fault) {
        faults.add(fault);
    }

    public List<Fault<Craft>> all() {
        return List.copyOf(faults);
    }
}
