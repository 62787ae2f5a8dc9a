package belonax.machine;

/** What the motor can pierce. A bigger needle gives a light machine no more strength. */
public enum MotorPower {
    LIGHT,
    NORMAL,
    STRONG
}
