package almanac.app.ground.store;

/** Another database has taken the place of the one that was open; what was read of it is void. */
public record CollectionReplaced() {}
