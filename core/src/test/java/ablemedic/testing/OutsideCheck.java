package ablemedic.testing;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** Marks a test that holds the code against something outside the project. Search for its name to list them all. */
@Retention(RetentionPolicy.RUNTIME)
@Target({ElementType.METHOD, ElementType.TYPE})
public @interface OutsideCheck {
    /** Where the expectation comes from. */
    Kind kind();

    /** The publication or library, or what the trade knows. */
    String source();

    /** How firm the ground is. */
    enum Kind {
        PUBLISHED,
        REFERENCE_LIBRARY,
        COMMON_PRACTICE,
        FROM_MEMORY
    }
}
