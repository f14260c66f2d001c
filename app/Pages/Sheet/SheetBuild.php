<?php

declare(strict_types=1);

namespace App\Pages\Sheet;

use App\Models\Build\Purpose;
use App\Pages\Build\ChanceShown;
use App\Pages\Build\Inked;
use App\Pages\Shop\Option;
use Regimen\Forecast\Verdict;
use Regimen\Schedule\Problem\Promise;

final readonly class SheetBuild
{
    /** @param  list<Option>  $promiseKinds */
    public function __construct(
        public int $number,
        public string $title,
        public ?string $client,
        public ?string $contact,
        public ?int $clientId,
        public Purpose $purpose,
        public bool $open,
        public bool $calledOff,
        public bool $writtenOff,
        public ?string $finishedAt,
        public ?string $promisedOn,
        public Promise $promiseKind,
        public ?string $heldUntil,
        public string $heldBecause,
        public int $pushDays,
        public ?string $finish,
        public string $routeLacks,
        public Verdict $verdict,
        public ?int $slackDays,
        public string $slackWords,
        public ?ChanceShown $chance,
        public int $version,
        public string $inOneLine,
        public Inked $inked,
        public ?int $draft,
        public array $promiseKinds,
    ) {
    }
}
