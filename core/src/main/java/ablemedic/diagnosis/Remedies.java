package ablemedic.diagnosis;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The remedy of each fault on one sound system, worked out once. */
final class Remedies<S> {
    private final Map<String, String> byFault = new HashMap<>();

    Remedies(Book<S> book, S sound) {
        for (Fault<S> fault : book.faults()) {
            byFault.put(fault.id(), fault.fixes(sound).get(0).remedy());
        }
    }

    String of(Fault<S> fault) {
        return byFault.get(fault.id());
    }

    boolean healed(Fault<S> fault, List<Repair<S>> repairs) {
        String remedy = of(fault);
        return repairs.stream().anyMatch(repair -> repair.remedy().equals(remedy));
    }
}
