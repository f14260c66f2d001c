<?php

declare(strict_types=1);

namespace App\Pages\Build;

use App\Pages\Worked\Drawing;
use App\Pages\Worked\SaidFinding;
use Regimen\Forecast\Verdict;

final readonly class ForecastFigures
{
    /**
     * @param  list<SaidFinding>  $findings
     * @param  list<ChanceOfDay>  $chances
     * @param  int|null  $promiseChance  per cent, of the date that is typed
     */
    public function __construct(
        public array $findings,
        public string $hours,
        public string $hoursBecause,
        public string $material,
        public string $materialBecause,
        public ?string $price,
        public string $priceBecause,
        public ?string $deposit,
        public ?string $ready,
        public string $readyBecause,
        public ?string $promisable,
        public array $chances,
        public ?int $promiseChance,
        public string $promiseWords,
        public Verdict $verdict,
        public ?string $slackWords,
        public Drawing $drawing,
        public string $inOneLine,
        public string $bodyThickness,
        public string $lastFret,
    ) {
    }
}
