package ablemedic;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Check;
import ablemedic.family.Complaint;
import ablemedic.family.PrePowerConvention;
import ablemedic.reading.Meter;
import ablemedic.requirement.Expectation;
import ablemedic.requirement.Expectation.Gives;
import ablemedic.requirement.Recorded;
import ablemedic.requirement.Required;
import ablemedic.setup.SetUp;
import ablemedic.setup.SetUpOccasion;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What is expected of a craft in any set-up, proof or routine though it tells of a hazard or a failure; there should be
 * nothing.
 */
public final class BadExpectations {
    private static final int KEPT = 300;
    private final Map<Craft, List<Check<Craft>>> steps = new LinkedHashMap<>(KEPT, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Craft, List<Check<Craft>>> eldest) {
            return size() > KEPT;
        }
    };

    /** What is wrongly expected of a craft with this record, in words. */
    public List<String> of(Craft record) {
        Required required = Families.required(Recorded.of(record));
        return steps(required.craft()).stream()
                .filter(check ->
                        Expectation.of(check, required) instanceof Gives gives && isForbidden(check, gives.craft()))
                .map(check -> check.id() + " of a craft with "
                        + record.configuration().unusual().stream()
                                .map(setting -> setting.id() + " " + record.setting(setting))
                                .toList())
                .toList();
    }

    private synchronized List<Check<Craft>> steps(Craft craft) {
        return steps.computeIfAbsent(craft, one -> List.copyOf(expected(one).values()));
    }

    /** By the test's own reading of an outlook. */
    private static boolean isForbidden(Check<Craft> check, Craft craft) {
        return Expectation.forbidden(check, Sound.reading(check.outlook(craft))).isPresent();
    }

    /** Every check of which something is expected, by id. */
    public static Map<String, Check<Craft>> expected(Craft craft) {
        Map<String, Check<Craft>> all = new LinkedHashMap<>();
        Book<Craft> book = Families.book(craft, Meter.USUAL);
        for (SetUpOccasion occasion : SetUpOccasion.values()) {
            SetUp.of(book, occasion)
                    .steps()
                    .forEach(made -> all.put(made.check().id(), made.check()));
        }
        for (Complaint complaint : Families.complaints(craft, Meter.USUAL)) {
            complaint.proof().forEach(check -> all.put(check.id(), check));
        }
        Families.prePowerRoutine(craft, Meter.USUAL, PrePowerConvention.FULL)
                .forEach(check -> all.put(check.id(), check));
        return all;
    }
}
