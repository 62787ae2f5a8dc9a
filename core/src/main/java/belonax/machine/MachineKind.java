package belonax.machine;

/** What decides who may oil, open and turn what. */
public enum MachineKind {
    MECHANICAL,
    COMPUTER_CONTROLLED,
    OVERLOCKER
}
