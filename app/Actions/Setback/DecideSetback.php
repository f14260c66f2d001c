<?php

declare(strict_types=1);

namespace App\Actions\Setback;

use App\Actions\Plan\Changes\Changes;
use App\Actions\Plan\Changes\Kinds\UseRemedy;
use App\Actions\Plan\MakeChange;
use App\Actions\Recording;
use App\Models\People\Person;
use App\Models\Setback\Setback;
use App\Models\Setback\SetbackState;
use App\Planning\House\House;
use App\Planning\Plan\Outlooks;
use App\Planning\Setback\RemedyAsked;
use App\Support\Clock;
use App\Support\Refused;
use Regimen\Setback\Cause;
use Regimen\Setback\PieceKind;

/** What is done about a setback is decided: by the same change as it was tried with. */
final readonly class DecideSetback
{
    public function __construct(
        private Recording $recording, private MakeChange $makeChange, private Changes $changes, private House $house, private Clock $clock,
    ) {
    }

    /** @return string what was decided, in words */
    public function __invoke(Person $by, Setback $setback, int $version, RemedyAsked $asked): string
    {
        $words = $this->recording->keep(function () use ($by, $setback, $version, $asked): string {
            $this->mustBeOpen($setback);
            Refused::ifStale($setback->version, $version, "“{$setback->text}”");

            return $this->makeChange->make($by, [$this->changes->of(['kind' => UseRemedy::kind(), 'setback' => $setback->id, 'remedy' => $asked->body()])]);
        });
        $this->recording->keep(function () use ($setback): void {
            $finish = Outlooks::finish($setback->build->operations()->with('planned')->get()->map(static fn ($one) => $one->planned)->filter()->values());
            $setback->update(['finish_after' => $finish?->setTimezone($this->house->zone())->toDateString()]);
        });

        return $words;
    }

    /** It is none: told by mistake, or settled without anything to do. */
    public function withdraw(Person $by, Setback $setback, int $version, string $because): void
    {
        $this->recording->keep(function () use ($by, $setback, $version, $because): void {
            $this->mustBeOpen($setback);
            Refused::ifStale($setback->version, $version, "“{$setback->text}”");
            $setback->update([
                'state' => SetbackState::Withdrawn, 'remedy_words' => $because, 'decided_by' => $by->id, 'decided_at' => $this->clock->now(), 'version' => $setback->version + 1,
            ]);
            $this->recording->log($setback->build, $by, 'setback', "Settled: {$setback->text} {$because}");
        });
    }

    /** Said later on: on which piece, and why. */
    public function say(Person $by, Setback $setback, int $version, ?PieceKind $piece, Cause $cause): void
    {
        $this->recording->keep(function () use ($by, $setback, $version, $piece, $cause): void {
            Refused::ifStale($setback->version, $version, "“{$setback->text}”");
            if ($setback->state !== SetbackState::Open && $piece !== $setback->piece) {
                throw Refused::because('It was decided already; the piece stays as it was told.', 'piece');
            }
            $setback->update(['piece' => $piece, 'cause' => $cause, 'version' => $setback->version + 1]);
            $this->recording->log($setback->build, $by, 'setback', "“{$setback->text}”: ".($piece === null ? '' : "on the {$piece->value}, ")."because of {$cause->words()}.");
        });
    }

    private function mustBeOpen(Setback $setback): void
    {
        if ($setback->state !== SetbackState::Open) {
            throw Refused::because(
                'That was decided already'.($setback->decider === null ? '' : " by {$setback->decider->name}").": {$setback->remedy_words}. Nothing was changed.", 'remedy',
            );
        }
    }
}
