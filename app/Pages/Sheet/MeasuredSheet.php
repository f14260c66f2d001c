<?php

declare(strict_types=1);

namespace App\Pages\Sheet;

use App\Pages\Gate\Changed;
use App\Pages\Worked\ShownFinding;

final readonly class MeasuredSheet
{
    /**
     * @param  list<MeasuredRow>  $rows
     * @param  list<ShownFinding>  $new
     * @param  list<ShownFinding>  $gone
     * @param  list<string>  $problems
     * @param  list<MeasurablePart>  $parts
     * @param  list<Changed>  $changed  figures of the instrument as it is that are not as they were drawn
     */
    public function __construct(
        public array $rows,
        public array $new,
        public array $gone,
        public array $problems,
        public array $parts,
        public array $changed,
    ) {
    }
}
