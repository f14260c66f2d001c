<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\Recording;
use App\Models\Build\KitLine;
use App\Models\People\Person;
use Regimen\Costing\KitState;

/** What is written off has to be bought again: a new kit line, needed, at the share of the old one's cost. */
final readonly class ReplacePart
{
    public function __construct(private Recording $recording, private UseMaterial $useMaterial)
    {
    }

    public function __invoke(Person $by, KitLine $line, int $version, float $quantity, string $because): void
    {
        $this->recording->keep(function () use ($by, $line, $version, $quantity, $because): void {
            ($this->useMaterial)($by, $line, $version, $quantity, $because);
            KitLine::query()->create([
                ...$line->only(['build_id', 'group', 'unit', 'supplier', 'lead_days']),
                'name' => str_contains($line->name, ', again') ? $line->name : "{$line->name}, again",
                'quantity' => $quantity,
                'estimated_minor' => (int) round($line->costMinor() * $quantity / $line->quantity),
                'state' => $line->lead_days === 0 ? KitState::Arrived : KitState::Needed,
            ]);
            $this->recording->log($line->build, $by, 'kit', "Needed again: {$line->name}.");
            $this->recording->planAnew("{$line->name} spoiled on {$line->build->number}");
        });
    }
}
