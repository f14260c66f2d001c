<?php

declare(strict_types=1);

namespace App\Queries\House;

use App\Models\House\Resource;
use App\Pages\Methods\ResourceOption;
use Illuminate\Support\Collection;

/** What stations and fixtures are called; read once for each request. */
final class ResourceNames
{
    /** @var Collection<int, resource>|null */
    private ?Collection $resources = null;

    /** @return Collection<string, string> */
    public function all(): Collection
    {
        return $this->rows()->pluck('name', 'key');
    }

    /** @return list<ResourceOption> what the shop has */
    public function kinds(): array
    {
        $kinds = [];
        foreach ($this->rows()->where('capacity', '>', 0) as $one) {
            $kinds[] = new ResourceOption(kind: $one->kind, value: $one->key, words: $one->name);
        }

        return $kinds;
    }

    /** @return Collection<int, resource> */
    private function rows(): Collection
    {
        return $this->resources ??= Resource::query()->orderBy('id')->get()->toBase();
    }

    public function of(string $key): string
    {
        return $this->all()->get($key, $key);
    }
}
