<?php

declare(strict_types=1);

namespace App\Pages\Specification;

use App\Pages\Worked\Change;
use App\Pages\Worked\SaidFinding;

final readonly class RevisionComparison
{
    /**
     * @param  list<Change>  $values
     * @param  list<Change>  $figures
     * @param  list<SaidFinding>  $gone
     * @param  list<SaidFinding>  $new
     * @param  list<Change>  $kit
     * @param  list<Change>  $operations
     * @param  list<string>  $follows
     */
    public function __construct(
        public array $values,
        public array $figures,
        public array $gone,
        public array $new,
        public array $kit,
        public array $operations,
        public array $follows,
    ) {
    }
}
