package ablemedic.family;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Text;
import java.util.List;

/** The steps that faults and checks of several families have in common. */
public final class SharedSteps {
    private static final Catalogue STEPS = Catalogue.beside(SharedSteps.class, "steps");

    private SharedSteps() {}

    /** The catalogue files beside a class, which may name these steps. */
    public static Catalogue catalogue(Class<?> owner, String... files) {
        return Catalogue.beside(owner, STEPS, files);
    }

    /** The steps of one name. */
    public static List<String> of(String name) {
        return STEPS.of(name).steps("").stream().map(Text::plain).toList();
    }
}
