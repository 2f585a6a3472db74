package bivouac.machine;

import bivouac.state.Frame;
import bivouac.state.Inst;

/** What becomes of all that a window has to do with, when it is gone (C5, C6, W5, W6). */
final class Leaving {

    private final Run run;
    private final Endings endings;
    private final Holdings holdings;
    private final Tasks tasks;

    Leaving(Run run, Endings endings, Holdings holdings, Tasks tasks) {
        this.run = run;
        this.endings = endings;
        this.holdings = holdings;
        this.tasks = tasks;
    }

    /** It is gone: its scripts end where they are (W6), and its ending goes to who waits for it (C6). */
    void gone(Inst inst) {
        holdings.giveBackAllOf(inst);
        inst.gone = true;
        inst.closing = false;
        run.instances.remove(inst);
        run.stacking.remove(inst);
        run.hasClosed = true;
        for (int i = run.stack.size() - 1; i >= 0; i--) {
            if (run.stack.get(i) instanceof Frame.OfScript s && s.me == inst) {
                run.drop(s);
            }
        }
        endings.deliver(inst);
        tasks.windowGone(inst);
        forget(inst);
    }

    private void forget(Inst gone) {
        for (int i = 0; i < run.instances.size(); i++) {
            Inst inst = run.instances.get(i);
            inst.owner = inst.owner == gone ? null : inst.owner;
            inst.opener = inst.opener == gone ? null : inst.opener;
            forget(inst.kept, gone);
        }
        for (int i = 0; i < run.background.size(); i++) {
            forget(run.background.get(i).kept, gone);
        }
        for (int i = 0; i < run.dormant.size(); i++) {
            forget(run.dormant.get(i).kept, gone);
        }
        for (int i = 0; i < run.stack.size(); i++) {
            if (run.stack.get(i) instanceof Frame.OfScript s) {
                forget(s.kept, gone);
            }
        }
    }

    private static void forget(Inst[] kept, Inst gone) {
        for (int i = 0; i < kept.length; i++) {
            kept[i] = kept[i] == gone ? null : kept[i];
        }
    }
}
