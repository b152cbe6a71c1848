package ablemedic.requirement;

import ablemedic.craft.Craft;
import java.util.List;

/**
 * One way to put a conflict right, or in which it may be right already.
 *
 * @param edits in their order
 * @param logOdds natural logarithm of the odds that the record is faithful where this edits it
 */
public record Way(List<Edit> edits, double logOdds) {
    public Way {
        edits = List.copyOf(edits);
    }

    /** By which it is known again when a record comes to have its ways in another order. */
    public String id() {
        return "way-" + Integer.toHexString(edit().key().hashCode());
    }

    public Edit edit() {
        return Edit.together(edits);
    }

    /** The less the likelier that the record is wrong there; of ways that are as likely the quicker one. */
    double cost() {
        return logOdds
                + edits.stream()
                        .mapToDouble(edit -> 0.1 + 0.01 * edit.minutes())
                        .sum();
    }

    List<Site> sites() {
        return edits.stream().flatMap(edit -> edit.sites().stream()).distinct().toList();
    }

    Craft onCraft(Craft craft) {
        return edit().onCraft(craft);
    }

    Craft undo(Craft craft, Craft recorded) {
        return edit().undo(craft, recorded);
    }
}
