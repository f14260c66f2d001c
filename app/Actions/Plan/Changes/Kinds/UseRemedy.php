<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes\Kinds;

use App\Actions\Plan\Changes\Body;
use App\Actions\Plan\Changes\Change;
use App\Actions\Plan\Changes\Tools;
use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\People\Person;
use App\Models\People\TimeEntry;
use App\Models\Setback\Setback;
use App\Models\Setback\SetbackState;
use App\Planning\Plan\Outlooks;
use App\Planning\Setback\RemedyAsked;
use App\Support\Refused;
use App\Support\Say;
use Regimen\Setback\Mishap;
use Regimen\Setback\Remedy;
use Regimen\Setback\RemedyKind;

/** What is decided about a setback. It is not taken back: what was spoiled stays spoiled. */
final readonly class UseRemedy implements Change
{
    public function __construct(private int $setback, private RemedyAsked $asked, private Tools $tools)
    {
    }

    public static function kind(): string
    {
        return 'remedy';
    }

    public static function read(Body $body, Tools $tools): self
    {
        return new self($body->whole('setback'), RemedyAsked::read($body->list('remedy')), $tools);
    }

    public function body(): array
    {
        return ['kind' => self::kind(), 'setback' => $this->setback, 'remedy' => $this->asked->body()];
    }

    public function words(): string
    {
        $setback = $this->setback();
        $old = ! $this->asked->kind->replaces() ? '' : ($this->asked->keepsOld ? '; the old one is kept' : '; the old one is written off');

        return "{$setback->build->number}, ".($setback->piece === null ? '' : "{$setback->piece->value}, ").rtrim($setback->text, '.').': '.$this->remedy($setback)->name.$old.'.';
    }

    public function make(?Person $by): null
    {
        $setback = $this->setback();
        $this->mustBeOpen($setback);
        $remedy = $this->remedy($setback);
        if (! $remedy->canBeChosen()) {
            throw Refused::because("“{$remedy->name}” cannot be chosen: ".implode('; ', $remedy->cannot).'.', 'remedy');
        }
        if ($this->asked->kind === RemedyKind::Keep && $this->asked->because === '' && $by !== null) {
            throw Refused::because('Write why it can stay as it is.', 'because');
        }
        $finish = Outlooks::finish($setback->build->operations()->with('planned')->get()->map(static fn ($one) => $one->planned)->filter()->values());
        $this->asked->kind === RemedyKind::Wait ? $this->wait($by, $setback) : $this->tools->remedying->do($by, $setback, $this->asked);
        $setback->update([
            'state' => SetbackState::Decided, 'remedy' => $this->asked->body(), 'remedy_words' => $remedy->name.($this->asked->because === '' ? '' : ": {$this->asked->because}"),
            'decided_by' => $by?->id, 'decided_at' => $this->tools->clock->now(), 'added_minutes' => $remedy->labour->minutes,
            'finish_before' => $finish?->setTimezone($this->tools->house->zone())->toDateString(), 'version' => $setback->version + 1,
        ]);

        $by === null || $this->writeLoss($by, $setback->refresh());

        return null;
    }

    private function writeLoss(Person $by, Setback $setback): void
    {
        $minutes = (int) TimeEntry::query()->where('setback_id', $setback->id)->sum('minutes');
        if ($minutes > 0) {
            $this->tools->logbook->write($setback->build, $by, 'setback', Say::duration($minutes).' of work are lost. They stand in the loss account.');
        }
    }

    public function build(): Build
    {
        return $this->setback()->build;
    }

    public function entry(): string
    {
        return 'setback';
    }

    private function setback(): Setback
    {
        return Setback::query()->with(['build.specification', 'operation', 'resource', 'worker', 'decider'])->findOrFail($this->setback);
    }

    private function remedy(Setback $setback): Remedy
    {
        if ($this->asked->kind === RemedyKind::Mend && $this->asked->name !== '') {
            return new Remedy(RemedyKind::Mend, '', $this->asked->name, $this->asked->labour);
        }

        return $this->tools->remedies->find($setback, $this->asked->kind, $this->asked->option)
            ?? throw Refused::because('That can no longer be done: look again at what there is.', 'remedy');
    }

    private function mustBeOpen(Setback $setback): void
    {
        if ($setback->state !== SetbackState::Open) {
            throw Refused::because(
                'That was decided already'.($setback->decider === null ? '' : " by {$setback->decider->name}").": {$setback->remedy_words}. Nothing was changed.", 'remedy',
            );
        }
        if ($setback->build->status !== BuildStatus::Open) {
            throw Refused::because("{$setback->build->name()} is ".match ($setback->build->status) {
                BuildStatus::Finished => 'delivered', BuildStatus::WrittenOff => 'written off', default => 'called off',
            }.': nothing of it is made again.', 'remedy');
        }
    }

    /** A machine or a person is not there until then: the same change as on the plan. */
    private function wait(?Person $by, Setback $setback): void
    {
        $zone = $this->tools->house->zone();
        $until = ($setback->until ?? $this->tools->clock->now()->addDay())->setTimezone($zone);
        $note = mb_substr($setback->text, 0, 120);
        match ($setback->mishap) {
            Mishap::MachineDown => BeDown::read(new Body([
                'resource' => $setback->resource_id, 'from' => $setback->at->setTimezone($zone)->format('Y-m-d\TH:i'), 'to' => $until->format('Y-m-d\TH:i'), 'note' => $note,
            ]), $this->tools)->make($by),
            Mishap::Ill => BeAway::read(new Body([
                'person' => $setback->worker_id, 'from' => $setback->at->setTimezone($zone)->toDateString(), 'to' => $until->toDateString(), 'what' => 'off', 'note' => $note,
            ]), $this->tools)->make($by),
            default => null,
        };
    }
}
