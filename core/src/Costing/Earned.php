<?php

declare(strict_types=1);

namespace Regimen\Costing;

use Regimen\Units\Duration;
use Regimen\Units\Money;

/** What an instrument earned (CALCULATIONS M4): of its price without tax what is left for the hours that were worked. */
final readonly class Earned
{
    /** @param  Money  $price  without tax */
    public function __construct(public Money $price, public Money $material, public Money $outside, public Duration $hours)
    {
    }

    /** What is left for labour, overhead and profit. */
    public function left(): Money
    {
        return $this->price->minus($this->material)->minus($this->outside);
    }

    /** An hour; null where no hours are recorded. */
    public function anHour(): ?Money
    {
        return $this->hours->minutes === 0 ? null : $this->left()->times(60 / $this->hours->minutes);
    }

    public function plus(self $other): self
    {
        return new self(
            $this->price->plus($other->price), $this->material->plus($other->material), $this->outside->plus($other->outside), Duration::ofMinutes($this->hours->minutes + $other->hours->minutes),
        );
    }

    /**
     * Among several people by the hours of each; the parts sum to the whole.
     *
     * @param  array<int, int>  $minutes  by person, not all zero
     * @return array<int, self> by person
     */
    public function among(array $minutes): array
    {
        $shares = array_values($minutes);
        [$price, $material, $outside] = [$this->price->split($shares), $this->material->split($shares), $this->outside->split($shares)];
        $parts = [];
        foreach (array_keys($minutes) as $at => $person) {
            $parts[$person] = new self($price[$at], $material[$at], $outside[$at], Duration::ofMinutes($shares[$at]));
        }

        return $parts;
    }
}
