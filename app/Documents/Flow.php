<?php

declare(strict_types=1);

namespace App\Documents;

/** Lines down a sheet, and down the next one when it is full; each sheet says at its foot what it is and which. */
final class Flow
{
    public const LEFT = 14.0;

    public const LINE = 4.0;

    private const TOP = 18.0;

    private const FOOT = 20.0;

    /** Where the next line stands, in mm from the top. */
    public float $y = self::TOP;

    public readonly float $width;

    private readonly float $height;

    private int $sheet = 0;

    /** @param  string  $running  what the sheets are, at the foot of each */
    public function __construct(
        public readonly Canvas $canvas,
        Paper $paper,
        private readonly string $running,
        private readonly string $day,
    ) {
        [$this->width, $this->height] = $paper->size();
        $this->next();
    }

    /** Goes on to the next sheet unless there is room for so many millimetres. */
    public function room(float $wanted): void
    {
        if ($this->y + $wanted > $this->height - self::FOOT) {
            $this->next();
        }
    }

    public function next(): void
    {
        $this->canvas->pdf->AddPage();
        $this->sheet++;
        $this->y = self::TOP;
        $this->canvas->words(
            "{$this->running} · sheet {$this->sheet} · {$this->day}", self::LEFT, $this->height - 9, Columns::TEXT,
        );
    }

    public function title(string $words): void
    {
        $this->canvas->heading($words, self::LEFT, $this->y, 16);
        $this->y += 7.0;
    }

    /** A heading that stays with what follows it. */
    public function heading(string $words, float $with = 20.0): void
    {
        $this->room($with);
        $this->y += 3.0;
        $this->canvas->heading($words, self::LEFT, $this->y, 12);
        $this->y += 6.0;
    }

    public function sentence(string $words): void
    {
        foreach ($this->canvas->wrapped($words, Columns::TEXT, $this->right() - self::LEFT) as $line) {
            $this->room(self::LINE);
            $this->canvas->words($line, self::LEFT, $this->y, Columns::TEXT);
            $this->y += self::LINE;
        }
        $this->y += 1.2;
    }

    /** The same distance from the right as the lines have from the left. */
    public function right(): float
    {
        return $this->width - self::LEFT;
    }

    /** An empty box to tick, or one that is ticked, on the line. */
    public function box(float $x, bool $ticked = false): void
    {
        $y = $this->y - 3.0;
        $this->canvas->pdf->setLineStyle(['width' => 0.25, 'color' => [34, 32, 27], 'dash' => 0]);
        $this->canvas->pdf->Rect($x, $y, 3.4, 3.4);
        if ($ticked) {
            $this->canvas->pdf->Line($x, $y, $x + 3.4, $y + 3.4);
            $this->canvas->pdf->Line($x, $y + 3.4, $x + 3.4, $y);
        }
    }
}
