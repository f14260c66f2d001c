<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Models\Build\KitLine;
use App\Models\People\Person;
use App\Planning\Plan\Planner;
use App\Support\Logbook;
use Illuminate\Support\Facades\DB;
use Regimen\Costing\KitState;

/** What is written off has to be had again: a new kit line, needed, at the share of the old one's cost. */
final readonly class ReplacePart
{
    public function __construct(private UseMaterial $useMaterial, private Planner $planner, private Logbook $logbook)
    {
    }

    public function __invoke(Person $by, KitLine $line, int $version, float $quantity, string $because): void
    {
        DB::transaction(function () use ($by, $line, $version, $quantity, $because): void {
            ($this->useMaterial)($by, $line, $version, $quantity, $because);
            KitLine::query()->create([
                ...$line->only(['build_id', 'group', 'unit', 'supplier', 'lead_days']),
                'name' => str_contains($line->name, ', again') ? $line->name : "{$line->name}, again",
                'quantity' => $quantity,
                'estimated_minor' => (int) round($line->costMinor() * $quantity / $line->quantity),
                'state' => $line->lead_days === 0 ? KitState::Arrived : KitState::Needed,
            ]);
            $this->logbook->write($line->build, $by, 'kit', "Needed again: {$line->name}.");
            $this->planner->replan("{$line->name} spoiled on {$line->build->number}");
        });
    }
}
