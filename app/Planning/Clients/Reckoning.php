<?php

declare(strict_types=1);

namespace App\Planning\Clients;

use App\Planning\Forecast\DraftChances;
use App\Planning\Route\Drafting;
use App\Planning\Specification\Revisions;
use Regimen\Costing\UnknownPrice;
use Regimen\Forecast\Simulation\BuildOutcome;
use Regimen\Instrument\Reading\SpecificationReader;
use Regimen\Route\Standards\UnknownStandard;
use Regimen\Schedule\Time\NoWorkingTime;

/** Works out what somebody would like: hours, material, price, weight, and when it would be ready with which chance. */
final readonly class Reckoning
{
    public function __construct(private Revisions $revisions, private Drafting $drafting, private DraftChances $chances)
    {
    }

    /**
     * @param  array<string, mixed>  $typed
     * @return Reckoned|string what is wrong with it, in words
     */
    public function of(array $typed, ?int $model): Reckoned|string
    {
        $read = SpecificationReader::read($typed, $this->revisions->house($typed, $model));
        if ($read->specification === null) {
            return implode(' ', $read->problems);
        }
        try {
            $draft = $this->drafting->draft($read->specification);
            $grams = $this->revisions->workings($read)->mass()->total();
        } catch (UnknownPrice|UnknownStandard $missing) {
            return $missing->getMessage();
        }

        return new Reckoned($read, $draft, $read->specification->routeLacks() === '' ? $draft->quote->price : null, $grams);
    }

    /** Behind everything promised and quoted; null where nobody can say. */
    public function chances(Reckoned $reckoned): ?BuildOutcome
    {
        try {
            return $this->chances->of($reckoned->draft);
        } catch (NoWorkingTime) {
            return null;
        }
    }
}
