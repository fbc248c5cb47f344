package lexicor.bench.server;

import java.io.IOException;
import java.util.Arrays;
import java.util.Locale;

/** @param milliseconds the first answer, the median and the slowest twentieth of the others */
public record PageTimes(String page, double[] milliseconds) {
    private static final int TIMES = 25;
    private static final int OK = 200;

    /** What happens before a page is asked for once more. */
    interface Before {
        void act(int time) throws IOException, InterruptedException;
    }

    static PageTimes of(Browser somebody, String page, String path, Before before)
            throws IOException, InterruptedException {
        double[] all = new double[TIMES];
        for (int i = 0; i < TIMES; i++) {
            before.act(i);
            long begin = System.nanoTime();
            somebody.expect(OK, "GET", path, "");
            all[i] = (System.nanoTime() - begin) / 1e6;
        }
        double[] others = Arrays.copyOfRange(all, 1, all.length);
        Arrays.sort(others);
        return new PageTimes(
                page, new double[] {all[0], others[others.length / 2], others[(int) (0.95 * others.length)]});
    }

    @Override
    public String toString() {
        return String.format(
                Locale.ROOT,
                "%-28s first %6.0f ms, then %5.0f, p95 %5.0f",
                page,
                milliseconds[0],
                milliseconds[1],
                milliseconds[2]);
    }
}
