<?php

declare(strict_types=1);

namespace Regimen\Forecast\Simulation;

/** Something that a finish hung on. */
final readonly class Hang
{
    private const OTHERS = 0.8;

    private const LEAST = 0.01;

    /**
     * @param  string  $key  the activity, the worker, the resource, or in its own words what was waited for
     * @param  float  $share  of the runs in which it lay on the chain that decides, 0 to 1
     * @param  float|null  $cruciality  rank correlation of its length with the finish, −1 to 1; of operations alone
     */
    public function __construct(public HangKind $kind, public string $key, public float $share, public ?float $cruciality = null)
    {
    }

    /** How much it is worth telling: an operation that only always comes last decides nothing, it counts by how much the finish follows its length. */
    public function weight(): float
    {
        return $this->share * ($this->cruciality === null ? self::OTHERS : max(self::LEAST, $this->cruciality));
    }
}
