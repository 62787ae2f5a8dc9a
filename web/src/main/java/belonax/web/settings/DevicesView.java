package belonax.web.settings;

import belonax.web.shared.drawing.QrMark;
import belonax.web.shared.pairing.Lan;
import belonax.web.shared.pairing.Pairing;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** Which devices may look in, and how another one is let in. */
record DevicesView(
        boolean isOpen,
        String address,
        @Nullable String code,
        @Nullable QrMark mark,
        List<DeviceShown> devices) {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);

    /** A device that was let in. */
    record DeviceShown(String id, String name, String since) {}

    /**
     * Returns what to show.
     *
     * @param atTheComputer whether the page is asked for at the computer itself; the code is shown nowhere else
     */
    static DevicesView of(Lan lan, Pairing pairing, int port, boolean atTheComputer, ZoneId zone) {
        String address = lan.address().map(it -> "http://" + it + ":" + port).orElse("");
        String code =
                atTheComputer && lan.address().isPresent() ? pairing.code().orElse(null) : null;
        return new DevicesView(
                lan.address().isPresent(),
                address,
                code,
                code == null ? null : QrMark.of(address + "/pair?code=" + code),
                pairing.devices().stream()
                        .map(it -> new DeviceShown(
                                it.id().toString(),
                                it.name(),
                                DAY.format(it.pairedAt().atZone(zone))))
                        .toList());
    }
}
