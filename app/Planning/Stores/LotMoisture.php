<?php

declare(strict_types=1);

namespace App\Planning\Stores;

use App\Models\Stores\Board;
use App\Models\Stores\BoardReading;
use App\Planning\Problem\Air;
use Illuminate\Database\Eloquent\Collection;
use Regimen\Timber\BalanceMoisture;
use Regimen\Timber\Settling;

/** How boards come to the balance of the shop’s air, by their own readings and by what the house has learned of their timber. */
final class LotMoisture
{
    private ?float $balance = null;

    /** @var array<string, float>|null by species */
    private ?array $learned = null;

    public function __construct(private readonly Air $air)
    {
    }

    /** What timber comes to in the air of the last days, in % (CALCULATIONS T1). */
    public function balance(): float
    {
        $air = $this->air->lately();

        return $this->balance ??= BalanceMoisture::percent($air->temperature, $air->humidity);
    }

    /** @param  Board  $board  with its readings */
    public function of(Board $board): ?Settling
    {
        $told = self::told($board->readings);

        return $told === [] ? null : Settling::of($told, $this->balance(), $this->tau($board->species));
    }

    /** τ of a timber in this house: the median of what its boards tell, or the usual one. */
    public function tau(string $species): float
    {
        return $this->learned()[$species] ?? Settling::USUAL_TAU;
    }

    public function isLearned(string $species): bool
    {
        return isset($this->learned()[$species]);
    }

    /**
     * Days since 1970 and moisture; by weight where it was weighed and read before.
     *
     * @param  Collection<int, BoardReading>  $readings  the earliest first
     * @return list<array{float, float}>
     */
    public static function told(Collection $readings): array
    {
        $both = $readings->first(static fn (BoardReading $one): bool => $one->moisture_hundredths !== null && $one->grams !== null);
        $told = [];
        foreach ($readings as $one) {
            $moisture = match (true) {
                $one->moisture_hundredths !== null => $one->moisture_hundredths / 100,
                $both !== null && $one->grams !== null => Settling::byWeight((float) $one->grams, (float) $both->grams, $both->moisture_hundredths / 100),
                default => null,
            };
            if ($moisture !== null) {
                $told[] = [$one->at->getTimestamp() / 86_400, $moisture];
            }
        }

        return $told;
    }

    /** @return array<string, float> */
    private function learned(): array
    {
        if ($this->learned === null) {
            $taus = [];
            foreach (Board::query()->with('readings')->get() as $board) {
                $told = self::told($board->readings);
                $settling = count($told) < 2 ? null : Settling::of($told, $this->balance());
                if ($settling?->isOwn === true) {
                    $taus[$board->species][] = $settling->tau;
                }
            }
            $this->learned = array_map(self::median(...), $taus);
        }

        return $this->learned;
    }

    /** @param  non-empty-list<float>  $values */
    private static function median(array $values): float
    {
        sort($values);
        $middle = intdiv(count($values), 2);

        return count($values) % 2 === 1 ? $values[$middle] : ($values[$middle - 1] + $values[$middle]) / 2;
    }
}
