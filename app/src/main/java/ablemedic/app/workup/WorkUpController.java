package ablemedic.app.workup;

import ablemedic.app.http.PairedDevice;
import ablemedic.app.workup.WorkUpView.FixCard;
import ablemedic.app.workup.WorkUpView.ValueView;
import ablemedic.snapshot.ReadBack;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Work-ups over HTTP, to be read. */
@RestController
@RequestMapping("/api")
class WorkUpController {
    private static final int MOST_LISTED = 500;

    private final WorkUps workUps;
    private final WorkUpStore store;
    private final WorkUpViews views;
    private final Cards cards;
    private final Proofs proofs;
    private final Watchers devices;

    WorkUpController(
            WorkUps workUps, WorkUpStore store, WorkUpViews views, Cards cards, Proofs proofs, Watchers devices) {
        this.workUps = workUps;
        this.store = store;
        this.views = views;
        this.cards = cards;
        this.proofs = proofs;
        this.devices = devices;
    }

    record ListedWorkUp(long id, String craftId, String complaint, boolean open, String ended) {}

    /** The newest, open or closed. */
    @GetMapping("/work-ups")
    List<ListedWorkUp> list() {
        return store.newest(MOST_LISTED).stream()
                .map(o -> new ListedWorkUp(o.id(), o.craftId(), o.complaint(), o.isOpen(), o.ended()))
                .toList();
    }

    @GetMapping("/work-ups/{id}")
    WorkUpView view(@PathVariable long id) {
        return views.view(id);
    }

    /** Tells the number of the last event whenever the work-up went on, as server-sent events. */
    @GetMapping(value = "/work-ups/{id}/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter live(@PathVariable long id, HttpServletRequest request) {
        return devices.take(id, PairedDevice.of(request));
    }

    @GetMapping("/work-ups/{id}/checks/{checkId}")
    CheckCard card(@PathVariable long id, @PathVariable String checkId) {
        return cards.check(id, checkId);
    }

    /**
     * A snapshot of the craft against what it should be told by now.
     *
     * @param outcome the answer to the check that reads back
     * @param differs what is not as it should be
     */
    record ReadBackAnswer(String checkId, String outcome, List<ValueView> differs) {}

    @GetMapping("/work-ups/{id}/read-back")
    ReadBackAnswer readBack(@PathVariable long id, @RequestParam("snapshot") int snapshot) {
        ReadBack back = proofs.readBack(workUps.get(id), snapshot);
        return new ReadBackAnswer(
                ReadBack.CHECK,
                back.outcome(),
                back.differs().stream()
                        .map(one -> new ValueView(one.setting().label(), one.before(), one.after()))
                        .toList());
    }

    @GetMapping("/work-ups/{id}/fixes/{faultId}")
    FixCard fixes(@PathVariable long id, @PathVariable String faultId) {
        return cards.fix(id, faultId);
    }
}
