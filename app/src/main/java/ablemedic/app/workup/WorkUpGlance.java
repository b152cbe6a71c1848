package ablemedic.app.workup;

import ablemedic.app.chart.CraftStore.Row;
import ablemedic.app.storage.Newest;
import ablemedic.app.workup.Stamps.Stamp;
import ablemedic.app.workup.WorkUpView.Stage;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** A work-up in one strip, for the bench. */
@Component
public class WorkUpGlance {
  private static final int KEPT = 2_000;

  private final WorkUpViews views;
  private final Stamps stamps;
  private final GlanceStore store;
  private final Newest<Long, Stamp, Glance> kept = new Newest<>(KEPT);

  WorkUpGlance(WorkUpViews views, Stamps stamps, GlanceStore store) {
    this.views = views;
    this.stamps = stamps;
    this.store = store;
  }

  /**
   * One strip.
   *
   * @param suspect the leading suspect, empty when there is none
   * @param next    what to do next
   * @param blocked what stands in the way, empty when nothing does
   */
  public record Glance(
      long workUpId,
      String mark,
      String name,
      String complaint,
      Stage stage,
      String suspect,
      double belief,
      String word,
      String next,
      String blocked,
      double minutes) {}

  /** What the strips of these work-ups are good for; asked once for all of them. */
  public Map<Long, Stamp> stamps(List<Long> ids) {
    return stamps.of(ids);
  }

  public Glance of(Stamp stamp, Row craft) {
    return kept.of(stamp.workUp(), stamp, () -> store.find(stamp).orElseGet(() -> {
      Glance made = of(views.view(stamp), craft);
      store.keep(stamp, made);
      return made;
    }));
  }

  private static Glance of(WorkUpView view, Row craft) {
    var first = view.suspects().stream().findFirst();
    var card = view.stage() == Stage.PROVING && view.proof() != null ? view.proof().next() : view.next();
    String next = switch (view.stage()) {
      case FIXING -> view.fix() == null ? "" : view.fix().options().get(0).title();
      case PROVING -> card == null ? "Close it as solved" : "Prove it: " + card.title();
      default -> card == null ? "Nothing left that tells more: name a suspicion" : card.title();
    };
    String blocked = card == null || card.ready() || view.stage() == Stage.FIXING ? ""
        : card.steps().stream().findFirst().map(s -> "first: " + s.label().split(":")[0]).orElse("no safe way to it");
    return new Glance(view.id(), craft.mark(), craft.name(), view.complaint(), view.stage(),
        first.map(WorkUpView.SuspectView::title).orElse(""), first.map(WorkUpView.SuspectView::belief).orElse(0.0),
        first.map(WorkUpView.SuspectView::word).orElse(""), next, blocked, view.minutes());
  }
}
