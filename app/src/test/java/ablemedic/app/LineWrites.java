package ablemedic.app;

import java.util.function.BiConsumer;

/** Right requests to the instruments of serial lines, radio and settings. */
final class LineWrites {
    private LineWrites() {}

    static void all(BiConsumer<String, String> write) {
        write.accept("POST /api/instruments/port-planner", """
        {"board": "board-f4-pad", "wishes": [{"name": "receiver", "job": "RECEIVER", "format": "SBUS", "volts5": true, "at": "1"}]}""");
        String wire =
                "{\"baud\": 57600, \"farBaud\": 19200, \"flow\": false, \"flowWired\": false, \"highV\": 3.3, \"farHighV\": 5}";
        write.accept("POST /api/instruments/modem-chain", """
        {"board": %s, "air": {"baud": 64000, "oneWay": false, "changed": true, "restarted": false, "rangeFirst": true, "stations": 1, "serialPorts": 2},
         "ground": %s, "bytesPerS": 400, "twoWay": true}""".formatted(wire, wire));
        write.accept("POST /api/instruments/two-ends", """
        {"board": "board-f4-pad", "part": {"name": "receiver", "job": "RECEIVER", "format": "SBUS", "volts5": true, "at": "1"}, "baud": 100000,
         "sends": "SBUS RX", "hears": "T1 TX", "ground": true, "supplyV": 5, "standsV": 5, "computer": true,
         "told": {"uart": "1", "jobs": ["RECEIVER"], "format": "SBUS", "baud": 100000, "inverted": true, "oneWire": false, "softOn": true}}""");
        write.accept("POST /api/instruments/signal-pad", "{\"highV\": 3.3, \"shownV\": 0.25}");
        write.accept("POST /api/instruments/byte-budget", """
        {"messages": [{"name": "a", "rateHz": 10, "payload": 20, "overhead": 8}], "hops": [{"name": "b", "baud": 57600}]}""");
        write.accept(
                "POST /api/instruments/baud-error",
                "{\"clockHz\": 16000000, \"oversampling\": 16, \"baud\": 9600, \"parity\": true, \"stopBits\": 1, \"otherOff\": 0.01}");
        write.accept("POST /api/instruments/channel-numbers", "{\"channel\": 16}");
        write.accept(
                "POST /api/instruments/channel-order",
                "{\"board\": \"AETR\", \"seen\": [{\"stick\": \"ROLL\", \"bar\": \"PITCH\", \"up\": true}]}");
        write.accept("POST /api/instruments/trim-and-travel", """
        {"bars": [{"stick": "ROLL", "centreUs": 1503, "lowUs": 1000, "highUs": 2000, "lowPct": 100, "highPct": 100}]}""");
        write.accept(
                "POST /api/instruments/frame-time",
                "{\"channels\": 8, \"between\": [{\"format\": \"SBUS\", \"betweenMs\": 9}]}");
        write.accept("POST /api/instruments/failsafe-timeline", """
        {"receiver": "NO_FRAMES", "noticeS": 0.5, "presetArm": false, "presetThrottle": 0, "detectS": 0.2, "guardS": 1, "afterGuardTime": "LAND", "landingThrottle": 20,
        "landingS": 60, "home": {"fix": true, "homeSet": true, "satellites": 10, "wanted": 8, "leastM": 10, "climbToM": 30, "levelSound": true, "compassDeg": 0, "at": "ARMING"}, "speedMs": 10, "heightM": 20, "distanceM": 80, "windMs": 2, "craftId": "F1", "backS": 4}""");
        write.accept("POST /api/instruments/modes", """
        {"modes": [{"name": "arm", "channel": 5, "fromUs": 1700, "toUs": 2100}], "switches": [{"name": "A", "channel": 5, "positions": [1000, 2000]}], "carried": 16}""");
        write.accept(
                "POST /api/instruments/return-home",
                "{\"craftId\": \"W2\", \"satellites\": 9, \"homeNoted\": true, \"obstacleM\": 10, \"windMs\": 2}");
        write.accept(
                "PUT /api/bench/unreadable/aside",
                "{\"record\": {\"table\": \"x\", \"key\": \"1\", \"what\": \"x\"}, \"reason\": \"r\"}");
        write.accept("PUT /api/backups", "{\"every\": \"DAY\", \"keep\": 3}");
        write.accept(
                "POST /api/instruments/video-channels",
                "{\"pilots\": [\"R1\", \"R4\"], \"bands\": [\"R\"], \"free\": false}");
        write.accept(
                "POST /api/instruments/screen-layout",
                "{\"fields\": \"FIFTY\", \"seenPercent\": 85, \"items\": [{\"text\": \"x\", \"column\": 3, \"row\": 3}]}");
        write.accept("POST /api/instruments/video-heat", "{\"milliwatts\": 600, \"aroundC\": 22}");
        write.accept("POST /api/instruments/output-pass", "{\"craftId\": \"W2\", \"channel\": 9, \"output\": 6}");
        write.accept("POST /api/instruments/radio-session", "{\"craftId\": \"W2\", \"session\": \"0 radio on\"}");
        write.accept(
                "POST /api/crafts/W2/conflicts", "{\"version\": 1, \"conflictId\": \"x\", \"way\": 1, \"made\": true}");
        write.accept("POST /api/crafts/W2/sign-off", "{\"version\": 1, \"reason\": \"flown by its owner\"}");
        write.accept(
                "POST /api/crafts/W2/radio-off",
                "{\"outcomes\": {\"does\": \"stop\"}, \"after\": \"1.7\", \"propsOff\": true}");
        write.accept("POST /api/crafts/W2/radio-off/judge", "{\"outcomes\": {\"does\": \"stop\"}, \"after\": \"1.7\"}");
        write.accept("POST /api/crafts/W2/set-up", "{\"occasion\": \"SEASON\"}");
        write.accept(
                "POST /api/crafts/W2/set-up/steps",
                "{\"version\": 1, \"stepId\": \"bind\", \"outcomes\": {\"seen\": \"moves\"}, \"numbers\": {\"x\": \"1\"}, \"told\": \"1\", \"sure\": true}");
        write.accept("POST /api/crafts/W2/set-up/end", "{\"version\": 1, \"reason\": \"x\"}");
        write.accept("POST /api/instruments/version-pairs", "{\"versions\": {\"BOARD\": \"1.2\"}}");
        write.accept("POST /api/firmware-families/rows", """
        {"rows": [["family", "elm", "Elm", "", "1"], ["name", "setting", "since", "until", "times", "values"], ["x", "cells", "1", "", "", ""]]}""");
        write.accept("POST /api/instruments/arming", """
        {"craftId": "F1", "listed": true, "computer": true, "radioOn": true, "throttle": 0.1, "switchOn": true, "onAtPower": true, "lyingDeg": 3, "sky": true}""");
        write.accept(
                "POST /api/instruments/motor-protocols",
                "{\"loopHz\": 4000, \"spoken\": [\"DSHOT300\"], \"thresholds\": [4.2, 4.4]}");
        write.accept("POST /api/instruments/version-search", """
        {"versions": ["1", "2", "3"], "trials": [{"version": "2", "works": true}], "seemsToWork": 0.1, "seemsBroken": 0.1}""");
    }
}
