<?php

declare(strict_types=1);

namespace Tests\Feature\Specification;

use App\Models\Build\Build;
use App\Models\Build\SpecificationRevision;

/** What the tests of this subject share. */
trait WrittenSpecification
{
    private const URL = '/builds/1/specification';

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->actingAs($this->manager);
    }

    /** @param  array<string, mixed>  $typed */
    private function keep(Build $build, array $typed): void
    {
        $this->put(
            self::URL,
            ['version' => $this->draft($build)->version, 'specification' => [...self::SPECIFICATION, ...$typed]],
        )->assertSessionHasNoErrors();
    }

    private function draft(Build $build): SpecificationRevision
    {
        return SpecificationRevision::query()->where('build_id', $build->id)->whereNull('released_at')->sole();
    }
}
