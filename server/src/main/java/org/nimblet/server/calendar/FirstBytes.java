package org.nimblet.server.calendar;

import java.io.ByteArrayOutputStream;
import java.net.http.HttpResponse;
import java.nio.ByteBuffer;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.Flow;

/**
 * The first bytes of an answer; what comes after them is not waited for. It holds no thread, so
 * whoever waits may give up at any time.
 */
final class FirstBytes implements HttpResponse.BodySubscriber<byte[]> {

  private final int most;
  private final ByteArrayOutputStream taken = new ByteArrayOutputStream();
  private final CompletableFuture<byte[]> body = new CompletableFuture<>();
  private Flow.Subscription source;

  /**
   * Takes a part of an answer.
   *
   * @param most how many bytes at most
   */
  FirstBytes(int most) {
    this.most = most;
  }

  @Override
  public CompletionStage<byte[]> getBody() {
    return body;
  }

  @Override
  public void onSubscribe(Flow.Subscription subscription) {
    source = subscription;
    source.request(Long.MAX_VALUE);
  }

  @Override
  public void onNext(List<ByteBuffer> buffers) {
    for (ByteBuffer buffer : buffers) {
      byte[] bytes = new byte[Math.min(buffer.remaining(), most - taken.size())];
      buffer.get(bytes);
      taken.writeBytes(bytes);
    }
    if (taken.size() == most) {
      source.cancel();
      body.complete(taken.toByteArray());
    }
  }

  @Override
  public void onError(Throwable failure) {
    body.completeExceptionally(failure);
  }

  @Override
  public void onComplete() {
    body.complete(taken.toByteArray());
  }
}
