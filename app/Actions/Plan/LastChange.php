<?php

declare(strict_types=1);

namespace App\Actions\Plan;

use App\Actions\Plan\Changes\Changes;
use App\Actions\Plan\Changes\Lapses;
use App\Models\Plan\PlanChange;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/** The change that can be taken back: the last that still counts. What the shop has left behind is passed over. */
final readonly class LastChange
{
    /** So far back it is looked; what was fixed before is how the shop works by now. */
    private const FARTHEST = 8;

    public function __construct(private Changes $changes)
    {
    }

    public function find(): ?PlanChange
    {
        foreach (PlanChange::query()->whereNull('undone_at')->latest('id')->limit(self::FARTHEST)->get() as $change) {
            if ($this->lapsed($change) === null) {
                return $change;
            }
        }

        return null;
    }

    /** Why a change cannot be taken back any more, as a sentence; null while it can. */
    public function lapsed(PlanChange $change): ?string
    {
        if ($change->back === null) {
            return match ($change->body['kind'] ?? '') {
                'remedy' => 'What is spoiled stays spoiled: tell what is wrong again.',
                'piece' => 'The piece is in its build: it leaves by another piece only.',
                default => 'It is a build by now.',
            };
        }
        $back = $this->changes->of($change->back);

        try {
            return $back instanceof Lapses ? $back->lapsed() : null;
        } catch (ModelNotFoundException) {
            return 'What it was about is not there any more.';
        }
    }
}
