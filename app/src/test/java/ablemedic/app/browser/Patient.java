package ablemedic.app.browser;

import ablemedic.Specialities;
import ablemedic.app.RunningApp.App;
import ablemedic.app.chart.BuildSheet;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Outlook;
import ablemedic.diagnosis.Proof;
import ablemedic.reading.Meter;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import tools.jackson.databind.JsonNode;

/** A craft with a hidden fault: what each check would show on it. */
final class Patient {
  private final App app;
  private final Craft sound;
  private final Book<Craft> book;
  private Craft now;

  Patient(App app, String mark, String faultId) {
    this.app = app;
    this.sound = app.json.treeToValue(app.get("/api/crafts/" + mark + "/build-sheet"), BuildSheet.class).toCraft();
    this.book = Specialities.book(sound, Meter.USUAL);
    this.now = book.fault(faultId).orElseThrow().applyTo(sound);
  }

  /** The check that is to be done next, by the server's word. */
  JsonNode next(String workUpPath) {
    JsonNode view = app.get("/api" + workUpPath);
    return view.get("stage").asString().equals("PROVING") ? view.get("proof").get("next") : view.get("next");
  }

  String stage(String workUpPath) {
    return app.get("/api" + workUpPath).get("stage").asString();
  }

  /** The number, from 1, of the outcome that a check shows on this craft. */
  int outcome(String checkId) {
    Check<Craft> check = book.check(checkId).orElseThrow();
    String expected = Proof.expected(check, now);
    var outcomes = ((Choices) check.answers()).questions().get(0).outcomes();
    for (int i = 0; i < outcomes.size(); i++) {
      if (outcomes.get(i).label().equals(expected)) {
        return i + 1;
      }
    }
    throw new AssertionError("no outcome " + expected + " of " + checkId);
  }

  /** The numbers, from 1, of the outcomes that a check of several questions shows; empty for any other. */
  List<Integer> outcomes(String checkId) {
    return book.check(checkId).orElseThrow().outlook(now) instanceof Outlook.Branches branches
        ? branches.branches().get(0).parts().stream().map(part -> likeliest((Outlook.Ways) part)).toList() : List.of();
  }

  private static int likeliest(Outlook.Ways ways) {
    int outcomes = ways.choices().questions().get(0).outcomes().size();
    return 1 + IntStream.range(0, outcomes).boxed().max(Comparator.comparingDouble(ways::probability)).orElseThrow();
  }

  boolean isNumber(String checkId) {
    return book.check(checkId).orElseThrow().answers() instanceof Scale;
  }

  /** What the scale or ruler shows, as somebody would write it. */
  String written(String checkId) {
    Outlook predicted = book.check(checkId).orElseThrow().outlook(now);
    Outlook outlook = predicted instanceof Outlook.Either either ? either.likeliest() : predicted;
    if (outlook instanceof Outlook.Worded worded) {
      return worded.word();
    }
    Outlook.Spread spread = (Outlook.Spread) outlook;
    return new BigDecimal(spread.mean()).round(new MathContext(3)).toPlainString() + " " + spread.scale().unit();
  }

  /** The leading suspect's first fix is made. */
  void fixed(String faultId, String fixId) {
    now = book.fault(faultId).orElseThrow().fixes(sound).stream()
        .filter(f -> f.id().equals(fixId)).findFirst().orElseThrow().applyTo(now);
  }
}
