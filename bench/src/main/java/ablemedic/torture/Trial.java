package ablemedic.torture;

import java.nio.file.Path;
import java.time.Duration;

/** One way to ill-treat the program. */
interface Trial {
    String name();

    /**
     * Does it for about so long, on files in a folder of its own.
     *
     * @throws Exception when the trial itself cannot be made
     */
    Found run(Path folder, Duration time) throws Exception;

    /**
     * What came of it.
     *
     * @param holds whether the promise was kept
     */
    record Found(boolean holds, String did, String saw) {}
}
