package belonax.web.shared.pairing;

import belonax.BadInput;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.random.RandomGenerator;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Lets devices in. A code pairs one device and is then used up; after five wrong guesses or ten minutes it is dead, and only the computer
 * itself can make another.
 */
@Service
public class Pairing {
    private static final Duration CODE_HOLDS = Duration.ofMinutes(10);
    private static final Duration UNUSED = Duration.ofDays(90);
    private static final Duration SEEN_AGAIN = Duration.ofHours(1);
    private static final int GUESSES = 5;
    private static final int CODE_LENGTH = 8;
    private static final int TOKEN_BYTES = 32;
    /** Without letters and digits that are mistaken for one another. */
    private static final String LETTERS = "ABCDEFGHJKLMNPQRSTUVWXYZ23456789";

    private final DeviceRepository devices;
    private final Clock clock;
    private final Supplier<UUID> ids;
    private final RandomGenerator random;
    private final TransactionTemplate writing;

    private @Nullable String code;
    private int guessesLeft;
    private Instant codeMadeAt = Instant.EPOCH;

    Pairing(
            DeviceRepository devices,
            Clock clock,
            Supplier<UUID> ids,
            RandomGenerator random,
            TransactionTemplate writing) {
        this.writing = writing;
        this.devices = devices;
        this.clock = clock;
        this.ids = ids;
        this.random = random;
    }

    /** A device that was let in. */
    public record Device(UUID id, String name, Instant pairedAt, Instant seenAt, boolean mayAll) {}

    /** Returns the code that pairs the next device; empty when it is used up or dead. */
    public synchronized Optional<String> code() {
        if (code != null && clock.instant().isAfter(codeMadeAt.plus(CODE_HOLDS))) {
            code = null;
        }
        return Optional.ofNullable(code);
    }

    /** Makes a new code; an older one no longer holds. */
    public synchronized String newCode() {
        StringBuilder letters = new StringBuilder();
        for (int i = 0; i < CODE_LENGTH; i++) {
            letters.append(LETTERS.charAt(random.nextInt(LETTERS.length())));
        }
        code = letters.toString();
        guessesLeft = GUESSES;
        codeMadeAt = clock.instant();
        return code;
    }

    /**
     * Pairs a device that names the code.
     *
     * @return the secret by which the device is known from now on
     * @throws BadInput if the code is wrong, used up or dead
     */
    @Transactional
    public synchronized String pair(String guess, String name) {
        BadInput.unless(
                code().isPresent(),
                "code",
                () -> "No code holds at the moment. Make a new one in the settings on the computer itself.");
        String plain = guess.replaceAll("[\\s-]", "").toUpperCase(Locale.ROOT);
        if (!isSame(plain, String.valueOf(code))) {
            guessesLeft--;
            if (guessesLeft == 0) {
                code = null;
            }
            throw new BadInput(
                    "code", "That is not the code. It stands where Belonax was started, and in its settings.");
        }
        code = null;
        String token = token();
        String shown = name.isBlank() ? "a device" : name.strip();
        devices.save(new DeviceEntity(
                ids.get(), shown.length() > 60 ? shown.substring(0, 60) : shown, digest(token), clock.instant()));
        return token;
    }

    /** Tells whether a device with this secret was let in, not sent away, and seen within the last ninety days. */
    public boolean knows(String token) {
        Optional<DeviceEntity> device =
                devices.findByTokenHash(digest(token)).filter(deviceEntity -> !isForgotten(deviceEntity));
        Instant now = clock.instant();
        // Asked at every request: once an hour is enough for a date, and only that writes, so that what is remembered
        // stays so.
        device.filter(deviceEntity -> deviceEntity.seenAt().plus(SEEN_AGAIN).isBefore(now))
                .ifPresent(deviceEntity -> writing.executeWithoutResult(
                        any -> devices.findById(deviceEntity.id()).ifPresent(found -> found.seen(now))));
        return device.isPresent();
    }

    /** Tells whether a device may do what concerns the whole room. */
    @Transactional(readOnly = true)
    public boolean mayAll(String token) {
        return devices.findByTokenHash(digest(token))
                .filter(deviceEntity -> !isForgotten(deviceEntity))
                .filter(DeviceEntity::mayAll)
                .isPresent();
    }

    /** Lets a device do what concerns the whole room, or no longer. */
    @Transactional
    public void allow(UUID id, boolean all) {
        devices.findById(id).ifPresent(deviceEntity -> deviceEntity.may(all));
    }

    private boolean isForgotten(DeviceEntity device) {
        return device.seenAt().plus(UNUSED).isBefore(clock.instant());
    }

    /** Returns the devices that may look in. */
    @Transactional(readOnly = true)
    public List<Device> devices() {
        return devices.findAllByOrderByPairedAt().stream()
                .filter(deviceEntity -> !isForgotten(deviceEntity))
                .map(deviceEntity -> new Device(
                        deviceEntity.id(),
                        deviceEntity.name(),
                        deviceEntity.pairedAt(),
                        deviceEntity.seenAt(),
                        deviceEntity.mayAll()))
                .toList();
    }

    /** Sends a device away. */
    @Transactional
    public void sendAway(UUID id) {
        devices.deleteById(id);
    }

    private String token() {
        byte[] bytes = new byte[TOKEN_BYTES];
        random.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    /** Takes as long for a wrong guess as for the right one. */
    private static boolean isSame(String a, String b) {
        return MessageDigest.isEqual(a.getBytes(StandardCharsets.UTF_8), b.getBytes(StandardCharsets.UTF_8));
    }

    private static String digest(String token) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
