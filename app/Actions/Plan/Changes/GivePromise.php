<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\People\Person;
use App\Support\Say;
use Regimen\Schedule\Problem\Promise;

/** A promise is given, moved or made firmer; or taken back where there was none before. */
final readonly class GivePromise implements Change, Lapses
{
    public function __construct(private Body $body)
    {
    }

    public function words(): string
    {
        $build = $this->build();
        $day = $this->body->maybe('promised_on');
        $because = $this->body->text('because');
        $firmness = $day === null || $this->kind() === $build->promise_kind
            ? ''
            : ", {$this->kind()->value} instead of {$build->promise_kind->value}";

        return "No. {$build->number}: ".match (true) {
            $day === null => 'no promise',
            $build->promised_on === null || $build->promised_on === $day => 'promised for '.Say::day($day),
            default => 'promise moved from '.Say::day($build->promised_on).' to '.Say::day($day),
        }.$firmness.($because === '' ? '.' : ": {$because}");
    }

    public function make(?Person $by): array
    {
        $build = $this->build();
        $before = [
            'kind' => 'promise', 'build' => $build->number, 'promised_on' => $build->promised_on,
            'promise_kind' => $build->promise_kind->value,
        ];
        $build->update(
            [
                'promised_on' => $this->body->maybe('promised_on'), 'promise_kind' => $this->kind(),
                'version' => $build->version + 1,
            ],
        );

        return [...$before, 'was' => $build->promised_on];
    }

    public function lapsed(): ?string
    {
        $build = $this->build();

        return match (true) {
            $build->status !== BuildStatus::Open => "{$build->name()} is not in the making any more.",
            $this->body->has('was') && $build->promised_on !== $this->body->maybe('was') => "The promise of {$build->name()} was moved since.",
            default => null,
        };
    }

    public function build(): Build
    {
        return Build::query()->where('number', $this->body->whole('build'))->firstOrFail();
    }

    private function kind(): Promise
    {
        return Promise::tryFrom($this->body->text('promise_kind')) ?? $this->build()->promise_kind;
    }
}
