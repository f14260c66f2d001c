<?php

declare(strict_types=1);

namespace Regimen\SignIn;

/**
 * Codes of six digits that change every 30 seconds, as an authenticator on a phone shows them.
 *
 * Source: RFC 6238 (time-based one-time password) over RFC 4226 (HMAC-based), with HMAC-SHA-1; the secret is written in
 * base 32 (RFC 4648). Test vectors: RFC 6238, appendix B.
 */
final class TimeCode
{
    public const STEP_SECONDS = 30;

    private const ALPHABET = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    /** How many steps a phone's clock may be before or behind. */
    private const DRIFT = 1;

    /** A new secret of 160 bits, in base 32. */
    public static function secret(): string
    {
        return self::written(random_bytes(20));
    }

    /** @param  string  $key  the secret's bytes */
    public static function at(string $key, int $seconds, int $digits = 6): string
    {
        $hash = hash_hmac('sha1', pack('J', intdiv($seconds, self::STEP_SECONDS)), $key, true);
        $offset = ord($hash[19]) & 0x0F;
        /** @var array{1: int} $cut */
        $cut = unpack('N', substr($hash, $offset, 4));

        return str_pad((string) (($cut[1] & 0x7FFFFFFF) % 10 ** $digits), $digits, '0', STR_PAD_LEFT);
    }

    /**
     * The step whose code was typed, or null. A code counts once: no step up to the last one that was used is taken.
     *
     * @param  string  $secret  in base 32
     * @param  int  $used  the last step that was used
     */
    public static function accepted(string $secret, string $typed, int $seconds, int $used): ?int
    {
        $digits = (string) preg_replace('/\s+/', '', $typed);
        $now = intdiv($seconds, self::STEP_SECONDS);
        $found = null;
        for ($step = $now - self::DRIFT; $step <= $now + self::DRIFT; $step++) {
            // Every step is compared, and in equal time.
            if (hash_equals(self::at(self::read($secret), $step * self::STEP_SECONDS), $digits) && $step > $used) {
                $found = $step;
            }
        }

        return $found;
    }

    /** What an authenticator reads from a square code. */
    public static function address(string $secret, string $shop, string $account): string
    {
        return 'otpauth://totp/'.rawurlencode("{$shop}:{$account}").'?'
            .http_build_query(['secret' => $secret, 'issuer' => $shop], encoding_type: PHP_QUERY_RFC3986);
    }

    public static function written(string $bytes): string
    {
        $bits = implode('', array_map(static fn (string $byte): string => sprintf('%08b', ord($byte)), str_split($bytes)));

        return implode('', array_map(
            static fn (string $five): string => self::ALPHABET[(int) bindec(str_pad($five, 5, '0'))], str_split($bits, 5),
        ));
    }

    public static function read(string $secret): string
    {
        $bits = '';
        foreach (str_split($secret) as $letter) {
            $bits .= sprintf('%05b', (int) strpos(self::ALPHABET, $letter));
        }
        $bytes = '';
        foreach (str_split($bits, 8) as $eight) {
            $bytes .= strlen($eight) === 8 ? chr((int) bindec($eight)) : '';
        }

        return $bytes;
    }
}
