<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\Resource;
use Illuminate\Support\Collection;

/** What stations and fixtures are called; read once for each request. */
final class ResourceNames
{
    /** @var Collection<string, string>|null */
    private ?Collection $names = null;

    /** @return Collection<string, string> */
    public function all(): Collection
    {
        return $this->names ??= Resource::query()->pluck('name', 'key');
    }

    public function of(string $key): string
    {
        return $this->all()->get($key, $key);
    }
}
