package ablemedic.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.groups.Tuple.tuple;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class CatalogueTest {
    private static final Catalogue SHARED = Catalogue.of("""
            ## save
            - Save it.
            - Read it back.
            """, Catalogue.of("", null));

    private static final Catalogue WORDS = Catalogue.of("""
            ## no-antenna | Antenna off
            title: No antenna on the {part}
            fix put-right: Fit the antenna of the {part}
            - Unplug the battery first.
            - > save
            changes: antenna of the {part} | {n ? 1: off | more: {n} off} | on

            Antennas break: this line is of the page, and so is {this}.

            ## look | A look
            do: Look at {n ? 1: one wire | more: {n} wires}
            ask: How is it?
            = well: Well
            = broken: Broken at {corner}

            ### look-again
            do: Look again
            """, SHARED);

    private static Words antenna() {
        return WORDS.of("no-antenna").with("part", Param.part("VTX", "video transmitter"));
    }

    @Test
    void aLineIsPutTogetherWithWhatStandsInItsGaps() {
        assertThat(antenna().title().plain()).isEqualTo("No antenna on the video transmitter");
        assertThat(antenna().line("fix put-right").plain()).isEqualTo("Fit the antenna of the video transmitter");
    }

    @Test
    void itsPartsSayWhatTheyStandFor() {
        assertThat(antenna().title().parts())
                .containsExactly(
                        new Param.Written("No antenna on the "),
                        new Param.Thing(Param.Kind.PART, "VTX", "video transmitter"));
    }

    @Test
    void aLinkIsAThingByItsName() {
        Text text = Catalogue.of("## one\ntitle: See [Motor map](instrument:motor-map) first", SHARED)
                .of("one")
                .title();
        assertThat(text.parts())
                .containsExactly(
                        new Param.Written("See "),
                        new Param.Thing(Param.Kind.INSTRUMENT, "motor-map", "Motor map"),
                        new Param.Written(" first"));
        assertThat(text.plain()).isEqualTo("See Motor map first");
    }

    @Test
    void aCornerIsNamedByTheCraftThatItIsShownOf() {
        Text text = Catalogue.of("## one\ntitle: The {corner} motor", SHARED)
                .of("one")
                .with("corner", new Param.Corner("front-right"))
                .title();
        assertThat(text.plain(id -> id.equals("front-right") ? "front" : "another"))
                .isEqualTo("The front motor");
        assertThat(text.plain()).isEqualTo("The front right motor");
    }

    @Test
    void textsAreJoinedAndChangedByTheirWordsAlone() {
        Text thing = antenna().with("part", Param.part("VTX", "x")).line("title");
        assertThat(Text.joined(List.of(Text.written("one"), Text.written(""), Text.written("two")), ", ")
                        .plain())
                .isEqualTo("one, two");
        assertThat(Text.written("stop.").withoutStop()).isEqualTo(Text.written("stop"));
        assertThat(Text.written("stop").asSentence()).isEqualTo(Text.written("stop."));
        assertThat(thing.uncapitalized().plain()).isEqualTo("no antenna on the x");
        assertThat(Text.of(Param.part("VTX", "x")).capitalized().plain()).isEqualTo("x");
    }

    @Test
    void stepsInCommonStandAmongItsOwn() {
        assertThat(antenna().steps("fix put-right"))
                .extracting(Text::plain)
                .containsExactly("Unplug the battery first.", "Save it.", "Read it back.");
    }

    @ParameterizedTest
    @CsvSource({"1, Look at one wire, off", "2, Look at 2 wires, 2 off", "0, Look at 0 wires, 0 off"})
    void aCountDecidesBetweenOneAndMore(int n, String look, String before) {
        Param count = new Param.Count(n);
        assertThat(WORDS.of("look").with("n", count).line("do").plain()).isEqualTo(look);
        assertThat(antenna().with("n", count).changes("fix put-right"))
                .singleElement()
                .satisfies(change -> {
                    assertThat(change.what().plain()).isEqualTo("antenna of the video transmitter");
                    assertThat(change.before().plain()).isEqualTo(before);
                    assertThat(change.after().plain()).isEqualTo("on");
                });
    }

    @Test
    void aTextWithinATextKeepsItsParts() {
        Words outer =
                Catalogue.of("## x\ntitle: Because: {why}, in short", SHARED).of("x");
        assertThat(outer.with("why", new Param.Nested(antenna().title()))
                        .title()
                        .parts())
                .containsExactly(
                        new Param.Written("Because: No antenna on the "),
                        new Param.Thing(Param.Kind.PART, "VTX", "video transmitter"),
                        new Param.Written(", in short"));
    }

    @Test
    void outcomesComeInTheirOrder() {
        Words look = WORDS.of("look").with("corner", new Param.Corner("front-left"));
        assertThat(look.outcomes()).containsExactly("well", "broken");
        assertThat(look.outcome("broken").plain()).isEqualTo("Broken at front left");
    }

    @Test
    void anEntryTellsWhichParametersItAsksFor() {
        assertThat(WORDS.entries())
                .extracting(Entry::id, entry -> List.copyOf(entry.params()))
                .containsExactly(
                        tuple("no-antenna", List.of("n", "part")),
                        tuple("look", List.of("corner", "n")),
                        tuple("look-again", List.of()));
    }

    @ParameterizedTest
    @CsvSource({"0.05, 2, 0.05 V", "-3.14159, 1, -3.1 V", "12, 0, 12 V"})
    void aQuantityStandsWithItsUnitAndItsDigits(double value, int decimals, String said) {
        assertThat(new Param.Quantity(value, "V", decimals).plain()).isEqualTo(said);
    }

    @Test
    void whatIsMissingIsSaidWithFileAndLine() {
        assertThatThrownBy(() -> WORDS.of("no-antenna").title().plain())
                .hasMessage("text:2: no parameter named part is given");
        assertThatThrownBy(() -> WORDS.of("look").line("title")).hasMessage("text:10: look has no line “title”");
        assertThatThrownBy(() -> WORDS.of("look").outcome("lost")).hasMessageContaining("no outcome “lost”");
        assertThatThrownBy(() -> WORDS.of("nothing")).hasMessageContaining("no entry nothing");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "## Bad id | x",
                "## a\ntitle: An {open brace",
                "## a\ntitle: {n ? nothing}",
                "## a\ntitle: {No}",
                "## a\ntitle: One\ntitle: Two",
                "## a\n= x: One\n= x: Two",
                "## a\nfix b: c\nchanges: one | two",
                "## a\nask: What?\n= no colon",
                "## a\n- > nowhere",
                "## a\n## a"
            })
    void whatIsWrongInAFileIsRefused(String text) {
        assertThatThrownBy(() -> Catalogue.of(text, SHARED)).isInstanceOf(IllegalStateException.class);
    }

    @Test
    void aCaseThatNobodyWroteIsRefused() {
        Words words = Catalogue.of("## a\ntitle: {is ? yes: Yes}", SHARED).of("a");
        assertThat(words.with("is", Param.when(true)).title().plain()).isEqualTo("Yes");
        assertThatThrownBy(() -> words.with("is", Param.when(false)).title().plain())
                .hasMessage("text:2: nothing is said for is no");
    }
}
