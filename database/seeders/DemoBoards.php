<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Build\Build;
use App\Models\Stores\Board;
use App\Models\Stores\BoardDefect;
use App\Models\Stores\BoardReading;
use Carbon\CarbonImmutable;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Regimen\Stores\DefectKind;
use Regimen\Timber\Species;

/** Twenty-five boards in the demo shop’s rack, most of them settled. All of it invented. */
final class DemoBoards
{
    /** Timber, length, width, thickness, cost in cents, cut, weeks ago, figure. */
    private const BOARDS = [
        ['black walnut', 2_310, 285, 52, 21_400, 'flat-sawn', 12, ''], ['black walnut', 1_860, 240, 52, 16_200, 'flat-sawn', 12, 'some curl'],
        ['red alder', 2_450, 210, 52, 9_800, 'flat-sawn', 30, ''], ['red alder', 2_440, 190, 52, 8_900, 'flat-sawn', 30, ''], ['red alder', 1_220, 230, 54, 6_100, 'flat-sawn', 4, ''],
        ['white ash', 2_100, 220, 54, 13_800, 'flat-sawn', 20, ''], ['white ash', 2_080, 205, 54, 12_900, 'flat-sawn', 3, 'light'],
        ['limba', 2_300, 250, 54, 19_600, 'rift-sawn', 16, 'black streaks'], ['black cherry', 1_950, 230, 52, 12_400, 'flat-sawn', 26, ''],
        ['true mahogany', 2_200, 300, 58, 31_000, 'flat-sawn', 60, ''], ['true mahogany', 1_400, 110, 76, 14_500, 'quarter-sawn', 60, ''],
        ['sugar maple', 2_000, 120, 40, 9_900, 'quarter-sawn', 40, ''], ['sugar maple', 1_900, 115, 40, 9_100, 'quarter-sawn', 40, ''], ['sugar maple', 1_850, 210, 32, 11_800, 'flat-sawn', 2, 'some flame'],
        ['sugar maple', 820, 130, 12, 3_400, 'quarter-sawn', 34, ''], ['bigleaf maple', 1_150, 205, 32, 26_500, 'flat-sawn', 18, 'quilted'], ['bigleaf maple', 1_100, 190, 28, 18_900, 'flat-sawn', 5, 'flamed'],
        ['Indian rosewood', 780, 160, 13, 7_600, 'quarter-sawn', 52, ''], ['Indian rosewood', 560, 76, 9, 3_200, 'quarter-sawn', 52, ''], ['Indian rosewood', 1_600, 140, 28, 19_800, 'flat-sawn', 6, ''],
        ['African ebony', 620, 82, 12, 6_900, 'quarter-sawn', 70, ''], ['African ebony', 560, 70, 10, 5_400, 'flat-sawn', 70, ''],
        ['Sitka spruce', 1_300, 220, 30, 9_400, 'quarter-sawn', 44, ''], ['okoume', 2_150, 260, 52, 8_700, 'flat-sawn', 15, ''], ['yellow-poplar', 1_700, 200, 52, 4_100, 'flat-sawn', 1, ''],
    ];

    private const PROTECTED = ['Indian rosewood', 'true mahogany'];

    public function run(CarbonImmutable $now): void
    {
        $this->papers();
        $draw = new Randomizer(new Mt19937(1891));
        foreach (self::BOARDS as $number => [$species, $length, $width, $thickness, $cents, $cut, $weeks, $figure]) {
            $bought = $now->subWeeks($weeks);
            $board = Board::query()->create([
                'species' => $species, 'length_tenths' => 10 * $length, 'width_tenths' => 10 * $width, 'thickness_tenths' => 10 * $thickness, 'cost_minor' => $cents,
                'supplier' => ['the yard at the mill', 'the yard by the canal', 'a piano maker’s estate'][$number % 3], 'bought_on' => $bought->toDateString(),
                'place' => 'rack '.chr(65 + intdiv($number, 9)).', '.(1 + $number % 9), 'cut' => $cut, 'figure' => $figure, 'origin' => '',
                'papers' => in_array($species, self::PROTECTED, true) ? 'invoice with the lot’s number' : '', 'note' => '', 'person_id' => 1, 'at' => $bought,
            ]);
            $this->readings($board, $bought, $now, 11.5 + $draw->getInt(0, 30) / 10, $draw->getInt(12, 26), $length * $width * $thickness * Species::named($species)->density() * 1e-6 * $draw->getInt(93, 107) / 100);
            if ($number % 3 === 0) {
                BoardDefect::query()->create([
                    'board_id' => $board->id, 'kind' => DefectKind::cases()[$number % 4], 'from_tenths' => 10 * intdiv($length, 3), 'across_tenths' => 10 * intdiv($width, 5),
                    'length_tenths' => 10 * min(90, intdiv($length, 8)), 'width_tenths' => 10 * intdiv($width, 6), 'person_id' => 1, 'at' => $bought,
                ]);
            }
        }
    }

    /** What was finished long ago has its papers in the folder. */
    private function papers(): void
    {
        Build::query()->where('number', '<=', 30)->update(['papers' => 'the lot’s invoice, in the folder']);
    }

    /** Three in the first weeks, on their way to eight and a half per cent. */
    private function readings(Board $board, CarbonImmutable $bought, CarbonImmutable $now, float $first, int $tau, float $grams): void
    {
        foreach ([0, 9, 23] as $days) {
            $at = $bought->addDays($days)->setTime(8, 40);
            if ($at < $now) {
                $moisture = 8.5 + ($first - 8.5) * exp(-$days / $tau);
                BoardReading::query()->create([
                    'board_id' => $board->id, 'moisture_hundredths' => (int) round($moisture * 10) * 10, 'grams' => $days === 0 ? (int) round($grams) : null, 'person_id' => 1, 'at' => $at,
                ]);
            }
        }
    }
}
