<?php

declare(strict_types=1);

namespace App\Documents;

use Regimen\Drawing\View;

/** A template at 1:1 on as many sheets as it takes, with marks to join them and bars to check the printer by. */
final class TemplatePdf
{
    private const MARGIN = 10.0;

    /** At the foot of each sheet: the bars and the sheet's number. */
    private const FOOT = 18.0;

    /** Sheets overlap by so much, to be glued. */
    private const OVERLAP = 10.0;

    public static function write(View $view, string $title, Paper $paper, int $timestamp): string
    {
        $along = $view->along();
        $across = $view->across();
        [$short, $long] = $paper->size();
        $lying = $along->length() > $across->length();
        [$width, $height] = $lying ? [$long, $short] : [$short, $long];
        $roomX = $width - 2 * self::MARGIN;
        $roomY = $height - 2 * self::MARGIN - self::FOOT;
        $columns = self::sheets($along->length() + 4, $roomX);
        $rows = self::sheets($across->length() + 4, $roomY);
        $canvas = new Canvas($title, $paper, $lying ? 'L' : 'P', $timestamp);
        for ($row = 0; $row < $rows; $row++) {
            for ($column = 0; $column < $columns; $column++) {
                $canvas->pdf->AddPage();
                $canvas->pdf->StartTransform();
                $canvas->pdf->Rect(self::MARGIN, self::MARGIN, $roomX, $roomY, 'CNZ');
                $canvas->draw(
                    $view, self::MARGIN + 2 - $along->from - $column * ($roomX - self::OVERLAP),
                    self::MARGIN + 2 - $across->from - $row * ($roomY - self::OVERLAP),
                    window: [self::MARGIN, self::MARGIN, self::MARGIN + $roomX, self::MARGIN + $roomY],
                );
                $canvas->pdf->StopTransform();
                self::marks($canvas, $roomX, $roomY, $column > 0, $column < $columns - 1, $row > 0, $row < $rows - 1);
                self::foot(
                    $canvas,
                    $width,
                    $height,
                    $title.' · 1:1 · sheet '.($row * $columns + $column + 1).' of '.($rows * $columns)
                        .($rows > 1 ? ', row '.($row + 1) : ''),
                );
            }
        }

        return $canvas->output();
    }

    private static function sheets(float $length, float $room): int
    {
        return (int) max(1, ceil(($length - self::OVERLAP) / ($room - self::OVERLAP)));
    }

    /** Where a neighbouring sheet begins to cover this one. */
    private static function marks(
        Canvas $canvas,
        float $roomX,
        float $roomY,
        bool $left,
        bool $right,
        bool $above,
        bool $below,
    ): void {
        $canvas->pdf->setLineStyle(['width' => 0.1, 'color' => [107, 100, 85], 'dash' => '1,1']);
        $x = array_filter(
            [
                $left ? self::MARGIN + self::OVERLAP / 2 : null,
                $right ? self::MARGIN + $roomX - self::OVERLAP / 2 : null,
            ],
        );
        $y = array_filter(
            [
                $above ? self::MARGIN + self::OVERLAP / 2 : null,
                $below ? self::MARGIN + $roomY - self::OVERLAP / 2 : null,
            ],
        );
        foreach ($x as $at) {
            $canvas->pdf->Line($at, self::MARGIN, $at, self::MARGIN + $roomY);
        }
        foreach ($y as $at) {
            $canvas->pdf->Line(self::MARGIN, $at, self::MARGIN + $roomX, $at);
        }
    }

    private static function foot(Canvas $canvas, float $width, float $height, string $words): void
    {
        $y = $height - self::MARGIN - 4;
        foreach ([[self::MARGIN, 100.0, '100 mm'], [self::MARGIN + 106, 101.6, '4 in']] as [$x, $length, $name]) {
            $canvas->pdf->setLineStyle(['width' => 0.3, 'color' => [34, 32, 27], 'dash' => 0]);
            if ($x + $length > $width - self::MARGIN) {
                $x = self::MARGIN;
                $y -= 8;
            }
            $canvas->pdf->Line($x, $y, $x + $length, $y);
            $canvas->pdf->Line($x, $y - 2, $x, $y + 2);
            $canvas->pdf->Line($x + $length, $y - 2, $x + $length, $y + 2);
            $canvas->words($name, $x + $length / 2, $y - 0.8, Columns::TEXT, 'middle');
        }
        $canvas->words($words.' · print at 100 %, and measure the bars', self::MARGIN, $height - self::MARGIN + 3, Columns::TEXT);
    }
}
