<?php

declare(strict_types=1);

namespace App\Actions\Plan;

use App\Models\People\Person;
use App\Models\Plan\PlanOffer;
use App\Planning\Plan\BetterPlan;
use App\Support\Refused;
use Illuminate\Support\Facades\DB;

/** A better plan that was offered is taken, or left. */
final readonly class TakeOffer
{
    public function __construct(private BetterPlan $better, private MakeChange $makeChange)
    {
    }

    public function take(Person $by, PlanOffer $offer): void
    {
        DB::transaction(function () use ($by, $offer): void {
            $this->mustBeOpen($offer);
            if (! $this->better->isStillBetter($offer)) {
                $offer->update(['state' => 'overtaken']);

                return;
            }
            $offer->update(['state' => 'taken']);
            $this->makeChange->make($by, [['kind' => 'order', 'offer' => $offer->id]]);
        });
        if ($offer->refresh()->state === 'overtaken') {
            throw Refused::because(
                'The shop has moved on since that plan was found, and it would help no more. Nothing was changed; look '
                    .'again.',
            );
        }
    }

    public function leave(PlanOffer $offer): void
    {
        DB::transaction(function () use ($offer): void {
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
