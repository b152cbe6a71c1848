package ablemedic.app.workup;

import ablemedic.Families;
import ablemedic.app.workup.WorkUpView.Caution;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.BenchNeeds.Want;
import ablemedic.handbook.Handbook;
import java.util.ArrayList;
import java.util.List;

/** The cautions that stand beside a check or a fix. */
final class Cautions {
    private Cautions() {}

    static List<Caution> of(BenchNeeds needs) {
        List<String> pages = new ArrayList<>();
        if (needs.field() == Want.YES) {
            pages.add("caution-hover");
            pages.add("caution-law");
        } else if (needs.battery() == Want.YES) {
            pages.add("caution-props");
            pages.add("caution-short-test");
        }
        return pages.stream().map(Cautions::caution).toList();
    }

    static List<Caution> whileFixing() {
        return List.of(caution("caution-iron"), caution("caution-short-test"));
    }

    private static Caution caution(String page) {
        Handbook.Page found = Families.handbook().page(page).orElseThrow();
        return new Caution(page, found.title(), found.paragraphs().get(0));
    }
}
