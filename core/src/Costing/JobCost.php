<?php

declare(strict_types=1);

namespace Regimen\Costing;

use Regimen\Units\Money;

/**
 * What a build has cost so far and is to cost. What is written off leaves the build's cost and stands in the loss
 * account (CALCULATIONS M3).
 */
final readonly class JobCost
{
    private function __construct(
        public Money $labour,
        public Money $materialUsed,
        public Money $materialToCome,
        public Money $losses,
    ) {
    }

    /**
     * @param  iterable<WorkedTime>  $times
     * @param  iterable<MaterialUse>  $materials
     */
    public static function compute(iterable $times, iterable $materials, string $currency): self
    {
        $labour = $used = $toCome = $losses = Money::zero($currency);
        foreach ($times as $time) {
            $labour = $labour->plus($time->rate->forTime($time->time));
        }
        foreach ($materials as $material) {
            $split = $material->split();
            $used = $used->plus($split->used);
            $toCome = $toCome->plus($split->left);
            $losses = $losses->plus($split->lost);
        }

        return new self($labour, $used, $toCome, $losses);
    }

    /** Labour and used material. */
    public function soFar(): Money
    {
        return $this->labour->plus($this->materialUsed);
    }

    /** With the material that is still to be used and labour still to come. */
    public function atCompletion(Money $labourToCome): Money
    {
        return $this->soFar()->plus($this->materialToCome)->plus($labourToCome);
    }
}
