<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\Recording;
use App\Models\Build\KitLine;
use App\Models\People\Person;
use App\Support\Refused;
use App\Support\Say;
use Regimen\Costing\KitState;

/** Takes a quantity from the kit: into the instrument, or, with a reason, written off as spoiled. */
final readonly class UseMaterial
{
    public function __construct(private Recording $recording)
    {
    }

    /** @param  string|null  $spoiledBecause  written off with this reason rather than used */
    public function __invoke(
        Person $by,
        KitLine $line,
        int $version,
        float $quantity,
        ?string $spoiledBecause = null,
    ): void {
        $this->recording->keep(function () use ($by, $line, $version, $quantity, $spoiledBecause): void {
            Refused::ifStale($line->version, $version, "“{$line->name}”");
            if (! $line->state->isInTheShop()) {
                throw Refused::because(
                    "“{$line->name}” has not arrived, so nothing of it can be used yet.", 'quantity',
                );
            }
            if ($quantity > $line->left()) {
                throw Refused::because(
                    Say::amount($line->left(), $line->unit)." of “{$line->name}” left; ".Say::figure($quantity, 3)
                        .' cannot be taken.',
                    'quantity',
                );
            }
            $column = $spoiledBecause === null ? 'used' : 'written_off';
            $line->fill(
                [$column => round($line->getAttribute($column) + $quantity, 3), 'version' => $line->version + 1],
            );
            $line->state = $line->left() <= 0 ? KitState::Used : KitState::Arrived;
            $line->save();
            $amount = Say::amount($quantity, $line->unit)." of {$line->name}";
            $this->recording->log(
                $line->build,
                $by,
                'kit',
                $spoiledBecause === null ? "Used: {$amount}." : "Written off: {$amount}: {$spoiledBecause}",
            );
        });
    }
}
