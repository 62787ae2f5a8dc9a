package belonax.practice;

/** How a needle is, and what becomes of it. */
public enum NeedleState {
    SOUND(
            "sound: sew on",
            "Blade straight, point whole: nothing about it is to be seen. What is felt and heard counts as well."),
    BLUNT(
            "its tip is worn blunt: throw it away",
            "The tip ends in a flat instead of its rounding: it punches instead of parting the threads, and skips follow."),
    BENT(
            "its blade is bent: throw it away",
            "The blade leaves its own line towards the tip: it strikes plate or hook, and then it breaks."),
    HOOKED(
            "its tip is hooked: throw it away",
            "The tip turns over to one side: it catches threads and pulls ladders. It comes of a pin or of the plate.");

    private final String words;
    private final String why;

    NeedleState(String words, String why) {
        this.words = words;
        this.why = why;
    }

    public String words() {
        return words;
    }

    public String why() {
        return why;
    }
}
