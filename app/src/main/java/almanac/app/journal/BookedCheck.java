package almanac.app.journal;

import almanac.core.followup.Check;

/**
 * A check in the diary.
 *
 * @param id its number
 * @param entryId the line of the journal that brought it about
 * @param check what for and when
 */
public record BookedCheck(long id, long entryId, Check check) {}
