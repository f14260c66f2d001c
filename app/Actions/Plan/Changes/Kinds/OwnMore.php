<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes\Kinds;

use App\Actions\House\KeepVersion;
use App\Actions\Plan\Changes\AskedField;
use App\Actions\Plan\Changes\AskedFor;
use App\Actions\Plan\Changes\Asking;
use App\Actions\Plan\Changes\Body;
use App\Actions\Plan\Changes\InPlan;
use App\Actions\Plan\Changes\Lapses;
use App\Actions\Plan\Changes\OfShop;
use App\Actions\Plan\Changes\Tools;
use App\Models\House\Resource;
use App\Models\People\Person;
use App\Support\Refused;

/** The shop has more of a station or a fixture, or fewer. */
final readonly class OwnMore implements AskedFor, Lapses
{
    use InPlan, OfShop;

    /** @param  int  $more  below zero: fewer */
    public function __construct(private int $resource, private int $more, private KeepVersion $keepVersion)
    {
    }

    public static function kind(): string
    {
        return 'more';
    }

    public static function heading(): string
    {
        return 'one more station or fixture';
    }

    public static function fields(Asking $asking): array
    {
        return [
            $asking->resource(),
            AskedField::of('by', 'number', 'required', 'integer', 'between:-5,5', 'not_in:0')
                ->asked('How many more', value: '1'),
        ];
    }

    public static function read(Body $body, Tools $tools): self
    {
        return new self($body->whole('resource'), $body->whole('by'), $tools->keepVersion);
    }

    public function body(): array
    {
        return ['kind' => self::kind(), 'resource' => $this->resource, 'by' => $this->more];
    }

    public function words(): string
    {
        return abs($this->more).($this->more < 0 ? ' fewer' : ' more')." of the {$this->resource()->name}.";
    }

    public function make(?Person $by): self
    {
        $resource = $this->resource();
        if ($resource->capacity + $this->more < 0) {
            throw Refused::because("There are only {$resource->capacity} of the {$resource->name}.", 'by');
        }
        ($this->keepVersion)($by, $resource, ['capacity' => $resource->capacity + $this->more]);

        return new self($this->resource, -$this->more, $this->keepVersion);
    }

    public function lapsed(): ?string
    {
        $resource = $this->resource();

        return $resource->capacity + $this->more < 0 ? "There are fewer of the {$resource->name} by now." : null;
    }

    private function resource(): Resource
    {
        return Resource::query()->findOrFail($this->resource);
    }
}
