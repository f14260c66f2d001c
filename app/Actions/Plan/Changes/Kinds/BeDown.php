<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes\Kinds;

use App\Actions\Plan\Changes\AskedField;
use App\Actions\Plan\Changes\AskedFor;
use App\Actions\Plan\Changes\Asking;
use App\Actions\Plan\Changes\Body;
use App\Actions\Plan\Changes\InPlan;
use App\Actions\Plan\Changes\OfShop;
use App\Actions\Plan\Changes\Tools;
use App\Models\House\Resource;
use App\Models\People\Person;
use App\Models\Plan\Outage;
use App\Planning\House\House;
use App\Support\Say;
use Carbon\CarbonImmutable;

/** A station or a fixture is not available for a while. */
final readonly class BeDown implements AskedFor
{
    use InPlan, OfShop;

    /**
     * @param  string  $from  as 2026-03-18T13:00, in the shop's zone
     * @param  string  $to  likewise
     */
    public function __construct(
        private int $resource,
        private string $from,
        private string $to,
        private string $note,
        private House $house,
    ) {
    }

    public static function kind(): string
    {
        return 'down';
    }

    public static function heading(): string
    {
        return 'a station or fixture is down';
    }

    public static function fields(Asking $asking): array
    {
        return [
            $asking->resource(),
            AskedField::of('from', 'beginning', 'required', $asking->moment())->asked('From', 'moment'),
            AskedField::of(
                'to', 'end', 'required', $asking->moment(), "after:{$asking->field('from')}", "after:{$asking->now()}",
            )->asked('Until', 'moment'),
            $asking->words('note', 'note')->asked('Note'),
        ];
    }

    public static function read(Body $body, Tools $tools): self
    {
        return new self(
            $body->whole('resource'), $body->text('from'), $body->text('to'), $body->text('note'), $tools->house,
        );
    }

    public function body(): array
    {
        return [
            'kind' => self::kind(), 'resource' => $this->resource, 'from' => $this->from, 'to' => $this->to,
            'note' => $this->note,
        ];
    }

    public function words(): string
    {
        $zone = $this->house->zone();

        return ucfirst(Resource::query()->findOrFail($this->resource)->name).' down from '
            .Say::moment($this->at($this->from), $zone).' to '.Say::moment($this->at($this->to), $zone)
            .($this->note === '' ? '.' : ": {$this->note}.");
    }

    public function make(?Person $by): ChangeRows
    {
        $outage = Outage::query()->create([
            'resource_id' => $this->resource, 'from' => $this->at($this->from), 'to' => $this->at($this->to),
            'note' => $this->note,
        ]);

        return new ChangeRows('outages', [$outage->id]);
    }

    private function at(string $moment): CarbonImmutable
    {
        return CarbonImmutable::parse($moment, $this->house->zone())->utc();
    }
}
