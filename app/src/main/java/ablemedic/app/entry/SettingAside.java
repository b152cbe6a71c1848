package ablemedic.app.entry;

import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;

/** Takes something off the bench with a reason, or puts it back without one. Nothing is deleted. */
public record SettingAside(
        @Nullable @Size(max = 400, message = "{most.letters}")
        String reason) {
    /** The reason; nothing where it goes back on the bench. */
    public @Nullable String why() {
        return reason == null || reason.isBlank() ? null : reason.strip();
    }
}
