package vantbreeze.app.safekeeping;

import java.time.Instant;
import java.util.List;

/**
 * What putting a backup back would do.
 *
 * @param made when the backup was made
 * @param cards how many cards it has that were not put aside
 * @param back names of cards that are not in the drawer now and come back
 * @param changed names of cards that become what they were then
 * @param aside names of cards that were not there then and are put aside
 * @param same how many cards stay as they are
 * @param stock whether tools and stock become what they were then
 * @param versions how many named versions come back
 * @param pictures how many pictures of papers come back
 */
public record RestorePlan(
        Instant made,
        int cards,
        List<String> back,
        List<String> changed,
        List<String> aside,
        int same,
        boolean stock,
        int versions,
        int pictures) {

    /** Whether all is as it was then. */
    public boolean isNothing() {
        return back.isEmpty() && changed.isEmpty() && aside.isEmpty() && !stock && versions == 0 && pictures == 0;
    }
}
