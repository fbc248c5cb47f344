package lexicor.server.exchange;

import java.io.ByteArrayOutputStream;
import java.net.http.HttpResponse.BodySubscriber;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.Flow;

/** The beginning of an answer as text; whatever follows is not read. */
final class FirstBytes implements BodySubscriber<String> {
    private final int most;
    private final ByteArrayOutputStream got = new ByteArrayOutputStream();
    private final CompletableFuture<String> body = new CompletableFuture<>();
    private Flow.Subscription subscription;

    FirstBytes(int most) {
        this.most = most;
    }

    @Override
    public CompletionStage<String> getBody() {
        return body;
    }

    @Override
    public void onSubscribe(Flow.Subscription begun) {
        subscription = begun;
        begun.request(1);
    }

    @Override
    public void onNext(List<ByteBuffer> buffers) {
        for (ByteBuffer buffer : buffers) {
            byte[] part = new byte[Math.min(buffer.remaining(), most - got.size())];
            buffer.get(part);
            got.writeBytes(part);
        }
        if (got.size() < most) {
            subscription.request(1);
        } else {
            subscription.cancel();
            onComplete();
        }
    }

    @Override
    public void onError(Throwable failure) {
        body.completeExceptionally(failure);
    }

    @Override
    public void onComplete() {
        body.complete(got.toString(StandardCharsets.UTF_8));
    }
}
