<?php

declare(strict_types=1);

namespace App\Pages\Specification;

use App\Pages\Page;
use App\Pages\Shop\BuildName;

final readonly class RevisionsProps extends Page
{
    public const COMPONENT = 'specification/Revisions';

    /**
     * @param  list<RevisionLine>  $revisions
     * @param  list<AcceptedLine>  $accepted
     */
    public function __construct(
        public BuildName $build,
        public array $revisions,
        public array $accepted,
        public int $from,
        public int $to,
        public ?RevisionComparison $comparison,
        public ?string $missing,
    ) {
    }
}
