<?php

declare(strict_types=1);

namespace Regimen\Costing;

use Regimen\Units\Money;

/**
 * What a build has cost so far and is to cost. What is written off leaves the build's cost and stands in the loss
 * account, and so do the hours that were lost with it (CALCULATIONS M3).
 */
final readonly class JobCost
{
    private function __construct(
        public Money $labour,
        public Money $materialUsed,
        public Money $materialToCome,
        public Money $losses,
        public Money $lostLabour,
    ) {
    }

    /**
     * @param  iterable<WorkedTime>  $times
     * @param  iterable<MaterialUse>  $materials
     * @param  iterable<WorkedTime>  $lost  on what was spoiled, and on mending it
     */
    public static function compute(iterable $times, iterable $materials, string $currency, iterable $lost = []): self
    {
        $labour = $used = $toCome = $losses = $lostLabour = Money::zero($currency);
        foreach ($times as $time) {
            $labour = $labour->plus($time->rate->forTime($time->time));
        }
        foreach ($lost as $time) {
            $lostLabour = $lostLabour->plus($time->rate->forTime($time->time));
        }
        foreach ($materials as $material) {
            $split = $material->split();
            $used = $used->plus($split->used);
            $toCome = $material->isSurplus ? $toCome : $toCome->plus($split->left);
            $losses = $losses->plus($split->lost);
        }

        return new self($labour, $used, $toCome, $losses->plus($lostLabour), $lostLabour);
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
