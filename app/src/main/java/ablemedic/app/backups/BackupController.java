package ablemedic.app.backups;

import ablemedic.app.backups.Backups.BackupMade;
import ablemedic.app.backups.Backups.Every;
import ablemedic.app.backups.Backups.Schedule;
import ablemedic.app.http.AtTheBench;
import ablemedic.app.http.Refusal;
import ablemedic.app.storage.DatabaseFile.UnusableException;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Backups from the application. */
@RestController
class BackupController {
    private static final Words REFUSALS =
            Catalogue.beside(BackupController.class, "refusals").of("backup-controller");
    private static final int MOST_KEPT = 50;

    private final Backups backups;

    BackupController(Backups backups) {
        this.backups = backups;
    }

    /**
     * How it stands.
     *
     * @param folder where they are
     * @param all those that are there, the newest of this data file first
     * @param trouble why they can't be listed; empty where they can
     */
    record BackupsNow(Every every, int keep, String folder, List<BackupMade> all, String trouble) {}

    record ScheduleAsked(
            @NotNull(message = "{is.one.of.never.day.week}") Every every, int keep) {}

    @GetMapping("/api/backups")
    BackupsNow now() {
        Schedule schedule = backups.schedule();
        try {
            return new BackupsNow(
                    schedule.every(), schedule.keep(), backups.folder().toString(), backups.all(), "");
        } catch (UnusableException e) {
            return new BackupsNow(
                    schedule.every(),
                    schedule.keep(),
                    backups.folder().toString(),
                    List.of(),
                    String.valueOf(e.getMessage()));
        }
    }

    @AtTheBench
    @PostMapping("/api/backups")
    BackupsNow make() {
        try {
            backups.make();
        } catch (UnusableException e) {
            throw Refusal.conflict("backup", String.valueOf(e.getMessage()));
        }
        return now();
    }

    @AtTheBench
    @PutMapping("/api/backups")
    BackupsNow set(@RequestBody @Valid ScheduleAsked asked) {
        if (asked.keep() < 1 || asked.keep() > MOST_KEPT) {
            throw Refusal.wrong("keep", REFUSALS.with("mostKept", MOST_KEPT).with("keep", asked.keep()), "keep");
        }
        backups.set(new Schedule(asked.every(), asked.keep()));
        return now();
    }
}
