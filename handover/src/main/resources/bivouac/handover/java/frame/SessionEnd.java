package frame;

import desk.Loop;
import java.lang.reflect.Proxy;

/**
 * Tells when the session ends: the system asks the program to go by the signal TERM, and waits a while.
 * A hook of the runtime would be too late, since no window can ask any more while the runtime shuts down;
 * the signal itself is heard by a class that compilers warn of, hence by its name.
 */
public final class SessionEnd {

    private SessionEnd() {}

    /** @param heard is run by the loop's thread, as an event is */
    public static void tell(Loop loop, Runnable heard) {
        try {
            Class<?> signal = Class.forName("sun.misc.Signal");
            Class<?> handler = Class.forName("sun.misc.SignalHandler");
            Class<?>[] kinds = {handler};
            Object hears = Proxy.newProxyInstance(SessionEnd.class.getClassLoader(), kinds, (proxy, method, given) -> {
                if (method.getName().equals("handle")) {
                    loop.later(heard);
                }
                return null;
            });
            Object end = signal.getConstructor(String.class).newInstance("TERM");
            signal.getMethod("handle", signal, handler).invoke(null, end, hears);
        } catch (ReflectiveOperationException | IllegalArgumentException notThere) {
            // such a system tells nobody; it ends programs as a kill does
        }
    }
}
