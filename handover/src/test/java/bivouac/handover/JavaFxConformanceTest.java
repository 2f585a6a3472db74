package bivouac.handover;

class JavaFxConformanceTest extends ConformanceTest {

    JavaFxConformanceTest() {
        super(Toolkit.JAVAFX);
    }
}
