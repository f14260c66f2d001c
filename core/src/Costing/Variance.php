<?php

declare(strict_types=1);

namespace Regimen\Costing;

use Regimen\Units\Duration;
use Regimen\Units\Money;

/**
 * Why an instrument cost more or less than it was quoted at: what was agreed to be different, what went wrong, and the rest as hours at
 * the rate of the quote, another rate, and material. The parts sum to the difference.
 */
final readonly class Variance
{
    private function __construct(public Money $changes, public Money $losses, public Money $hours, public Money $rate, public Money $material)
    {
    }

    /**
     * @param  Duration  $estimated  hours when it was taken
     * @param  Money  $estimatedLabour  for them
     * @param  Duration  $worked  hours, losses aside
     * @param  Money  $labour  for them
     * @param  int  $changed  minutes that change orders added, below zero for fewer
     * @param  Money  $changedMaterial  that they added
     * @param  Money  $losses  hours and material that setbacks cost
     */
    public static function of(
        Duration $estimated, Money $estimatedLabour, Duration $worked, Money $labour, int $changed, Money $estimatedMaterial, Money $material, Money $changedMaterial, Money $losses,
    ): self {
        $atRate = static fn (int $minutes): Money => $estimated->minutes === 0 ? Money::zero($labour->currency) : $estimatedLabour->times($minutes / $estimated->minutes);
        $changedLabour = $atRate($changed);
        $hours = $atRate($worked->minutes - $estimated->minutes - $changed);

        return new self(
            $changedLabour->plus($changedMaterial), $losses, $hours, $labour->minus($estimatedLabour)->minus($changedLabour)->minus($hours),
            $material->minus($estimatedMaterial)->minus($changedMaterial),
        );
    }

    /** What it cost more than was quoted, losses included. */
    public function total(): Money
    {
        return $this->changes->plus($this->losses)->plus($this->hours)->plus($this->rate)->plus($this->material);
    }
}
