package ablemedic.capture;

import java.util.List;
import java.util.Optional;

/** The signals that a file holds, and the one that is wanted of it. */
final class Signals {
    private static final int MOST = 512;

    private final Optional<String> wanted;
    private List<String> names = List.of();

    Signals(Optional<String> wanted) {
        this.wanted = wanted;
    }

    /**
     * The place of the wanted one; the only one where none is named.
     *
     * @throws SeveralException where there are several and none is named
     */
    int choose(List<String> found, long line) {
        if (found.isEmpty()) {
            throw CaptureRefusals.inLine(line, "no-signal");
        }
        if (found.size() > MOST) {
            throw CaptureRefusals.inLine(
                    line, "many-signals", words -> words.with("signals", String.valueOf(found.size()))
                            .with("most", String.valueOf(MOST)));
        }
        names = List.copyOf(found);
        if (wanted.isEmpty()) {
            if (found.size() > 1) {
                throw new SeveralException();
            }
            return 0;
        }
        int place = found.indexOf(wanted.get());
        if (place < 0) {
            throw CaptureRefusals.inLine(line, "other-signal", words -> words.with("given", wanted.get())
                    .with("signals", String.join(", ", found)));
        }
        return place;
    }

    List<String> names() {
        return names;
    }

    /** Somebody must choose. */
    static final class SeveralException extends RuntimeException {
        private static final long serialVersionUID = 1;

        SeveralException() {
            super(null, null, false, false);
        }
    }
}
