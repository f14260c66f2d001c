<?php

declare(strict_types=1);

namespace Regimen\Instrument\Finish;

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
        public string $finishSteps,
    ) {
    }
}
