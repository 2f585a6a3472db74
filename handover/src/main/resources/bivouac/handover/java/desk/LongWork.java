package desk;

/** Work that tells how far it is, or that can be asked to end (W9, W10). */
@FunctionalInterface
public interface LongWork<E extends Ending> {

    E call(Progress progress) throws Exception;
}
