package ablemedic.protocol;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import io.dronefleet.mavlink.Mavlink2Message;
import io.dronefleet.mavlink.MavlinkConnection;
import io.dronefleet.mavlink.MavlinkMessage;
import io.dronefleet.mavlink.annotations.MavlinkFieldInfo;
import io.dronefleet.mavlink.annotations.MavlinkMessageInfo;
import io.dronefleet.mavlink.common.CommonDialect;
import io.dronefleet.mavlink.common.GpsRawInt;
import io.dronefleet.mavlink.common.Statustext;
import io.dronefleet.mavlink.common.SysStatus;
import io.dronefleet.mavlink.minimal.Heartbeat;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Packets made by the library are read here, and the other way round. */
@OutsideCheck(kind = Kind.REFERENCE_LIBRARY, source = "io.dronefleet.mavlink 1.1.11")
class MavlinkTest {

    private static Frames read(byte[] bytes) {
        Frames frames = Frames.of(Format.MAVLINK);
        for (byte value : bytes) {
            frames.take(0, value);
        }
        frames.end();
        return frames;
    }

    private static byte[] written(int packets, boolean second) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        MavlinkConnection link = MavlinkConnection.create(new ByteArrayInputStream(new byte[0]), out);
        Random random = new Random(3);
        for (int i = 0; i < packets; i++) {
            Object payload =
                    switch (random.nextInt(4)) {
                        case 0 ->
                            Heartbeat.builder()
                                    .customMode(random.nextInt())
                                    .mavlinkVersion(3)
                                    .build();
                        case 1 ->
                            SysStatus.builder()
                                    .voltageBattery(14_800)
                                    .currentBattery(random.nextInt(5000))
                                    .build();
                        case 2 ->
                            GpsRawInt.builder()
                                    .satellitesVisible(9)
                                    .lat(random.nextInt())
                                    .build();
                        default ->
                            Statustext.builder()
                                    .text("compass is not calibrated")
                                    .build();
                    };
            if (second) {
                link.send2(1, 1, payload);
            } else {
                link.send1(1, 1, payload);
            }
        }
        return out.toByteArray();
    }

    @Test
    void packetsOfTheSecondVersionAreAllRead() throws IOException {
        Frames read = read(written(300, true));
        assertThat(read.good()).isEqualTo(300);
        assertThat(read.bad()).isZero();
        assertThat(read.coverage()).isEqualTo(1);
        assertThat(read.said())
                .anySatisfy(said -> assertThat(said).contains("14.8 V"))
                .anySatisfy(said -> assertThat(said).contains("9 satellites"))
                .anySatisfy(said -> assertThat(said).contains("compass is not calibrated"))
                .noneMatch(said -> said.contains("missing"));
    }

    /** The library writes later fields into packets of the first version too; they are read as well. */
    @Test
    void packetsOfTheFirstVersionAreAllRead() throws IOException {
        assertThat(read(written(300, false)).good()).isEqualTo(300);
    }

    @Test
    void whatIsMadeHereTheLibraryReads() throws IOException {
        ByteArrayOutputStream made = new ByteArrayOutputStream();
        for (int count = 0; count < 20; count++) {
            made.write(Sender.usual(Format.MAVLINK).bytes(List.of(), count));
        }
        MavlinkConnection link =
                MavlinkConnection.create(new ByteArrayInputStream(made.toByteArray()), new ByteArrayOutputStream());
        for (int count = 0; count < 20; count++) {
            MavlinkMessage<?> message = link.next();
            assertThat(message.getPayload()).isInstanceOf(Heartbeat.class);
            assertThat(message.getSequence()).isEqualTo(count);
            assertThat(message).isNotInstanceOf(Mavlink2Message.class);
        }
    }

    @Test
    void aLostPacketIsCountedAndABrokenOneToo() throws IOException {
        ByteArrayOutputStream made = new ByteArrayOutputStream();
        for (int count : new int[] {0, 1, 4, 5}) {
            made.write(Sender.usual(Format.MAVLINK).bytes(List.of(), count));
        }
        byte[] broken = Sender.usual(Format.MAVLINK).bytes(List.of(), 6);
        broken[9] ^= 1;
        made.write(broken);
        Frames read = read(made.toByteArray());
        assertThat(read.good()).isEqualTo(4);
        assertThat(read.bad()).isEqualTo(1);
        assertThat(read.said()).anySatisfy(said -> assertThat(said).startsWith("2 packets are missing"));
    }

    @OutsideCheck(kind = Kind.PUBLISHED, source = "Recording of 3412 packets in the npm package node-mavlink 2.3.0")
    @Test
    void everyPacketOfAnOpenRecordingIsRead() throws IOException {
        try (var in = MavlinkTest.class.getResourceAsStream("packets-3412.bin")) {
            Frames read = read(in.readAllBytes());
            assertThat(read.good()).isEqualTo(3412);
            assertThat(read.bad()).isZero();
            assertThat(read.coverage()).isEqualTo(1);
        }
    }

    @Test
    void theTableOfMessagesIsThatOfTheLibrary() {
        CommonDialect dialect = new CommonDialect();
        assertThat(ablemedic.protocol.MavlinkMessage.all()).hasSizeGreaterThan(200);
        ablemedic.protocol.MavlinkMessage.all().forEach((id, message) -> {
            Class<?> type = dialect.resolve(id);
            assertThat(type.getName()).isEqualTo(message.type());
            assertThat(type.getAnnotation(MavlinkMessageInfo.class).crc())
                    .as(message.name())
                    .isEqualTo(message.crcExtra());
            assertThat(length(type, true)).as(message.name()).isEqualTo(message.mostLength());
            assertThat(length(type, false)).as(message.name()).isEqualTo(message.leastLength());
        });
    }

    private static int length(Class<?> type, boolean withExtensions) {
        return Arrays.stream(type.getDeclaredMethods())
                .map(m -> m.getAnnotation(MavlinkFieldInfo.class))
                .filter(f -> f != null && (withExtensions || !f.extension()))
                .mapToInt(f -> f.unitSize() * Math.max(1, f.arraySize()))
                .sum();
    }
}
