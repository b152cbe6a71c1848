package ablemedic.requirement;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Text;
import ablemedic.catalogue.Words;
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

    private Words words() {
        return EditWords.of("balance").with("to", said(to));
    }

    @Override
    public Text title() {
        return words().title();
    }

    @Override
    public List<Text> steps() {
        return EditWords.steps(words());
    }

    @Override
    public List<Value> values(Craft recorded) {
        return EditWords.values(words().with("was", said(recorded.airframe().balance())));
    }

    private static Param said(Point point) {
        return new Param.Nested(EditWords.of("balance")
                .with("forward", Param.whole(Math.round(point.forwardMm()), "mm"))
                .with("right", Param.whole(Math.round(point.rightMm()), "mm"))
                .line("place"));
    }

    @Override
    public double minutes() {
        return 4;
    }
}
