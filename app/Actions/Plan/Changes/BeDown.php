<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

use App\Models\Build\Build;
use App\Models\House\Resource;
use App\Models\People\Person;
use App\Models\Plan\Outage;
use App\Planning\House\House;
use App\Support\Say;
use Carbon\CarbonImmutable;

/** A station or a fixture is not to be had for a while. */
final readonly class BeDown implements Change
{
    public function __construct(private Body $body, private House $house)
    {
    }

    public function words(): string
    {
        $note = $this->body->text('note');
        $zone = $this->house->zone();

        return ucfirst($this->resource()->name).' down from '.Say::moment($this->at('from'), $zone).' to '
            .Say::moment($this->at('to'), $zone).($note === '' ? '.' : ": {$note}.");
    }

    public function make(?Person $by): array
    {
        $outage = Outage::query()->create(
            [
                'resource_id' => $this->resource()->id, 'from' => $this->at('from'), 'to' => $this->at('to'),
                'note' => $this->body->text('note'),
            ],
        );

        return ['kind' => 'rows', 'table' => 'outages', 'remove' => [$outage->id]];
    }

    public function build(): ?Build
    {
        return null;
    }

    private function resource(): Resource
    {
        return Resource::query()->findOrFail($this->body->whole('resource'));
    }

    private function at(string $key): CarbonImmutable
    {
        return CarbonImmutable::parse($this->body->text($key), $this->house->zone())->utc();
    }
}
