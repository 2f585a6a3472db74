package desk;

/** What a toolkit lends to the desk: waiting while events go on, being called later, and time. */
public interface Loop {

    /** Deals with events until the wait with this key is over, or for a while. */
    void enter(Object key);

    /** Ends the wait with this key, once those begun after it have ended. */
    void exit(Object key);

    void later(Runnable what);

    /** Calls again and again, until it is stopped. */
    Ticking every(double seconds, Runnable what);

    /** Something that comes again and again. */
    interface Ticking {
        void stop();
    }
}
