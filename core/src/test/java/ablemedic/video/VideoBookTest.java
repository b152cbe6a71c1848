package ablemedic.video;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ablemedic.Families;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.BenchNeeds.Want;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.family.Complaint;
import ablemedic.reading.Meter;
import ablemedic.testing.CatalogueUse;
import ablemedic.video.VideoChain.Behind;
import ablemedic.video.VideoChain.Figures;
import ablemedic.video.VideoChain.Obeys;
import ablemedic.wiring.ElectricSheet;
import ablemedic.wiring.Electrics;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class VideoBookTest {
    private static List<Craft> crafts() {
        return VideoCrafts.all();
    }

    private static List<Craft> atLeastPower() {
        return List.of(VideoCrafts.analog(), VideoCrafts.inLine(), VideoCrafts.digital());
    }

    private static Fault<Craft> fault(Craft craft, String start) {
        return Families.book(craft, Meter.USUAL).faults().stream()
                .filter(one -> one.id().startsWith(start))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no fault " + start));
    }

    private static VideoChain.Screen with(Craft craft, String start) {
        return VideoChain.of(craft).screen(fault(craft, start).applyTo(craft));
    }

    @ParameterizedTest
    @MethodSource("atLeastPower")
    void aSoundCraftShowsItsPictureWithFiguresForAsLongAsOneLikesAndObeys(Craft craft) {
        VideoChain chain = VideoChain.of(craft);
        assertThat(chain.screen(craft)).isEqualTo(new VideoChain.Screen(Behind.PICTURE, Figures.SHOWN, false));
        assertThat(chain.heat(craft, false).shutsWithin(60)).isLessThan(0.1);
        assertThat(Ripple.seen(craft, chain.path().orElseThrow().maker())).isEqualTo(Ripple.Seen.CLEAN);
        assertThat(ablemedic.Families.violations(craft)).isEmpty();
    }

    /**
     * What a craft with each fault shows, written down by hand from how a picture is made; common practice, no source.
     */
    @ParameterizedTest
    @CsvSource({
        "analog, camera-dead, BLACK, SHOWN",
        "analog, transmitter-output-burnt, SNOW, NONE",
        "analog, video-antenna-broken, NEAR, SHOWN",
        "analog, goggles-other-channel, SNOW, NONE",
        "analog, transmitter-other-channel, SNOW, NONE",
        "analog, pit-mode-on, NEAR, SHOWN",
        "analog, goggles-other-input, SNOW, NONE",
        "analog, video-in-out-exchanged, BLACK, NONE",
        "analog, video-exchanged, BLACK, NONE",
        "analog, camera-other-format, PICTURE, ROLL",
        "analog, figures-other-format, PICTURE, ROLL",
        "analog, items-outside, PICTURE, CUT",
        "analog, open-CAM_V, BLACK, SHOWN",
        "analog, open-FC_VID, BLACK, NONE",
        "analog, bridge-FC_CAM_FC_VID, PICTURE, NONE",
        "analog, goggles-deaf, SNOW, NONE",
        "analog, capacitor-dried, PICTURE, SHOWN",
        "inLine, overlay-dead, BLACK, NONE",
        "inLine, video-exchanged, BLACK, NONE",
        "inLine, job-missing-DSP, PICTURE, NONE",
        "inLine, wires-exchanged-DSP, PICTURE, NONE",
        "digital, camera-not-paired, MESSAGE, NONE",
        "digital, camera-cable-loose, BLACK, SHOWN",
        "digital, air-camera-dead, BLACK, SHOWN",
        "digital, goggles-not-bound, SNOW, NONE",
        "digital, goggles-for-another-unit, SNOW, NONE",
        "digital, job-missing-AIR, PICTURE, NONE"
    })
    void eachFaultShowsAsThePhysicsOfAPictureHasIt(String which, String start, Behind behind, Figures figures) {
        Craft craft = which.equals("analog")
                ? VideoCrafts.analog()
                : which.equals("inLine") ? VideoCrafts.inLine() : VideoCrafts.digital();
        String id = start.equals("video-in-out-exchanged")
                ? "video-exchanged"
                : start.replace("wires-exchanged", "exchanged");
        VideoChain.Screen screen = with(craft, id);
        assertThat(screen.behind()).as(start).isEqualTo(behind);
        assertThat(screen.figures()).as(start).isEqualTo(figures);
    }

    @Test
    void whatTheBoardTellsTheTransmitterComesOfItsTableItsModeAndItsLine() {
        Craft craft = VideoCrafts.analog();
        VideoChain chain = VideoChain.of(craft);
        assertThat(chain.obeys(craft)).isEqualTo(Obeys.FOLLOWS);
        assertThat(chain.obeys(fault(craft, "power-table-of-another").applyTo(craft)))
                .isEqualTo(Obeys.POWER_STAYS);
        assertThat(chain.obeys(fault(craft, "pit-mode-on").applyTo(craft))).isEqualTo(Obeys.POWER_STAYS);
        assertThat(chain.obeys(fault(craft, "transmitter-other-channel").applyTo(craft)))
                .isEqualTo(Obeys.OTHER_CHANNEL);
        assertThat(chain.obeys(fault(craft, "job-missing-VTX").applyTo(craft))).isEqualTo(Obeys.NOT);
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void everyFixOfEveryFaultBringsTheScreenBack(Craft craft) {
        VideoChain chain = VideoChain.of(craft);
        for (Fault<Craft> fault : Video.FAMILY.book(craft, Meter.USUAL).faults()) {
            Craft faulty = fault.applyTo(craft);
            assertThat(faulty).as(fault.id()).isNotEqualTo(craft);
            assertThat(fault.fixes(craft)).as(fault.id()).isNotEmpty().allSatisfy(fix -> {
                Craft fixed = fix.applyTo(faulty);
                assertThat(chain.screen(fixed)).isEqualTo(chain.screen(craft));
                assertThat(chain.heat(fixed, false)).isEqualTo(chain.heat(craft, false));
                assertThat(Ripple.volts(fixed)).isCloseTo(Ripple.volts(craft), within(1e-9));
            });
        }
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void everyFaultOfTheFamilyIsSeenInSomeComplaintOfItAndInSomeCheck(Craft craft) {
        List<Check<Craft>> complaints = Video.FAMILY.complaints(craft, Meter.USUAL, null).stream()
                .map(Complaint::seen)
                .toList();
        for (Fault<Craft> fault : Video.FAMILY.book(craft, Meter.USUAL).faults()) {
            assertThat(complaints).as(fault.id() + " in a complaint").anyMatch(one -> tells(one, craft, fault));
            assertThat(Video.FAMILY.book(craft, Meter.USUAL).checks())
                    .as(fault.id() + " in a check")
                    .anyMatch(one -> tells(one, craft, fault));
        }
    }

    /** Whether what is expected of some answer differs by a fault, by more than a guess. */
    private static boolean tells(Check<Craft> check, Craft craft, Fault<Craft> fault) {
        Distribution sound = check.outlook(craft);
        Distribution faulty = check.outlook(fault.applyTo(craft));
        return ((Choices) check.answers())
                .questions().get(0).outcomes().stream()
                        .map(one -> Chosen.of(one.id()))
                        .anyMatch(answer -> Math.abs(sound.likelihood(answer) - faulty.likelihood(answer)) > 0.2);
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void everyCheckThatGivesATransmitterItsSupplyAsksForItsAntennaFirst(Craft craft) {
        assertThat(Video.FAMILY.book(craft, Meter.USUAL).checks())
                .filteredOn(check -> check.needs().battery() == Want.YES)
                .hasSizeGreaterThan(4)
                .allSatisfy(check -> assertThat(check.steps(craft).get(0).plain())
                        .as(check.id())
                        .startsWith("VTX antenna on first"));
    }

    @Test
    void aCraftWithoutLeadsOfItsPictureIsTakenToHaveThem() {
        Craft craft = VideoCrafts.analog();
        var sheet = craft.electrics().sheet();
        var bare = new ElectricSheet(
                sheet.parts(),
                sheet.wires().stream()
                        .filter(wire ->
                                !wire.from().endsWith(".V") && !wire.from().endsWith(".VID"))
                        .toList(),
                sheet.battery());
        Craft old = craft.withElectrics(new Electrics(bare));
        assertThat(VideoChain.of(old).screen(old))
                .isEqualTo(VideoChain.of(craft).screen(craft));
        assertThat(Video.FAMILY.book(old, Meter.USUAL).faults())
                .noneMatch(one -> one.id().startsWith("video-exchanged"));
    }

    @Test
    void aCameraStraightFromThePackShowsLinesWhereOneBehindARegulatorDoesNot() {
        Craft craft = VideoCrafts.analog();
        var camera = VideoChain.of(craft).path().orElseThrow().maker();
        Craft dried = craft.withElectrics(craft.electrics().with(new VideoDefect.DriedCapacitor("CAP.+")));
        assertThat(Ripple.volts(dried)).isGreaterThan(3 * Ripple.volts(craft));
        assertThat(Ripple.seen(dried, camera)).isNotEqualTo(Ripple.Seen.CLEAN);
        Craft open = fault(craft, "open-C4_INp_CAP").applyTo(craft);
        assertThat(Ripple.volts(open)).isEqualTo(Ripple.volts(dried));
    }

    @Test
    void whatIsPredictedOfAnExchangeLeavesRoomForBoardsThatLetThePicturePass() {
        Craft craft = VideoCrafts.analog();
        Complaint complaint = Video.FAMILY.complaints(craft, Meter.USUAL, null).stream()
                .filter(one -> one.id().equals("no-picture"))
                .findFirst()
                .orElseThrow();
        Craft exchanged = fault(craft, "video-exchanged").applyTo(craft);
        assertThat(complaint.seen().outlook(exchanged).likelihood(Chosen.of("picture")))
                .isBetween(0.2, 0.4);
        assertThat(complaint.seen().outlook(exchanged).likelihood(Chosen.of("black")))
                .isBetween(0.5, 0.8);
    }

    @Test
    void theCataloguesNameWhatTheBookHasAndNothingElse() {
        new CatalogueUse(Video.FAMILY, crafts())
                .everyFaultItsFixesAndItsPageAreInIt()
                .everyCheckItsOutcomesAndItsPageAreInIt()
                .everyComplaintIsInIt();
    }
}
