package ablemedic.app.instruments;

import ablemedic.app.http.Refusal;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.video.Channels;
import ablemedic.video.Channels.Channel;
import ablemedic.video.Channels.Disturbs;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Which channels of video several pilots can fly at once. */
@RestController
class VideoChannelsController {
    private static final Words SAID =
            Catalogue.beside(VideoChannelsController.class, "words").of("video-channels-controller");
    private static final Words REFUSALS =
            Catalogue.beside(VideoChannelsController.class, "refusals").of("video-channels-controller");
    private static final int MOST_PILOTS = 8;

    /**
     * @param pilots the channel of each by its name, such as R4
     * @param bands those that everybody has, for a better choice
     * @param free whether only channels count that most places leave to everybody
     */
    record ChannelsAsked(
            @NotNull @Size(min = 1, max = MOST_PILOTS) List<@NotNull String> pilots,
            @NotNull List<@NotNull String> bands,
            boolean free) {}

    /**
     * @param disturbed what comes into the picture, in sentences, the closest first
     * @param alias other names of the same frequency
     */
    record PilotChannel(String channel, int megahertz, boolean free, String alias, List<String> disturbed) {}

    /** Something that two transmitters make, or the closeness of one, on whose picture. */
    record Product(int onMhz, int pilot, String said) {}

    /**
     * @param best the choice of so many channels that keeps farthest apart; empty where the bands have not so many
     * @param calm whether nobody disturbs anybody in it
     */
    record ChannelsAnswer(
            List<PilotChannel> pilots,
            List<Product> products,
            List<String> best,
            boolean calm,
            int freeFromMhz,
            int freeToMhz) {}

    record ChannelBand(String name, List<TableChannel> channels) {}

    record TableChannel(String name, int megahertz, boolean free) {}

    @GetMapping("/api/instruments/video-channels")
    List<ChannelBand> table() {
        return Channels.ALL.stream()
                .map(Channel::band)
                .distinct()
                .map(band -> new ChannelBand(
                        band,
                        Channels.ALL.stream()
                                .filter(one -> one.band().equals(band))
                                .map(one -> new TableChannel(one.name(), one.megahertz(), one.isFree()))
                                .toList()))
                .toList();
    }

    @PostMapping("/api/instruments/video-channels")
    ChannelsAnswer solve(@RequestBody @Valid ChannelsAsked asked) {
        List<Channel> pilots = new ArrayList<>();
        for (int i = 0; i < asked.pilots().size(); i++) {
            String name = asked.pilots().get(i);
            String where = "pilots[" + i + "]";
            pilots.add(Channels.find(name)
                    .orElseThrow(() -> Refusal.wrong(where, REFUSALS.with("name", name), "no-channel")));
        }
        asked.bands().forEach(band -> {
            if (Channels.ALL.stream().noneMatch(one -> one.band().equals(band))) {
                throw Refusal.wrong("bands", REFUSALS.with("band", band), "no-band");
            }
        });
        List<Disturbs> all =
                Channels.among(pilots.stream().map(Channel::megahertz).toList());
        List<Channel> best = Channels.best(asked.bands(), pilots.size(), asked.free());
        List<PilotChannel> on = new ArrayList<>();
        for (int i = 0; i < pilots.size(); i++) {
            Channel channel = pilots.get(i);
            int pilot = i;
            on.add(new PilotChannel(
                    channel.name(),
                    channel.megahertz(),
                    channel.isFree(),
                    String.join(
                            ", ",
                            Channels.on(channel.megahertz()).stream()
                                    .filter(one -> !one.equals(channel))
                                    .map(Channel::name)
                                    .toList()),
                    all.stream()
                            .filter(one -> one.pilot() == pilot)
                            .map(one -> said(one, pilots))
                            .toList()));
        }
        return new ChannelsAnswer(
                on,
                all.stream()
                        .map(one -> new Product(one.onMhz(), one.pilot(), said(one, pilots)))
                        .toList(),
                best.stream().map(Channel::name).toList(),
                !best.isEmpty()
                        && Channels.among(best.stream().map(Channel::megahertz).toList())
                                .isEmpty(),
                Channels.FREE_FROM,
                Channels.FREE_TO);
    }

    private static String said(Disturbs one, List<Channel> pilots) {
        String first = pilots.get(one.one()).name();
        return one.isBeside()
                ? SAID.with("first", first)
                        .with("away", new Param.Count(one.awayMhz()))
                        .line("beside")
                        .plain()
                : SAID.with("first", first)
                        .with("other", pilots.get(one.other()).name())
                        .with("on", one.onMhz())
                        .with("away", new Param.Count(one.awayMhz()))
                        .line("mixed")
                        .plain();
    }
}
