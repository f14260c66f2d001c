<?php

declare(strict_types=1);

namespace App\Actions\Setback;

use Carbon\CarbonImmutable;
use Regimen\Setback\Cause;
use Regimen\Setback\Mishap;
use Regimen\Setback\PieceKind;

/** What somebody tells about something that went wrong. */
final readonly class Told
{
    /**
     * @param  string  $text  in own words; empty for those of the list
     * @param  CarbonImmutable|null  $at  now where it was not said
     * @param  int|null  $fret  at which slot
     * @param  string  $field  what is measured by now, with its value
     * @param  int|null  $resource  a machine that is down
     * @param  CarbonImmutable|null  $until  when it is there again
     */
    public function __construct(
        public Mishap $mishap,
        public ?PieceKind $piece,
        public string $text,
        public ?Cause $cause = null,
        public ?CarbonImmutable $at = null,
        public ?int $fret = null,
        public string $field = '',
        public string $value = '',
        public ?int $resource = null,
        public ?CarbonImmutable $until = null,
    ) {
    }
}
