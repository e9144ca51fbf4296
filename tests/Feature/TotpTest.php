<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Totp;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The codes of an authenticator app, against the vectors of the two standards. */
final class TotpTest extends TestCase
{
    /** RFC 6238, appendix B: eight digits, a secret as long as the hash. */
    #[DataProvider('vectors')]
    public function test_codes_are_those_of_the_standard(int $at, string $sha1, string $sha256, string $sha512): void
    {
        $secret = fn (int $bytes): string => substr(str_repeat('1234567890', 7), 0, $bytes);
        $counter = Totp::counter($at);
        self::assertSame($sha1, Totp::code($secret(20), $counter, 8));
        self::assertSame($sha256, Totp::code($secret(32), $counter, 8, 'sha256'));
        self::assertSame($sha512, Totp::code($secret(64), $counter, 8, 'sha512'));
    }

    /** @return iterable<string, array{int, string, string, string}> */
    public static function vectors(): iterable
    {
        yield '1970' => [59, '94287082', '46119246', '90693936'];
        yield '2005' => [1_111_111_109, '07081804', '68084774', '25091201'];
        yield 'a step later' => [1_111_111_111, '14050471', '67062674', '99943326'];
        yield '2009' => [1_234_567_890, '89005924', '91819424', '93441116'];
        yield '2033' => [2_000_000_000, '69279037', '90698825', '38618901'];
        yield '2603' => [20_000_000_000, '65353130', '77737706', '47863826'];
    }

    /** RFC 4226, appendix D: six digits by counter. */
    public function test_codes_by_counter_are_those_of_the_standard(): void
    {
        $codes = ['755224', '287082', '359152', '969429', '338314', '254676', '287922', '162583', '399871', '520489'];
        foreach ($codes as $counter => $code) {
            self::assertSame($code, Totp::code('12345678901234567890', $counter));
        }
    }

    /** RFC 4648, section 10, in capitals and without padding. */
    public function test_base_32_is_that_of_the_standard(): void
    {
        foreach (['f' => 'MY', 'fo' => 'MZXQ', 'foo' => 'MZXW6', 'foobar' => 'MZXW6YTBOI======'] as $bytes => $text) {
            self::assertSame($bytes, Totp::bytes($text));
        }
        self::assertMatchesRegularExpression('/^[A-Z2-7]{32}$/', Totp::secret());
        self::assertSame(20, strlen(Totp::bytes(Totp::secret())));
        self::assertNotSame(Totp::secret(), Totp::secret());
    }

    public function test_a_code_counts_a_step_early_and_late_and_only_once(): void
    {
        $secret = Totp::secret();
        $at = 1_800_000_000;
        $now = Totp::counter($at);
        foreach ([-2 => false, -1 => true, 0 => true, 1 => true, 2 => false] as $off => $counts) {
            $code = Totp::code(Totp::bytes($secret), $now + $off);
            self::assertSame($counts ? $now + $off : null, Totp::counterOf($secret, $code, $at, null), "$off");
        }
        $code = Totp::code(Totp::bytes($secret), $now);
        self::assertNull(Totp::counterOf($secret, $code, $at, $now));
        self::assertNull(Totp::counterOf($secret, Totp::code(Totp::bytes($secret), $now - 1), $at, $now));
        self::assertNull(Totp::counterOf($secret, '', $at, null));
    }

    public function test_an_app_is_told_whose_it_is(): void
    {
        self::assertSame(
            'otpauth://totp/Honest%20Grain:wren%40example.test?secret=MZXW6&issuer=Honest%20Grain&digits=6&period=30',
            Totp::address('MZXW6', 'Honest Grain', 'wren@example.test'),
        );
    }
}
