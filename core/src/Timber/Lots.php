<?php

declare(strict_types=1);

namespace Regimen\Timber;

/** Of what lots an instrument is made: their densities stand for the species' mean (CALCULATIONS I4). */
final readonly class Lots
{
    /** @param  array<string, LotDensity>  $known  by piece: `neck`, `fretboard`, `layer.0` from the top */
    public function __construct(private array $known = [])
    {
    }

    /**
     * Of the lot that a piece is cut from, where it was weighed and is of that timber still; else of the species. In kg/m³.
     *
     * @param  float  $moisture  % of the dry mass
     */
    public function density(string $piece, Species $timber, float $moisture): float
    {
        $lot = $this->of($piece, $timber);

        return $lot === null ? $timber->density($moisture) : $lot->at($moisture);
    }

    public function of(string $piece, Species $timber): ?LotDensity
    {
        $lot = $this->known[$piece] ?? null;

        return $lot?->species === $timber->name ? $lot : null;
    }

    public function isEmpty(): bool
    {
        return $this->known === [];
    }

    /** All that it says, as a text to keep what is worked out of it by. */
    public function text(): string
    {
        return serialize($this->known);
    }
}
