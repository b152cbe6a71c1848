package ablemedic.video;

import ablemedic.catalogue.Param;
import ablemedic.craft.Craft;
import ablemedic.craft.VideoSettings;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Facet;
import ablemedic.family.Observer;
import ablemedic.video.VideoChain.Behind;
import ablemedic.video.VideoDefect.NoPicture;
import ablemedic.wiring.Part;
import ablemedic.wiring.VideoPath;

/** Checks of the camera and what joins it to the VTX or the air unit. */
final class CameraChecks {
    private final VideoChecks checks;
    private final VideoChain chain;

    CameraChecks(VideoChecks checks, VideoChain chain) {
        this.checks = checks;
        this.chain = chain;
    }

    void analog(VideoPath way) {
        way.camera().ifPresent(camera -> {
            way.overlay().ifPresent(osd -> checks.powered("camera-straight")
                    .at(camera)
                    .with("overlay", Param.part(osd.id(), osd.label()))
                    .shows(Facet.of("camera-straight", craft -> straight(way, craft)), seen -> seen, Observer.READS)
                    .minutes(4)
                    .add());
            checks.powered("other-camera")
                    .at(camera)
                    .shows(
                            Facet.of("other-camera", craft -> isCuredByAnother(camera, craft)),
                            cures -> cures ? "picture" : "as-before",
                            Observer.READS)
                    .minutes(6)
                    .add();
        });
    }

    /** What comes where the camera's own wire is joined to the VTX, past everything between. */
    private String straight(VideoPath way, Craft craft) {
        Behind behind = chain.screen(craft).behind();
        boolean makes = chain.isFed(craft, way.maker())
                && NoPicture.why(craft, way.maker()).isEmpty();
        return behind == Behind.SNOW ? "snow" : makes ? "picture" : "black";
    }

    private boolean isCuredByAnother(Part camera, Craft craft) {
        Craft another = craft.withElectrics(craft.electrics().without(NoPicture.slot(camera.id())));
        return chain.screen(another).behind() == Behind.PICTURE
                && chain.screen(craft).behind() != Behind.PICTURE;
    }

    void digital(Part unit) {
        checks.ask("goggles-unit-read").kind("read-in-goggles").minutes(0.5).reads(VideoFaults.UNIT);
        checks.powered("goggles-bound-read")
                .at(unit)
                .shows(
                        Facet.of(
                                "air-unit-led",
                                craft -> chain.isFed(craft, unit)
                                        && craft.setting(VideoSettings.GOGGLES_BOUND)
                                        && craft.setting(VideoSettings.GOGGLES_UNIT)
                                        && craft.setting(VideoSettings.GOGGLES_HEAR)),
                        bound -> bound ? "bound" : "searching",
                        Observer.READS)
                .minutes(0.5)
                .add();
        checks.ask("camera-paired-read")
                .needs(BenchNeeds.POWERED)
                .minutes(4)
                .reads(VideoFaults.PAIRED, paired -> paired ? "paired" : "not", Observer.READS);
        checks.ask("camera-cable-look")
                .at(unit)
                .shows(
                        Facet.of("camera-cable", craft -> NoPicture.why(craft, unit)
                                .filter(why -> why == NoPicture.Why.LOOSE_CABLE)
                                .isPresent()),
                        loose -> loose ? "loose" : "seated",
                        Observer.JUDGES)
                .needs(BenchNeeds.BATTERY_OUT)
                .minutes(1)
                .add();
    }
}
