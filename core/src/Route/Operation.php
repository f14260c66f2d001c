<?php

declare(strict_types=1);

namespace Regimen\Route;

use Regimen\Units\Duration;

/** One operation of a route: set-up and labour in working hours, then a hold in clock time at 20 °C. */
final readonly class Operation
{
    /**
     * @param  ThreePoint  $hours  labour, scaled to the instrument
     * @param  list<Piece>  $pieces  what it works on and keeps in place, also through the hold
     * @param  list<string>  $needs  keys of kit lines that must have arrived
     * @param  list<Caution>  $cautions
     * @param  string  $setUpKey  the same on operations that can share a set-up; empty where there is nothing to share
     * @param  string  $rule  the rule that puts it on the route
     * @param  string  $why  what it is there for
     * @param  string  $standard  key of the house standard; empty for one of the build's own
     */
    public function __construct(
        public string $key,
        public string $name,
        public Stage $stage,
        public Duration $setUp,
        public ThreePoint $hours,
        public Duration $hold,
        public ?HoldKind $holdKind,
        public Skill $skill,
        public ?string $station,
        public ?string $fixture,
        public int $fixtures,
        public bool $oneSitting,
        public array $pieces,
        public array $needs,
        public array $cautions = [],
        public string $standard = '',
        public Tool $tool = Tool::Hand,
        public string $way = '',
        public string $risk = '',
        public string $setUpKey = '',
        public string $rule = '',
        public string $why = '',
        public string $drivenBy = '',
        public bool $sprayed = false,
    ) {
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
