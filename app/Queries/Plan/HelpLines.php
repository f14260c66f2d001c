<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Models\Build\Build;
use App\Pages\Plan\HelpGain;
use App\Pages\Plan\HelpLine;
use App\Planning\Plan\Helping;
use Closure;
use Illuminate\Support\Collection;
use Regimen\Schedule\Policy\Gain;
use Regimen\Schedule\Policy\Help;
use Regimen\Schedule\Problem\BuildId;

/** What would help, in words, with the change that makes it so. */
final readonly class HelpLines
{
    public function __construct(
        private Helping $helping,
        private VariationWords $words,
    ) {
    }

    /**
     * @param  (Closure(int, int): void)|null  $progress  told how many were tried of how many
     * @return list<HelpLine> the most helpful first
     */
    public function ranked(?Closure $progress = null): array
    {
        $helps = $this->helping->ranked($progress);
        if ($helps === []) {
            return [];
        }
        $builds = Build::query()->open()->orderBy('number')->get()->keyBy('id');

        return array_map(fn (Help $help): HelpLine => $this->words->line(
            $help->variation, array_map(static fn (Gain $gain): HelpGain => self::gain($gain, $builds), $help->gains),
        ), $helps);
    }

    /**
     * @param  Collection<int, Build>  $builds
     */
    private static function gain(Gain $gain, Collection $builds): HelpGain
    {
        $build = $builds->get(BuildId::recordOf($gain->build) ?? 0);

        return new HelpGain(
            number: (int) $build?->number,
            title: (string) $build?->title,
            before: $gain->before,
            after: $gain->after,
            late: $gain->late,
        );
    }
}
