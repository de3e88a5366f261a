package variablerotor.server.photo;

import jakarta.annotation.PreDestroy;
import java.net.URI;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import software.amazon.awssdk.auth.credentials.AwsBasicCredentials;
import software.amazon.awssdk.auth.credentials.StaticCredentialsProvider;
import software.amazon.awssdk.core.checksums.RequestChecksumCalculation;
import software.amazon.awssdk.core.checksums.ResponseChecksumValidation;
import software.amazon.awssdk.core.exception.SdkException;
import software.amazon.awssdk.core.sync.RequestBody;
import software.amazon.awssdk.http.urlconnection.UrlConnectionHttpClient;
import software.amazon.awssdk.regions.Region;
import software.amazon.awssdk.services.s3.S3Client;
import software.amazon.awssdk.services.s3.model.NoSuchBucketException;
import software.amazon.awssdk.services.s3.model.S3Exception;

/**
 * A bucket of an S3-compatible store, in which the pixels of photos may lie: one object a photo, by
 * the photo's id. Without an address there is none.
 */
@Component
class Bucket {
  private static final Duration CONNECT = Duration.ofSeconds(2);
  private static final Duration SILENT = Duration.ofSeconds(10);
  private static final Duration IN_ALL = Duration.ofSeconds(30);

  private static final int NOT_FOUND = 404;

  /** It does not answer, or not with what it was asked for. */
  static final class Gone extends RuntimeException {
    private static final long serialVersionUID = 1L;

    Gone(Throwable cause) {
      super(cause);
    }
  }

  private final String bucket;
  private final @Nullable S3Client client;

  Bucket(
      @Value("${rotor.photos.url}") String url,
      @Value("${rotor.photos.bucket}") String bucket,
      @Value("${rotor.photos.region}") String region,
      @Value("${rotor.photos.key}") String key,
      @Value("${rotor.photos.secret}") String secret) {
    this.bucket = bucket;
    client = url.isEmpty() ? null : client(URI.create(url), region, key, secret);
  }

  private static S3Client client(URI url, String region, String key, String secret) {
    return S3Client.builder()
        .endpointOverride(url)
        .region(Region.of(region))
        .credentialsProvider(
            StaticCredentialsProvider.create(AwsBasicCredentials.create(key, secret)))
        // A store of one's own has no names for its buckets, and may not know the newer checksums;
        // what
        // comes back is held against a digest in any case.
        .serviceConfiguration(
            kind -> kind.pathStyleAccessEnabled(true).chunkedEncodingEnabled(false))
        .requestChecksumCalculation(RequestChecksumCalculation.WHEN_REQUIRED)
        .responseChecksumValidation(ResponseChecksumValidation.WHEN_REQUIRED)
        .httpClient(
            UrlConnectionHttpClient.builder()
                .connectionTimeout(CONNECT)
                .socketTimeout(SILENT)
                .build())
        .overrideConfiguration(all -> all.apiCallTimeout(IN_ALL))
        .build();
  }

  /** Whether there is one. */
  boolean isNamed() {
    return client != null;
  }

  private S3Client named() {
    if (client == null) {
      throw new Gone(new IllegalStateException("no bucket is named"));
    }
    return client;
  }

  /**
   * @throws Gone where it does not take it
   */
  void put(UUID photo, byte[] pixels) {
    S3Client to = named();
    try {
      to.putObject(put -> put.bucket(bucket).key(key(photo)), RequestBody.fromBytes(pixels));
    } catch (SdkException fault) {
      throw new Gone(fault);
    }
  }

  /**
   * What lies there, or nothing.
   *
   * @throws Gone where it does not answer
   */
  Optional<byte[]> get(UUID photo) {
    S3Client from = named();
    try {
      return Optional.of(
          from.getObjectAsBytes(get -> get.bucket(bucket).key(key(photo))).asByteArray());
    } catch (S3Exception fault) {
      // Not every store says what of the two it misses, or in a way that is understood.
      if (fault.statusCode() == NOT_FOUND && !(fault instanceof NoSuchBucketException)) {
        return Optional.empty();
      }
      throw new Gone(fault);
    } catch (SdkException fault) {
      throw new Gone(fault);
    }
  }

  /**
   * It is gone there, also where it was already.
   *
   * @throws Gone where it does not answer
   */
  void delete(UUID photo) {
    S3Client from = named();
    try {
      from.deleteObject(delete -> delete.bucket(bucket).key(key(photo)));
    } catch (SdkException fault) {
      throw new Gone(fault);
    }
  }

  private static String key(UUID photo) {
    return "photos/" + photo;
  }

  @PreDestroy
  void close() {
    if (client != null) {
      client.close();
    }
  }
}
