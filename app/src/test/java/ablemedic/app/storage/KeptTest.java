package ablemedic.app.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

/** What is kept of what was worked out: no more than so much, nothing stale, and made once for all who ask. */
class KeptTest {
    private final AtomicInteger made = new AtomicInteger();

    @Test
    void theOneUnusedForLongestGoesFirst() {
        Recent<Integer, Integer> recent = new Recent<>(3);
        for (int key : new int[] {1, 2, 3, 1, 4}) {
            recent.of(key, k -> made.incrementAndGet());
        }
        assertThat(made).hasValue(4);
        recent.of(1, k -> made.incrementAndGet());
        assertThat(made).as("1 was used after 2 and 3").hasValue(4);
        recent.of(2, k -> made.incrementAndGet());
        assertThat(made).as("2 has gone").hasValue(5);
    }

    @Test
    void whatFailedIsNotKept() {
        Recent<Integer, Integer> recent = new Recent<>(3);
        assertThatExceptionOfType(IllegalStateException.class)
                .isThrownBy(() -> recent.of(1, k -> {
                    throw new IllegalStateException("once");
                }));
        assertThat(recent.of(1, k -> 7)).isEqualTo(7);
        Newest<Integer, String, Integer> newest = new Newest<>(3);
        assertThatExceptionOfType(IllegalStateException.class)
                .isThrownBy(() -> newest.of(1, "a", () -> {
                    throw new IllegalStateException("once");
                }));
        assertThat(newest.of(1, "a", () -> 7)).isEqualTo(7);
    }

    @Test
    void anotherStampIsMadeAnewAndTheSameIsNot() {
        Newest<Integer, String, Integer> newest = new Newest<>(2);
        assertThat(newest.of(1, "a", made::incrementAndGet)).isEqualTo(1);
        assertThat(newest.of(1, "a", made::incrementAndGet)).isEqualTo(1);
        assertThat(newest.of(1, "b", made::incrementAndGet)).isEqualTo(2);
        assertThat(newest.known(1, "c")).as("never made for that stamp").isEmpty();
        assertThat(newest.of(1, "c", made::incrementAndGet)).isEqualTo(3);
        assertThat(newest.known(1, "c")).contains(3);
        newest.of(2, "a", made::incrementAndGet);
        newest.of(3, "a", made::incrementAndGet);
        assertThat(newest.of(1, "c", made::incrementAndGet))
                .as("past the bound")
                .isEqualTo(6);
    }

    @Test
    void whoeverComesMeanwhileWaitsInsteadOfMakingItToo()
            throws InterruptedException, ExecutionException, TimeoutException {
        Newest<Integer, String, Integer> newest = new Newest<>(2);
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch end = new CountDownLatch(1);
        CompletableFuture<Integer> first = CompletableFuture.supplyAsync(() -> newest.of(1, "a", () -> {
            begun.countDown();
            await(end);
            return made.incrementAndGet();
        }));
        begun.await();
        CompletableFuture<Integer> second =
                CompletableFuture.supplyAsync(() -> newest.of(1, "a", made::incrementAndGet));
        assertThatExceptionOfType(TimeoutException.class).isThrownBy(() -> second.get(200, TimeUnit.MILLISECONDS));
        end.countDown();
        assertThat(first.get(5, TimeUnit.SECONDS)).isEqualTo(1);
        assertThat(second.get(5, TimeUnit.SECONDS)).isEqualTo(1);
    }

    private static void await(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
