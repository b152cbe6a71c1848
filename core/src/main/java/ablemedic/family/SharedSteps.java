package ablemedic.family;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import java.util.List;

/** The steps that faults and checks of several families have in common. */
public final class SharedSteps {
    private static final Catalogue STEPS = Catalogue.beside(SharedSteps.class, "steps");

    private static final Catalogue NAMES = Catalogue.beside(SharedSteps.class, "names");

    private SharedSteps() {}

    /** What is said where several families come together. */
    static Words name(String id) {
        return NAMES.of(id);
    }

    /** The catalogue files beside a class, which may name these steps. */
    public static Catalogue catalogue(Class<?> owner, String... files) {
        return Catalogue.beside(owner, STEPS, files);
    }

    /** The steps of one name. */
    public static List<String> of(String name) {
        return STEPS.of(name).plainSteps("");
    }
}
