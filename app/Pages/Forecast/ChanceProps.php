<?php

declare(strict_types=1);

namespace App\Pages\Forecast;

use App\Models\Plan\HelpState;
use App\Pages\Build\Mark;
use App\Pages\Page;

final readonly class ChanceProps extends Page
{
    public const COMPONENT = 'forecast/Chance';

    /**
     * @param  HelpState  $standing  whether the chances of the plan in force are there or still worked out; older ones are shown meanwhile
     * @param  string|null  $by50  YYYY-MM-DD by which half of the runs are over
     * @param  int|null  $chance  to keep the promise, per cent
     * @param  list<ChanceDay>  $days
     * @param  list<array{string, string}>  $free  stretches of days on which the shop does not work
     * @param  list<Mark>  $strip
     * @param  list<HangLine>  $hangs
     * @param  list<RaiseLine>  $raises
     */
    public function __construct(
        public int $number,
        public string $title,
        public string $client,
        public ?string $promisedOn,
        public string $headline,
        public string $under,
        public HelpState $standing,
        public ?string $madeAt,
        public string $from,
        public string $to,
        public ?string $promiseAt,
        public ?string $by50,
        public ?string $by80,
        public ?string $by95,
        public ?int $chance,
        public int $wanted,
        public array $days,
        public array $free,
        public array $strip,
        public array $hangs,
        public array $raises,
        public HelpState $raising,
        public ?BufferShown $buffer,
        public Honest $honest,
        public int $version,
    ) {
    }
}
