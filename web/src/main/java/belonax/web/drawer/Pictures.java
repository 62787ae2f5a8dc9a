package belonax.web.drawer;

import belonax.room.drawer.PictureStore;
import java.time.Duration;
import java.util.Optional;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** Sends a picture that is kept with a card. */
public final class Pictures {
    private Pictures() {}

    public static ResponseEntity<byte[]> shown(Optional<PictureStore.Picture> picture) {
        return picture.map(otherPicture -> ResponseEntity.ok()
                        .contentType(MediaType.IMAGE_JPEG)
                        .cacheControl(CacheControl.maxAge(Duration.ofMinutes(5)).cachePrivate())
                        .body(otherPicture.jpeg()))
                .orElseGet(() -> ResponseEntity.notFound().build());
    }
}
