package bivouac.handover;

class SwingConformanceTest extends ConformanceTest {

    SwingConformanceTest() {
        super(Toolkit.SWING);
    }
}
