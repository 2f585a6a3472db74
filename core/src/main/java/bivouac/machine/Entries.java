package bivouac.machine;

import bivouac.plan.PartPlan;
import bivouac.plan.WindowPlan;

/** Which texts are typed into a field where events are listed. */
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
    };

    /** How many texts are typed into a field. */
    int count(WindowPlan window, PartPlan part);

    /** One of them, by its number from 0. */
    String text(WindowPlan window, PartPlan part, int item);
}
