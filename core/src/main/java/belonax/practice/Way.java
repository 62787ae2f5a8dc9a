package belonax.practice;

/** What is done about a strip. */
public enum Way {
    UP("up, to pull more"),
    DOWN("down, to pull less"),
    LEAVE("leave it: balanced"),
    ELSEWHERE("not the dial at all");

    private final String words;

    Way(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
