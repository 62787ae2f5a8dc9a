package belonax.web.settings;

import belonax.room.Words;
import belonax.web.shared.drawing.QrMark;
import belonax.web.shared.pairing.Pairing;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Which devices may look in, and how another one is let in. */
public record DevicesView(
        boolean isOpen,
        String address,
        @Nullable String code,
        @Nullable QrMark mark,
        List<DeviceShown> devices) {

    /** A device that was let in. */
    public record DeviceShown(String id, String name, String since, String seen, boolean mayAll) {}

    /**
     * Returns what to show.
     *
     * @param address where the home network reaches this computer; none where it is closed
     * @param code the code that lets a device in, at the computer itself; it is shown nowhere else
     */
    static DevicesView of(Optional<String> address, Optional<String> code, List<Pairing.Device> devices, ZoneId zone) {
        String page = address.orElse("");
        return new DevicesView(
                address.isPresent(),
                page,
                code.orElse(null),
                code.map(text -> QrMark.of(page + "/pair?code=" + text)).orElse(null),
                devices.stream()
                        .map(device -> new DeviceShown(
                                device.id().toString(),
                                device.name(),
                                Words.date(device.pairedAt().atZone(zone).toLocalDate()),
                                Words.date(device.seenAt().atZone(zone).toLocalDate()),
                                device.mayAll()))
                        .toList());
    }
}
