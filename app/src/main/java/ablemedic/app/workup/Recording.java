package ablemedic.app.workup;

import ablemedic.app.chart.CraftLog;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.http.Refusal;
import ablemedic.app.ledger.LedgerStore;
import ablemedic.app.workup.WorkUpEvent.Reopened;
import ablemedic.app.workup.WorkUps.Opening;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Writes drafts, each whole or not at all. Nothing is worked out here. */
@Component
public class Recording {
  private final WorkUpStore store;
  private final CraftStore crafts;
  private final CraftLog log;
  private final LedgerStore ledger;
  private final Stamps stamps;

  Recording(WorkUpStore store, CraftStore crafts, CraftLog log, LedgerStore ledger, Stamps stamps) {
    this.store = store;
    this.crafts = crafts;
    this.log = log;
    this.ledger = ledger;
    this.stamps = stamps;
  }

  /**
   * Opens a work-up.
   *
   * @throws Refusal when the craft has an open one, or was changed since the opening was worked out
   */
  @Transactional
  public long open(Opening opening) {
    refuseSecond(opening.mark());
    if (log.newest(opening.mark()) != opening.lastLog()) {
      throw Refusal.conflict("mark", "Craft " + opening.mark() + " was changed meanwhile. Nothing was written; try again.");
    }
    long id = store.open(opening.mark(), opening.revision(), opening.kind(), opening.complaint(), opening.occasion(),
        opening.at());
    log.add(opening.mark(), opening.at(), opening.logKind(), opening.line(), id);
    store.add(id, 0, opening.events());
    return id;
  }

  private void refuseSecond(String mark) {
    store.openOf(mark).ifPresent(other -> {
      throw Refusal.conflict("mark", "Craft " + mark + " has an open work-up already, number " + other.id()
          + ". Go on with that one, or close it first.");
    });
  }

  /**
   * Writes a draft and says as what the work-up stands then.
   *
   * @throws Refusal when something was written since it was worked out
   */
  @Transactional
  public Stamps.Stamp keep(Draft draft) {
    WorkUpStore.Opened opened = draft.after().opened();
    if (draft.after().closed().isEmpty()) {
      store.openOf(opened.mark()).filter(other -> other.id() != opened.id()).ifPresent(o -> refuseSecond(opened.mark()));
    }
    store.add(opened.id(), draft.version(), draft.events());
    if (draft.events().stream().anyMatch(one -> one.event() instanceof Reopened)) {
      store.byRuleOfToday(opened.id());
    }
    draft.log().forEach(line -> log.add(opened.mark(), draft.at(), line.kind(), line.text(), opened.id()));
    draft.sheet().ifPresent(s -> crafts.revise(opened.mark(), s.onto(), s.sheet(), s.reason(), draft.at()));
    draft.ledger().ifPresent(ledger::add);
    return stamps.of(opened.id());
  }
}
