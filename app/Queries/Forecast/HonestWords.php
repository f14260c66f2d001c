<?php

declare(strict_types=1);

namespace App\Queries\Forecast;

use App\Pages\Forecast\Honest;
use App\Pages\Forecast\HonestPoint;
use App\Planning\Forecast\PastForecasts;
use App\Planning\Forecast\ShopDoubts;
use App\Support\Say;

/** How good forecasts were, in two sentences and a small picture. */
final readonly class HonestWords
{
    public function __construct(private PastForecasts $past, private ShopDoubts $doubts)
    {
    }

    public function all(): Honest
    {
        $past = $this->past->calibration();
        $shop = $this->doubts->ratios()->shop();
        $takes = $shop->n === 0 ? 'Nothing has been learned from hours yet; the house’s three points are taken.'
            : 'Work takes '.number_format($shop->median(), 2).' × what is estimated ('.Say::count($shop->n, 'operation').'); the chances know that.';

        return new Honest(
            $past->n === 0 ? "No build that was forecast is over yet. {$takes}"
                : 'Of '.Say::count($past->n, 'build').' that are over the 80 % date held '.((int) round($past->n * (float) $past->by(80)))." times. {$takes}",
            array_map(static fn (array $one): HonestPoint => new HonestPoint($one['given'], $one['held'], $one['n']), $past->curve()),
        );
    }
}
