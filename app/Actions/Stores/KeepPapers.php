<?php

declare(strict_types=1);

namespace App\Actions\Stores;

use App\Actions\Recording;
use App\Models\Build\Build;
use App\Models\People\Person;
use App\Support\Refused;

/** Which papers are on file for an instrument. */
final readonly class KeepPapers
{
    public function __construct(private Recording $recording)
    {
    }

    public function __invoke(Person $by, Build $build, int $version, string $papers): void
    {
        $this->recording->keep(function () use ($by, $build, $version, $papers): void {
            Refused::ifStale($build->version, $version, $build->name());
            $before = $build->papers;
            $build->update(['papers' => $papers, 'version' => $build->version + 1]);
            $this->recording->log($build, $by, 'timber', 'Papers on file: '.($papers === '' ? 'none' : $papers).($before === '' ? '.' : ", before: {$before}."));
        });
    }
}
