<?php

declare(strict_types=1);

namespace App\Pages\Sheet;

use App\Pages\Later;
use App\Pages\Page;
use App\Pages\Setback\BuildPiece;
use App\Pages\Setback\PhotographLine;
use App\Pages\Setback\SetbackLine;
use App\Pages\Setback\TellForm;
use App\Pages\Worked\Drawing;

final readonly class BuildSheetProps extends Page
{
    public const COMPONENT = 'build/BuildSheet';

    /**
     * @param  list<SheetOperation>  $operations
     * @param  list<SheetKitLine>  $kit
     * @param  list<HoursLine>  $hours
     * @param  list<LogLine>  $logbook
     * @param  list<PhotographLine>  $photographs
     * @param  list<SetbackLine>  $setbacks
     * @param  list<BuildPiece>  $pieces
     * @param  list<PersonName>  $people
     * @param  Later<ReasonChain>  $chain
     */
    public function __construct(
        public SheetBuild $build,
        public Drawing $drawing,
        public ?NextStep $next,
        public ?string $holdsFinish,
        public SpecificationSheet $specification,
        public array $operations,
        public array $kit,
        public MeasuredSheet $measured,
        public array $hours,
        public Progress $progress,
        public array $logbook,
        public array $photographs,
        public array $setbacks,
        public array $pieces,
        public ?TellForm $tell,
        public array $people,
        public Later $chain,
    ) {
    }
}
