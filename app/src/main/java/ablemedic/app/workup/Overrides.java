package ablemedic.app.workup;

import ablemedic.app.http.Refusal;

/** Reasons for passing a guard over. */
final class Overrides {
    private static final int WORDS = 3;

    private Overrides() {}

    /** @throws Refusal where a reason says next to nothing */
    static void checked(String reason) {
        if (reason.strip().split("\\s+").length < WORDS) {
            throw Refusal.wrong(
                    "override",
                    "Say in a few words why it is done all the same: who reads the log later has to understand it.");
        }
    }
}
