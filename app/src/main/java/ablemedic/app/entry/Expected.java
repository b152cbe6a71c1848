package ablemedic.app.entry;

import ablemedic.Specialities;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Outlook;
import ablemedic.diagnosis.Outlook.Branch;
import ablemedic.diagnosis.Outlook.Branches;
import ablemedic.diagnosis.Outlook.Spread;
import ablemedic.diagnosis.Proof;
import java.util.Comparator;
import java.util.stream.Collectors;

/** What a check gives on a craft, as a bench would say it. */
public final class Expected {
  /** Half the width of what is shown as expected, in spreads: about 95 %. */
  private static final double WIDTH = 2;

  private Expected() {}

  public static String of(Check<Craft> check, Craft craft) {
    return of(check.outlook(craft), craft);
  }

  /** An outlook in words. */
  public static String of(Outlook outlook, Craft craft) {
    if (outlook instanceof Branches branches) {
      return branches.branches().stream().max(Comparator.comparingDouble(Branch::share)).orElseThrow().parts().stream()
          .map(part -> of(part, craft)).collect(Collectors.joining(", "));
    }
    return outlook instanceof Spread spread ? number(spread)
        : Specialities.inWordsOf(craft, Proof.expected(outlook));
  }

  /** A number with how far it may be off. */
  public static String number(Spread spread) {
    return Units.shown(spread.scale(), spread.mean()) + " ± " + Units.shown(spread.scale(), WIDTH * spread.spread());
  }
}
