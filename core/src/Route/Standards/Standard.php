<?php

declare(strict_types=1);

namespace Regimen\Route\Standards;

use Regimen\Route\Air\HoldKind;
use Regimen\Units\Duration;

/** A house standard: what one operation, done in one way, usually takes and needs in this shop. */
final readonly class Standard
{
    /** Share in per cent of the labour that does not grow, where nothing else is known; a house guess. */
    public const USUAL_SHARE = 40;

    /**
     * @param  ThreePoint  $hours  labour for one instrument and the usual amount of what drives it
     * @param  string  $way  how it is done, in two or three words
     * @param  int  $fixedPercent  share of the labour that does not grow with the driver
     * @param  string  $risk  what can go wrong this way, in words
     * @param  int  $hands  working minutes at the end of the labour in which somebody helps
     * @param  int  $alone  minutes after the labour in which the machine runs by itself
     * @param  bool  $usual  whether the house does it this way unless something else is said
     */
    public function __construct(
        public string $key,
        public string $name,
        public Stage $stage,
        public Duration $setUp,
        public ThreePoint $hours,
        public Duration $hold,
        public Skill $skill,
        public ?string $station = null,
        public ?string $fixture = null,
        public int $fixtures = 1,
        public bool $oneSitting = false,
        public ?Caution $caution = null,
        public ?HoldKind $holdKind = null,
        public Tool $tool = Tool::Hand,
        public string $way = '',
        public ?Driver $driver = null,
        public int $fixedPercent = self::USUAL_SHARE,
        public string $risk = '',
        public bool $usual = true,
        public int $hands = 0,
        public int $alone = 0,
    ) {
    }
}
