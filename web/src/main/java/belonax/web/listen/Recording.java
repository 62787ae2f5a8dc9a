package belonax.web.listen;

import belonax.sound.Loudness;
import belonax.sound.SimulatedMicrophone;
import belonax.sound.SimulatedRoom;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.SplittableRandom;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;

/** A recording of a machine that is not there, as a WAV file of 16 bits. */
final class Recording {
    static final int SAMPLE_RATE = 24_000;

    private Recording() {}

    static byte[] of(Scene scene) {
        ByteBuffer samples =
                ByteBuffer.allocate(2 * SAMPLE_RATE * (Scene.SECONDS + 1)).order(ByteOrder.LITTLE_ENDIAN);
        SimulatedRoom room = new SimulatedRoom(scene.setting(), new SplittableRandom(scene.seed()));
        new SimulatedMicrophone(room, SAMPLE_RATE, new SplittableRandom(scene.seed()))
                .record(
                        Scene.SECONDS * Loudness.PER_SECOND,
                        value -> samples.putShort((short) Math.round(value * 32_767)));
        return wav(samples.array(), samples.position() / 2);
    }

    private static byte[] wav(byte[] samples, int many) {
        AudioFormat format = new AudioFormat(SAMPLE_RATE, 16, 1, true, false);
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        try (AudioInputStream stream = new AudioInputStream(new ByteArrayInputStream(samples), format, many)) {
            AudioSystem.write(stream, AudioFileFormat.Type.WAVE, file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return file.toByteArray();
    }
}
