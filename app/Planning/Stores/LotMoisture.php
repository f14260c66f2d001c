<?php

declare(strict_types=1);

namespace App\Planning\Stores;

use App\Models\Stores\Blank;
use App\Models\Stores\Board;
use App\Models\Stores\BoardReading;
use App\Planning\Problem\Air;
use App\Support\Kept;
use Illuminate\Database\Eloquent\Collection;
use Regimen\Timber\BalanceMoisture;
use Regimen\Timber\Settling;

/** How boards come to the balance of the shop’s air, by their own readings and by what the house has learned of their timber. */
final class LotMoisture
{
    /** Boards that tell how timber settles here. */
    private const LEARNED_FROM = 200;

    private ?float $balance = null;

    /** @var array<string, float>|null by what settles alike */
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

    /** @param  Board  $board  with its readings and those of the lot that it is left of */
    public function of(Board $board): ?Settling
    {
        return $this->settling($board, self::told($board->readings));
    }

    /** @param  Blank  $blank  with its readings and its board */
    public function ofBlank(Blank $blank): ?Settling
    {
        return $this->settling($blank->board, self::told($blank->readings), $blank->thickness_tenths);
    }

    /**
     * By what was read of it, or of what it was cut from.
     *
     * @param  list<array{float, float}>  $told
     */
    private function settling(Board $board, array $told, ?int $tenths = null): ?Settling
    {
        $told = $told !== [] ? $told : self::told($board->readings);
        $told = $told !== [] || $board->lot === null ? $told : self::told($board->lot->readings);

        return $told === [] ? null : Settling::of($told, $this->balance(), $this->tau($board->species, $tenths ?? $board->thickness_tenths));
    }

    /** τ of a timber in this house: the median of what its boards of about that thickness tell, or the usual one. */
    public function tau(string $species, int $tenths): float
    {
        return $this->learned()[self::likes($species, $tenths)] ?? Settling::USUAL_TAU;
    }

    public function isLearned(string $species, int $tenths): bool
    {
        return isset($this->learned()[self::likes($species, $tenths)]);
    }

    /** What settles alike: the same timber, thin, middling or thick (house convention: up to 15 mm, up to 35 mm, above). */
    private static function likes(string $species, int $tenths): string
    {
        return $species.match (true) {
            $tenths <= 150 => ', thin', $tenths <= 350 => ', middling', default => ', thick',
        };
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

    /**
     * Of the boards that were read last, worked out again when something was read or the balance has moved.
     *
     * @return array<string, float>
     */
    private function learned(): array
    {
        if ($this->learned === null) {
            $read = BoardReading::query()->selectRaw('max(id) AS last, count(struck_at) AS struck, sum(moisture_hundredths) AS moisture')->toBase()->first();
            $this->learned = Kept::of('tau', json_encode([$read, round($this->balance(), 1)], JSON_THROW_ON_ERROR), $this->ofBoards(...), days: 2);
        }

        return $this->learned;
    }

    /** @return array<string, float> */
    private function ofBoards(): array
    {
        $last = BoardReading::query()->whereNull('struck_at')->whereNull('blank_id')->groupBy('board_id')->havingRaw('count(*) > 1')->orderByDesc('board_id')->limit(self::LEARNED_FROM)->pluck('board_id');
        $taus = [];
        foreach (Board::query()->whereKey($last)->with('readings')->get() as $board) {
            $told = self::told($board->readings);
            $settling = count($told) < 2 ? null : Settling::of($told, round($this->balance(), 1));
            if ($settling?->isOwn === true) {
                $taus[self::likes($board->species, $board->thickness_tenths)][] = $settling->tau;
            }
        }

        return array_map(self::median(...), $taus);
    }

    /** @param  non-empty-list<float>  $values */
    private static function median(array $values): float
    {
        sort($values);
        $middle = intdiv(count($values), 2);

        return count($values) % 2 === 1 ? $values[$middle] : ($values[$middle - 1] + $values[$middle]) / 2;
    }
}
