<?php

declare(strict_types=1);

namespace App\Actions\Plan;

use App\Actions\Plan\Changes\Kinds\PlanInOrder;
use App\Actions\Recording;
use App\Models\People\Person;
use App\Models\Plan\PlanOffer;
use App\Planning\Plan\BetterPlan;
use App\Support\Refused;

/** A better plan that was offered is taken, or left. */
final readonly class TakeOffer
{
    public function __construct(private Recording $recording, private BetterPlan $better, private MakeChange $makeChange)
    {
    }

    public function take(Person $by, PlanOffer $offer): void
    {
        // Planning takes a while; only what is then written takes the write lock.
        $this->mustBeOpen($offer);
        $isStillBetter = $this->better->isStillBetter($offer);
        $this->recording->keep(function () use ($by, $offer, $isStillBetter): void {
            $this->mustBeOpen($offer);
            $offer->update(['state' => $isStillBetter ? 'taken' : 'overtaken']);
            if ($isStillBetter) {
                $this->makeChange->make($by, [new PlanInOrder($offer->id)]);
            }
        });
        if (! $isStillBetter) {
            throw Refused::because(
                'The shop has moved on since that plan was found, and it would help no more. Nothing was changed; look '
                    .'again.',
            );
        }
    }

    public function leave(PlanOffer $offer): void
    {
        $this->recording->keep(function () use ($offer): void {
            $this->mustBeOpen($offer);
            $offer->update(['state' => 'left']);
        });
    }

    private function mustBeOpen(PlanOffer $offer): void
    {
        $offer->refresh();
        if ($offer->state !== 'open') {
            throw Refused::because('That offer is not open any more. Look for a better plan again.');
        }
    }
}
