<?php

declare(strict_types=1);

namespace Regimen\Instrument\Finish;

use Regimen\Instrument\Fields\Field;
use Regimen\Instrument\Fields\FieldKind;
use Regimen\Instrument\Fields\YesNo;

/** What body, neck and board are finished with. */
final readonly class Finishing
{
    public function __construct(
        public FinishSystem $finish,
        public string $colour,
        public GrainFill $grainFill,
        public NeckFinish $neckFinish,
        public string $neckColour,
        public BoardFinish $boardFinish,
        public string $boardColour,
        public bool $aged,
        public string $finishSteps,
    ) {
    }

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::choice('finish', 'Finish', FinishSystem::class, 'wiping-oil'),
            Field::text(FieldKind::Text, 'colour', 'Colour, if any'),
            Field::choice('grainFill', 'Open pores', GrainFill::class, 'by_timber'),
            Field::choice('neckFinish', 'Neck finish', NeckFinish::class, 'as_the_body'),
            Field::text(FieldKind::Text, 'neckColour', 'Colour of the neck'),
            Field::choice('boardFinish', 'Board finish', BoardFinish::class, 'by_timber'),
            Field::text(FieldKind::Text, 'boardColour', 'Colour of the board'),
            Field::choice('aged', 'Aged finish and hardware', YesNo::class, 'no'),
            Field::text(FieldKind::Prose, 'finishSteps', 'Steps in words'),
        ];
    }
}
