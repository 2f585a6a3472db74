package bivouac.machine;

import bivouac.plan.PartPlan;
import bivouac.plan.WindowPlan;
import java.util.List;

/** Which texts are typed into a field, and what work tells of how far it is, where events are listed. */
public interface Entries {

    /** One that stands for any: whoever takes the event says which. */
    Entries ANY = new Entries() {
        @Override
        public int count(WindowPlan window, PartPlan part) {
            return 1;
        }

        @Override
        public String text(WindowPlan window, PartPlan part, int item) {
            return "";
        }

        @Override
        public List<Told> told(String task) {
            return List.of(new Told(0, ""));
        }
    };

    /** What a task can tell of how far it is (W9). */
    record Told(int done, String line) {}

    /** What a task tells where events are listed. */
    List<Told> told(String task);

    /** How many texts are typed into a field. */
    int count(WindowPlan window, PartPlan part);

    /** One of them, by its number from 0. */
    String text(WindowPlan window, PartPlan part, int item);
}
