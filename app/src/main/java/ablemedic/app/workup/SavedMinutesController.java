package ablemedic.app.workup;

import ablemedic.app.workup.SavedMinutes.Saved;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Minutes of the workshop's own work-ups beside those of a fixed order. */
@RestController
class SavedMinutesController {
    private final SavedMinutes saved;

    SavedMinutesController(SavedMinutes saved) {
        this.saved = saved;
    }

    /** The newest solved work-ups, the newest first. */
    @GetMapping("/api/repair-log/saved")
    List<Saved> all() {
        return saved.all();
    }
}
