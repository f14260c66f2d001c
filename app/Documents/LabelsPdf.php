<?php

declare(strict_types=1);

namespace App\Documents;

use App\Pages\Parts\Label;
use App\Support\Clock;

/** Labels for boards, blanks, pieces, parts and drawers: on a sheet that is cut or peeled, or one after the other from a roll. */
final readonly class LabelsPdf
{
    /** Columns and rows on a sheet; 70 × 37 mm on A4, about as large on Letter. */
    private const COLUMNS = 3;

    private const ROWS = 8;

    /** What a roll carries, in millimetres. */
    private const ROLL = [62.0, 32.0];

    private const AROUND = 3.0;

    private const WORDS = 11.0;

    private const UNDER = 8.0;

    public function __construct(private Clock $clock)
    {
    }

    /** @param  list<Label>  $labels */
    public function sheet(array $labels, Paper $paper): string
    {
        $canvas = new Canvas('Labels', $paper, 'P', $this->clock->now()->getTimestamp());
        [$width, $height] = $paper->size();
        [$wide, $high] = [$width / self::COLUMNS, $height / self::ROWS];
        foreach ($labels as $at => $label) {
            $on = $at % (self::COLUMNS * self::ROWS);
            if ($on === 0) {
                $canvas->pdf->AddPage();
            }
            $this->label($canvas, $label, $on % self::COLUMNS * $wide, intdiv($on, self::COLUMNS) * $high, $wide, $high);
        }

        return $canvas->output();
    }

    /** @param  list<Label>  $labels */
    public function roll(array $labels): string
    {
        $canvas = new Canvas('Labels', Paper::A4, 'P', $this->clock->now()->getTimestamp());
        foreach ($labels as $label) {
            $canvas->pdf->AddPage('L', [self::ROLL[1], self::ROLL[0]]);
            $this->label($canvas, $label, 0, 0, ...self::ROLL);
        }

        return $canvas->output();
    }

    private function label(Canvas $canvas, Label $label, float $x, float $y, float $wide, float $high): void
    {
        $side = min(25.0, $high - 2 * self::AROUND);
        $canvas->pdf->squareCode($label->address(), $x + self::AROUND, $y + ($high - $side) / 2, $side);
        $left = $x + 2 * self::AROUND + $side;
        $room = $wide - $side - 3 * self::AROUND;
        $line = $y + self::AROUND + 5;
        foreach (array_slice($canvas->wrapped($label->words, self::WORDS, $room), 0, 3) as $words) {
            $canvas->heading($words, $left, $line, self::WORDS);
            $line += 4.6;
        }
        foreach (array_slice($canvas->wrapped($label->under, self::UNDER, $room), 0, 3) as $words) {
            $canvas->words($words, $left, $line, self::UNDER);
            $line += 3.6;
        }
    }
}
