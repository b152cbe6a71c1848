package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Instruments and complaints of the picture, over HTTP. */
@ExtendWith(RunningApp.class)
class VideoTest {
    private static JsonNode channels(App app, String pilots, String bands) {
        return app.ask(
                "POST",
                "/api/instruments/video-channels",
                "{\"pilots\":[" + pilots + "],\"bands\":[" + bands + "],\"free\":false}");
    }

    @Test
    void threeEvenlySpacedPilotsDisturbOneAnotherAndTheBetterChoiceDoesNot(App app) {
        JsonNode bad = channels(app, "\"R1\",\"R2\",\"R3\"", "\"R\"");
        assertThat(bad.get("pilots").get(2).get("disturbed").toString())
                .contains("2 × R2 − R1 falls on 5732 MHz, right on it");
        assertThat(bad.get("calm").asBoolean()).isTrue();
        StringBuilder better = new StringBuilder();
        bad.get("best")
                .forEach(one -> better.append(better.isEmpty() ? "" : ",").append(one));
        assertThat(channels(app, better.toString(), "\"R\"").get("products")).isEmpty();
        assertThat(channels(app, "\"R1\",\"R2\",\"R3\"", "").get("best")).isEmpty();
        assertThat(app.get("/api/instruments/video-channels")).hasSize(6);
    }

    @Test
    void aChannelOrABandThatIsNoneIsRefusedWithItsPlace(App app) {
        assertThat(app.refused(
                                422,
                                "POST",
                                "/api/instruments/video-channels",
                                "{\"pilots\":[\"R1\",\"R9\"],\"bands\":[],\"free\":false}")
                        .toString())
                .contains("pilots[1]")
                .contains("such as R4");
        assertThat(app.refused(
                                422,
                                "POST",
                                "/api/instruments/video-channels",
                                "{\"pilots\":[\"R1\"],\"bands\":[\"Q\"],\"free\":false}")
                        .toString())
                .contains("There is no band");
        app.refused(422, "POST", "/api/instruments/video-channels", "{\"pilots\":[],\"bands\":[],\"free\":false}");
    }

    @Test
    void whatLiesBelowTheRowsOfAFormatIsToldWhereItIsSeen(App app) {
        String asked =
                "{\"fields\":\"%s\",\"seenPercent\":%s,\"items\":[{\"text\":\"02:41\",\"column\":2,\"row\":14}]}";
        JsonNode sixty = app.ask("POST", "/api/instruments/screen-layout", asked.formatted("SIXTY", "100"));
        assertThat(sixty.get("items").get(0).get("said").asString())
                .isEqualTo("below the last row of this format: move it to column 3, row 13");
        assertThat(app.ask("POST", "/api/instruments/screen-layout", asked.formatted("FIFTY", "100"))
                        .get("items")
                        .get(0)
                        .get("stands")
                        .asString())
                .isEqualTo("INSIDE");
        app.refused(422, "POST", "/api/instruments/screen-layout", asked.formatted("FIFTY", "20"));
        assertThat(app.refused(
                                422,
                                "POST",
                                "/api/instruments/screen-layout",
                                asked.formatted("FIFTY", "90").replace("\"row\":14", "\"row\":44"))
                        .toString())
                .contains("items[0].row");
    }

    @Test
    void heatIsARangeOfMinutesOnTheBenchAndNoneInFlight(App app) {
        JsonNode heat = app.ask("POST", "/api/instruments/video-heat", "{\"milliwatts\":600,\"aroundC\":22}");
        assertThat(heat.get("airs").get(0).get("said").asString()).startsWith("it shuts down after");
        assertThat(heat.get("airs").get(2).get("said").asString()).isEqualTo("it stays on");
        app.refused(422, "POST", "/api/instruments/video-heat", "{\"milliwatts\":0,\"aroundC\":22}");
        app.refused(422, "POST", "/api/instruments/video-heat", "{\"milliwatts\":600,\"aroundC\":91}");
    }

    /** A sort of the user's own that sends a picture. */
    @Test
    void aSortThatHasToDoWithAPictureIsKeptOrRefusedWithThePlace(App app) {
        String sort = """
        {"id": "%s", "label": "Sender, 5 V", "shortName": "SND", "kind": "PART", "lowestV": 4.5, "highestV": 5.5,
         "pads": [{"name": "+", "kind": "SUPPLY", "volts": 5, "row": 0, "usb": false, "room": 1}, {"name": "-", "kind": "GROUND", "volts": 0, "row": 0, "usb": false, "room": 2}, {"name": "V", "kind": "%s", "volts": 0, "row": 1, "usb": false, "room": 2}],
         "loads": [{"plus": "+", "minus": "-", "volts": 5, "amps": 0.3, "poorAmps": 0.3}], "picture": {"role": "TRANSMITTER", "takes": "V", "gives": "", "milliwatts": [%s]}}""";
        assertThat(app.send("POST", "/api/parts-library", sort.formatted("sender-one", "VIDEO", "25, 200"))
                        .statusCode())
                .isBetween(200, 201);
        assertThat(app.refused(422, "POST", "/api/parts-library", sort.formatted("sender-two", "SERIAL", "25"))
                        .toString())
                .contains("Pad V is not a video pad");
        assertThat(app.refused(422, "POST", "/api/parts-library", sort.formatted("sender-two", "VIDEO", "200, 25"))
                        .toString())
                .contains("picture.milliwatts[1]");
        assertThat(app.refused(422, "POST", "/api/parts-library", sort.formatted("sender-two", "VIDEO", ""))
                        .toString())
                .contains("1 to 8 power levels");
    }
}
