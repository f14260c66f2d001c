<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\People\Person;
use App\Support\Refused;
use App\Support\Say;
use Regimen\Costing\KitState;

/** A part that is on order comes on another day. */
final readonly class ExpectPart implements Change, Lapses
{
    public function __construct(private Body $body)
    {
    }

    public function words(): string
    {
        $line = $this->line();

        return "No. {$line->build->number} {$line->name} expected ".Say::day($this->body->text('expected_on')).'.';
    }

    public function make(?Person $by): array
    {
        $line = $this->line();
        if ($line->state !== KitState::Ordered) {
            throw Refused::because("“{$line->name}” is not on order; only what is can come sooner or later.", 'line');
        }
        $before = (string) $line->expected_on;
        $line->update(['expected_on' => $this->body->text('expected_on'), 'version' => $line->version + 1]);

        return [
            'kind' => 'part', 'line' => $line->id, 'expected_on' => $before, 'was' => $line->expected_on,
        ];
    }

    public function lapsed(): ?string
    {
        $line = $this->line();

        return match (true) {
            $line->state !== KitState::Ordered => "“{$line->name}” is not on order any more.",
            $this->body->has('was') && $line->expected_on !== $this->body->maybe('was') => "Another day was given for “{$line->name}” since.",
            default => null,
        };
    }

    public function build(): Build
    {
        return $this->line()->build;
    }

    private function line(): KitLine
    {
        return KitLine::query()->with('build')->findOrFail($this->body->whole('line'));
    }
}
