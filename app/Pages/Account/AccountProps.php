<?php

declare(strict_types=1);

namespace App\Pages\Account;

use App\Pages\Page;

final readonly class AccountProps extends Page
{
    public const COMPONENT = 'account/Account';

    /**
     * @param  list<SignInLine>  $signIns
     * @param  list<string>  $codes  recovery codes, shown this once
     * @param  string  $secret  a new one to set up; empty where there is one
     * @param  string  $square  the square code for it, as a path
     */
    public function __construct(
        public string $email,
        public array $signIns,
        public bool $hasSecond,
        public int $codesLeft,
        public array $codes,
        public string $secret,
        public string $square,
        public int $squareSize,
        public bool $shopNeedsIt,
        public bool $hasBenchCode,
    ) {
    }
}
