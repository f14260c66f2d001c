<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

use App\Actions\House\KeepVersion;
use App\Models\Build\Build;
use App\Models\House\Resource;
use App\Models\People\Person;
use App\Support\Refused;

/** The shop has more of a station or a fixture, or fewer. */
final readonly class OwnMore implements Change, Lapses
{
    public function __construct(private Body $body, private KeepVersion $keepVersion)
    {
    }

    public function words(): string
    {
        $by = $this->body->whole('by');

        return abs($by).($by < 0 ? ' fewer' : ' more')." of the {$this->resource()->name}.";
    }

    public function make(?Person $by): array
    {
        $resource = $this->resource();
        $more = $this->body->whole('by');
        if ($resource->capacity + $more < 0) {
            throw Refused::because("There are only {$resource->capacity} of the {$resource->name}.", 'by');
        }
        ($this->keepVersion)($by, $resource, ['capacity' => $resource->capacity + $more]);

        return ['kind' => 'more', 'resource' => $resource->id, 'by' => -$more];
    }

    public function lapsed(): ?string
    {
        $resource = $this->resource();

        return $resource->capacity + $this->body->whole('by') < 0
            ? "There are fewer of the {$resource->name} by now."
            : null;
    }

    public function build(): ?Build
    {
        return null;
    }

    private function resource(): Resource
    {
        return Resource::query()->findOrFail($this->body->whole('resource'));
    }
}
