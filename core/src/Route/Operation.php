<?php

declare(strict_types=1);

namespace Regimen\Route;

use Regimen\Parts\PartGroup;
use Regimen\Route\Air\HoldKind;
use Regimen\Route\Standards\Caution;
use Regimen\Route\Standards\Piece;
use Regimen\Route\Standards\Standard;
use Regimen\Route\Standards\Station;
use Regimen\Route\Standards\ThreePoint;
use Regimen\Units\Duration;

/**
 * One operation of a route, made of a house standard and of what this instrument makes of it: set-up and labour in
 * working hours, then a hold in clock time at 20 °C.
 */
final readonly class Operation
{
    /**
     * @param  Standard  $standard  in the way that was chosen; one of the build's own has a standard without a key
     * @param  ThreePoint  $hours  labour, scaled to the instrument
     * @param  list<Piece>  $pieces  what it works on and keeps in place, also through the hold
     * @param  list<PartGroup>  $needs  parts that must have arrived
     * @param  list<Caution>  $cautions
     * @param  string  $setUpKey  the same on operations that can share a set-up; empty where there is nothing to share
     * @param  string  $rule  the rule that puts it on the route
     * @param  int  $hands  working minutes at the end of the labour in which somebody helps
     * @param  int  $alone  minutes after the labour in which the machine runs by itself
     * @param  string  $why  what it is there for
     */
    public function __construct(
        public string $key,
        public string $name,
        public Standard $standard,
        public Duration $setUp,
        public ThreePoint $hours,
        public Duration $hold,
        public ?HoldKind $holdKind,
        public array $pieces,
        public array $needs = [],
        public array $cautions = [],
        public string $setUpKey = '',
        public string $rule = '',
        public string $why = '',
        public string $drivenBy = '',
        public int $hands = 0,
        public int $alone = 0,
    ) {
    }

    /** Whether nobody but this build has it. */
    public function isOwn(): bool
    {
        return $this->standard->key === '';
    }

    public function isSprayed(): bool
    {
        return $this->standard->key !== '' && $this->standard->station === Station::SprayBooth->value;
    }

    /** Set-up and labour together. */
    public function work(): Duration
    {
        return $this->setUp->plus($this->hours->likely);
    }

    /** @param  array<string, mixed>  $change  by the name of what differs */
    public function with(array $change): self
    {
        return new self(...[...get_object_vars($this), ...$change]);
    }

    public function touches(self $other): bool
    {
        foreach ($this->pieces as $piece) {
            if (in_array($piece, $other->pieces, true)) {
                return true;
            }
        }

        return false;
    }
}
