package belonax.web.shared.api;

/** Marks a record that is read from the body of a call to the JSON interface, strictly. */
public interface ApiBody {}
