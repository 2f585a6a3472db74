package bivouac.handover;

class FormsConformanceTest extends ConformanceTest {

    FormsConformanceTest() {
        super(Toolkit.FORMS);
    }
}
