package belonax.web.listen;

import belonax.sound.SimulatedRoom.Setting;
import belonax.sound.SimulatedRoom.Sewing;

/** Made-up rooms to try the ear in. */
public enum Scene {
    SEAMS("seams in a quiet room", Setting.quiet(seams(), 15)),
    RADIO("a radio beside the machine", Setting.quiet(seams(), 12).withMusic(0.1)),
    TALK("talk, and nobody sews", Setting.quiet(Sewing.NEVER, 15).withTalk(1)),
    KNOCK("a needle that grows blunt", Setting.quiet(seams(), 15).knocking(3, 6, 200)),
    STRUCK("a needle that strikes the plate", Setting.quiet(seams(), 15).striking(250));

    static final int SECONDS = 75;

    private final String words;
    private final Setting setting;

    Scene(String words, Setting setting) {
        this.words = words;
        this.setting = setting;
    }

    private static Sewing seams() {
        return new Sewing(6, 10, 0.04, 2, 8, 20, 2, 5);
    }

    public String words() {
        return words;
    }

    Setting setting() {
        return setting;
    }

    /** Each scene is always the same. */
    long seed() {
        return 20261128L + ordinal();
    }
}
