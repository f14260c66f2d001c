<?php

declare(strict_types=1);

namespace Regimen\Tests\SignIn;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Regimen\SignIn\TimeCode;

final class TimeCodeTest extends TestCase
{
    private const KEY = '12345678901234567890';

    /** Source: RFC 6238, appendix B, the rows for SHA-1. */
    #[TestWith([59, '94287082'])]
    #[TestWith([1111111109, '07081804'])]
    #[TestWith([1111111111, '14050471'])]
    #[TestWith([1234567890, '89005924'])]
    #[TestWith([2000000000, '69279037'])]
    #[TestWith([20000000000, '65353130'])]
    public function test_the_vectors_of_the_standard(int $seconds, string $code): void
    {
        self::assertSame($code, TimeCode::at(self::KEY, $seconds, 8));
        self::assertSame(substr($code, 2), TimeCode::at(self::KEY, $seconds));
    }

    /** Source: RFC 4226, appendix D: the counts 0 to 9. */
    public function test_the_vectors_by_count(): void
    {
        $codes = ['755224', '287082', '359152', '969429', '338314', '254676', '287922', '162583', '399871', '520489'];
        foreach ($codes as $count => $code) {
            self::assertSame($code, TimeCode::at(self::KEY, 30 * $count + 29));
        }
    }

    /** Source: RFC 4648, section 10, without the padding that authenticators leave out. */
    #[TestWith(['f', 'MY'])]
    #[TestWith(['fo', 'MZXQ'])]
    #[TestWith(['foo', 'MZXW6'])]
    #[TestWith(['foob', 'MZXW6YQ'])]
    #[TestWith(['fooba', 'MZXW6YTB'])]
    #[TestWith(['foobar', 'MZXW6YTBOI'])]
    public function test_secrets_in_base_32(string $bytes, string $written): void
    {
        self::assertSame([$written, $bytes], [TimeCode::written($bytes), TimeCode::read($written)]);
    }

    public function test_a_code_counts_once_and_a_clock_may_be_half_a_minute_wrong(): void
    {
        $secret = TimeCode::written(self::KEY);
        $at = static fn (int $seconds): string => TimeCode::at(self::KEY, $seconds);
        self::assertSame(100, TimeCode::accepted($secret, $at(3000), 3000, 0));
        self::assertSame(100, TimeCode::accepted($secret, ' '.chunk_split($at(3000), 3, ' '), 3029, 99));
        self::assertNull(TimeCode::accepted($secret, $at(3000), 3001, 100), 'used already');
        self::assertSame(99, TimeCode::accepted($secret, $at(2999), 3001, 0));
        self::assertSame(101, TimeCode::accepted($secret, $at(3030), 3001, 0));
        self::assertNull(TimeCode::accepted($secret, $at(2969), 3001, 0));
        self::assertNull(TimeCode::accepted($secret, $at(3060), 3001, 0));
        self::assertNull(TimeCode::accepted($secret, '', 3001, 0));
        self::assertNotSame(TimeCode::secret(), TimeCode::secret());
        self::assertSame(32, strlen(TimeCode::secret()));
    }

    public function test_what_an_authenticator_reads(): void
    {
        self::assertSame(
            'otpauth://totp/Bench%20%26%20Co%3Aines%40example.org?secret=GEZA&issuer=Bench%20%26%20Co',
            TimeCode::address('GEZA', 'Bench & Co', 'ines@example.org'),
        );
    }
}
