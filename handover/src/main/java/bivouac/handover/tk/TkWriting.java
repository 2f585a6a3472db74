package bivouac.handover.tk;

import bivouac.design.Expression;
import bivouac.design.Part;
import bivouac.design.Type;
import bivouac.handover.meaning.Here;
import bivouac.handover.meaning.Say;
import bivouac.handover.python.PyCalls;
import bivouac.handover.python.PyExpressions;
import bivouac.handover.python.PyView;
import bivouac.handover.python.PyWorld;
import java.util.Optional;

/**
 * What stands on a class itself, outside its scripts: expressions and texts as they are seen from there.
 *
 * @param of the first word of the keys of its texts
 */
record TkWriting(PyWorld world, PyView view, Here here, String of) {

    Optional<Say> say(Expression expression) {
        return world.meanings().of(expression, here);
    }

    /** What is said of each of those of which a part stands for one (P5). */
    TkWriting ofEach(String window, Part part) {
        return new TkWriting(world, view, Here.ofEach(window, part), of);
    }

    String write(Say say, Type wanted) {
        return new PyExpressions(world, view).write(say, wanted);
    }

    String text(String key, String text) {
        return new PyCalls(world, view).words(world.texts().words(of + "." + key, text, here));
    }
}
