package bivouac.handover.meaning;

import bivouac.design.Task;

/** What the work of a task is called with (W9, W10). */
public final class CalledWith {

    private CalledWith() {}

    /**
     * What it takes, behind what it tells and is told by, where it does or is.
     *
     * @param progress how that is said
     * @param takes what it takes, with commas between; empty for nothing
     */
    public static String of(Task task, String progress, String takes) {
        return task.told().isEmpty() ? takes : takes.isEmpty() ? progress : progress + ", " + takes;
    }
}
