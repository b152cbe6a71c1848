package ablemedic.requirement;

import ablemedic.craft.Craft;
import ablemedic.craft.Point;
import ablemedic.diagnosis.Fix.Value;
import java.util.List;

/** The balance point moved. */
record MoveBalance(Point to) implements Edit {
    @Override
    public List<Site> sites() {
        return List.of(Site.MASS);
    }

    @Override
    public Craft onSheet(Craft recorded) {
        return recorded.withAirframe(recorded.airframe().withBalance(to));
    }

    @Override
    public Craft onCraft(Craft craft) {
        return onSheet(craft);
    }

    @Override
    public Craft undo(Craft craft, Craft recorded) {
        return craft.withAirframe(
                craft.airframe().withBalance(recorded.airframe().balance()));
    }

    @Override
    public String key() {
        return "balance=" + to;
    }

    @Override
    public String title() {
        return "Move the battery until it balances at " + said(to);
    }

    @Override
    public List<String> steps() {
        return List.of("Balance it on two fingertips under that point.");
    }

    @Override
    public List<Value> values(Craft recorded) {
        return List.of(new Value("balance point", said(recorded.airframe().balance()), said(to)));
    }

    private static String said(Point point) {
        return Math.round(point.forwardMm()) + " mm forward, " + Math.round(point.rightMm()) + " mm right";
    }

    @Override
    public double minutes() {
        return 4;
    }
}
