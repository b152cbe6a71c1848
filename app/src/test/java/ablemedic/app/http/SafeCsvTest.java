package ablemedic.app.http;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.testing.OutsideCheck;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SafeCsvTest {
    @OutsideCheck(
            kind = OutsideCheck.Kind.PUBLISHED,
            source = "OWASP, CSV Injection: fields that begin with = + - @ tab or return")
    @ParameterizedTest
    @ValueSource(
            strings = {
                "=1+1",
                "+1",
                "-1",
                "@x",
                "\t=1",
                "\r=1",
                "\n=1",
                "\u200B=1",
                "\uFEFF=1",
                "\u2060\u200D=1",
                " =1",
                "\u00A0=1",
                "\uFF1D1",
                "\u0000=1",
                "\u200B\u200B\u200B@x"
            })
    void whatASpreadsheetWouldTakeForAFormulaIsKeptFromIt(String text) {
        assertThat(SafeCsv.safe(text)).isEqualTo("'" + text);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "plain", "1 = 1", "a-b", "Straße", " words", "\u200Bwords"})
    void anythingElseStaysAsItIs(String text) {
        assertThat(SafeCsv.safe(text)).isEqualTo(text);
    }
}
