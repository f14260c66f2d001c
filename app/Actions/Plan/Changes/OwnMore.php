<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

use App\Models\Build\Build;
use App\Models\House\Resource;
use App\Support\Refused;

/** The shop has more of a station or a fixture, or fewer. */
final readonly class OwnMore implements Change
{
    public function __construct(private Body $body)
    {
    }

    public function words(): string
    {
        $by = $this->body->whole('by');

        return abs($by).($by < 0 ? ' fewer' : ' more')." of the {$this->resource()->name}.";
    }

    public function make(): array
    {
        $resource = $this->resource();
        $by = $this->body->whole('by');
        if ($resource->capacity + $by < 0) {
            throw Refused::because("There are only {$resource->capacity} of the {$resource->name}.", 'by');
        }
        $resource->update(['capacity' => $resource->capacity + $by, 'version' => $resource->version + 1]);

        return ['kind' => 'more', 'resource' => $resource->id, 'by' => -$by];
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
