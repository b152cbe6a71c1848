package ablemedic.app.devices;

import ablemedic.app.devices.PairedDevices.Device;
import ablemedic.app.devices.Pairing.Code;
import ablemedic.app.http.AtTheBench;
import ablemedic.app.http.PairedDevice;
import ablemedic.app.http.Refusal;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Other devices: the code at the bench, the pairing at the device, the list of those that are in. */
@RestController
@RequestMapping("/api/devices")
class PairedDevicesController {
    private static final Words REFUSALS =
            Catalogue.beside(PairedDevicesController.class, "refusals").of("paired-devices-controller");
    private final Lan lan;
    private final Pairing pairing;
    private final PairedDevices devices;

    PairedDevicesController(Lan lan, Pairing pairing, PairedDevices devices) {
        this.lan = lan;
        this.pairing = pairing;
        this.devices = devices;
    }

    /**
     * How it stands, for the bench.
     *
     * @param mode how devices come in
     * @param addresses where a device's browser goes; empty behind a server in front
     * @param fingerprint of the certificate; empty behind a server in front
     * @param code that is open now
     */
    record OtherDevices(
            LanMode mode,
            List<String> addresses,
            String fingerprint,
            @Nullable PairingCode code,
            List<DeviceRow> devices) {}

    /** @param triesLeft until it is void */
    record PairingCode(String digits, Instant until, int triesLeft) {}

    record DeviceRow(String id, String name, String from, Instant since, Instant lastSeen) {}

    record PairAsked(
            @NotNull @NotBlank @Size(max = 40, message = "{most.letters}")
            String code,

            @NotNull @NotBlank @Size(max = 40, message = "{most.letters}")
            String name) {}

    /** @param name of the device */
    record ThisDevice(String name) {}

    @AtTheBench
    @GetMapping
    OtherDevices now() {
        return new OtherDevices(
                lan.mode(),
                lan.urls(),
                lan.certificate().map(LanCertificate::fingerprint).orElse(""),
                pairing.open().map(PairedDevicesController::shown).orElse(null),
                devices.all().stream().map(PairedDevicesController::row).toList());
    }

    @AtTheBench
    @PostMapping("/code")
    OtherDevices newCode() {
        if (!lan.isOn()) {
            throw Refusal.conflict("mode", REFUSALS, "off");
        }
        pairing.renew();
        return now();
    }

    @PostMapping("/pair")
    ResponseEntity<ThisDevice> pair(@RequestBody @Valid PairAsked asked, HttpServletRequest request) {
        if (PairedDevice.of(request).isEmpty()) {
            throw Refusal.conflict("code", REFUSALS, "bench-itself");
        }
        switch (pairing.attempt(asked.code(), request.getRemoteAddr())) {
            case WRONG -> throw Refusal.wrong("code", REFUSALS.with("tries", Pairing.TRIES), "wrong-code");
            case NO_CODE ->
                throw Refusal.wrong("code", REFUSALS.with("toMinutes", Pairing.LASTS.toMinutes()), "no-code");
            case TOO_MANY ->
                throw Refusal.conflict(
                        "code", REFUSALS.with("toMinutes", Pairing.REMEMBERED.toMinutes()), "too-many-codes");
            case PAIRED -> {}
        }
        String secret = devices.pair(asked.name().strip(), request.getRemoteAddr())
                .orElseThrow(() -> Refusal.conflict("code", REFUSALS.with("most", PairedDevices.MOST), "full"));
        return ResponseEntity.ok()
                .header(HttpHeaders.SET_COOKIE, cookie(secret, PairedDevices.LASTS.toSeconds()))
                .body(new ThisDevice(asked.name().strip()));
    }

    /** A device leaves by itself. */
    @DeleteMapping("/mine")
    ResponseEntity<ThisDevice> leave(HttpServletRequest request) {
        String id = PairedDevice.of(request).orElseThrow(() -> Refusal.conflict("device", REFUSALS, "bench-stays"));
        devices.end(id);
        return ResponseEntity.ok().header(HttpHeaders.SET_COOKIE, cookie("", 0)).body(new ThisDevice(""));
    }

    @AtTheBench
    @DeleteMapping("/{id}")
    OtherDevices end(@PathVariable String id) {
        if (!devices.end(id)) {
            throw Refusal.unknown("id", REFUSALS.with("id", Refusal.shortened(id)), "no-device");
        }
        return now();
    }

    private static String cookie(String secret, long seconds) {
        return ResponseCookie.from(LanGate.COOKIE, secret)
                .httpOnly(true)
                .secure(true)
                .sameSite("Strict")
                .path("/")
                .maxAge(seconds)
                .build()
                .toString();
    }

    private static PairingCode shown(Code code) {
        return new PairingCode(code.digits(), code.until(), code.triesLeft());
    }

    private static DeviceRow row(Device device) {
        return new DeviceRow(device.id(), device.name(), device.from(), device.since(), device.lastSeen());
    }
}
