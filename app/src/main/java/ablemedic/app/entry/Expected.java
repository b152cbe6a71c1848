package ablemedic.app.entry;

import ablemedic.Specialities;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Outlook;
import ablemedic.diagnosis.Outlook.Spread;
import ablemedic.diagnosis.Proof;

/** What a check gives on a craft, as a bench would say it. */
public final class Expected {
  /** Half the width of what is shown as expected, in spreads: about 95 %. */
  private static final double WIDTH = 2;

  private Expected() {}

  public static String of(Check<Craft> check, Craft craft) {
    return of(check.outlook(craft), check, craft);
  }

  /** An outlook of that check in words. */
  public static String of(Outlook outlook, Check<Craft> check, Craft craft) {
    return outlook instanceof Spread spread ? number(spread)
        : Specialities.inWordsOf(craft, Proof.expected(check, craft));
  }

  /** A number with how far it may be off. */
  public static String number(Spread spread) {
    return Units.shown(spread.scale(), spread.mean()) + " ± " + Units.shown(spread.scale(), WIDTH * spread.spread());
  }
}
