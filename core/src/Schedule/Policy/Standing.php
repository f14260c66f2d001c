<?php

declare(strict_types=1);

namespace Regimen\Schedule\Policy;

use Regimen\Schedule\Problem\Announced;
use Regimen\Schedule\Problem\Problem;

/** What stands when the shop is planned: what was announced and what was pushed. */
final readonly class Standing
{
    /** Schedules that are made for a plan: at the least, at the most in a small shop, and together of its activities. */
    private const LEAST = 100;

    private const MOST = 1_000;

    private const PLACES = 12_000;

    /**
     * @param  array<int|string, Announced>  $announced  by activity, of the plan in force
     * @param  array<int|string, int>  $pushed  days ahead, or back if negative, by build
     * @param  int|null  $schedules  that are made for a plan; the usual number if none is given
     * @param  bool  $isTakenBack  whether what was announced before is to be planned again as it was
     * @param  string  $asked  what was asked of the plan in force
     */
    public function __construct(
        public array $announced = [],
        public array $pushed = [],
        public ?int $schedules = null,
        public bool $isTakenBack = false,
        public string $asked = '',
    ) {
    }

    /** @param  array<int|string, Announced>  $announced  instead of what is in force, to be planned again as it was */
    public function takenBackTo(array $announced): self
    {
        return new self($announced, $this->pushed, $this->schedules, isTakenBack: true);
    }

    /** Always as many for a shop of that size, so that the same shop has the same plan: a hundred, more in a small one. */
    public static function schedulesFor(Problem $problem): int
    {
        return max(self::LEAST, min(self::MOST, intdiv(self::PLACES, max(1, count($problem->activities)))));
    }

    /** The same with another number of schedules for a plan. */
    public function trying(int $schedules): self
    {
        return new self($this->announced, $this->pushed, $schedules, asked: $this->asked);
    }

    /** @return array<int|string, int> start by activity */
    public function starts(): array
    {
        return array_map(static fn (Announced $one): int => $one->start, $this->announced);
    }
}
