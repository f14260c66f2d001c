<?php

declare(strict_types=1);

namespace App\Pages\Standards;

use App\Pages\Methods\PatternLine;
use App\Pages\Methods\RouteQuestion;
use App\Pages\Page;

final readonly class StandardsProps extends Page
{
    public const COMPONENT = 'house/Standards';

    /**
     * @param  list<StandardOperation>  $standards
     * @param  list<RouteQuestion>  $questions
     * @param  list<FinishLine>  $finishes
     * @param  list<ToleranceLine>  $tolerances
     * @param  list<GlueLine>  $glue
     * @param  list<HistoryLine>  $history
     * @param  list<string>  $skills
     * @param  list<PatternLine>  $patterns
     */
    public function __construct(
        public int $version,
        public array $standards,
        public array $questions,
        public array $finishes,
        public array $tolerances,
        public array $glue,
        public SprayLimits $spraying,
        public array $history,
        public array $skills,
        public array $patterns,
    ) {
    }
}
