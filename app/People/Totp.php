<?php

declare(strict_types=1);

namespace App\People;

/**
 * Codes that follow from a shared secret and the time (RFC 6238 over RFC 4226): six digits, new every thirty seconds.
 */
final class Totp
{
    public const DIGITS = 6;

    private const STEP_SECONDS = 30;

    /** A clock may be one step off to either side. */
    private const STEPS_OFF = 1;

    /** As long as the hash (RFC 4226, section 4). */
    private const SECRET_BYTES = 20;

    private const BASE_32 = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    /** A new secret, in base 32 (RFC 4648) without padding, as apps take it typed. */
    public static function secret(): string
    {
        $bits = '';
        foreach (str_split(random_bytes(self::SECRET_BYTES)) as $byte) {
            $bits .= sprintf('%08b', ord($byte));
        }

        return implode('', array_map(
            fn (string $five): string => self::BASE_32[(int) bindec($five)], str_split($bits, 5),
        ));
    }

    /** The steps of thirty seconds since 1970. */
    public static function counter(int $at): int
    {
        return intdiv($at, self::STEP_SECONDS);
    }

    /** @param  string  $key  the secret's bytes */
    public static function code(string $key, int $counter, int $digits = self::DIGITS, string $hash = 'sha1'): string
    {
        $mac = hash_hmac($hash, pack('J', $counter), $key, true);
        $offset = ord($mac[strlen($mac) - 1]) & 0x0F;
        /** @var array{1: int} $four */
        $four = unpack('N', substr($mac, $offset, 4));

        return str_pad((string) (($four[1] & 0x7FFFFFFF) % 10 ** $digits), $digits, '0', STR_PAD_LEFT);
    }

    /**
     * Which step a code is of; null for none that counts. One that was used, and every one before it, is used up.
     *
     * @param  string  $secret  in base 32
     */
    public static function counterOf(string $secret, string $code, int $at, ?int $used): ?int
    {
        $key = self::bytes($secret);
        $now = self::counter($at);
        $found = null;
        // All are looked at, so that the time it takes tells nothing.
        for ($counter = $now - self::STEPS_OFF; $counter <= $now + self::STEPS_OFF; $counter++) {
            if (hash_equals(self::code($key, $counter), $code) && $counter > ($used ?? -1)) {
                $found = $counter;
            }
        }

        return $found;
    }

    /** What an app reads from the square. */
    public static function address(string $secret, string $issuer, string $account): string
    {
        return 'otpauth://totp/'.rawurlencode($issuer).':'.rawurlencode($account).'?'.http_build_query([
            'secret' => $secret, 'issuer' => $issuer, 'digits' => self::DIGITS, 'period' => self::STEP_SECONDS,
        ], encoding_type: PHP_QUERY_RFC3986);
    }

    public static function bytes(string $secret): string
    {
        $bits = '';
        foreach (str_split(rtrim($secret, '=')) as $letter) {
            $bits .= sprintf('%05b', (int) strpos(self::BASE_32, $letter));
        }
        $whole = array_filter(str_split($bits, 8), fn (string $eight): bool => strlen($eight) === 8);

        return implode('', array_map(fn (string $eight): string => chr((int) bindec($eight)), $whole));
    }
}
