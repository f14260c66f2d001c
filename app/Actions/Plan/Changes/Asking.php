<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

use App\Planning\House\House;
use App\Rules\Day;
use App\Rules\Moment;
use App\Support\Clock;
use Illuminate\Validation\Rule;

/** What several kinds of changes ask for, in the same way. */
final readonly class Asking
{
    /** @param  string  $at  where the change stands in what was sent, with a dot behind */
    public function __construct(
        private House $house,
        private Clock $clock,
        public Choices $choices,
        private string $at = '',
    ) {
    }

    public function at(string $at): self
    {
        return new self($this->house, $this->clock, $this->choices, $at);
    }

    public function person(): AskedField
    {
        return AskedField::of(
            'person', 'person', 'required', 'integer', Rule::exists('people', 'id')->where('active', true),
        )->chosen('Who', $this->choices->people(...));
    }

    public function build(): AskedField
    {
        return AskedField::of(
            'build', 'build', 'required', 'integer', Rule::exists('builds', 'number')->where('status', 'open'),
        )->chosen('Build', $this->choices->builds(...));
    }

    public function resource(): AskedField
    {
        return AskedField::of(
            'resource', 'station or fixture', 'required', 'integer', Rule::exists('resources', 'id'),
        )->chosen('What', $this->choices->resources(...));
    }

    public function firstDay(): AskedField
    {
        return AskedField::of('from', 'beginning', 'required', $this->day())->asked('First day', 'date');
    }

    /** @param  'required'|'nullable'  $need */
    public function lastDay(string $need): AskedField
    {
        return AskedField::of('to', 'end', $need, $this->day(), "after_or_equal:{$this->at}from", $this->within());
    }

    public function promise(): AskedField
    {
        return AskedField::of('promised_on', 'promise date', 'nullable', $this->day());
    }

    public function words(string $name, string $means): AskedField
    {
        return AskedField::of($name, $means, 'nullable', 'string', 'max:120');
    }

    /** What stands in another field of the same change. */
    public function field(string $name): string
    {
        return "{$this->at}{$name}";
    }

    public function day(): Day
    {
        return Day::fromToday($this->clock, $this->house->zone(), 'That day is past; plans are made from today on.');
    }

    public function moment(): Moment
    {
        return new Moment($this->clock, $this->house->zone());
    }

    /** This minute, as it stands in a field for a moment. */
    public function now(): string
    {
        return $this->clock->now()->setTimezone($this->house->zone())->format(Moment::KEPT);
    }

    /** Nobody fixes more than two years ahead. */
    private function within(): string
    {
        return 'before:'.$this->clock->now()->addYears(2)->toDateString();
    }
}
