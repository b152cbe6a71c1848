package ablemedic.requirement;

import ablemedic.configuration.Setting;
import ablemedic.craft.Craft;
import ablemedic.requirement.Site.Kind;
import java.util.Map;
import java.util.function.Predicate;

/**
 * A craft as it stands on the sheet.
 *
 * @param sources where entries come from, as far as it is known; a setting that is not as usual was entered, one as
 *     usual was taken over
 */
public record Recorded(Craft craft, Map<Site, Source> sources) {
    public Recorded {
        sources = Map.copyOf(sources);
    }

    public static Recorded of(Craft craft) {
        return new Recorded(craft, Map.of());
    }

    /** Where an entry comes from. */
    public Source source(Site site) {
        Source known = sources.get(site);
        if (known != null) {
            return known;
        }
        boolean usual = site.kind() == Kind.SETTING
                && craft.configuration().unusual().stream().map(Setting::id).noneMatch(Predicate.isEqual(site.where()));
        return usual ? Source.USUAL : Source.ENTERED;
    }
}
